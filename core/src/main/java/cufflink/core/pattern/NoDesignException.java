package cufflink.core.pattern;

import cufflink.core.expression.Place;
import cufflink.core.words.Message;

/**
 * Carries out of the depth of an evaluation why there is no design; it never leaves this package.
 */
final class NoDesignException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Place place;
  private final transient Message sentence;

  NoDesignException(Place place, Message sentence) {
    super(sentence.key(), null, false, false);
    this.sentence = sentence;
    this.place = place;
  }

  Message sentence() {
    return sentence;
  }

  /** Returns where in the file the reason stands. */
  Place place() {
    return place;
  }
}

package cufflink.core.pattern;

import cufflink.core.expression.Formula;
import cufflink.core.words.Message;
import java.util.Optional;

/**
 * Carries out of the depth of an evaluation why there is no design; it never leaves this package.
 */
final class NoDesignException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Optional<Entry.Place> place;
  private final transient Optional<Formula> formula;
  private final transient Message sentence;

  NoDesignException(Entry.Place place, Message sentence) {
    super(sentence.key(), null, false, false);
    this.sentence = sentence;
    this.place = Optional.of(place);
    this.formula = Optional.empty();
  }

  NoDesignException(Formula formula, Message sentence) {
    super(sentence.key(), null, false, false);
    this.sentence = sentence;
    this.place = Optional.empty();
    this.formula = Optional.of(formula);
  }

  Message sentence() {
    return sentence;
  }

  /** Returns where in the file the reason stands. */
  Entry.Place place(Entry root) {
    return place
        .or(() -> formula.flatMap(text -> find(text.toString(), root)))
        .orElse(root.place());
  }

  private static Optional<Entry.Place> find(String text, Entry entry) {
    if (entry instanceof Entry.Text leaf) {
      return leaf.text().strip().equals(text) ? Optional.of(leaf.place()) : Optional.empty();
    }
    var parts =
        entry instanceof Entry.Group group ? group.parts().values() : ((Entry.Items) entry).parts();
    return parts.stream().flatMap(part -> find(text, part).stream()).findFirst();
  }
}

package cufflink.core.expression;

import java.util.Objects;

/** What a formula can come to: an amount, a yes or no, or a word. */
public sealed interface Value permits Ratio, Value.Truth, Value.Word {

  /** Yes or no. */
  enum Truth implements Value {
    /** The statement holds. */
    YES,
    /** The statement does not hold. */
    NO;

    static Truth of(boolean holds) {
      return holds ? YES : NO;
    }
  }

  /**
   * One of several choices.
   *
   * @param text the choice's name
   */
  record Word(String text) implements Value {
    /** Checks that there is a word. */
    public Word {
      Objects.requireNonNull(text);
    }
  }
}

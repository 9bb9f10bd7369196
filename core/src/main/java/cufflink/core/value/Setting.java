package cufflink.core.value;

import cufflink.core.measure.Length;

/** What a maker has chosen for one parameter of a pattern. */
public sealed interface Setting {

  /**
   * A length.
   *
   * @param length the length
   */
  record OfLength(Length length) implements Setting {
    /** Returns the length as a maker may write it, such as "12.5 mm". */
    @Override
    public String toString() {
      return length.toString();
    }
  }

  /**
   * How many of something.
   *
   * @param count the number
   */
  record OfCount(long count) implements Setting {
    /** Returns the number. */
    @Override
    public String toString() {
      return Long.toString(count);
    }
  }

  /**
   * One of several choices.
   *
   * @param name the choice's name in the pattern file
   */
  record OfChoice(String name) implements Setting {
    /** Returns the word. */
    @Override
    public String toString() {
      return name;
    }
  }
}

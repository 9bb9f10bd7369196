package cufflink.core.value;

import cufflink.core.measure.Length;

/** What a maker has chosen for one parameter of a pattern. */
public sealed interface Setting {

  /**
   * A length.
   *
   * @param length the length
   */
  record OfLength(Length length) implements Setting {}

  /**
   * How many of something.
   *
   * @param count the number
   */
  record OfCount(long count) implements Setting {}

  /**
   * One of several choices.
   *
   * @param name the choice's name in the pattern file
   */
  record OfChoice(String name) implements Setting {}
}

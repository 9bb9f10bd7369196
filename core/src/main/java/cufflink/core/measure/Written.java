package cufflink.core.measure;

import cufflink.core.words.Detail;
import cufflink.core.words.Message;
import java.util.Optional;

/**
 * A length that is written otherwise than a size to cut.
 *
 * @param length the length
 * @param style how it is written
 * @param marks the marks it is written on, if not the reader's
 */
public record Written(Length length, Style style, Optional<Marks> marks) implements Detail {
  /** How a length is written. */
  public enum Style {
    /** On the nearest mark, since it is no size to cut. */
    ROUGH,
    /** With a sign instead of words for what is off the mark. */
    BRIEF,
    /** Finer than the marks, or as a hair. */
    REMAINDER,
    /** With its unit. */
    WITH_UNIT
  }

  /**
   * Returns a length that is no size to cut.
   *
   * @param length zero or more
   * @return it, to be said on the nearest mark
   */
  public static Written rough(Length length) {
    return new Written(length, Style.ROUGH, Optional.empty());
  }

  /**
   * Returns a length for a drawing.
   *
   * @param length any length
   * @return it, without words
   */
  public static Written brief(Length length) {
    return new Written(length, Style.BRIEF, Optional.empty());
  }

  /**
   * Returns a size as a piece lies.
   *
   * @param width the side along the top
   * @param height the other side
   * @return the two with a multiplication sign between them
   */
  public static Message size(Length width, Length height) {
    return Message.of("length.size", width, height);
  }

  /**
   * Returns a size for a drawing.
   *
   * @param width the side along the top
   * @param height the other side
   * @return the two without words
   */
  public static Message briefSize(Length width, Length height) {
    return Message.of("length.size", brief(width), brief(height));
  }
}

package cufflink.core.scene;

/** Tells how wide a text is when it is set. */
@FunctionalInterface
public interface TextMeasure {
  /** A cautious guess for tabular digits, where no font is at hand. */
  TextMeasure GUESS = (text, size) -> text.length() * size * 0.56;

  /**
   * Returns the width of a text.
   *
   * @param text the text
   * @param size the letter height in surface units, above zero
   * @return the width in surface units
   */
  double width(String text, double size);
}

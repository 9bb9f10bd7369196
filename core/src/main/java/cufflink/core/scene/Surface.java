package cufflink.core.scene;

import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.words.Message;

/**
 * What a drawing is made for.
 *
 * @param width the width in surface units
 * @param height the height in surface units
 * @param marks the marks of the maker's ruler
 * @param format how lengths are written
 * @param measure how wide texts are
 * @param textSize the letter height of the numbers, in surface units
 */
public record Surface(
    double width,
    double height,
    Marks marks,
    LengthFormat format,
    TextMeasure measure,
    double textSize) {

  /**
   * Returns the same surface for another ruler.
   *
   * @param other how lengths are written on it
   * @return this one if that is how they are written already
   */
  public Surface speaking(LengthFormat other) {
    return other.marks().equals(marks)
        ? this
        : new Surface(width, height, other.marks(), other, measure, textSize);
  }

  /**
   * Puts a message into the words and marks of whoever looks at the drawing.
   *
   * @param message the message
   * @return the text
   */
  public String say(Message message) {
    return message.say(format);
  }
}

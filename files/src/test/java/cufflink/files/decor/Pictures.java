package cufflink.files.decor;

import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.scene.Surface;
import cufflink.files.words.Words;

/** What pictures of cards are drawn on in these tests. */
final class Pictures {
  private static final double LETTERS = 14;

  private Pictures() {}

  /** Returns a square surface. */
  static Surface square(double side) {
    return new Surface(
        side,
        side,
        Marks.MILLIMETRES,
        Words.on(Marks.MILLIMETRES, Fractions.PLAIN),
        (text, size) -> text.length() * size / 2,
        LETTERS);
  }
}

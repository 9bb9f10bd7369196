package cufflink.files.decor;

import cufflink.core.decor.Outline;
import cufflink.core.decor.Outline.Corner;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.scene.Surface;
import cufflink.files.words.Words;
import java.util.List;

/** What pictures of cards are drawn on in these tests. */
final class Pictures {
  private static final double LETTERS = 14;

  /** A house with its gable on top. */
  static final Outline HOUSE =
      new Outline(
          List.of(
              new Corner(0.5, 0),
              new Corner(1, 0.4),
              new Corner(1, 1),
              new Corner(0, 1),
              new Corner(0, 0.4)));

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

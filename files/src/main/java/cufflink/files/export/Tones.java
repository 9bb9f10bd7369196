package cufflink.files.export;

import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Fill;
import java.awt.Color;

/** The greys in which paper is printed. */
final class Tones {
  /** How bright paper is that faces away from the light. */
  private static final double SHADE = 0.75;

  private Tones() {}

  /** Returns how bright a shape is, from 0, black, to 1, white. */
  static double of(Shape shape) {
    return grey(shape.fill()) * (SHADE + (1 - SHADE) * shape.light());
  }

  /** Returns the colour of printed paper in this light. */
  static Color shaded(int colour, double light) {
    double bright = SHADE + (1 - SHADE) * light;
    Color full = new Color(colour);
    return new Color(
        (int) Math.round(full.getRed() * bright),
        (int) Math.round(full.getGreen() * bright),
        (int) Math.round(full.getBlue() * bright));
  }

  private static double grey(Fill fill) {
    return switch (fill) {
      case INSIDE, SHEET -> 1;
      case OUTSIDE -> 0.93;
      case LAYER -> 0.86;
      case GLUE -> 0.8;
      case SHADOW -> 0.9;
      case HOLE -> 1;
      case RULER -> 0.97;
      case FENCE -> 0.4;
    };
  }
}

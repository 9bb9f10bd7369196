package cufflink.core.drawing;

import cufflink.core.flat.Spot;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;

/** The small sign at a line's end on the ruler, so that its kind is told without colour. */
final class EndMark {
  private static final double SIZE = 5;

  private EndMark() {}

  /** Draws a sign: a trough for valley, a peak for mountain, a bar for decorative. */
  static void draw(Pen pen, Ink ink, Ref ref, Spot at) {
    double x = at.x();
    double y = at.y();
    switch (ink) {
      case VALLEY ->
          pen.stroke(Ink.CUT, ref, new Spot(x - SIZE, y - SIZE), at, new Spot(x + SIZE, y - SIZE));
      case MOUNTAIN ->
          pen.stroke(
              Ink.CUT, ref, new Spot(x - SIZE, y), new Spot(x, y - SIZE), new Spot(x + SIZE, y));
      default ->
          pen.stroke(Ink.DECORATIVE, ref, new Spot(x - SIZE / 2, y), new Spot(x + SIZE / 2, y));
    }
  }
}

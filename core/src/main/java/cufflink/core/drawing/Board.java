package cufflink.core.drawing;

import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import java.util.List;

/**
 * Draws the scoring board under a piece: its body, its grooves, and the fences the paper lies at.
 */
final class Board {
  private static final double OVERHANG = 8;
  private static final double FENCE = 7;
  private static final double CLOSEST = 4;

  private final Pen pen;
  private final Marks grooves;

  Board(Pen pen, Marks grooves) {
    this.pen = pen;
    this.grooves = grooves;
  }

  void draw(Lying lie) {
    double left = pen.x(0);
    double right = pen.x(lie.width().toMillimetres()) + OVERHANG;
    double top = pen.y(0);
    double bottom = pen.y(lie.height().toMillimetres()) + OVERHANG;
    box(left, top, right, bottom, Fill.RULER);
    Length step = grooves.step();
    while (step.toMillimetres() * pen.scale() < CLOSEST) {
      step = step.times(2);
    }
    for (Length at = step; pen.x(at.toMillimetres()) < right; at = at.plus(step)) {
      double x = pen.x(at.toMillimetres());
      pen.stroke(Ink.GROOVE, Ref.NONE, new Spot(x, bottom - OVERHANG), new Spot(x, bottom));
    }
    box(left - FENCE, top, left, bottom, Fill.FENCE);
  }

  private void box(double left, double top, double right, double bottom, Fill fill) {
    pen.shape(
        List.of(
            new Spot(left, top),
            new Spot(right, top),
            new Spot(right, bottom),
            new Spot(left, bottom)),
        fill,
        1,
        Ref.NONE);
  }
}

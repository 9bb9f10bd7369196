package cufflink.core.drawing;

import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.run.Hand;
import cufflink.core.run.ScoringHabit;
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
  private final Hand hand;

  Board(Pen pen, ScoringHabit habit) {
    this.pen = pen;
    this.grooves = habit.grooves();
    this.hand = habit.hand();
  }

  void draw(Lying lie) {
    boolean fenceLeft = hand == Hand.RIGHT;
    double whole = lie.width().toMillimetres();
    double left = pen.x(0) - (fenceLeft ? 0 : OVERHANG);
    double right = pen.x(whole) + (fenceLeft ? OVERHANG : 0);
    double top = pen.y(0);
    double bottom = pen.y(lie.height().toMillimetres()) + OVERHANG;
    box(left, top, right, bottom, Fill.RULER);
    Length step = grooves.step();
    while (step.toMillimetres() * pen.scale() < CLOSEST) {
      step = step.times(2);
    }
    double reach = (right - left) / pen.scale();
    for (Length at = step; at.toMillimetres() < reach; at = at.plus(step)) {
      double x = pen.x(fenceLeft ? at.toMillimetres() : whole - at.toMillimetres());
      pen.stroke(Ink.GROOVE, Ref.NONE, new Spot(x, bottom - OVERHANG), new Spot(x, bottom));
    }
    double fence = fenceLeft ? left - FENCE : right;
    box(fence, top, fence + FENCE, bottom, Fill.FENCE);
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

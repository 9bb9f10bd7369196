package cufflink.core.drawing;

import cufflink.core.card.FoldModel;
import cufflink.core.flat.Spot;
import cufflink.core.fold.Catches;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Ref;
import java.util.ArrayList;
import java.util.List;

/** Rings round the places where paper meets paper at a moment of the folding. */
public final class CatchMarks {
  /** How long before and after it a catch is shown, in stages. */
  private static final double SHOWN = 0.15;

  private static final double RADIUS = 13;
  private static final int SIDES = 20;

  private CatchMarks() {}

  /**
   * Adds rings to the drawing of a card.
   *
   * @param drawing the card at that moment
   * @param catches all its catches
   * @param moment as for {@link FoldModel#pose(double)}
   * @param aim how places of the drawing are found
   * @return the drawing with a ring for each catch about that moment
   */
  public static Drawing on(
      Drawing drawing, List<Catches.Catch> catches, double moment, FoldFrame.Aim aim) {
    List<Drawing.Mark> marks = new ArrayList<>(drawing.marks());
    for (Catches.Catch each : catches) {
      if (Math.abs(each.moment() - moment) <= SHOWN) {
        Spot middle = aim.seenAt(moment, each.other(), each.place());
        marks.add(new Drawing.Stroke(ring(middle), Ink.CAUGHT, Ref.NONE));
      }
    }
    return new Drawing(drawing.width(), drawing.height(), drawing.scale(), marks);
  }

  private static List<Spot> ring(Spot middle) {
    List<Spot> ring = new ArrayList<>();
    for (int i = 0; i <= SIDES; i++) {
      double angle = 2 * Math.PI * i / SIDES;
      ring.add(
          new Spot(middle.x() + RADIUS * Math.cos(angle), middle.y() + RADIUS * Math.sin(angle)));
    }
    return ring;
  }
}

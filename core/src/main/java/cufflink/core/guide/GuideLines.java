package cufflink.core.guide;

import cufflink.core.design.Piece;
import cufflink.core.flat.Spot;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Mark;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The lines with which something that is pulled lines up, over the drawing of its piece. */
final class GuideLines {
  private GuideLines() {}

  static Drawing on(Drawing drawing, Piece piece, Guides.Found found, boolean turnedOver) {
    Optional<Shape> paper =
        drawing.marks().stream()
            .filter(Shape.class::isInstance)
            .map(Shape.class::cast)
            .filter(each -> each.ref().equals(new Ref(piece.id(), "")))
            .findFirst();
    if (paper.isEmpty() || found.lines().isEmpty()) {
      return drawing;
    }
    double left = least(paper.get().corners(), true);
    double right = -least(paper.get().corners().stream().map(GuideLines::back).toList(), true);
    double top = least(paper.get().corners(), false);
    List<Spot> outline = piece.outline().stream().map(Spot::from).toList();
    double from = least(outline, true);
    double over = least(outline, false);
    List<Mark> marks = new ArrayList<>(drawing.marks());
    for (List<Spot> line : found.lines()) {
      List<Spot> path =
          line.stream()
              .map(
                  at ->
                      new Spot(
                          turnedOver
                              ? right - (at.x() - from) * drawing.scale()
                              : left + (at.x() - from) * drawing.scale(),
                          top + (at.y() - over) * drawing.scale()))
              .toList();
      marks.add(new Stroke(path, Ink.PLACE, Ref.NONE));
    }
    return new Drawing(drawing.width(), drawing.height(), drawing.scale(), marks);
  }

  private static Spot back(Spot spot) {
    return new Spot(-spot.x(), -spot.y());
  }

  private static double least(List<Spot> spots, boolean across) {
    return spots.stream().mapToDouble(each -> across ? each.x() : each.y()).min().orElse(0);
  }
}

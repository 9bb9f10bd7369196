package cufflink.core.scene;

import cufflink.core.flat.Spot;
import cufflink.core.scene.Drawing.Caption;
import cufflink.core.scene.Drawing.Mark;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import java.util.ArrayList;
import java.util.List;

/** A picture beside a drawing: it is only looked at, and nothing in it is taken hold of. */
final class Beside {
  private Beside() {}

  /**
   * Puts a picture at the right of a drawing, half way down.
   *
   * @param drawing the drawing, which keeps its place
   * @param picture the picture
   * @return both on one surface, as high as the drawing
   */
  static Drawing of(Drawing drawing, Drawing picture) {
    double down = Math.max(0, (drawing.height() - picture.height()) / 2);
    double wide = drawing.width() + picture.width();
    return placed(drawing, picture, new Spot(drawing.width(), down), wide, drawing.height());
  }

  /**
   * Puts a picture below a drawing, in the middle.
   *
   * @param drawing the drawing, which keeps its place
   * @param picture the picture
   * @return both on one surface, as wide as the drawing
   */
  static Drawing below(Drawing drawing, Drawing picture) {
    double right = Math.max(0, (drawing.width() - picture.width()) / 2);
    double high = drawing.height() + picture.height();
    return placed(drawing, picture, new Spot(right, drawing.height()), drawing.width(), high);
  }

  private static Drawing placed(
      Drawing drawing, Drawing picture, Spot at, double wide, double high) {
    List<Mark> marks = new ArrayList<>(drawing.marks());
    picture.marks().forEach(mark -> marks.add(moved(mark, at.x(), at.y())));
    return new Drawing(wide, high, drawing.scale(), marks);
  }

  private static Mark moved(Mark mark, double right, double down) {
    if (mark instanceof Shape shape) {
      return new Shape(moved(shape.corners(), right, down), shape.fill(), shape.light(), Ref.NONE);
    }
    if (mark instanceof Stroke stroke) {
      return new Stroke(moved(stroke.path(), right, down), stroke.ink(), Ref.NONE);
    }
    if (mark instanceof Printed printed) {
      return new Printed(
          printed.rings().stream().map(ring -> moved(ring, right, down)).toList(),
          printed.ground(),
          printed.figures().stream().map(figure -> moved(figure, right, down)).toList(),
          printed.ink(),
          printed.light(),
          printed.imprints().stream()
              .map(
                  each ->
                      new Drawing.Imprint(
                          each.name(), moved(each.corners(), right, down), each.white()))
              .toList(),
          Ref.NONE);
    }
    Caption caption = (Caption) mark;
    Spot at = new Spot(caption.at().x() + right, caption.at().y() + down);
    return new Caption(
        at, caption.text(), caption.size(), caption.anchor(), caption.tone(), Ref.NONE);
  }

  private static List<Spot> moved(List<Spot> spots, double right, double down) {
    return spots.stream().map(each -> new Spot(each.x() + right, each.y() + down)).toList();
  }
}

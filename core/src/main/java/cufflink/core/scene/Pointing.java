package cufflink.core.scene;

import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.scene.Drawing.Box;
import cufflink.core.scene.Drawing.Caption;
import cufflink.core.scene.Drawing.Mark;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Location;

/** Finds what a pointer is at in a drawing, and where a reference is drawn. */
public final class Pointing {
  private Pointing() {}

  /**
   * Finds what is at a place.
   *
   * @param drawing the drawing
   * @param at the place, in surface units
   * @param reach how far a line may be away, in surface units
   * @param measure how wide texts are
   * @return the number that covers the place, else the nearest line within reach, else the topmost
   *     shape there; nothing if none of them stands for something
   */
  public static Optional<Ref> at(Drawing drawing, Spot at, double reach, TextMeasure measure) {
    Optional<Ref> caption = Optional.empty();
    Optional<Ref> line = Optional.empty();
    Optional<Ref> shape = Optional.empty();
    double nearest = reach;
    for (Mark mark : drawing.marks()) {
      if (!mark.ref().isSomething()) {
        continue;
      }
      if (mark instanceof Caption text && covers(text.box(measure), at)) {
        caption = Optional.of(mark.ref());
      } else if (mark instanceof Stroke stroke && distance(stroke.path(), at) <= nearest) {
        nearest = distance(stroke.path(), at);
        line = Optional.of(mark.ref());
      } else if (mark instanceof Shape area && covers(area.corners(), at)) {
        shape = Optional.of(mark.ref());
      } else if (mark instanceof Printed paper && covers(paper.rings().get(0), at)) {
        shape = Optional.of(mark.ref());
      }
    }
    if (caption.isPresent()) {
      return caption;
    }
    return line.isPresent() ? line : shape;
  }

  /**
   * Finds the middle of what stands for something.
   *
   * @param drawing the drawing
   * @param ref what it stands for
   * @return the middle of its longest line, or of its shape
   */
  public static Optional<Spot> middle(Drawing drawing, Ref ref) {
    Optional<Spot> found = Optional.empty();
    double longest = 0;
    for (Mark mark : drawing.marks()) {
      if (mark.ref().equals(ref) && mark instanceof Stroke stroke) {
        Spot first = stroke.path().get(0);
        Spot last = stroke.path().get(stroke.path().size() / 2);
        if (first.distance(last) > longest) {
          longest = first.distance(last);
          found = Optional.of(new Spot((first.x() + last.x()) / 2, (first.y() + last.y()) / 2));
        }
      }
    }
    return found;
  }

  private static boolean covers(Box box, Spot at) {
    return at.x() >= box.left()
        && at.x() <= box.right()
        && at.y() >= box.top()
        && at.y() <= box.bottom();
  }

  private static boolean covers(List<Spot> corners, Spot at) {
    int location =
        SimplePointInAreaLocator.locatePointInPolygon(
            new Coordinate(at.x(), at.y()), Facet.polygon(corners));
    return location != Location.EXTERIOR;
  }

  private static double distance(List<Spot> path, Spot at) {
    Coordinate[] line =
        path.stream().map(spot -> new Coordinate(spot.x(), spot.y())).toArray(Coordinate[]::new);
    return Distance.pointToSegmentString(new Coordinate(at.x(), at.y()), line);
  }
}

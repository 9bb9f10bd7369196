package cufflink.core.pattern;

import cufflink.core.plane.Point;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.valid.IsValidOp;

/** Whether the corners of a piece go round paper once, without crossing or touching themselves. */
final class Outline {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();
  private static final int LEAST_CORNERS = 3;

  private Outline() {}

  /**
   * Says whether an outline goes round some paper once.
   *
   * @param corners the corners in order, the first not repeated at the end
   * @return false if it has too few corners, crosses itself or touches itself
   */
  static boolean isSimple(List<Point> corners) {
    if (corners.stream().distinct().count() < LEAST_CORNERS) {
      return false;
    }
    return IsValidOp.isValid(polygon(corners));
  }

  /** Returns the paper inside an outline, in units of length. */
  static Polygon polygon(List<Point> corners) {
    Coordinate[] ring = new Coordinate[corners.size() + 1];
    for (int i = 0; i < ring.length; i++) {
      Point corner = corners.get(i % corners.size());
      // Units are whole numbers below 2^53, so that corners stay exact.
      ring[i] = new Coordinate(corner.x().units(), corner.y().units());
    }
    return GEOMETRY.createPolygon(ring);
  }
}

package cufflink.core.flat;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * A flat part of a piece between its creases.
 *
 * @param index its number within the piece, counted from nought, left to right and top to bottom
 * @param corners its corners in order
 */
public record Facet(int index, List<Spot> corners) {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /** Copies the corners. */
  public Facet {
    corners = List.copyOf(corners);
  }

  /**
   * Returns the facet as a polygon.
   *
   * @return a polygon in millimetres
   */
  public Polygon polygon() {
    return polygon(corners);
  }

  /**
   * Makes a polygon.
   *
   * @param corners its corners in order, three or more
   * @return the polygon, in the unit of the corners
   */
  public static Polygon polygon(List<Spot> corners) {
    Coordinate[] ring = new Coordinate[corners.size() + 1];
    for (int i = 0; i < ring.length; i++) {
      Spot corner = corners.get(i % corners.size());
      ring[i] = new Coordinate(corner.x(), corner.y());
    }
    return GEOMETRY.createPolygon(ring);
  }

  /**
   * Returns a place well inside the facet.
   *
   * @return the place
   */
  public Spot inside() {
    var point = polygon().getInteriorPoint();
    return new Spot(point.getX(), point.getY());
  }
}

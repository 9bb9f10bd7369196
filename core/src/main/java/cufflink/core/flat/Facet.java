package cufflink.core.flat;

import java.util.List;
import org.locationtech.jts.algorithm.InteriorPointArea;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/**
 * A flat part of a piece between its creases.
 *
 * @param index its number within the piece, counted from nought, left to right and top to bottom
 * @param corners its corners in order
 */
public record Facet(int index, List<Spot> corners) {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /** How far beside an edge is just beside it, as a share of its length. */
  private static final double BESIDE = 1e-4;

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
   * Says whether a place lies in a polygon, its edges included.
   *
   * @param polygon the polygon
   * @param place the place
   * @return true if it does
   */
  public static boolean holds(Polygon polygon, Spot place) {
    Coordinate coordinate = new Coordinate(place.x(), place.y());
    return polygon.getEnvelopeInternal().covers(coordinate)
        && SimplePointInAreaLocator.locatePointInPolygon(coordinate, polygon) != Location.EXTERIOR;
  }

  /**
   * Returns a place well inside a polygon.
   *
   * @param polygon the polygon
   * @return the place
   */
  public static Spot inside(Polygon polygon) {
    Coordinate place = InteriorPointArea.getInteriorPoint(polygon);
    return new Spot(place.getX(), place.getY());
  }

  /**
   * Returns a place well inside the facet.
   *
   * @return the place
   */
  public Spot inside() {
    return inside(polygon());
  }

  /**
   * Returns a place in the facet just beside one of its edges. A facet with a reflex outline lies
   * on both sides of the line through an edge; beside the edge itself it lies on one.
   *
   * @param from one end of the edge
   * @param to the other end
   * @return the place
   */
  public Spot beside(Spot from, Spot to) {
    double x = (from.x() + to.x()) / 2;
    double y = (from.y() + to.y()) / 2;
    double right = (from.y() - to.y()) * BESIDE;
    double down = (to.x() - from.x()) * BESIDE;
    Spot one = new Spot(x + right, y + down);
    return holds(polygon(), one) ? one : new Spot(x - right, y - down);
  }
}

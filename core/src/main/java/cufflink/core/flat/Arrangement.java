package cufflink.core.flat;

import cufflink.core.measure.Tolerance;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.noding.NodedSegmentString;
import org.locationtech.jts.noding.SegmentString;
import org.locationtech.jts.noding.snap.SnappingNoder;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/**
 * Lines drawn over each other, and the cells they divide the plane into.
 *
 * <p>Ends within the tolerance are snapped together, so that lines which rounding has moved apart
 * still meet. Lines that bound no cell are left out.
 */
public final class Arrangement {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private Arrangement() {}

  /**
   * Returns the cells between lines.
   *
   * @param lines paths of two or more places each, in millimetres
   * @param tolerance how near ends and lines count as meeting
   * @return the cells, left to right and top to bottom by their centres, each ring in the same
   *     sense from its corner with the least x and then y
   */
  public static List<Polygon> cells(List<List<Spot>> lines, Tolerance tolerance) {
    List<NodedSegmentString> paths =
        lines.stream().map(path -> new NodedSegmentString(coordinates(path), null)).toList();
    SnappingNoder noder = new SnappingNoder(tolerance.length());
    noder.computeNodes(paths);
    Set<LineSegment> edges = new LinkedHashSet<>();
    for (Object noded : noder.getNodedSubstrings()) {
      Coordinate[] places = ((SegmentString) noded).getCoordinates();
      for (int i = 1; i < places.length; i++) {
        LineSegment edge = new LineSegment(places[i - 1], places[i]);
        edge.normalize();
        edges.add(edge);
      }
    }
    Polygonizer polygonizer = new Polygonizer();
    edges.forEach(edge -> polygonizer.add(edge.toGeometry(GEOMETRY)));
    @SuppressWarnings("unchecked") // JTS declares the collection raw; it holds polygons only
    Collection<Polygon> polygons = polygonizer.getPolygons();
    // Where a ring begins depends on where objects lie in memory until it is put in order.
    List<Polygon> sorted = new ArrayList<>();
    polygons.forEach(polygon -> sorted.add((Polygon) polygon.norm()));
    sorted.sort(
        Comparator.comparingDouble((Polygon polygon) -> polygon.getCentroid().getX())
            .thenComparingDouble(polygon -> polygon.getCentroid().getY()));
    return sorted;
  }

  /**
   * Closes a row of corners to a path that ends where it begins.
   *
   * @param corners three or more places
   * @return the path
   */
  public static List<Spot> ring(List<Spot> corners) {
    List<Spot> ring = new ArrayList<>(corners);
    ring.add(corners.get(0));
    return ring;
  }

  /**
   * Returns the corners of a cell.
   *
   * @param cell a polygon; its holes are left out
   * @return its corners in order
   */
  public static List<Spot> corners(Polygon cell) {
    return corners(cell.getExteriorRing().getCoordinates());
  }

  private static List<Spot> corners(Coordinate[] ring) {
    List<Spot> corners = new ArrayList<>();
    for (int i = 0; i < ring.length - 1; i++) {
      corners.add(new Spot(ring[i].getX(), ring[i].getY()));
    }
    return corners;
  }

  /**
   * Returns the corners of the holes in a cell.
   *
   * @param cell a polygon
   * @return the corners of each hole in order
   */
  public static List<List<Spot>> holes(Polygon cell) {
    List<List<Spot>> holes = new ArrayList<>();
    for (int i = 0; i < cell.getNumInteriorRing(); i++) {
      holes.add(corners(cell.getInteriorRingN(i).getCoordinates()));
    }
    return holes;
  }

  private static Coordinate[] coordinates(List<Spot> path) {
    return path.stream().map(spot -> new Coordinate(spot.x(), spot.y())).toArray(Coordinate[]::new);
  }
}

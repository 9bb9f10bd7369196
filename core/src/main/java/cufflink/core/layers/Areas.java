package cufflink.core.layers;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Overlays of areas of which nothing but areas is wanted: where shapes only touch, a general
 * overlay also gives lines and points, with which no further one can be made.
 */
public final class Areas {
  /** An area, in square millimetres, that is nothing but rounding. */
  private static final double EDGE_ON = 1e-6;

  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private Areas() {}

  /** Joins areas; what is seen edge on has none and is left out. */
  public static Geometry union(List<Polygon> areas) {
    List<Geometry> some = new ArrayList<>();
    areas.stream().filter(each -> each.getArea() > EDGE_ON).forEach(some::add);
    return some.isEmpty() ? none() : OverlayNGRobust.union(some);
  }

  /**
   * Returns no area at all.
   *
   * @return an empty area
   */
  public static Geometry none() {
    return GEOMETRY.createMultiPolygon();
  }

  /**
   * Returns what two areas have in common.
   *
   * @param one an area
   * @param other another
   * @return the common area, which may be empty
   */
  public static Geometry common(Geometry one, Geometry other) {
    return overlay(one, other, OverlayNG.INTERSECTION);
  }

  /**
   * Takes one area away from another.
   *
   * @param one an area
   * @param other what is taken away
   * @return what is left, which may be empty
   */
  public static Geometry without(Geometry one, Geometry other) {
    return overlay(one, other, OverlayNG.DIFFERENCE);
  }

  /**
   * Joins two areas.
   *
   * @param one an area
   * @param other another
   * @return all that is in one or the other
   */
  public static Geometry both(Geometry one, Geometry other) {
    return overlay(one, other, OverlayNG.UNION);
  }

  private static Geometry overlay(Geometry one, Geometry other, int operation) {
    Geometry all = OverlayNGRobust.overlay(one, other, operation);
    return GEOMETRY.createMultiPolygon(
        GeometryFactory.toPolygonArray(PolygonExtracter.getPolygons(all)));
  }
}

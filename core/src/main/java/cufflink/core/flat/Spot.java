package cufflink.core.flat;

import cufflink.core.plane.Point;

/**
 * A place on a piece for geometry.
 *
 * @param x millimetres from the left edge
 * @param y millimetres from the top edge
 */
public record Spot(double x, double y) {

  /**
   * Converts an exact place.
   *
   * @param point the exact place
   * @return the same place in millimetres
   */
  public static Spot from(Point point) {
    return new Spot(point.x().toMillimetres(), point.y().toMillimetres());
  }

  /**
   * Returns the distance to another place.
   *
   * @param other the other place
   * @return millimetres, zero or more
   */
  public double distance(Spot other) {
    return Math.hypot(other.x - x, other.y - y);
  }
}

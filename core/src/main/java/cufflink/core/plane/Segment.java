package cufflink.core.plane;

import cufflink.core.measure.Length;

/**
 * A straight line between two places on a piece.
 *
 * @param from one end
 * @param to the other end
 */
public record Segment(Point from, Point to) {

  /**
   * Says whether the line runs straight up and down.
   *
   * @return true if both ends are equally far from the left edge
   */
  public boolean isVertical() {
    return from.x().equals(to.x());
  }

  /**
   * Says whether the line runs level.
   *
   * @return true if both ends are equally far from the top edge
   */
  public boolean isLevel() {
    return from.y().equals(to.y());
  }

  /**
   * Returns the distance between the ends.
   *
   * @return millimetres, zero or more
   */
  public double millimetres() {
    Length across = to.x().minus(from.x());
    Length down = to.y().minus(from.y());
    return Math.hypot(across.toMillimetres(), down.toMillimetres());
  }
}

package cufflink.core.plane;

import cufflink.core.measure.Length;
import java.util.List;

/**
 * A rectangle on a piece that lies inside face up.
 *
 * @param at its top left corner
 * @param width to the right, above zero
 * @param height down, above zero
 */
public record Area(Point at, Length width, Length height) {

  /**
   * Returns the smallest rectangle that holds some places.
   *
   * @param places at least one place
   * @return the rectangle, without width or height if they lie in a line
   */
  public static Area around(List<Point> places) {
    Point first = places.get(0);
    Length left = first.x();
    Length top = first.y();
    Length right = first.x();
    Length foot = first.y();
    for (Point place : places) {
      left = left.min(place.x());
      top = top.min(place.y());
      right = right.max(place.x());
      foot = foot.max(place.y());
    }
    return new Area(new Point(left, top), right.minus(left), foot.minus(top));
  }

  /**
   * Returns the right edge.
   *
   * @return the distance from the piece's left edge
   */
  public Length right() {
    return at.x().plus(width);
  }

  /**
   * Returns the bottom edge.
   *
   * @return the distance from the piece's top edge
   */
  public Length bottom() {
    return at.y().plus(height);
  }

  /**
   * Returns the corners.
   *
   * @return the corners, clockwise from the top left
   */
  public List<Point> corners() {
    return List.of(
        at, new Point(right(), at.y()), new Point(right(), bottom()), new Point(at.x(), bottom()));
  }

  /**
   * Says whether two areas share more than an edge.
   *
   * @param other the other area
   * @return true if paper would lie in both
   */
  public boolean overlaps(Area other) {
    return at.x().compareTo(other.right()) < 0
        && other.at.x().compareTo(right()) < 0
        && at.y().compareTo(other.bottom()) < 0
        && other.at.y().compareTo(bottom()) < 0;
  }

  /**
   * Returns how far the area hangs over the edge of a piece.
   *
   * @param width how wide the piece is
   * @param height how high it is
   * @return the length at the worst edge, zero if it lies on the piece's rectangle
   */
  public Length over(Length width, Length height) {
    return right()
        .minus(width)
        .max(bottom().minus(height))
        .max(Length.ZERO.minus(at.x()))
        .max(Length.ZERO.minus(at.y()))
        .max(Length.ZERO);
  }
}

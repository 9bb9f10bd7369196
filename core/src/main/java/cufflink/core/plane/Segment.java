package cufflink.core.plane;

import cufflink.core.measure.Length;
import java.util.Optional;

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

  /**
   * Finds where another line crosses this one, between its ends.
   *
   * @param other the other line
   * @return the share of this line that lies before that place, above nought and below one; empty
   *     if they do not cross there, or run along each other
   */
  public Optional<Double> crossed(Segment other) {
    double alongX = to.x().minus(from.x()).units();
    double alongY = to.y().minus(from.y()).units();
    double otherX = other.to.x().minus(other.from.x()).units();
    double otherY = other.to.y().minus(other.from.y()).units();
    double turn = alongX * otherY - alongY * otherX;
    if (turn == 0) {
      return Optional.empty();
    }
    double betweenX = other.from.x().minus(from.x()).units();
    double betweenY = other.from.y().minus(from.y()).units();
    double share = (betweenX * otherY - betweenY * otherX) / turn;
    double there = (betweenX * alongY - betweenY * alongX) / turn;
    boolean isOnBoth = share > 0 && share < 1 && there >= 0 && there <= 1;
    return isOnBoth ? Optional.of(share) : Optional.empty();
  }
}

package cufflink.core.plane;

import cufflink.core.measure.Length;
import java.util.List;
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
   * Says whether the line goes through an area, and not only along its edge or through a corner.
   *
   * @param area the area
   */
  public boolean crosses(Area area) {
    boolean isBeside =
        from.x().max(to.x()).compareTo(area.at().x()) <= 0
            || from.x().min(to.x()).compareTo(area.right()) >= 0
            || from.y().max(to.y()).compareTo(area.at().y()) <= 0
            || from.y().min(to.y()).compareTo(area.bottom()) >= 0;
    List<Double> sides = area.corners().stream().map(this::side).toList();
    return !isBeside
        && sides.stream().anyMatch(side -> side > 0)
        && sides.stream().anyMatch(side -> side < 0);
  }

  /** Returns a number above nought on one side of the line, and below on the other. */
  private double side(Point corner) {
    double alongX = to.x().minus(from.x()).units();
    double alongY = to.y().minus(from.y()).units();
    return alongX * corner.y().minus(from.y()).units()
        - alongY * corner.x().minus(from.x()).units();
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

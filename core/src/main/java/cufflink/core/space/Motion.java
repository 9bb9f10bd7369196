package cufflink.core.space;

import cufflink.core.flat.Spot;
import cufflink.core.plane.Side;

/**
 * A rigid motion: where the flat axes and the flat origin come to lie. Lengths and angles stay.
 *
 * @param right where the x direction points
 * @param down where the y direction points
 * @param up where the z direction points
 * @param origin where the top left corner of the flat piece would lie
 */
public record Motion(Vec right, Vec down, Vec up, Vec origin) {
  /** A sine below which the axis of a turn cannot be read from it. */
  private static final double HALF_TURN = 1e-9;

  /** Leaves everything where it is. */
  public static final Motion REST =
      new Motion(new Vec(1, 0, 0), new Vec(0, 1, 0), new Vec(0, 0, 1), new Vec(0, 0, 0));

  /**
   * Moves a place.
   *
   * @param place a place in the flat frame
   * @return where it comes to lie
   */
  public Vec apply(Vec place) {
    return origin.plus(turn(place));
  }

  /**
   * Moves a place on the flat piece.
   *
   * @param spot the place
   * @return where it comes to lie
   */
  public Vec apply(Spot spot) {
    return apply(new Vec(spot.x(), spot.y(), 0));
  }

  /**
   * Turns a direction.
   *
   * @param direction a direction in the flat frame
   * @return where it points
   */
  public Vec turn(Vec direction) {
    return right.times(direction.x()).plus(down.times(direction.y())).plus(up.times(direction.z()));
  }

  /**
   * Takes a place back to the flat frame.
   *
   * @param place a place in space
   * @return where it lies on the flat piece, z being its height over the inside
   */
  public Vec back(Vec place) {
    Vec from = place.minus(origin);
    return new Vec(from.dot(right), from.dot(down), from.dot(up));
  }

  /**
   * Follows another motion by this one.
   *
   * @param first the motion that comes first
   * @return both together
   */
  public Motion after(Motion first) {
    return new Motion(turn(first.right), turn(first.down), turn(first.up), apply(first.origin));
  }

  /**
   * Returns the turn of a facet about a crease.
   *
   * <p>With u along the crease and n from the crease into the facet, a place a + βn goes to a + β(n
   * cos θ + z sin θ): a valley fold, θ above zero, lifts the facet towards the viewer. Source: the
   * sign convention of the FOLD format 1.2.
   *
   * @param from one end of the crease
   * @param to the other end
   * @param inside any place on the facet's side of the crease
   * @param angle the fold angle in radians, valley above zero
   * @return the turn, in the flat frame
   */
  public static Motion fold(Spot from, Spot to, Spot inside, double angle) {
    double length = from.distance(to);
    Vec along = new Vec((to.x() - from.x()) / length, (to.y() - from.y()) / length, 0);
    Vec across = new Vec(-along.y(), along.x(), 0);
    double side = (inside.x() - from.x()) * across.x() + (inside.y() - from.y()) * across.y();
    double sine = Math.sin(angle) * Math.signum(side);
    double cosine = Math.cos(angle);
    Vec newAcross = across.times(cosine).plus(new Vec(0, 0, sine));
    Vec newUp = across.times(-sine).plus(new Vec(0, 0, cosine));
    Vec right = along.times(along.x()).plus(newAcross.times(across.x()));
    Vec down = along.times(along.y()).plus(newAcross.times(across.y()));
    Motion turn = new Motion(right, down, newUp, new Vec(0, 0, 0));
    Vec pivot = new Vec(from.x(), from.y(), 0);
    return new Motion(right, down, newUp, pivot.minus(turn.apply(pivot)));
  }

  /**
   * Returns the motion that undoes this one.
   *
   * @return the inverse
   */
  public Motion inverse() {
    Vec right = new Vec(this.right.x(), down.x(), up.x());
    Vec lower = new Vec(this.right.y(), down.y(), up.y());
    Vec higher = new Vec(this.right.z(), down.z(), up.z());
    Motion turn = new Motion(right, lower, higher, new Vec(0, 0, 0));
    return new Motion(right, lower, higher, turn.turn(origin).times(-1));
  }

  /**
   * Returns by which turn this lies away from another motion.
   *
   * @param other the other motion
   * @return the axis, as long as the angle in radians, from 0 to π
   */
  public Vec turnFrom(Motion other) {
    // The turn takes each axis of the other to the axis of this: half the sum of their products is
    // the axis times the sine, as in Rodrigues' formula.
    Vec twist =
        other.right.cross(right).plus(other.down.cross(down)).plus(other.up.cross(up)).times(0.5);
    double cosine = (other.right.dot(right) + other.down.dot(down) + other.up.dot(up) - 1) / 2;
    double sine = twist.length();
    double angle = Math.atan2(sine, cosine);
    if (sine > HALF_TURN) {
      return twist.times(angle / sine);
    }
    return cosine > 0 ? twist : halfTurn(other);
  }

  /** Near half a turn the sine says nothing; the axis is what both motions have in common. */
  private Vec halfTurn(Motion other) {
    Vec x = right.plus(other.right);
    Vec y = down.plus(other.down);
    Vec z = up.plus(other.up);
    Vec longest = x.length() >= y.length() ? x : y;
    longest = longest.length() >= z.length() ? longest : z;
    return longest.times(Math.PI / Math.max(longest.length(), Double.MIN_NORMAL));
  }

  /**
   * Returns which side of a piece points away from whoever looks down on it.
   *
   * @return the side, lying inside up, that is uppermost
   */
  public Side top() {
    Vec up = back(origin.plus(new Vec(0, -1, 0)));
    if (Math.abs(up.y()) >= Math.abs(up.x())) {
      return up.y() < 0 ? Side.TOP : Side.BOTTOM;
    }
    return up.x() > 0 ? Side.RIGHT : Side.LEFT;
  }
}

package cufflink.core.assembly;

import cufflink.core.flat.Spot;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;

/**
 * What joins two facets: a crease about which one turns, a way along which it slides, or glue that
 * lets nothing move.
 *
 * @param first one facet
 * @param second the other facet
 * @param angle which of the angles it moves by, or {@link #GLUED}
 * @param axle the line about which it turns
 * @param placement how the second facet's piece lies in the frame of the first one's while the
 *     angle is nought
 * @param slide where the second facet slides, as a direction in the frame of the first one's piece;
 *     {@link Vec#ZERO} if it turns
 * @param late whether it joins what already hangs together, such as the second end of a bar, and so
 *     closes a loop
 */
public record Link(
    int first, int second, int angle, Axle axle, Motion placement, Vec slide, boolean late) {
  /** The angle of a link that does not turn. */
  public static final int GLUED = -1;

  /**
   * How many millimetres of sliding weigh like one radian of turning, so that both can be solved
   * for together: a hand's breadth.
   */
  public static final double HAND = 80;

  /**
   * A line about which a facet turns, in the frame of its piece.
   *
   * @param from one end
   * @param to the other end
   * @param inside a place on the facet's side of the line
   */
  public record Axle(Spot from, Spot to, Spot inside) {}

  /** Makes a link that turns, or one that is glued. */
  public static Link turning(int first, int second, int angle, Axle axle, Motion placement) {
    return new Link(first, second, angle, axle, placement, Vec.ZERO, false);
  }

  /** Returns the same link, known to close a loop. */
  Link later() {
    return new Link(first, second, angle, axle, placement, slide, true);
  }

  /**
   * Says whether its amount is a distance.
   *
   * @return false for an angle
   */
  public boolean slides() {
    return slide != Vec.ZERO;
  }

  /** Returns how the second facet lies in the frame of the first at some angle, or so far along. */
  public Motion relative(double amount) {
    if (angle == GLUED) {
      return placement;
    }
    if (!slides()) {
      return placement.after(Motion.fold(axle.from(), axle.to(), axle.inside(), amount));
    }
    Vec origin = placement.origin().plus(slide.times(amount * HAND));
    return new Motion(placement.right(), placement.down(), placement.up(), origin);
  }

  /** Returns the direction about which the second facet turns by the right-hand rule. */
  public Vec axis() {
    Spot from = axle.from();
    Spot to = axle.to();
    double length = from.distance(to);
    Vec along = new Vec((to.x() - from.x()) / length, (to.y() - from.y()) / length, 0);
    double side =
        (axle.inside().x() - from.x()) * -along.y() + (axle.inside().y() - from.y()) * along.x();
    return along.times(Math.signum(side));
  }

  /** Returns a place by which it is measured whether both sides meet. */
  public Vec middle() {
    return new Vec((axle.from().x() + axle.to().x()) / 2, (axle.from().y() + axle.to().y()) / 2, 0);
  }
}

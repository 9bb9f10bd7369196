package cufflink.core.fold;

import cufflink.core.flat.Spot;

/**
 * What joins two facets: a crease about which one turns, or glue that lets nothing move.
 *
 * @param first one facet
 * @param second the other facet
 * @param angle which of the angles it turns by, or {@link #GLUED}
 * @param from one end of the line, in the frame of the second facet's piece
 * @param to the other end
 * @param inside a place on the second facet's side of the line
 * @param placement how the second facet's piece lies in the frame of the first one's while the
 *     angle is nought
 */
record Link(int first, int second, int angle, Spot from, Spot to, Spot inside, Motion placement) {
  /** The angle of a link that does not turn. */
  static final int GLUED = -1;

  /** Returns how the second facet lies in the frame of the first at some angle. */
  Motion relative(double radians) {
    return angle == GLUED ? placement : placement.after(Motion.fold(from, to, inside, radians));
  }

  /** Returns the direction about which the second facet turns by the right-hand rule. */
  Vec axis() {
    double length = from.distance(to);
    Vec along = new Vec((to.x() - from.x()) / length, (to.y() - from.y()) / length, 0);
    double side = (inside.x() - from.x()) * -along.y() + (inside.y() - from.y()) * along.x();
    return along.times(Math.signum(side));
  }

  /** Returns a place by which it is measured whether both sides meet. */
  Vec middle() {
    return new Vec((from.x() + to.x()) / 2, (from.y() + to.y()) / 2, 0);
  }
}

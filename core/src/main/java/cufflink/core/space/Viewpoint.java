package cufflink.core.space;

/**
 * From where a folded card is looked at, without perspective.
 *
 * @param turn how far the card is turned on the table, degrees, clockwise above zero
 * @param tilt how far the eye has gone down from straight above, degrees; 0 looks straight down and
 *     180 from below
 */
public record Viewpoint(double turn, double tilt) {
  /** Straight from above. */
  public static final Viewpoint ABOVE = new Viewpoint(0, 0);

  /**
   * Turns a place or direction to the eye's frame.
   *
   * @param place in the frame of the table
   * @return x to the right, y down and z towards the eye
   */
  public Vec apply(Vec place) {
    double turned = Math.toRadians(turn);
    double x = place.x() * Math.cos(turned) - place.y() * Math.sin(turned);
    double y = place.x() * Math.sin(turned) + place.y() * Math.cos(turned);
    double tilted = Math.toRadians(tilt);
    return new Vec(
        x,
        y * Math.cos(tilted) - place.z() * Math.sin(tilted),
        y * Math.sin(tilted) + place.z() * Math.cos(tilted));
  }

  /**
   * Takes a place back from the eye's frame.
   *
   * @param seen what {@link #apply} returned
   * @return the place in the frame of the table
   */
  public Vec back(Vec seen) {
    double tilted = Math.toRadians(tilt);
    double y = seen.y() * Math.cos(tilted) + seen.z() * Math.sin(tilted);
    double z = seen.z() * Math.cos(tilted) - seen.y() * Math.sin(tilted);
    double turned = Math.toRadians(turn);
    return new Vec(
        seen.x() * Math.cos(turned) + y * Math.sin(turned),
        y * Math.cos(turned) - seen.x() * Math.sin(turned),
        z);
  }
}

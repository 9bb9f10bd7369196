package cufflink.core.space;

/**
 * From where a folded card is looked at, without perspective.
 *
 * @param turn how far the card is turned on the table, degrees, clockwise above zero
 * @param tilt how far the eye has gone down from straight above, degrees; 0 looks straight down and
 *     180 from below
 * @param pitch how far the card is set up from the table before, degrees: 90 stands it on what was
 *     its lower edge, the face that lay up towards the eye
 */
public record Viewpoint(double turn, double tilt, double pitch) {
  /** Straight from above. */
  public static final Viewpoint ABOVE = new Viewpoint(0, 0);

  private static final double NEAR = 1e-9;

  /**
   * Looks at a card that lies on the table.
   *
   * @param turn how far it is turned on the table, degrees
   * @param tilt how far the eye has gone down, degrees
   */
  public Viewpoint(double turn, double tilt) {
    this(turn, tilt, 0);
  }

  /**
   * Looks straight at something, the way it is turned.
   *
   * @param right the direction that is to be seen to the right
   * @param down the direction that is to be seen downwards, square to it
   * @param up the direction that is to be seen towards the eye, square to both
   * @return the viewpoint; the three angles about the axes x, z and x (Euler, from memory)
   */
  public static Viewpoint facing(Vec right, Vec down, Vec up) {
    double turn = Math.acos(Math.max(-1, Math.min(1, right.x())));
    double across = Math.hypot(down.x(), up.x());
    if (across < NEAR) {
      double tilt = Math.atan2(up.y() * right.x(), up.z());
      return new Viewpoint(Math.toDegrees(turn), Math.toDegrees(tilt));
    }
    double tilt = Math.atan2(up.x(), down.x());
    double pitch = Math.atan2(right.z(), -right.y());
    return new Viewpoint(Math.toDegrees(turn), Math.toDegrees(tilt), -Math.toDegrees(pitch));
  }

  /**
   * Sets a place or direction up from the table.
   *
   * @param place in the frame of the card as it lies
   * @return where it is as the card stands
   */
  public Vec stood(Vec place) {
    double pitched = Math.toRadians(pitch);
    return new Vec(
        place.x(),
        place.y() * Math.cos(pitched) + place.z() * Math.sin(pitched),
        place.z() * Math.cos(pitched) - place.y() * Math.sin(pitched));
  }

  /**
   * Turns a place or direction to the eye's frame.
   *
   * @param place in the frame of the table
   * @return x to the right, y down and z towards the eye
   */
  public Vec apply(Vec place) {
    return pitch == 0 ? seen(place) : seen(stood(place));
  }

  /**
   * Turns a place or direction as the card stands to the eye's frame.
   *
   * @param place in the frame of the table
   * @return x to the right, y down and z towards the eye
   */
  public Vec seen(Vec place) {
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
    Vec standing =
        new Vec(
            seen.x() * Math.cos(turned) + y * Math.sin(turned),
            y * Math.cos(turned) - seen.x() * Math.sin(turned),
            z);
    return pitch == 0 ? standing : new Viewpoint(turn, tilt, -pitch).stood(standing);
  }
}

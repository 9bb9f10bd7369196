package cufflink.core.measure;

/**
 * How near is equal, wherever doubles are compared: passed in, never assumed.
 *
 * @param length in millimetres, above zero
 * @param angle in radians, above zero
 */
public record Tolerance(double length, double angle) {
  /** A thousandth of the thinnest paper and far above rounding noise at table sizes. */
  public static final Tolerance PAPER = new Tolerance(1e-6, 1e-9);

  /**
   * A thirtieth of the thinnest paper, and far above what rounding places to an eighth of a
   * micrometre leaves after folding about slanted creases.
   */
  public static final Tolerance FOLDED = new Tolerance(0.01, 1e-4);

  /** Checks both members. */
  public Tolerance {
    if (!(length > 0) || !(angle > 0)) {
      throw new IllegalArgumentException(
          "a tolerance of " + length + " mm and " + angle + " rad compares nothing");
    }
  }
}

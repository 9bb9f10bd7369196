package cufflink.core.run;

/**
 * The hand that holds the tool: it decides at which side the fence lies and which way one turns.
 */
public enum Hand {
  /** The fence lies at the left. */
  RIGHT,
  /** The fence lies at the right, and all is measured from there. */
  LEFT;

  /**
   * Turns a piece a quarter the way that comes easily.
   *
   * @param lie how it lies
   * @return how it lies then
   */
  Lie quarter(Lie lie) {
    return this == RIGHT ? lie.anticlockwise() : lie.clockwise();
  }
}

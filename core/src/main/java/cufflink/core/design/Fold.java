package cufflink.core.design;

/** What a score is for, seen with the inside of the piece up. */
public enum Fold {
  /** Folds towards the viewer; its angle counts above zero, as in the FOLD format. */
  VALLEY(1),
  /** Folds away from the viewer; its angle counts below zero, as in the FOLD format. */
  MOUNTAIN(-1),
  /** Is pressed for its looks and never folds. */
  DECORATIVE(0);

  private final int sign;

  Fold(int sign) {
    this.sign = sign;
  }

  /**
   * Returns the sign of the fold's angle.
   *
   * @return 1, -1, or 0 for a score that does not fold
   */
  public int sign() {
    return sign;
  }

  /**
   * Returns the opposite fold.
   *
   * @return mountain for valley and the other way round; decorative stays
   */
  public Fold opposite() {
    return switch (this) {
      case VALLEY -> MOUNTAIN;
      case MOUNTAIN -> VALLEY;
      case DECORATIVE -> DECORATIVE;
    };
  }
}

package cufflink.core.cut;

import cufflink.core.measure.Length;

/**
 * A rectangle to cut, in some number.
 *
 * @param id its name in files: of a piece, or of a layer with its piece before it
 * @param label the maker's name for it
 * @param width the side along the top as it is described
 * @param height the other side
 * @param count how many, above zero
 * @param folds how most of its folds run
 */
public record Part(String id, String label, Length width, Length height, int count, Folds folds) {
  /** How most of a part's folds run while it lies as described. */
  public enum Folds {
    /** It has none, or as many one way as the other. */
    EITHER,
    /** From left to right. */
    LEVEL,
    /** From top to bottom. */
    UPRIGHT
  }

  /** Checks the figures. */
  public Part {
    if (!width.isPositive() || !height.isPositive() || count < 1) {
      throw new IllegalArgumentException(count + " of " + width + " by " + height);
    }
  }

  /** Returns the same part in another number. */
  public Part withCount(int now) {
    return new Part(id, label, width, height, now, folds);
  }
}

package cufflink.core.cut;

import cufflink.core.measure.Length;
import java.util.Optional;

/**
 * A rectangle to cut, in some number.
 *
 * @param id its name in files: of a piece, or of a layer with its piece before it
 * @param label the maker's name for it
 * @param width the side along the top as it is described
 * @param height the other side
 * @param count how many, above zero
 * @param folds how most of its folds run
 * @param at where on the sheet it is cut, if not wherever there is room
 */
public record Part(
    String id, String label, Length width, Length height, int count, Folds folds, Optional<At> at) {
  /**
   * A place on a sheet that lies with its width along the top.
   *
   * @param left from the sheet's left edge, not below nought
   * @param top from its top edge, not below nought
   * @param across whether the part's width lies down the sheet
   */
  public record At(Length left, Length top, boolean across) {}

  /** Makes a part that is cut wherever there is room. */
  public Part(String id, String label, Length width, Length height, int count, Folds folds) {
    this(id, label, width, height, count, folds, Optional.empty());
  }

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
    return new Part(id, label, width, height, now, folds, at);
  }

  /** Returns the same part cut from a certain place, or from anywhere. */
  public Part withAt(Optional<At> now) {
    return new Part(id, label, width, height, count, folds, now);
  }
}

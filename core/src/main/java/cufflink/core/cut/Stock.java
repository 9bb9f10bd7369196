package cufflink.core.cut;

import cufflink.core.measure.Length;
import cufflink.core.paper.Paper;

/**
 * Sheets or off-cuts of one size that can be cut.
 *
 * @param id its name in files, unique within a drawer
 * @param label the maker's name for it
 * @param width the side along the top as its print stands
 * @param height the other side
 * @param count how many are there, from 0 up
 * @param offCut whether it is left from an earlier job; sheets can be bought, off-cuts cannot
 * @param paper what it is
 */
public record Stock(
    String id, String label, Length width, Length height, int count, boolean offCut, Paper paper) {
  /** Checks the figures. */
  public Stock {
    if (!width.isPositive() || !height.isPositive() || count < 0) {
      throw new IllegalArgumentException(count + " sheets of " + width + " by " + height);
    }
  }

  /**
   * Says whether the fibres run along the width.
   *
   * @return true or false; a square sheet counts as higher than wide
   */
  boolean grainAlongWidth() {
    boolean wide = width.compareTo(height) > 0;
    return (paper.grain() == Paper.Grain.LONG) == wide;
  }

  /**
   * Says whether other sheets are of the same size and paper.
   *
   * @param other other sheets
   * @return true if only their names and numbers differ
   */
  boolean isLike(Stock other) {
    return width.equals(other.width)
        && height.equals(other.height)
        && offCut == other.offCut
        && paper.equals(other.paper);
  }

  /** Returns the same sheets in another number. */
  public Stock withCount(int now) {
    return new Stock(id, label, width, height, now, offCut, paper);
  }
}

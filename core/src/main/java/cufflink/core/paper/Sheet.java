package cufflink.core.paper;

import cufflink.core.measure.Length;

/**
 * A size of sheet as it comes from the packet.
 *
 * @param id its name in files and commands, such as "a4"
 * @param label the maker's name for it
 * @param width one side
 * @param height the other side
 */
public record Sheet(String id, String label, Length width, Length height) {
  /** Checks the sides. */
  public Sheet {
    if (!width.isPositive() || !height.isPositive()) {
      throw new IllegalArgumentException("a sheet cannot be " + width + " by " + height);
    }
  }

  /**
   * Says whether a rectangle lies inside the sheet, turned either way.
   *
   * @param pieceWidth one side
   * @param pieceHeight the other side
   * @return true if it does, edges touching included
   */
  public boolean holds(Length pieceWidth, Length pieceHeight) {
    return fits(pieceWidth, pieceHeight) || fits(pieceHeight, pieceWidth);
  }

  private boolean fits(Length across, Length down) {
    return across.compareTo(width) <= 0 && down.compareTo(height) <= 0;
  }
}

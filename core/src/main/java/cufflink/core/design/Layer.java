package cufflink.core.design;

import cufflink.core.measure.Length;

/**
 * A rectangle of paper glued flat onto one panel of a piece.
 *
 * @param id unique within the design
 * @param label the maker's name for it
 * @param paper what it is cut from
 * @param on the piece it is glued to
 * @param face the face it is glued to
 * @param at its top left corner on the piece, seen with the piece inside up
 * @param width the side along the top
 * @param height the other side
 * @param border how much smaller it is than its panel, in each dimension in total
 */
public record Layer(
    String id,
    String label,
    PaperKind paper,
    String on,
    Face face,
    Point at,
    Length width,
    Length height,
    Length border) {

  /**
   * Returns the right edge on the piece.
   *
   * @return the distance from the piece's left edge
   */
  public Length right() {
    return at.x().plus(width);
  }

  /**
   * Returns the bottom edge on the piece.
   *
   * @return the distance from the piece's top edge
   */
  public Length bottom() {
    return at.y().plus(height);
  }
}

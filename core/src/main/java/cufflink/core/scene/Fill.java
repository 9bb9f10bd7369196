package cufflink.core.scene;

import cufflink.core.design.Face;

/** What a filled shape in a drawing is. */
public enum Fill {
  /** The inside of a piece. */
  INSIDE,
  /** The outside of a piece, with a faint texture. */
  OUTSIDE,
  /** A layer. */
  LAYER,
  /** Where glue goes, drawn as a hatch over what is there. */
  GLUE,
  /** A hole, through which the table shows. */
  HOLE,
  /** What a card throws on the table. */
  SHADOW,
  /** The sheet a piece is cut from. */
  SHEET,
  /** The body of a ruler, or of a board. */
  RULER,
  /** The fence of a trimmer or a board, against which paper lies. */
  FENCE;

  /**
   * Returns the fill of a face.
   *
   * @param face the face that shows
   * @return its fill
   */
  public static Fill of(Face face) {
    return face == Face.INSIDE ? INSIDE : OUTSIDE;
  }
}

package cufflink.core.design;

/** One of the two faces of a sheet. */
public enum Face {
  /** The face that lies up while a piece is described. */
  INSIDE,
  /** The face that lies down while a piece is described. */
  OUTSIDE;

  /**
   * Returns the other face.
   *
   * @return the face on the other side of the sheet
   */
  public Face other() {
    return this == INSIDE ? OUTSIDE : INSIDE;
  }
}

package cufflink.core.scene;

import cufflink.core.cut.Part;

/**
 * What a part of a drawing stands for, so that it can be lit together with its number elsewhere.
 *
 * @param piece the piece's id, or empty
 * @param line the id of a score, slit or layer, a panel or a side
 */
public record Ref(String piece, String line) {
  /** Stands for nothing. */
  public static final Ref NONE = new Ref("", "");

  /** The line part of a reference to a piece's width. */
  public static final String WIDTH = "side-width";

  /** The line part of a reference to a piece's height. */
  public static final String HEIGHT = "side-height";

  /**
   * Returns what a part to cut stands for.
   *
   * @param part the part: a piece, or a layer named after its piece
   * @return the reference
   */
  public static Ref of(Part part) {
    int dot = part.id().indexOf('.');
    return dot < 0
        ? new Ref(part.id(), "")
        : new Ref(part.id().substring(0, dot), part.id().substring(dot + 1));
  }

  /**
   * Says whether this stands for something.
   *
   * @return false for {@link #NONE}
   */
  public boolean isSomething() {
    return !equals(NONE);
  }
}

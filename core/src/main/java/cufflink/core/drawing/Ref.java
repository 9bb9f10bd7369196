package cufflink.core.drawing;

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
   * Says whether this stands for something.
   *
   * @return false for {@link #NONE}
   */
  public boolean isSomething() {
    return !equals(NONE);
  }
}

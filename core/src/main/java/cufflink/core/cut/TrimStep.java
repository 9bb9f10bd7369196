package cufflink.core.cut;

import cufflink.core.measure.Length;
import java.util.Optional;

/**
 * One cut at the trimmer.
 *
 * @param sheet which sheet of the plan it belongs to, counted from 0
 * @param paper the name of what is cut: a sheet's number, or a strip's with its letter
 * @param times how many of it are there to cut alike
 * @param down whether the cut runs down the sheet as it is drawn; otherwise across it
 * @param x where the paper's left edge is on the sheet as drawn
 * @param y where the paper's top edge is on the sheet as drawn
 * @param width the paper's side along the top of the sheet as drawn
 * @param height its other side
 * @param turned whether the paper must be turned a quarter from how it lay at its last cut
 * @param fence from the fence to the blade
 * @param farEdge whether the right or lower edge lies at the fence, and not the left or upper one
 * @param first what is left or above of the cut
 * @param rest what is right or below of the cut
 * @param factory whether an edge that came with the sheet lies at the fence
 * @param narrow whether neither part is as wide as the trimmer holds safely
 * @param placed whether something on it is cut from a certain place of its sheet, so that it
 *     matters which way round it lies
 */
public record TrimStep(
    int sheet,
    String paper,
    int times,
    boolean down,
    Length x,
    Length y,
    Length width,
    Length height,
    boolean turned,
    Length fence,
    boolean farEdge,
    Result first,
    Result rest,
    boolean factory,
    boolean narrow,
    boolean placed) {

  /** What becomes of paper that was cut. */
  public enum Becomes {
    /** It is laid aside as a part. */
    PART,
    /** It is cut again. */
    PAPER,
    /** It goes back into the drawer. */
    OFF_CUT,
    /** It is too small to keep. */
    WASTE
  }

  /**
   * One of the two papers that a cut makes.
   *
   * @param becomes what becomes of it
   * @param name a part's label, or the name of paper that is cut again; otherwise empty
   * @param width its side along the top of the sheet as drawn
   * @param height its other side
   * @param part the part, if it is one
   * @param partTurned whether the part's width as described lies down the sheet
   */
  public record Result(
      Becomes becomes,
      String name,
      Length width,
      Length height,
      Optional<Part> part,
      boolean partTurned) {}

  /**
   * Returns the side along the top of the trimmer, square to the fence.
   *
   * @return its length
   */
  public Length along() {
    return down ? width : height;
  }

  /**
   * Returns how long the cut is.
   *
   * @return its length
   */
  public Length cut() {
    return down ? height : width;
  }

  /**
   * Returns where the cut runs on the sheet as it is drawn.
   *
   * @return the distance from the left edge of a cut down, from the top edge of one across
   */
  public Length at() {
    return down ? x.plus(first.width()) : y.plus(first.height());
  }
}

package cufflink.core.cut;

import cufflink.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A rectangle of paper and what becomes of it: each cut runs from edge to edge. */
public sealed interface Layout {
  /**
   * Returns the side along the top.
   *
   * @return its length
   */
  Length width();

  /**
   * Returns the other side.
   *
   * @return its length
   */
  Length height();

  /**
   * Paper that becomes a part.
   *
   * @param width the side along the top
   * @param height the other side
   * @param part what it becomes
   * @param turned whether its width as described lies down the sheet
   */
  record Cut(Length width, Length height, Part part, boolean turned) implements Layout {}

  /**
   * Paper that is left.
   *
   * @param width the side along the top
   * @param height the other side
   */
  record Spare(Length width, Length height) implements Layout {}

  /**
   * Paper that is cut in two.
   *
   * @param down whether the cut runs down from the top edge; otherwise it runs across
   * @param first the left or upper part
   * @param rest the right or lower part
   */
  record Split(boolean down, Layout first, Layout rest) implements Layout {
    /** Checks that both parts share the whole cut. */
    public Split {
      Length one = down ? first.height() : first.width();
      Length other = down ? rest.height() : rest.width();
      if (!one.equals(other)) {
        throw new IllegalArgumentException("a cut of " + one + " and of " + other);
      }
    }

    @Override
    public Length width() {
      return down ? first.width().plus(rest.width()) : first.width();
    }

    @Override
    public Length height() {
      return down ? first.height() : first.height().plus(rest.height());
    }
  }

  /**
   * Something that lies on a sheet.
   *
   * @param x how far from the left edge
   * @param y how far from the top edge
   * @param what a part or spare paper
   */
  record Placed(Length x, Length y, Layout what) {}

  /**
   * Returns all parts and spare papers and where they lie.
   *
   * @return they, left before right and upper before lower
   */
  default List<Placed> leaves() {
    List<Placed> leaves = new ArrayList<>();
    collect(this, Length.ZERO, Length.ZERO, leaves);
    return leaves;
  }

  private static void collect(Layout layout, Length x, Length y, List<Placed> leaves) {
    if (layout instanceof Split split) {
      collect(split.first(), x, y, leaves);
      Length right = split.down() ? x.plus(split.first().width()) : x;
      Length below = split.down() ? y : y.plus(split.first().height());
      collect(split.rest(), right, below, leaves);
    } else {
      leaves.add(new Placed(x, y, layout));
    }
  }

  /**
   * Returns the parts.
   *
   * @return each as often as it is cut from this paper
   */
  default List<Part> parts() {
    return leaves().stream()
        .map(Placed::what)
        .filter(Cut.class::isInstance)
        .map(each -> ((Cut) each).part())
        .toList();
  }

  /**
   * Returns the largest paper that is left in one piece.
   *
   * @return it, if anything is left
   */
  default Optional<Placed> largestSpare() {
    return leaves().stream()
        .filter(each -> each.what() instanceof Spare)
        .max(java.util.Comparator.comparingDouble(each -> area(each.what())));
  }

  /**
   * Returns an area.
   *
   * @param layout some paper
   * @return square millimetres
   */
  static double area(Layout layout) {
    return layout.width().toMillimetres() * layout.height().toMillimetres();
  }
}

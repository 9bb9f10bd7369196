package cufflink.core.cut;

import cufflink.core.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Puts the strips of a layout in an order that is easy to cut: wide strips before narrow ones,
 * equal ones beside each other, spare paper last and in one piece. Each strip stays as it is, so
 * the layout yields the same parts and no less spare paper in one piece.
 */
final class Neat {
  private Neat() {}

  static Layout of(Layout layout) {
    if (!(layout instanceof Layout.Split split)) {
      return layout;
    }
    boolean down = split.down();
    List<Layout> strips = new ArrayList<>();
    collect(split, down, strips);
    Length spare = Length.ZERO;
    List<Layout> used = new ArrayList<>();
    for (Layout strip : strips) {
      if (strip instanceof Layout.Spare) {
        spare = spare.plus(side(strip, down));
      } else {
        used.add(strip);
      }
    }
    used.sort(
        Comparator.comparing((Layout strip) -> side(strip, down))
            .reversed()
            .thenComparing(strip -> strip.parts().get(0).label()));
    if (spare.isPositive()) {
      used.add(
          down
              ? new Layout.Spare(spare, layout.height())
              : new Layout.Spare(layout.width(), spare));
    }
    Layout all = used.get(used.size() - 1);
    for (int i = used.size() - 2; i >= 0; i--) {
      all = new Layout.Split(down, used.get(i), all);
    }
    return all;
  }

  /** Gathers the strips that cuts of one direction make, each put in order itself. */
  private static void collect(Layout layout, boolean down, List<Layout> strips) {
    if (layout instanceof Layout.Split split && split.down() == down) {
      collect(split.first(), down, strips);
      collect(split.rest(), down, strips);
      return;
    }
    Layout neat = of(layout);
    if (neat != layout && neat instanceof Layout.Split split && split.down() == down) {
      collect(neat, down, strips);
    } else {
      strips.add(neat);
    }
  }

  static Length side(Layout layout, boolean down) {
    return down ? layout.width() : layout.height();
  }
}

package cufflink.core.cut;

import cufflink.core.measure.Length;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A room and how it is cut, its parts not yet told apart by their labels.
 *
 * @param room what is cut
 * @param layout how it is cut
 * @param times how many are cut like this
 */
record Filled(Kinds.Room room, Layout layout, int times) {

  /** Returns the area of the largest paper that a layout leaves, in square millimetres. */
  static double spare(Layout layout) {
    return Neat.of(layout).largestSpare().map(each -> Layout.area(each.what())).orElse(0.0);
  }

  /** Returns at how many places the fence must stand to cut a layout. */
  static int settings(Layout layout) {
    Set<Length> settings = new HashSet<>();
    collect(Neat.of(layout), settings);
    return settings.size();
  }

  private static void collect(Layout layout, Set<Length> settings) {
    if (layout instanceof Layout.Split split) {
      settings.add(Neat.side(split.first(), split.down()));
      collect(split.first(), settings);
      collect(split.rest(), settings);
    }
  }

  /** A whole solution and how good it is. */
  record Solution(List<Filled> sheets) implements Comparable<Solution> {
    Solution {
      sheets = List.copyOf(sheets);
    }

    int newSheets() {
      return count(false);
    }

    private int count(boolean offCut) {
      return sheets.stream()
          .filter(each -> each.room().stock().offCut() == offCut)
          .mapToInt(Filled::times)
          .sum();
    }

    private double spare() {
      return sheets.stream()
          .flatMap(each -> each.layout().largestSpare().stream())
          .mapToDouble(each -> Layout.area(each.what()))
          .max()
          .orElse(0);
    }

    private int settings() {
      Set<Length> settings = new HashSet<>();
      sheets.forEach(each -> collect(Neat.of(each.layout()), settings));
      return settings.size();
    }

    /**
     * The fewest new sheets, then the fewest off-cuts, then the largest spare, then the fewest
     * widths to set the fence to.
     */
    @Override
    public int compareTo(Solution other) {
      int order = Integer.compare(newSheets(), other.newSheets());
      if (order == 0) {
        order = Integer.compare(count(true), other.count(true));
      }
      if (order == 0) {
        order = Double.compare(other.spare(), spare());
      }
      return order == 0 ? Integer.compare(settings(), other.settings()) : order;
    }

    Solution and(Solution other) {
      List<Filled> all = new ArrayList<>(sheets);
      all.addAll(other.sheets());
      return new Solution(all);
    }
  }
}

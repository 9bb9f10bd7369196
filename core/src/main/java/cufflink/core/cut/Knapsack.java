package cufflink.core.cut;

import cufflink.core.measure.Length;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;

/**
 * The most valuable guillotine layout of one room when each kind has a value and may be cut as
 * often as one likes.
 *
 * <p>The best of a rectangle is one part, or the best of the two rectangles it is cut into (P. C.
 * Gilmore and R. E. Gomory, Operations Research 13, 1965, from memory). Cuts need only lie at sums
 * of sides. If there are too many of those, all sizes are taken down to a grid: the value is then
 * no less than the true one, but there is no layout.
 */
final class Knapsack {
  private static final int MOST_SUMS = 260;
  private static final int INHERIT_NARROWER = -1;
  private static final int INHERIT_LOWER = -2;

  private final Kinds kinds;
  private final Kinds.Room room;
  private final boolean exact;
  private final long[] across;
  private final long[] down;
  private final long stepAcross;
  private final long stepDown;
  private final int[][] restAcross;
  private final int[][] restDown;
  private final double[][] best;
  private final int[][] choice;

  /** What a layout holds. */
  record Pattern(double value, int[] counts, Layout layout) {}

  Knapsack(Kinds kinds, Kinds.Room room, int[] demand) {
    this.kinds = kinds;
    this.room = room;
    long[] sumsAcross = sums(kinds, room, demand, true);
    long[] sumsDown = sums(kinds, room, demand, false);
    exact = sumsAcross.length <= MOST_SUMS && sumsDown.length <= MOST_SUMS;
    stepAcross = exact ? 1 : Math.max(1, room.width() / MOST_SUMS + 1);
    stepDown = exact ? 1 : Math.max(1, room.height() / MOST_SUMS + 1);
    across = exact ? sumsAcross : grid(room.width() / stepAcross);
    down = exact ? sumsDown : grid(room.height() / stepDown);
    restAcross = rests(across);
    restDown = rests(down);
    best = new double[across.length][down.length];
    choice = new int[across.length][down.length];
  }

  private static long[] grid(long most) {
    long[] grid = new long[(int) most + 1];
    Arrays.setAll(grid, i -> i);
    return grid;
  }

  /** Returns the sums of sides that fit the room, nought among them; too many are not all found. */
  private static long[] sums(Kinds kinds, Kinds.Room room, int[] demand, boolean isAcross) {
    long most = isAcross ? room.width() : room.height();
    TreeSet<Long> sums = new TreeSet<>(List.of(0L));
    for (int kind = 0; kind < kinds.size(); kind++) {
      for (boolean turned : new boolean[] {false, true}) {
        long side = isAcross ? kinds.width(kind, turned) : kinds.height(kind, turned);
        for (int i = 0; i < demand[kind] && room.allows(kind, turned); i++) {
          int before = sums.size();
          for (long sum : sums.toArray(new Long[0])) {
            if (sum + side <= most) {
              sums.add(sum + side);
            }
          }
          if (sums.size() == before || sums.size() > MOST_SUMS) {
            break;
          }
        }
      }
    }
    return sums.stream().mapToLong(each -> each).toArray();
  }

  /** For each size and each smaller one, the largest sum that what is left still holds. */
  private static int[][] rests(long[] sums) {
    int[][] rests = new int[sums.length][];
    for (int i = 0; i < sums.length; i++) {
      rests[i] = new int[i + 1];
      for (int part = 0; part <= i; part++) {
        int found = Arrays.binarySearch(sums, sums[i] - sums[part]);
        rests[i][part] = found >= 0 ? found : -found - 2;
      }
    }
    return rests;
  }

  boolean isExact() {
    return exact;
  }

  /** Returns the value of the best layout; with a grid, a value that no layout exceeds. */
  double solve(double[] values) {
    for (int i = 0; i < across.length; i++) {
      for (int j = 0; j < down.length; j++) {
        solve(i, j, values);
      }
    }
    return best[across.length - 1][down.length - 1];
  }

  private void solve(int i, int j, double[] values) {
    double most = 0;
    int how = 0;
    for (int kind = 0; kind < values.length; kind++) {
      if (values[kind] > most && (fits(kind, false, i, j) || fits(kind, true, i, j))) {
        most = values[kind];
        how = 1 + 2 * kind + (fits(kind, false, i, j) ? 0 : 1);
      }
    }
    if (i > 0 && best[i - 1][j] >= most) {
      most = best[i - 1][j];
      how = INHERIT_NARROWER;
    }
    if (j > 0 && best[i][j - 1] >= most) {
      most = best[i][j - 1];
      how = INHERIT_LOWER;
    }
    int base = 1 + 2 * values.length;
    boolean cutsDown = down[j] * stepDown <= kinds.longestCut();
    boolean cutsAcross = across[i] * stepAcross <= kinds.longestCut();
    for (int cut = 1; cutsDown && cut < i && 2 * across[cut] <= across[i]; cut++) {
      double value = best[cut][j] + best[restAcross[i][cut]][j];
      if (value > most) {
        most = value;
        how = base + cut;
      }
    }
    base += across.length;
    double[] column = best[i];
    for (int cut = 1; cutsAcross && cut < j && 2 * down[cut] <= down[j]; cut++) {
      double value = column[cut] + column[restDown[j][cut]];
      if (value > most) {
        most = value;
        how = base + cut;
      }
    }
    best[i][j] = most;
    choice[i][j] = how;
  }

  private boolean fits(int kind, boolean turned, int i, int j) {
    return room.allows(kind, turned)
        && kinds.width(kind, turned) / stepAcross <= across[i]
        && kinds.height(kind, turned) / stepDown <= down[j];
  }

  /** Returns the layout found last; there is none with a grid. */
  Pattern pattern(int kindCount) {
    int[] counts = new int[kindCount];
    Layout layout = layout(across.length - 1, down.length - 1, room.width(), room.height(), counts);
    return new Pattern(best[across.length - 1][down.length - 1], counts, layout);
  }

  private Layout layout(int i, int j, long width, long height, int[] counts) {
    int how = choice[i][j];
    int base = 1 + 2 * counts.length;
    if (how == INHERIT_NARROWER) {
      return layout(i - 1, j, width, height, counts);
    }
    if (how == INHERIT_LOWER) {
      return layout(i, j - 1, width, height, counts);
    }
    if (how == 0) {
      return Blocks.spare(width, height);
    }
    if (how < base) {
      counts[(how - 1) / 2]++;
      return part((how - 1) / 2, (how - 1) % 2 == 1, width, height);
    }
    if (how < base + across.length) {
      int cut = how - base;
      if (height > kinds.longestCut()) {
        // Too long to be cut down: what is not needed of it is cut off across it first.
        return new Layout.Split(
            false, layout(i, j, width, down[j], counts), Blocks.spare(width, height - down[j]));
      }
      return new Layout.Split(
          true,
          layout(cut, j, across[cut], height, counts),
          layout(restAcross[i][cut], j, width - across[cut], height, counts));
    }
    int cut = how - base - across.length;
    if (width > kinds.longestCut()) {
      return new Layout.Split(
          true, layout(i, j, across[i], height, counts), Blocks.spare(width - across[i], height));
    }
    return new Layout.Split(
        false,
        layout(i, cut, width, down[cut], counts),
        layout(i, restDown[j][cut], width, height - down[cut], counts));
  }

  private Layout part(int kind, boolean turned, long width, long height) {
    return trimmed(kinds, kind, turned, width, height);
  }

  /** Cuts one part from the corner of a rectangle. */
  static Layout trimmed(Kinds kinds, int kind, boolean turned, long width, long height) {
    long wide = kinds.width(kind, turned);
    long tall = kinds.height(kind, turned);
    boolean downFirst = height <= kinds.longestCut() || tall == height;
    if (wide < width && downFirst) {
      return new Layout.Split(
          true, trimmed(kinds, kind, turned, wide, height), Blocks.spare(width - wide, height));
    }
    if (tall < height) {
      return new Layout.Split(
          false, trimmed(kinds, kind, turned, width, tall), Blocks.spare(width, height - tall));
    }
    Part part = kinds.parts(kind).get(0);
    return new Layout.Cut(Length.ofUnits(wide), Length.ofUnits(tall), part, turned);
  }

  /** Returns a layout with no more of each kind than is wanted; what is too much is spare. */
  static Layout limited(Kinds kinds, Layout layout, int[] wanted) {
    int[] left = wanted.clone();
    return limit(kinds, layout, left);
  }

  private static Layout limit(Kinds kinds, Layout layout, int[] left) {
    if (layout instanceof Layout.Split split) {
      Layout first = limit(kinds, split.first(), left);
      Layout rest = limit(kinds, split.rest(), left);
      boolean empty = first instanceof Layout.Spare && rest instanceof Layout.Spare;
      return empty
          ? new Layout.Spare(layout.width(), layout.height())
          : new Layout.Split(split.down(), first, rest);
    }
    if (layout instanceof Layout.Cut cut) {
      int kind = kindOf(kinds, cut.part());
      if (left[kind] == 0) {
        return new Layout.Spare(cut.width(), cut.height());
      }
      left[kind]--;
    }
    return layout;
  }

  static int kindOf(Kinds kinds, Part part) {
    int kind = 0;
    while (!kinds.parts(kind).get(0).equals(part)) {
      kind++;
    }
    return kind;
  }

  /** Returns how many of each kind a layout holds. */
  static int[] counts(Kinds kinds, Layout layout) {
    int[] counts = new int[kinds.size()];
    layout.parts().forEach(part -> counts[kindOf(kinds, part)]++);
    return counts;
  }
}

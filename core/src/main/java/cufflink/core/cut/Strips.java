package cufflink.core.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Lays the parts of one sheet in strips that run from edge to edge, parts of one size in strips of
 * their own as far as may be: hands need few settings of the fence for such a sheet. It is tried
 * whether the parts that a plan has put on a sheet can be laid so as well.
 */
final class Strips {
  private final Kinds kinds;
  private final Kinds.Room room;
  private final boolean columns;
  private final List<Strip> strips = new ArrayList<>();

  /** A part as it lies: across its strip, and along it. */
  private record Item(int kind, boolean turned, long across, long along) {}

  /** A strip and what lies in it. */
  private static final class Strip {
    private final long across;
    private final List<Item> items = new ArrayList<>();
    private long used;

    Strip(long across) {
      this.across = across;
    }

    void add(Item item) {
      items.add(item);
      used += item.along();
    }
  }

  private Strips(Kinds kinds, Kinds.Room room, boolean columns) {
    this.kinds = kinds;
    this.room = room;
    this.columns = columns;
  }

  /**
   * Lays parts in strips.
   *
   * @param counts how many of each kind
   * @return the layouts that were found, none if the parts do not go into strips
   */
  static List<Layout> layouts(Kinds kinds, Kinds.Room room, int[] counts) {
    List<Layout> layouts = new ArrayList<>();
    for (boolean columns : new boolean[] {true, false}) {
      for (Lie lie : Lie.values()) {
        new Strips(kinds, room, columns).layout(counts, lie).ifPresent(layouts::add);
      }
    }
    return layouts;
  }

  /** Which side of a part runs along its strip, as far as its print and folds let it. */
  private enum Lie {
    AS_DESCRIBED,
    TURNED,
    LONG_SIDE_ALONG,
    LONG_SIDE_ACROSS
  }

  private Optional<Layout> layout(int[] counts, Lie lie) {
    List<Item> items = new ArrayList<>();
    for (int kind = 0; kind < counts.length; kind++) {
      Item item = item(kind, lie);
      for (int i = 0; i < counts[kind]; i++) {
        items.add(item);
      }
    }
    items.sort(Comparator.comparingLong(Item::across).thenComparingLong(Item::along).reversed());
    long length = columns ? room.height() : room.width();
    for (Item item : items) {
      if (item.along() > length) {
        return Optional.empty();
      }
      strip(item, length).add(item);
    }
    long wide = strips.stream().mapToLong(strip -> strip.across).sum();
    boolean fits = wide <= (columns ? room.width() : room.height());
    boolean reaches =
        length <= kinds.longestCut()
            && strips.stream().allMatch(strip -> strip.across <= kinds.longestCut());
    return fits && reaches && !strips.isEmpty() ? Optional.of(layout()) : Optional.empty();
  }

  private Item item(int kind, Lie lie) {
    boolean wide = kinds.width(kind, false) >= kinds.width(kind, true);
    boolean turned =
        switch (lie) {
          case AS_DESCRIBED -> false;
          case TURNED -> true;
          case LONG_SIDE_ALONG -> wide == columns;
          case LONG_SIDE_ACROSS -> wide != columns;
        };
    turned = room.allows(kind, turned) ? turned : !turned;
    long width = kinds.width(kind, turned);
    long height = kinds.height(kind, turned);
    return new Item(kind, turned, columns ? width : height, columns ? height : width);
  }

  /** Finds a strip of the same width with room, then a wider one, then begins another. */
  private Strip strip(Item item, long length) {
    for (boolean same : new boolean[] {true, false}) {
      for (Strip strip : strips) {
        boolean suits = same ? strip.across == item.across() : strip.across > item.across();
        if (suits && strip.used + item.along() <= length) {
          return strip;
        }
      }
    }
    Strip strip = new Strip(item.across());
    strips.add(strip);
    return strip;
  }

  private Layout layout() {
    long left = columns ? room.width() : room.height();
    long length = columns ? room.height() : room.width();
    List<Layout> parts = new ArrayList<>();
    for (Strip strip : strips) {
      parts.add(filled(strip, length));
      left -= strip.across;
    }
    if (left > 0) {
      parts.add(columns ? Blocks.spare(left, length) : Blocks.spare(length, left));
    }
    return chain(parts, columns);
  }

  private Layout filled(Strip strip, long length) {
    List<Layout> parts = new ArrayList<>();
    for (Item item : strip.items) {
      long width = columns ? strip.across : item.along();
      long height = columns ? item.along() : strip.across;
      parts.add(Knapsack.trimmed(kinds, item.kind(), item.turned(), width, height));
    }
    long rest = length - strip.used;
    if (rest > 0) {
      parts.add(columns ? Blocks.spare(strip.across, rest) : Blocks.spare(rest, strip.across));
    }
    return chain(parts, !columns);
  }

  private static Layout chain(List<Layout> parts, boolean down) {
    Layout all = parts.get(parts.size() - 1);
    for (int i = parts.size() - 2; i >= 0; i--) {
      all = new Layout.Split(down, parts.get(i), all);
    }
    return all;
  }
}

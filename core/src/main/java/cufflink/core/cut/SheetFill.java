package cufflink.core.cut;

/**
 * Which sets of parts one room holds, and what paper is left in one piece.
 *
 * <p>Until the paper that is left lies free, each cut takes a strip with some parts off the
 * rectangle that holds it. So what can be left after a set is what can be left after a smaller set,
 * less one strip for the rest; the strip is one of its {@link Blocks}. For each set the largest
 * rectangles that can be left are kept, as the smallest corners that are used up.
 */
final class SheetFill {
  private final Blocks blocks;
  private final Front[] used;

  SheetFill(Blocks blocks) {
    this.blocks = blocks;
    Counts counts = blocks.counts();
    used = new Front[counts.states()];
    used[0] = new Front();
    used[0].add(0, 0);
    for (int state = 1; state < used.length; state++) {
      int whole = state;
      used[whole] = new Front();
      take(whole, whole);
      counts.inside(whole, part -> take(whole, part));
    }
  }

  Kinds.Room room() {
    return blocks.room();
  }

  /** Says whether a set can be cut from the room. */
  boolean holds(int state) {
    return used[state].size() > 0;
  }

  /** Returns the area of the largest paper that can be left, in square units; below 0 if none. */
  double spare(int state) {
    double best = -1;
    for (int i = 0; i < used[state].size(); i++) {
      best = Math.max(best, left(state, i));
    }
    return best;
  }

  private double left(int state, int index) {
    Kinds.Room room = blocks.room();
    double width = room.width() - used[state].wide(index);
    return width * (room.height() - used[state].tall(index));
  }

  /** Adds what is left after one strip with some of the parts. */
  private void take(int state, int part) {
    Front before = used[state - part];
    for (int i = 0; i < before.size(); i++) {
      long wide = before.wide(i);
      long tall = before.tall(i);
      long column = column(part, wide, tall);
      if (column != Front.NONE) {
        used[state].add(wide + column, tall);
      }
      long row = row(part, wide, tall);
      if (row != Front.NONE) {
        used[state].add(wide, tall + row);
      }
    }
  }

  /** Returns how wide a strip down the paper that is left must be for some parts. */
  private long column(int part, long wide, long tall) {
    long width = blocks.room().width() - wide;
    long height = blocks.room().height() - tall;
    long strip = blocks.front(part).widthAt(height);
    long longest = blocks.kinds().longestCut();
    boolean cuts = strip <= width && (strip == width || height <= longest);
    boolean trims = cuts && (strip <= longest || blocks.front(part).heightAt(strip) == height);
    return trims ? strip : Front.NONE;
  }

  private long row(int part, long wide, long tall) {
    long width = blocks.room().width() - wide;
    long height = blocks.room().height() - tall;
    long strip = blocks.front(part).heightAt(width);
    long longest = blocks.kinds().longestCut();
    boolean cuts = strip <= height && (strip == height || width <= longest);
    boolean trims = cuts && (strip <= longest || blocks.front(part).widthAt(strip) == width);
    return trims ? strip : Front.NONE;
  }

  /** Cuts a set from the room and leaves as much paper in one piece as can be left. */
  Layout layout(int state) {
    int best = 0;
    for (int i = 1; i < used[state].size(); i++) {
      if (left(state, i) > left(state, best)) {
        best = i;
      }
    }
    Kinds.Room room = blocks.room();
    long wide = used[state].wide(best);
    long tall = used[state].tall(best);
    Layout spare = null;
    if (wide < room.width() && tall < room.height()) {
      spare = Blocks.spare(room.width() - wide, room.height() - tall);
    }
    return new Tracer(state, wide, tall, spare).layout();
  }

  /** Finds again which strips were taken off, the last one first, and puts them back on. */
  private final class Tracer {
    private int state;
    private long wide;
    private long tall;
    private Layout inner;

    Tracer(int state, long wide, long tall, Layout spare) {
      this.state = state;
      this.wide = wide;
      this.tall = tall;
      this.inner = spare;
    }

    Layout layout() {
      while (state > 0) {
        int now = state;
        if (!back(now)) {
          blocks
              .counts()
              .inside(
                  now,
                  part -> {
                    if (state == now) {
                      back(part);
                    }
                  });
        }
      }
      return inner;
    }

    private boolean back(int part) {
      Front before = used[state - part];
      for (int i = 0; i < before.size(); i++) {
        long column = column(part, before.wide(i), before.tall(i));
        long row = row(part, before.wide(i), before.tall(i));
        boolean isColumn = before.tall(i) == tall && column == wide - before.wide(i);
        boolean isRow = before.wide(i) == wide && row == tall - before.tall(i);
        if (isColumn || isRow) {
          put(part, isColumn, isColumn ? column : row, before.wide(i), before.tall(i));
          return true;
        }
      }
      return false;
    }

    private void put(int part, boolean isColumn, long strip, long wideBefore, long tallBefore) {
      long width = blocks.room().width() - wideBefore;
      long height = blocks.room().height() - tallBefore;
      Layout first = blocks.layout(part, isColumn ? strip : width, isColumn ? height : strip);
      inner = inner == null ? first : new Layout.Split(isColumn, first, inner);
      state -= part;
      wide = wideBefore;
      tall = tallBefore;
    }
  }
}

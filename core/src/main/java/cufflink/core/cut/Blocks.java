package cufflink.core.cut;

import cufflink.core.measure.Length;

/**
 * The smallest rectangles from which each set of parts can be cut by guillotine cuts.
 *
 * <p>A rectangle that is cut in two holds two smaller sets, so the smallest rectangles of a set are
 * those of two sets inside it, side by side or one above the other. Every guillotine layout is
 * found this way, and no other (P. Y. Wang, Operations Research 31, 1983, from memory).
 */
final class Blocks {
  private final Kinds kinds;
  private final Kinds.Room room;
  private final Counts counts;
  private final Front[] fronts;

  Blocks(Kinds kinds, Kinds.Room room, Counts counts) {
    this.kinds = kinds;
    this.room = room;
    this.counts = counts;
    this.fronts = new Front[counts.states()];
    for (int state = 1; state < fronts.length; state++) {
      fronts[state] = new Front();
      build(state);
    }
  }

  private void build(int state) {
    for (int kind = 0; kind < kinds.size(); kind++) {
      if (counts.isSingle(state, kind)) {
        single(state, kind, false);
        single(state, kind, true);
      }
    }
    Front front = fronts[state];
    counts.inside(
        state,
        part -> {
          if (2 * part >= state) {
            join(front, fronts[part], fronts[state - part]);
          }
        });
  }

  private void single(int state, int kind, boolean turned) {
    long width = kinds.width(kind, turned);
    long height = kinds.height(kind, turned);
    if (room.allows(kind, turned) && width <= room.width() && height <= room.height()) {
      fronts[state].add(width, height);
    }
  }

  private void join(Front front, Front one, Front other) {
    for (int i = 0; i < one.size() + other.size(); i++) {
      boolean mine = i < one.size();
      Front from = mine ? one : other;
      int index = mine ? i : i - one.size();
      long height = from.tall(index);
      long left = one.widthAt(height);
      long right = other.widthAt(height);
      if (trims(left, one.heightAt(left), height) && trims(right, other.heightAt(right), height)) {
        add(front, sum(left, right), height, height);
      }
      long width = from.wide(index);
      long top = one.heightAt(width);
      long foot = other.heightAt(width);
      if (trims(top, one.widthAt(top), width) && trims(foot, other.widthAt(foot), width)) {
        add(front, width, sum(top, foot), width);
      }
    }
  }

  /** Says whether a strip that is longer than what it holds can be trimmed across. */
  private boolean trims(long strip, long holds, long length) {
    return holds == length || strip <= kinds.longestCut();
  }

  private void add(Front front, long width, long height, long cut) {
    if (width <= room.width() && height <= room.height() && cut <= kinds.longestCut()) {
      front.add(width, height);
    }
  }

  private static long sum(long one, long other) {
    return one == Front.NONE || other == Front.NONE ? Front.NONE : one + other;
  }

  Front front(int state) {
    return fronts[state];
  }

  Counts counts() {
    return counts;
  }

  Kinds.Room room() {
    return room;
  }

  Kinds kinds() {
    return kinds;
  }

  /** Cuts a set from a rectangle that is large enough for it. */
  Layout layout(int state, long width, long height) {
    Front front = fronts[state];
    long wide = front.widthAt(height);
    long tall = front.heightAt(wide);
    if (wide < width) {
      return new Layout.Split(true, layout(state, wide, height), spare(width - wide, height));
    }
    if (tall < height) {
      return new Layout.Split(false, layout(state, wide, tall), spare(width, height - tall));
    }
    for (int kind = 0; kind < kinds.size(); kind++) {
      if (counts.isSingle(state, kind)) {
        boolean turned = kinds.width(kind, false) != wide || kinds.height(kind, false) != tall;
        boolean lies = turned || !room.allows(kind, false);
        return new Layout.Cut(
            Length.ofUnits(wide), Length.ofUnits(tall), kinds.parts(kind).get(0), lies);
      }
    }
    return new Splitter(state, wide, tall).layout();
  }

  static Layout.Spare spare(long width, long height) {
    return new Layout.Spare(Length.ofUnits(width), Length.ofUnits(height));
  }

  /** Finds again how a smallest rectangle was put together. */
  private final class Splitter {
    private final int state;
    private final long wide;
    private final long tall;
    private Layout found;

    Splitter(int state, long wide, long tall) {
      this.state = state;
      this.wide = wide;
      this.tall = tall;
    }

    Layout layout() {
      counts.inside(state, this::tryPart);
      return found;
    }

    private void tryPart(int part) {
      if (found != null) {
        return;
      }
      Front one = fronts[part];
      Front other = fronts[state - part];
      long left = one.widthAt(tall);
      long top = one.heightAt(wide);
      if (tall <= kinds.longestCut() && sum(left, other.widthAt(tall)) == wide) {
        found =
            new Layout.Split(
                true,
                Blocks.this.layout(part, left, tall),
                Blocks.this.layout(state - part, wide - left, tall));
      } else if (wide <= kinds.longestCut() && sum(top, other.heightAt(wide)) == tall) {
        found =
            new Layout.Split(
                false,
                Blocks.this.layout(part, wide, top),
                Blocks.this.layout(state - part, wide, tall - top));
      }
    }
  }
}

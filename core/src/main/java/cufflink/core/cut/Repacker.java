package cufflink.core.cut;

import cufflink.core.cut.Bins.Bin;
import cufflink.core.cut.Filled.Solution;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * A good plan for many parts: a few sheets at a time are emptied and filled again in another order,
 * and the change is kept if it takes fewer sheets or fills some better and leaves others emptier.
 */
final class Repacker {
  private static final int TRIES = 6;
  private static final int SHOWS = 50;

  private final Kinds kinds;
  private final Random random = new Random(20_260);
  private final Watch watch;
  private List<Bin> bins = new ArrayList<>();
  private boolean complete = true;

  Repacker(Kinds kinds, Watch watch) {
    this.kinds = kinds;
    this.watch = watch;
  }

  /**
   * Plans some parts.
   *
   * @param demand how many of each kind
   * @param enough the search ends at this many new sheets
   * @param rounds how many changes are tried
   * @return the plan; its sheets are each used once
   */
  Solution pack(int[] demand, int enough, int rounds) {
    List<Integer> all = new ArrayList<>();
    for (int kind = 0; kind < demand.length; kind++) {
      for (int i = 0; i < demand[kind]; i++) {
        all.add(kind);
      }
    }
    all.sort(Comparator.comparingDouble((Integer kind) -> kinds.area(kind)).reversed());
    bins = fill(all, new Bins(kinds, true, true), unusedOffCuts(List.of())).orElse(List.of());
    complete = !bins.isEmpty() || all.isEmpty();
    for (int round = 0; round < rounds && sheets(bins) > enough; round++) {
      if (round % SHOWS == 0 && watch.stops()) {
        break;
      }
      change();
    }
    return new Solution(
        bins.stream()
            .filter(bin -> !bin.kindsOnIt().isEmpty())
            .map(bin -> new Filled(bin.room(), bin.root().layout(kinds), 1))
            .toList());
  }

  /** Says whether every part found room. */
  boolean isComplete() {
    return complete;
  }

  private static int sheets(List<Bin> bins) {
    return (int) bins.stream().filter(bin -> !bin.room().stock().offCut()).count();
  }

  private List<Kinds.Room> unusedOffCuts(List<Bin> kept) {
    List<Kinds.Room> unused = new ArrayList<>();
    for (Kinds.Room room : kinds.offCuts()) {
      long used = kept.stream().filter(bin -> bin.room() == room).count();
      for (long i = used; i < room.stock().count(); i++) {
        unused.add(room);
      }
    }
    return unused;
  }

  private void change() {
    List<Bin> kept = new ArrayList<>(bins);
    List<Bin> emptied = new ArrayList<>();
    kept.sort(Comparator.comparingDouble(bin -> bin.filled(kinds)));
    int count = Math.min(kept.size(), 2 + random.nextInt(3));
    emptied.add(kept.remove(Math.min(random.nextInt(3), kept.size() - 1)));
    while (emptied.size() < count) {
      emptied.add(kept.remove(random.nextInt(kept.size())));
    }
    List<Integer> parts = new ArrayList<>();
    emptied.forEach(bin -> parts.addAll(bin.kindsOnIt()));
    double before = worth(emptied);
    for (int i = 0; i < TRIES; i++) {
      shuffle(parts);
      int habit = random.nextInt(3);
      List<Bin> again =
          fill(parts, new Bins(kinds, habit == 0, habit == 2), unusedOffCuts(kept)).orElse(emptied);
      if (sheets(again) < sheets(emptied)
          || sheets(again) == sheets(emptied) && worth(again) > before) {
        kept.addAll(again);
        bins = kept;
        return;
      }
    }
  }

  /** Some sheets full and others nearly empty are worth more than all filled alike. */
  private double worth(List<Bin> some) {
    return some.stream().mapToDouble(bin -> Math.pow(bin.filled(kinds), 2)).sum();
  }

  /** Puts larger parts first, by and large. */
  private void shuffle(List<Integer> parts) {
    int way = random.nextInt(3);
    double blur = random.nextDouble() * 0.8;
    double[] keys =
        IntStream.range(0, kinds.size())
            .mapToDouble(kind -> key(kind, way) * (1 + blur * random.nextGaussian()))
            .toArray();
    parts.sort(Comparator.comparingDouble((Integer kind) -> keys[kind]).reversed());
    for (int i = random.nextInt(3); i > 0 && parts.size() > 1; i--) {
      parts.add(random.nextInt(parts.size()), parts.remove(random.nextInt(parts.size() - 1)));
    }
  }

  private double key(int kind, int way) {
    double width = kinds.width(kind, false);
    double height = kinds.height(kind, false);
    return switch (way) {
      case 0 -> width * height;
      case 1 -> Math.max(width, height);
      default -> width + height;
    };
  }

  /** Fills off-cuts and as many sheets as it takes; nothing if a part finds no room anywhere. */
  private java.util.Optional<List<Bin>> fill(
      List<Integer> parts, Bins target, List<Kinds.Room> offCuts) {
    offCuts.forEach(target::open);
    for (int kind : parts) {
      if (!target.put(kind)) {
        List<Kinds.Room> holding =
            kinds.sheets().stream().filter(room -> kinds.fits(kind, room)).toList();
        if (holding.isEmpty()) {
          return java.util.Optional.empty();
        }
        target.open(holding.get(random.nextInt(holding.size())));
        target.put(kind);
      }
    }
    return java.util.Optional.of(
        target.bins().stream().filter(bin -> !bin.kindsOnIt().isEmpty()).toList());
  }
}

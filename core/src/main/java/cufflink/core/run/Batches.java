package cufflink.core.run;

import cufflink.core.measure.Length;
import cufflink.core.run.ScoreJob.Batch;
import cufflink.core.run.ScoreJob.Item;
import cufflink.core.run.ScoreRun.Stop;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Puts what is scored at the same stops together, and in an order in which a piece that was taken
 * up is finished before the next wherever that can be.
 */
final class Batches {
  private final Map<List<Length>, Batch> together = new LinkedHashMap<>();
  private final Set<Batch> begun = new HashSet<>();
  private final List<Batch> ordered = new ArrayList<>();

  private Batches(List<Item> items) {
    Map<List<Length>, List<Item>> byStops = new LinkedHashMap<>();
    items.forEach(
        item -> byStops.computeIfAbsent(stops(item), each -> new ArrayList<>()).add(item));
    byStops.forEach((stops, alike) -> together.put(stops, new Batch(stops, alike)));
  }

  /** Returns the batches; if pieces would wait for each other, each is scored by itself. */
  static List<Batch> of(List<Item> items) {
    Batches batches = new Batches(items);
    boolean works = items.stream().allMatch(batches::put);
    return works
        ? List.copyOf(batches.ordered)
        : items.stream().map(item -> new Batch(stops(item), List.of(item))).toList();
  }

  private static List<Length> stops(Item item) {
    return item.setup().stops().stream().map(Stop::at).distinct().toList();
  }

  /** Puts the batch of an item next, after what must be scored before; false if it cannot be. */
  private boolean put(Item item) {
    Batch batch = together.get(stops(item));
    if (ordered.contains(batch)) {
      return true;
    }
    if (!begun.add(batch)) {
      return false;
    }
    for (Item each : batch.items()) {
      Optional<Item> before = before(each);
      if (before.isPresent() && !put(before.get())) {
        return false;
      }
    }
    ordered.add(batch);
    return true;
  }

  /** Returns how the same piece was laid before. */
  private Optional<Item> before(Item item) {
    int index = item.run().setups().indexOf(item.setup());
    return index == 0
        ? Optional.empty()
        : together.values().stream()
            .flatMap(batch -> batch.items().stream())
            .filter(each -> each.run() == item.run())
            .filter(each -> each.setup() == item.run().setups().get(index - 1))
            .findFirst();
  }
}

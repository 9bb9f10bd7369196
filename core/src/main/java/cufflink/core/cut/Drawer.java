package cufflink.core.cut;

import cufflink.core.measure.Length;
import cufflink.core.paper.Paper;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The maker's sheets and off-cuts, and what is set aside for jobs that are not made yet.
 *
 * @param stock the sheets and off-cuts
 * @param reserved how many of which stock is set aside, by job and by the stock's id
 */
public record Drawer(List<Stock> stock, Map<String, Map<String, Integer>> reserved) {
  /** A drawer with nothing in it. */
  public static final Drawer EMPTY = new Drawer(List.of(), Map.of());

  /** The least sides of an off-cut worth keeping; common practice, no source. */
  private static final Length USEFUL = Length.ofMillimetres(40);

  private static final String OFF_CUT = "off-cut-";

  /**
   * Sheets to buy before a job can be cut.
   *
   * @param stock which sheets
   * @param count how many are missing, above zero
   */
  public record Shortfall(Stock stock, int count) {}

  /** Copies the list and the maps. */
  public Drawer {
    stock = List.copyOf(stock);
    Map<String, Map<String, Integer>> copy = new LinkedHashMap<>();
    reserved.forEach((job, counts) -> copy.put(job, Map.copyOf(counts)));
    reserved = Map.copyOf(copy);
  }

  /**
   * Says whether an off-cut is worth keeping.
   *
   * @param width one side
   * @param height the other side
   * @return true if both sides are at least 40 mm
   */
  public static boolean isUseful(Length width, Length height) {
    return width.compareTo(USEFUL) >= 0 && height.compareTo(USEFUL) >= 0;
  }

  /**
   * Returns what a job can be cut from: all of one paper that is not set aside for other jobs.
   *
   * @param paper the paper
   * @param job the job
   * @return the stock, its counts without what others have reserved
   */
  public List<Stock> free(Paper paper, String job) {
    List<Stock> free = new ArrayList<>();
    for (Stock each : stock) {
      if (each.paper().equals(paper)) {
        int others =
            reserved.entrySet().stream()
                .filter(entry -> !entry.getKey().equals(job))
                .mapToInt(entry -> entry.getValue().getOrDefault(each.id(), 0))
                .sum();
        free.add(each.withCount(Math.max(0, each.count() - others)));
      }
    }
    return free;
  }

  /**
   * Sets paper aside for a job, in place of what was set aside for it before.
   *
   * @param job the job
   * @param plans how its papers are cut
   * @return the changed drawer
   */
  public Drawer reserve(String job, List<CutPlan> plans) {
    Map<String, Integer> counts = new LinkedHashMap<>();
    plans.forEach(
        plan ->
            plan.takes().forEach((each, count) -> counts.merge(each.id(), count, Integer::sum)));
    return withReserved(job, counts);
  }

  /**
   * Lets the paper go that is set aside for a job.
   *
   * @param job the job
   * @return the changed drawer
   */
  public Drawer release(String job) {
    return withReserved(job, Map.of());
  }

  private Drawer withReserved(String job, Map<String, Integer> counts) {
    Map<String, Map<String, Integer>> now = new LinkedHashMap<>(reserved);
    now.remove(job);
    if (!counts.isEmpty()) {
      now.put(job, counts);
    }
    return new Drawer(stock, now);
  }

  /**
   * Takes the paper out that a job is cut from, and puts its useful off-cuts in.
   *
   * @param job the job
   * @param plan how it was cut
   * @param run the cuts
   * @return the changed drawer; of sheets that had to be bought as many as before are left
   */
  public Drawer take(String job, CutPlan plan, TrimRun run) {
    Map<Stock, Integer> takes = plan.takes();
    Map<String, Integer> aside = new LinkedHashMap<>(reserved.getOrDefault(job, Map.of()));
    takes.forEach(
        (each, count) ->
            aside.computeIfPresent(
                each.id(), (id, before) -> before > count ? before - count : null));
    List<Stock> now = new ArrayList<>();
    for (Stock each : stock) {
      int taken =
          takes.entrySet().stream()
              .filter(entry -> entry.getKey().id().equals(each.id()))
              .mapToInt(Map.Entry::getValue)
              .sum();
      int left = Math.max(0, each.count() - taken);
      if (left > 0 || !each.offCut()) {
        now.add(each.withCount(left));
      }
    }
    Drawer drawer = new Drawer(now, withReserved(job, aside).reserved);
    for (TrimStep step : run.steps()) {
      Paper paper = plan.sheets().get(step.sheet()).stock().paper();
      for (TrimStep.Result result : List.of(step.first(), step.rest())) {
        if (result.becomes() == TrimStep.Becomes.OFF_CUT) {
          drawer = drawer.putOffCut(paper, result.width(), result.height(), step.times());
        }
      }
    }
    return drawer;
  }

  /**
   * Puts off-cuts in.
   *
   * @param paper what they are
   * @param width the side along the top as their print stands
   * @param height the other side
   * @param count how many, above zero
   * @return the changed drawer
   */
  public Drawer putOffCut(Paper paper, Length width, Length height, int count) {
    return put(new Stock(freshId(), paper.name(), width, height, count, true, paper));
  }

  /**
   * Puts sheets or off-cuts in. Those of a size and paper that is there already are counted to it.
   *
   * @param more what is put in
   * @return the changed drawer
   */
  public Drawer put(Stock more) {
    List<Stock> now = new ArrayList<>(stock);
    for (int i = 0; i < now.size(); i++) {
      Stock each = now.get(i);
      if (each.isLike(more)) {
        now.set(i, each.withCount(Math.addExact(each.count(), more.count())));
        return new Drawer(now, reserved);
      }
    }
    now.add(more);
    return new Drawer(now, reserved);
  }

  /**
   * Changes how many of a stock there are.
   *
   * @param id the stock
   * @param count the number; nought takes an off-cut out
   * @return the changed drawer
   */
  public Drawer withCount(String id, int count) {
    List<Stock> now = new ArrayList<>();
    for (Stock each : stock) {
      Stock changed = each.id().equals(id) ? each.withCount(count) : each;
      if (changed.count() > 0 || !changed.offCut()) {
        now.add(changed);
      }
    }
    return new Drawer(now, reserved);
  }

  /**
   * Takes a stock out altogether.
   *
   * @param id the stock
   * @return the changed drawer
   */
  public Drawer without(String id) {
    return new Drawer(stock.stream().filter(each -> !each.id().equals(id)).toList(), reserved);
  }

  /** Returns an id that no stock has yet. */
  public String freshId() {
    int number = 1;
    while (has(OFF_CUT + number)) {
      number++;
    }
    return OFF_CUT + number;
  }

  private boolean has(String id) {
    return stock.stream().anyMatch(each -> each.id().equals(id));
  }

  /**
   * Returns what must be bought before a job can be cut.
   *
   * @param job the job
   * @param plan how it is cut
   * @return the missing sheets; empty if everything is at hand
   */
  public List<Shortfall> shortfalls(String job, CutPlan plan) {
    List<Shortfall> missing = new ArrayList<>();
    plan.takes()
        .forEach(
            (each, count) -> {
              int there =
                  free(each.paper(), job).stream()
                      .filter(one -> one.id().equals(each.id()))
                      .mapToInt(Stock::count)
                      .sum();
              if (count > there) {
                missing.add(new Shortfall(each, count - there));
              }
            });
    return missing;
  }
}

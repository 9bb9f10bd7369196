package cufflink.core.cut;

import cufflink.core.cut.Filled.Solution;
import cufflink.core.measure.Length;
import cufflink.core.paper.Sheet;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Plans the cutting: the fewest new sheets, then the fewest off-cuts, then the largest paper left
 * in one piece. A small job is planned exactly. A large one is planned by mixing good fillings and
 * by repacking, with a bound below which no plan can go.
 */
public final class CutPlanner {
  private static final int ROUNDS = 6_000;
  private static final int MOST_REPACKED = 240;
  private static final double MOST_RELAID = 60_000;

  /** What adding up areas in floating point may be off by, as a share. */
  private static final double ROUNDING = 1e-9;

  private final CutQuestion question;
  private final Watch watch;
  private final int effort;
  private final List<Message> problems = new ArrayList<>();

  private CutPlanner(CutQuestion question, Watch watch, int effort) {
    this.question = question;
    this.watch = watch;
    this.effort = effort;
  }

  /**
   * Plans.
   *
   * @param question what is to be cut, and from what
   * @param usual sheets to name when a part is larger than all there is
   * @param watch who waits
   * @return the plan; parts for which there is no paper are named among its problems
   */
  public static CutPlan plan(CutQuestion question, List<Sheet> usual, Watch watch) {
    if (PlacedParts.isIn(question)) {
      return PlacedParts.plan(question, rest -> plan(rest, usual, watch));
    }
    return new CutPlanner(question, watch, 1).plan(usual);
  }

  /**
   * Plans with more patience, to measure by.
   *
   * @param question what is to be cut, and from what
   * @param watch who waits
   * @param effort how many times the usual work, above zero
   * @return the plan
   */
  public static CutPlan plan(CutQuestion question, Watch watch, int effort) {
    return new CutPlanner(question, watch, effort).plan(List.of());
  }

  private CutPlan plan(List<Sheet> usual) {
    List<Part> parts = possible(usual);
    if (parts.isEmpty()) {
      return new CutPlan(List.of(), 0, problems);
    }
    Kinds kinds = new Kinds(new CutQuestion(parts, question.stock(), question.trimmer()));
    Optional<Solution> exact = ExactSearch.search(kinds, kinds.counts(), watch);
    if (exact.isPresent()) {
      return named(kinds, exact.get(), exact.get().newSheets());
    }
    return search(kinds);
  }

  /** Leaves out the parts for which there is no paper, and says why. */
  private List<Part> possible(List<Sheet> usual) {
    Kinds all = new Kinds(question);
    if (all.rooms().isEmpty() && !question.parts().isEmpty()) {
      problems.add(Message.of("cut.no-paper"));
      return List.of();
    }
    List<Part> possible = new ArrayList<>();
    for (int kind = 0; kind < all.size(); kind++) {
      int each = kind;
      if (all.sheets().stream().anyMatch(room -> all.fits(each, room))) {
        possible.addAll(all.parts(kind));
      } else {
        all.parts(kind).forEach(part -> problems.add(new CutProblem(part, all, usual).told()));
      }
    }
    return possible;
  }

  private CutPlan search(Kinds kinds) {
    int[] demand = kinds.counts();
    int pieces = Arrays.stream(demand).sum();
    Columns columns = new Columns(kinds, demand, watch);
    Optional<Solution> best = Optional.empty();
    if (pieces <= MOST_REPACKED) {
      best = better(best, repacked(kinds, demand, columns.bound(), ROUNDS / 6));
      best.ifPresent(each -> watch.found(named(kinds, each, columns.bound())));
    }
    if (best.isEmpty() || best.get().newSheets() > columns.bound()) {
      columns.search();
      int[] left = demand.clone();
      Solution common = columns.common(left);
      best = better(best, rest(kinds, left, columns).map(common::and));
    }
    if (pieces <= MOST_REPACKED
        && best.filter(each -> each.newSheets() <= columns.bound()).isEmpty()) {
      best = better(best, repacked(kinds, demand, columns.bound(), ROUNDS));
    }
    return named(kinds, best.orElseThrow(), columns.bound());
  }

  private static Optional<Solution> better(Optional<Solution> one, Optional<Solution> other) {
    if (one.isEmpty() || other.isEmpty()) {
      return one.or(() -> other);
    }
    return other.get().compareTo(one.get()) < 0 ? other : one;
  }

  private Optional<Solution> repacked(Kinds kinds, int[] demand, int enough, int rounds) {
    Repacker repacker = new Repacker(kinds, watch);
    Solution packed = repacker.pack(demand, enough, rounds * effort);
    return repacker.isComplete() ? Optional.of(packed) : Optional.empty();
  }

  /** Plans what the fillings leave over: exactly if it is little, else a share at a time. */
  private Optional<Solution> rest(Kinds kinds, int[] left, Columns columns) {
    int pieces = Arrays.stream(left).sum();
    if (pieces == 0) {
      return Optional.of(new Solution(List.of()));
    }
    if (kinds.offCuts().isEmpty()) {
      Optional<Solution> exact = ExactSearch.search(kinds, left, watch);
      if (exact.isPresent()) {
        return exact;
      }
    }
    int shares = (pieces + MOST_REPACKED - 1) / MOST_REPACKED;
    if (shares <= 1) {
      return repacked(kinds, left, 0, ROUNDS / 2);
    }
    int[] share = Arrays.stream(left).map(count -> count / shares).toArray();
    int[] remains = new int[left.length];
    Arrays.setAll(remains, kind -> left[kind] - share[kind] * shares);
    Optional<Solution> one = repacked(kinds, share, 0, ROUNDS / 2);
    Optional<Solution> last = rest(kinds, remains, columns);
    if (one.isEmpty() || last.isEmpty()) {
      return Optional.empty();
    }
    List<Filled> sheets = new ArrayList<>();
    one.get().sheets().forEach(each -> sheets.add(new Filled(each.room(), each.layout(), shares)));
    return Optional.of(new Solution(sheets).and(last.get()));
  }

  /** Gives the parts their names, leaves the largest paper whole, and adds the rough edges. */
  private CutPlan named(Kinds kinds, Solution solution, int bound) {
    Labels labels = new Labels(kinds);
    Map<CutSheet, Integer> sheets = new LinkedHashMap<>();
    for (Filled filled : solution.sheets()) {
      for (Filled each : labels.name(tidied(kinds, filled))) {
        Layout whole = withEdges(Neat.of(each.layout()));
        sheets.merge(new CutSheet(each.room().stock(), whole, 1), each.times(), Integer::sum);
      }
    }
    List<CutSheet> all = new ArrayList<>();
    sheets.forEach((sheet, times) -> all.add(new CutSheet(sheet.stock(), sheet.layout(), times)));
    all.sort(
        java.util.Comparator.comparing((CutSheet sheet) -> !sheet.stock().offCut())
            .thenComparing(sheet -> sheet.stock().id()));
    return new CutPlan(all, bound, problems);
  }

  private static Filled tidied(Kinds kinds, Filled filled) {
    int[] counts = Knapsack.counts(kinds, filled.layout());
    Layout best = filled.layout();
    if (Counts.pairs(counts) <= MOST_RELAID) {
      Counts sets = new Counts(counts);
      SheetFill fill = new SheetFill(new Blocks(kinds, filled.room(), sets));
      best = fill.holds(sets.whole()) ? fill.layout(sets.whole()) : best;
    }
    for (Layout strips : Strips.layouts(kinds, filled.room(), counts)) {
      boolean asGood = Filled.spare(strips) >= Filled.spare(best) * (1 - ROUNDING);
      best = asGood && Filled.settings(strips) < Filled.settings(best) ? strips : best;
    }
    return new Filled(filled.room(), best, filled.times());
  }

  /** Adds the rough edges; where the blade is too short for a side, strip by strip. */
  private Layout withEdges(Layout inner) {
    Length edge = question.trimmer().roughEdge();
    if (!edge.isPositive()) {
      return inner;
    }
    Length longest = question.trimmer().longestCut();
    boolean tall = inner.height().plus(edge.times(2)).compareTo(longest) > 0;
    return tall
        ? edged(alongEdges(inner, true, longest), false)
        : edged(alongEdges(inner, false, longest), true);
  }

  /**
   * Adds edges along both sides that run down or across, to each strip if the whole is too long.
   */
  private Layout alongEdges(Layout layout, boolean down, Length longest) {
    Length length = Neat.side(layout, !down);
    if (layout instanceof Layout.Split split
        && split.down() != down
        && length.compareTo(longest) > 0) {
      return new Layout.Split(
          split.down(),
          alongEdges(split.first(), down, longest),
          alongEdges(split.rest(), down, longest));
    }
    if (layout instanceof Layout.Spare && length.compareTo(longest) > 0) {
      Length both = question.trimmer().roughEdge().times(2);
      return down
          ? new Layout.Spare(layout.width().plus(both), layout.height())
          : new Layout.Spare(layout.width(), layout.height().plus(both));
    }
    return edged(layout, down);
  }

  private Layout edged(Layout layout, boolean down) {
    Length edge = question.trimmer().roughEdge();
    Layout spare =
        down ? new Layout.Spare(edge, layout.height()) : new Layout.Spare(layout.width(), edge);
    return new Layout.Split(down, spare, new Layout.Split(down, layout, spare));
  }
}

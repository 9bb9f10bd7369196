package cufflink.core.fit;

import cufflink.core.design.Design;
import cufflink.core.measure.Length;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Bench;
import cufflink.core.pattern.Evaluation;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Parameter.Role;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.value.Values;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.BooleanSupplier;

/**
 * Moves the values of a construction by whole marks so that its cuts and scores fall on marks too.
 *
 * <p>With every value on a mark, what still falls between marks are halves, thirds and the like of
 * them. How each number moves with each value is measured by moving that value by one mark; then
 * all small moves of the values that matter are weighed by this, and the best that breaks no rule
 * is taken: first the least worst deviation, then the fewest numbers off the marks, then the least
 * movement. Numbers that follow from roots cannot be mended and are left out of the weighing.
 */
public final class Snapper {
  private static final int MOST_WEIGHED = 60_000;
  private static final int MOST_TRIED = 250;
  private static final int FARTHEST = 6;

  private final Pattern pattern;
  private final Rulers rulers;
  private final BooleanSupplier cancelled;
  private final List<Parameter> free;
  private final Values start;
  private final Ruled ruled;
  private long[] numbers = {};

  /** How far apart the marks of each number are. */
  private long[] steps = {};

  private long[][] moves = {};

  /** Moves of the free values, in marks, and what they come to. */
  private record Choice(int[] steps, long worst, int off, int moved) {
    static final Comparator<Choice> BEST_FIRST =
        Comparator.comparingLong(Choice::worst)
            .thenComparingInt(Choice::off)
            .thenComparingInt(Choice::moved);
  }

  private Snapper(
      Pattern pattern,
      Values values,
      Rulers rulers,
      Set<String> pinned,
      BooleanSupplier cancelled) {
    this.pattern = pattern;
    this.rulers = rulers;
    this.cancelled = cancelled;
    this.start =
        Relayer.relay(pattern, values, rulers, pinned)
            .and(bench(values))
            .and(Bench.of(rulers.card()));
    this.ruled = Ruled.of(pattern, start, rulers);
    this.free =
        pattern.parameters().stream()
            .filter(each -> start.length(each.id()).isPresent())
            .filter(each -> !pinned.contains(each.id()))
            .filter(each -> !(pattern.isSquare() && each.role() == Role.FINISHED_HEIGHT))
            .toList();
  }

  /** Sets a value; the height of a square construction goes with its width. */
  private Values set(Values values, Parameter parameter, Length length) {
    Values set = values.and(parameter.id(), length);
    return pattern.isSquare() && parameter.role() == Role.FINISHED_WIDTH
        ? set.and(pattern.parameter(Role.FINISHED_HEIGHT).id(), length)
        : set;
  }

  /** Returns what the values already say about the bench. */
  private static Values bench(Values values) {
    Values bench = Values.NONE;
    for (String name : Bench.NAMES) {
      if (values.length(name).isPresent()) {
        bench = bench.and(name, values.length(name).get());
      }
    }
    return bench;
  }

  /**
   * Moves values onto marks.
   *
   * @param pattern the construction
   * @param values the maker's values
   * @param rulers the marks
   * @param pinned the parameters that must stay as they are
   * @param cancelled asked now and then; if it says yes, the best so far is given back
   * @return the new values; without values if the construction comes to nothing with the old ones
   */
  public static Snap snap(
      Pattern pattern,
      Values values,
      Rulers rulers,
      Set<String> pinned,
      BooleanSupplier cancelled) {
    return new Snapper(pattern, values, rulers, pinned, cancelled).snap(values);
  }

  private Snap snap(Values before) {
    Optional<Design> now = design(start);
    if (now.isEmpty()) {
      return new Snap(Optional.empty(), List.of(), List.of());
    }
    List<OffMarks.Number> all = OffMarks.numbers(now.get());
    numbers = units(all);
    steps = all.stream().mapToLong(each -> rulers.of(each.isLayer()).step().units()).toArray();
    moves = new long[free.size()][];
    for (int i = 0; i < free.size(); i++) {
      long[] moved = design(moved(i, 1)).map(OffMarks::numbers).map(Snapper::units).orElse(numbers);
      moves[i] = moved.length == numbers.length ? difference(moved) : new long[numbers.length];
    }
    Values best = start;
    for (Choice choice : choices(guilty())) {
      Optional<Values> values = moved(choice);
      if (values.filter(each -> PatternEvaluator.evaluate(pattern, each).works()).isPresent()) {
        best = values.get();
        break;
      }
    }
    List<OffMarks.Number> left =
        design(best).map(design -> OffMarks.of(design, rulers)).orElse(List.of());
    Values plain = best.without(Bench.NAMES);
    return new Snap(Optional.of(plain), changes(before, plain), left);
  }

  /** Moves the values; a choice that would leave nothing of one is none. */
  private Optional<Values> moved(Choice choice) {
    Values values = start;
    for (int i = 0; i < free.size(); i++) {
      Length length = start.length(free.get(i).id()).orElseThrow();
      Length moved = length.plus(step(i).times(choice.steps()[i]));
      if (choice.steps()[i] != 0 && !moved.isPositive()) {
        return Optional.empty();
      }
      values = set(values, free.get(i), moved);
    }
    return Optional.of(values);
  }

  private Optional<Design> design(Values values) {
    Evaluation evaluation = PatternEvaluator.evaluate(pattern, values);
    return evaluation.design();
  }

  private Values moved(int parameter, int steps) {
    Length length = start.length(free.get(parameter).id()).orElseThrow();
    return set(start, free.get(parameter), length.plus(step(parameter).times(steps)));
  }

  private Length step(int parameter) {
    return ruled.of(free.get(parameter)).step();
  }

  private static long[] units(List<OffMarks.Number> numbers) {
    return numbers.stream().mapToLong(number -> number.length().units()).toArray();
  }

  private long[] difference(long[] moved) {
    long[] difference = new long[numbers.length];
    for (int i = 0; i < numbers.length; i++) {
      difference[i] = moved[i] - numbers[i];
    }
    return difference;
  }

  /** Returns the values that can change where a number falls between marks. */
  private List<Integer> guilty() {
    List<Integer> guilty = new ArrayList<>();
    for (int i = 0; i < free.size(); i++) {
      for (int j = 0; j < moves[i].length; j++) {
        if (moves[i][j] % steps[j] != 0) {
          guilty.add(i);
          break;
        }
      }
    }
    return guilty;
  }

  /** Weighs all small moves of some values and returns the best of them in order. */
  private List<Choice> choices(List<Integer> guilty) {
    int reach = FARTHEST;
    while (reach > 1 && Math.pow(2 * reach + 1, guilty.size()) > MOST_WEIGHED) {
      reach--;
    }
    int known = Math.min(guilty.size(), (int) (Math.log(MOST_WEIGHED) / Math.log(3)));
    PriorityQueue<Choice> worstFirst = new PriorityQueue<>(Choice.BEST_FIRST.reversed());
    weigh(guilty.subList(0, known), 0, reach, new int[free.size()], numbers.clone(), worstFirst);
    List<Choice> best = new ArrayList<>(worstFirst);
    best.sort(Choice.BEST_FIRST);
    return best;
  }

  private void weigh(
      List<Integer> guilty,
      int next,
      int reach,
      int[] steps,
      long[] places,
      PriorityQueue<Choice> kept) {
    if (next == guilty.size()) {
      keep(steps, places, kept);
      return;
    }
    int parameter = guilty.get(next);
    for (int step = -reach; step <= reach && !cancelled.getAsBoolean(); step++) {
      long[] moved = places.clone();
      for (int i = 0; i < moved.length; i++) {
        moved[i] += step * moves[parameter][i];
      }
      steps[parameter] = step;
      weigh(guilty, next + 1, reach, steps, moved, kept);
    }
    steps[parameter] = 0;
  }

  private void keep(int[] steps, long[] places, PriorityQueue<Choice> kept) {
    long worst = 0;
    int off = 0;
    for (int i = 0; i < places.length; i++) {
      long over = Math.floorMod(places[i], this.steps[i]);
      long deviation = Math.min(over, this.steps[i] - over);
      worst = Math.max(worst, deviation);
      off += deviation == 0 ? 0 : 1;
    }
    int moved = 0;
    for (int step : steps) {
      moved += Math.abs(step);
    }
    kept.add(new Choice(steps.clone(), worst, off, moved));
    if (kept.size() > MOST_TRIED) {
      kept.poll();
    }
  }

  private List<Fit.Change> changes(Values before, Values after) {
    List<Fit.Change> changes = new ArrayList<>();
    for (Parameter parameter : free) {
      Length old = pattern.normalValues().and(before).length(parameter.id()).orElseThrow();
      Length now = after.length(parameter.id()).orElseThrow();
      if (!old.equals(now)) {
        changes.add(new Fit.Change(parameter.id(), parameter.label(), old, now));
      }
    }
    return changes;
  }
}

package cufflink.core.fit;

import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Bench;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.value.Values;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/** Lays the values of a construction out again on other marks, near the same size. */
public final class Relayer {
  private static final int MOST_MOVED = 7;

  private final Pattern pattern;
  private final Values values;
  private final Marks marks;
  private final List<Parameter> lengths;

  private Relayer(Pattern pattern, Values values, Marks marks, Set<String> pinned) {
    this.pattern = pattern;
    this.values = pattern.normalValues().and(values).and(Bench.of(marks));
    this.lengths =
        pattern.parameters().stream()
            .filter(each -> this.values.length(each.id()).isPresent())
            .filter(each -> !pinned.contains(each.id()))
            .toList();
    this.marks = marks;
  }

  /**
   * Puts every length on the marks.
   *
   * <p>Each goes to its nearest mark. If a rule then fails, neighbouring marks of the first seven
   * lengths are tried, and of the sets that work the one is taken whose lengths moved least in all.
   *
   * @param pattern the construction
   * @param values the values on other marks
   * @param marks the marks to lay them out on
   * @param pinned the parameters that must stay as they are
   * @return the values on the marks; they work if the old ones did and any neighbouring set does
   */
  public static Values relay(Pattern pattern, Values values, Marks marks, Set<String> pinned) {
    return new Relayer(pattern, values, marks, pinned).relay().without(Bench.NAMES);
  }

  private Values relay() {
    Values nearest = values;
    for (Parameter parameter : lengths) {
      nearest = nearest.and(parameter.id(), nearest(before(parameter)));
    }
    if (works(nearest) || !works(values)) {
      return nearest;
    }
    List<Values> sets = List.of(nearest);
    for (Parameter parameter : lengths.subList(0, Math.min(MOST_MOVED, lengths.size()))) {
      sets = sets.stream().flatMap(set -> neighbours(set, parameter).stream()).toList();
    }
    // The nearest first, so that nearly all need not be evaluated.
    return sets.stream()
        .sorted(Comparator.comparingLong(this::moved))
        .filter(this::works)
        .findFirst()
        .orElse(nearest);
  }

  private Length nearest(Length length) {
    return marks.nearest(length).max(marks.step());
  }

  private List<Values> neighbours(Values set, Parameter parameter) {
    Length middle = set.length(parameter.id()).orElseThrow();
    List<Values> result = new ArrayList<>(List.of(set));
    result.add(set.and(parameter.id(), middle.plus(marks.step())));
    if (middle.compareTo(marks.step()) > 0) {
      result.add(set.and(parameter.id(), middle.minus(marks.step())));
    }
    return result;
  }

  private boolean works(Values set) {
    return PatternEvaluator.evaluate(pattern, set).works();
  }

  private long moved(Values set) {
    return lengths.stream()
        .mapToLong(each -> set.length(each.id()).orElseThrow().minus(before(each)).abs().units())
        .sum();
  }

  private Length before(Parameter parameter) {
    return values.length(parameter.id()).orElseThrow();
  }
}

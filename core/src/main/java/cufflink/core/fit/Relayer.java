package cufflink.core.fit;

import cufflink.core.measure.Length;
import cufflink.core.measure.Rulers;
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
  private final Ruled ruled;
  private final List<Parameter> lengths;

  private Relayer(Pattern pattern, Values values, Rulers rulers, Set<String> pinned) {
    this.pattern = pattern;
    this.values = pattern.normalValues().and(values).and(Bench.of(rulers.card()));
    this.lengths =
        pattern.parameters().stream()
            .filter(each -> this.values.length(each.id()).isPresent())
            .filter(each -> !pinned.contains(each.id()))
            .toList();
    this.ruled = Ruled.of(pattern, this.values, rulers);
  }

  /**
   * Puts every length on the marks.
   *
   * <p>Each goes to its nearest mark. If a rule then fails, neighbouring marks of the first seven
   * lengths are tried, and of the sets that work the one is taken whose lengths moved least in all.
   *
   * @param pattern the construction
   * @param values the values on other marks
   * @param rulers the marks to lay them out on
   * @param pinned the parameters that must stay as they are
   * @return the values on the marks; they work if the old ones did and any neighbouring set does
   */
  public static Values relay(Pattern pattern, Values values, Rulers rulers, Set<String> pinned) {
    return new Relayer(pattern, values, rulers, pinned).relay().without(Bench.NAMES);
  }

  private Values relay() {
    Values nearest = values;
    for (Parameter parameter : lengths) {
      nearest = nearest.and(parameter.id(), nearest(parameter, before(parameter)));
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

  /** What has a size keeps one; a place may be at an edge, or past it. */
  private Length nearest(Parameter parameter, Length length) {
    Length near = ruled.of(parameter).nearest(length);
    return length.isPositive() ? near.max(step(parameter)) : near;
  }

  private Length step(Parameter parameter) {
    return ruled.of(parameter).step();
  }

  private List<Values> neighbours(Values set, Parameter parameter) {
    Length middle = set.length(parameter.id()).orElseThrow();
    List<Values> result = new ArrayList<>(List.of(set));
    result.add(set.and(parameter.id(), middle.plus(step(parameter))));
    if (middle.compareTo(step(parameter)) > 0) {
      result.add(set.and(parameter.id(), middle.minus(step(parameter))));
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

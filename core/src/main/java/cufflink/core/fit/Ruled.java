package cufflink.core.fit;

import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.value.Values;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * On which marks each value of a construction falls: those of the layers if only layers change with
 * it, else those of the card.
 */
public final class Ruled {
  /** What a value is moved by to see what changes with it; neither an inch nor a millimetre. */
  private static final Length NUDGE = Length.ofUnits(1_000);

  private final Rulers rulers;
  private final Set<String> ofLayers;

  private Ruled(Rulers rulers, Set<String> ofLayers) {
    this.rulers = rulers;
    this.ofLayers = ofLayers;
  }

  /**
   * Finds out which values are of layers alone.
   *
   * @param pattern the construction
   * @param values its values, with those of the bench
   * @param rulers the marks
   * @return the marks of each value
   */
  public static Ruled of(Pattern pattern, Values values, Rulers rulers) {
    Set<String> ofLayers = new HashSet<>();
    if (!rulers.isOne()) {
      for (Parameter parameter : pattern.parameters()) {
        values
            .length(parameter.id())
            .filter(length -> parameter.role() == Parameter.Role.OTHER)
            .filter(length -> isOfLayers(pattern, values, parameter, rulers.card().step()))
            .ifPresent(length -> ofLayers.add(parameter.id()));
      }
    }
    return new Ruled(rulers, ofLayers);
  }

  /** What is reckoned may be rounded to a mark, so that whole marks are tried as well. */
  private static boolean isOfLayers(
      Pattern pattern, Values values, Parameter parameter, Length step) {
    Length now = values.length(parameter.id()).orElseThrow();
    List<OffMarks.Number> before = numbers(pattern, values);
    if (!onlyLayers(before, numbers(pattern, values.and(parameter.id(), now.plus(NUDGE))))) {
      return false;
    }
    return Stream.of(now.plus(step), now.minus(step))
        .filter(Length::isPositive)
        .map(moved -> numbers(pattern, values.and(parameter.id(), moved)))
        .allMatch(after -> after.isEmpty() || onlyLayers(before, after));
  }

  private static List<OffMarks.Number> numbers(Pattern pattern, Values values) {
    return PatternEvaluator.evaluate(pattern, values)
        .design()
        .map(OffMarks::numbers)
        .orElse(List.of());
  }

  private static boolean onlyLayers(List<OffMarks.Number> before, List<OffMarks.Number> after) {
    if (before.size() != after.size()) {
      return false;
    }
    boolean any = false;
    for (int i = 0; i < before.size(); i++) {
      if (!before.get(i).length().equals(after.get(i).length())) {
        if (!before.get(i).isLayer()) {
          return false;
        }
        any = true;
      }
    }
    return any;
  }

  /**
   * Returns the marks of a value.
   *
   * @param parameter its parameter
   * @return those of the layers if only layers change with it, else those of the card
   */
  public Marks of(Parameter parameter) {
    return rulers.of(ofLayers.contains(parameter.id()));
  }
}

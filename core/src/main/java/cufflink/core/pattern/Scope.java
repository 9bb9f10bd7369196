package cufflink.core.pattern;

import cufflink.core.expression.Formula;
import cufflink.core.expression.Ratio;
import cufflink.core.expression.Value;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Parsed;
import cufflink.core.plane.Point;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** The values of all names while one design is made. */
final class Scope implements Function<String, Value> {
  private static final Length FARTHEST = LengthParser.LONGEST.times(10);

  private final Map<String, Value> values = new HashMap<>();

  static Scope of(Pattern pattern, Values chosen) {
    Scope scope = new Scope();
    for (String name : Bench.NAMES) {
      scope.values.put(name, Ratio.of(Bench.length(chosen, name).units()));
    }
    for (Parameter parameter : pattern.parameters()) {
      Setting setting = chosen.get(parameter.id()).orElse(parameter.normal());
      scope.values.put(parameter.id(), value(setting));
    }
    pattern
        .lets()
        .forEach(
            (name, formula) -> {
              Optional<Parameter> reckoned = pattern.parameter(name);
              if (reckoned.isEmpty()) {
                scope.values.put(name, scope.value(formula));
              } else if (chosen.get(name).isEmpty()) {
                Length onMark = Bench.upToMark(chosen, scope.length(formula));
                scope.values.put(name, Ratio.of(onMark.units()));
              }
            });
    return scope;
  }

  private static Value value(Setting setting) {
    if (setting instanceof Setting.OfLength length) {
      return Ratio.of(length.length().units());
    }
    return setting instanceof Setting.OfCount count
        ? Ratio.of(count.count())
        : new Value.Word(((Setting.OfChoice) setting).name());
  }

  /** Returns all values of a pattern's parameters, those reckoned among them. */
  Values settled(Pattern pattern, Values chosen) {
    Values settled = chosen;
    for (Parameter parameter : pattern.parameters()) {
      if (chosen.get(parameter.id()).isEmpty()) {
        Setting setting =
            parameter.allowance().isPresent()
                ? new Setting.OfLength(Length.ofUnits(((Ratio) apply(parameter.id())).round()))
                : parameter.normal();
        settled = settled.and(parameter.id(), setting);
      }
    }
    return settled;
  }

  @Override
  public Value apply(String name) {
    return values.get(name);
  }

  void count(String name, long value) {
    values.put(name, Ratio.of(value));
  }

  Value value(Formula formula) {
    Parsed<Value> value = formula.evaluate(this);
    return value.value().orElseThrow(() -> new NoDesignException(formula.place(), value.problem()));
  }

  boolean holds(Formula formula) {
    return value(formula) == Value.Truth.YES;
  }

  boolean holds(List<Formula> conditions) {
    return conditions.stream().allMatch(this::holds);
  }

  long whole(Formula formula) {
    return ((Ratio) value(formula)).round();
  }

  double number(Formula formula) {
    return ((Ratio) value(formula)).toDouble();
  }

  /** Returns a length; one that no table holds is as good as out of range. */
  Length length(Formula formula) {
    Length length = Length.ofUnits(whole(formula));
    if (length.abs().compareTo(FARTHEST) > 0) {
      throw new ArithmeticException(formula + " is out of range");
    }
    return length;
  }

  Point point(List<Formula> formulas) {
    return new Point(length(formulas.get(0)), length(formulas.get(1)));
  }
}

package cufflink.core.pattern;

import cufflink.core.design.Design;
import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Fix;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.measure.Length;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Evaluates a pattern with a maker's values. */
public final class PatternEvaluator {
  private final Pattern pattern;
  private final Values values;
  private Values settled;
  private final List<Finding> findings = new ArrayList<>();

  private PatternEvaluator(Pattern pattern, Values values) {
    this.pattern = pattern;
    this.values = values;
    this.settled = values;
  }

  /**
   * Makes a design.
   *
   * @param pattern the construction
   * @param values the maker's values; a parameter without one is as the pattern has it
   * @return the design and what the pattern's limits and rules say about it
   */
  public static Evaluation evaluate(Pattern pattern, Values values) {
    PatternEvaluator evaluator = new PatternEvaluator(pattern, values);
    Optional<Design> design = evaluator.design();
    return new Evaluation(design, evaluator.findings, evaluator.settled);
  }

  /**
   * Says whether a pattern's limits and rules hold, without making the design.
   *
   * @param pattern the construction
   * @param values the maker's values; a parameter without one is as the pattern has it
   * @return false if one of severity error is broken, or a number comes to nothing
   */
  public static boolean allows(Pattern pattern, Values values) {
    PatternEvaluator evaluator = new PatternEvaluator(pattern, values);
    try {
      evaluator.judge();
      return evaluator.findings.stream().noneMatch(Finding::isError);
    } catch (NoDesignException | ArithmeticException nothing) {
      return false;
    }
  }

  /**
   * Says where in its file a pattern fails to make a design.
   *
   * @param pattern the construction
   * @param values the values it is tried with
   * @param file where the file begins
   * @return the mistake, if there is no design
   */
  static Optional<Mistake> reason(
      Pattern pattern, Values values, cufflink.core.expression.Place file) {
    try {
      new DesignBuilder(pattern, Scope.of(pattern, values)).build();
      return Optional.empty();
    } catch (NoDesignException reason) {
      return Optional.of(Mistake.of(reason.place(), "pattern.normal", reason.sentence()));
    } catch (ArithmeticException reason) {
      return Optional.of(Mistake.of(file, "pattern.normal", Message.of("design.range")));
    }
  }

  private Optional<Design> design() {
    try {
      return Optional.of(new DesignBuilder(pattern, judge()).build());
    } catch (NoDesignException reason) {
      return none(reason.sentence());
    } catch (ArithmeticException reason) {
      return none(Message.of("design.range"));
    }
  }

  private Scope judge() {
    Scope scope = Scope.of(pattern, values);
    settled = scope.settled(pattern, values);
    pattern.parameters().forEach(parameter -> checkLimits(parameter, scope));
    pattern.rules().stream()
        .filter(rule -> scope.holds(rule.when()) && !scope.holds(rule.that()))
        .forEach(rule -> findings.add(broken(rule, scope)));
    return scope;
  }

  private Optional<Design> none(Message sentence) {
    findings.add(
        new Finding(
            FindingKind.NO_DESIGN,
            Severity.ERROR,
            new Place("", List.of(), List.of()),
            sentence,
            Optional.empty()));
    return Optional.empty();
  }

  private void checkLimits(Parameter parameter, Scope scope) {
    Setting setting = settled.get(parameter.id()).orElse(parameter.normal());
    parameter
        .least()
        .map(scope::whole)
        .filter(least -> whole(setting) < least)
        .ifPresent(least -> findings.add(limit(parameter, least, "value.least")));
    parameter
        .most()
        .map(scope::whole)
        .filter(most -> whole(setting) > most)
        .ifPresent(most -> findings.add(limit(parameter, most, "value.most")));
  }

  private static long whole(Setting setting) {
    return setting instanceof Setting.OfLength length
        ? length.length().units()
        : ((Setting.OfCount) setting).count();
  }

  private static Finding limit(Parameter parameter, long limit, String key) {
    Setting cure = setting(parameter, limit);
    Object written = parameter.isLength() ? Length.ofUnits(limit) : Long.toString(limit);
    return new Finding(
        FindingKind.VALUE_LIMIT,
        Severity.ERROR,
        Place.of(parameter.id()),
        Message.of(key, parameter.label(), written),
        Optional.of(
            new Fix(
                Message.of("value.set", parameter.label(), written),
                Values.NONE.and(parameter.id(), cure))));
  }

  private static Setting setting(Parameter parameter, long value) {
    return parameter.isLength()
        ? new Setting.OfLength(Length.ofUnits(value))
        : new Setting.OfCount(value);
  }

  private Finding broken(Rule rule, Scope scope) {
    return new Finding(
        FindingKind.RULE,
        rule.severity(),
        rule.place(),
        rule.otherwise().say(scope),
        rule.cure().map(cure -> fix(cure, scope)).filter(cure -> isWithinLimits(cure, scope)));
  }

  /** A formula may come to a value that nobody can cut; that mends nothing. */
  private boolean isWithinLimits(Fix cure, Scope scope) {
    return pattern.parameters().stream()
        .filter(each -> cure.values().settings().containsKey(each.id()))
        .filter(each -> !(cure.values().settings().get(each.id()) instanceof Setting.OfChoice))
        .allMatch(
            each -> {
              long value = whole(cure.values().settings().get(each.id()));
              return each.least().map(scope::whole).filter(least -> value < least).isEmpty()
                  && each.most().map(scope::whole).filter(most -> value > most).isEmpty();
            });
  }

  private Fix fix(Rule.Cure cure, Scope scope) {
    Values set = Values.NONE;
    for (var change : cure.set().entrySet()) {
      Formula formula = change.getValue();
      Setting setting =
          formula.kind() == Kind.LENGTH
              ? new Setting.OfLength(scope.length(formula))
              : new Setting.OfCount(scope.whole(formula));
      set = set.and(change.getKey(), setting);
    }
    return new Fix(cure.label().say(scope), set);
  }
}

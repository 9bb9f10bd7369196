package cufflink.core.expression;

import com.ezylang.evalex.Expression;
import com.ezylang.evalex.config.ExpressionConfiguration;
import com.ezylang.evalex.config.MapBasedFunctionDictionary;
import com.ezylang.evalex.config.MapBasedOperatorDictionary;
import com.ezylang.evalex.data.EvaluationValue;
import com.ezylang.evalex.functions.FunctionIfc;
import com.ezylang.evalex.functions.basic.AbsFunction;
import com.ezylang.evalex.functions.basic.CeilingFunction;
import com.ezylang.evalex.functions.basic.FloorFunction;
import com.ezylang.evalex.functions.basic.IfFunction;
import com.ezylang.evalex.functions.basic.MaxFunction;
import com.ezylang.evalex.functions.basic.MinFunction;
import com.ezylang.evalex.functions.basic.SqrtFunction;
import com.ezylang.evalex.functions.trigonometric.AtanFunction;
import com.ezylang.evalex.functions.trigonometric.CosFunction;
import com.ezylang.evalex.functions.trigonometric.SinFunction;
import com.ezylang.evalex.functions.trigonometric.TanFunction;
import com.ezylang.evalex.operators.AbstractOperator;
import com.ezylang.evalex.operators.OperatorIfc;
import com.ezylang.evalex.operators.PostfixOperator;
import com.ezylang.evalex.parser.Token;
import cufflink.core.measure.Unit;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/** The part of EvalEx's language that pattern files use. */
final class Grammar {
  private static final Map<String, Unit> UNITS =
      Map.of("mm", Unit.MILLIMETRE, "cm", Unit.CENTIMETRE, "in", Unit.INCH);

  /** Fixed locale and zone, so that a file means the same on every machine. */
  static final ExpressionConfiguration CONFIGURATION =
      ExpressionConfiguration.builder()
          .locale(Locale.ROOT)
          .zoneId(ZoneOffset.UTC)
          .arraysAllowed(false)
          .structuresAllowed(false)
          .implicitMultiplicationAllowed(false)
          .defaultConstants(new HashMap<>())
          .functionDictionary(functions())
          .operatorDictionary(operators())
          .build();

  private Grammar() {}

  /** Returns the unit that an operator stands for. */
  static Unit unit(String operator) {
    return UNITS.get(operator.toLowerCase(Locale.ROOT));
  }

  /** EvalEx's own operators, and units behind what they measure. */
  private static MapBasedOperatorDictionary operators() {
    MapBasedOperatorDictionary all =
        (MapBasedOperatorDictionary)
            ExpressionConfiguration.defaultConfiguration().getOperatorDictionary();
    UNITS.keySet().forEach(unit -> all.addOperator(unit, new UnitOperator()));
    return all;
  }

  /** A unit behind a number; it is never evaluated here, see {@link TreeBuilder}. */
  @PostfixOperator(precedence = OperatorIfc.OPERATOR_PRECEDENCE_POWER_HIGHER)
  private static final class UnitOperator extends AbstractOperator {
    @Override
    public EvaluationValue evaluate(
        Expression expression, Token token, EvaluationValue... operands) {
      throw new UnsupportedOperationException(token.getValue());
    }
  }

  @SuppressWarnings({"unchecked", "rawtypes"})
  private static MapBasedFunctionDictionary functions() {
    Map<String, FunctionIfc> known =
        Map.ofEntries(
            Map.entry("abs", new AbsFunction()),
            Map.entry("atan", new AtanFunction()),
            Map.entry("ceiling", new CeilingFunction()),
            Map.entry("cos", new CosFunction()),
            Map.entry("floor", new FloorFunction()),
            Map.entry("if", new IfFunction()),
            Map.entry("max", new MaxFunction()),
            Map.entry("min", new MinFunction()),
            Map.entry("sin", new SinFunction()),
            Map.entry("sqrt", new SqrtFunction()),
            Map.entry("tan", new TanFunction()));
    return (MapBasedFunctionDictionary)
        MapBasedFunctionDictionary.ofFunctions(known.entrySet().toArray(new Map.Entry[0]));
  }
}

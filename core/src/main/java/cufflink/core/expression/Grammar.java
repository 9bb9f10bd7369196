package cufflink.core.expression;

import com.ezylang.evalex.config.ExpressionConfiguration;
import com.ezylang.evalex.config.MapBasedFunctionDictionary;
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
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/** The part of EvalEx's language that pattern files use. */
final class Grammar {
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
          .build();

  private Grammar() {}

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

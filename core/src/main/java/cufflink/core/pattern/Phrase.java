package cufflink.core.pattern;

import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.expression.Names;
import cufflink.core.expression.Place;
import cufflink.core.expression.Ratio;
import cufflink.core.expression.Value;
import cufflink.core.measure.Length;
import cufflink.core.measure.Parsed;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * A sentence of a pattern file with formulas in braces: "It hangs {left - width} over the edge".
 */
final class Phrase {
  private final List<Object> parts;

  private Phrase(List<Object> parts) {
    this.parts = parts;
  }

  static Parsed<Phrase> compile(String text, Names names, Place place) {
    List<Object> parts = new ArrayList<>();
    int from = 0;
    for (int open = text.indexOf('{'); open >= 0; open = text.indexOf('{', from)) {
      int close = text.indexOf('}', open);
      if (close < 0) {
        return Parsed.bad("pattern.brace", text);
      }
      parts.add(text.substring(from, open));
      Parsed<Formula> formula = Formula.compile(text.substring(open + 1, close), names, place);
      if (formula.value().isEmpty()) {
        return formula.then(never -> Parsed.bad("pattern.brace", text));
      }
      parts.add(formula.orElseThrow());
      from = close + 1;
    }
    parts.add(text.substring(from));
    return Parsed.good(new Phrase(parts));
  }

  Message say(Function<String, Value> scope) {
    return Message.written(
        parts.stream()
            .<Object>map(part -> part instanceof Formula formula ? written(formula, scope) : part)
            .toList());
  }

  private static Object written(Formula formula, Function<String, Value> scope) {
    return formula.evaluate(scope).value().map(value -> written(formula, value)).orElse("…");
  }

  private static Object written(Formula formula, Value value) {
    if (value instanceof Ratio ratio) {
      return formula.kind() == Kind.LENGTH
          ? Length.ofUnits(ratio.round())
          : Long.toString(ratio.round());
    }
    return value instanceof Value.Word word ? word.text() : "…";
  }
}

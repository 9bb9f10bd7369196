package cufflink.core.expression;

import java.util.function.Function;

/**
 * A part of a formula's tree: what it is about and how to evaluate it.
 *
 * @param kind the kind of its value
 * @param step takes the values of names and gives the value
 */
record Branch(Kind kind, Function<Function<String, Value>, Value> step) {
  static Branch truth(Function<Function<String, Value>, Boolean> step) {
    return new Branch(Kind.TRUTH, scope -> Value.Truth.of(step.apply(scope)));
  }

  Ratio amount(Function<String, Value> scope) {
    return (Ratio) step.apply(scope);
  }

  boolean holds(Function<String, Value> scope) {
    return step.apply(scope) == Value.Truth.YES;
  }
}

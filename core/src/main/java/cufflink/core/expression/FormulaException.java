package cufflink.core.expression;

import cufflink.core.measure.Parsed;

/** Carries a located mistake out of the depth of a formula; it never leaves this package. */
final class FormulaException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient String key;
  private final transient Object[] details;

  FormulaException(String key, Object... details) {
    super(key, null, false, false);
    this.key = key;
    this.details = details;
  }

  <T> Parsed<T> asParsed() {
    return Parsed.bad(key, details);
  }
}

package cufflink.core.measure;

/** The unit a maker thinks in. */
public enum Unit {
  /** 25.4 mm exactly (international yard of 1959). */
  INCH("in", Length.UNITS_PER_INCH),
  /** Ten millimetres. */
  CENTIMETRE("cm", 10 * Length.UNITS_PER_MILLIMETRE),
  /** A thousandth of a metre. */
  MILLIMETRE("mm", Length.UNITS_PER_MILLIMETRE);

  private final String symbol;
  private final long units;

  Unit(String symbol, long units) {
    this.symbol = symbol;
    this.units = units;
  }

  /**
   * Returns the short form, such as "mm".
   *
   * @return the symbol
   */
  public String symbol() {
    return symbol;
  }

  /**
   * Returns one of this unit.
   *
   * @return the unit's length
   */
  public Length length() {
    return Length.ofUnits(units);
  }
}

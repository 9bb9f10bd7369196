package cufflink.core.measure;

import cufflink.core.words.Detail;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * An exact length, counted in eighths of a micrometre.
 *
 * <p>One millimetre is 8000 units and 1/64 in is 3175 units (the inch is 25.4 mm exactly,
 * international yard of 1959), so that every ruler mark of either system is a whole number of units
 * and sums never drift.
 */
public final class Length implements Comparable<Length>, Detail {
  /** Units in one millimetre. */
  public static final long UNITS_PER_MILLIMETRE = 8_000;

  /** Units in one inch. */
  public static final long UNITS_PER_INCH = 203_200;

  /** No length at all. */
  public static final Length ZERO = new Length(0);

  private static final int EXACT_DECIMALS = 6;

  private final long units;

  private Length(long units) {
    this.units = units;
  }

  /**
   * Returns the length of a number of units.
   *
   * @param units eighths of a micrometre, any sign
   * @return the length
   */
  public static Length ofUnits(long units) {
    return units == 0 ? ZERO : new Length(units);
  }

  /**
   * Returns a whole number of millimetres.
   *
   * @param millimetres any sign
   * @return the length
   * @throws ArithmeticException if the length cannot be counted in a long
   */
  public static Length ofMillimetres(long millimetres) {
    return ofUnits(Math.multiplyExact(millimetres, UNITS_PER_MILLIMETRE));
  }

  /**
   * Returns a fraction of an inch that is a whole number of units, such as any number of
   * sixty-fourths.
   *
   * @param numerator any sign
   * @param denominator above zero
   * @return the length
   * @throws ArithmeticException if the fraction is not a whole number of units
   */
  public static Length ofInches(long numerator, long denominator) {
    long total = Math.multiplyExact(numerator, UNITS_PER_INCH);
    if (denominator <= 0 || total % denominator != 0) {
      throw new ArithmeticException(
          numerator + "/" + denominator + " in is not a whole number of units");
    }
    return ofUnits(total / denominator);
  }

  /**
   * Returns the nearest length to a number of millimetres.
   *
   * @param millimetres finite, in millimetres
   * @return the length, rounded half up to a unit
   * @throws ArithmeticException if the number is not finite or too large
   */
  public static Length fromMillimetres(double millimetres) {
    double total = millimetres * UNITS_PER_MILLIMETRE;
    if (!(Math.abs(total) < Long.MAX_VALUE)) {
      throw new ArithmeticException(millimetres + " mm is no length");
    }
    return ofUnits(Math.round(total));
  }

  /**
   * Returns the nearest length to a decimal number of millimetres.
   *
   * @param millimetres in millimetres, any sign
   * @return the length, rounded half up to a unit
   * @throws ArithmeticException if the length cannot be counted in a long
   */
  public static Length fromMillimetres(BigDecimal millimetres) {
    return ofUnits(
        millimetres
            .multiply(BigDecimal.valueOf(UNITS_PER_MILLIMETRE))
            .setScale(0, RoundingMode.HALF_UP)
            .longValueExact());
  }

  /**
   * Reads what {@link #toString()} writes.
   *
   * @param text a decimal number of millimetres followed by "mm"
   * @return the length
   * @throws NumberFormatException if the text has another form
   */
  public static Length parse(String text) {
    if (!text.endsWith(" mm")) {
      throw new NumberFormatException("“" + text + "” is not an exact number of millimetres");
    }
    return fromMillimetres(new BigDecimal(text.substring(0, text.length() - 3)));
  }

  /**
   * Returns the count of units.
   *
   * @return eighths of a micrometre, any sign
   */
  public long units() {
    return units;
  }

  /**
   * Returns the length for geometry and drawing.
   *
   * @return millimetres
   */
  public double toMillimetres() {
    return units / (double) UNITS_PER_MILLIMETRE;
  }

  /**
   * Returns the length as an exact decimal.
   *
   * @return millimetres, with six decimals
   */
  public BigDecimal toExactMillimetres() {
    return BigDecimal.valueOf(units)
        .divide(BigDecimal.valueOf(UNITS_PER_MILLIMETRE), EXACT_DECIMALS, RoundingMode.UNNECESSARY);
  }

  /**
   * Adds a length.
   *
   * @param other the length to add
   * @return the exact sum
   * @throws ArithmeticException if the sum cannot be counted in a long
   */
  public Length plus(Length other) {
    return ofUnits(Math.addExact(units, other.units));
  }

  /**
   * Takes a length away.
   *
   * @param other the length to take away
   * @return the exact difference, below zero if the other is longer
   * @throws ArithmeticException if the difference cannot be counted in a long
   */
  public Length minus(Length other) {
    return ofUnits(Math.subtractExact(units, other.units));
  }

  /**
   * Multiplies by a whole number.
   *
   * @param factor any sign
   * @return the exact product
   * @throws ArithmeticException if the product cannot be counted in a long
   */
  public Length times(long factor) {
    return ofUnits(Math.multiplyExact(units, factor));
  }

  /**
   * Multiplies by a fraction and rounds.
   *
   * @param numerator the fraction's upper part
   * @param denominator the fraction's lower part, not zero
   * @return the nearest length
   * @throws ArithmeticException if the denominator is zero
   */
  public Length scaled(Length numerator, Length denominator) {
    return fromMillimetres(
        toExactMillimetres()
            .multiply(numerator.toExactMillimetres())
            .divide(denominator.toExactMillimetres(), EXACT_DECIMALS + 6, RoundingMode.HALF_EVEN));
  }

  /**
   * Returns the size without the sign.
   *
   * @return a length of zero or more
   * @throws ArithmeticException if the length is the lowest long
   */
  public Length abs() {
    return units < 0 ? ofUnits(Math.negateExact(units)) : this;
  }

  /**
   * Says whether this is above zero.
   *
   * @return true if above zero
   */
  public boolean isPositive() {
    return units > 0;
  }

  /**
   * Returns the shorter of two lengths.
   *
   * @param other another length
   * @return the shorter one
   */
  public Length min(Length other) {
    return units <= other.units ? this : other;
  }

  /**
   * Returns the longer of two lengths.
   *
   * @param other another length
   * @return the longer one
   */
  public Length max(Length other) {
    return units >= other.units ? this : other;
  }

  @Override
  public int compareTo(Length other) {
    return Long.compare(units, other.units);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Length length && length.units == units;
  }

  @Override
  public int hashCode() {
    return Long.hashCode(units);
  }

  /** Returns the exact number of millimetres, such as "136.525 mm". */
  @Override
  public String toString() {
    return toExactMillimetres().stripTrailingZeros().toPlainString() + " mm";
  }
}

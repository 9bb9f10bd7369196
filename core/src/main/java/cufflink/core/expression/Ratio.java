package cufflink.core.expression;

import java.math.BigDecimal;
import java.math.BigInteger;

/**
 * An exact fraction of two longs in lowest terms.
 *
 * <p>Results that no two longs hold are rounded to the nearest 2<sup>-20</sup>; for lengths that is
 * a millionth of a unit, far below the unit they are rounded to in the end. Beyond the range of a
 * long the operations throw.
 */
public final class Ratio implements Value, Comparable<Ratio> {
  /** Nought. */
  public static final Ratio ZERO = new Ratio(0, 1);

  private static final int ROUNDED_BITS = 20;
  private static final long ROUNDED_SCALE = 1L << ROUNDED_BITS;

  private final long upper;
  private final long lower;

  private Ratio(long upper, long lower) {
    this.upper = upper;
    this.lower = lower;
  }

  /**
   * Returns a whole number.
   *
   * @param whole any long
   * @return the ratio
   */
  public static Ratio of(long whole) {
    return new Ratio(whole, 1);
  }

  /**
   * Returns a fraction.
   *
   * @param upper any long
   * @param lower any long but zero
   * @return the ratio in lowest terms
   * @throws ArithmeticException if the lower part is zero
   */
  public static Ratio of(long upper, long lower) {
    return lowest(BigInteger.valueOf(upper), BigInteger.valueOf(lower));
  }

  /**
   * Returns a decimal number.
   *
   * @param number any decimal
   * @return the ratio
   * @throws ArithmeticException if the number is out of a long's range
   */
  public static Ratio of(BigDecimal number) {
    return number.scale() <= 0
        ? of(number.longValueExact())
        : lowest(number.unscaledValue(), BigInteger.TEN.pow(number.scale()));
  }

  /**
   * Returns the nearest multiple of 2<sup>-20</sup> to a double, for roots and angle functions.
   *
   * @param number finite
   * @return the ratio
   * @throws ArithmeticException if the number is not finite or too large
   */
  public static Ratio from(double number) {
    double scaled = number * ROUNDED_SCALE;
    if (!(Math.abs(scaled) < Long.MAX_VALUE)) {
      throw new ArithmeticException(number + " is out of range");
    }
    return of(Math.round(scaled), ROUNDED_SCALE);
  }

  private static Ratio lowest(BigInteger upper, BigInteger lower) {
    if (lower.signum() == 0) {
      throw new ArithmeticException(upper + " is divided by nought");
    }
    BigInteger divisor = upper.gcd(lower);
    BigInteger signed = lower.signum() < 0 ? divisor.negate() : divisor;
    BigInteger lowestUpper = upper.divide(signed);
    BigInteger lowestLower = lower.divide(signed);
    if (lowestUpper.bitLength() < Long.SIZE && lowestLower.bitLength() < Long.SIZE) {
      return new Ratio(lowestUpper.longValue(), lowestLower.longValue());
    }
    BigInteger twice = lowestUpper.shiftLeft(ROUNDED_BITS + 1).divide(lowestLower);
    BigInteger rounded = twice.add(BigInteger.ONE).shiftRight(1);
    return of(rounded.longValueExact(), ROUNDED_SCALE);
  }

  /**
   * Adds.
   *
   * @param other the other number
   * @return the sum
   * @throws ArithmeticException if it is out of range
   */
  public Ratio plus(Ratio other) {
    if (lower == 1 && other.lower == 1) {
      return of(Math.addExact(upper, other.upper));
    }
    BigInteger sum = product(upper, other.lower).add(product(other.upper, lower));
    return lowest(sum, product(lower, other.lower));
  }

  /**
   * Takes away.
   *
   * @param other the other number
   * @return the difference
   * @throws ArithmeticException if it is out of range
   */
  public Ratio minus(Ratio other) {
    return plus(other.negated());
  }

  /**
   * Multiplies.
   *
   * @param other the other number
   * @return the product
   * @throws ArithmeticException if it is out of range
   */
  public Ratio times(Ratio other) {
    return lower == 1 && other.lower == 1
        ? of(Math.multiplyExact(upper, other.upper))
        : lowest(product(upper, other.upper), product(lower, other.lower));
  }

  /**
   * Divides.
   *
   * @param other the other number
   * @return the quotient
   * @throws ArithmeticException if the other is zero or the quotient out of range
   */
  public Ratio dividedBy(Ratio other) {
    return lowest(product(upper, other.lower), product(lower, other.upper));
  }

  private static BigInteger product(long a, long b) {
    return BigInteger.valueOf(a).multiply(BigInteger.valueOf(b));
  }

  /**
   * Turns the sign.
   *
   * @return minus this
   * @throws ArithmeticException if it is out of range
   */
  public Ratio negated() {
    return new Ratio(Math.negateExact(upper), lower);
  }

  /**
   * Returns the sign.
   *
   * @return -1, 0 or 1
   */
  public int signum() {
    return Long.signum(upper);
  }

  /**
   * Says whether this is a whole number.
   *
   * @return true if so
   */
  public boolean isWhole() {
    return lower == 1;
  }

  /**
   * Rounds down.
   *
   * @return the greatest whole number that is not greater
   */
  public long floor() {
    return Math.floorDiv(upper, lower);
  }

  /**
   * Rounds to the nearest whole number, halves up.
   *
   * @return the whole number
   */
  public long round() {
    return lower == 1 ? upper : plus(of(1, 2)).floor();
  }

  /**
   * Returns the nearest double.
   *
   * @return the number
   */
  public double toDouble() {
    return upper / (double) lower;
  }

  @Override
  public int compareTo(Ratio other) {
    return lower == other.lower
        ? Long.compare(upper, other.upper)
        : product(upper, other.lower).compareTo(product(other.upper, lower));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Ratio ratio && ratio.upper == upper && ratio.lower == lower;
  }

  @Override
  public int hashCode() {
    return Long.hashCode(31 * upper + lower);
  }

  /** Returns the fraction as a/b, or a whole number. */
  @Override
  public String toString() {
    return lower == 1 ? Long.toString(upper) : upper + "/" + lower;
  }
}

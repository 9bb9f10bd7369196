package cufflink.core.expression;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.Optional;

/**
 * An exact fraction in lowest terms.
 *
 * <p>Sums, differences, products and quotients are never rounded. Nearly all are fractions of two
 * longs and kept as such; others are kept as whole numbers of any size, up to {@link #MOST_BITS}
 * bits, beyond which the operations throw.
 */
public final class Ratio implements Value, Comparable<Ratio> {
  /** Nought. */
  public static final Ratio ZERO = new Ratio(0, 1, Optional.empty());

  /** The most bits that the upper or the lower part may have. */
  public static final int MOST_BITS = 4_096;

  private static final long ROOT_SCALE = 1L << 40;
  private static final long WHOLE_TURN = 360;
  private static final long QUARTER_TURN = 90;

  /** Below this every whole number is a double. */
  private static final long EXACT = 1L << 53;

  private final long upper;
  private final long lower;
  private final Optional<Wide> wide;

  /** A fraction that no two longs hold. */
  private record Wide(BigInteger upper, BigInteger lower) {}

  private Ratio(long upper, long lower, Optional<Wide> wide) {
    this.upper = upper;
    this.lower = lower;
    this.wide = wide;
  }

  /**
   * Returns a whole number.
   *
   * @param whole any long
   * @return the ratio
   */
  public static Ratio of(long whole) {
    return new Ratio(whole, 1, Optional.empty());
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
   * @param number any decimal of at most {@link #MOST_BITS} / 4 digits before and behind its point
   * @return the ratio
   * @throws ArithmeticException if the number has more digits
   */
  public static Ratio of(BigDecimal number) {
    int most = MOST_BITS / 4;
    if (Math.abs((long) number.scale()) > most || number.precision() > most) {
      throw new ArithmeticException("the number has more than " + most + " digits");
    }
    return number.scale() <= 0
        ? lowest(number.toBigIntegerExact(), BigInteger.ONE)
        : lowest(number.unscaledValue(), BigInteger.TEN.pow(number.scale()));
  }

  /**
   * Returns the nearest multiple of 2<sup>-40</sup> to a double: for roots and angle functions,
   * whose values are no fractions anyway. Ten metres times that is less than a thousandth of a
   * unit.
   *
   * @param number finite
   * @return the ratio
   * @throws ArithmeticException if the number is not finite or too large
   */
  public static Ratio from(double number) {
    double scaled = number * ROOT_SCALE;
    if (Math.abs(scaled) < Long.MAX_VALUE) {
      return of(Math.round(scaled), ROOT_SCALE);
    }
    if (!Double.isFinite(number)) {
      throw new ArithmeticException(number + " is no number");
    }
    return of(new BigDecimal(number));
  }

  private static Ratio lowest(BigInteger upper, BigInteger lower) {
    if (lower.signum() == 0) {
      throw new ArithmeticException(upper + " is divided by nought");
    }
    if (upper.bitLength() < Long.SIZE && lower.bitLength() < Long.SIZE) {
      return lowest(upper.longValue(), lower.longValue());
    }
    return wide(upper, lower);
  }

  private static Ratio wide(BigInteger upper, BigInteger lower) {
    BigInteger divisor = upper.gcd(lower);
    BigInteger signed = lower.signum() < 0 ? divisor.negate() : divisor;
    BigInteger lowestUpper = upper.divide(signed);
    BigInteger lowestLower = lower.divide(signed);
    int bits = Math.max(lowestUpper.bitLength(), lowestLower.bitLength());
    if (bits < Long.SIZE) {
      return new Ratio(lowestUpper.longValue(), lowestLower.longValue(), Optional.empty());
    }
    if (bits > MOST_BITS) {
      throw new ArithmeticException("a fraction has more than " + MOST_BITS + " bits");
    }
    return new Ratio(0, 0, Optional.of(new Wide(lowestUpper, lowestLower)));
  }

  private static Ratio lowest(long upper, long lower) {
    long divisor = Math.abs(greatestDivisor(upper, lower));
    long signed = lower < 0 ? -divisor : divisor;
    return upper == Long.MIN_VALUE || lower == Long.MIN_VALUE
        ? wide(BigInteger.valueOf(upper), BigInteger.valueOf(lower))
        : new Ratio(upper / signed, lower / signed, Optional.empty());
  }

  private static long greatestDivisor(long a, long b) {
    return b == 0 ? a : greatestDivisor(b, a % b);
  }

  private BigInteger upper() {
    return wide.map(Wide::upper).orElseGet(() -> BigInteger.valueOf(upper));
  }

  private BigInteger lower() {
    return wide.map(Wide::lower).orElseGet(() -> BigInteger.valueOf(lower));
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
      long sum = upper + other.upper;
      boolean overflows = ((upper ^ sum) & (other.upper ^ sum)) < 0;
      if (!overflows) {
        return of(sum);
      }
    }
    BigInteger sum = upper().multiply(other.lower()).add(other.upper().multiply(lower()));
    return lowest(sum, lower().multiply(other.lower()));
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
    if (lower == 1 && other.lower == 1) {
      long high = Math.multiplyHigh(upper, other.upper);
      long low = upper * other.upper;
      if (high == low >> Long.SIZE - 1) {
        return of(low);
      }
    }
    return lowest(upper().multiply(other.upper()), lower().multiply(other.lower()));
  }

  /**
   * Divides.
   *
   * @param other the other number
   * @return the quotient
   * @throws ArithmeticException if the other is zero or the quotient out of range
   */
  public Ratio dividedBy(Ratio other) {
    return lowest(upper().multiply(other.lower()), lower().multiply(other.upper()));
  }

  /**
   * Turns the sign.
   *
   * @return minus this
   */
  public Ratio negated() {
    return wide.isEmpty() && upper != Long.MIN_VALUE
        ? new Ratio(-upper, lower, wide)
        : lowest(upper().negate(), lower());
  }

  /**
   * Returns the square root: exact where it is a fraction, else to a multiple of 2<sup>-40</sup>.
   *
   * @return the root
   * @throws ArithmeticException if this is below zero
   */
  public Ratio root() {
    BigInteger above = upper().sqrt();
    BigInteger below = lower().sqrt();
    boolean exact = above.pow(2).equals(upper()) && below.pow(2).equals(lower());
    return exact ? lowest(above, below) : from(Math.sqrt(toDouble()));
  }

  /**
   * Returns the sine of this angle: exact at every multiple of 90 degrees and where it is a half,
   * else to 2<sup>-40</sup>.
   *
   * @return the sine of as many degrees
   */
  public Ratio sine() {
    Ratio turns = dividedBy(of(WHOLE_TURN));
    Ratio degrees = minus(of(WHOLE_TURN).times(turns.wholePart()));
    if (degrees.compareTo(of(2 * QUARTER_TURN)) >= 0) {
      return degrees.minus(of(2 * QUARTER_TURN)).sine().negated();
    }
    if (degrees.compareTo(of(QUARTER_TURN)) > 0) {
      degrees = of(2 * QUARTER_TURN).minus(degrees);
    }
    if (degrees.equals(of(QUARTER_TURN))) {
      return of(1);
    }
    return degrees.equals(of(QUARTER_TURN / 3))
        ? of(1, 2)
        : from(StrictMath.sin(Math.toRadians(degrees.toDouble())));
  }

  /**
   * Returns the cosine of this angle, as exact as {@link #sine()}.
   *
   * @return the cosine of as many degrees
   */
  public Ratio cosine() {
    return plus(of(QUARTER_TURN)).sine();
  }

  /**
   * Returns the tangent of this angle: exact at every multiple of 45 degrees, else the nearest
   * double.
   *
   * @return the tangent of as many degrees
   * @throws ArithmeticException at odd multiples of 90 degrees, where there is none
   */
  public Ratio tangent() {
    Ratio eighths = dividedBy(of(QUARTER_TURN / 2));
    if (!eighths.isWhole()) {
      return sine().dividedBy(cosine());
    }
    long eighth = Math.floorMod(eighths.upper().mod(BigInteger.valueOf(4)).longValue(), 4L);
    return switch ((int) eighth) {
      case 0 -> ZERO;
      case 1 -> of(1);
      case 2 -> throw new ArithmeticException("there is no tangent of " + this + " degrees");
      default -> of(-1);
    };
  }

  /**
   * Returns the angle that has this tangent: exact for -1, 0 and 1, else to 2<sup>-40</sup>.
   *
   * @return degrees, from -90 to 90
   */
  public Ratio arcTangent() {
    return wide.isEmpty() && lower == 1 && Math.abs(upper) <= 1
        ? of(upper * QUARTER_TURN / 2)
        : from(Math.toDegrees(StrictMath.atan(toDouble())));
  }

  /**
   * Returns the sign.
   *
   * @return -1, 0 or 1
   */
  public int signum() {
    return wide.map(each -> each.upper().signum()).orElseGet(() -> Long.signum(upper));
  }

  /**
   * Says whether this is a whole number.
   *
   * @return true if so
   */
  public boolean isWhole() {
    return lower().equals(BigInteger.ONE);
  }

  /**
   * Rounds down, however large this is.
   *
   * @return the greatest whole number that is not greater
   */
  public Ratio wholePart() {
    if (isWhole()) {
      return this;
    }
    BigInteger[] parts = upper().divideAndRemainder(lower());
    return lowest(
        parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0], BigInteger.ONE);
  }

  /**
   * Rounds down.
   *
   * @return the greatest whole number that is not greater
   * @throws ArithmeticException if no long holds it
   */
  public long floor() {
    return wide.isEmpty() ? Math.floorDiv(upper, lower) : wholePart().upper().longValueExact();
  }

  /**
   * Rounds to the nearest whole number, halves up.
   *
   * @return the whole number
   * @throws ArithmeticException if no long holds it
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
    return wide.isEmpty() && Math.abs(upper) < EXACT && lower < EXACT
        ? upper / (double) lower
        : new BigDecimal(upper())
            .divide(new BigDecimal(lower()), MathContext.DECIMAL128)
            .doubleValue();
  }

  @Override
  public int compareTo(Ratio other) {
    if (wide.isEmpty() && other.wide.isEmpty() && lower == other.lower) {
      return Long.compare(upper, other.upper);
    }
    return upper().multiply(other.lower()).compareTo(other.upper().multiply(lower()));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Ratio ratio
        && ratio.upper == upper
        && ratio.lower == lower
        && ratio.wide.equals(wide);
  }

  @Override
  public int hashCode() {
    return wide.map(Wide::hashCode).orElseGet(() -> Long.hashCode(31 * upper + lower));
  }

  /** Returns the fraction as a/b, or a whole number. */
  @Override
  public String toString() {
    return isWhole() ? upper().toString() : upper() + "/" + lower();
  }
}

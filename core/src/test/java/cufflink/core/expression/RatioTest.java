package cufflink.core.expression;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.Random;
import org.hipparchus.fraction.BigFraction;
import org.junit.jupiter.api.Test;

/** Arithmetic compared with Hipparchus' fractions, an independent library. */
class RatioTest {
  private static final int CASES = 1_000;

  @Test
  void arithmetic_agreesWithAnotherLibrary() {
    Random random = new Random(5);
    for (int i = 0; i < CASES; i++) {
      long a = random.nextInt(2_000) - 1_000;
      long b = random.nextInt(999) + 1;
      long c = random.nextInt(2_000) - 1_000;
      long d = random.nextInt(999) + 1;
      Ratio left = Ratio.of(a, b);
      Ratio right = Ratio.of(c, d);
      BigFraction bigLeft = new BigFraction(a, b);
      BigFraction bigRight = new BigFraction(c, d);
      assertSame(bigLeft.add(bigRight), left.plus(right));
      assertSame(bigLeft.subtract(bigRight), left.minus(right));
      assertSame(bigLeft.multiply(bigRight), left.times(right));
      assertEquals(
          Integer.signum(bigLeft.compareTo(bigRight)), Integer.signum(left.compareTo(right)));
      if (c != 0) {
        assertSame(bigLeft.divide(bigRight), left.dividedBy(right));
      }
    }
  }

  @Test
  void thirdTimesThree_isWhole() {
    Ratio third = Ratio.of(10).dividedBy(Ratio.of(3));
    assertEquals(Ratio.of(10), third.times(Ratio.of(3)));
    assertTrue(third.times(Ratio.of(3)).isWhole());
  }

  @Test
  void rounding_goesDownAndToTheNearest() {
    assertEquals(-2, Ratio.of(-3, 2).floor());
    assertEquals(2, Ratio.of(3, 2).round());
    assertEquals(-1, Ratio.of(-3, 2).round());
    assertEquals(1, Ratio.of(4, 3).round());
  }

  @Test
  void decimals_areExact() {
    assertEquals(Ratio.of(1, 8), Ratio.of(new BigDecimal("0.125")));
    assertEquals(Ratio.of(1_200), Ratio.of(new BigDecimal("1.2E3")));
  }

  @Test
  void fractionsTooFineForALong_areRoundedToAMillionth() {
    Ratio fine = Ratio.of(1, 4_000_000_007L).times(Ratio.of(1, 4_000_000_009L));
    assertEquals(Ratio.ZERO, fine);
    Ratio sum = Ratio.of(5).plus(Ratio.of(1, 3_000_000_019L)).plus(Ratio.of(1, 3_000_000_029L));
    assertEquals(5, sum.toDouble(), 1e-6);
  }

  @Test
  void numbersOutOfRange_areNeverSilent() {
    Ratio huge = Ratio.of(Long.MAX_VALUE);
    assertThrows(ArithmeticException.class, () -> huge.plus(Ratio.of(1)));
    assertThrows(ArithmeticException.class, () -> huge.times(huge));
    assertThrows(ArithmeticException.class, () -> Ratio.of(1, 0));
    assertThrows(ArithmeticException.class, () -> Ratio.from(Double.NaN));
  }

  private static void assertSame(BigFraction expected, Ratio actual) {
    assertEquals(
        Ratio.of(
            expected.getNumerator().longValueExact(), expected.getDenominator().longValueExact()),
        actual);
  }
}

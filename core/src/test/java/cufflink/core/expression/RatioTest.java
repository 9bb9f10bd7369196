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

  /** No two longs hold these; another library keeps them exact as well. */
  @Test
  void fractionsTooFineForALong_staySo() {
    Ratio fine = Ratio.of(1, 4_000_000_007L).times(Ratio.of(1, 4_000_000_009L));
    BigFraction exact =
        new BigFraction(1, 4_000_000_007L).multiply(new BigFraction(1, 4_000_000_009L));
    assertEquals(exact.toString().replace(" ", ""), fine.toString());
    assertEquals(Ratio.of(1, 4_000_000_007L), fine.times(Ratio.of(4_000_000_009L)));
    assertEquals(1, fine.compareTo(Ratio.ZERO));
    Ratio sum = Ratio.of(5).plus(Ratio.of(1, 3_000_000_019L)).plus(Ratio.of(1, 3_000_000_029L));
    assertEquals(5, sum.toDouble(), 1e-9);
    assertEquals(5, sum.floor());
    assertEquals(5, sum.round());
    Ratio back = sum.minus(Ratio.of(1, 3_000_000_029L)).minus(Ratio.of(1, 3_000_000_019L));
    assertEquals(Ratio.of(5), back);
  }

  @Test
  void numbersBeyondALong_areExactToo() {
    Ratio huge = Ratio.of(Long.MAX_VALUE);
    assertEquals(Ratio.of(Long.MAX_VALUE - 1), huge.plus(Ratio.of(1)).minus(Ratio.of(2)));
    assertEquals(huge, huge.times(huge).dividedBy(huge));
    assertEquals(-1, huge.times(huge).negated().signum());
    assertThrows(ArithmeticException.class, () -> huge.times(huge).floor());
  }

  @Test
  void numbersOutOfRange_areNeverSilent() {
    assertThrows(ArithmeticException.class, () -> Ratio.of(1, 0));
    assertThrows(ArithmeticException.class, () -> Ratio.from(Double.NaN));
    assertThrows(ArithmeticException.class, () -> Ratio.of(new BigDecimal("1e-20000000")));
    Ratio[] grown = {Ratio.of(Long.MAX_VALUE)};
    assertThrows(
        ArithmeticException.class,
        () -> {
          for (int i = 0; i < 20; i++) {
            grown[0] = grown[0].times(grown[0]);
          }
        });
  }

  /** Halves, quarter turns and squares come out even, as no rounding of doubles lets them. */
  @Test
  void rootsAndAngles_areExactWhereTheyCanBe() {
    assertEquals(Ratio.of(1, 2), Ratio.of(30).sine());
    assertEquals(Ratio.of(-1, 2), Ratio.of(210).sine());
    assertEquals(Ratio.of(1, 2), Ratio.of(-300).cosine());
    assertEquals(Ratio.ZERO, Ratio.of(90).cosine());
    assertEquals(Ratio.of(-1), Ratio.of(3 * 180).cosine());
    assertEquals(Ratio.of(1), Ratio.of(225).tangent());
    assertThrows(ArithmeticException.class, () -> Ratio.of(-90).tangent());
    assertEquals(Ratio.of(45), Ratio.of(1).arcTangent());
    assertEquals(Ratio.of(3, 7), Ratio.of(9, 49).root());
    for (int degrees = -720; degrees <= 720; degrees += 7) {
      double radians = Math.toRadians(degrees);
      assertEquals(Math.sin(radians), Ratio.of(degrees).sine().toDouble(), 1e-12);
      assertEquals(Math.cos(radians), Ratio.of(degrees).cosine().toDouble(), 1e-12);
      assertEquals(Math.sqrt(720 + degrees), Ratio.of(720 + degrees).root().toDouble(), 1e-11);
    }
  }

  private static void assertSame(BigFraction expected, Ratio actual) {
    assertEquals(
        Ratio.of(
            expected.getNumerator().longValueExact(), expected.getDenominator().longValueExact()),
        actual);
  }
}

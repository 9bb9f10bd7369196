package cufflink.core.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LengthTest {
  private static final int CASES = 2_000;

  @Test
  void inch_isExactly25Point4Millimetres() {
    // Source: international yard of 1959 (from memory).
    assertEquals(Length.fromMillimetres(new BigDecimal("25.4")), Length.ofInches(1, 1));
  }

  @Test
  void sixtyFourth_isAWholeNumberOfUnits() {
    assertEquals(3_175, Length.ofInches(1, 64).units());
  }

  @Test
  void sumOfTenThousandSixtyFourths_doesNotDrift() {
    Length sum = Length.ZERO;
    for (int i = 0; i < 10_000; i++) {
      sum = sum.plus(Length.ofInches(1, 64));
    }
    assertEquals(Length.ofInches(10_000, 64), sum);
  }

  @Test
  void plus_isAssociative() {
    Random random = new Random(1);
    for (int i = 0; i < CASES; i++) {
      Length a = any(random);
      Length b = any(random);
      Length c = any(random);
      assertEquals(a.plus(b).plus(c), a.plus(b.plus(c)));
    }
  }

  @Test
  void parse_readsWhatToStringWrites() {
    Random random = new Random(2);
    for (int i = 0; i < CASES; i++) {
      Length length = any(random);
      assertEquals(length, Length.parse(length.toString()));
    }
  }

  @Test
  void toString_isExactInMillimetres() {
    assertEquals("136.525 mm", Length.ofInches(43, 8).toString());
    assertEquals("0.000125 mm", Length.ofUnits(1).toString());
    assertEquals("-2 mm", Length.ofMillimetres(-2).toString());
  }

  @Test
  void parse_otherForms_areRefused() {
    NumberFormatException refused =
        assertThrows(NumberFormatException.class, () -> Length.parse("5 in"));
    assertTrue(refused.getMessage().contains("5 in"));
    assertThrows(NumberFormatException.class, () -> Length.parse("x mm"));
  }

  @Test
  void ofInches_thirds_areRefusedBecauseTheyAreNotExact() {
    assertThrows(ArithmeticException.class, () -> Length.ofInches(1, 3));
    assertThrows(ArithmeticException.class, () -> Length.ofInches(1, 0));
  }

  @Test
  void overflow_isNeverSilent() {
    Length huge = Length.ofUnits(Long.MAX_VALUE);
    assertThrows(ArithmeticException.class, () -> huge.plus(Length.ofUnits(1)));
    assertThrows(ArithmeticException.class, () -> huge.times(2));
    assertThrows(ArithmeticException.class, () -> Length.ofMillimetres(Long.MAX_VALUE));
    assertThrows(ArithmeticException.class, () -> Length.fromMillimetres(Double.NaN));
    assertThrows(ArithmeticException.class, () -> Length.fromMillimetres(1e300));
    assertThrows(ArithmeticException.class, () -> Length.ofUnits(Long.MIN_VALUE).abs());
  }

  @Test
  void scaled_roundsToTheNearestUnit() {
    Length third =
        Length.ofMillimetres(10).scaled(Length.ofMillimetres(1), Length.ofMillimetres(3));
    assertEquals(26_667, third.units());
    assertThrows(
        ArithmeticException.class,
        () -> Length.ofMillimetres(1).scaled(Length.ofMillimetres(1), Length.ZERO));
  }

  @Test
  void order_followsTheUnits() {
    Length shorter = Length.ofMillimetres(1);
    Length longer = Length.ofInches(1, 16);
    assertTrue(shorter.compareTo(longer) < 0);
    assertEquals(shorter, shorter.min(longer));
    assertEquals(longer, shorter.max(longer));
    assertNotEquals(shorter, longer);
    assertEquals(shorter.hashCode(), Length.ofUnits(8_000).hashCode());
  }

  private static Length any(Random random) {
    return Length.ofUnits(random.nextLong(-80_000_000, 80_000_000));
  }
}

package cufflink.core.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Spoken;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthParserTest {
  private static final Length FIVE_AND_THREE_EIGHTHS = Length.ofInches(43, 8);

  @ParameterizedTest
  @ValueSource(
      strings = {
        "5 3/8",
        "5-3/8",
        "5 - 3/8",
        "5⅜",
        "5 ⅜",
        "5 3⁄8",
        "5³⁄₈",
        "5\u2009³⁄₈",
        "5.375 in",
        "5,375 in",
        "5 3/8\"",
        "5 3/8″",
        "5 3/8”",
        "5 3/8''",
        "5 3/8in",
        "5 3/8 inches",
        "  5   3/8  ",
        "5\u00a03/8",
        "5\u202f3/8 inch",
        "43/8",
        "5 6/16",
        "13.6525 cm",
        "136.525 mm",
        "136,525mm",
        "5‐3/8",
        "5–3/8",
        "5.375"
      })
  void parse_everyFormAMakerTypes_givesTheSameLength(String text) {
    assertEquals(FIVE_AND_THREE_EIGHTHS, LengthParser.parse(text, Unit.INCH).orElseThrow());
  }

  @ParameterizedTest
  @CsvSource({"13.7 cm, 137 mm", "137, 137 mm", "0, 0 mm", ".5, 0.5 mm", "½, 0.5 mm", "7., 7 mm"})
  void parse_metric_isExact(String text, String exact) {
    assertEquals(Length.parse(exact), LengthParser.parse(text, Unit.MILLIMETRE).orElseThrow());
  }

  @Test
  void parse_decimalComma_isNoThousandsMark() {
    assertEquals(
        Length.ofMillimetres(1), LengthParser.parse("1,000 mm", Unit.MILLIMETRE).orElseThrow());
  }

  @Test
  void parse_thirdOfAnInch_isRoundedToTheNearestUnit() {
    assertEquals(67_733, LengthParser.parse("1/3", Unit.INCH).orElseThrow().units());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "''|There is no length here; type one such as 5 3/8 or 137 mm.",
        "'   '|There is no length here; type one such as 5 3/8 or 137 mm.",
        "-3|“-3” is below zero; a length of paper is zero or more.",
        "−3 mm|“−3 mm” is below zero; a length of paper is zero or more.",
        "1/0|“1/0” divides by nought; type the fraction again, such as 3/8.",
        "5 3/0 in|“5 3/0 in” divides by nought; type the fraction again, such as 3/8.",
        "NaN|“NaN” is not a length; type one such as 5 3/8, 5.375 in or 137 mm.",
        "1e5|“1e5” is in “e5”, which is not in, cm or mm; use one of these.",
        "Infinity|“Infinity” is not a length; type one such as 5 3/8, 5.375 in or 137 mm.",
        "1.2.3|“1.2.3” is in “.3”, which is not in, cm or mm; use one of these.",
        "10 km|“10 km” is in “km”, which is not in, cm or mm; use one of these.",
        "10001 mm|“10001 mm” is longer than 10 m, and no sheet is that long; look at the unit.",
        "5 З/8|“5 З/8” has “з”, which is not one of the digits 0 to 9 or a unit; type the number again.",
        "٥ mm|“٥ mm” has “٥”, which is not one of the digits 0 to 9 or a unit; type the number again.",
        "５|“５” has “５”, which is not one of the digits 0 to 9 or a unit; type the number again.",
        "5 3/8 feet|“5 3/8 feet” is in “feet”, which is not in, cm or mm; use one of these.",
        "abc|“abc” is not a length; type one such as 5 3/8, 5.375 in or 137 mm."
      })
  void parse_badInput_givesOneClearSentence(String text, String sentence) {
    assertEquals(sentence, LengthParser.parse(text, Unit.MILLIMETRE).problem().say(Spoken.ENGLISH));
  }

  @Test
  void parse_endlessInput_isCutShortInTheSentence() {
    Parsed<Length> parsed = LengthParser.parse("9".repeat(100_000), Unit.INCH);
    assertEquals(
        "“999999999999…” is too long for a length; type one such as 5 3/8 or 137 mm.",
        parsed.problem().say(Spoken.ENGLISH));
  }

  @Test
  void parse_longestLength_isStillTaken() {
    assertTrue(LengthParser.parse("10000 mm", Unit.MILLIMETRE).value().isPresent());
  }

  /** A place left of an edge is as far from it as one right of it, with a minus before it. */
  @Test
  void signed_isThatFarBelowNought() {
    for (String text : new String[] {"6", "6 mm", "1/4 in", "0,5 cm", "0"}) {
      Length far = LengthParser.parse(text, Unit.MILLIMETRE).orElseThrow();
      assertEquals(far, LengthParser.signed(text, Unit.MILLIMETRE).orElseThrow());
      assertEquals(
          Length.ZERO.minus(far), LengthParser.signed("-" + text, Unit.MILLIMETRE).orElseThrow());
    }
    assertTrue(LengthParser.signed("--6", Unit.MILLIMETRE).value().isEmpty());
    assertTrue(LengthParser.signed("-", Unit.MILLIMETRE).value().isEmpty());
  }
}

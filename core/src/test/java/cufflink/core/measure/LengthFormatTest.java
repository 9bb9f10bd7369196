package cufflink.core.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.words.Language;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthFormatTest {

  @ParameterizedTest
  @CsvSource({
    "131.7625 mm, 1/16in, 5 3/16",
    "131.8 mm, 1/16in, 5 3/16 (then a hair more)",
    "131.7 mm, 1/16in, 5 3/16 (then a hair less)",
    "131.7625 mm, 1/8in, 5 1/4 (then 1/16 less)",
    "132.2 mm, 1/16in, 5 3/16 (then about 1/32 more)",
    "152.4 mm, 1/16in, 6",
    "9.525 mm, 1/32in, 3/8",
    "0 mm, 1/16in, 0",
    "137 mm, 1mm, 137",
    "137 mm, 5mm, 135 (then 2 more)",
    "137.2 mm, 1mm, 137 (then a hair more)",
    "137.4 mm, 1mm, 137 (then about 0.5 more)",
    "137.5 mm, 0.5mm, 137.5",
    "132.5 mm, 2.5mm, 132.5",
    "-3 mm, 1mm, −3",
    "0.8 mm, 1/16in, about 1/32",
    "0.79375 mm, 1/16in, 1/32",
    "24.6 mm, 1/8in, 1 (then about 1/32 less)",
    "2.38125 mm, 1/8in, 3/32",
    "1.6 mm, 1/16in, 1/16 (then a hair more)",
    "0.1 mm, 1/16in, a hair",
    "0.4 mm, 5mm, about 0.5",
    "2 mm, 5mm, 2"
  })
  void format_readsAsTheRulerReads(String length, String marks, String text) {
    assertEquals(text, plain(marks).format(Length.parse(length)));
  }

  @Test
  void format_typeset_setsRaisedAndLoweredDigits() {
    LengthFormat format = LengthFormat.of(Marks.SIXTEENTHS, Fractions.TYPESET, Language.ENGLISH);
    assertEquals("5\u2009³⁄₁₆", format.format(Length.ofInches(83, 16)));
    assertEquals("¹⁄₂ inch", format.formatWithUnit(Length.ofInches(1, 2)));
  }

  @Test
  void brief_marksWhatIsOffByASign() {
    LengthFormat format = plain("1/16in");
    assertEquals("5 3/16", format.brief(Length.parse("131.7625 mm")));
    assertEquals("≈ 5 3/16", format.brief(Length.parse("131.8 mm")));
    assertEquals("≈ 5 3/16", format.brief(Length.parse("131.7 mm")));
  }

  @Test
  void rough_isTheNearestMarkAndNeverNought() {
    assertEquals("11", plain("1mm").rough(Length.parse("11.4 mm")));
    assertEquals("7/16", plain("1/16in").rough(Length.parse("11.4 mm")));
    assertEquals("1", plain("1mm").rough(Length.parse("0.1 mm")));
  }

  @Test
  void size_namesTheSideAlongTheTopFirst() {
    assertEquals(
        "105 × 148", plain("1mm").size(Length.ofMillimetres(105), Length.ofMillimetres(148)));
  }

  @Test
  void format_lengthOnAMark_isReadBackAsTheSameLength() {
    Random random = new Random(3);
    for (Marks marks : Marks.COMMON) {
      for (Fractions fractions : Fractions.values()) {
        LengthFormat format = LengthFormat.of(marks, fractions, Language.ENGLISH);
        for (int i = 0; i < 300; i++) {
          Length length = marks.step().times(random.nextInt(1_500));
          String text = format.format(length);
          assertEquals(length, LengthParser.parse(text, marks.unit()).orElseThrow(), text);
        }
      }
    }
  }

  private static LengthFormat plain(String marks) {
    return LengthFormat.of(Marks.parse(marks).orElseThrow(), Fractions.PLAIN, Language.ENGLISH);
  }
}

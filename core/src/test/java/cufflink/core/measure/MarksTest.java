package cufflink.core.measure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Spoken;
import java.util.Random;
import org.junit.jupiter.api.Test;

class MarksTest {

  @Test
  void parse_readsWhatToStringWrites() {
    for (Marks marks : Marks.COMMON) {
      assertEquals(marks, Marks.parse(marks.toString()).orElseThrow());
    }
  }

  @Test
  void parse_unknownMarks_namesThoseThatAreKnown() {
    assertEquals(
        "“3mm” are not the marks of a ruler here; choose 1/32in, 1/16in, 1/8in, 0.5mm, 1mm, 2.5mm"
            + " or 5mm.",
        Marks.parse("3mm").problem().say(Spoken.ENGLISH));
  }

  @Test
  void nearest_isNeverFurtherThanHalfAMark() {
    Random random = new Random(4);
    for (Marks marks : Marks.COMMON) {
      for (int i = 0; i < 500; i++) {
        Length length = Length.ofUnits(random.nextLong(4_000_000));
        Length mark = marks.nearest(length);
        assertTrue(marks.holds(mark));
        assertTrue(mark.minus(length).abs().times(2).compareTo(marks.step()) <= 0);
        assertTrue(marks.floor(length).compareTo(length) <= 0);
      }
    }
  }

  @Test
  void holds_tellsMarksFromPlacesBetween() {
    assertTrue(Marks.EIGHTHS.holds(Length.ofInches(3, 8)));
    assertFalse(Marks.EIGHTHS.holds(Length.ofInches(3, 16)));
  }

  @Test
  void marks_withoutDistance_areRefused() {
    assertThrows(IllegalArgumentException.class, () -> new Marks(Unit.INCH, Length.ZERO));
    assertThrows(IllegalArgumentException.class, () -> new Tolerance(0, 1));
  }
}

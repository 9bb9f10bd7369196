package cufflink.files.size;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Chart;
import cufflink.core.decor.Owned;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.files.Spoken;
import cufflink.files.words.Words;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sizes that are owned, as they are typed and said. */
class ChartTextTest {
  @ParameterizedTest
  @CsvSource({
    "circle 40 mm called big punch, CIRCLE, 40 mm, 40 mm, big punch",
    "rectangle 70 x 30 called label, RECTANGLE, 70 mm, 30 mm, label",
    "70 × 30, RECTANGLE, 70 mm, 30 mm, 70 × 30",
    "Oval 2 in x 1 in called {a}, OVAL, 50.8 mm, 25.4 mm, {a}"
  })
  void typed_isRead(String text, Shape shape, String across, String down, String label) {
    Owned owned = ChartText.parse(text, Marks.MILLIMETRES).orElseThrow();
    assertEquals(new Owned(label, shape, Length.parse(across), Length.parse(down)), owned);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "star", "circle", "circle 40 x 30", "0 x 5", "circle -4", "x", "4 x"})
  void senseless_isOneSentence(String text) {
    String told = ChartText.parse(text, Marks.MILLIMETRES).problem().say(Spoken.ENGLISH);
    assertTrue(told.startsWith("“" + text.strip() + "”") && told.endsWith("."), told);
  }

  /** Common practice, no source: a greeting 2 1/2 by 3/4 on a label a size larger. */
  @Test
  void fits_areSaidOnTheRulerInUse() {
    Chart chart =
        Chart.NONE
            .with(ChartText.parse("2 3/4 x 1 called label", Marks.EIGHTHS).orElseThrow())
            .with(ChartText.parse("3 x 1 1/4 called mat", Marks.EIGHTHS).orElseThrow());
    Owned printed = ChartText.parse("2 1/2 x 3/4", Marks.EIGHTHS).orElseThrow();
    assertEquals(
        List.of(
            "It fits on label, 2 3/4 × 1; a mat for that: mat.",
            "It fits on mat, 3 × 1 1/4.",
            "To be cut for it at the least: 2 1/2 × 3/4, a circle 2 5/8 across, or an oval 3 5/8 × 1"
                + " 1/8."),
        ChartText.fits(chart, printed, Marks.EIGHTHS, Words.on(Marks.EIGHTHS, Fractions.PLAIN)));
  }
}

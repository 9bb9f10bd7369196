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

  /** What is not cut is a rectangle; whatever cuts is only asked what comes of it. */
  @ParameterizedTest
  @CsvSource({
    "stamp 62 mm x 18 mm called thanks, STAMP, RECTANGLE, 'thanks, a stamp that prints 62 × 18'",
    "sheet 12 in x 12 in called pad, SHEET, RECTANGLE, 'pad, a sheet 305 (then a hair less) × 305 (then a hair less)'",
    "Envelope rectangle 133 x 184, ENVELOPE, RECTANGLE, "
        + "'Envelope rectangle 133 x 184, an envelope 133 × 184'",
    "punch circle 25 called small, PIECE, CIRCLE, 'small, a circle 25 across'",
    "frame 60 x 40 called slide, PIECE, RECTANGLE, 'slide, 60 × 40'"
  })
  void whatItIs_isRead(String text, Owned.Use use, Shape shape, String line) {
    Owned owned = ChartText.parse(text, Marks.MILLIMETRES).orElseThrow();
    assertEquals(use, owned.use());
    assertEquals(shape, owned.shape());
    assertEquals(line, ChartText.line(owned).say(Words.on(Marks.MILLIMETRES, Fractions.PLAIN)));
  }

  /** Only on a piece can anything be stamped, however large a sheet is. */
  @Test
  void stamp_fitsOnPiecesOnly_andIsCalledByItsName() {
    Chart chart = Chart.NONE;
    for (String each :
        List.of(
            "sheet 210 x 297 called pad",
            "envelope 133 x 184 called kraft",
            "stamp 62 x 18 called thanks",
            "label 70 x 25 called tag")) {
      chart = chart.with(ChartText.parse(each, Marks.MILLIMETRES).orElseThrow());
    }
    Owned printed = ChartText.printed(chart, "Thanks", Marks.MILLIMETRES).orElseThrow();
    assertEquals(
        List.of("tag"),
        chart.fits(printed.across(), printed.down(), Marks.MILLIMETRES).holding().stream()
            .map(Owned::label)
            .toList());
    Owned tag = chart.of(Owned.Use.PIECE).get(0);
    assertEquals(List.of(printed), chart.inside(tag));
    assertEquals("pad", chart.sheets().get(0).label());
    assertEquals("kraft", chart.envelopes().get(0).label());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "star",
        "sheet circle 40",
        "stamp oval 60 x 20",
        "envelope",
        "circle",
        "circle 40 x 30",
        "0 x 5",
        "circle -4",
        "x",
        "4 x"
      })
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

package cufflink.files.size;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Unit;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.Sheet;
import cufflink.files.Spoken;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StandardSizesTest {
  private static final double POINTS = 72 / 25.4;

  @Test
  void sheets_agreeWithThePageSizesOfAnotherLibrary() {
    // Source: ISO 216 and ANSI/ASME Y14.1, read from PDFBox.
    assertPage(PDRectangle.A3, "a3");
    assertPage(PDRectangle.A4, "a4");
    assertPage(PDRectangle.A5, "a5");
    assertPage(PDRectangle.A6, "a6");
    assertPage(PDRectangle.LETTER, "letter");
    assertPage(PDRectangle.TABLOID, "tabloid");
  }

  private static void assertPage(PDRectangle page, String id) {
    Sheet sheet = StandardSizes.sheet(id).orElseThrow();
    assertEquals(page.getWidth() / POINTS, sheet.width().toMillimetres(), 0.01, id);
    assertEquals(page.getHeight() / POINTS, sheet.height().toMillimetres(), 0.01, id);
  }

  @Test
  void aSizes_areHalvedByFolding() {
    // Source: ISO 216:2007, each size is half of the one before, rounded down to a millimetre.
    List<Sheet> sizes =
        Stream.of("a3", "a4", "a5", "a6").map(id -> StandardSizes.sheet(id).orElseThrow()).toList();
    for (int i = 1; i < sizes.size(); i++) {
      Sheet larger = sizes.get(i - 1);
      assertEquals(larger.width(), sizes.get(i).height());
      assertEquals(
          Math.floor(larger.height().toMillimetres() / 2), sizes.get(i).width().toMillimetres());
    }
  }

  @ParameterizedTest
  @CsvSource({
    "c5, 162 mm, 229 mm",
    "c6, 114 mm, 162 mm",
    "c7, 81 mm, 114 mm",
    "dl, 110 mm, 220 mm",
    "c6-c5, 114 mm, 229 mm",
    "b6, 125 mm, 176 mm"
  })
  void envelopes_haveTheSizesOfTheStandard(String id, String width, String height) {
    // Source: ISO 269:1985 (from memory).
    assertEnvelope(id, Length.parse(width), Length.parse(height));
  }

  @ParameterizedTest
  @CsvSource({
    "a1-announcement, 3 5/8, 5 1/8",
    "a2-announcement, 4 3/8, 5 3/4",
    "a6-announcement, 4 3/4, 6 1/2",
    "a7-announcement, 5 1/4, 7 1/4",
    "a8-announcement, 5 1/2, 8 1/8",
    "a9-announcement, 5 3/4, 8 3/4",
    "number-10, 4 1/8, 9 1/2",
    "square-5, 5 1/4, 5 1/4",
    "square-6, 6 1/4, 6 1/4"
  })
  void envelopes_haveTheSizesOfTheTrade(String id, String width, String height) {
    // Source: common practice, no source.
    assertEnvelope(
        id,
        LengthParser.parse(width, Unit.INCH).orElseThrow(),
        LengthParser.parse(height, Unit.INCH).orElseThrow());
  }

  private static void assertEnvelope(String id, Length width, Length height) {
    Envelope envelope = StandardSizes.envelope(id).orElseThrow();
    assertEquals(width, envelope.width());
    assertEquals(height, envelope.height());
  }

  @Test
  void envelopeOfASheetFoldedInHalf_takesIt() {
    // Source: ISO 269, C6 holds A6 flat.
    Sheet a6 = StandardSizes.sheet("a6").orElseThrow();
    Envelope c6 = StandardSizes.envelope("C6").orElseThrow();
    assertTrue(c6.takes(a6.width(), a6.height(), Length.ofMillimetres(9)));
  }

  @Test
  void parse_unitBehindTheSecondNumber_countsForBoth() {
    StandardSizes.Size size = StandardSizes.parse("4 1/2 x 6 in", Unit.MILLIMETRE).orElseThrow();
    assertEquals(Length.ofInches(9, 2), size.width());
    assertEquals(Length.ofInches(6, 1), size.height());
    assertEquals(
        Length.ofMillimetres(105),
        StandardSizes.parse("10.5cm×148mm", Unit.INCH).orElseThrow().width());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "105|“105” is not a size; type one such as 105 x 148 mm or 4 1/2 x 6 in.",
        "0 x 5|“0 x 5” has a side of nought; type two sides above nought.",
        "5 x -3|“-3” is below zero; a length of paper is zero or more.",
        "5 x|“5 x” is not a size; type one such as 105 x 148 mm or 4 1/2 x 6 in."
      })
  void parse_badSizes_areOneSentence(String text, String sentence) {
    assertEquals(
        sentence, StandardSizes.parse(text, Unit.MILLIMETRE).problem().say(Spoken.ENGLISH));
  }
}

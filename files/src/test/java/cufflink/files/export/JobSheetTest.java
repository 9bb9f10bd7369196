package cufflink.files.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.files.Jobs;
import cufflink.files.export.JobSheet.Printer;
import cufflink.files.export.PageLines.Line;
import cufflink.files.project.DemoProjects;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The PDF read back with PDFBox and measured to a hundredth of a millimetre. */
class JobSheetTest {
  private static final double NEAR = 0.01;
  private static final double MARGIN = 12;

  @Test
  void template_ofTheGate_isAtTrueSizeOverTwoTurnedPages() throws IOException {
    try (PDDocument document = sheet(Jobs.derive(Jobs.gate()), Printer.A4)) {
      int last = document.getNumberOfPages() - 1;
      List<Line> page = PageLines.of(document.getPage(last));
      assertLine(page, new Line(MARGIN, MARGIN, MARGIN + 258, MARGIN));
      assertLine(page, new Line(MARGIN + 66, MARGIN, MARGIN + 66, MARGIN + 150));
      assertLine(page, new Line(MARGIN + 176, MARGIN, MARGIN + 176, MARGIN + 150));
      assertTrue(text(document, last + 1).contains("row 1 of 1, column 1 of 1"));
      assertEquals(297, document.getPage(last).getMediaBox().getWidth() / 72 * 25.4, NEAR);
    }
  }

  @Test
  void template_largerThanThePaper_isTiledWithTenMillimetresShownTwice() throws IOException {
    Job large =
        Jobs.gate()
            .withValues(
                Jobs.gate()
                    .values()
                    .and("width", Length.ofMillimetres(200))
                    .and("height", Length.ofMillimetres(190)));
    try (PDDocument document = sheet(Jobs.derive(large), Printer.A4)) {
      int pages = document.getNumberOfPages();
      List<Line> second = PageLines.of(document.getPage(pages - 1));
      String text = text(document, pages);
      assertTrue(text.contains("column 2 of 2"), text);
      // The second page begins ten before the first ends: A4 is 210 wide, less both margins.
      double begins = 210 - 2 * MARGIN - 10;
      double fold = MARGIN + 266 - begins;
      assertLine(second, new Line(fold, MARGIN, fold, MARGIN + 190));
      assertTrue(text.contains("266, scored outside up"), text);
      // The cross in the middle of what both show lies at the same place of the paper on both.
      double seam = MARGIN + 5;
      assertLine(second, new Line(seam - 3, MARGIN + 30, seam + 3, MARGIN + 30));
      List<Line> first = PageLines.of(document.getPage(pages - 2));
      assertLine(first, new Line(seam + begins - 3, MARGIN + 30, seam + begins + 3, MARGIN + 30));
    }
  }

  @Test
  void calibrationBar_isOneHundredMillimetresOrFourInches() throws IOException {
    try (PDDocument document = sheet(Jobs.derive(Jobs.gate()), Printer.A4)) {
      assertBar(document, 100);
    }
    Job inches = Jobs.gate().withRulers(Rulers.one(Marks.SIXTEENTHS));
    try (PDDocument document = sheet(Jobs.derive(inches), Printer.LETTER)) {
      assertBar(document, 101.6);
    }
  }

  private static void assertBar(PDDocument document, double length) throws IOException {
    var page = document.getPage(document.getNumberOfPages() - 1);
    double foot = page.getMediaBox().getHeight() / 72 * 25.4 - MARGIN;
    assertLine(PageLines.of(page), new Line(MARGIN, foot, MARGIN + length, foot));
  }

  @Test
  void summary_holdsCutListScoringFoldingAndFindings() throws IOException {
    Job wrong = Jobs.gate().withValues(Jobs.gate().values().and("left", Length.ofMillimetres(110)));
    try (PDDocument document = sheet(Jobs.derive(wrong), Printer.A4)) {
      String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
      for (String part :
          List.of(
              "Trial",
              "Look at this before you cut",
              "covers the whole middle",
              "302 × 150",
              "1 × card base, cardstock",
              "Lay it outside up with the 302 side along the top.",
              "Left fold, a valley seen from the inside",
              "1. Fold the right flap over",
              "2. Fold the left flap over")) {
        assertTrue(text.contains(part), () -> part + " is missing in " + text);
      }
    }
  }

  @Test
  void demonstration_printsOnBothPapers() throws IOException {
    for (Job job : DemoProjects.all()) {
      for (Printer printer : Printer.values()) {
        try (PDDocument document = sheet(Jobs.derive(job), printer)) {
          assertTrue(document.getNumberOfPages() >= 2, job.title());
          assertTrue(text(document, 1).contains(job.title().substring(0, 12)));
        }
      }
    }
  }

  @Test
  void titleInAnyScript_isPrintedAsFarAsTheTypefaceGoes() throws IOException {
    Job job = Jobs.gate().withTitle("Tak 🚲 ありがとう ½");
    try (PDDocument document = sheet(Jobs.derive(job), Printer.A4)) {
      assertTrue(text(document, 1).contains("Tak ·"));
    }
  }

  @Test
  void write_withoutADesign_isRefused() {
    Job none = Jobs.gate().withValues(Jobs.gate().values().and("width", Length.ZERO));
    Derivation derivation = Jobs.derive(none);
    assertThrows(
        IllegalArgumentException.class,
        () ->
            JobSheet.write(
                derivation, List.of(), List.of(), Printer.A4, new ByteArrayOutputStream()));
  }

  private static PDDocument sheet(Derivation derivation, Printer printer) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    JobSheet.write(derivation, List.of(), Jobs.plans(derivation), printer, out);
    return Loader.loadPDF(out.toByteArray());
  }

  private static String text(PDDocument document, int page) throws IOException {
    PDFTextStripper stripper = new PDFTextStripper();
    stripper.setStartPage(page);
    stripper.setEndPage(page);
    return stripper.getText(document);
  }

  private static void assertLine(List<Line> lines, Line expected) {
    assertTrue(
        lines.stream().anyMatch(line -> isNear(line, expected) || isNear(line, reversed(expected))),
        () -> expected + " is not among " + lines);
  }

  private static Line reversed(Line line) {
    return new Line(line.toX(), line.toY(), line.fromX(), line.fromY());
  }

  private static boolean isNear(Line line, Line other) {
    return Math.hypot(line.fromX() - other.fromX(), line.fromY() - other.fromY()) < NEAR
        && Math.hypot(line.toX() - other.toX(), line.toY() - other.toY()) < NEAR;
  }
}

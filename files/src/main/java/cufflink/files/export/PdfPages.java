package cufflink.files.export;

import cufflink.core.flat.Spot;
import cufflink.core.scene.Ink;
import cufflink.files.figure.Pictures;
import java.io.Closeable;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Pages filled from the top down; a new one is begun when the next part does not fit. */
final class PdfPages implements Closeable {
  /** What ordinary printers leave white on each side, in points: 12 mm. */
  static final double MARGIN = 12 * PdfPen.POINTS;

  /** Room below the text for the number of the page, in points. */
  static final double FOOT = 16;

  private static final double LINE = 1.35;
  private static final double BOX = 9;

  /** A longer text may be broken over pages. */
  private static final int MOST_KEPT = 12;

  private final PDDocument document;
  private final PdfFonts fonts;
  private final PdfImages images;
  private final double width;
  private final double height;
  private PDPageContentStream content;
  private PdfPen pen;
  private double y;

  PdfPages(PDDocument document, PdfFonts fonts, PDRectangle paper) {
    this(document, fonts, new PdfImages(document, Pictures.NONE), paper);
  }

  PdfPages(PDDocument document, PdfFonts fonts, PdfImages images, PDRectangle paper) {
    this.document = document;
    this.fonts = fonts;
    this.images = images;
    this.width = paper.getWidth();
    this.height = paper.getHeight();
  }

  double width() {
    return width;
  }

  double height() {
    return height;
  }

  double y() {
    return y;
  }

  PdfPen pen() {
    return pen;
  }

  void newPage() throws IOException {
    close();
    PDPage page = new PDPage(new PDRectangle((float) width, (float) height));
    document.addPage(page);
    content = new PDPageContentStream(document, page);
    pen = new PdfPen(content, fonts, images, height);
    y = MARGIN;
  }

  /** Makes sure that a part of a height fits on the page, beginning a new one if it does not. */
  void need(double room) throws IOException {
    if (y + room > height - MARGIN - FOOT) {
      newPage();
    }
  }

  void skip(double room) {
    y += room;
  }

  void heading(String text) throws IOException {
    need(60);
    y += 10;
    write(fonts.bold(), 14, 0, text);
    y += 2;
  }

  void line(String text) throws IOException {
    write(fonts.plain(), 11, 0, text);
  }

  void title(String text) throws IOException {
    write(fonts.bold(), 22, 0, text);
  }

  /** Writes something to be done, with a box to tick at the right. */
  void step(String number, String text) throws IOException {
    double before = y;
    row(number, text, 2 * BOX);
    // The row may have gone to a new page; its first line is always below the top of that.
    double line = y < before ? MARGIN : before;
    double bottom = line + 12 * LINE - 3;
    double left = width - MARGIN - BOX;
    pen.stroke(
        List.of(
            new Spot(left, bottom),
            new Spot(left, bottom - BOX),
            new Spot(left + BOX, bottom - BOX),
            new Spot(left + BOX, bottom),
            new Spot(left, bottom)),
        Ink.DIMENSION,
        0,
        0);
  }

  /** Writes a number in the left column and what it is beside it. */
  void row(String number, String text) throws IOException {
    row(number, text, 0);
  }

  private void row(String number, String text, double right) throws IOException {
    double column = Math.max(110, PdfFonts.width(fonts.bold(), number, 12) + 14);
    int lines = wrap(fonts.plain(), 11, text, width - 2 * MARGIN - column - right).size();
    // The number and its text stay together, so that both begin on one line of one page.
    need(Math.max(12, 11 * Math.min(lines, MOST_KEPT)) * LINE);
    double start = y;
    write(fonts.bold(), 12, 0, number);
    double after = y;
    y = start;
    write(fonts.plain(), 11, column, text, right);
    y = Math.max(y, after);
  }

  private void write(PDFont font, double size, double indent, String text) throws IOException {
    write(font, size, indent, text, 0);
  }

  private void write(PDFont font, double size, double indent, String text, double right)
      throws IOException {
    for (String line : wrap(font, size, text, width - 2 * MARGIN - indent - right)) {
      need(size * LINE);
      y += size * LINE;
      pen.text(font, size, MARGIN + indent, y - size * 0.3, line, false);
    }
  }

  /** Breaks a text into lines that fit. */
  static List<String> wrap(PDFont font, double size, String text, double room) {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : text.split("[ \\n]+")) {
      String longer = line.isEmpty() ? word : line + " " + word;
      if (!line.isEmpty() && PdfFonts.width(font, longer, size) > room) {
        lines.add(line.toString());
        line.setLength(0);
        line.append(word);
      } else {
        line.setLength(0);
        line.append(longer);
      }
    }
    lines.add(line.toString());
    return lines;
  }

  @Override
  public void close() throws IOException {
    if (content != null) {
      content.close();
      content = null;
    }
  }
}

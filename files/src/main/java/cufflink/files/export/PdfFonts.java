package cufflink.files.export;

import cufflink.core.drawing.TextMeasure;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The shipped typeface in a PDF document. */
final class PdfFonts implements TextMeasure {
  private static final String FOLDER = "/cufflink/files/fonts/";
  private static final double FONT_UNITS = 1000;

  private final PDFont plain;
  private final PDFont bold;

  PdfFonts(PDDocument document) throws IOException {
    plain = load(document, "SourceSans3_400Regular.ttf");
    bold = load(document, "SourceSans3_600SemiBold.ttf");
  }

  private static PDFont load(PDDocument document, String name) throws IOException {
    try (InputStream in = PdfFonts.class.getResourceAsStream(FOLDER + name)) {
      return PDType0Font.load(document, in, true);
    }
  }

  PDFont plain() {
    return plain;
  }

  PDFont bold() {
    return bold;
  }

  @Override
  public double width(String text, double size) {
    return width(bold, text, size);
  }

  static double width(PDFont font, String text, double size) {
    try {
      return font.getStringWidth(settable(font, text)) / FONT_UNITS * size;
    } catch (IOException reason) {
      throw new UncheckedIOException(reason);
    }
  }

  /** Replaces what the typeface has no letter for, so that a title in any script can be printed. */
  static String settable(PDFont font, String text) {
    StringBuilder result = new StringBuilder();
    text.codePoints()
        .forEach(
            code -> {
              String letter = Character.toString(code);
              result.append(isSettable(font, letter) ? letter : "·");
            });
    return result.toString();
  }

  private static boolean isSettable(PDFont font, String letter) {
    try {
      font.encode(letter);
      return true;
    } catch (IOException | IllegalArgumentException missing) {
      return false;
    }
  }
}

package cufflink.files.export;

import cufflink.core.scene.TextMeasure;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The shipped typeface in a PDF document. */
final class PdfFonts implements TextMeasure, Closeable {
  private static final String FOLDER = "/cufflink/files/fonts/";
  private static final double FONT_UNITS = 1000;

  private final TrueTypeFont plainFile;
  private final TrueTypeFont boldFile;
  private final PDFont plain;
  private final PDFont bold;

  PdfFonts(PDDocument document) throws IOException {
    plainFile = parse("SourceSans3_400Regular.ttf");
    boldFile = parse("SourceSans3_600SemiBold.ttf");
    plain = PDType0Font.load(document, plainFile, true);
    bold = PDType0Font.load(document, boldFile, true);
  }

  /**
   * Reads a font without its ligatures: PDFBox sets them, but text with them cannot be searched.
   */
  private static TrueTypeFont parse(String name) throws IOException {
    try (InputStream in = PdfFonts.class.getResourceAsStream(FOLDER + name)) {
      TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in));
      font.setEnableGsub(false);
      return font;
    }
  }

  /** Lets the fonts go, once the document is saved. */
  @Override
  public void close() throws IOException {
    plainFile.close();
    boldFile.close();
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

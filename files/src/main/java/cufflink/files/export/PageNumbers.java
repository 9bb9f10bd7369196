package cufflink.files.export;

import cufflink.files.figure.Pictures;
import cufflink.files.words.Words;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;

/** Numbers the pages of a document once it is known how many there are. */
final class PageNumbers {
  private static final double SIZE = 10;

  private PageNumbers() {}

  static void write(PDDocument document, PdfFonts fonts) throws IOException {
    int count = document.getNumberOfPages();
    for (int i = 0; i < count; i++) {
      PDPage page = document.getPage(i);
      double width = page.getMediaBox().getWidth();
      double height = page.getMediaBox().getHeight();
      try (PDPageContentStream content =
          new PDPageContentStream(document, page, AppendMode.APPEND, true, true)) {
        String number = Words.say("sheet.page", i + 1, count);
        double left = width - PdfPages.MARGIN - PdfFonts.width(fonts.plain(), number, SIZE);
        new PdfPen(content, fonts, new PdfImages(document, Pictures.NONE), height)
            .text(fonts.plain(), SIZE, left, height - PdfPages.MARGIN, number, false);
      }
    }
  }
}

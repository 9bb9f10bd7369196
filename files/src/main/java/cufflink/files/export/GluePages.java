package cufflink.files.export;

import cufflink.core.design.Design;
import cufflink.core.drawing.GlueDrawing;
import cufflink.core.glue.GluingOrder;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.files.words.Words;
import java.io.IOException;
import java.util.Optional;

/** Writes how a card is put together: what is there so far, and where the next part goes. */
final class GluePages {
  /** The sides of the room for one step, in points. */
  static final double WIDE = 255;

  static final double HIGH = 165;

  private static final double GAP = 10;
  private static final double LETTERS = 10;
  private static final double LINE = 12;
  private static final int MOST_LINES = 2;

  /** A heading is not left alone at the foot of a page. */
  private static final double HEADING = 40;

  private final PdfPages pages;
  private final PdfFonts fonts;
  private final Surface surface;

  GluePages(PdfPages pages, PdfFonts fonts, Surface surface) {
    this.pages = pages;
    this.fonts = fonts;
    this.surface = surface;
  }

  /** Draws each step that can be drawn, numbered as it is told. */
  void write(GluingOrder order, Design design) throws IOException {
    double row = HIGH + MOST_LINES * LINE + LETTERS;
    double left = PdfPages.MARGIN;
    pages.need(row + HEADING);
    pages.heading(Words.say("sheet.steps"));
    boolean isBegun = false;
    for (int i = 0; i < order.steps().size(); i++) {
      Optional<Drawing> drawing = GlueDrawing.of(order, design, i, surface);
      if (drawing.isEmpty()) {
        continue;
      }
      if (isBegun && left + WIDE > pages.width() - PdfPages.MARGIN) {
        pages.skip(row);
        left = PdfPages.MARGIN;
        isBegun = false;
      }
      if (!isBegun) {
        pages.need(row);
        isBegun = true;
      }
      pages.pen().paint(drawing.get(), left, pages.y());
      String name = order.name(i, design).say(surface.format());
      title(Words.say("assemble.item", i + 1, name), left);
      left += WIDE + GAP;
    }
    if (isBegun) {
      pages.skip(row);
    }
  }

  private void title(String title, double left) throws IOException {
    double line = pages.y() + HIGH + LETTERS;
    for (String words : PdfPages.wrap(fonts.plain(), LETTERS, title, WIDE)) {
      pages.pen().text(fonts.plain(), LETTERS, left, line, words, false);
      line += LINE;
    }
  }
}

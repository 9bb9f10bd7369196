package cufflink.files.export;

import cufflink.core.card.FoldModel;
import cufflink.core.card.StageOrder;
import cufflink.core.drawing.FoldDrawing;
import cufflink.core.drawing.Patch;
import cufflink.core.job.Derivation;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.space.Viewpoint;
import cufflink.files.words.Words;
import java.io.IOException;
import java.util.List;

/** Writes how a card is folded: the paper before each step, arrows, and the closed card. */
final class FoldPages {
  /** The side of the square for one step, in points. */
  static final double STEP = 165;

  private static final double GAP = 10;
  private static final double LETTERS = 10;
  private static final double LINE = 12;
  private static final int MOST_LINES = 3;
  private static final Viewpoint FROM_THE_FRONT = new Viewpoint(-18, 48);

  private final PdfPages pages;
  private final PdfFonts fonts;
  private final Surface surface;

  FoldPages(PdfPages pages, PdfFonts fonts, Surface surface) {
    this.pages = pages;
    this.fonts = fonts;
    this.surface = surface;
  }

  void write(Derivation.Made made) throws IOException {
    FoldModel model = made.card().whole();
    List<Patch> patches = Patch.of(made.design());
    List<Integer> numbers = StageOrder.numbers(made.design(), model.stages());
    int stages = model.closing();
    if (stages == 0) {
      return;
    }
    double row = STEP + MOST_LINES * LINE;
    pages.need(row + 40);
    pages.heading(Words.say("sheet.fold"));
    double left = PdfPages.MARGIN;
    for (int stage = 0; stage <= stages; stage++) {
      if (left + STEP > pages.width() - PdfPages.MARGIN) {
        pages.skip(row);
        pages.need(row);
        left = PdfPages.MARGIN;
      }
      boolean closed = stage == stages;
      Drawing drawing =
          closed
              ? FoldDrawing.after(model, patches, stages, FROM_THE_FRONT, surface)
              : FoldDrawing.step(model, patches, stage, FROM_THE_FRONT, surface);
      pages.pen().paint(drawing, left, pages.y());
      title(
          closed
              ? Words.say("sheet.closed")
              : numbers.get(stage) + ". " + model.stages().get(stage).title(),
          left);
      left += STEP + GAP;
    }
    pages.skip(row);
  }

  private void title(String title, double left) throws IOException {
    double line = pages.y() + STEP + LETTERS;
    for (String words : PdfPages.wrap(fonts.plain(), LETTERS, title, STEP)) {
      pages.pen().text(fonts.plain(), LETTERS, left, line, words, false);
      line += LINE;
    }
  }
}

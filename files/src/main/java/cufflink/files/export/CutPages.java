package cufflink.files.export;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.OffCuts;
import cufflink.core.cut.TrimRun;
import cufflink.core.cut.TrimStep;
import cufflink.core.drawing.SheetDrawing;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Rulers;
import cufflink.core.run.Hand;
import cufflink.core.run.PlanWords;
import cufflink.core.run.TrimDirections;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.words.Message;
import cufflink.files.words.Words;
import java.io.IOException;
import java.util.List;

/** Prints how each paper is cut: the sheets with their parts, then the cuts one after another. */
final class CutPages {
  private static final double SHEET_HEIGHT = 210;
  private static final int IN_A_ROW = 3;
  private static final double LETTERS = 11;

  /** Room for what explains the lines, and for the first of them. */
  private static final double LEGEND = 60;

  private final PdfPages pages;
  private final PdfFonts fonts;
  private final Rulers rulers;
  private final LengthFormat format;
  private final Hand hand;

  CutPages(PdfPages pages, PdfFonts fonts, Rulers rulers, Hand hand, LengthFormat format) {
    this.pages = pages;
    this.fonts = fonts;
    this.rulers = rulers;
    this.format = format;
    this.hand = hand;
  }

  void write(List<PaperPlan> plans) throws IOException {
    for (PaperPlan plan : plans) {
      LengthFormat own = plan.format(format, rulers);
      pages.heading(Words.say(PlanWords.title(plan.role(), plan.isTrial())));
      pages.line(Words.say(PlanWords.sheets(plan.plan())));
      for (var problem : plan.plan().problems()) {
        pages.row(Words.say("severity.error"), problem.say(own));
      }
      sheets(plan.plan(), plan.run(), own);
      if (!plan.run().steps().isEmpty()) {
        pages.need(LEGEND);
        pages.line(Words.say(hand == Hand.RIGHT ? "trim.legend" : "trim.legend-left"));
        cuts(plan.run(), own);
      }
      List<OffCuts.OffCut> left = OffCuts.of(plan.run(), plan.question().parts());
      if (!left.isEmpty()) {
        Message title = PlanWords.title(plan.role(), plan.isTrial());
        pages.line(PlanWords.left(title, left).say(own));
      }
    }
  }

  private void sheets(CutPlan plan, TrimRun run, LengthFormat format) throws IOException {
    double width = (pages.width() - 2 * PdfPages.MARGIN) / IN_A_ROW;
    for (int i = 0; i < plan.sheets().size(); i++) {
      if (i % IN_A_ROW == 0) {
        pages.skip(i == 0 ? 0 : SHEET_HEIGHT);
        pages.need(SHEET_HEIGHT);
      }
      Surface surface = new Surface(width, SHEET_HEIGHT, format.marks(), format, fonts, LETTERS);
      Drawing drawing = SheetDrawing.numbered(plan, run, i, surface);
      pages.pen().paint(drawing, PdfPages.MARGIN + i % IN_A_ROW * width, pages.y());
    }
    pages.skip(plan.sheets().isEmpty() ? 0 : SHEET_HEIGHT);
  }

  private void cuts(TrimRun run, LengthFormat format) throws IOException {
    int cut = 0;
    for (TrimRun.Setting setting : run.settings()) {
      String number = format.format(setting.fence());
      for (TrimStep step : setting.steps()) {
        cut++;
        String words = TrimDirections.brief(step).say(format);
        pages.step(number, Words.say("trim.numbered", Integer.toString(cut), words));
        number = "";
      }
    }
  }
}

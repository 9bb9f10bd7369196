package cufflink.core.drawing;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.TrimRun;
import cufflink.core.cut.TrimStep;
import cufflink.core.cut.TrimStep.Becomes;
import cufflink.core.cut.TrimStep.Result;
import cufflink.core.flat.Spot;
import cufflink.core.job.PaperPlan;
import cufflink.core.paper.Picture;
import cufflink.core.run.Hand;
import cufflink.core.run.TrimDirections;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Anchor;
import cufflink.core.scene.Drawing.Box;
import cufflink.core.scene.Drawing.Tone;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;

/**
 * Draws one cut as it is made: the paper on the trimmer with its edge at the fence and the blade
 * where it comes down, and beside it the sheet with all its cuts.
 */
public final class TrimDrawing {
  private static final double SHARE = 0.6;
  private static final double HUGE = 44;
  private static final double SMALL = 14;
  private static final double GAP = 12;
  private static final double FENCE = 10;
  private static final int MOST_BESIDE = 3;

  private final CutPlan plan;
  private final TrimRun run;
  private final int done;
  private final boolean fenceLeft;
  private Optional<Picture> picture = Optional.empty();
  private final Surface surface;
  private final Pen pen = new Pen(1, 0, 0);

  private TrimDrawing(CutPlan plan, TrimRun run, int done, Hand hand, Surface surface) {
    this.plan = plan;
    this.run = run;
    this.done = done;
    this.fenceLeft = hand == Hand.RIGHT;
    this.surface = surface;
  }

  /**
   * Draws a moment of a run.
   *
   * @param plan the plan
   * @param run its cuts in order
   * @param done how many cuts are made, from 0 to their number
   * @param hand at which side the fence lies
   * @param surface what the drawing is made for
   * @return the drawing; with all cuts made, or none to make, the sheets alone
   */
  public static Drawing of(CutPlan plan, TrimRun run, int done, Hand hand, Surface surface) {
    return new TrimDrawing(plan, run, done, hand, surface).draw();
  }

  /**
   * Draws the next cut of a paper, whose sheets are shown as in their picture.
   *
   * @param plan how the paper is cut
   * @param done how many cuts are made
   * @param hand which hand moves the blade
   * @param surface what the drawing is made for
   * @return the drawing
   */
  public static Drawing of(PaperPlan plan, int done, Hand hand, Surface surface) {
    TrimDrawing drawing = new TrimDrawing(plan.plan(), plan.run(), done, hand, surface);
    drawing.picture = plan.picture();
    return drawing.draw();
  }

  private Drawing draw() {
    if (done < run.steps().size()) {
      drawCut();
    } else {
      drawSheets(new Box(0, 0, surface.width(), surface.height()), 0);
    }
    return pen.drawing(surface);
  }

  private void drawCut() {
    TrimStep step = run.steps().get(done);
    double middle = surface.width() * SHARE;
    drawTrimmer(step, new Box(GAP, GAP, middle, surface.height() - GAP));
    drawSheets(new Box(middle + GAP, 0, surface.width(), surface.height()), step.sheet());
  }

  /** Draws the sheet in question large, and those that follow it below while there is room. */
  private void drawSheets(Box room, int first) {
    int count = Math.min(plan.sheets().size(), done < run.steps().size() ? 1 : MOST_BESIDE * 2);
    double width = (room.right() - room.left()) / Math.max(1, Math.min(count, MOST_BESIDE));
    int rows = (count + MOST_BESIDE - 1) / MOST_BESIDE;
    double height = (room.bottom() - room.top()) / Math.max(1, rows);
    for (int i = 0; i < count; i++) {
      double left = room.left() + i % MOST_BESIDE * width;
      double top = room.top() + i / MOST_BESIDE * height;
      new SheetDrawing(plan, run, done, surface, picture)
          .draw(pen, first + i, new Box(left, top, left + width, top + height));
    }
  }

  private void drawTrimmer(TrimStep step, Box room) {
    double along = step.along().toMillimetres();
    double deep = step.cut().toMillimetres();
    double head = huge() + 2 * GAP + RulerBand.DEPTH;
    double foot = SMALL + 2 * GAP;
    double wide = room.right() - room.left() - FENCE - 2 * GAP;
    double tall = room.bottom() - room.top() - head - foot;
    double scale = Math.max(Double.MIN_NORMAL, Math.min(wide / along, tall / deep));
    double start = room.left() + (fenceLeft ? FENCE : 0) + (wide - along * scale) / 2;
    double top = room.top() + head + (tall - deep * scale) / 2;
    Pen here = pen.elsewhere(scale, start, top);
    double fence = step.fence().toMillimetres();
    Result atFence = step.farEdge() ? step.rest() : step.first();
    Result beyond = step.farEdge() ? step.first() : step.rest();
    double blade = fenceLeft ? fence : along - fence;
    Result left = fenceLeft ? atFence : beyond;
    Result right = fenceLeft ? beyond : atFence;
    paper(here, left, 0, blade, deep);
    paper(here, right, blade, along, deep);
    new RulerBand(here, surface.marks()).above(step.along(), fenceLeft ? Hand.RIGHT : Hand.LEFT);
    fence(here, fenceLeft ? here.x(0) - FENCE : here.x(along), deep);
    blade(here, step, blade, deep);
    labels(here, left, 0, blade, deep);
    labels(here, right, blade, along, deep);
    caption(here.x(along / 2), here.y(deep) + GAP + SMALL, side(step), SMALL, Tone.QUIET);
  }

  /** On a low surface the number gives way to the paper, but stays the largest. */
  private double huge() {
    return Math.max(HUGE * 2 / 3, Math.min(HUGE, surface.height() / 7));
  }

  private String side(TrimStep step) {
    return surface.say(Message.of("trim.on-top", TrimDirections.paper(step), step.along()));
  }

  private void paper(Pen here, Result result, double from, double to, double deep) {
    Fill fill = result.becomes() == Becomes.PART ? Fill.INSIDE : Fill.SHEET;
    List<Spot> corners =
        List.of(
            here.place(new Spot(from, 0)),
            here.place(new Spot(to, 0)),
            here.place(new Spot(to, deep)),
            here.place(new Spot(from, deep)));
    Ref ref = result.part().map(Ref::of).orElse(Ref.NONE);
    pen.shape(corners, fill, 1, ref);
    pen.outline(corners, Ink.SHEET_EDGE, ref);
  }

  /** Draws the fence as a bar at one of the paper's edges. */
  private void fence(Pen here, double x, double deep) {
    double top = here.y(0) - RulerBand.DEPTH;
    double bottom = here.y(deep);
    pen.shape(
        List.of(
            new Spot(x, top),
            new Spot(x + FENCE, top),
            new Spot(x + FENCE, bottom),
            new Spot(x, bottom)),
        Fill.FENCE,
        1,
        Ref.NONE);
  }

  private void blade(Pen here, TrimStep step, double at, double deep) {
    double x = here.x(at);
    double top = here.y(0) - RulerBand.DEPTH - GAP;
    pen.stroke(Ink.NEXT_CUT, Ref.NONE, new Spot(x, top), new Spot(x, here.y(deep) + GAP));
    String number = surface.format().brief(step.fence());
    double half = surface.measure().width(number, huge()) / 2;
    double middle = Math.max(half + GAP, x);
    caption(middle, top - huge() / 2, number, huge(), Tone.NUMBER);
  }

  private void labels(Pen here, Result result, double from, double to, double deep) {
    String text =
        switch (result.becomes()) {
          case PART -> result.name();
          case PAPER -> surface.say(Message.of("trim.again"));
          case OFF_CUT -> surface.say(Message.of("trim.keep"));
          default -> surface.say(Message.of("trim.bin"));
        };
    double room = (to - from) * here.scale() - GAP;
    double x = here.x((from + to) / 2);
    double y = here.y(deep / 2);
    for (double letters = surface.textSize(); letters >= SMALL - 1; letters -= 1) {
      if (surface.measure().width(text, letters) <= room) {
        // What is still sheet has the table's colours, what is a part those of its paper.
        boolean isPart = result.becomes() == Becomes.PART;
        caption(x, y, text, letters, isPart ? Tone.PRINTED : Tone.NUMBER);
        return;
      }
    }
  }

  private void caption(double x, double y, String text, double size, Tone tone) {
    pen.caption(new Spot(x, y), text, size, Anchor.MIDDLE, tone, Ref.NONE);
  }
}

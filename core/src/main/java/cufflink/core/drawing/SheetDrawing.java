package cufflink.core.drawing;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.CutSheet;
import cufflink.core.cut.Layout;
import cufflink.core.cut.TrimRun;
import cufflink.core.cut.TrimStep;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.measure.Written;
import cufflink.core.paper.Picture;
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

/** Draws a sheet with its parts where they lie, and its cuts: made, the next one, those to come. */
public final class SheetDrawing {
  /** The smallest letters, as a share of those of the numbers. */
  private static final double SMALL = 0.6;

  private static final double GAP = 6;
  private static final double NUMBER_ROOM = 20;

  private final CutPlan plan;
  private final List<TrimStep> steps;
  private final int done;
  private final Surface surface;
  private final double smallest;
  private final Optional<Picture> picture;
  private boolean numbered;

  /** White over what is left of a pictured sheet; it hides less than what is over its parts. */
  private static final double SPARE = 0.35;

  private static final double PART = 0.72;

  SheetDrawing(CutPlan plan, TrimRun run, int done, Surface surface, Optional<Picture> picture) {
    this.picture = picture;
    this.plan = plan;
    this.steps = run.steps();
    this.done = done;
    this.surface = surface;
    this.smallest = Math.ceil(SMALL * surface.textSize());
  }

  /**
   * Draws one sheet.
   *
   * @param plan the plan
   * @param run its cuts in order
   * @param sheet which sheet of the plan, from 0
   * @param done how many cuts of the run are made
   * @param surface what the drawing is made for
   * @return the drawing, as large as there is room
   */
  public static Drawing of(CutPlan plan, TrimRun run, int sheet, int done, Surface surface) {
    Pen pen = new Pen(1, 0, 0);
    Box room = new Box(0, 0, surface.width(), surface.height());
    new SheetDrawing(plan, run, done, surface, Optional.empty()).draw(pen, sheet, room);
    return pen.drawing(surface);
  }

  /**
   * Draws one sheet before it is cut, with the number that each cut has in the run.
   *
   * @param plan the plan
   * @param run its cuts in order
   * @param sheet which sheet of the plan, from 0
   * @param surface what the drawing is made for
   * @return the drawing, as large as there is room
   */
  public static Drawing numbered(CutPlan plan, TrimRun run, int sheet, Surface surface) {
    Pen pen = new Pen(1, 0, 0);
    Box room = new Box(0, 0, surface.width(), surface.height());
    SheetDrawing drawing =
        new SheetDrawing(plan, run, run.steps().size(), surface, Optional.empty());
    drawing.numbered = true;
    drawing.draw(pen, sheet, room);
    return pen.drawing(surface);
  }

  /** Draws one sheet in a part of a larger drawing. */
  void draw(Pen pen, int index, Box room) {
    CutSheet sheet = plan.sheets().get(index);
    double wide = sheet.stock().width().toMillimetres();
    double tall = sheet.stock().height().toMillimetres();
    double foot = smallest + 2 * GAP;
    double scale =
        Math.min(
            (room.right() - room.left() - 2 * NUMBER_ROOM) / wide,
            (room.bottom() - room.top() - NUMBER_ROOM - foot) / tall);
    scale = Math.max(scale, Double.MIN_NORMAL);
    double left = (room.left() + room.right() - wide * scale) / 2;
    double top = (room.top() + NUMBER_ROOM + room.bottom() - foot - tall * scale) / 2;
    Pen here = pen.elsewhere(scale, left, top);
    Optional<List<Spot>> pictured =
        picture
            .filter(it -> it.wide().equals(sheet.stock().width()))
            .filter(it -> it.high().equals(sheet.stock().height()))
            .map(it -> corners(here, Length.ZERO, Length.ZERO, sheet.layout()));
    rectangle(here, Length.ZERO, Length.ZERO, sheet.layout(), Fill.SHEET, Ref.NONE);
    pictured.ifPresent(whole -> show(here, whole, whole, SPARE, Ref.NONE));
    for (Layout.Placed placed : sheet.layout().leaves()) {
      leaf(here, placed, pictured);
    }
    for (int i = 0; i < steps.size(); i++) {
      if (steps.get(i).sheet() == index) {
        cut(here, i);
      }
    }
    pen.outline(corners(here, Length.ZERO, Length.ZERO, sheet.layout()), Ink.CUT, Ref.NONE);
    pen.caption(
        new Spot(left, top + tall * scale + GAP + smallest / 2),
        foot(index, sheet),
        smallest,
        Anchor.START,
        Tone.QUIET,
        Ref.NONE);
  }

  private String foot(int index, CutSheet sheet) {
    int first = 1;
    for (int i = 0; i < index; i++) {
      first += plan.sheets().get(i).times();
    }
    String number =
        sheet.times() == 1 ? Integer.toString(first) : first + "–" + (first + sheet.times() - 1);
    return surface.say(
        Message.of(
            sheet.stock().offCut()
                ? "trim.foot-off-cut"
                : sheet.times() == 1 ? "trim.foot" : "trim.foot-several",
            number,
            sheet.stock().label(),
            Written.briefSize(sheet.stock().width(), sheet.stock().height())));
  }

  private void show(Pen here, List<Spot> part, List<Spot> whole, double white, Ref ref) {
    Picture shown = picture.orElseThrow();
    List<Spot> at = List.of(whole.get(0), whole.get(1), whole.get(3));
    Drawing.Imprint imprint = new Drawing.Imprint(shown.name(), at, white);
    int mean = shown.mean();
    here.printed(
        new Drawing.Printed(List.of(part), mean, List.of(), mean, 1, List.of(imprint), ref));
  }

  private void leaf(Pen here, Layout.Placed placed, Optional<List<Spot>> pictured) {
    if (placed.what() instanceof Layout.Cut cut) {
      Ref ref = Ref.of(cut.part());
      List<Spot> corners = corners(here, placed.x(), placed.y(), cut);
      rectangle(here, placed.x(), placed.y(), cut, Fill.INSIDE, ref);
      pictured.ifPresent(whole -> show(here, corners, whole, PART, ref));
      name(here, placed, cut.part().label(), ref);
    }
  }

  private void name(Pen here, Layout.Placed placed, String label, Ref ref) {
    Layout what = placed.what();
    double wide = what.width().toMillimetres() * here.scale() - GAP;
    double tall = what.height().toMillimetres() * here.scale() - GAP;
    double x = here.x(placed.x().toMillimetres() + what.width().toMillimetres() / 2);
    double y = here.y(placed.y().toMillimetres() + what.height().toMillimetres() / 2);
    String size = surface.format().briefSize(what.width(), what.height());
    double letters = Math.min(surface.textSize(), tall);
    while (letters >= smallest && surface.measure().width(size, letters) > wide) {
      letters -= 1;
    }
    if (letters < smallest) {
      return;
    }
    boolean named =
        surface.measure().width(label, smallest) <= wide && letters + smallest + GAP <= tall;
    double up = named ? (smallest + GAP / 2) / 2 : 0;
    here.caption(new Spot(x, y - up), size, letters, Anchor.MIDDLE, Tone.PRINTED, ref);
    if (named) {
      double below = y - up + letters / 2 + GAP / 2 + smallest / 2;
      here.caption(new Spot(x, below), label, smallest, Anchor.MIDDLE, Tone.FAINT, ref);
    }
  }

  private void cut(Pen here, int index) {
    TrimStep step = steps.get(index);
    double at = step.at().toMillimetres();
    double x = step.x().toMillimetres();
    double y = step.y().toMillimetres();
    Spot from = here.place(step.down() ? new Spot(at, y) : new Spot(x, at));
    Spot to =
        here.place(
            step.down()
                ? new Spot(at, y + step.height().toMillimetres())
                : new Spot(x + step.width().toMillimetres(), at));
    Ink ink = index < done ? Ink.CUT : index == done ? Ink.NEXT_CUT : Ink.SHEET_EDGE;
    here.stroke(ink, Ref.NONE, from, to);
    if (numbered) {
      number(here, index, new Spot((from.x() + to.x()) / 2, (from.y() + to.y()) / 2));
    }
  }

  private void number(Pen here, int index, Spot at) {
    String number = Integer.toString(index + 1);
    double half = surface.measure().width(number, smallest) / 2 + 2;
    double high = smallest / 2;
    here.shape(
        List.of(
            new Spot(at.x() - half, at.y() - high),
            new Spot(at.x() + half, at.y() - high),
            new Spot(at.x() + half, at.y() + high),
            new Spot(at.x() - half, at.y() + high)),
        Fill.SHEET,
        1,
        Ref.NONE);
    here.caption(at, number, smallest, Anchor.MIDDLE, Tone.PRINTED, Ref.NONE);
  }

  private static void rectangle(Pen here, Length x, Length y, Layout what, Fill fill, Ref ref) {
    here.shape(corners(here, x, y, what), fill, 1, ref);
  }

  private static List<Spot> corners(Pen here, Length x, Length y, Layout what) {
    double left = here.x(x.toMillimetres());
    double top = here.y(y.toMillimetres());
    double right = here.x(x.plus(what.width()).toMillimetres());
    double bottom = here.y(y.plus(what.height()).toMillimetres());
    return List.of(
        new Spot(left, top), new Spot(right, top), new Spot(right, bottom), new Spot(left, bottom));
  }
}

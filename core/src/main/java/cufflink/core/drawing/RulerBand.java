package cufflink.core.drawing;

import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.run.Hand;
import cufflink.core.scene.Drawing.Anchor;
import cufflink.core.scene.Drawing.Tone;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import java.util.List;

/** A ruler along an edge of the paper, with the maker's own marks. */
final class RulerBand {
  /** How far a ruler stands out from the paper, in surface units. */
  static final double DEPTH = 24;

  private static final double CLOSEST_MARKS = 4;
  private static final double NUMBER_SIZE = 13;
  private static final double CLOSEST_NUMBERS = 30;
  private static final long MOST_APART = 100_000;

  private final Pen pen;
  private final Marks marks;

  RulerBand(Pen pen, Marks marks) {
    this.pen = pen;
    this.marks = marks;
  }

  /** Draws a ruler above the paper's top edge, from the fence that lies at one of its ends. */
  void above(Length length, Hand hand) {
    double whole = length.toMillimetres();
    double end = pen.x(length.toMillimetres());
    double top = pen.y(0) - DEPTH;
    pen.shape(
        List.of(
            new Spot(pen.x(0), top),
            new Spot(end, top),
            new Spot(end, pen.y(0)),
            new Spot(pen.x(0), pen.y(0))),
        Fill.RULER,
        1,
        Ref.NONE);
    forEachMark(
        length,
        (at, size, number) -> {
          boolean right = hand == Hand.RIGHT;
          double x = pen.x(right ? at : whole - at);
          pen.stroke(
              Ink.RULER, Ref.NONE, new Spot(x, pen.y(0) - DEPTH * size), new Spot(x, pen.y(0)));
          double room = right ? end - x : x - pen.x(0);
          if (!number.isEmpty() && NUMBER_SIZE * number.length() < room) {
            Anchor anchor = right ? Anchor.START : Anchor.END;
            double beside = right ? x + 3 : x - 3;
            pen.caption(
                new Spot(beside, top + 8), number, NUMBER_SIZE, anchor, Tone.FAINT, Ref.NONE);
          }
        });
  }

  /** Draws a ruler left of the paper's left edge. */
  void beside(Length length) {
    double end = pen.y(length.toMillimetres());
    double left = pen.x(0) - DEPTH;
    pen.shape(
        List.of(
            new Spot(left, pen.y(0)),
            new Spot(pen.x(0), pen.y(0)),
            new Spot(pen.x(0), end),
            new Spot(left, end)),
        Fill.RULER,
        1,
        Ref.NONE);
    forEachMark(
        length,
        (at, size, number) -> {
          double y = pen.y(at);
          pen.stroke(
              Ink.RULER, Ref.NONE, new Spot(pen.x(0) - DEPTH * size, y), new Spot(pen.x(0), y));
          if (!number.isEmpty() && y + NUMBER_SIZE < end) {
            pen.caption(
                new Spot(left + 1, y + 8), number, NUMBER_SIZE, Anchor.START, Tone.FAINT, Ref.NONE);
          }
        });
  }

  /** Receives a mark: where in millimetres, how long as a share of the ruler, its number if any. */
  private interface MarkUser {
    void use(double at, double size, String number);
  }

  /** Walks the marks, leaving out fine ones that would run together on the surface. */
  private void forEachMark(Length length, MarkUser user) {
    long whole = marks.unit().length().units() * (marks.inInches() ? 1 : 10);
    long step = marks.step().units();
    while (step < whole && surface(step) < CLOSEST_MARKS) {
      step *= whole % (step * 2) == 0 ? 2 : 5;
    }
    long perNumber = 1;
    // On a surface without room for the paper there is none for numbers either.
    while (surface(whole * perNumber) < CLOSEST_NUMBERS && perNumber < MOST_APART) {
      perNumber *= perNumber == 1 ? 2 : 5;
    }
    for (long at = 0; at <= length.units(); at += step) {
      boolean isWhole = at % whole == 0;
      boolean numbered = isWhole && at % (whole * perNumber) == 0 && at > 0;
      String number = numbered ? Long.toString(at / whole * (marks.inInches() ? 1 : 10)) : "";
      boolean crowds = isWhole && !numbered && at > 0;
      user.use(Length.ofUnits(at).toMillimetres(), crowds ? 0.45 : size(at, whole), number);
    }
  }

  private double surface(long units) {
    return Length.ofUnits(units).toMillimetres() * pen.scale();
  }

  /** Returns how long a mark is: halves are longer than quarters, quarters than eighths. */
  private static double size(long at, long whole) {
    double size = 1;
    for (long part = whole; size > 0.2; part /= 2) {
      if (at % part == 0) {
        return size * 0.9;
      }
      size *= 0.6;
    }
    return 0.2;
  }
}

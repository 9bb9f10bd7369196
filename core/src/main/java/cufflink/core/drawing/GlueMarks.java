package cufflink.core.drawing;

import cufflink.core.design.Layer;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.scene.Drawing.Anchor;
import cufflink.core.scene.Drawing.Tone;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import java.util.List;

/**
 * What is written about the place of a part: how far it lies from the edges of its host, and on a
 * layer its name and size.
 */
record GlueMarks(Surface surface, double letters) {
  /** A gap narrower than this needs no measure, in millimetres: the part lies at the edge. */
  static final double FLUSH = 0.3;

  private static final double TICK = 0.33;

  /** Writes on the place of a layer which one it is and how large, if there is room. */
  void name(Pen pen, Layer layer, List<Spot> outline) {
    Spot middle = Facet.inside(Facet.polygon(outline));
    String size = surface.format().briefSize(layer.width(), layer.height());
    PatchNames.Room room = PatchNames.room(outline, middle.y(), 3 * letters);
    if (room.holds(surface.measure().width(layer.label(), letters))) {
      Ref ref = new Ref(layer.on(), layer.id());
      Spot above = new Spot(room.middle(), middle.y() - letters * 0.7);
      Spot below = new Spot(room.middle(), middle.y() + letters * 0.7);
      pen.caption(above, layer.label(), letters, Anchor.MIDDLE, Tone.PRINTED, ref);
      pen.caption(below, size, letters, Anchor.MIDDLE, Tone.PRINTED, ref);
    }
  }

  /**
   * Writes how far the part lies from the left and from the top edge of its host, as both lie;
   * outside of all that is built, so that no number stands over a line.
   */
  void measures(Pen pen, Extent whole, Extent there, Extent room) {
    double right = there.left() - whole.left();
    double down = there.top() - whole.top();
    double aside = GlueLayout.BESIDE * letters / 2;
    if (Math.abs(right) > FLUSH) {
      double y = pen.y(room.top()) - aside;
      Spot tick = new Spot(0, letters * TICK);
      span(pen, new Spot(pen.x(whole.left()), y), new Spot(pen.x(there.left()), y), tick);
      double middle = (pen.x(whole.left()) + pen.x(there.left())) / 2;
      write(pen, new Spot(middle, y - letters * 0.7), right, Anchor.MIDDLE);
    }
    if (Math.abs(down) > FLUSH) {
      double x = pen.x(room.left()) - aside;
      Spot tick = new Spot(letters * TICK, 0);
      span(pen, new Spot(x, pen.y(whole.top())), new Spot(x, pen.y(there.top())), tick);
      double middle = (pen.y(whole.top()) + pen.y(there.top())) / 2;
      write(pen, new Spot(x - letters * 0.4, middle), down, Anchor.END);
    }
  }

  private void write(Pen pen, Spot at, double millimetres, Anchor anchor) {
    String text = surface.format().brief(Length.fromMillimetres(Math.abs(millimetres)));
    pen.caption(at, text, letters, anchor, Tone.NUMBER, Ref.NONE);
  }

  private static void span(Pen pen, Spot from, Spot to, Spot tick) {
    pen.stroke(Ink.DIMENSION, Ref.NONE, from, to);
    for (Spot end : List.of(from, to)) {
      pen.stroke(
          Ink.DIMENSION,
          Ref.NONE,
          new Spot(end.x() - tick.x(), end.y() - tick.y()),
          new Spot(end.x() + tick.x(), end.y() + tick.y()));
    }
  }

  /** Writes below a part what it is and which side of it lies up. */
  void below(Pen pen, Extent part, List<String> lines) {
    double middle = (pen.x(part.left()) + pen.x(part.right())) / 2;
    double y = pen.y(part.bottom()) + letters;
    for (String text : lines) {
      double half = surface.measure().width(text, letters) / 2 + 4;
      double x = Math.max(half, Math.min(middle, surface.width() - half));
      pen.caption(new Spot(x, y), text, letters, Anchor.MIDDLE, Tone.QUIET, Ref.NONE);
      y += letters * 1.2;
    }
  }
}

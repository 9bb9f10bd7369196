package cufflink.core.drawing;

import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Slit;
import cufflink.core.flat.PaperLeft;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Anchor;
import cufflink.core.scene.Drawing.Tone;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Draws everything there is to cut side by side, in proportion, each with its size. */
public final class PiecesDrawing {
  private static final double GAP = 26;
  private static final double NAME_SIZE = 14;
  private static final int HALVINGS = 40;

  private final Surface surface;
  private final List<Item> items = new ArrayList<>();

  /** Something to cut. */
  private record Item(
      Ref ref,
      String label,
      int count,
      Length width,
      Length height,
      PaperKind paper,
      List<List<Point>> outlines,
      List<Segment> cuts) {}

  /** An item and its top left corner on the surface. */
  private record Placed(Item item, double left, double top) {}

  private PiecesDrawing(Design design, Surface surface) {
    this.surface = surface;
    for (Piece piece : design.pieces()) {
      items.add(
          new Item(
              new Ref(piece.id(), ""),
              piece.label(),
              piece.count(),
              piece.width(),
              piece.height(),
              piece.paper(),
              outlines(piece),
              piece.cuts().stream().map(Slit::line).toList()));
    }
    for (Layer layer : design.layers()) {
      items.add(
          new Item(
              new Ref(layer.on(), layer.id()),
              layer.label(),
              design.count(layer),
              layer.width(),
              layer.height(),
              layer.paper(),
              List.of(Piece.rectangle(layer.width(), layer.height())),
              halving(layer)));
    }
  }

  private static List<List<Point>> outlines(Piece piece) {
    PaperLeft paper = PaperLeft.of(piece);
    List<List<Point>> outlines = new ArrayList<>(paper.outlines());
    paper.holes().forEach(opening -> outlines.add(opening.outline()));
    return outlines;
  }

  /** Returns the cut from corner to corner of a layer of which half is used. */
  private static List<Segment> halving(Layer layer) {
    List<Point> corners = Piece.rectangle(layer.width(), layer.height());
    return switch (layer.shape().straight()) {
      case TOP_LEFT, BOTTOM_RIGHT -> List.of(new Segment(corners.get(1), corners.get(3)));
      case TOP_RIGHT, BOTTOM_LEFT -> List.of(new Segment(corners.get(0), corners.get(2)));
      default -> List.of();
    };
  }

  /**
   * Draws the pieces and layers of a design.
   *
   * @param design the design
   * @param surface what the drawing is made for
   * @return the drawing, at the largest scale at which all find room
   */
  public static Drawing of(Design design, Surface surface) {
    return new PiecesDrawing(design, surface).draw();
  }

  private Drawing draw() {
    double low = 0;
    double high = surface.width();
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (low + high) / 2;
      if (bottom(place(middle), middle) <= surface.height()) {
        low = middle;
      } else {
        high = middle;
      }
    }
    Pen pen = new Pen(Math.max(low, Double.MIN_NORMAL), 0, 0);
    List<Placed> placed = centred(place(pen.scale()), pen.scale());
    double down = Math.max(0, (surface.height() - bottom(placed, pen.scale())) / 2);
    placed.forEach(each -> draw(pen, each, down));
    return pen.drawing(surface);
  }

  private double foot() {
    return surface.textSize() + NAME_SIZE + 16;
  }

  /** Returns the width an item takes: its paper or its captions, whichever is wider. */
  private double room(Item item, double scale) {
    double size = surface.measure().width(size(item), surface.textSize());
    double name = surface.measure().width(name(item), NAME_SIZE);
    return Math.max(item.width().toMillimetres() * scale, Math.max(size, name));
  }

  private String size(Item item) {
    return surface.format().briefSize(item.width(), item.height());
  }

  private static String name(Item item) {
    return item.count() == 1 ? item.label() : item.count() + " × " + item.label();
  }

  /** Sets items in rows, beginning a new row where the surface ends. */
  private List<Placed> place(double scale) {
    List<Placed> placed = new ArrayList<>();
    double left = GAP;
    double top = GAP;
    double rowHeight = 0;
    for (Item item : items) {
      double wide = room(item, scale);
      if (left > GAP && left + wide + GAP > surface.width()) {
        left = GAP;
        top += rowHeight + GAP;
        rowHeight = 0;
      }
      placed.add(new Placed(item, left, top));
      left += wide + GAP;
      rowHeight = Math.max(rowHeight, item.height().toMillimetres() * scale + foot());
    }
    return placed;
  }

  /** Moves each row to the middle of the surface. */
  private List<Placed> centred(List<Placed> placed, double scale) {
    Map<Double, Double> ends = new HashMap<>();
    placed.forEach(
        each -> ends.merge(each.top(), each.left() + room(each.item(), scale), Math::max));
    return placed.stream()
        .map(
            each -> {
              double spare = (surface.width() - GAP - ends.get(each.top())) / 2;
              return new Placed(each.item(), each.left() + Math.max(0, spare), each.top());
            })
        .toList();
  }

  private double bottom(List<Placed> placed, double scale) {
    double bottom = 0;
    for (Placed each : placed) {
      boolean tooWide = each.left() + room(each.item(), scale) + GAP > surface.width();
      double low = each.top() + each.item().height().toMillimetres() * scale + foot() + GAP;
      bottom = Math.max(bottom, tooWide ? Double.MAX_VALUE : low);
    }
    return bottom;
  }

  private void draw(Pen pen, Placed placed, double down) {
    Item item = placed.item();
    double left = placed.left();
    double top = placed.top() + down;
    double bottom = top + item.height().toMillimetres() * pen.scale();
    Fill fill = item.paper() == PaperKind.PATTERNED ? Fill.LAYER : Fill.INSIDE;
    Pen here = pen.elsewhere(pen.scale(), left, top);
    for (List<Point> outline : item.outlines()) {
      List<Spot> corners = outline.stream().map(Spot::from).map(here::place).toList();
      boolean isPaper = outline == item.outlines().get(0);
      pen.shape(corners, isPaper ? fill : Fill.HOLE, 1, item.ref());
      pen.outline(corners, Ink.CUT, item.ref());
    }
    for (Segment cut : item.cuts()) {
      pen.stroke(
          Ink.CUT, item.ref(), here.place(Spot.from(cut.from())), here.place(Spot.from(cut.to())));
    }
    double line = bottom + 8 + surface.textSize() / 2;
    pen.caption(
        new Spot(left, line),
        size(item),
        surface.textSize(),
        Anchor.START,
        Tone.NUMBER,
        item.ref());
    pen.caption(
        new Spot(left, line + surface.textSize() / 2 + NAME_SIZE / 2 + 3),
        name(item),
        NAME_SIZE,
        Anchor.START,
        Tone.QUIET,
        item.ref());
  }
}

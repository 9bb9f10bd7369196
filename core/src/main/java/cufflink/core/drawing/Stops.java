package cufflink.core.drawing;

import cufflink.core.design.Fold;
import cufflink.core.design.Score;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.run.Hand;
import cufflink.core.scene.Drawing.Anchor;
import cufflink.core.scene.Drawing.Tone;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The numbers around a piece: running stops on the rulers, panel by panel below and at the right,
 * and the whole sides.
 *
 * <p>No number lies on another: those that would meet go to a row further out, and room for the
 * rows is kept free beforehand. A number for which even the last row has no room is left out; it
 * still stands on the slip.
 */
final class Stops {
  private static final double GAP = 6;
  private static final double LEADER = 8;
  private static final int MOST_ROWS = 4;
  private static final int MOST_PANEL_ROWS = 2;

  private final Lying lie;
  private final Surface surface;
  private final List<Numbered> upright = new ArrayList<>();
  private final List<Numbered> level = new ArrayList<>();
  private final List<Numbered> panelsAcross;
  private final List<Numbered> panelsDown;

  /** A number and the stretch of the side it belongs to, in millimetres as the piece lies. */
  private record Numbered(double from, double to, String text, Ref ref, Ink ink) {
    double middle() {
      return (from + to) / 2;
    }
  }

  Stops(Lying lie, Surface surface, FlatDrawing.Options options) {
    this.lie = lie;
    this.surface = surface;
    List<Length> foldsAcross = new ArrayList<>();
    List<Length> foldsDown = new ArrayList<>();
    boolean isFromRight = options.hand() == Hand.LEFT;
    for (Score score : lie.piece().scores()) {
      Spot from = lie.apply(Spot.from(score.line().from()));
      Spot to = lie.apply(Spot.from(score.line().to()));
      boolean stands = from.x() == to.x();
      if (!stands && from.y() != to.y()) {
        continue;
      }
      Length at = Length.fromMillimetres(stands ? from.x() : from.y());
      if (options.stops().test(score)) {
        Ref ref = new Ref(lie.piece().id(), score.id());
        double place = at.toMillimetres();
        List<Numbered> here = stands ? upright : level;
        // Parts of one line share their number.
        if (here.stream().noneMatch(each -> each.from() == place)) {
          Length said = stands && isFromRight ? lie.width().minus(at) : at;
          here.add(new Numbered(place, place, brief(said), ref, Ink.of(score.fold())));
        }
      }
      if (score.fold() != Fold.DECORATIVE) {
        (stands ? foldsAcross : foldsDown).add(at);
      }
    }
    upright.sort(Comparator.comparingDouble(Numbered::from));
    level.sort(Comparator.comparingDouble(Numbered::from));
    boolean panels = options.showsPanels();
    panelsAcross = panels ? panels(foldsAcross, lie.width(), true) : List.of();
    panelsDown = panels ? panels(foldsDown, lie.height(), false) : List.of();
  }

  private String brief(Length length) {
    return surface.format().brief(length);
  }

  private List<Numbered> panels(List<Length> folds, Length side, boolean along) {
    List<Length> edges = new ArrayList<>(folds);
    edges.add(Length.ZERO);
    edges.add(side);
    List<Length> sorted = edges.stream().distinct().sorted().toList();
    List<Numbered> panels = new ArrayList<>();
    for (int i = 1; i < sorted.size() && sorted.size() > 2; i++) {
      Length from = sorted.get(i - 1);
      Length to = sorted.get(i);
      String text = brief(to.minus(from));
      Ref ref = Influence.panel(lie.piece().id(), isAcross(along), number(i, sorted.size(), along));
      panels.add(new Numbered(from.toMillimetres(), to.toMillimetres(), text, ref, Ink.DIMENSION));
    }
    return panels;
  }

  /** Says whether a side that lies along the top or down the left is the piece's own width. */
  private boolean isAcross(boolean along) {
    return along == lie.lie().isWidthAlong();
  }

  /** Counts panels as the piece is described, also when it lies with its outside up. */
  private int number(int index, int count, boolean along) {
    return lie.isBackwards(along) ? count - index : index;
  }

  private double row() {
    return surface.textSize() + GAP;
  }

  private double widest(List<Numbered> numbers) {
    return numbers.stream().mapToDouble(each -> width(each.text())).max().orElse(0);
  }

  private double width(String text) {
    return surface.measure().width(text, surface.textSize());
  }

  private int rows(List<Numbered> numbers) {
    return Math.min(MOST_ROWS, Math.max(1, numbers.size()));
  }

  /** Room kept above the paper for the ruler and its stops. */
  double top() {
    return RulerBand.DEPTH + LEADER + GAP + (upright.isEmpty() ? 0 : rows(upright) * row());
  }

  /** Room kept left of the paper for the ruler and its stops. */
  double left() {
    double column = widest(level) + LEADER + GAP;
    return RulerBand.DEPTH + LEADER + (level.isEmpty() ? 0 : columns() * column) + GAP;
  }

  private int columns() {
    return Math.max(1, Math.min(3, level.size()));
  }

  /** Room kept below the paper for panels and the whole width. */
  double bottom() {
    return LEADER + 2 * GAP + row() * (panelsAcross.isEmpty() ? 1 : 3);
  }

  /** Room kept right of the paper for panels and the whole height. */
  double right() {
    double whole = width(brief(lie.height())) + LEADER + 2 * GAP;
    return whole + (panelsDown.isEmpty() ? 0 : panelColumns() + LEADER + GAP);
  }

  /** Panels one below the other take two columns, in case some are lower than their number. */
  private double panelColumns() {
    int columns = Math.min(MOST_PANEL_ROWS, panelsDown.size());
    return columns * (widest(panelsDown) + GAP);
  }

  void draw(Pen pen, Spot extent) {
    drawUpright(pen);
    drawLevel(pen);
    drawBelow(pen, pen.y(extent.y()));
    drawRight(pen, pen.x(extent.x()));
  }

  private void drawUpright(Pen pen) {
    List<Double> rowEnds = new ArrayList<>();
    double base = pen.y(0) - RulerBand.DEPTH;
    for (Numbered stop : upright) {
      double x = pen.x(stop.from());
      double half = width(stop.text()) / 2;
      int row = firstFree(rowEnds, x - half, x + half + GAP);
      if (row >= MOST_ROWS) {
        continue;
      }
      double y = base - LEADER - row * row() - surface.textSize() / 2;
      pen.stroke(
          Ink.DIMENSION,
          stop.ref(),
          new Spot(x, base),
          new Spot(x, y + surface.textSize() / 2 + 1));
      EndMark.draw(pen, stop.ink(), stop.ref(), new Spot(x, base));
      caption(pen, x, y, stop.text(), Anchor.MIDDLE, stop.ref());
    }
  }

  private static int firstFree(List<Double> rowEnds, double start, double end) {
    int row = 0;
    while (row < rowEnds.size() && rowEnds.get(row) > start) {
      row++;
    }
    if (row == rowEnds.size()) {
      rowEnds.add(end);
    } else {
      rowEnds.set(row, end);
    }
    return row;
  }

  private void drawLevel(Pen pen) {
    double base = pen.x(0) - RulerBand.DEPTH;
    double column = widest(level) + LEADER + GAP;
    List<Double> ends = new ArrayList<>();
    for (Numbered stop : level) {
      double y = pen.y(stop.from());
      double half = surface.textSize() / 2;
      int place = firstFree(ends, y - half, y + half);
      if (place >= columns()) {
        continue;
      }
      double x = base - LEADER - place * column;
      pen.stroke(Ink.DIMENSION, stop.ref(), new Spot(base, y), new Spot(x + 2, y));
      EndMark.draw(pen, stop.ink(), stop.ref(), new Spot(base, y));
      caption(pen, x, y, stop.text(), Anchor.END, stop.ref());
    }
  }

  private void drawBelow(Pen pen, double edge) {
    double line = edge + GAP + LEADER / 2;
    List<Double> rowEnds = new ArrayList<>();
    for (Numbered panel : panelsAcross) {
      dimension(
          pen, new Spot(pen.x(panel.from()), line), new Spot(pen.x(panel.to()), line), panel.ref());
      double half = width(panel.text()) / 2;
      double x = pen.x(panel.middle());
      int row = firstFree(rowEnds, x - half, x + half + GAP);
      if (row < MOST_PANEL_ROWS) {
        double y = line + GAP + surface.textSize() / 2 + row * row();
        caption(pen, x, y, panel.text(), Anchor.MIDDLE, panel.ref());
      }
    }
    double whole =
        panelsAcross.isEmpty()
            ? line
            : line + row() * Math.min(MOST_PANEL_ROWS, rowEnds.size()) + GAP;
    dimension(
        pen,
        new Spot(pen.x(0), whole),
        new Spot(pen.x(lie.width().toMillimetres()), whole),
        side(true));
    caption(
        pen,
        pen.x(lie.width().toMillimetres() / 2),
        whole + GAP + surface.textSize() / 2,
        brief(lie.width()),
        Anchor.MIDDLE,
        side(true));
  }

  private void drawRight(Pen pen, double edge) {
    double line = edge + GAP + LEADER / 2;
    List<Double> ends = new ArrayList<>();
    for (Numbered panel : panelsDown) {
      dimension(
          pen, new Spot(line, pen.y(panel.from())), new Spot(line, pen.y(panel.to())), panel.ref());
      double y = pen.y(panel.middle());
      double half = surface.textSize() / 2;
      int column = firstFree(ends, y - half, y + half);
      if (column < MOST_PANEL_ROWS) {
        double x = line + GAP + column * (widest(panelsDown) + GAP);
        caption(pen, x, y, panel.text(), Anchor.START, panel.ref());
      }
    }
    double whole = panelsDown.isEmpty() ? line : line + panelColumns() + LEADER;
    double foot = lie.height().toMillimetres();
    dimension(pen, new Spot(whole, pen.y(0)), new Spot(whole, pen.y(foot)), side(false));
    caption(pen, whole + GAP, pen.y(foot / 2), brief(lie.height()), Anchor.START, side(false));
  }

  /** A side without folds is its own only panel; one with folds is the sum of its panels. */
  private Ref side(boolean along) {
    if ((along ? panelsAcross : panelsDown).isEmpty()) {
      return Influence.panel(lie.piece().id(), isAcross(along), 1);
    }
    return new Ref(lie.piece().id(), isAcross(along) ? Ref.WIDTH : Ref.HEIGHT);
  }

  private void caption(Pen pen, double x, double y, String text, Anchor anchor, Ref ref) {
    pen.caption(new Spot(x, y), text, surface.textSize(), anchor, Tone.NUMBER, ref);
  }

  private static void dimension(Pen pen, Spot from, Spot to, Ref ref) {
    pen.stroke(Ink.DIMENSION, ref, from, to);
    double across = from.y() == to.y() ? 0 : 4;
    double down = from.y() == to.y() ? 4 : 0;
    for (Spot end : List.of(from, to)) {
      pen.stroke(
          Ink.DIMENSION,
          ref,
          new Spot(end.x() - across, end.y() - down),
          new Spot(end.x() + across, end.y() + down));
    }
  }
}

package cufflink.core.fold;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.flat.FlatPattern;
import cufflink.core.layers.LayerOrder;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerances;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A small sheet on which a few creases meet in one point and nothing else is folded, to try whether
 * they can all be closed.
 *
 * @param directions the directions of the creases in radians, going up, at least two of them
 * @param signs 1 for a valley, −1 for a mountain
 * @param tolerances how near is equal
 */
record Star(List<Double> directions, List<Integer> signs, Tolerances tolerances) {
  private static final double RADIUS = 50;
  private static final double CLOSED = 180;

  /** Copies the lists. */
  Star {
    directions = List.copyOf(directions);
    signs = List.copyOf(signs);
  }

  /**
   * Says whether the creases fold flat: their sectors come out, and the facets can lie on each
   * other without passing through one another.
   */
  boolean folds() {
    List<Point> outline = new ArrayList<>();
    List<Score> scores = new ArrayList<>();
    Map<String, Double> closed = new LinkedHashMap<>();
    for (int i = 0; i < directions.size(); i++) {
      Point end = on(directions.get(i));
      Fold fold = signs.get(i) > 0 ? Fold.VALLEY : Fold.MOUNTAIN;
      outline.add(end);
      addCorners(outline, i);
      scores.add(new Score(name(i), name(i), fold, new Segment(at(0, 0), end)));
      closed.put(name(i), CLOSED * signs.get(i));
    }
    Length side = Length.fromMillimetres(2 * RADIUS);
    Piece piece =
        new Piece("star", "star", PaperKind.CARDSTOCK, 1, side, side, outline, scores, List.of());
    Design design = new Design("star", List.of(piece), List.of(), List.of(), at(0, 0), side, side);
    FoldModel model = FoldModel.of(design, FlatPattern.of(piece, tolerances));
    double[] radians =
        model.flat().creases().stream()
            .mapToDouble(crease -> Math.PI * crease.score().fold().sign())
            .toArray();
    return LayerOrder.of(model.pose(closed), radians, true).find((one, other) -> 0).isPresent();
  }

  /** Says whether there are two more of one kind than of the other (Maekawa; Justin). */
  boolean isCounted() {
    return Math.abs(signs.stream().mapToInt(Integer::intValue).sum()) == 2;
  }

  /** A sector wider than a quarter turn gets corners between, so that the middle lies inside. */
  private void addCorners(List<Point> outline, int index) {
    double from = directions.get(index);
    double to =
        index + 1 < directions.size() ? directions.get(index + 1) : directions.get(0) + 2 * Math.PI;
    int parts = (int) Math.ceil((to - from) / (Math.PI / 2));
    for (int i = 1; i < parts; i++) {
      outline.add(on(from + (to - from) * i / parts));
    }
  }

  private static String name(int index) {
    return "crease-" + index;
  }

  private static Point on(double direction) {
    return at(Math.cos(direction), Math.sin(direction));
  }

  private static Point at(double x, double y) {
    return new Point(
        Length.fromMillimetres(RADIUS * (1 + x)), Length.fromMillimetres(RADIUS * (1 + y)));
  }

  /** Returns the same creases with some of them turned from mountain to valley or back. */
  Star turning(int some) {
    List<Integer> turned = new ArrayList<>();
    for (int i = 0; i < signs.size(); i++) {
      turned.add((some >> i & 1) == 1 ? -signs.get(i) : signs.get(i));
    }
    return new Star(directions, turned, tolerances);
  }

  /** Returns the same creases with one of them led another way. */
  Star moving(int index, double radians) {
    List<Double> moved = new ArrayList<>(directions);
    moved.set(index, moved.get(index) + radians);
    return new Star(moved, signs, tolerances);
  }
}

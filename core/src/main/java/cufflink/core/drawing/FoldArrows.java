package cufflink.core.drawing;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Arrows that show how paper moves in a stage, as in printed folding diagrams: a valley fold has an
 * arrow with both barbs, a mountain fold, which goes behind, one with a single barb (published
 * diagram convention).
 */
final class FoldArrows {
  private static final int MOST = 3;
  private static final int PARTS = 14;
  private static final double BARB = 11;
  private static final double BOW = 0.22;
  private static final double LEAST = 14;

  private final FoldModel model;
  private final Viewpoint viewpoint;
  private final UnaryOperator<Spot> place;

  /** A facet's way from where it is to where it comes to lie. */
  private record Way(Spot from, Spot to, boolean valley) {
    double length() {
      return from.distance(to);
    }
  }

  /**
   * Prepares to draw.
   *
   * @param model the folded piece
   * @param viewpoint from where it is seen
   * @param place takes a seen place in millimetres to the surface
   */
  FoldArrows(FoldModel model, Viewpoint viewpoint, UnaryOperator<Spot> place) {
    this.model = model;
    this.viewpoint = viewpoint;
    this.place = place;
  }

  /** Draws the arrows of a stage over the card as it is before. */
  void draw(Pen pen, int stage) {
    List<Way> ways = new ArrayList<>();
    Pose before = model.pose(stage);
    Pose after = model.pose(stage + 1);
    for (Facet facet : model.assembly().facets()) {
      Spot middle = facet.inside();
      Vec from = before.place(facet.index(), middle);
      Vec to = after.place(facet.index(), middle);
      boolean turnedUp = model.pose(stage + 0.5).place(facet.index(), middle).z() >= from.z();
      Way way = new Way(seen(from), seen(to), turnedUp);
      if (way.length() > LEAST && ways.stream().noneMatch(other -> isAlike(other, way))) {
        ways.add(way);
      }
    }
    ways.sort(Comparator.comparingDouble(Way::length).reversed());
    ways.stream().limit(MOST).forEach(way -> arrow(pen, way));
  }

  private static boolean isAlike(Way one, Way other) {
    return one.from().distance(other.from()) < 2 * LEAST
        && one.to().distance(other.to()) < 2 * LEAST;
  }

  private Spot seen(Vec at) {
    Vec seen = viewpoint.apply(at);
    return place.apply(new Spot(seen.x(), seen.y()));
  }

  /** Draws a bow from one place on the surface to another, with two barbs there. */
  static void arrow(Pen pen, Spot from, Spot to) {
    arrow(pen, new Way(from, to, true));
  }

  /** Draws a bow from start to end, its barbs at the end. */
  private static void arrow(Pen pen, Way way) {
    double across = way.to().x() - way.from().x();
    double down = way.to().y() - way.from().y();
    double side = across >= 0 ? 1 : -1;
    double bowX = (way.from().x() + way.to().x()) / 2 + side * down * BOW;
    double bowY = (way.from().y() + way.to().y()) / 2 - side * across * BOW;
    Spot[] path = new Spot[PARTS + 1];
    for (int i = 0; i <= PARTS; i++) {
      double t = i / (double) PARTS;
      double a = (1 - t) * (1 - t);
      double b = 2 * t * (1 - t);
      double c = t * t;
      path[i] =
          new Spot(
              a * way.from().x() + b * bowX + c * way.to().x(),
              a * way.from().y() + b * bowY + c * way.to().y());
    }
    pen.stroke(Ink.ARROW, Ref.NONE, path);
    Spot tip = path[PARTS];
    double angle = Math.atan2(tip.y() - path[PARTS - 1].y(), tip.x() - path[PARTS - 1].x());
    barb(pen, tip, angle + 2.6);
    if (way.valley()) {
      barb(pen, tip, angle - 2.6);
    }
  }

  private static void barb(Pen pen, Spot tip, double angle) {
    Spot end = new Spot(tip.x() + BARB * Math.cos(angle), tip.y() + BARB * Math.sin(angle));
    pen.stroke(Ink.ARROW, Ref.NONE, tip, end);
  }
}

package cufflink.core.layers;

import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Point;

/**
 * A place that two shapes have in common.
 *
 * <p>Convex shapes are clipped edge by edge (I. Sutherland and G. Hodgman, Communications of the
 * ACM 17, 1974, from memory), which is many times as fast as a general overlay; others are left to
 * one.
 */
public final class Overlap {
  private Overlap() {}

  /** A shape and whether it is convex. */
  public record Outline(List<Spot> corners, boolean convex, double area) {
    /** Measures a shape; its area is above zero if its corners run to the right. */
    public static Outline of(List<Spot> corners) {
      double area = 0;
      boolean left = false;
      boolean right = false;
      int count = corners.size();
      for (int i = 0; i < count; i++) {
        Spot before = corners.get(i);
        Spot corner = corners.get((i + 1) % count);
        Spot after = corners.get((i + 2) % count);
        double turn = cross(before, corner, after);
        left |= turn < 0;
        right |= turn > 0;
        area += (before.x() * corner.y() - corner.x() * before.y()) / 2;
      }
      return new Outline(corners, !(left && right), area);
    }
  }

  /**
   * Finds a place inside both shapes.
   *
   * @param one a shape
   * @param other another
   * @param smallest the area, in square millimetres, from which they overlap
   * @return a place well inside both; empty if they hardly overlap
   */
  public static Optional<Spot> of(Outline one, Outline other, double smallest) {
    if (!one.convex() || !other.convex()) {
      return general(one, other, smallest);
    }
    double[][] common = clipped(one.corners(), other);
    return middle(common[0], common[1], smallest);
  }

  /**
   * Clips a shape to a convex one.
   *
   * @param shape any shape without holes
   * @param convex what it is clipped to
   * @return what is left, in one ring, parts of which may be joined along the edge of the convex
   *     one; fewer than three corners if nothing is
   */
  public static List<Spot> within(List<Spot> shape, Outline convex) {
    double[][] left = clipped(shape, convex);
    return IntStream.range(0, left[0].length)
        .mapToObj(i -> new Spot(left[0][i], left[1][i]))
        .toList();
  }

  private static double[][] clipped(List<Spot> shape, Outline convex) {
    double[] xs = shape.stream().mapToDouble(Spot::x).toArray();
    double[] ys = shape.stream().mapToDouble(Spot::y).toArray();
    int count = convex.corners().size();
    double side = Math.signum(convex.area());
    for (int i = 0; i < count && xs.length > 2; i++) {
      Spot from = convex.corners().get(i);
      Spot to = convex.corners().get((i + 1) % count);
      double[][] kept = clipped(xs, ys, from, to, side);
      xs = kept[0];
      ys = kept[1];
    }
    return new double[][] {xs, ys};
  }

  /** Keeps what lies on one side of a line. */
  private static double[][] clipped(double[] xs, double[] ys, Spot from, Spot to, double side) {
    double[] keptX = new double[xs.length * 2];
    double[] keptY = new double[xs.length * 2];
    int kept = 0;
    for (int i = 0; i < xs.length; i++) {
      int next = (i + 1) % xs.length;
      double here = side * across(from, to, xs[i], ys[i]);
      double there = side * across(from, to, xs[next], ys[next]);
      if (here >= 0) {
        keptX[kept] = xs[i];
        keptY[kept++] = ys[i];
      }
      if (here > 0 && there < 0 || here < 0 && there > 0) {
        double share = here / (here - there);
        keptX[kept] = xs[i] + (xs[next] - xs[i]) * share;
        keptY[kept++] = ys[i] + (ys[next] - ys[i]) * share;
      }
    }
    return new double[][] {Arrays.copyOf(keptX, kept), Arrays.copyOf(keptY, kept)};
  }

  private static double across(Spot from, Spot to, double x, double y) {
    return (to.x() - from.x()) * (y - from.y()) - (to.y() - from.y()) * (x - from.x());
  }

  private static double cross(Spot before, Spot corner, Spot after) {
    return across(before, corner, after.x(), after.y());
  }

  private static Optional<Spot> middle(double[] xs, double[] ys, double smallest) {
    double area = 0;
    double sumX = 0;
    double sumY = 0;
    for (int i = 0; i < xs.length; i++) {
      int next = (i + 1) % xs.length;
      area += xs[i] * ys[next] - xs[next] * ys[i];
      sumX += xs[i];
      sumY += ys[i];
    }
    if (xs.length < 3 || Math.abs(area) / 2 < smallest) {
      return Optional.empty();
    }
    // The mean of the corners of a convex shape lies inside it.
    return Optional.of(new Spot(sumX / xs.length, sumY / xs.length));
  }

  private static Optional<Spot> general(Outline one, Outline other, double smallest) {
    Geometry common = Facet.polygon(one.corners()).intersection(Facet.polygon(other.corners()));
    if (common.getArea() < smallest) {
      return Optional.empty();
    }
    Point place = common.getInteriorPoint();
    return Optional.of(new Spot(place.getX(), place.getY()));
  }
}

package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.plane.Point;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * Paper cut corner to corner for a triangle has the same border on all three sides, as measured by
 * a geometry library; and a piece and its mirror image cover each other.
 *
 * <p>Source of 1/16 for 5 1/4 x 4 on 5 1/2 x 4 1/4: common practice, no source.
 */
class DiagonalLayersTest {
  private static final GeometryFactory SHAPES = new GeometryFactory();
  private static final double INCH = 25.4;

  private static Design crissCross(double wide, double high, double border) {
    var pattern = PatternLibrary.shipped().pattern("criss-cross-pocket").orElseThrow();
    Values values =
        pattern
            .normalValues()
            .and("width", Length.fromMillimetres(wide))
            .and("height", Length.fromMillimetres(high))
            .and("border", Length.fromMillimetres(border));
    Derivation derivation = Jobs.derive(Jobs.job(pattern.id(), values));
    return derivation.made().orElseThrow().design();
  }

  private static Polygon polygon(List<Point> corners) {
    Coordinate[] ring = new Coordinate[corners.size() + 1];
    for (int i = 0; i < ring.length; i++) {
      Point corner = corners.get(i % corners.size());
      ring[i] = new Coordinate(corner.x().toMillimetres(), corner.y().toMillimetres());
    }
    return SHAPES.createPolygon(ring);
  }

  private static Piece piece(Design design, String id) {
    return design.pieces().stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({"139.7, 107.95, 6.35", "150, 100, 8", "120, 118, 5", "100, 140, 6"})
  void trianglesPaper_hasTheSameBorderOnAllSides(double wide, double high, double border) {
    Design design = crissCross(wide, high, border);
    for (String name : List.of("triangle", "right-triangle")) {
      Joint joint =
          design.joints().stream().filter(each -> each.id().equals(name)).findFirst().orElseThrow();
      boolean left = name.equals("triangle");
      Polygon host = triangle(at(wide, 0), at(wide, high), left ? at(0, high) : at(2 * wide, high));
      Polygon paper = polygon(joint.outline());
      // Set in from both legs by ever more: brute force.
      double best = -1;
      for (double shift = 0; shift < border; shift += 0.01) {
        double leg = left ? wide - shift : wide + shift;
        double point = left ? leg - (wide - border) : leg + wide - border;
        double foot = high - shift;
        Polygon tried = triangle(at(leg, foot - (high - border)), at(leg, foot), at(point, foot));
        best = Math.max(best, least(host, tried));
      }
      double least = least(host, paper);
      assertEquals(best, least, 0.02, name);
      if (wide == 5.5 * INCH) {
        assertEquals(INCH / 16, least, 0.1, "the trade says a sixteenth");
      }
    }
  }

  /** Source of 1/8 for 3 3/4 x 5 on 4 1/4 x 5 1/2: common practice, no source. */
  @ParameterizedTest
  @CsvSource({"107.95, 139.7, 6.35, 6.35", "140, 100, 6, 4", "110, 110, 5, 8"})
  void layersOfATriangle_haveTheSameBorderOnAllSides(
      double wide, double high, double border, double step) {
    var pattern = PatternLibrary.shipped().pattern("diagonal-fold-out").orElseThrow();
    Values values =
        pattern
            .normalValues()
            .and("width", Length.fromMillimetres(wide))
            .and("height", Length.fromMillimetres(high))
            .and("border", Length.fromMillimetres(border))
            .and("step", Length.fromMillimetres(step));
    Design design = PatternEvaluator.evaluate(pattern, values).design().orElseThrow();
    Polygon host = triangle(at(wide, 0), at(wide, high), at(0, high));
    for (Layer layer : design.layers()) {
      if (!layer.shape().isHalf()) {
        continue;
      }
      double best = -1;
      double w = layer.width().toMillimetres();
      double h = layer.height().toMillimetres();
      for (double shift = 0; shift < border + step; shift += 0.01) {
        double x = wide - shift;
        double y = high - shift;
        best = Math.max(best, least(host, triangle(at(x, y - h), at(x, y), at(x - w, y))));
      }
      assertEquals(best, least(host, polygon(layer.outline())), 0.02, layer.id());
      if (layer.id().equals("front-second") && wide == 4.25 * INCH) {
        assertEquals(INCH / 8, best, 0.1, "the trade says an eighth");
      }
    }
  }

  private static Polygon triangle(Coordinate one, Coordinate two, Coordinate three) {
    return SHAPES.createPolygon(new Coordinate[] {one, two, three, one});
  }

  /** The least border of a paper on its host, or less than nought where it hangs over. */
  private static double least(Polygon host, Polygon paper) {
    if (!host.contains(paper)) {
      return -1;
    }
    Coordinate[] ring = host.getCoordinates();
    double least = Double.MAX_VALUE;
    for (int i = 0; i + 1 < ring.length; i++) {
      for (Coordinate corner : paper.getCoordinates()) {
        least = Math.min(least, Distance.pointToLinePerpendicular(corner, ring[i], ring[i + 1]));
      }
    }
    return least;
  }

  private static Coordinate at(double x, double y) {
    return new Coordinate(x, y);
  }

  @ParameterizedTest
  @CsvSource({"139.7, 107.95", "150, 100", "90, 130"})
  void rightPiece_coversTheLeftOneTurnedOver(double wide, double high) {
    Design design = crissCross(wide, high, 6);
    Piece left = piece(design, "base");
    Piece right = piece(design, "right");
    assertTrue(right.isMirrorOf(left) && left.isMirrorOf(right));
    Polygon turned =
        polygon(
            right.outline().stream()
                .map(corner -> new Point(right.width().minus(corner.x()), corner.y()))
                .toList());
    assertEquals(0, turned.symDifference(polygon(left.outline())).getArea(), 1e-9);
    // Closed they have the size of the card: one is folded at its left edge, the other at its
    // right.
    assertEquals(left.score("fold").orElseThrow().line().from().x(), Length.fromMillimetres(wide));
  }
}

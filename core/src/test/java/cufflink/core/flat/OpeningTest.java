package cufflink.core.flat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerances;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Holes, trimmed outlines, and layers that are halves or stand on their point. */
class OpeningTest {

  @Test
  void of_windowOnAFold_leavesTwoFacetsWithAHoleBetween() {
    Opening window =
        Opening.round(
            "window",
            "window",
            Opening.Kind.WINDOW,
            new Opening.Round(Strips.point(50, 30), Length.ofMillimetres(20)));
    FlatPattern flat = flat(rectangle(), window);
    assertEquals(2, flat.facets().size());
    // The fold is left above and below the window.
    assertEquals(2, flat.creases().size());
    double paper = flat.facets().stream().mapToDouble(each -> each.polygon().getArea()).sum();
    // The area of a circle of 20 mm, from the many corners that stand for it.
    double many = Opening.CORNERS / 2.0 * 400 * Math.sin(2 * Math.PI / Opening.CORNERS);
    assertEquals(6000 - many, paper, 0.05);
    assertEquals(400 * Math.PI, many, 400 * Math.PI * 0.0013);
  }

  @Test
  void of_notchAtAnEdge_takesHalfACircleAway() {
    Opening notch =
        Opening.round(
            "notch",
            "notch",
            Opening.Kind.NOTCH,
            new Opening.Round(Strips.point(25, 0), Length.ofMillimetres(10)));
    FlatPattern flat = flat(rectangle(), notch);
    double paper = flat.facets().stream().mapToDouble(each -> each.polygon().getArea()).sum();
    assertEquals(6000 - 50 * Math.PI, paper, 0.5);
  }

  @Test
  void of_trimmedOutline_hasNoFacetBesideThePaper() {
    List<Point> trimmed =
        List.of(
            Strips.point(50, 0), Strips.point(100, 0), Strips.point(100, 60), Strips.point(0, 60));
    FlatPattern flat = flat(trimmed);
    assertEquals(2, flat.facets().size());
    assertEquals(1500, flat.facets().get(0).polygon().getArea(), 1e-6);
    assertEquals(
        List.of("0 60 → 50 0"),
        flat.piece().trims().stream()
            .map(trim -> place(trim.from()) + " → " + place(trim.to()))
            .toList());
    assertTrue(flat.piece().isTrimmed());
  }

  private static String place(Point point) {
    return Math.round(point.x().toMillimetres()) + " " + Math.round(point.y().toMillimetres());
  }

  @Test
  void outline_ofHalvesAndSquaresOnPoint_haveTheRightAreaAndPlace() {
    assertEquals(600, area(layer(Layer.Shape.TOP_LEFT)), 1e-9);
    assertEquals(600, area(layer(Layer.Shape.BOTTOM_RIGHT)), 1e-9);
    assertEquals(1200, area(layer(Layer.Shape.WHOLE)), 1e-9);
    assertEquals(Strips.point(10, 5), layer(Layer.Shape.BOTTOM_LEFT).outline().get(0));
    Layer square =
        new Layer(
            "s",
            "s",
            PaperRole.PATTERNED,
            "base",
            cufflink.core.design.Face.INSIDE,
            Strips.point(10, 10),
            Length.ofMillimetres(20),
            Length.ofMillimetres(20),
            Length.ZERO,
            Layer.Shape.ON_POINT);
    assertEquals(400, area(square), 0.01);
    // A square of 20 on its point reaches 20 / sqrt 2 from its middle.
    assertEquals(20 - 14.1421, square.outline().get(0).y().toMillimetres(), 1e-3);
    assertEquals(20 + 14.1421, square.outline().get(1).x().toMillimetres(), 1e-3);
  }

  @Test
  void area_overAndOverlap_countEdgesThatTouchAsClear() {
    Area area = new Area(Strips.point(90, 10), Length.ofMillimetres(10), Length.ofMillimetres(50));
    assertEquals(Length.ZERO, area.over(piece(rectangle()).width(), piece(rectangle()).height()));
    Area beyond = new Area(Strips.point(95, -3), Length.ofMillimetres(7), Length.ofMillimetres(9));
    assertEquals(
        Length.ofMillimetres(3),
        beyond.over(piece(rectangle()).width(), piece(rectangle()).height()));
    assertTrue(area.overlaps(new Area(Strips.point(99, 20), length(5), length(5))));
    assertTrue(!area.overlaps(new Area(Strips.point(80, 20), length(10), length(5))));
  }

  private static Length length(int millimetres) {
    return Length.ofMillimetres(millimetres);
  }

  private static double area(Layer layer) {
    return Facet.polygon(layer.outline().stream().map(Spot::from).toList()).getArea();
  }

  private static Layer layer(Layer.Shape shape) {
    return new Layer(
        "half",
        "half",
        PaperRole.PATTERNED,
        "base",
        cufflink.core.design.Face.INSIDE,
        Strips.point(10, 5),
        Length.ofMillimetres(40),
        Length.ofMillimetres(30),
        Length.ZERO,
        shape);
  }

  private static List<Point> rectangle() {
    return Piece.rectangle(Length.ofMillimetres(100), Length.ofMillimetres(60));
  }

  private static Piece piece(List<Point> outline, Opening... openings) {
    Score fold = Strips.upright("fold", Fold.VALLEY, 50, 60);
    return new Piece(
        "base",
        "base",
        PaperKind.CARDSTOCK,
        1,
        Length.ofMillimetres(100),
        Length.ofMillimetres(60),
        outline,
        List.of(fold),
        List.of(),
        List.of(),
        List.of(openings));
  }

  private static FlatPattern flat(List<Point> outline, Opening... openings) {
    return FlatPattern.of(piece(outline, openings), Tolerances.USUAL);
  }
}

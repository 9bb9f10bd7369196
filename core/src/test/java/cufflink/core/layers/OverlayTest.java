package cufflink.core.layers;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerance;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** Cells of overlapping shapes, measured against unions and intersections by JTS. */
class OverlayTest {
  /** Corners are taken to a grid of a hundredth of a millimetre, along a metre or two of edges. */
  private static final double NEAR = 8;

  private static List<Spot> rectangle(double x, double y, double width, double height) {
    return List.of(
        new Spot(x, y),
        new Spot(x + width, y),
        new Spot(x + width, y + height),
        new Spot(x, y + height));
  }

  private static List<Spot> turned(List<Spot> corners, double angle) {
    return corners.stream()
        .map(
            corner ->
                new Spot(
                    corner.x() * Math.cos(angle) - corner.y() * Math.sin(angle),
                    corner.x() * Math.sin(angle) + corner.y() * Math.cos(angle)))
        .toList();
  }

  @Test
  void cells_coverTheUnion_eachWithItsShapes() {
    Random random = new Random(20);
    for (int round = 0; round < 30; round++) {
      List<List<Spot>> shapes = new ArrayList<>();
      for (int i = 0; i < 6; i++) {
        List<Spot> corners =
            rectangle(
                random.nextInt(60),
                random.nextInt(60),
                20 + random.nextInt(40),
                20 + random.nextInt(40));
        shapes.add(i % 2 == 0 ? corners : turned(corners, random.nextDouble() * 0.5));
      }
      Overlay overlay = Overlay.of(shapes, Tolerance.FOLDED);
      List<Polygon> polygons = shapes.stream().map(Facet::polygon).toList();
      Geometry union = polygons.get(0);
      double plies = 0;
      for (Polygon polygon : polygons) {
        union = union.union(polygon);
        plies += polygon.getArea();
      }
      double area = 0;
      double counted = 0;
      for (Overlay.Cell cell : overlay.cells()) {
        area += cell.polygon().getArea();
        counted += cell.polygon().getArea() * cell.shapes().cardinality();
        for (int i = 0; i < polygons.size(); i++) {
          double shared = cell.polygon().intersection(polygons.get(i)).getArea();
          double expected = cell.shapes().get(i) ? cell.polygon().getArea() : 0;
          assertEquals(expected, shared, NEAR);
        }
      }
      assertEquals(union.getArea(), area, NEAR);
      assertEquals(plies, counted, NEAR);
    }
  }

  /** A shape inside another one has paper of the larger on both sides of its edges. */
  @Test
  void edges_ofAShapeInside_knowTheCellAround() {
    Overlay overlay =
        Overlay.of(List.of(rectangle(0, 0, 100, 80), rectangle(30, 20, 20, 20)), Tolerance.FOLDED);
    assertEquals(2, overlay.cells().size());
    assertEquals(8, overlay.edges().size());
    long inner =
        overlay.edges().stream()
            .filter(edge -> edge.one().get(0) && edge.other().get(0))
            .filter(edge -> edge.one().get(1) != edge.other().get(1))
            .count();
    assertEquals(4, inner);
    long rim = overlay.edges().stream().filter(edge -> edge.other().isEmpty()).count();
    assertEquals(4, rim);
  }

  @Test
  void shapes_onEachOther_areOneCell() {
    List<Spot> shape = rectangle(0, 0, 40, 30);
    List<Spot> backwards = new ArrayList<>(shape);
    java.util.Collections.reverse(backwards);
    Overlay overlay = Overlay.of(List.of(shape, backwards, shape), Tolerance.FOLDED);
    assertEquals(1, overlay.cells().size());
    assertEquals(3, overlay.cells().get(0).shapes().cardinality());
  }

  @Test
  void shapes_apart_shareNothing() {
    Overlay overlay =
        Overlay.of(List.of(rectangle(0, 0, 10, 10), rectangle(20, 0, 10, 10)), Tolerance.FOLDED);
    assertTrue(overlay.cells().stream().allMatch(cell -> cell.shapes().cardinality() == 1));
    assertEquals(2, overlay.cells().size());
  }
}

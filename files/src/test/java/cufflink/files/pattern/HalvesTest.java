package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.job.LayerRow;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Point;
import cufflink.files.Jobs;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Polygon;

/** Papers that are cut corner to corner: how many there are, and how they lie. */
class HalvesTest {
  static List<Pattern> patterns() {
    return List.copyOf(PatternLibrary.shipped().patterns());
  }

  private static Design design(String id) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    return Jobs.derive(Jobs.job(id, pattern.normalValues())).made().orElseThrow().design();
  }

  private static Polygon outline(Layer layer) {
    return Facet.polygon(layer.outline().stream().map(Spot::from).toList());
  }

  /** What is listed to be cut is what the plan of the sheets cuts. */
  @ParameterizedTest
  @MethodSource("patterns")
  void asManyAreListed_asArePlanned(Pattern pattern) {
    Design design = design(pattern.id());
    Map<String, Integer> listed = new TreeMap<>();
    for (LayerRow row : LayerRow.of(design)) {
      listed.merge(row.width() + " x " + row.height(), row.count(3), Integer::sum);
    }
    Map<String, Integer> planned = new TreeMap<>();
    for (PaperPlan plan :
        Jobs.plans(
            Jobs.derive(
                Jobs.job(pattern.id(), pattern.normalValues())
                    .withOrder(
                        Jobs.job(pattern.id(), pattern.normalValues()).order().withCopies(3))))) {
      plan.question().parts().stream()
          .filter(
              part ->
                  design.layers().stream()
                      .anyMatch(it -> part.id().equals(it.on() + "." + it.id())))
          .forEach(
              part ->
                  planned.merge(part.width() + " x " + part.height(), part.count(), Integer::sum));
    }
    assertEquals(planned, listed);
  }

  /**
   * Ten squares on the squash card, six of them in two halves (common practice, no source): none
   * lies on another, each half is as far from the crease as from the other two edges of its half
   * square (JTS), and two of them are one square.
   */
  @Test
  void squashCard_hasTenSquares_ofWhichSixAreHalved() {
    Design design = design("squash-card");
    List<Layer> all =
        design.layers().stream().filter(each -> each.on().equals(design.base().id())).toList();
    List<Layer> halves = all.stream().filter(each -> each.shape().isHalf()).toList();
    assertEquals(12, halves.size());
    assertEquals(4, all.size() - halves.size());
    double square =
        outline(all.stream().filter(each -> !each.shape().isHalf()).findFirst().orElseThrow())
            .getArea();
    for (Layer half : halves) {
      assertEquals(square, 2 * outline(half).getArea(), 0.1);
      for (Layer other : all) {
        assertTrue(other.equals(half) || !outline(other).intersects(outline(half)), half.id());
      }
    }
    // The half square with its square corner at 32, 32 has its crease at x = 64.
    Polygon host = Facet.polygon(spots(64, 0, 32, 32, 64, 64));
    Layer first =
        halves.stream().filter(each -> each.id().equals("upper-left-1")).findFirst().orElseThrow();
    List<Double> gaps =
        IntStream.range(0, 3)
            .mapToObj(i -> side(host, i).distance(outline(first).getExteriorRing()))
            .toList();
    assertTrue(host.covers(outline(first)));
    assertEquals(gaps.get(0), gaps.get(1), 0.01);
    assertEquals(gaps.get(1), gaps.get(2), 0.01);
  }

  private static org.locationtech.jts.geom.LineString side(Polygon triangle, int index) {
    var ring = triangle.getExteriorRing();
    return triangle
        .getFactory()
        .createLineString(
            new org.locationtech.jts.geom.Coordinate[] {
              ring.getCoordinateN(index), ring.getCoordinateN(index + 1)
            });
  }

  private static List<Spot> spots(double... at) {
    return IntStream.range(0, at.length / 2)
        .mapToObj(i -> new Spot(at[2 * i], at[2 * i + 1]))
        .toList();
  }

  /** Two halves of a square on its point are cut along the line on which they then stand. */
  @Test
  void halvesOnTheirPoint_areTheHalvesOfOneCut() {
    Design design = design("squash-card");
    Layer left =
        design.layers().stream()
            .filter(each -> each.shape() == Layer.Shape.POINT_LEFT)
            .findFirst()
            .orElseThrow();
    List<Point> corners = left.outline();
    assertEquals(Layer.Shape.TOP_LEFT, left.shape().straight());
    assertEquals(corners.get(0).x(), corners.get(1).x());
    assertTrue(corners.get(2).x().compareTo(corners.get(0).x()) < 0);
    assertEquals(Length.ofMillimetres(39), left.width());
  }
}

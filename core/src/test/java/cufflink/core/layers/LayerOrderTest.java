package cufflink.core.layers;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Vertex;
import cufflink.core.linkage.Linkage;
import cufflink.core.measure.Tolerance;
import cufflink.core.measure.Tolerances;
import cufflink.core.plane.Segment;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LayerOrderTest {
  private static Pose pose(FlatPattern flat, double[] radians) {
    Assembly assembly = Assembly.of(flat);
    Linkage linkage =
        Linkage.of(
            flat.facets().size(), flat.creases().size(), 0, assembly.links(), Tolerances.USUAL);
    return new Pose(assembly, List.of(linkage.motions(radians)));
  }

  /** Ways to fold a strip of equal stamps onto one: OEIS A000136, from memory. */
  @ParameterizedTest
  @CsvSource({"2,2", "3,6", "4,16", "5,50", "6,144", "7,462"})
  void count_stamps(int stamps, int ways) {
    double[] panels = new double[stamps];
    Arrays.fill(panels, 20);
    FlatPattern flat =
        FlatPattern.of(Strips.strip(30, Fold.VALLEY, panels).base(), Tolerances.USUAL);
    double[] radians = new double[stamps - 1];
    Arrays.fill(radians, Math.PI);
    assertEquals(ways, LayerOrder.of(pose(flat, radians), radians, false).count(10_000));
  }

  /** One stamp folds in one way: it has nothing to lie on. */
  @Test
  void count_oneStamp() {
    FlatPattern flat = FlatPattern.of(Strips.piece(20, 30, List.of(), List.of()), Tolerances.USUAL);
    assertEquals(1, LayerOrder.of(pose(flat, new double[0]), new double[0], true).count(10));
  }

  /**
   * Mountain and valley assignments that fold flat about a vertex with 2n equal angles: 2 C(2n, n −
   * 1), so 8 and 30. Source: T. Hull, counting mountain-valley assignments, from memory.
   */
  @ParameterizedTest
  @CsvSource({"4,8", "6,30"})
  void count_assignmentsOfEqualAngles(int creases, int valid) {
    FlatPattern flat = wheel(creases);
    Tolerances rounded = new Tolerances(Tolerance.FOLDED, Tolerance.FOLDED);
    FlatPattern roughly = new FlatPattern(flat.piece(), flat.facets(), flat.creases(), rounded);
    Vertex vertex = Vertex.of(roughly).get(0);
    assertEquals(creases, vertex.spokes().size());
    long found =
        IntStream.range(0, 1 << creases)
            .filter(
                signs -> {
                  double[] radians = new double[creases];
                  for (int i = 0; i < creases; i++) {
                    radians[i] = (signs >> i & 1) == 1 ? Math.PI : -Math.PI;
                  }
                  return LayerOrder.of(pose(flat, radians), radians, true)
                      .find((facet, other) -> 0)
                      .isPresent();
                })
            .count();
    assertEquals(valid, found);
  }

  /** A regular polygon cut in equal slices by creases from its centre to its corners. */
  private static FlatPattern wheel(int creases) {
    List<cufflink.core.plane.Point> corners = new ArrayList<>();
    List<Score> scores = new ArrayList<>();
    for (int i = 0; i < creases; i++) {
      double angle = 2 * Math.PI * i / creases;
      corners.add(Strips.point(50 + 50 * Math.cos(angle), 50 + 50 * Math.sin(angle)));
    }
    for (int i = 0; i < creases; i++) {
      String id = "c" + i;
      scores.add(new Score(id, id, Fold.VALLEY, new Segment(Strips.point(50, 50), corners.get(i))));
    }
    Piece square = Strips.piece(100, 100, scores, List.of());
    Piece piece =
        new Piece(
            "base",
            "base",
            square.paper(),
            1,
            square.width(),
            square.height(),
            corners,
            scores,
            List.of());
    return FlatPattern.of(piece, Tolerances.USUAL);
  }

  @Test
  void find_assignedStrip_isTheZigZag() {
    FlatPattern flat =
        FlatPattern.of(Strips.strip(30, Fold.VALLEY, 20, 20, 20, 20).base(), Tolerances.USUAL);
    double[] radians = {Math.PI, -Math.PI, Math.PI};
    LayerOrder.Stack stack =
        LayerOrder.of(pose(flat, radians), radians, true).find((facet, other) -> 0).orElseThrow();
    for (int i = 1; i < 4; i++) {
      assertEquals(1, stack.side(i, i - 1));
      assertEquals(-1, stack.side(i - 1, i));
    }
  }

  /** Rolled in with a last panel longer than the one it lies in: it would have to pass a fold. */
  @Test
  void find_rollThatDoesNotFit_isEmpty() {
    FlatPattern flat =
        FlatPattern.of(
            Strips.strip(30, Fold.VALLEY, false, 20, 20, 18, 25).base(), Tolerances.USUAL);
    double[] radians = {Math.PI, Math.PI, Math.PI};
    Pose pose = pose(flat, radians);
    LayerOrder order = LayerOrder.of(pose, radians, true);
    assertTrue(order.find((facet, other) -> 0).isEmpty());
    double[] open = {Math.PI, -Math.PI, Math.PI};
    assertTrue(LayerOrder.of(pose(flat, open), open, true).find((facet, other) -> 0).isPresent());
  }
}

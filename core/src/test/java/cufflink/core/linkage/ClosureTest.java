package cufflink.core.linkage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.assembly.Link;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.design.Stage;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerance;
import cufflink.core.measure.Tolerances;
import cufflink.core.plane.Segment;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ClosureTest {
  private static final Tolerance SHARP = new Tolerance(1e-10, 1e-12);
  private static final double NEAR = 1e-9;

  /** A vertex whose creases run out at some angles, one facet between each two. */
  private static Linkage vertex(double... directions) {
    int count = directions.length;
    List<Link> links = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double after = i + 1 < count ? directions[i + 1] : directions[0] + 2 * Math.PI;
      double middle = (directions[i] + after) / 2;
      Spot end = new Spot(60 * Math.cos(directions[i]), 60 * Math.sin(directions[i]));
      Spot inside = new Spot(20 * Math.cos(middle), 20 * Math.sin(middle));
      int before = (i + count - 1) % count;
      links.add(
          Link.turning(before, i, i, new Link.Axle(new Spot(0, 0), end, inside), Motion.REST));
    }
    return Linkage.of(count, count, 0, links, Tolerances.USUAL);
  }

  /**
   * At a flat-foldable vertex of four creases opposite folds are equal in size, and the tangents of
   * half the angles of neighbours keep their ratio. Sources: D. A. Huffman 1976, T. Tachi 2009,
   * from memory.
   */
  @Test
  void solve_fourCreases_obeyTheAngleLaw() {
    Random random = new Random(1976);
    for (int i = 0; i < 100; i++) {
      double first = 0.5 + random.nextDouble();
      double second = first + 0.2 + (Math.PI - first - 0.6) * random.nextDouble();
      // Every other angle adds up to half a turn.
      double[] sectors = {first, second, Math.PI - first, Math.PI - second};
      int small = 0;
      double[] directions = new double[4];
      for (int j = 1; j < 4; j++) {
        directions[j] = directions[j - 1] + sectors[j - 1];
        small = sectors[j] < sectors[small] ? j : small;
      }
      // Of the creases beside the smallest angle one is a mountain, the other a valley.
      double[] signs = new double[4];
      signs[small] = 1;
      signs[(small + 1) % 4] = -1;
      signs[(small + 2) % 4] = -1;
      signs[(small + 3) % 4] = -1;
      assertLaw(vertex(directions), signs);
    }
  }

  private static void assertLaw(Linkage linkage, double[] signs) {
    boolean[] held = {true, false, false, false};
    Closure closure = new Closure(linkage, held, SHARP);
    double[] now = new double[4];
    double ratio = Double.NaN;
    for (double angle = 0.05; angle < 2.6; angle += 0.05) {
      double[] guess = now.clone();
      for (int i = 0; i < 4; i++) {
        guess[i] += signs[i] * 0.05;
      }
      double[] target = guess.clone();
      target[0] = signs[0] * angle;
      Closure.Solution found = closure.solve(guess, target);
      assertTrue(found.closes(), "at " + angle + ": " + found.turn() + ", " + found.shift());
      now = found.radians();
      assertEquals(Math.abs(now[0]), Math.abs(now[2]), NEAR);
      assertEquals(Math.abs(now[1]), Math.abs(now[3]), NEAR);
      double tangents = Math.tan(now[1] / 2) / Math.tan(now[0] / 2);
      if (angle > 0.3) {
        ratio = Double.isNaN(ratio) ? tangents : ratio;
        assertEquals(1, tangents / ratio, NEAR);
      }
    }
  }

  @Test
  void freedom_ofAVertex_isCreasesLessThree() {
    Linkage six = vertex(0, 1, 2, 3, 4.1, 5.2);
    Closure closure = new Closure(six, new boolean[6], SHARP);
    double[] open = {0.3, 0.2, -0.4, 0.3, 0.1, -0.2};
    Closure.Solution found = closure.solve(open, open);
    assertTrue(found.closes());
    assertEquals(3, closure.freedom(found.radians()));
  }

  /** Glue in a ring of six equal plates with parallel hinges leaves a linkage with three ways. */
  @Test
  void solve_gluedRing_staysClosed() {
    List<Link> links = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      double x = 30 * (i + 1);
      links.add(
          Link.turning(
              i,
              i + 1,
              i,
              new Link.Axle(new Spot(x, 0), new Spot(x, 40), new Spot(x + 9, 9)),
              Motion.REST));
    }
    // The tab at the right end is glued under the left end of the first plate.
    Motion back =
        new Motion(new Vec(1, 0, 0), new Vec(0, 1, 0), new Vec(0, 0, 1), new Vec(-180, 0, 0));
    links.add(
        Link.turning(
            0, 5, 5, new Link.Axle(new Spot(180, 0), new Spot(180, 40), new Spot(170, 9)), back));
    Linkage ring = Linkage.of(6, 6, 0, links, Tolerances.USUAL);
    Closure closure = new Closure(ring, new boolean[6], Tolerance.PAPER);
    double[] hexagon = {1.0, 1.1, 1.0, 1.05, 1.0, 1.1};
    Closure.Solution found = closure.solve(hexagon, hexagon);
    assertTrue(found.closes(), found.turn() + " " + found.shift());
    assertEquals(3, closure.freedom(found.radians()));
    double round = 0;
    for (double each : found.radians()) {
      round += each;
    }
    assertEquals(2 * Math.PI, Math.abs(round), 1e-6);
  }

  private static Piece stair(int steps, double depth, double rise) {
    double width = 120;
    double half = 100;
    double inset = 22;
    List<Score> scores = new ArrayList<>();
    scores.add(score("left", Fold.VALLEY, 0, inset, half));
    scores.add(score("right", Fold.VALLEY, width - inset, width, half));
    scores.add(score("rear", Fold.VALLEY, inset, width - inset, half - rise));
    for (int k = 0; k <= steps; k++) {
      Fold fold = k % 2 == 0 ? Fold.MOUNTAIN : Fold.VALLEY;
      scores.add(score("tread" + k, fold, inset, width - inset, half + k * depth));
    }
    List<Slit> slits = new ArrayList<>();
    for (double x : new double[] {inset, width - inset}) {
      Segment line =
          new Segment(Strips.point(x, half - rise), Strips.point(x, half + steps * depth));
      slits.add(new Slit("slit" + x, "slit", line));
    }
    return Strips.piece(width, 2 * half, scores, slits);
  }

  private static Score score(String id, Fold fold, double from, double to, double y) {
    return new Score(id, id, fold, new Segment(Strips.point(from, y), Strips.point(to, y)));
  }

  private static FoldModel folded(Piece piece) {
    Map<String, Double> drive = new HashMap<>();
    piece.scores().forEach(each -> drive.put(each.id(), 180.0 * each.fold().sign()));
    Design design =
        Strips.design(piece, List.of(new Stage("Close", "base", drive)), Strips.point(60, 190));
    return FoldModel.of(design, FlatPattern.of(piece, Tolerances.USUAL));
  }

  /** The closure of the stair, u = (n + 1) d / 2: common practice, no source. */
  @ParameterizedTest
  @ValueSource(ints = {1, 3, 5, 7})
  void stair_closesAtOneRiseOnly(int steps) {
    double depth = 9;
    double low = depth / 2;
    double high = depth * (steps + 1);
    // The gap falls to nought at one rise and grows on both sides of it.
    for (int i = 0; i < 80; i++) {
      double third = (high - low) / 3;
      boolean left = gap(steps, depth, low + third) < gap(steps, depth, high - third);
      low = left ? low : low + third;
      high = left ? high - third : high;
    }
    assertEquals((steps + 1) * depth / 2, (low + high) / 2, 0.001);
    FoldModel right = folded(stair(steps, depth, (steps + 1) * depth / 2));
    assertTrue(right.holds(1));
    assertTrue(right.movesThroughout());
    FoldModel off = folded(stair(steps, depth, (steps + 1) * depth / 2 + 25.4 / 16));
    assertFalse(off.holds(1));
    assertTrue(off.closed().isEmpty());
  }

  private static double gap(int steps, double depth, double rise) {
    return folded(stair(steps, depth, rise)).apart(1);
  }

  @Test
  void stair_everyPose_keepsLengthsAndCloses() {
    FoldModel model = folded(stair(3, 9, 18));
    Random random = new Random(3);
    for (int i = 0; i < 40; i++) {
      double moment = random.nextDouble();
      Pose pose = model.pose(moment);
      assertTrue(model.apart(moment) < 1e-6, "at " + moment + ": " + model.apart(moment));
      for (var facet : model.flat().facets()) {
        List<Vec> corners = pose.corners(facet.index());
        for (int j = 0; j < corners.size(); j++) {
          int next = (j + 1) % corners.size();
          double now = corners.get(next).minus(corners.get(j)).length();
          assertEquals(facet.corners().get(next).distance(facet.corners().get(j)), now, NEAR);
        }
      }
    }
  }
}

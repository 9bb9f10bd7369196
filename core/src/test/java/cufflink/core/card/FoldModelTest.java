package cufflink.core.card;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.assembly.Pose;
import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Score;
import cufflink.core.design.Stage;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.fold.FoldedView;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerances;
import cufflink.core.plane.Segment;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

class FoldModelTest {
  private static final double NEAR = 1e-9;
  private static final int POSES = 50;

  @Test
  void fold_agreesWithRotationsOfAnotherLibrary() {
    // Hipparchus turns right-handed frames; ours has y down, so its y and the sense are mirrored.
    Random random = new Random(7);
    for (int i = 0; i < POSES; i++) {
      Spot from = new Spot(random.nextDouble() * 100, random.nextDouble() * 100);
      Spot to = new Spot(random.nextDouble() * 100, random.nextDouble() * 100);
      Spot inside = new Spot(random.nextDouble() * 100, random.nextDouble() * 100);
      double angle = (random.nextDouble() - 0.5) * 2 * Math.PI;
      Vec moved = Motion.fold(from, to, inside, angle).apply(inside);
      Vector3D axis = new Vector3D(to.x() - from.x(), -(to.y() - from.y()), 0).normalize();
      Vector3D arm = new Vector3D(inside.x() - from.x(), -(inside.y() - from.y()), 0);
      double sense = Math.signum(Vector3D.crossProduct(axis, arm).getZ());
      Rotation rotation = new Rotation(axis, angle * sense, RotationConvention.VECTOR_OPERATOR);
      Vector3D expected = rotation.applyTo(arm).add(new Vector3D(from.x(), -from.y(), 0));
      assertEquals(expected.getX(), moved.x(), NEAR);
      assertEquals(-expected.getY(), moved.y(), NEAR);
      assertEquals(expected.getZ(), moved.z(), NEAR);
    }
  }

  @Test
  void valley_liftsTowardsTheViewer_mountainAway() {
    // Source: FOLD format specification 1.2, valley above zero and mountain below (from memory).
    FoldModel model = model(Strips.strip(40, Fold.VALLEY, 30, 50));
    Vec edge = model.pose(Map.of("f1", 90.0)).place(0, new Spot(0, 20));
    assertEquals(30, edge.z(), NEAR);
    assertEquals(30, edge.x(), NEAR);
    assertEquals(-30, model.pose(Map.of("f1", -90.0)).place(0, new Spot(0, 20)).z(), NEAR);
  }

  @Test
  void randomPoses_keepEveryEdgeAndAngle() {
    // Source: definition of rigid folding.
    FoldModel model = model(Strips.strip(60, Fold.MOUNTAIN, 20, 35, 50, 15, 40));
    Random random = new Random(8);
    for (int i = 0; i < POSES; i++) {
      Map<String, Double> angles = new HashMap<>();
      for (Crease crease : model.flat().creases()) {
        angles.put(crease.score().id(), (random.nextDouble() - 0.5) * 360);
      }
      assertRigid(model, model.pose(angles));
    }
  }

  private static void assertRigid(FoldModel model, Pose pose) {
    for (Facet facet : model.flat().facets()) {
      List<Spot> flat = facet.corners();
      List<Vec> posed = pose.corners(facet.index());
      for (int i = 0; i < flat.size(); i++) {
        int next = (i + 1) % flat.size();
        int after = (i + 2) % flat.size();
        assertEquals(
            flat.get(i).distance(flat.get(next)),
            posed.get(next).minus(posed.get(i)).length(),
            NEAR);
        Vec back = posed.get(i).minus(posed.get(next));
        Vec on = posed.get(after).minus(posed.get(next));
        double cosine = back.dot(on) / back.length() / on.length();
        assertEquals(cosine(flat.get(i), flat.get(next), flat.get(after)), cosine, NEAR);
      }
    }
    for (Crease crease : model.flat().creases()) {
      for (Spot end : List.of(crease.from(), crease.to())) {
        Vec gap = pose.place(crease.first(), end).minus(pose.place(crease.second(), end));
        assertEquals(0, gap.length(), NEAR);
      }
    }
  }

  private static double cosine(Spot a, Spot corner, Spot b) {
    double dot =
        (a.x() - corner.x()) * (b.x() - corner.x()) + (a.y() - corner.y()) * (b.y() - corner.y());
    return dot / corner.distance(a) / corner.distance(b);
  }

  @Test
  void angles_growWithinTheirStageAndStayAfterwards() {
    FoldModel model = model(gate());
    assertArrayEquals(new double[] {0, 0}, degrees(model, 0), NEAR);
    assertArrayEquals(new double[] {90, 0}, degrees(model, 0.5), NEAR);
    assertArrayEquals(new double[] {180, 45}, degrees(model, 1.25), NEAR);
    assertArrayEquals(new double[] {180, 180}, degrees(model, 9), NEAR);
    assertArrayEquals(new double[] {0, 0}, degrees(model, -1), NEAR);
  }

  private static double[] degrees(FoldModel model, double moment) {
    return Arrays.stream(model.turns(moment)).map(Math::toDegrees).toArray();
  }

  @Test
  void closed_gate_hasTheSizeOfItsMiddleAndThreePliesWhereFlapsOverlap() {
    ClosedState closed = model(gate()).closed().orElseThrow();
    assertTrue(closed.isFlat());
    assertEquals(Length.ofMillimetres(100), closed.width());
    assertEquals(Length.ofMillimetres(120), closed.height());
    assertEquals(3, closed.mostPlies());
    double paper =
        closed.regions().stream()
            .mapToDouble(region -> Facet.polygon(region.corners()).getArea() * region.plies())
            .sum();
    assertEquals((60 + 100 + 70) * 120, paper, 1e-3);
  }

  @Test
  void closed_halfFoldedCard_isNotFlat() {
    Design design = Strips.strip(40, Fold.VALLEY, 30, 50);
    Design open =
        Strips.design(
            design.base(), List.of(new Stage("Half", "base", Map.of("f1", 90.0))), design.rest());
    ClosedState closed = model(open).closed().orElseThrow();
    assertEquals(false, closed.isFlat());
    assertEquals(0, closed.mostPlies());
  }

  /** Alternate angles at a flat vertex sum to 180 degrees (Kawasaki; Justin); here they do not. */
  @Test
  void closed_crossWithOneCreaseAskew_tears() {
    Design design = cross(Fold.MOUNTAIN, 26);
    FoldModel model = model(design);
    assertEquals(false, model.movesThroughout());
    assertEquals(false, model.holds(1));
    assertTrue(model.closed().isEmpty());
  }

  /**
   * A sheet folded in half and in half again has one crease of four the other way: mountains and
   * valleys at a flat vertex differ by two (Maekawa; Justin).
   */
  @Test
  void closed_crossWithOneMountain_foldsFlatToAQuarter() {
    FoldModel model = model(cross(Fold.MOUNTAIN, 20));
    assertTrue(model.holds(1));
    ClosedState closed = model.closed().orElseThrow();
    assertTrue(closed.isFlat());
    assertEquals(Length.ofMillimetres(20), closed.width());
    assertEquals(Length.ofMillimetres(30), closed.height());
    assertEquals(4, closed.mostPlies());
  }

  @Test
  void shown_stageThatDoesNotMoveAlone_isTheNearerEnd() {
    FoldModel model = model(cross(Fold.MOUNTAIN, 20));
    assertEquals(0, model.shown(0.4));
    assertEquals(1, model.shown(0.6));
    FoldModel strip = model(Strips.strip(40, Fold.VALLEY, 30, 50));
    assertEquals(0.4, strip.shown(0.4));
    assertTrue(strip.movesThroughout());
  }

  /** A sheet with four creases that meet in its middle, the last of them to a place at the foot. */
  private static Design cross(Fold last, double foot) {
    var piece =
        Strips.piece(
            40,
            60,
            List.of(
                crease("left", Fold.VALLEY, 0, 30, 20, 30),
                crease("right", Fold.VALLEY, 20, 30, 40, 30),
                crease("up", Fold.VALLEY, 20, 0, 20, 30),
                crease("down", last, 20, 30, foot, 60)),
            List.of());
    Map<String, Double> drive =
        Map.of("left", 180.0, "right", 180.0, "up", 180.0, "down", 180.0 * last.sign());
    return Strips.design(piece, List.of(new Stage("Fold", "base", drive)), Strips.point(30, 45));
  }

  private static Score crease(String id, Fold fold, double x, double y, double toX, double toY) {
    return new Score(id, id, fold, new Segment(Strips.point(x, y), Strips.point(toX, toY)));
  }

  @Test
  void rest_isTheFacetThatHoldsThePlace() {
    assertEquals(1, model(Strips.strip(40, Fold.VALLEY, 30, 50)).rest());
  }

  @Test
  void painting_gateClosed_showsTheLastFlapOnTop() {
    FoldedView view = FoldedView.of(model(gate()), 2, Viewpoint.ABOVE);
    assertEquals(List.of(1, 0, 2), view.plies().stream().map(FoldedView.Ply::facet).toList());
    FoldedView below = FoldedView.of(model(gate()), 2, new Viewpoint(0, 180));
    assertEquals(List.of(2, 0, 1), below.plies().stream().map(FoldedView.Ply::facet).toList());
  }

  @Test
  void painting_accordionClosed_showsPanelsInTheOrderOfTheZigZag() {
    FoldModel model = model(Strips.strip(50, Fold.VALLEY, 20, 30, 30, 40));
    FoldedView view = FoldedView.of(model, 1, Viewpoint.ABOVE);
    assertEquals(List.of(3, 2, 1, 0), view.plies().stream().map(FoldedView.Ply::facet).toList());
  }

  @Test
  void painting_halfOpen_putsTheNearerPanelLast() {
    FoldModel model = model(Strips.strip(50, Fold.VALLEY, 60, 40));
    FoldedView view = FoldedView.of(model, 0.75, Viewpoint.ABOVE);
    assertEquals(0, view.plies().get(1).facet());
  }

  @Test
  void viewpoint_backUndoesApply() {
    Random random = new Random(9);
    for (int i = 0; i < POSES; i++) {
      Viewpoint view = new Viewpoint(random.nextInt(360), random.nextInt(180));
      Vec place = new Vec(random.nextDouble(), random.nextDouble(), random.nextDouble());
      assertEquals(0, view.back(view.apply(place)).minus(place).length(), NEAR);
    }
  }

  private static Design gate() {
    Design strip = Strips.strip(120, Fold.VALLEY, false, 60, 100, 70);
    return Strips.design(
        strip.base(),
        List.of(
            new Stage("left", "base", Map.of("f1", 180.0)),
            new Stage("right", "base", Map.of("f2", 180.0))),
        Strips.point(110, 60));
  }

  private static FoldModel model(Design design) {
    FlatPattern flat = FlatPattern.of(design.base(), Tolerances.USUAL);
    return FoldModel.of(design, flat);
  }
}

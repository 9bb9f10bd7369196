package cufflink.core.card;

import static cufflink.core.card.Cards.area;
import static cufflink.core.card.Cards.close;
import static cufflink.core.card.Cards.design;
import static cufflink.core.card.Cards.glued;
import static cufflink.core.card.Cards.halfFold;
import static cufflink.core.card.Cards.model;
import static cufflink.core.card.Cards.piece;
import static cufflink.core.card.Cards.turning;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Stages;
import cufflink.core.Strips;
import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer.Shape;
import cufflink.core.design.Piece;
import cufflink.core.design.Stage;
import cufflink.core.flat.Spot;
import cufflink.core.layers.GlueOrder;
import cufflink.core.layers.LayerOrder;
import cufflink.core.measure.Length;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class AssemblyTest {
  private static final double NEAR = 1e-9;

  @Test
  void glued_piece_goesWithItsHost() {
    Design design =
        design(
            List.of(halfFold(), piece("pocket", 40, 30)),
            List.of(glued("pocket", "base", Face.INSIDE, area(70, 40, 40, 30))),
            close());
    FoldModel model = model(design);
    assertEquals(3, model.assembly().facets().size());
    Random random = new Random(8);
    for (int i = 0; i < 20; i++) {
      Pose pose = model.pose(random.nextDouble());
      for (Spot corner : List.of(new Spot(0, 0), new Spot(40, 30), new Spot(7, 22))) {
        Spot onHost = new Spot(70 + corner.x(), 40 + corner.y());
        assertEquals(0, pose.place(2, corner).minus(pose.place(1, onHost)).length(), NEAR);
      }
    }
  }

  /** A piece of 30 × 40 on an area of 40 × 30 is turned; which way, the part beside it tells. */
  @Test
  void glued_turnedPiece_bringsItsHingeToTheGlue() {
    Piece leaf = piece("leaf", 50, 40, Strips.upright("hinge", Fold.MOUNTAIN, 12, 40));
    Stage fold = new Stage("Fold the hinge", "leaf", Map.of("hinge", -180.0));
    for (double glueAt : new double[] {11, 41}) {
      Design design =
          design(
              List.of(halfFold(), leaf),
              List.of(
                  glued(
                      "leaf", "base", Face.INSIDE, area(70, 10, 40, 38), area(72, glueAt, 36, 5))),
              fold,
              close());
      FoldModel model = model(design);
      Assembly.Glue glue = model.assembly().members().get(1).glue().get(0);
      // The hinge is facet 0 of the leaf and lies under it, nearest to the host.
      assertEquals(2, glue.facet());
      Pose flat = model.pose(1);
      Vec hinge = flat.place(2, new Spot(11.5, 20));
      boolean top = glueAt < 20;
      assertEquals(top ? 10 : 48, hinge.y(), 1, "the fold of the hinge lies at its glue");
      assertTrue(
          model.layering().stack(1).orElseThrow().side(3, 2) > 0, "the leaf lies on its hinge");
    }
  }

  @Test
  void glued_nestedPieces_countOutwards() {
    Design design =
        design(
            List.of(halfFold(), piece("mat", 50, 70), piece("photo", 40, 60)),
            List.of(
                glued("mat", "base", Face.INSIDE, area(65, 5, 50, 70)),
                glued("photo", "mat", Face.INSIDE, area(5, 5, 40, 60))),
            close());
    FoldModel model = model(design);
    LayerOrder.Stack open = model.layering().stack(0).orElseThrow();
    assertEquals(1, open.side(2, 1));
    assertEquals(1, open.side(3, 2));
    assertEquals(1, open.side(3, 1));
    LayerOrder.Stack closed = model.layering().stack(1).orElseThrow();
    // The base rests on its left half; the right half is folded over with the photo inside.
    assertEquals(1, closed.side(1, 0));
    assertEquals(-1, closed.side(3, 1));
    assertEquals(1, closed.side(3, 0));
  }

  @Test
  void glued_outside_liesBelow() {
    Design design =
        design(
            List.of(halfFold(), piece("label", 30, 20)),
            List.of(glued("label", "base", Face.OUTSIDE, area(75, 20, 30, 20))),
            close());
    assertEquals(-1, model(design).layering().stack(0).orElseThrow().side(2, 1));
    assertEquals(1, model(design).layering().stack(1).orElseThrow().side(2, 1));
  }

  /** Glue on both sides of a fold locks it: no pose but the flat one closes the ring. */
  @Test
  void glued_acrossAFold_doesNotMove() {
    Design design =
        design(
            List.of(halfFold(), piece("bar", 60, 10)),
            List.of(
                glued(
                    "bar",
                    "base",
                    Face.INSIDE,
                    area(30, 30, 60, 10),
                    area(32, 32, 8, 6),
                    area(80, 32, 8, 6))),
            close());
    FoldModel model = model(design);
    assertEquals(2, model.assembly().members().get(1).glue().size());
    assertTrue(model.stuck().isPresent());
    assertTrue(model.closed().isEmpty());
  }

  /** A bar with folds of its own, glued on both sides of a fold, is a ring that opens with it. */
  @Test
  void glued_barAcrossAFold_popsOut() {
    Piece bar =
        piece(
            "bar",
            60,
            10,
            Strips.upright("left", Fold.MOUNTAIN, 10, 10),
            Strips.upright("middle", Fold.VALLEY, 30, 10),
            Strips.upright("right", Fold.MOUNTAIN, 50, 10));
    Stage both =
        Stages.of(
            "Close",
            "base",
            Map.of("fold", 180.0),
            Map.of("bar.left", 0.0, "bar.middle", 180.0, "bar.right", 0.0));
    Design design =
        design(
            List.of(halfFold(), bar),
            List.of(
                glued(
                    "bar",
                    "base",
                    Face.INSIDE,
                    area(30, 30, 60, 10),
                    area(32, 32, 6, 6),
                    area(82, 32, 6, 6))),
            both);
    FoldModel model = model(design);
    assertTrue(model.movesThroughout());
    assertTrue(model.apart(0.37) < 1e-6);
    assertTrue(model.closed().isPresent());
  }

  @Test
  void turning_aboutEitherEdge_opensToBothSides() {
    Segment left = new Segment(Strips.point(0, 0), Strips.point(0, 80));
    Segment right = new Segment(Strips.point(60, 0), Strips.point(60, 80));
    Design design =
        design(
            List.of(piece("base", 60, 80)),
            List.of(turning("base", "base", area(0, 0, 60, 80), true, left, right)),
            Stages.of("Left", "base", Map.of(), Map.of("turn-1", 180.0)),
            Stages.of("Close", "base", Map.of(), Map.of("turn-1", 0.0)),
            Stages.of("Right", "base", Map.of(), Map.of("turn-2", 180.0)));
    FoldModel model = model(design);
    assertEquals(2, model.assembly().facets().size());
    Vec middle = model.pose(1).place(1, new Spot(30, 40));
    assertEquals(-30, middle.x(), NEAR);
    assertEquals(30, model.pose(2).place(1, new Spot(30, 40)).x(), NEAR);
    assertEquals(90, model.pose(3).place(1, new Spot(30, 40)).x(), NEAR);
    assertEquals(60, model.pose(2.5).place(1, new Spot(30, 40)).x(), NEAR);
    assertTrue(model.pose(2.5).place(1, new Spot(30, 40)).z() > 20);
  }

  /** Two sheets turning about two common lines are a rhombus: all four angles are equal. */
  @Test
  void turning_aboutTwoLines_isAFourBar() {
    Segment one = new Segment(Strips.point(30, 0), Strips.point(30, 80));
    Segment two = new Segment(Strips.point(90, 0), Strips.point(90, 80));
    Piece lower = piece("lower", 120, 80, Strips.upright("fold", Fold.VALLEY, 60, 80));
    Design design =
        design(
            List.of(halfFold(), lower),
            List.of(turning("lower", "base", area(0, 0, 120, 80), false, one, two)),
            Stages.of(
                "Fold",
                "base",
                Map.of("fold", 180.0),
                Map.of("lower.fold", -180.0, "turn", 180.0)));
    FoldModel model = model(design);
    assertTrue(model.movesThroughout());
    for (double moment = 0.1; moment < 1; moment += 0.2) {
      assertTrue(model.apart(moment) < 1e-6);
      double[] turns = model.turns(moment);
      assertEquals(Math.PI * moment, Math.abs(turns[turns.length - 1]), 1e-6);
    }
    assertEquals(Length.ofMillimetres(60), model.closed().orElseThrow().width());
  }

  @Test
  void joints_thatCannotBePlaced_areLeftOut() {
    Joint half =
        new Joint(
            "half",
            "half",
            "extra",
            "base",
            Face.INSIDE,
            area(5, 5, 40, 30),
            Shape.TOP_LEFT,
            List.of(),
            Side.NONE);
    Joint wrongSize = glued("extra", "base", Face.INSIDE, area(5, 5, 33, 30));
    Joint noHost = glued("extra", "nothing", Face.INSIDE, area(5, 5, 40, 30));
    for (Joint joint : List.of(half, wrongSize, noHost)) {
      Design design = design(List.of(halfFold(), piece("extra", 40, 30)), List.of(joint), close());
      assertEquals(1, model(design).assembly().members().size());
    }
  }

  @Test
  void onPoint_squareStandsInTheMiddleOfItsArea() {
    double reach = 30 / Math.sqrt(2);
    Joint joint =
        new Joint(
            "square",
            "square",
            "square",
            "base",
            Face.OUTSIDE,
            area(10, 10, 2 * reach, 2 * reach),
            Shape.ON_POINT,
            List.of(),
            Side.NONE);
    Design design = design(List.of(halfFold(), piece("square", 30, 30)), List.of(joint), close());
    List<Vec> corners = new ArrayList<>(model(design).pose(0).corners(2));
    double left = corners.stream().mapToDouble(Vec::x).min().orElseThrow();
    double top = corners.stream().mapToDouble(Vec::y).min().orElseThrow();
    assertEquals(10, left, 1e-3);
    assertEquals(10, top, 1e-3);
  }

  @Test
  void stages_ofGluedPieces_comeFirst() {
    Piece leaf = piece("leaf", 40, 30, Strips.upright("hinge", Fold.VALLEY, 10, 30));
    Stage first = close();
    Stage second = new Stage("Fold the hinge", "leaf", Map.of("hinge", 180.0));
    Design design =
        design(
            List.of(halfFold(), leaf),
            List.of(glued("leaf", "base", Face.INSIDE, area(70, 20, 30, 30))),
            first,
            second);
    assertEquals(List.of(second, first), StageOrder.of(design));
    assertEquals(List.of(second, first), model(design).stages());
  }

  /** A change and its undoing make an equal design anew; a stage keeps its number all the same. */
  @Test
  void numbers_ofAnEqualDesignAndOfStagesAlike_runFromOne() {
    Stage again = Stages.of("Open it", "base", Map.of(), Map.of(), Stage.Phase.OPENING);
    Design design = design(List.of(halfFold()), List.of(), close(), again, again);
    Stage alike = Stages.of("Open it", "base", Map.of(), Map.of(), Stage.Phase.OPENING);
    assertEquals(List.of(1, 2, 3), StageOrder.numbers(design, List.of(close(), alike, alike)));
    Stage foreign = new Stage("Shut the lid", "base", Map.of("fold", 180.0));
    assertThrows(
        IllegalArgumentException.class, () -> StageOrder.numbers(design, List.of(foreign)));
  }

  /** From what lies face down on its host, the host is on the side that faces it. */
  @Test
  void glueOrder_ofWhatLiesFaceDown_isToldFromBothSides() {
    Piece leaf = piece("leaf", 40, 30, Strips.upright("hinge", Fold.MOUNTAIN, 10, 30));
    Design design =
        design(
            List.of(halfFold(), leaf),
            List.of(glued("leaf", "base", Face.INSIDE, area(5, 5, 30, 30), area(6, 6, 8, 28))),
            new Stage("Fold the hinge", "leaf", Map.of("hinge", -180.0)));
    FoldModel model = model(design);
    Assembly.Glue glue = model.assembly().members().get(1).glue().get(0);
    Pose pose = model.pose(1);
    GlueOrder order = new GlueOrder(pose);
    boolean faceDown = pose.motions().get(glue.facet()).up().z() < 0;
    assertEquals(1, order.side(glue.facet(), glue.host()));
    assertEquals(faceDown ? 1 : -1, order.side(glue.host(), glue.facet()));
    assertTrue(faceDown);
  }
}

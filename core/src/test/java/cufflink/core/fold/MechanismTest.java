package cufflink.core.fold;

import static cufflink.core.card.Cards.area;
import static cufflink.core.card.Cards.design;
import static cufflink.core.card.Cards.glued;
import static cufflink.core.card.Cards.model;
import static cufflink.core.card.Cards.moving;
import static cufflink.core.card.Cards.piece;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Stages;
import cufflink.core.Strips;
import cufflink.core.card.Cards;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Movement;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.design.Stage;
import cufflink.core.flat.Spot;
import cufflink.core.layers.LayerOrder;
import cufflink.core.linkage.Stuck;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What moves without being a fold: slides, weaves, what is glued on once it has been folded. */
class MechanismTest {
  private static final double NEAR = 1e-9;
  private static final double CLOSED = 1e-6;

  @Test
  void insert_slidesOutTowardsItsSideAndStaysOnItsHost() {
    Movement out = Movement.sliding(Side.TOP);
    Design design =
        design(
            List.of(piece("base", 100, 80), piece("insert", 90, 70)),
            List.of(moving("insert", "base", area(5, 5, 90, 70), out)),
            Stages.of("Pull", "base", Map.of(), Map.of("insert-slide", 40.0)));
    FoldModel model = model(design);
    assertEquals(30, model.pose(0.25).place(1, new Spot(45, 35)).y(), NEAR);
    Vec end = model.pose(1).place(1, new Spot(45, 35));
    assertEquals(50, end.x(), NEAR);
    assertEquals(0, end.y(), NEAR);
    assertEquals(1, model.layering().stack(1).orElseThrow().side(1, 0));
  }

  /**
   * A step of the strip and the part behind it are a crank: what is pulled is d(1 − cos θ), two
   * steps when the step has turned over (plane trigonometry).
   */
  @Test
  void pullStrip_turnsAStepOverForTwoStepsOfPull() {
    FoldModel model = pullStrip(2 * 20);
    assertEquals(Optional.empty(), model.stuck());
    for (double share : new double[] {0.2, 0.5, 0.8}) {
      double[] turns = model.turns(1 + share);
      double rise = 20 * Math.sin(-turns[0] - turns[2]);
      double lift = 60 * Math.sin(turns[2]);
      assertEquals(lift, rise, 1e-5, "the end of the step stays on the base");
      assertTrue(model.apart(1 + share) < CLOSED);
    }
    assertEquals(80, model.pose(1).place(3, new Spot(100, 20)).x(), NEAR);
    assertEquals(40, model.pose(2).place(3, new Spot(100, 20)).x(), 1e-6);
  }

  @Test
  void pullStrip_pulledTooFar_isStuck() {
    FoldModel model = pullStrip(2 * 20 + 2);
    Stuck stuck = model.stuck().orElseThrow();
    assertEquals(1, stuck.stage());
    assertTrue(stuck.share() < 1);
  }

  /** A strip 60 | 20 | 70, hung by its left end and led back under itself. */
  private static FoldModel pullStrip(double pull) {
    Piece strip =
        piece(
            "strip",
            150,
            40,
            Strips.upright("near", Fold.MOUNTAIN, 60, 40),
            Strips.upright("far", Fold.MOUNTAIN, 80, 40));
    Segment end = new Segment(Strips.point(20, 20), Strips.point(20, 60));
    Movement.Slide slide =
        new Movement.Slide(Side.LEFT, Optional.of(Strips.point(81, 20)), List.of());
    Movement movement = new Movement(List.of(end), false, Optional.of(slide), List.of());
    Design design =
        design(
            List.of(piece("base", 200, 80), strip),
            List.of(moving("strip", "base", area(20, 20, 60, 40), movement)),
            new Stage("Lead round", "strip", Map.of("far", -180.0)),
            Stages.of(
                "Pull",
                "base",
                Map.of(),
                Map.of("strip.near", -180.0, "strip.far", 0.0, "strip-slide", pull),
                Stage.Phase.OPENING));
    return model(design);
  }

  /** Three bands between two slits, and a strip that runs behind some of them. */
  private static Design woven(boolean slit, Movement movement) {
    List<Slit> slits =
        List.of(
            new Slit("one", "one", new Segment(Strips.point(20, 30), Strips.point(60, 30))),
            new Slit("two", "two", new Segment(Strips.point(20, 60), Strips.point(60, 60))));
    Piece plain =
        piece(
            "base",
            80,
            90,
            Strips.upright("left", Fold.VALLEY, 20, 90),
            Strips.upright("right", Fold.MOUNTAIN, 60, 90));
    Piece base =
        new Piece(
            "base",
            "base",
            plain.paper(),
            1,
            plain.width(),
            plain.height(),
            plain.outline(),
            plain.scores(),
            slit ? slits : List.of());
    return design(
        List.of(base, piece("strip", 30, 90)),
        List.of(moving("strip", "base", area(25, 0, 30, 90), movement)),
        new Stage("Fold", "base", Map.of("left", 180.0, "right", -180.0)));
  }

  @Test
  void woven_overUnderOver_liesOnBothSidesOfItsHost() {
    FoldModel model = model(woven(true, Movement.woven(List.of(area(20, 30, 40, 30)))));
    assertTrue(model.movesThroughout());
    assertTrue(model.apart(0.6) < CLOSED);
    int strip = model.assembly().facets().size() - 1;
    LayerOrder.Stack stack = model.layering().stack(1).orElseThrow();
    int over = 0;
    int under = 0;
    for (int facet = 0; facet < strip; facet++) {
      // The middle panel lies on its face when the card is closed.
      boolean middle = model.pose(1).motions().get(facet).up().z() < 0;
      over += middle && stack.side(strip, facet) < 0 ? 1 : 0;
      under += middle && stack.side(strip, facet) > 0 ? 1 : 0;
    }
    assertEquals(2, over);
    assertEquals(1, under);
  }

  /** Without the slits the strip would have to lie on both sides of one facet. */
  @Test
  void woven_throughAPanelThatIsNotCut_hasNoOrder() {
    FoldModel model = model(woven(false, Movement.woven(List.of(area(20, 30, 40, 30)))));
    assertEquals(Optional.empty(), model.layering().stack(1));
  }

  /** A ridge is folded by itself; only then do both its tabs find their places. */
  @Test
  void ridge_gluedByBothTabsOnceFolded_closesItsLoopFromThenOn() {
    Piece ridge =
        piece(
            "ridge",
            80,
            30,
            Strips.upright("left", Fold.VALLEY, 10, 30),
            Strips.upright("top", Fold.MOUNTAIN, 40, 30),
            Strips.upright("right", Fold.VALLEY, 70, 30));
    Stage folding =
        new Stage("Fold the ridge", "ridge", Map.of("left", 90.0, "top", -180.0, "right", 90.0));
    Design design =
        design(
            List.of(piece("base", 100, 60), ridge),
            List.of(
                glued(
                    "ridge",
                    "base",
                    Face.INSIDE,
                    area(40, 15, 10, 30),
                    area(41, 16, 8, 28),
                    area(51, 16, 8, 28))),
            folding,
            Stages.of("Lay it down", "base", Map.of(), Map.of("ridge.left", 0.0)));
    FoldModel model = model(design);
    assertTrue(model.holds(0.5));
    assertTrue(model.holds(1));
    assertEquals(55, model.pose(1).place(4, new Spot(75, 15)).x(), NEAR);
    assertEquals(Optional.empty(), model.stuck());
    assertArrayEquals(new double[] {0, -Math.PI, Math.PI}, model.turns(2), 1e-3, "it tips over");
  }

  /**
   * Four diagonals led to a right angle; by the right-angled spherical triangle at the vertex tan(σ
   * / 2) = sin 45° tan(ρ / 2) for the two short folds that follow, so they come to arccos 1/3.
   */
  @Test
  void squash_foldsThatAreNotNamed_followThoseThatAre() {
    Map<String, Double> diagonals = Map.of("a", 90.0, "b", 90.0, "c", 90.0, "d", 90.0);
    FoldModel model =
        model(design(List.of(square()), List.of(), new Stage("Fold", "base", diagonals)));
    assertEquals(Optional.empty(), model.stuck());
    List<Double> followed = new ArrayList<>();
    double[] turns = model.turns(1);
    for (int i = 0; i < turns.length; i++) {
      if (model.assembly().creases().get(i).score().fold() == Fold.MOUNTAIN) {
        followed.add(turns[i]);
      }
    }
    assertEquals(2, followed.size());
    followed.forEach(each -> assertEquals(-Math.acos(1 / 3.0), each, 1e-3));
  }

  /** Of six folds about a place three have to be said. */
  @Test
  void squash_withTooLittleSaid_canGoMoreThanOneWay() {
    Stage stage = new Stage("Fold", "base", Map.of("a", 40.0));
    FoldModel model = model(design(List.of(square()), List.of(), stage));
    Stuck stuck = model.stuck().orElseThrow();
    assertEquals(2, stuck.loose());
    assertEquals(5, stuck.creases().size());
    assertFalse(stuck.creases().isEmpty());
  }

  private static Piece square() {
    return piece(
        "base",
        80,
        80,
        spoke("a", Fold.VALLEY, 0, 0),
        spoke("b", Fold.VALLEY, 80, 0),
        spoke("c", Fold.VALLEY, 80, 80),
        spoke("d", Fold.VALLEY, 0, 80),
        spoke("up", Fold.MOUNTAIN, 40, 0),
        spoke("down", Fold.MOUNTAIN, 40, 80));
  }

  private static Score spoke(String id, Fold fold, double x, double y) {
    Point to = Strips.point(x, y);
    return new Score(id, id, fold, new Segment(Strips.point(40, 40), to));
  }

  /** What a joint says may be nonsense; the card is put together without it, or it is found. */
  @Test
  void joints_thatMakeNoSense_doNoHarm() {
    Movement.Slide nowhere =
        new Movement.Slide(Side.LEFT, Optional.of(Strips.point(999, 999)), List.of("nothing"));
    Segment point = new Segment(Strips.point(20, 20), Strips.point(20, 20));
    List<Movement> movements =
        List.of(
            new Movement(List.of(), false, Optional.of(nowhere), List.of()),
            Movement.woven(List.of(area(500, 500, 5, 5))),
            Movement.turning(List.of(point), false),
            Movement.turning(List.of(point, point, point), true));
    Stage stage =
        Stages.of(
            "Pull",
            "base",
            Map.of("no-score", 180.0),
            Map.of("insert-slide", 1e9, "insert", 1e9, "no.thing", 3.0));
    for (Movement movement : movements) {
      FoldModel model =
          model(
              design(
                  List.of(piece("base", 100, 80), piece("insert", 90, 70)),
                  List.of(moving("insert", "base", area(5, 5, 90, 70), movement)),
                  stage));
      model.stuck();
      model.layering().stack(1);
      Catches.of(model, () -> false);
      Outside.of(model);
      MirroredCrease.of(model);
      assertTrue(Double.isFinite(model.apart(0.5)), movement.toString());
      assertEquals(0, model.closing() - 1);
    }
  }

  /** A ring that cannot close: a bar longer than what it is glued across, folded flat. */
  @Test
  void ring_thatCannotClose_isStuckAndTold() {
    Piece bar = piece("bar", 60, 10, Strips.upright("middle", Fold.VALLEY, 20, 10));
    FoldModel model =
        model(
            design(
                List.of(Cards.halfFold(), bar),
                List.of(
                    glued(
                        "bar",
                        "base",
                        Face.INSIDE,
                        area(30, 30, 60, 10),
                        area(32, 32, 6, 6),
                        area(82, 32, 6, 6))),
                Cards.close()));
    Stuck stuck = model.stuck().orElseThrow();
    assertEquals(0, stuck.stage());
    assertFalse(model.holds(1));
    assertEquals(Optional.empty(), model.closed());
  }
}

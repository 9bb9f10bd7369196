package cufflink.core.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Stages;
import cufflink.core.Strips;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Movement;
import cufflink.core.design.Piece;
import cufflink.core.design.Pocket;
import cufflink.core.design.Score;
import cufflink.core.design.Stage;
import cufflink.core.finding.Finding;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.fold.Sight;
import cufflink.core.fold.Thickness;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Tolerances;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Look;
import cufflink.core.paper.Materials;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.plane.Area;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import cufflink.core.words.Language;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FoldReportTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);

  private static FoldReport report(Design design, Papers papers) {
    return FoldReport.of(
        design, model(design), new Materials(papers, false, Optional.empty()), () -> false);
  }

  private static List<Finding> prints(Design design, Papers papers) {
    FoldReport report = report(design, papers);
    assertEquals(List.of(), report.findings());
    return DecorInspection.prints(design, report, papers, Look.USUAL, List.of());
  }

  private static FoldModel model(Design design) {
    return FoldModel.assembled(design, FlatPattern.of(design.base(), Tolerances.USUAL));
  }

  /** A top-fold card: its front is the lower half, folded up over the upper one. */
  private static Design topFold(Layer... layers) {
    Piece piece =
        Strips.piece(100, 160, List.of(Strips.level("fold", Fold.VALLEY, 80, 100)), List.of());
    Design bare =
        Strips.design(
            piece,
            List.of(new Stage("Close", "base", Map.of("fold", 180.0))),
            Strips.point(50, 20));
    return Strips.with(bare, layers);
  }

  private static Layer front(Layer.Shape shape) {
    return outside("front", 83, shape);
  }

  private static Layer outside(String id, double top, Layer.Shape shape) {
    return new Layer(
        id,
        id + " layer",
        PaperRole.PATTERNED,
        "base",
        Face.OUTSIDE,
        Strips.point(3, top),
        Length.ofMillimetres(94),
        Length.ofMillimetres(74),
        Length.ofMillimetres(6),
        shape);
  }

  /** Caliper is grammage times bulk (ISO 534), weight grammage times area (ISO 536). */
  @Test
  void thickness_ofAHalfFoldWithALayer_addsUp() {
    Thickness thickness =
        report(topFold(front(Layer.Shape.WHOLE)), Papers.USUAL).thickness().orElseThrow();
    double card = 0.250 * 1.2;
    double paper = 0.120 * 1.2 + 0.05;
    Thickness.Region thickest = thickness.thickest().orElseThrow();
    assertEquals(3, thickest.plies());
    assertEquals(2 * card + paper, thickest.thick().toMillimetres(), 1e-4);
    assertEquals(0.1 * 0.16 * 250 + 0.094 * 0.074 * 120, thickness.grams(), 1e-9);
    double area = thickness.regions().stream().mapToDouble(Thickness.Region::area).sum();
    assertEquals(100 * 80, area, 0.1);
    assertEquals(2, thickness.at(new Spot(1, 1)).orElseThrow().plies());
    assertTrue(thickness.at(new Spot(1, 120)).isEmpty());
  }

  @Test
  void sight_ofATopFoldCard_showsTheFrontUpsideDownToItsPiece() {
    FoldReport report = report(topFold(front(Layer.Shape.WHOLE)), Papers.USUAL);
    List<Sight.Shown> front = report.after(1).orElseThrow().front().shown();
    assertTrue(front.stream().allMatch(each -> each.face() == Face.OUTSIDE));
    assertTrue(front.stream().allMatch(each -> each.top() == Side.BOTTOM));
    assertTrue(front.stream().anyMatch(each -> each.layer().isPresent()));
    List<Sight.Shown> back = report.after(1).orElseThrow().back().shown();
    assertTrue(back.stream().allMatch(each -> each.top() == Side.TOP));
  }

  /** Directional paper upside down once a top-fold card is closed: common practice, no source. */
  @Test
  void print_onATopFoldCard_isTold() {
    Papers leaves = new Papers(Paper.CARD, Paper.PATTERNED.withPrint(Paper.Print.UPRIGHT));
    Finding turn = prints(topFold(front(Layer.Shape.WHOLE)), leaves).get(0);
    assertEquals("print-direction", turn.kind().id());
    assertEquals(
        "Glue the front layer on turned round, or its print is upside down when the card is"
            + " closed.",
        turn.sentence().say(FORMAT));
    // The back of the same card is upright, and is another part.
    Layer back = outside("back", 3, Layer.Shape.WHOLE);
    assertEquals(
        turn.sentence(), prints(topFold(front(Layer.Shape.WHOLE), back), leaves).get(0).sentence());
    Finding half = prints(topFold(front(Layer.Shape.TOP_LEFT)), leaves).get(0);
    assertTrue(half.isError());
    assertEquals(
        "The print of the front layer is upside down when the card is closed: cut it the other way"
            + " round.",
        half.sentence().say(FORMAT));
    assertEquals(List.of(), prints(topFold(front(Layer.Shape.WHOLE)), Papers.USUAL));
  }

  /** Two flaps that turn at once and are both wider than half the middle run into each other. */
  @Test
  void catches_flapsThatTurnTogether() {
    // The right flap is narrower at its end, so that its corners can go through the left one.
    Piece cut =
        new Piece(
            "base",
            "base",
            PaperKind.CARDSTOCK,
            1,
            Length.ofMillimetres(190),
            Length.ofMillimetres(60),
            List.of(
                Strips.point(0, 0),
                Strips.point(130, 0),
                Strips.point(190, 15),
                Strips.point(190, 45),
                Strips.point(130, 60),
                Strips.point(0, 60)),
            List.of(
                new Score(
                    "left",
                    "left",
                    Fold.VALLEY,
                    new Segment(Strips.point(60, 0), Strips.point(60, 60))),
                Strips.upright("right", Fold.VALLEY, 130, 60)),
            List.of());
    Design staggered =
        Strips.design(
            cut,
            List.of(
                new Stage("Close the left", "base", Map.of("left", 180.0)),
                new Stage("Close the right", "base", Map.of("right", 180.0))),
            Strips.point(95, 30));
    Design uneven =
        Strips.design(
            cut,
            List.of(
                new Stage("Open", "base", Map.of("left", 120.0, "right", 60.0)),
                new Stage("Close", "base", Map.of("left", 180.0, "right", 180.0))),
            Strips.point(95, 30));
    assertTrue(report(staggered, Papers.USUAL).findings().isEmpty());
    List<String> caught =
        report(uneven, Papers.USUAL).findings().stream().map(each -> each.kind().id()).toList();
    assertEquals(List.of("catches"), caught);
  }

  @Test
  void vertex_thatDoesNotCloseFlat_isLocatedWithItsRepair() {
    List<Score> scores =
        List.of(
            crease("a", Fold.VALLEY, 0, 50),
            crease("b", Fold.VALLEY, 100, 50),
            crease("c", Fold.VALLEY, 56, 0),
            crease("d", Fold.MOUNTAIN, 50, 100));
    Piece piece = Strips.piece(100, 100, scores, List.of());
    Map<String, Double> drive = Map.of("a", 180.0, "b", 180.0, "c", 180.0, "d", -180.0);
    Design design =
        Strips.design(piece, List.of(new Stage("Fold", "base", drive)), Strips.point(80, 80));
    Finding finding = report(design, Papers.USUAL).findings().get(0);
    assertEquals("vertex-angles", finding.kind().id());
    assertEquals(List.of("a", "b", "c", "d"), finding.place().lines().stream().sorted().toList());
    assertTrue(
        finding
            .sentence()
            .say(FORMAT)
            .startsWith(
                "The folds that meet at 50 across and 50 down do not close flat: their"
                    + " angles miss by 6.8°. Turning “"),
        finding.sentence().say(FORMAT));
  }

  private static Score crease(String id, Fold fold, double x, double y) {
    return new Score(id, id, fold, new Segment(Strips.point(50, 50), Strips.point(x, y)));
  }

  /** A middle vertex whose mountain and valley were mixed up cannot be folded in layers. */
  @Test
  void layers_thatClash_areFound() {
    Design roll = Strips.strip(30, Fold.VALLEY, false, 20, 20, 18, 25);
    List<String> kinds =
        report(roll, Papers.USUAL).findings().stream().map(each -> each.kind().id()).toList();
    assertTrue(kinds.contains("layers-clash"), kinds::toString);
  }

  /**
   * A folio with a spine 8 wide: its cover is held up at that height, and what lies under it does
   * not add to it. A card of 0.76 mm (ISO/IEC 7810, from memory) in its pocket lies on the table.
   */
  @Test
  void thickness_overASpine_isItsHeightOrWhatLiesUnderIt() {
    Design folio = folio(8);
    FoldModel model = model(folio);
    assertTrue(model.layering().lies(1));
    assertEquals(false, model.layering().isFlat(1));
    HeldItem card =
        new HeldItem(
            "card",
            "card",
            Length.ofMillimetres(60),
            Length.ofMillimetres(40),
            Length.fromMillimetres(0.76));
    Materials filled = new Materials(Papers.USUAL, false, Optional.of(card));
    FoldReport report = FoldReport.of(folio, model, filled, () -> false);
    assertEquals(List.of(), report.findings());
    Thickness thickness = report.thickness().orElseThrow();
    double ply = 0.250 * 1.2;
    Thickness.Region middle = thickness.at(new Spot(50, 40)).orElseThrow();
    assertEquals(2, middle.plies());
    assertEquals(8 + ply, middle.thick().toMillimetres(), 1e-4);
    Thickness narrow =
        FoldReport.of(folio(0.5), model(folio(0.5)), filled, () -> false).thickness().orElseThrow();
    assertEquals(
        ply + 0.76 + ply, narrow.at(new Spot(50, 40)).orElseThrow().thick().toMillimetres(), 1e-4);
    assertEquals(
        0.5 + ply, narrow.at(new Spot(10, 10)).orElseThrow().thick().toMillimetres(), 1e-4);
  }

  /** A panel 100 wide with a pocket, a spine and a cover as wide as the panel. */
  private static Design folio(double spine) {
    double right = 100 + spine;
    Piece piece =
        Strips.piece(
            right + 100,
            80,
            List.of(
                Strips.upright("inner", Fold.VALLEY, 100, 80),
                Strips.upright("outer", Fold.VALLEY, right, 80)),
            List.of());
    Length side = Length.ofMillimetres(80);
    Area area = new Area(Strips.point(0, 0), Length.ofMillimetres(100), side);
    Pocket pocket =
        new Pocket("pocket", "pocket", "base", side, side, side, Optional.of(area), List.of());
    return new Design(
        "trial",
        List.of(piece),
        List.of(),
        List.of(new Stage("Close", "base", Map.of("inner", 90.0, "outer", 90.0))),
        Strips.point(50, 40),
        Length.ofMillimetres(100),
        side,
        List.of(),
        List.of(),
        List.of(pocket),
        List.of(),
        List.of());
  }

  /** What is seen of an open card is what of its inside nothing hides; areas are conserved. */
  @Test
  void sight_whileFolding_hidesWhatLiesBehind() {
    Design design = topFold(front(Layer.Shape.WHOLE));
    FoldModel model = model(design);
    Sight open = Sight.of(model, 0, design, true);
    assertEquals(100 * 160, open.shown().stream().mapToDouble(Sight.Shown::area).sum(), 1e-6);
    assertTrue(open.shown().stream().allMatch(each -> each.face() == Face.INSIDE));
    // Two thirds of the way the flap stands at 60 degrees over the other half and hides half of it.
    Sight leaning = Sight.of(model, 2 / 3.0, design, true);
    double inside = area(leaning, Face.INSIDE);
    double outside = area(leaning, Face.OUTSIDE);
    assertEquals(100 * 40, inside, 1e-6);
    assertEquals(100 * 40, outside, 1e-6);
    double layer =
        leaning.shown().stream()
            .filter(each -> each.layer().isPresent())
            .mapToDouble(Sight.Shown::area)
            .sum();
    assertEquals(94 * 37, layer, 1e-6);
  }

  private static double area(Sight sight, Face face) {
    return sight.shown().stream()
        .filter(each -> each.face() == face)
        .mapToDouble(Sight.Shown::area)
        .sum();
  }

  /** Directional paper on the inside is upright once the card lies open, or it is told. */
  @Test
  void print_onALayerInside_isLookedAtWhenTheCardLiesOpen() {
    Papers leaves = new Papers(Paper.CARD, Paper.PATTERNED.withPrint(Paper.Print.UPRIGHT));
    assertEquals(List.of(), prints(openable(0), leaves));
    Finding turned = prints(openable(90), leaves).get(0);
    assertEquals(
        "The print of the flap layer is not upright when the card lies open: “Open”. Turn its paper"
            + " before it is cut.",
        turned.sentence().say(FORMAT));
  }

  /** A card with a flap glued on as it lies, or turned a quarter, with a layer on the flap. */
  private static Design openable(int turn) {
    Length side = Length.ofMillimetres(60);
    Piece flap =
        new Piece(
            "flap",
            "flap",
            PaperKind.CARDSTOCK,
            1,
            side,
            side,
            Piece.rectangle(side, side),
            List.of(),
            List.of());
    Joint joint =
        new Joint(
            "flap",
            "flap",
            "flap",
            "base",
            Face.INSIDE,
            new Area(Strips.point(20, 20), side, side),
            Layer.Shape.WHOLE,
            List.of(),
            Side.NONE,
            Movement.NONE,
            Optional.of(turn == 0 ? Joint.Turned.NONE : Joint.Turned.LEFT),
            Optional.empty(),
            false,
            Optional.empty());
    Layer layer =
        new Layer(
            "layer",
            "flap layer",
            PaperRole.PATTERNED,
            "flap",
            Face.INSIDE,
            Strips.point(5, 5),
            Length.ofMillimetres(50),
            Length.ofMillimetres(50),
            Length.ofMillimetres(10),
            Layer.Shape.WHOLE);
    Piece cover =
        Strips.piece(120, 240, List.of(Strips.level("fold", Fold.VALLEY, 120, 120)), List.of());
    return new Design(
        "trial",
        List.of(cover, flap),
        List.of(layer),
        List.of(
            new Stage("Close", "base", Map.of("fold", 180.0)),
            Stages.of("Open", "base", Map.of("fold", 0.0), Map.of(), Stage.Phase.OPENING)),
        Strips.point(60, 60),
        Length.ofMillimetres(120),
        Length.ofMillimetres(120),
        List.of(joint),
        List.of(),
        List.of(),
        List.of(),
        List.of());
  }
}

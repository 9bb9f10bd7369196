package cufflink.core.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Finding;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.PaperKind;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Segment;
import cufflink.core.design.Side;
import cufflink.core.design.Stage;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.fold.FoldModel;
import cufflink.core.fold.Sight;
import cufflink.core.fold.Thickness;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Tolerance;
import cufflink.core.paper.Materials;
import cufflink.core.paper.Paper;
import cufflink.core.paper.Papers;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FoldReportTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN);

  private static FoldReport report(Design design, Papers papers) {
    return FoldReport.of(
        design, model(design), new Materials(papers, false, Optional.empty()), () -> false);
  }

  private static FoldModel model(Design design) {
    return FoldModel.assembled(design, FlatPattern.of(design.base(), Tolerance.PAPER));
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
    return new Layer(
        "front",
        "front layer",
        PaperKind.PATTERNED,
        "base",
        Face.OUTSIDE,
        Strips.point(3, 83),
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
    Finding turn = report(topFold(front(Layer.Shape.WHOLE)), leaves).findings().get(0);
    assertEquals("print-direction", turn.kind());
    assertEquals(
        "Glue the front layer on turned round, or its print is upside down when the card is"
            + " closed.",
        turn.sentence().say(FORMAT));
    Finding half = report(topFold(front(Layer.Shape.TOP_LEFT)), leaves).findings().get(0);
    assertTrue(half.isError());
    assertEquals(
        "The print of the front layer is upside down when the card is closed: cut it the other way"
            + " round.",
        half.sentence().say(FORMAT));
    assertEquals(List.of(), report(topFold(front(Layer.Shape.WHOLE)), Papers.USUAL).findings());
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
        report(uneven, Papers.USUAL).findings().stream().map(Finding::kind).toList();
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
    assertEquals("vertex-angles", finding.kind());
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
    List<String> kinds = report(roll, Papers.USUAL).findings().stream().map(Finding::kind).toList();
    assertTrue(kinds.contains("layers-clash"), kinds::toString);
  }
}

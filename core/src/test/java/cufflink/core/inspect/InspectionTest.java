package cufflink.core.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.Strips;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.finding.Finding;
import cufflink.core.fit.Goal;
import cufflink.core.flat.FlatPattern;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Tolerance;
import cufflink.core.measure.Tolerances;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Sheet;
import cufflink.core.words.Language;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What goes wrong at the table. Source: common practice, no source. */
class InspectionTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, Fractions.PLAIN, Language.ENGLISH);

  @Test
  void inspect_layerInItsPanel_findsNothing() {
    assertEquals(List.of(), findings(Strips.with(card(), layer(3, 3, 44, 54)), new Goal.Free()));
  }

  @Test
  void inspect_layerOverAFold_isFound() {
    List<Finding> findings = findings(Strips.with(card(), layer(3, 3, 50, 54)), new Goal.Free());
    assertEquals(List.of("layer-over-score"), kinds(findings));
    assertEquals(List.of("front", "f1"), findings.get(0).place().lines());
    assertEquals(
        "The front layer covers the score “f1”: the fold will crack or not close.",
        findings.get(0).sentence().say(FORMAT));
  }

  @Test
  void inspect_layerThatTouchesAFold_isNoFinding() {
    assertEquals(List.of(), findings(Strips.with(card(), layer(0, 0, 50, 60)), new Goal.Free()));
  }

  @Test
  void inspect_layerOverTheEdge_saysByHowMuch() {
    List<Finding> findings = findings(Strips.with(card(), layer(52, 3, 53, 54)), new Goal.Free());
    assertEquals(
        "The front layer hangs 5 over the edge of the base: make it smaller or move it; once it is"
            + " glued, trim off what hangs over.",
        findings.get(0).sentence().say(FORMAT));
  }

  @Test
  void inspect_bandOnTheFold_isFound() {
    Design design = card();
    var piece =
        Strips.piece(
            100,
            60,
            List.of(design.base().scores().get(0), Strips.upright("band", Fold.DECORATIVE, 50, 60)),
            List.of());
    Design banded = Strips.design(piece, design.stages(), design.rest());
    assertEquals(List.of("band-on-fold"), kinds(findings(banded, new Goal.Free())));
  }

  @Test
  void inspect_pieceOffTheSheet_isFound() {
    Sheet sheet =
        new Sheet("own", "your sheet", Length.ofMillimetres(99), Length.ofMillimetres(80));
    assertEquals(
        "The base is 100 × 60 and does not fit on your sheet, 99 × 80.",
        findings(card(), new Goal.FromSheet(sheet)).get(0).sentence().say(FORMAT));
  }

  @Test
  void inspect_pieceThatFitsTurned_isNoFinding() {
    Sheet sheet = new Sheet("own", "own", Length.ofMillimetres(60), Length.ofMillimetres(100));
    assertEquals(List.of(), findings(card(), new Goal.FromSheet(sheet)));
  }

  @Test
  void inspect_envelopeExactlyAsLargeAsTheCard_isFound() {
    Envelope envelope =
        new Envelope("own", "the envelope", Length.ofMillimetres(50), Length.ofMillimetres(60));
    Goal goal = new Goal.ForEnvelope(envelope, Length.ofMillimetres(3));
    assertEquals(List.of("envelope-too-small"), kinds(findings(card(), goal)));
  }

  @Test
  void inspect_cardWiderThanPromised_isFound() {
    Design wide = Strips.strip(60, Fold.VALLEY, 70, 50);
    Design promised =
        new Design(
            "wide",
            wide.pieces(),
            List.of(),
            wide.stages(),
            wide.rest(),
            Length.ofMillimetres(50),
            Length.ofMillimetres(60));
    assertEquals(
        "Closed, the card sticks out by 20: it is 70 × 60 instead of 50 × 60.",
        findings(promised, new Goal.Free()).get(0).sentence().say(FORMAT));
  }

  @Test
  void inspect_foldsThatDoNotMeet_areFound() {
    List<Finding> findings =
        Inspection.inspect(
            card(), Optional.empty(), new Goal.Free(), Optional.empty(), false, Tolerance.FOLDED);
    assertEquals(List.of("does-not-close"), kinds(findings));
    assertEquals(true, findings.get(0).isError());
  }

  private static Design card() {
    Design strip = Strips.strip(60, Fold.VALLEY, 50, 50);
    return new Design(
        "card",
        strip.pieces(),
        List.of(),
        strip.stages(),
        strip.rest(),
        Length.ofMillimetres(50),
        Length.ofMillimetres(60));
  }

  private static Layer layer(double x, double y, double width, double height) {
    return new Layer(
        "front",
        "front layer",
        PaperKind.PATTERNED,
        "base",
        Face.OUTSIDE,
        Strips.point(x, y),
        Length.fromMillimetres(width),
        Length.fromMillimetres(height),
        Length.ofMillimetres(6));
  }

  private static List<Finding> findings(Design design, Goal goal) {
    FlatPattern flat = FlatPattern.of(design.base(), Tolerances.USUAL);
    ClosedState closed = FoldModel.of(design, flat).closed().orElseThrow();
    return Inspection.inspect(
        design, Optional.of(closed), goal, Optional.empty(), false, Tolerance.FOLDED);
  }

  private static List<String> kinds(List<Finding> findings) {
    return findings.stream().map(each -> each.kind().id()).toList();
  }
}

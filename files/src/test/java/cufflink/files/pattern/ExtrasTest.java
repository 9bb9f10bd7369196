package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.fit.Goal;
import cufflink.core.inspect.Inspection;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerance;
import cufflink.core.paper.PaperKind;
import cufflink.core.pattern.Parameter.Role;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Point;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.size.StandardSizes;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a maker adds to a construction that its file does not include. */
class ExtrasTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  static List<String> constructions() {
    return LIBRARY.patterns().stream().map(Pattern::id).toList();
  }

  /** A belly band is twice the height plus twice the thickness plus the overlap (job.md's rule). */
  @ParameterizedTest
  @MethodSource("constructions")
  void everyConstruction_takesEveryExtra(String id) {
    Derivation first = Jobs.derive(job(id, Set.copyOf(Extras.ALL), false));
    assertTrue(
        first.made().orElseThrow().design().piece("extra-belly-band").isEmpty(),
        "how thick the card is cannot be known before it is folded");
    Derivation derivation = first.folded(() -> false);
    Design design = derivation.made().orElseThrow().design();
    Piece band = design.piece("extra-belly-band").orElseThrow();
    Length height = design.finishedHeight();
    Length stack = derivation.settled().length("extra_belly_band_stack").orElseThrow();
    Length overlap = Length.ofMillimetres(14);
    Length round = height.times(2).plus(stack.times(2)).plus(overlap);
    assertEquals(round.toMillimetres(), band.width().toMillimetres(), 0.001);
    Piece envelope = design.piece("extra-envelope").orElseThrow();
    Length width = design.finishedWidth();
    Length thick = derivation.thick();
    assertTrue(thick.isPositive() && stack.compareTo(thick) >= 0, id + " " + thick);
    assertTrue(stack.minus(thick).compareTo(Length.ofMillimetres(1)) < 0, "to the next mark");
    assertTrue(envelope.width().compareTo(width.plus(Length.ofMillimetres(16))) > 0);
    assertTrue(envelope.height().compareTo(height.times(2)) > 0);
    assertEquals(PaperKind.RIBBON, design.piece("extra-ribbon-tie").orElseThrow().paper());
  }

  @ParameterizedTest
  @MethodSource("constructions")
  void addedExtras_changeNothingElse(String id) {
    Design plain = Jobs.derive(job(id, Set.of(), false)).made().orElseThrow().design();
    Derivation folded = Jobs.derive(job(id, Set.of(Extras.BAND), false)).folded(() -> false);
    Design banded = folded.made().orElseThrow().design();
    List<Piece> rest = new ArrayList<>(banded.pieces());
    rest.removeIf(piece -> piece.id().startsWith("extra-"));
    assertEquals(plain.pieces(), rest);
    assertEquals(plain.layers(), banded.layers());
  }

  @Test
  void aRaisedCard_needsALongerBandAndIsDoubtedInAnEnvelope() {
    Derivation flat = Jobs.derive(job("off-centre-gate", Set.of(Extras.BAND), false));
    Length before = stack(flat);
    Derivation raised = Jobs.derive(job("off-centre-gate", Set.of(Extras.BAND), true));
    // Where both flaps lie over the inside layer, pads of 2 mm lie under all three layers.
    assertEquals(Length.ofMillimetres(6), stack(raised).minus(before));
    Goal wanted =
        new Goal.ForEnvelope(StandardSizes.envelope("c5").orElseThrow(), Length.ofMillimetres(4));
    Job posted = job("off-centre-gate", Set.of(), true).withGoal(wanted);
    assertTrue(kinds(Jobs.derive(posted).findings()).contains("raised-in-envelope"));
    Job laid = posted.withOrder(Order.ONE);
    assertTrue(!kinds(Jobs.derive(laid).findings()).contains("raised-in-envelope"));
  }

  private static Length stack(Derivation derivation) {
    return derivation.folded(() -> false).settled().length("extra_belly_band_stack").orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({"40, 30, true", "10, 10, false", "100, 70, false", "0, 0, false"})
  void aLayerAcrossTheEdgeOfAnother_isFound(int left, int top, boolean found) {
    Design gate = Jobs.derive(job("off-centre-gate", Set.of(), false)).made().get().design();
    Piece base =
        new Piece(
            "base",
            "base",
            PaperKind.CARDSTOCK,
            1,
            Length.ofMillimetres(200),
            Length.ofMillimetres(200),
            Piece.rectangle(Length.ofMillimetres(200), Length.ofMillimetres(200)),
            List.of(),
            List.of());
    Design design =
        new Design(
            gate.patternId(),
            List.of(base),
            List.of(layer("under", 10, 10, 60), layer("over", 10 + left, 10 + top, 40)),
            List.of(),
            new Point(Length.ZERO, Length.ZERO),
            base.width(),
            base.height());
    List<Finding> findings =
        Inspection.inspect(
            design, Optional.empty(), new Goal.Free(), Optional.empty(), false, Tolerance.FOLDED);
    assertEquals(found, kinds(findings).contains("layer-over-border"));
  }

  @ParameterizedTest
  @CsvSource({"0", "-3", "10001", "x", "1.5", "999999999", "''"})
  void copies_outsideTheRange_areRefusedInOneSentence(String text) {
    assertEquals(
        "“" + text + "” is no number of cards; type one from 1 to 10000.",
        Order.parseCopies(text).problem().say(Spoken.ENGLISH));
  }

  private static Layer layer(String id, int left, int top, int side) {
    return new Layer(
        id,
        id,
        PaperKind.PATTERNED,
        "base",
        Face.INSIDE,
        new Point(Length.ofMillimetres(left), Length.ofMillimetres(top)),
        Length.ofMillimetres(side),
        Length.ofMillimetres(side),
        Length.ofMillimetres(5));
  }

  private static Set<String> kinds(List<Finding> findings) {
    Set<String> kinds = new HashSet<>();
    findings.forEach(finding -> kinds.add(finding.kind().id()));
    return kinds;
  }

  private static Length length(Derivation derivation, Role role) {
    return derivation.settled().length(derivation.pattern().parameter(role).id()).orElseThrow();
  }

  private static Job job(String id, Set<String> extras, boolean raised) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    return Jobs.job(id, pattern.normalValues()).withOrder(new Order(1, false, extras, raised, 0));
  }
}

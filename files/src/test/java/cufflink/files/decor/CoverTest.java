package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Fixing;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.decor.Topper.Start;
import cufflink.core.decor.Topper.Stock;
import cufflink.core.decor.Treatment;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.fit.Goal;
import cufflink.core.inspect.DecorInspection;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.Motif;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Tint;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternLibrary;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Cures that glue a panel over something, or glue something flat: at a press all is well. */
class CoverTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final String PANEL = "panel";

  private static Derivation folded(Job job) {
    return Jobs.derive(job).folded(() -> false);
  }

  private static Set<String> said(Derivation derivation) {
    return derivation.findings().stream()
        .map(each -> each.sentence().say(Spoken.ENGLISH))
        .collect(Collectors.toSet());
  }

  private static List<Finding> of(Derivation derivation, FindingKind kind) {
    return derivation.findings().stream().filter(each -> each.kind() == kind).toList();
  }

  private static List<Finding> through(Derivation derivation, Treatment treatment) {
    Derivation.Made made = derivation.made().orElseThrow();
    return DecorInspection.treatments(
            made.design(),
            made.card().whole(),
            derivation.job().papers(),
            derivation.look(),
            List.of(treatment))
        .stream()
        .filter(each -> each.kind() == FindingKind.SHOWS_THROUGH)
        .toList();
  }

  /**
   * Embossing goes through all paper; wherever a panel is offered for it, that is the end of it.
   */
  @Test
  void whatComesThrough_isCovered_andNothingElseGoesWrong() {
    int covered = 0;
    int outlines = 0;
    for (Pattern pattern : LIBRARY.patterns()) {
      Job job = Jobs.job(pattern.id(), pattern.normalValues());
      Derivation plain = folded(job);
      for (Piece piece : plain.made().orElseThrow().design().pieces()) {
        for (Face face : Face.values()) {
          Treatment treatment = new Treatment(Treatment.Kind.EMBOSS, piece.id(), face);
          for (Finding each : through(plain, treatment)) {
            Finding.Fix fix = each.fix().orElseThrow();
            if (!fix.toppers().isEmpty()) {
              Job treated = job.withOrder(job.order().withTreatments(List.of(treatment)));
              Job cured = Jobs.derive(treated).cured(fix, PANEL);
              Set<String> now = said(folded(cured));
              now.removeAll(said(plain));
              assertEquals(Set.of(), now, pattern.id() + " " + piece.id() + " " + face);
              assertEquals(
                  List.of(treatment), cured.order().treatments(), "it is done all the same");
              covered++;
              outlines +=
                  (int) fix.toppers().stream().filter(it -> it.outline().isPresent()).count();
            }
          }
        }
      }
    }
    assertTrue(covered >= 25, "only " + covered);
    assertTrue(outlines >= 5, "only " + outlines);
  }

  /**
   * A label on a label, both on foam of 2 mm: glued flat if the card then goes in, and not if it
   * would be too thick all the same.
   */
  @Test
  void foamThatIsTooThickForThePost_isGluedFlat() {
    List<Topper> toppers =
        List.of(
            onFoam("own1", "base", new Start(mm(40), mm(30), mm(60), mm(30))),
            onFoam("own2", "own1", new Start(mm(30), mm(20), mm(5), mm(5))));
    int mended = 0;
    int hopeless = 0;
    for (Pattern each : LIBRARY.patterns()) {
      Pattern pattern = LIBRARY.pattern(each.id(), Set.of(), toppers).orElseThrow();
      Envelope large = new Envelope("own", "large", mm(400), mm(400));
      Job job =
          Jobs.job(each.id(), pattern.normalValues())
              .withGoal(new Goal.ForEnvelope(large, mm(4)))
              .withOrder(Order.ONE.withToppers(toppers));
      Derivation found = folded(job);
      for (Finding thick : of(found, FindingKind.THICK_FOR_POST)) {
        Order flat =
            Order.ONE.withToppers(
                toppers.stream().map(it -> it.fixed(it.fixing().stuck(Adhesive.LIQUID))).toList());
        boolean isThin = of(folded(job.withOrder(flat)), FindingKind.THICK_FOR_POST).isEmpty();
        assertEquals(isThin, thick.fix().isPresent(), each.id());
        mended += isThin ? 1 : 0;
        hopeless += isThin ? 0 : 1;
        thick.fix().ifPresent(fix -> assertEquals(flat, found.cured(fix, PANEL).order()));
      }
    }
    assertTrue(mended >= 3 && hopeless >= 1, mended + " and " + hopeless);
  }

  /** Raised layers are laid flat at a press, and only where they were raised. */
  @Test
  void raisedLayersForTheEnvelope_areGluedFlat() {
    for (Pattern pattern : LIBRARY.patterns()) {
      Envelope large = new Envelope("own", "large", mm(400), mm(400));
      Job job =
          Jobs.job(pattern.id(), pattern.normalValues())
              .withGoal(new Goal.ForEnvelope(large, mm(4)))
              .withOrder(Order.ONE.withRaised(true));
      Derivation found = folded(job);
      Set<FindingKind> thick = Set.of(FindingKind.RAISED_IN_ENVELOPE, FindingKind.THICK_FOR_POST);
      for (Finding each : found.findings()) {
        if (thick.contains(each.kind()) && each.fix().isPresent()) {
          Derivation now = folded(found.cured(each.fix().get(), PANEL));
          assertEquals(List.of(), of(now, each.kind()), pattern.id());
          assertFalse(now.job().order().raised());
        }
      }
      assertEquals(
          found.made().orElseThrow().design().layers().isEmpty(),
          of(found, FindingKind.RAISED_IN_ENVELOPE).isEmpty(),
          pattern.id());
    }
  }

  private static Topper onFoam(String id, String on, Start start) {
    return new Topper(
        id,
        id,
        "",
        Shape.RECTANGLE,
        Stock.WHITE,
        on,
        Face.OUTSIDE,
        new Fixing(Adhesive.FOAM, false, false),
        start);
  }

  private static Length mm(int millimetres) {
    return Length.ofMillimetres(millimetres);
  }

  /** On a card all of which is of the darkest card one writes on a white panel. */
  @Test
  void nowhereToWrite_isMendedByAWhitePanel() {
    Papers.Colours dark = new Papers.Colours(Tint.NIGHT, Tint.SLATE, Motif.DOTS);
    int mended = 0;
    for (Pattern pattern : LIBRARY.patterns()) {
      Job job = Jobs.job(pattern.id(), pattern.normalValues());
      Papers papers =
          job.papers()
              .looking(PaperRole.CARDSTOCK, dark)
              .looking(PaperRole.PATTERNED, dark)
              .with(PaperRole.CARDSTOCK, job.papers().card().withTwoSided(true));
      Derivation found = folded(job.withPapers(papers));
      for (Finding each : of(found, FindingKind.NOWHERE_TO_WRITE)) {
        if (each.fix().isPresent()) {
          Set<String> before = said(found);
          Set<String> now = said(folded(found.cured(each.fix().get(), PANEL)));
          assertFalse(now.contains(each.sentence().say(Spoken.ENGLISH)), pattern.id());
          now.removeAll(before);
          assertEquals(Set.of(), now, pattern.id());
          mended++;
        }
      }
    }
    assertTrue(mended >= 7, "only " + mended);
  }

  @Test
  void padsOnPads_areMendedByGluingOneFlat() {
    Topper.Fixing foam = new Topper.Fixing(Adhesive.FOAM, false, false);
    List<Topper> both =
        List.of(
            topper("own1", "label", "base", foam, 60), topper("own2", "round", "own1", foam, 30));
    Job job = Jobs.job("slim-tent", LIBRARY.pattern("slim-tent").orElseThrow().normalValues());
    Derivation found = folded(job.withOrder(job.order().withToppers(both)));
    List<Finding> pads = of(found, FindingKind.PADS_ON_PADS);
    assertEquals(1, pads.size());
    Job cured = found.cured(pads.get(0).fix().orElseThrow(), PANEL);
    assertEquals(List.of(), of(folded(cured), FindingKind.PADS_ON_PADS));
    assertEquals(2, cured.order().toppers().size());
    assertEquals(
        1,
        cured.order().toppers().stream()
            .filter(each -> each.fixing().with() == Adhesive.FOAM)
            .count());
  }

  /** Three labels on three units do not lie on each other before the folio is closed. */
  @Test
  void padsOfSeveralCopies_meet_andAreToldOnce() {
    Topper.Fixing foam = new Topper.Fixing(Adhesive.FOAM, false, false);
    List<Topper> each = List.of(topper("own1", "label", "sleeve", foam, 40));
    String id = "stacked-pocket-folio";
    Job job = Jobs.job(id, LIBRARY.pattern(id).orElseThrow().normalValues());
    Derivation found = folded(job.withOrder(job.order().withToppers(each)));
    List<Finding> pads = of(found, FindingKind.PADS_ON_PADS);
    assertEquals(1, pads.size());
    assertEquals("inspect.pads-alike", pads.get(0).sentence().key());
    Job cured = found.cured(pads.get(0).fix().orElseThrow(), PANEL);
    assertEquals(List.of(), of(folded(cured), FindingKind.PADS_ON_PADS));
  }

  private static Topper topper(
      String id, String label, String on, Topper.Fixing fixing, int across) {
    return new Topper(
        id,
        label,
        "",
        Topper.Shape.RECTANGLE,
        Topper.Stock.WHITE,
        on,
        Face.OUTSIDE,
        fixing,
        new Topper.Start(
            Length.ofMillimetres(across),
            Length.ofMillimetres(across / 2),
            Length.ofMillimetres(8),
            Length.ofMillimetres(8)));
  }
}

package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Fresh;
import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Fixing;
import cufflink.core.decor.Topper.Measure;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.decor.Topper.Start;
import cufflink.core.decor.Topper.Stock;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.drawing.Patch;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.Motif;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Tint;
import cufflink.core.pattern.Pattern;
import cufflink.core.run.Gluing;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.ProjectFormat;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What makers put on their cards of their own accord. */
class TopperTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final double HAIR = 1e-6;

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  private static Length mm(double millimetres) {
    return Length.fromMillimetres(millimetres);
  }

  private static Topper topper(
      int number, Shape shape, Face face, Adhesive with, double... acrossDownLeftTop) {
    return new Topper(
        "own" + number,
        "badge " + number,
        "",
        shape,
        Stock.WHITE,
        "base",
        face,
        new Fixing(with, false, false),
        new Start(
            mm(acrossDownLeftTop[0]),
            mm(acrossDownLeftTop[1]),
            mm(acrossDownLeftTop[2]),
            mm(acrossDownLeftTop[3])));
  }

  private static Job job(String id, List<Topper> toppers) {
    Pattern pattern = LIBRARY.pattern(id, Set.of(), toppers).orElseThrow();
    return Jobs.job(id, pattern.normalValues()).withOrder(Order.ONE.withToppers(toppers));
  }

  private static Design design(Job job) {
    return Jobs.derive(job).made().orElseThrow().design();
  }

  private static Patch patch(Design design, Topper topper) {
    return Patch.of(design).stream()
        .filter(each -> each.ref().line().equals(topper.id()))
        .findFirst()
        .orElseThrow();
  }

  private static Set<FindingKind> found(Job job) {
    return Jobs.derive(job).folded(() -> false).findings().stream()
        .map(Finding::kind)
        .collect(Collectors.toSet());
  }

  /** On an outside one measures from the left edge as it lies there, turned over like a page. */
  @ParameterizedTest
  @CsvSource({"INSIDE, 20", "OUTSIDE, 80"})
  void placeThatIsTyped_isMeasuredOnItsFace(Face face, double left) {
    Topper topper = topper(1, Shape.RECTANGLE, face, Adhesive.LIQUID, 40, 25, 20, 30);
    Design design = design(job("banded-half-fold", List.of(topper)));
    assertEquals(140, design.base().width().toMillimetres());
    List<Spot> corners = patch(design, topper).corners();
    assertEquals(left, corners.stream().mapToDouble(Spot::x).min().orElseThrow(), HAIR);
    assertEquals(30, corners.stream().mapToDouble(Spot::y).min().orElseThrow(), HAIR);
    assertEquals(55, corners.stream().mapToDouble(Spot::y).max().orElseThrow(), HAIR);
  }

  /** The area of a disc and of an ellipse, from the circle's formula. */
  @ParameterizedTest
  @CsvSource({"CIRCLE, 34, 34", "OVAL, 50, 20"})
  void roundShapes_areRound(Shape shape, double across, double down) {
    Topper topper = topper(1, shape, Face.INSIDE, Adhesive.LIQUID, across, down, 20, 20);
    Design design = design(job("slim-tent", List.of(topper)));
    double area =
        Facet.polygon(
                design.piece("own1").orElseThrow().outline().stream().map(Spot::from).toList())
            .getArea();
    assertEquals(Math.PI * across * down / 4, area, area * 0.003);
  }

  /** A tilted piece lies where Java 2D turns it to. */
  @ParameterizedTest
  @CsvSource({"INSIDE, 25", "INSIDE, -70", "OUTSIDE, 25"})
  void tilted_turnsClockwiseOnItsFace(Face face, int degrees) {
    Topper topper = topper(1, Shape.RECTANGLE, face, Adhesive.LIQUID, 40, 20, 30, 30);
    Job straight = job("banded-half-fold", List.of(topper));
    Job job =
        straight.withValues(
            straight.values().and(topper.value(Measure.TILT), new Setting.OfCount(degrees)));
    double wide = design(job).base().width().toMillimetres();
    AffineTransform turn = AffineTransform.getRotateInstance(Math.toRadians(degrees), 50, 40);
    List<Spot> corners = patch(design(job), topper).corners();
    for (double[] corner : new double[][] {{30, 30}, {70, 30}, {70, 50}, {30, 50}}) {
      Point2D there = turn.transform(new Point2D.Double(corner[0], corner[1]), null);
      double x = face == Face.OUTSIDE ? wide - there.getX() : there.getX();
      Spot place = new Spot(x, there.getY());
      assertTrue(corners.stream().anyMatch(each -> each.distance(place) < 1e-3), corners + " " + x);
    }
  }

  /**
   * What is tilted is told by its middle and its angle, as its face lies; by hand: 30 and 40 / 2.
   */
  @ParameterizedTest
  @CsvSource({
    "INSIDE, 25, its middle 50 mm from the left edge and 40 mm from the top; turned 25 degrees to the right",
    "OUTSIDE, 25, its middle 50 mm from the left edge and 40 mm from the top; turned 25 degrees to the right",
    "OUTSIDE, -8, its middle 50 mm from the left edge and 40 mm from the top; turned 8 degrees to the left"
  })
  void tilted_isToldByItsMiddle(Face face, int degrees, String told) {
    Topper topper = topper(1, Shape.RECTANGLE, face, Adhesive.LIQUID, 40, 20, 30, 30);
    Job straight = job("banded-half-fold", List.of(topper));
    Job job =
        straight.withValues(
            straight.values().and(topper.value(Measure.TILT), new Setting.OfCount(degrees)));
    Design design = design(job);
    String words =
        design.joints().stream()
            .filter(each -> each.id().equals("own1"))
            .map(each -> Gluing.of(each, design).say(Spoken.ENGLISH))
            .findFirst()
            .orElseThrow();
    assertTrue(words.contains(told.replace(";", ",")), words);
  }

  /** On every construction, on both faces of all that something can lie on. */
  @ParameterizedTest
  @MethodSource("ids")
  void freshOnes_lieWithinTheirPanel_andAreGluedOnOnce(String id) {
    Design plain = design(job(id, List.of()));
    Derivation.Made made = Jobs.derive(job(id, List.of())).made().orElseThrow();
    for (Piece host : List.of(plain.base())) {
      for (Face face : Face.values()) {
        for (Shape shape : Shape.values()) {
          List<Facet> panels = FlatPattern.of(host, made.card().flat().tolerances()).facets();
          Start start = Fresh.of(shape, plain, host, face, panels, Marks.EIGHTHS);
          Topper topper =
              new Topper(
                  "own1",
                  "badge",
                  "",
                  shape,
                  Stock.WHITE,
                  host.name().name(),
                  face,
                  Fixing.FLAT,
                  start,
                  Optional.of(Pictures.HOUSE),
                  "",
                  Topper.Which.ALL);
          Job job = job(id, List.of(topper));
          Design design = design(job);
          assertTrue(Marks.EIGHTHS.holds(start.across()) && Marks.EIGHTHS.holds(start.top()));
          assertEquals(plain.pieces().size() + 1, design.pieces().size());
          assertTrue(panels.stream().anyMatch(each -> holds(each, patch(design, topper))), id);
          GluingOrder order = GluingOrder.of(design, job.order().wish());
          assertEquals(List.of(), order.ring(), id);
          assertEquals(
              1,
              order.steps().stream()
                  .filter(
                      step -> step.act().joint().filter(it -> it.id().equals("own1")).isPresent())
                  .count());
        }
      }
    }
  }

  private static boolean holds(Facet panel, Patch patch) {
    return panel.polygon().buffer(0.1).covers(Facet.polygon(patch.corners()));
  }

  @Test
  void project_keepsAllOfThem_andTheirValues() {
    Topper one = topper(1, Shape.OVAL, Face.OUTSIDE, Adhesive.FOAM, 40, 25, -10, 30);
    Topper two =
        topper(2, Shape.CIRCLE, Face.INSIDE, Adhesive.DOTS, 30, 30, 5, 5)
            .cutFrom(Stock.PATTERNED)
            .fixed(new Fixing(Adhesive.DOTS, true, true));
    Topper three =
        topper(3, Shape.CIRCLE, Face.INSIDE, Adhesive.LIQUID, 20, 20, 90, 5)
            .outlined(Pictures.HOUSE);
    Job job = job("off-centre-gate", List.of(one, two, three));
    for (double place : new double[] {12.5, -10, -0.125}) {
      Job moved = job.withValues(job.values().and(one.value(Measure.LEFT), mm(place)));
      Job back = ProjectFormat.read("x", ProjectFormat.write(moved)).orElseThrow();
      assertEquals(moved, back);
      assertEquals(Optional.of(mm(place)), back.values().length(one.value(Measure.LEFT)));
    }
  }

  /** Mirrored about the fold at 100, one at 20 to 50 comes to lie on one at 150 to 180. */
  @Test
  void padsThatMeetWhenTheCardIsClosed_areFound() {
    Topper one = topper(1, Shape.CIRCLE, Face.INSIDE, Adhesive.FOAM, 30, 30, 50, 20);
    Topper meets = topper(2, Shape.CIRCLE, Face.INSIDE, Adhesive.FOAM, 30, 30, 50, 150);
    Topper beside = topper(2, Shape.CIRCLE, Face.INSIDE, Adhesive.FOAM, 30, 30, 50, 117);
    assertTrue(
        found(job("banded-half-fold", List.of(one, meets))).contains(FindingKind.PADS_ON_PADS));
    assertEquals(Set.of(), found(job("banded-half-fold", List.of(one, beside))));
    Topper flat = meets.fixed(Fixing.FLAT);
    assertEquals(Set.of(), found(job("banded-half-fold", List.of(one, flat))));
  }

  @Test
  void padsOnPads_overAFold_overAnEdge_areFound() {
    Topper low = topper(1, Shape.RECTANGLE, Face.OUTSIDE, Adhesive.FOAM, 40, 30, 30, 40);
    Topper high = topper(2, Shape.RECTANGLE, Face.OUTSIDE, Adhesive.FOAM, 20, 20, 45, 45);
    assertEquals(
        Set.of(FindingKind.PADS_ON_PADS), found(job("banded-half-fold", List.of(low, high))));
    Topper crossing = topper(1, Shape.RECTANGLE, Face.OUTSIDE, Adhesive.LIQUID, 40, 30, 30, 85);
    assertTrue(
        found(job("banded-half-fold", List.of(crossing))).contains(FindingKind.GLUE_ON_SCORE));
    Topper off = topper(1, Shape.RECTANGLE, Face.OUTSIDE, Adhesive.LIQUID, 40, 20, 120, 40);
    assertTrue(found(job("banded-half-fold", List.of(off))).contains(FindingKind.HANGS_OVER));
  }

  /** What lies on a piece that is not there waits, and is said; the card is made without it. */
  @Test
  void hostThatIsGone_isSaid_andNothingIsLost() {
    Topper lost =
        new Topper(
            "own1",
            "badge",
            "",
            Shape.CIRCLE,
            Stock.WHITE,
            "cover",
            Face.OUTSIDE,
            Fixing.FLAT,
            new Start(mm(30), mm(30), mm(5), mm(5)));
    Job job = job("woven-panel", List.of(lost));
    assertEquals(Set.of(), found(job));
    Job without = job.withValues(job.values().and("covers", new Setting.OfChoice("without")));
    assertEquals(Set.of(FindingKind.TOPPER_LEFT_OUT), found(without));
    assertEquals(List.of(lost), without.order().toppers());
    assertEquals(Set.of(FindingKind.TOPPER_LEFT_OUT), found(job("slim-tent", List.of(lost))));
  }

  /** Returns dark card and a print, on neither of which a pen is read. */
  static Papers darkPapers() {
    return Papers.USUAL
        .with(
            PaperRole.CARDSTOCK,
            new Paper("dotted", 250, 1.2, true, Paper.Print.UPRIGHT, Paper.Grain.UNKNOWN))
        .looking(PaperRole.CARDSTOCK, new Papers.Colours(Tint.NIGHT, Tint.RUST, Motif.DOTS))
        .looking(PaperRole.PATTERNED, new Papers.Colours(Tint.CREAM, Tint.PLUM, Motif.CHECKS));
  }

  /** A card of dark paper and prints alone leaves nowhere to write; white card on it does. */
  @Test
  void nowhereToWrite_isFound_untilThereIsAPanel() {
    Papers dark = darkPapers();
    Job gate = job("off-centre-gate", List.of()).withPapers(dark);
    assertTrue(found(gate).contains(FindingKind.NOWHERE_TO_WRITE));
    Topper panel = topper(1, Shape.RECTANGLE, Face.INSIDE, Adhesive.LIQUID, 70, 60, 85, 40);
    assertFalse(
        found(job("off-centre-gate", List.of(panel)).withPapers(dark))
            .contains(FindingKind.NOWHERE_TO_WRITE));
    // What lies on a mat is plain, unless its paper is in a picture.
    Papers plain =
        dark.looking(PaperRole.CARDSTOCK, look(gate, PaperRole.CARDSTOCK).on(Tint.NIGHT));
    Job matted = job("banded-half-fold", List.of()).withPapers(plain);
    assertFalse(found(matted).contains(FindingKind.NOWHERE_TO_WRITE));
    Picture busy = new Picture("0123456789abcdef.jpg", "busy", mm(300), mm(300), 0xFFFFFF);
    Papers pictured = plain.looking(PaperRole.PATTERNED, look(gate, PaperRole.PATTERNED).as(busy));
    assertTrue(found(matted.withPapers(pictured)).contains(FindingKind.NOWHERE_TO_WRITE));
  }

  private static Papers.Colours look(Job job, PaperRole role) {
    return Jobs.derive(job).look().colours(role);
  }

  /** Sizes beyond all limits, as a file may have them, are brought to the limit or said. */
  @Test
  void absurdSizes_spoilNoOthers() {
    Topper tiny = topper(1, Shape.OVAL, Face.OUTSIDE, Adhesive.LIQUID, 0.01, 0.01, 20, 20);
    Topper large = topper(2, Shape.CIRCLE, Face.OUTSIDE, Adhesive.LIQUID, 9e6, 9e6, 9e6, 9e6);
    Design design = design(job("banded-half-fold", List.of(tiny, large)));
    assertEquals(mm(3), design.piece("own1").orElseThrow().width());
    Topper alone = topper(1, Shape.CIRCLE, Face.OUTSIDE, Adhesive.LIQUID, 9e6, 9e6, 9e6, 9e6);
    assertFalse(found(job("banded-half-fold", List.of(alone))).isEmpty());
    assertFalse(found(job("banded-half-fold", List.of(tiny, large))).isEmpty());
  }

  /** One more or less changes nothing of the others: ids stay, and so do their values. */
  @Test
  void ids_areTheFirstThatAreFree() {
    Topper one = topper(1, Shape.OVAL, Face.OUTSIDE, Adhesive.FOAM, 40, 25, 10, 30);
    Topper three = topper(3, Shape.OVAL, Face.OUTSIDE, Adhesive.FOAM, 40, 25, 10, 30);
    assertEquals("own2", Topper.next(List.of(three, one)));
    assertEquals("own1", Topper.next(List.of()));
  }

  /** As many as there may be, and what stands in no name. */
  @Test
  void many_areDerived_andNamesAreTextOnly() {
    List<Topper> toppers = new ArrayList<>();
    for (int i = 1; i <= Topper.MOST; i++) {
      toppers.add(
          topper(
              i,
              Shape.CIRCLE,
              Face.OUTSIDE,
              Adhesive.LIQUID,
              8,
              8,
              2 + i % 10 * 9,
              2 + i / 10 * 9));
    }
    Job job = job("off-centre-gate", toppers);
    assertEquals(1 + Topper.MOST, design(job).pieces().size());
    Values values = job.values();
    assertEquals(Optional.of(mm(8)), values.length("own40_across"));
    String sentence =
        Jobs.derive(job).findings().stream()
            .map(each -> each.sentence().say(Spoken.ENGLISH))
            .findFirst()
            .orElse("");
    assertFalse(sentence.contains("own"), sentence);
  }
}

package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.decor.Cutout;
import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.drawing.Portrait;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.fold.Sight;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Look;
import cufflink.core.paper.Motif;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Side;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Imprint;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.IntSupplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Prints that are found to lie wrong are those whose picture is seen to lie wrong by who looks
 * straight down at the closed card; and the cure turns just them.
 */
class UprightPrintTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final Length SIDE = Length.ofMillimetres(600);
  private static final Picture SHEET =
      new Picture("0123456789abcdef.jpg", "sheet", SIDE, SIDE, 0x808080);
  private static final Surface SURFACE =
      new Surface(
          700,
          500,
          Marks.MILLIMETRES,
          Words.on(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN),
          TextMeasure.GUESS,
          14);

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  private static Job pictured(String id, Random random) {
    return pictured(id, () -> random.nextInt(4));
  }

  private static Job pictured(String id, IntSupplier quarters) {
    Job job = Jobs.job(id, LIBRARY.pattern(id).orElseThrow().normalValues());
    Derivation plain = Jobs.derive(job);
    Design design = plain.made().orElseThrow().design();
    for (PaperRole role : design.roles()) {
      if (role.kind() == PaperKind.PATTERNED) {
        Sheet sheet = new Sheet("a", "a", SIDE, SIDE);
        job = PaperPlan.looking(job, role, plain.look().colours(role).as(SHEET), sheet);
        Paper upright = job.papers().of(role).withPrint(Paper.Print.UPRIGHT);
        job = job.withPapers(job.papers().with(role, upright));
      }
    }
    Papers papers = job.papers();
    for (Cutout each : Cutout.all(design, papers).values()) {
      papers = papers.cutting(each.part(), Optional.of(each.turned(quarters.getAsInt())));
    }
    return job.withPapers(papers);
  }

  /** Where the top of its picture points on the closed card, seen from straight above. */
  private static Optional<Side> seen(Derivation derivation, String part) {
    Derivation.Made made = derivation.made().orElseThrow();
    FoldModel model = made.card().whole();
    return Portrait.of(
            model,
            made.design(),
            derivation.look().from(0, 0, 0),
            model.shown(model.closing()),
            SURFACE)
        .marks()
        .stream()
        .filter(mark -> mark instanceof Printed)
        .map(Printed.class::cast)
        .filter(mark -> part.equals(mark.ref().piece() + "." + mark.ref().line()))
        .flatMap(mark -> mark.imprints().stream())
        .map(UprightPrintTest::top)
        // What was painted last lies uppermost.
        .reduce((first, second) -> second)
        .orElse(Optional.empty());
  }

  private static Optional<Side> top(Imprint imprint) {
    Spot top = imprint.corners().get(0);
    Spot foot = imprint.corners().get(2);
    double right = top.x() - foot.x();
    double up = foot.y() - top.y();
    if (Math.min(Math.abs(right), Math.abs(up)) > 0.1 * Math.hypot(right, up)) {
      return Optional.empty();
    }
    if (Math.abs(up) > Math.abs(right)) {
      return Optional.of(up > 0 ? Side.TOP : Side.BOTTOM);
    }
    return Optional.of(right > 0 ? Side.RIGHT : Side.LEFT);
  }

  /** Which side of a print rises most to an eye at the height of the table; unclear at a corner. */
  private static Optional<Side> rising(Imprint imprint) {
    Spot corner = imprint.corners().get(0);
    double up = imprint.corners().get(2).y() - corner.y();
    double right = corner.y() - imprint.corners().get(1).y();
    if (Math.min(Math.abs(right), Math.abs(up)) > 0.7 * Math.max(Math.abs(right), Math.abs(up))) {
      return Optional.empty();
    }
    if (Math.abs(up) > Math.abs(right)) {
      return Optional.of(up > 0 ? Side.TOP : Side.BOTTOM);
    }
    return Optional.of(right > 0 ? Side.LEFT : Side.RIGHT);
  }

  private static List<Finding> wrong(Derivation derivation) {
    return derivation.folded(() -> false).findings().stream()
        .filter(each -> each.kind() == FindingKind.PRINT_DIRECTION)
        .toList();
  }

  private static String said(Derivation derivation) {
    return wrong(derivation).stream()
        .map(each -> each.sentence().say(Spoken.ENGLISH))
        .reduce("", String::concat);
  }

  /** Of what is upright in one place only it is not said where it is not. */
  private static List<Finding> wrong(Derivation derivation, boolean isOpen) {
    Set<String> keys = Set.of("fold.print-open", "fold.print-both");
    return wrong(derivation).stream()
        .filter(each -> keys.contains(each.sentence().key()) == isOpen)
        .toList();
  }

  private static Set<String> parts(List<Finding> findings) {
    Set<String> parts = new HashSet<>();
    for (Finding each : findings) {
      each.place().lines().forEach(line -> parts.add(each.place().piece() + "." + line));
    }
    return parts;
  }

  /** Of two that bear one name only the first is told of. */
  private static Set<String> labels(Set<String> parts, Derivation.Made made) {
    Set<String> labels = new HashSet<>();
    made.design().layers().stream()
        .filter(each -> parts.contains(each.on() + "." + each.id()))
        .forEach(each -> labels.add(each.label()));
    made.design().joints().stream()
        .filter(each -> parts.contains(each.on() + "." + each.id()))
        .forEach(each -> labels.add(each.label()));
    return labels;
  }

  @ParameterizedTest
  @MethodSource("ids")
  void whatIsFound_isWhatIsSeenWrong_andIsCured(String id) {
    Random random = new Random(id.hashCode());
    for (int trial = 0; trial < 3; trial++) {
      Derivation derivation = Jobs.derive(pictured(id, random));
      Derivation.Made made = derivation.made().orElseThrow();
      FoldModel model = made.card().whole();
      model.prepare(() -> false);
      if (!model.layering().lies(model.closing())) {
        return;
      }
      Set<String> found = parts(wrong(derivation, false));
      Set<String> opened = parts(wrong(derivation, true));
      for (Sight.Shown shown : Sight.of(model, model.closing(), made.design(), true).shown()) {
        Optional<String> part = shown.layer().map(layer -> layer.on() + "." + layer.id());
        Optional<Side> top = part.flatMap(each -> seen(derivation, each));
        if (top.isPresent() && !opened.contains(part.get())) {
          String label = shown.layer().orElseThrow().label();
          boolean isTold =
              top.get() == Side.TOP
                  ? found.contains(part.get())
                  : labels(found, made).contains(label);
          assertEquals(
              top.get() != Side.TOP,
              isTold,
              id + ": " + part.get() + " is seen with its top at the " + top.get());
        }
      }
      Job cured = derivation.job();
      List<Finding> left = wrong(derivation);
      for (int i = 0; i < 8 && !left.isEmpty(); i++) {
        for (Finding each : left) {
          cured = Jobs.derive(cured).cured(each.fix().orElseThrow(), "panel");
        }
        left = wrong(Jobs.derive(cured));
      }
      assertEquals(List.of(), left, id + " is not cured");
    }
  }

  /** A print as an eye meets it: on which part, and how large it looks. */
  private record Met(String label, Optional<Side> top, double share) {}

  /** What is not hidden of all pictures that are painted. */
  private static List<Met> met(
      Derivation derivation, Look from, double moment, Function<Imprint, Optional<Side>> way) {
    Derivation.Made made = derivation.made().orElseThrow();
    FoldModel model = made.card().whole();
    List<Printed> painted =
        Portrait.of(model, made.design(), from, model.shown(moment), SURFACE).marks().stream()
            .filter(mark -> mark instanceof Printed)
            .map(Printed.class::cast)
            .filter(mark -> !mark.ref().piece().isEmpty())
            .toList();
    List<Met> met = new ArrayList<>();
    Geometry covered = new GeometryFactory().createPolygon();
    for (int i = painted.size() - 1; i >= 0; i--) {
      Printed each = painted.get(i);
      Geometry shape = Facet.polygon(each.rings().get(0)).buffer(0);
      double area = OverlayNGRobust.overlay(shape, covered, OverlayNG.DIFFERENCE).getArea();
      covered = OverlayNGRobust.overlay(covered, shape, OverlayNG.UNION);
      for (Imprint imprint : each.imprints().stream().limit(1).toList()) {
        met.add(new Met(label(each, made.design()), way.apply(imprint), area));
      }
    }
    double all = covered.getArea();
    return met.stream()
        .map(each -> new Met(each.label(), each.top(), each.share() / all))
        .filter(each -> each.share() > 0.05)
        .toList();
  }

  private static String label(Printed mark, Design design) {
    return design.layers().stream()
        .filter(each -> each.on().equals(mark.ref().piece()))
        .filter(each -> each.id().equals(mark.ref().line()))
        .map(Layer::label)
        .findFirst()
        .or(() -> design.piece(mark.ref().piece()).map(Piece::label))
        .orElseThrow();
  }

  /** What is seen on its side or its head where the card lies open is found, and nothing else. */
  @ParameterizedTest
  @MethodSource("ids")
  void open_isFoundAsItIsSeen(String id) {
    Derivation derivation = Jobs.derive(pictured(id, new Random(7L * id.hashCode())));
    FoldModel model = derivation.made().orElseThrow().card().whole();
    model.prepare(() -> false);
    boolean stands = LIBRARY.pattern(id).orElseThrow().does().contains("stands");
    if (stands || !model.layering().lies(model.closing())) {
      return;
    }
    Set<String> seen = new TreeSet<>();
    for (int done = model.closing(); done <= model.stages().size(); done++) {
      for (int turn : done == model.closing() ? List.of(0, 180) : List.of(0)) {
        if (model.holds(done) && model.layering().lies(done)) {
          met(derivation, derivation.look().from(turn, turn, 0), done, UprightPrintTest::top)
              .stream()
              .filter(each -> each.top().filter(top -> top != Side.TOP).isPresent())
              .forEach(each -> seen.add(each.label()));
        }
      }
    }
    String said = said(derivation);
    Set<String> told = new TreeSet<>(seen);
    told.removeIf(each -> !said.contains(" the " + each + " "));
    assertEquals(seen, told, id + ": " + said);
  }

  /** Of a card that stands the top of each print is up, for whoever walks round it. */
  @ParameterizedTest
  @ValueSource(strings = {"slim-tent", "handled-purse", "centre-step"})
  void standing_isFoundAsItIsSeen(String id) {
    int upright = 0;
    for (int quarters = 0; quarters < 4; quarters++) {
      int turned = quarters;
      Derivation derivation = Jobs.derive(pictured(id, () -> turned));
      FoldModel model = derivation.made().orElseThrow().card().whole();
      model.prepare(() -> false);
      Look look = derivation.look();
      List<Met> seen = new ArrayList<>();
      for (int round = 0; round < 360; round += 90) {
        Look from = look.from(look.turn() + round, 90, look.pitch());
        seen.addAll(met(derivation, from, Portrait.moment(model, look), UprightPrintTest::rising));
      }
      String said = said(derivation);
      for (Met each : seen) {
        if (each.top().isPresent()) {
          String what = id + " turned " + turned + ": " + each + " " + said;
          assertEquals(
              each.top().get() != Side.TOP, said.contains(" the " + each.label() + " "), what);
          upright += each.top().get() == Side.TOP ? 1 : 0;
        }
      }
    }
    assertTrue(upright > 0);
  }

  /** The wallet's inside paper is on two panels that lie otherwise; dots look alike on both. */
  @Test
  void whatNoCutMends_getsDots_andIsNoSheetFromAPictureAnyMore() {
    String id = "ribbon-hinge-wallet";
    Derivation derivation = Jobs.derive(pictured(id, () -> 0));
    assertEquals("sheet", derivation.job().papers().of(PaperRole.PATTERNED).name());
    Finding both = wrong(derivation).get(0);
    assertEquals("fold.print-both", both.sentence().key());
    Job cured = derivation.cured(both.fix().orElseThrow(), "panel");
    Job plain = Jobs.job(id, LIBRARY.pattern(id).orElseThrow().normalValues());
    assertEquals(plain.papers().of(PaperRole.PATTERNED), cured.papers().of(PaperRole.PATTERNED));
    assertEquals(plain.cutting(), cured.cutting());
    Papers.Colours now = Jobs.derive(cured).look().colours(PaperRole.PATTERNED);
    assertEquals(Motif.DOTS, now.motif());
    assertEquals(Optional.empty(), now.picture());
    assertEquals(List.of(), wrong(Jobs.derive(cured)));
  }

  /** A sheet that is upright when its left edge is on top is turned so, on every part. */
  @ParameterizedTest
  @ValueSource(strings = {"off-centre-gate", "waterfall", "slim-tent"})
  void sheetOnItsSide_hasItsLeftEdgeOnTop(String id) {
    Job upright = pictured(id, () -> 0);
    Paper paper = upright.papers().of(PaperRole.PATTERNED);
    Map<String, Paper> onSide =
        Map.of(PaperRole.PATTERNED.id(), paper.withPrint(Paper.Print.SIDEWAYS));
    Papers free = new Papers(onSide, upright.papers().colours());
    Derivation turned = Jobs.derive(upright.withPapers(free));
    assertEquals(parts(wrong(Jobs.derive(upright))), parts(wrong(turned)));
    FoldModel model = turned.made().orElseThrow().card().whole();
    int seen = 0;
    Look look = turned.look().from(0, 0, 0);
    for (Drawing.Mark mark :
        Portrait.of(model, turned.made().get().design(), look, 0, SURFACE).marks()) {
      for (Imprint imprint : mark instanceof Printed one ? one.imprints() : List.<Imprint>of()) {
        Spot left = imprint.corners().get(0);
        Spot right = imprint.corners().get(1);
        assertTrue(left.y() < right.y() - Math.abs(left.x() - right.x()), id + " " + imprint);
        seen++;
      }
    }
    assertTrue(seen > 0);
  }

  /** Round the height of the folio a band stands on its side, and is upright one way of four. */
  @ParameterizedTest
  @ValueSource(ints = {0, 1, 2, 3})
  void band_isFoundAsItIsSeen(int quarters) {
    Derivation derivation = Jobs.derive(pictured("stacked-pocket-folio", () -> quarters));
    Derivation whole = derivation.folded(() -> false);
    FoldModel model = whole.made().orElseThrow().card().whole();
    model.prepare(() -> false);
    List<Met> bands =
        met(whole, whole.look().from(0, 0, 0), model.closing(), UprightPrintTest::top).stream()
            .filter(each -> each.label().equals("belly band"))
            .toList();
    String said = said(derivation);
    assertFalse(bands.isEmpty());
    for (Met each : bands) {
      assertEquals(each.top().get() != Side.TOP, said.contains(" the belly band "), said);
    }
  }
}

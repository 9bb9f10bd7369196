package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Fixing;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Movement.Leg;
import cufflink.core.design.Piece;
import cufflink.core.drawing.Portrait;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.AtHand;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.make.School;
import cufflink.core.make.Work;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.pattern.Pattern;
import cufflink.core.run.Moves;
import cufflink.core.scene.Drawing;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.ProjectFormat;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;

/** What is tucked behind a ribbon: when it goes there, what is seen, and what holds it. */
class TuckTest {
  @TempDir private static Path folder;
  private static PatternLibrary library;

  /** Besides the shipped ones, a wallet whose ribbons stay where they are. */
  @BeforeAll
  static void addStillWallet() throws IOException {
    String wallet = text("ribbon-hinge-wallet");
    String still = wallet.replaceAll("(line: .*), while: panel-[12]", "$1");
    assertFalse(still.equals(wallet));
    Files.writeString(folder.resolve("still.yaml"), still.replace("id: ribbon-hinge", "id: still"));
    library = PatternLibrary.with(folder);
  }

  private static String text(String id) throws IOException {
    String name = "/cufflink/files/patterns/" + id + ".yaml";
    try (InputStream in = PatternLibrary.class.getResourceAsStream(name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static final Fixing OVER = Fixing.FLAT;
  private static final Fixing BEHIND = Fixing.FLAT.tucked(true);
  private static final Fixing SLIPPED = Fixing.FLAT.stuck(Adhesive.NONE);

  private static Topper label(Face face, double left, double top, double side, Fixing fixing) {
    Length even = Length.fromMillimetres(side);
    return new Topper(
        "own1",
        "label",
        "",
        Topper.Shape.RECTANGLE,
        Topper.Stock.WHITE,
        "base",
        face,
        fixing,
        new Topper.Start(even, even, Length.fromMillimetres(left), Length.fromMillimetres(top)));
  }

  private static Derivation derive(String id, Topper label) {
    Pattern pattern = library.pattern(id, Set.of(), List.of(label)).orElseThrow();
    Job job = Jobs.job(id, pattern.normalValues());
    return Derivation.of(pattern, job.withOrder(Order.ONE.withToppers(List.of(label))));
  }

  /** A square across a straight part of a ribbon, an eighth along it, clear of any bow. */
  private record Across(String id, String ribbon, Leg leg, double left, double top, double side) {
    Topper label(Fixing fixing) {
      Topper first = TuckTest.label(leg.face(), left, top, side, fixing);
      return leg.by().isPresent() ? first.onCopy(2) : first;
    }

    /** A ribbon that is elsewhere when the card is open on its other side. */
    boolean leaves() {
      return leg.during().isPresent();
    }

    boolean isBehind(Fixing fixing) {
      return fixing.tucked() || leaves();
    }
  }

  private static List<Across> all() {
    List<Across> all = new ArrayList<>();
    for (Pattern pattern : library.patterns()) {
      Job job = Jobs.job(pattern.id(), pattern.normalValues());
      Design design = Derivation.of(pattern, job).made().orElseThrow().design();
      double host = design.base().width().toMillimetres();
      for (Joint joint : design.joints()) {
        Piece ribbon = design.piece(joint.piece()).orElseThrow();
        List<Leg> legs = joint.movement().led().map(led -> led.legs()).orElse(List.of());
        for (Leg leg : legs) {
          double side = 2 * ribbon.width().min(ribbon.height()).toMillimetres();
          boolean isLong = leg.middle().millimetres() > 4 * side;
          boolean isFree = leg.under().isEmpty();
          if (leg.on().equals("base") && isLong && isFree) {
            Spot from = Spot.from(leg.middle().from());
            Spot to = Spot.from(leg.middle().to());
            double x = from.x() + (to.x() - from.x()) * 3 / 8;
            double y = from.y() + (to.y() - from.y()) * 3 / 8;
            double seen = leg.face() == Face.INSIDE ? x : host - x;
            all.add(new Across(pattern.id(), joint.id(), leg, seen - side / 2, y - side / 2, side));
          }
        }
      }
    }
    return all;
  }

  /**
   * Glued behind a ribbon it is there before that; over it, or slipped behind without glue, it
   * comes when the ribbon is there.
   */
  @Test
  void order_isThatOfTheHands() {
    List<Across> all = all();
    assertTrue(all.size() >= 12, all::toString);
    for (Across each : all) {
      assertTrue(at(each, BEHIND, "own1") < at(each, BEHIND, each.ribbon()), each.toString());
      boolean isAfter = at(each, OVER, "own1") > at(each, OVER, each.ribbon());
      assertEquals(!each.leaves(), isAfter, each.toString());
      assertTrue(at(each, SLIPPED, "own1") > at(each, SLIPPED, each.ribbon()), each.toString());
    }
  }

  private static int at(Across across, Fixing fixing, String joint) {
    Design design = derive(across.id(), across.label(fixing)).made().orElseThrow().design();
    List<Joint> order = GluingOrder.of(design, GluingOrder.Wish.NONE).joints();
    for (int i = 0; i < order.size(); i++) {
      if (order.get(i).id().equals(joint)) {
        return i;
      }
    }
    throw new AssertionError(across + " has no " + joint);
  }

  /** Where both are, the eye meets the ribbon if it lies over the label, else the label. */
  @ParameterizedTest
  @EnumSource(Face.class)
  void eye_meetsWhatLiesOnTop(Face face) {
    int seen = 0;
    for (Across each : all()) {
      for (Fixing fixing :
          face == each.leg().face() ? List.of(OVER, BEHIND, SLIPPED) : List.<Fixing>of()) {
        Derivation derivation = derive(each.id(), each.label(fixing));
        FoldModel model = derivation.made().orElseThrow().card().whole();
        model.prepare(() -> false);
        for (int done = 0; done <= model.stages().size(); done++) {
          for (double turned : new double[] {0, 180}) {
            boolean shows =
                model.layering().lies(done) && isRight(each, fixing, derivation, done, turned);
            seen += shows ? 1 : 0;
          }
        }
      }
    }
    assertTrue(seen >= (face == Face.INSIDE ? 20 : 6), "only " + seen);
  }

  private static boolean isRight(
      Across across, Fixing fixing, Derivation derivation, int done, double turned) {
    Derivation.Made made = derivation.made().orElseThrow();
    Drawing drawing =
        Portrait.of(
            made.card().whole(),
            made.design(),
            derivation.look().from(0, turned, 0),
            done,
            Pictures.square(600));
    List<Drawing.Printed> printed = new ArrayList<>();
    for (Drawing.Mark mark : drawing.marks()) {
      if (mark instanceof Drawing.Printed one && !one.ref().piece().isEmpty()) {
        printed.add(one);
      }
    }
    for (Drawing.Printed own : printed) {
      for (Drawing.Printed ribbon : printed) {
        Geometry shared = shape(own).intersection(shape(ribbon));
        boolean both = isOwn(own) && ribbon.ref().line().equals(across.ribbon());
        // What is behind the card is painted first, and then the card over it.
        if (!both
            || shared.getArea() < 4
            || !isOwn(top(printed, shape(own).difference(shape(ribbon)).getInteriorPoint()))) {
          continue;
        }
        Drawing.Printed top = top(printed, shared.getInteriorPoint());
        String what = across + " at " + done + ", " + turned + ", " + fixing;
        assertEquals(across.isBehind(fixing), top.ref().line().equals(across.ribbon()), what);
        return true;
      }
    }
    return false;
  }

  private static Drawing.Printed top(List<Drawing.Printed> printed, Point at) {
    Drawing.Printed top = printed.get(0);
    for (Drawing.Printed each : printed) {
      top = shape(each).intersects(at) ? each : top;
    }
    return top;
  }

  private static boolean isOwn(Drawing.Printed printed) {
    return printed.ref().piece().equals("own1") || printed.ref().line().equals("own1");
  }

  private static Polygon shape(Drawing.Printed printed) {
    return Facet.polygon(printed.rings().get(0));
  }

  /** Glued over a ribbon that has to leave its face, a label would hold the card. */
  @Test
  void overWhatLeaves_isFound() {
    int leaving = 0;
    for (Across each : all()) {
      Topper over = each.label(OVER);
      Optional<Finding> found = stuck(each.id(), over);
      assertEquals(each.leaves(), found.isPresent(), each.toString());
      if (each.leaves()) {
        leaving++;
        Topper cured = found.get().fix().orElseThrow().toppers().get(0);
        assertTrue(stuck(each.id(), cured).isEmpty(), each.toString());
        // With words that the ribbon hides there is no cure but another place.
        Optional<Finding> says = stuck(each.id(), over.saying("Ahoy there"));
        assertTrue(says.orElseThrow().fix().isEmpty(), each.toString());
      }
    }
    assertEquals(8, leaving);
    // Beside the slanted ribbons, within the rectangle that both of them take.
    assertTrue(stuck("ribbon-hinge-wallet", label(Face.INSIDE, 37, 38, 8, OVER)).isEmpty());
    assertTrue(stuck("ribbon-hinge-wallet", label(Face.INSIDE, 67, 38, 8, OVER)).isEmpty());
  }

  private static Optional<Finding> stuck(String id, Topper label) {
    return derive(id, label).folded(() -> false).findings().stream()
        .filter(each -> each.kind() == FindingKind.RIBBON_STUCK)
        .findFirst();
  }

  private static List<Finding> found(Topper label) {
    return derive("banded-half-fold", label).folded(() -> false).findings();
  }

  private static Set<FindingKind> kinds(Topper label) {
    return Set.copyOf(found(label).stream().map(Finding::kind).toList());
  }

  /** The ribbon of the half-fold is 10 wide, 28 from its lower edge, tied in the middle of 140. */
  @Test
  void whatNoRibbonCrosses_isHeldByNothing() {
    assertEquals(Set.of(), kinds(label(Face.OUTSIDE, 10, 15, 25, BEHIND)));
    assertEquals(Set.of(), kinds(label(Face.OUTSIDE, 10, 15, 25, SLIPPED)));
    for (Fixing fixing : List.of(BEHIND, SLIPPED)) {
      Topper far = label(Face.OUTSIDE, 10, 120, 25, fixing);
      List<Finding> found = found(far);
      assertEquals(1, found.size());
      assertEquals(FindingKind.NOTHING_HOLDS, found.get(0).kind());
      boolean falls = fixing.equals(SLIPPED);
      assertEquals(falls, found.get(0).severity() == Finding.Severity.ERROR);
      Topper cured = found.get(0).fix().orElseThrow().toppers().get(0);
      assertEquals(Set.of(), kinds(cured));
      assertEquals(Adhesive.LIQUID, cured.fixing().with());
    }
  }

  @Test
  void bow_isNotGluedOver_norWordsHidden() {
    assertEquals(Set.of(), kinds(label(Face.OUTSIDE, 15, 15, 25, OVER)));
    List<Finding> found = found(label(Face.OUTSIDE, 58, 15, 25, OVER));
    assertEquals(FindingKind.ON_BOW, found.get(0).kind());
    assertEquals(Set.of(), kinds(found.get(0).fix().orElseThrow().toppers().get(0)));
    // With words it is no cure to hide them.
    Topper says = label(Face.OUTSIDE, 58, 15, 25, OVER).saying("Ahoy");
    assertEquals(FindingKind.ON_BOW, found(says).get(0).kind());
    assertFalse(found(says).get(0).fix().isPresent());
    assertEquals(Set.of(FindingKind.NOT_SEEN), kinds(says.fixed(BEHIND)));
    Topper clear = label(Face.OUTSIDE, 15, 25, 40, BEHIND).saying("Ahoy");
    assertEquals(Set.of(), kinds(clear), "its words stand above the ribbon");
  }

  /** A ribbon whose ends lie apart is not tied there, and has no bow. */
  @Test
  void endsThatAreApart_areNotTied() throws IOException {
    Topper label = label(Face.OUTSIDE, 58, 15, 25, OVER);
    String text = text("banded-half-fold");
    String apart =
        text.replace("[width / 2, run, width, run]", "[width * 3 / 4, run, width, run]")
            .replace("[0 mm, run, width / 2, run]", "[0 mm, run, width / 4, run]");
    assertFalse(apart.equals(text));
    Files.writeString(
        folder.resolve("apart.yaml"), apart.replace("id: banded", "id: apart-banded"));
    PatternLibrary own = PatternLibrary.with(folder);
    Pattern pattern = own.pattern("apart-banded-half-fold", Set.of(), List.of(label)).orElseThrow();
    Job job =
        Jobs.job("apart-banded-half-fold", pattern.normalValues())
            .withOrder(Order.ONE.withToppers(List.of(label)));
    assertTrue(
        Derivation.of(pattern, job).folded(() -> false).findings().stream()
            .noneMatch(each -> each.kind() == FindingKind.ON_BOW));
  }

  /** Nothing is used up and nothing dries, and the hands are told to slip it in. */
  @Test
  void slipped_takesNoGlue() {
    Derivation with = derive("banded-half-fold", label(Face.OUTSIDE, 10, 15, 25, OVER));
    Derivation without = derive("banded-half-fold", label(Face.OUTSIDE, 10, 15, 25, SLIPPED));
    Job job = without.job();
    Design design = without.made().orElseThrow().design();
    var used = AtHand.of(design, Moves.of(design, job.habit(), 1), job.order(), job.marks());
    Pattern bare = library.pattern("banded-half-fold").orElseThrow();
    Design plain =
        Jobs.derive(Jobs.job(bare.id(), bare.normalValues())).made().orElseThrow().design();
    assertEquals(
        AtHand.of(plain, Moves.of(plain, job.habit(), 1), Order.ONE, job.marks()).used(),
        used.used());
    Design glued = with.made().orElseThrow().design();
    assertFalse(
        AtHand.of(glued, Moves.of(glued, job.habit(), 1), job.order(), job.marks())
            .used()
            .equals(used.used()));
    String told =
        Work.of(Work.Asked.of(design, job, List.of(), School.BY_PIECE)).tasks().stream()
            .filter(task -> task.piece().equals("own1"))
            .map(task -> task.words().say(Spoken.ENGLISH))
            .reduce("", (all, each) -> each);
    assertTrue(
        told.startsWith("Lay the label onto the outside of the card base: ")
            && told.endsWith("Slip it behind the ribbon round the front; nothing is glued."),
        told);
    Job back = ProjectFormat.read("card", ProjectFormat.write(job)).value().orElseThrow();
    assertEquals(SLIPPED, back.order().toppers().get(0).fixing());
  }
}

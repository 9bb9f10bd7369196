package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.assembly.Assembly;
import cufflink.core.card.FoldModel;
import cufflink.core.decor.Fresh;
import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.drawing.Portrait;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.fit.Relayer;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.glue.GluingOrder;
import cufflink.core.glue.GluingOrder.Wish;
import cufflink.core.job.Derivation;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.PaperKind;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Drawing;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/** Pieces of the maker's own on each of several equal pieces, and on those of accessories. */
class CompanionTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final String FOLIO = "stacked-pocket-folio";
  private static final int INK = 0x33302C;

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  private static Derivation derive(String id, Values more, Topper... toppers) {
    List<Topper> all = List.of(toppers);
    Pattern pattern = LIBRARY.pattern(id, Set.of(), all).orElseThrow();
    Values values = pattern.normalValues().and(more);
    return Jobs.derive(Jobs.job(id, values).withOrder(Order.ONE.withToppers(all)));
  }

  private static Design folio(Topper... toppers) {
    return derive(FOLIO, Values.NONE, toppers).made().orElseThrow().design();
  }

  private static Topper label(String id, String on, Face face, Topper.Start start) {
    return new Topper(
        id,
        "label",
        "L",
        Topper.Shape.RECTANGLE,
        Topper.Stock.WHITE,
        on,
        face,
        Topper.Fixing.FLAT,
        start);
  }

  private static Topper label(String id, String on, int... acrossDownLeftTop) {
    Length[] each = new Length[4];
    for (int i = 0; i < each.length; i++) {
      each[i] = Length.ofMillimetres(acrossDownLeftTop[i]);
    }
    Topper.Start start = new Topper.Start(each[0], each[1], each[2], each[3]);
    return label(id, on, Face.OUTSIDE, start);
  }

  /** Whoever takes every copy of a piece into the hand finds one label on each, and no other. */
  @ParameterizedTest
  @MethodSource("ids")
  void oneOnEach_isOnEveryCopyOfEveryPiece(String id) {
    Derivation.Made plain = derive(id, Values.NONE).made().orElseThrow();
    for (Piece host : plain.design().pieces()) {
      if (host.paper() == PaperKind.RIBBON || host.name().index().isPresent()) {
        continue;
      }
      for (Face face : Face.values()) {
        List<Facet> panels = FlatPattern.of(host, plain.card().flat().tolerances()).facets();
        Topper.Start start =
            Fresh.of(Topper.Shape.RECTANGLE, plain.design(), host, face, panels, Marks.MILLIMETRES);
        Derivation.Made made =
            derive(id, Values.NONE, label("own1", host.id(), face, start)).made().orElseThrow();
        String what = id + " " + host.id() + " " + face;
        Design design = made.design();
        assertEquals(host.count(), design.piece("own1").orElseThrow().count(), what);
        List<Joint> joints =
            design.joints().stream().filter(each -> each.piece().equals("own1")).toList();
        assertEquals(host.count(), joints.size(), what);
        Assembly assembly = made.card().whole().assembly();
        Set<Integer> hosts = new HashSet<>();
        joints.forEach(
            each ->
                assembly.host(each, design).ifPresent(member -> hosts.add(member.firstFacet())));
        long copies =
            assembly.members().stream()
                .filter(member -> member.flat().piece().id().equals(host.id()))
                .count();
        assertEquals(copies, hosts.size(), what);
        assertTrue(design.joints().size() - joints.size() == plain.design().joints().size(), what);
      }
    }
  }

  /** With all three inserts drawn out, the bar of each L is below and its stem at the left. */
  @Test
  void onEachSleeve_isSeenUpright_thoughTheMiddleOneIsTurned() {
    List<Polygon> letters =
        letters(derive(FOLIO, Values.NONE, label("own1", "sleeve", 40, 30, 60, 45)));
    assertEquals(3, letters.size());
    for (Polygon letter : letters) {
      Envelope box = letter.getEnvelopeInternal();
      Coordinate middle = letter.getCentroid().getCoordinate();
      assertTrue(middle.y > box.centre().y && middle.x < box.centre().x, letter.toString());
    }
  }

  /** From left to right on the open folio lie the sleeves that are put on first, second, third. */
  @ParameterizedTest
  @CsvSource({"1, 0", "2, 1", "3, 2", "7, 2", "999, 2"})
  void onOneOfThem_isThere(int copy, int place) {
    Topper label = label("own1", "sleeve", 40, 30, 60, 45);
    List<Polygon> all = letters(derive(FOLIO, Values.NONE, label));
    all.sort(java.util.Comparator.comparingDouble(each -> each.getCentroid().getX()));
    List<Polygon> one = letters(derive(FOLIO, Values.NONE, label.onCopy(copy)));
    assertEquals(1, one.size());
    assertEquals(all.get(place).getCentroid().getX(), one.get(0).getCentroid().getX(), 3);
  }

  private static List<Polygon> letters(Derivation derivation) {
    FoldModel model = derivation.made().orElseThrow().card().whole();
    model.prepare(() -> false);
    int drawnOut = 9;
    Drawing drawing =
        Portrait.of(
            model,
            derivation.made().orElseThrow().design(),
            derivation.look().from(0, 0, 0),
            drawnOut,
            Pictures.square(600));
    List<Polygon> letters = new ArrayList<>();
    for (Drawing.Mark mark : drawing.marks()) {
      if (mark instanceof Drawing.Printed printed && printed.ground() == INK) {
        letters.add(Facet.polygon(printed.rings().get(0)));
      }
    }
    return letters;
  }

  /** What lies on what is on each lies on each. */
  @Test
  void onWhatIsOnEach_isOnEachToo() {
    Topper below = label("own1", "sleeve", 40, 30, 60, 45);
    Topper above = label("own2", "own1", 20, 10, 5, 5);
    Design design = folio(below, above);
    assertEquals(3, design.piece("own2").orElseThrow().count());
    List<Optional<Joint>> hosts =
        design.joints().stream()
            .filter(each -> each.piece().equals("own2"))
            .map(design::host)
            .distinct()
            .toList();
    assertEquals(3, hosts.size());
    assertTrue(hosts.stream().allMatch(it -> it.orElseThrow().piece().equals("own1")));
  }

  /** What may hang over does so on each. */
  @Test
  void overhanging_isSoOnEach() {
    Topper label =
        label("own1", "sleeve", 40, 30, 60, 45)
            .fixed(new Topper.Fixing(Adhesive.LIQUID, false, true));
    Design design = folio(label);
    List<String> ids =
        design.joints().stream()
            .filter(each -> each.piece().equals("own1"))
            .map(Joint::id)
            .toList();
    assertEquals(3, ids.size());
    assertTrue(ids.stream().allMatch(design::overhangs), ids.toString());
  }

  /** Between the sleeve of one unit and the leaf of the next there is time for a label. */
  @Test
  void eachLabel_isPutOnBeforeTheNextUnitIsBegun() {
    Design design = folio(label("own1", "sleeve", 40, 30, 60, 45));
    List<String> order =
        design.joints().stream()
            .map(Joint::piece)
            .filter(each -> each.equals("own1") || each.equals("leaf"))
            .toList();
    assertEquals(List.of("leaf", "own1", "leaf", "own1", "leaf", "own1"), order);
  }

  /** Labels on three sleeves are not slid straight together: they lie on three tables. */
  @Test
  void labelsOnSeveralCopies_areNotSlidTogether() {
    Design design = folio(label("own1", "sleeve", 40, 30, 60, 45));
    GluingOrder order = GluingOrder.of(design, Wish.NONE);
    int labels = 0;
    for (int i = 0; i < order.steps().size(); i++) {
      if (order.steps().get(i).act().joint().filter(it -> it.piece().equals("own1")).isPresent()) {
        labels++;
        for (Message each : order.walk(i, design, false, Optional.empty())) {
          assertFalse(each.key().startsWith("act.wet"), each.key());
        }
      }
    }
    assertEquals(3, labels);
  }

  /** A place at an edge or past it is one on any ruler; it has no least size. */
  @Test
  void placeAtAnEdge_staysThereOnAnotherRuler() {
    Topper label = label("own1", "base", 40, 30, 0, 45);
    Pattern pattern = LIBRARY.pattern("slim-tent", Set.of(), List.of(label)).orElseThrow();
    Values values = pattern.normalValues().and("own1_top", Length.parse("-4 mm"));
    Values now = Relayer.relay(pattern, values, Rulers.one(Marks.EIGHTHS), Set.of());
    assertEquals(Length.ZERO, now.length("own1_left").orElseThrow());
    assertEquals(Length.ZERO.minus(Length.ofInches(1, 8)), now.length("own1_top").orElseThrow());
  }

  /** A belly band comes from a file of its own, and only if the maker wants one. */
  @Test
  void onTheBellyBand_isThereWhereTheBandIs() {
    Topper label = label("own1", "band", 50, 20, 100, 4);
    Values banded = Values.NONE.and("banded", new Setting.OfChoice("with"));
    Derivation with = derive(FOLIO, banded, label);
    assertTrue(with.made().orElseThrow().design().piece("own1").isPresent());
    assertFalse(kinds(with).contains(FindingKind.TOPPER_LEFT_OUT));
    Values bare = Values.NONE.and("banded", new Setting.OfChoice("without"));
    Derivation without = derive(FOLIO, bare, label);
    assertTrue(without.made().orElseThrow().design().piece("own1").isEmpty());
    assertTrue(kinds(without).contains(FindingKind.TOPPER_LEFT_OUT));
  }

  /** What is glued to an insert goes out with it, and is then as little outside as that is. */
  @Test
  void onWhatIsDrawnOut_doesNotStickOut() {
    Topper label = label("own1", "insert", 20, 20, 40, 20);
    Derivation derivation = derive(FOLIO, Values.NONE, label).folded(() -> false);
    assertFalse(kinds(derivation).contains(FindingKind.STICKS_OUT), kinds(derivation).toString());
  }

  private static List<FindingKind> kinds(Derivation derivation) {
    return derivation.findings().stream().map(Finding::kind).toList();
  }
}

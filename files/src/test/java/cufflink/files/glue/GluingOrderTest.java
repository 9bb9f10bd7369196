package cufflink.files.glue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.finding.FindingKind;
import cufflink.core.glue.Act;
import cufflink.core.glue.GluingOrder;
import cufflink.core.glue.GluingOrder.Own;
import cufflink.core.glue.GluingOrder.Wish;
import cufflink.core.glue.Must;
import cufflink.core.job.Derivation;
import cufflink.core.paper.Adhesive;
import cufflink.core.pattern.Pattern;
import cufflink.core.words.Message;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternFile;
import cufflink.files.pattern.PatternLibrary;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The order of gluing against a table at which cards are put together: what a hand then can no
 * longer do was written down by hand for six constructions (common practice, no source), and knows
 * nothing of areas and faces.
 */
class GluingOrderTest {
  /** For each act those that must be done before it; layers by their piece and face. */
  private static final Map<String, Map<String, Set<String>>> TABLES =
      Map.of(
          // The papers lie under the leaves. The seam of a sleeve lies against its leaf. The sleeve
          // is
          // glued before its insert goes in, which has its mat and then its ribbon on by then. The
          // band
          // goes round all of it.
          "stacked-pocket-folio",
          Map.ofEntries(
              Map.entry("leaf-0", Set.of("base INSIDE")),
              Map.entry("leaf-1", Set.of("base INSIDE")),
              Map.entry("leaf-2", Set.of("base INSIDE")),
              Map.entry("sleeve-0", Set.of("seam-0")),
              Map.entry("sleeve-1", Set.of("seam-1")),
              Map.entry("sleeve-2", Set.of("seam-2")),
              Map.entry(
                  "band-ends",
                  Set.of(
                      "base INSIDE",
                      "base OUTSIDE",
                      "leaf-0",
                      "leaf-1",
                      "leaf-2",
                      "insert-0",
                      "insert-1",
                      "insert-2")),
              Map.entry("pull-0", Set.of("insert INSIDE")),
              Map.entry("pull-1", Set.of("insert INSIDE")),
              Map.entry("pull-2", Set.of("insert INSIDE")),
              Map.entry("insert-0", Set.of("sleeve-0", "pull-0")),
              Map.entry("insert-1", Set.of("sleeve-1", "pull-1")),
              Map.entry("insert-2", Set.of("sleeve-2", "pull-2"))),
          // The holder last: it stands up between the walls, which are decorated flat, on its seam.
          "handled-purse",
          Map.of("holder", Set.of("seam", "flap", "handle-0", "handle-1", "base OUTSIDE")),
          // The strip slides under the band, over the paper; the tiles lie like shingles.
          "waterfall",
          Map.of(
              "band", Set.of("base INSIDE"),
              "strip", Set.of("base INSIDE", "band"),
              "tile-1", Set.of("tile-0"),
              "tile-2", Set.of("tile-1")),
          // Layer, flap strip and strap lie on each other; the label hides the strap's paper, and
          // the panel behind it holds the strap between them.
          "two-way-flap",
          Map.of(
              "flap", Set.of("layer"),
              "strap", Set.of("layer", "flap"),
              "label", Set.of("strap OUTSIDE"),
              "behind", Set.of("label")),
          // The ribbon goes over the paper on the front; the pocket may be glued at any time.
          "turn-back-pocket",
          Map.of("ribbon", Set.of("base INSIDE")),
          // The outer two of the lowest row, the middle one, the second row, the top.
          "diamond-stack",
          Map.of(
              "inner", Set.of("base INSIDE"),
              "low-0", Set.of("base OUTSIDE"),
              "low-1", Set.of("base OUTSIDE"),
              "low-middle", Set.of("base OUTSIDE", "low-0", "low-1"),
              "middle-0", Set.of("base OUTSIDE", "low-0", "low-middle"),
              "middle-1", Set.of("base OUTSIDE", "low-1", "low-middle", "middle-0"),
              "top", Set.of("base OUTSIDE", "middle-0", "middle-1")));

  static Set<String> tables() {
    return new TreeSet<>(TABLES.keySet());
  }

  static List<String> ids() {
    return PatternLibrary.shipped().patterns().stream().map(Pattern::id).toList();
  }

  private static Design design(String id) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    return Jobs.derive(Jobs.job(id, pattern.normalValues())).made().orElseThrow().design();
  }

  private static String key(Act act) {
    return act.joint().map(joint -> joint.id()).orElse(act.host() + " " + act.face());
  }

  /** Whatever has been done so far, the table and the rules allow the same next acts. */
  @ParameterizedTest
  @MethodSource("tables")
  void allOrdersThatTheTableAllows_areFound_andNoOthers(String id) {
    GluingOrder order = GluingOrder.of(design(id), Wish.NONE);
    List<String> acts = order.steps().stream().map(step -> key(step.act())).toList();
    Map<String, Set<String>> table = TABLES.get(id);
    table.forEach(
        (after, before) -> {
          assertTrue(acts.contains(after), after);
          assertTrue(acts.containsAll(before), before.toString());
        });
    Deque<Set<String>> open = new ArrayDeque<>(List.of(Set.of()));
    Set<Set<String>> seen = new HashSet<>();
    while (!open.isEmpty()) {
      Set<String> done = open.pop();
      if (!seen.add(done)) {
        continue;
      }
      Set<String> byTable = new TreeSet<>();
      Set<String> byRules = new TreeSet<>();
      for (String act : acts) {
        if (done.contains(act)) {
          continue;
        }
        if (done.containsAll(table.getOrDefault(act, Set.of()))) {
          byTable.add(act);
        }
        boolean isFree =
            order.musts().stream()
                .filter(must -> key(must.after()).equals(act))
                .allMatch(must -> done.contains(key(must.before())));
        if (isFree) {
          byRules.add(act);
        }
      }
      assertEquals(byTable, byRules, id + " once done: " + done);
      for (String act : byTable) {
        Set<String> next = new HashSet<>(done);
        next.add(act);
        open.push(next);
      }
    }
  }

  /** Nothing is done before what must come first, and every reason is a sentence. */
  @ParameterizedTest
  @MethodSource("ids")
  void everyConstruction_hasAnOrder_andItKeepsAllItsReasons(String id) {
    GluingOrder order = GluingOrder.of(design(id), Wish.NONE);
    assertEquals(List.of(), order.ring());
    List<Act> acts = order.steps().stream().map(GluingOrder.Step::act).toList();
    for (Must must : order.musts()) {
      assertTrue(acts.indexOf(must.before()) < acts.indexOf(must.after()), must.toString());
      assertTrue(must.why().say(Spoken.ENGLISH).endsWith("."), must.toString());
    }
    assertEquals(Act.of(design(id)).size(), acts.size());
  }

  /**
   * Papers first, while all lies flat; and what is as good in any order is as the pattern has it.
   */
  @Test
  void theFolio_isMadeFromTheBaseUp_eachKindTogether() {
    List<String> acts = new ArrayList<>();
    GluingOrder order = GluingOrder.of(design("stacked-pocket-folio"), Wish.NONE);
    order.steps().forEach(step -> acts.add(key(step.act())));
    assertEquals(
        List.of(
            "base OUTSIDE",
            "base INSIDE",
            "leaf-0",
            "leaf-1",
            "leaf-2",
            "seam-0",
            "seam-1",
            "seam-2",
            "sleeve-0",
            "sleeve-1",
            "sleeve-2",
            "insert INSIDE",
            "pull-0",
            "pull-1",
            "pull-2",
            "insert-0",
            "insert-1",
            "insert-2",
            "band-ends"),
        acts);
    assertEquals(Adhesive.LIQUID, order.steps().get(2).choice().adhesive());
    assertEquals(Adhesive.TAPE, order.steps().get(5).choice().adhesive());
    assertEquals(
        List.of("Fold both sides of the sleeve to the back"),
        order.steps().get(5).folds().stream().map(stage -> stage.title()).toList());
  }

  private static boolean isAllowed(String id, List<String> acts) {
    return TABLES.get(id).entrySet().stream()
        .allMatch(
            entry ->
                entry.getValue().stream()
                    .allMatch(before -> acts.indexOf(before) < acts.indexOf(entry.getKey())));
  }

  /** A step goes to any other place that the table allows, and to no other. */
  @ParameterizedTest
  @MethodSource("tables")
  void stepMovedElsewhere_isForbiddenWhereTheTableForbidsIt(String id) {
    Design design = design(id);
    GluingOrder order = GluingOrder.of(design, Wish.NONE);
    int count = order.steps().size();
    for (int from = 0; from < count; from++) {
      for (int to = 0; to < count; to++) {
        List<String> moved =
            new ArrayList<>(order.steps().stream().map(step -> key(step.act())).toList());
        moved.add(to, moved.remove(from));
        boolean isFree = order.against(from, to).isEmpty();
        assertEquals(isAllowed(id, moved), isFree, id + " from " + from + " to " + to);
        GluingOrder own =
            GluingOrder.of(design, new Wish(false, Own.NONE.inOrder(order.moved(from, to))));
        List<String> now = own.steps().stream().map(step -> key(step.act())).toList();
        assertTrue(isAllowed(id, now), id + ": " + now);
        if (isFree) {
          assertEquals(moved, now);
        } else {
          String told = order.against(from, to).orElseThrow().told(design).say(Spoken.ENGLISH);
          assertTrue(told.startsWith("First the ") && told.endsWith("."), told);
        }
      }
    }
  }

  /** Names that are no longer there are passed over, and what is new comes as it can. */
  @Test
  void ownOrderOfAnotherDesign_isFollowedAsFarAsItGoes() {
    Wish wish = new Wish(false, Own.NONE.inOrder(List.of("top", "gone", "low-1", "base outside")));
    List<String> acts = new ArrayList<>();
    GluingOrder.of(design("diamond-stack"), wish)
        .steps()
        .forEach(step -> acts.add(key(step.act())));
    assertTrue(isAllowed("diamond-stack", acts), acts.toString());
    assertTrue(acts.indexOf("low-1") < acts.indexOf("low-0"), acts.toString());
  }

  /** Layer, flap and strap are slid together and pressed once; common practice, no source. */
  @Test
  void wetParts_areSlidTogether_andPressedOnce() {
    Design design = design("two-way-flap");
    GluingOrder order = GluingOrder.of(design, Wish.NONE);
    Map<String, String> last = new TreeMap<>();
    for (int i = 0; i < order.steps().size(); i++) {
      List<Message> lines = order.walk(i, design, false, Optional.empty());
      last.put(key(order.steps().get(i).act()), lines.get(lines.size() - 1).key());
    }
    assertEquals("act.wet", last.get("layer"));
    assertEquals("act.wet", last.get("flap"));
    assertEquals("act.wet-last", last.get("strap"));
    assertEquals(2, last.values().stream().filter("act.wet"::equals).count());
  }

  /** Liquid or tape is for the maker to say, joint by joint. */
  @Test
  void ownAdhesive_isTaken_andOnlyForThatJoint() {
    Wish wish =
        new Wish(
            false,
            Own.NONE
                .with("leaf-1", Optional.of(Adhesive.TAPE))
                .with("insert-0", Optional.of(Adhesive.TAPE)));
    GluingOrder order = GluingOrder.of(design("stacked-pocket-folio"), wish);
    Map<String, Adhesive> with = new TreeMap<>();
    order.steps().forEach(step -> with.put(key(step.act()), step.choice().adhesive()));
    assertEquals(Adhesive.TAPE, with.get("leaf-1"));
    assertEquals(Adhesive.LIQUID, with.get("leaf-0"));
    // What slides freely takes none, whoever says so.
    assertEquals(Adhesive.NONE, with.get("insert-0"));
    assertEquals(
        Own.NONE, wish.own().with("leaf-1", Optional.empty()).with("insert-0", Optional.empty()));
  }

  /** What the pattern says of its glue is what is told. */
  @Test
  void whatAPatternSays_isUsed_andFoamIsForRaisedLayers() {
    GluingOrder order =
        GluingOrder.of(design("diagonal-pocket-quarter-fold"), new Wish(true, Own.NONE));
    assertEquals(
        List.of(Adhesive.FOAM, Adhesive.FOAM, Adhesive.TAPE, Adhesive.NONE, Adhesive.NONE),
        order.steps().stream().map(step -> step.choice().adhesive()).toList());
  }

  /**
   * Each of two sheets is glued onto the other: whichever goes first hides where the other goes.
   */
  @Test
  void whatMustComeBeforeItself_isTold() {
    String text =
        """
        format: cufflink-pattern/1
        id: two
        name: Two on each other
        parameters:
          width: {label: Width, default: 90 mm, role: finished-width}
          height: {label: Height, default: 60 mm, role: finished-height}
        pieces:
          base: {label: sheet, size: [width, height]}
          other: {label: other sheet, size: [width, height]}
        joins:
          first: {label: other sheet, piece: other, on: base, face: inside, area: [0 mm, 0 mm, width, height]}
          second: {label: sheet again, piece: base, on: other, face: outside, area: [0 mm, 0 mm, width, height]}
        """;
    Pattern pattern = PatternFile.read("two", text).pattern().orElseThrow();
    Derivation derivation = Derivation.of(pattern, Jobs.job("two", pattern.normalValues()));
    assertEquals(2, GluingOrder.ring(derivation.made().orElseThrow().design()).size());
    assertTrue(
        derivation.folded(() -> false).findings().stream()
            .anyMatch(it -> it.kind() == FindingKind.NO_ORDER));
  }
}

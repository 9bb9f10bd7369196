package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.cut.Part;
import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Fixing;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.decor.Topper.Start;
import cufflink.core.decor.Topper.Stock;
import cufflink.core.decor.Treatment;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.job.AtHand;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.make.School;
import cufflink.core.make.Task;
import cufflink.core.make.Work;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.Sundries;
import cufflink.core.run.Moves;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.project.ProjectFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is put on some cards of a batch only, counted card by card. */
class SomeCardsTest {
  private static Length mm(double millimetres) {
    return Length.fromMillimetres(millimetres);
  }

  private static Topper label(int number, String on, Adhesive with, double left, int cards) {
    return new Topper(
            "own" + number,
            "label " + number,
            "Tide " + number,
            Shape.RECTANGLE,
            Stock.WHITE,
            on,
            Face.OUTSIDE,
            new Fixing(with, false, false),
            new Start(mm(34 - 12 * number), mm(34 - 12 * number), mm(left), mm(left)))
        .onCards(cards);
  }

  private static Job job(int copies, boolean trial, int kits, List<Topper> toppers) {
    Order order = Order.ONE.withCopies(copies).withTrialFirst(trial).withKits(kits);
    Job gate = Jobs.gate();
    return gate.withOrder(order.withToppers(toppers));
  }

  /**
   * Cards are taken one after another, the trial card first and those that stay kits last: a card
   * has the label if it is one of the first so many, and its own label has one as well.
   */
  @ParameterizedTest
  @CsvSource({
    "6, false, 0, 2, 0", "6, true, 0, 2, 0", "6, true, 0, 1, 0", "6, false, 5, 3, 0",
    "6, true, 2, 5, 2", "4, false, 4, 2, 1", "1, true, 0, 3, 0", "5, true, 0, 5, 4",
    "6, false, 0, 0, 4", "6, false, 0, 2, 4"
  })
  void eachCard_hasWhatIsOnTheFirstSoMany(
      int copies, boolean trial, int kits, int cards, int cardsOnIt) {
    List<Topper> toppers =
        List.of(
            label(1, "base", Adhesive.LIQUID, 20, cards),
            label(2, "own1", Adhesive.LIQUID, 4, cardsOnIt));
    Job job = job(copies, trial, kits, toppers);
    int[] needed = new int[3];
    int[] glued = new int[3];
    for (int card = 1; card <= copies; card++) {
      boolean first = cards == 0 || card <= cards;
      boolean second = first && (cardsOnIt == 0 || card <= cardsOnIt);
      boolean isKit = card > copies - kits;
      needed[1] += first ? 1 : 0;
      needed[2] += second ? 1 : 0;
      glued[1] += first && !isKit ? 1 : 0;
      glued[2] += second && !isKit ? 1 : 0;
    }
    Derivation derivation = Jobs.derive(job);
    Design design = derivation.made().orElseThrow().design();
    var plans = Jobs.plans(derivation);
    Map<String, Integer> cut =
        plans.stream()
            .flatMap(plan -> plan.question().parts().stream())
            .collect(Collectors.toMap(Part::id, Part::count, Integer::sum));
    List<Task> tasks = Work.of(Work.Asked.of(design, job, plans, School.BY_TOOL)).tasks();
    for (int number = 1; number <= 2; number++) {
      String id = "own" + number;
      assertEquals(needed[number], cut.get(id), "cut");
      assertEquals(needed[number], times(tasks, Task.Phase.TREAT, id), "written on");
      // One cut out of several is the first, and the others are told together.
      assertEquals(glued[number], times(tasks, Task.Phase.ASSEMBLE, id), "glued on");
    }
    assertEquals(copies, cut.get("base"));
  }

  private static int times(List<Task> tasks, Task.Phase phase, String piece) {
    return tasks.stream()
        .filter(task -> task.phase() == phase && task.piece().equals(piece))
        .mapToInt(Task::count)
        .sum();
  }

  /** What is 20 wide takes a pad at each corner; what no pad is smaller than, takes one. */
  @Test
  void pads_areCountedForTheCardsThatHaveIt() {
    for (int cards = 0; cards <= 6; cards++) {
      int with = cards == 0 ? 6 : cards;
      Topper wide = label(1, "base", Adhesive.FOAM, 20, cards);
      Topper small = label(2, "base", Adhesive.FOAM, 45, cards);
      assertEquals(4 * with, pads(job(6, false, 0, List.of(wide))));
      assertEquals(with, pads(job(6, false, 0, List.of(small))));
      assertEquals(6L * 5, pads(job(6, false, 0, List.of(wide.onCards(0), small.onCards(0)))));
    }
    assertEquals(0, pads(job(6, false, 0, List.of())));
  }

  private static long pads(Job job) {
    Design design = Jobs.derive(job).made().orElseThrow().design();
    return AtHand.of(
            design, Moves.of(design, job.habit(), job.order().copies()), job.order(), job.marks())
        .used()
        .of(Sundries.Kind.of(Sundries.Material.PADS));
  }

  /** Fewer cards than it was meant for all have it, and nothing is said of some. */
  @Test
  void fewerCards_allHaveIt() {
    Topper label = label(1, "base", Adhesive.LIQUID, 20, 4);
    for (int copies : new int[] {5, 4, 3}) {
      Job job = job(copies, false, 0, List.of(label));
      Design design = Jobs.derive(job).made().orElseThrow().design();
      Piece piece = design.piece("own1").orElseThrow();
      assertEquals(Math.min(4, copies), piece.total(copies));
      boolean isTold =
          Work.of(Work.Asked.of(design, job, List.of(), School.BY_PIECE)).tasks().stream()
              .anyMatch(task -> task.words().say(Spoken.ENGLISH).contains("Only 4 cards have it."));
      assertEquals(copies == 5, isTold, copies + " copies");
    }
  }

  @Test
  void projectFile_keepsOnHowMany() {
    Job job = job(6, false, 0, List.of(label(1, "base", Adhesive.LIQUID, 20, 2)));
    String text = ProjectFormat.write(job);
    assertEquals(2, read(text).order().toppers().get(0).cards());
    for (String bad : List.of("-1", "10000", "\"two\"", "1.5")) {
      String said =
          ProjectFormat.read("card", text.replace("\"cards\" : 2", "\"cards\" : " + bad))
              .problem()
              .say(Spoken.ENGLISH);
      assertTrue(said.startsWith("card: piece 1 of your own has the cards “"), said);
    }
  }

  private static Job read(String text) {
    return ProjectFormat.read("card", text).value().orElseThrow();
  }

  /** A card that has its only place to write on one of several is not told to have one. */
  @Test
  void writingPlaceOnOneCard_isNoneOnTheOthers() {
    Topper panel =
        new Topper(
            "own1",
            "panel",
            "",
            Shape.RECTANGLE,
            Stock.WHITE,
            "base",
            Face.OUTSIDE,
            Fixing.FLAT,
            new Start(mm(60), mm(60), mm(8), mm(8)));
    for (int cards : new int[] {0, 1}) {
      Job dark = dark(job(3, false, 0, List.of(panel.onCards(cards))));
      assertEquals(cards == 1, found(dark).contains(FindingKind.NOWHERE_TO_WRITE));
    }
    assertTrue(found(dark(job(3, false, 0, List.of()))).contains(FindingKind.NOWHERE_TO_WRITE));
    // Where it covers a bright place on one card, the others still have that.
    assertFalse(
        found(job(3, false, 0, List.of(panel.onCards(1)))).contains(FindingKind.NOWHERE_TO_WRITE));
  }

  /** What comes through is hidden by a panel on all cards, and on one only on that. */
  @Test
  void panelOnOneCard_hidesNothingOnTheOthers() {
    Treatment marker = new Treatment(Treatment.Kind.EMBOSS, "base", Face.INSIDE);
    Job bare = job(3, false, 0, List.of());
    Job embossed = bare.withOrder(bare.order().withTreatments(List.of(marker)));
    Derivation derivation = Jobs.derive(embossed).folded(() -> false);
    Finding through =
        derivation.findings().stream()
            .filter(each -> each.kind() == FindingKind.SHOWS_THROUGH)
            .findFirst()
            .orElseThrow();
    List<Topper> panels = through.fix().orElseThrow().toppers();
    assertTrue(panels.stream().anyMatch(Topper::isFresh), panels::toString);
    Job cured = derivation.cured(through.fix().get(), "panel");
    assertFalse(found(cured).contains(FindingKind.SHOWS_THROUGH));
    List<Topper> once = cured.order().toppers().stream().map(each -> each.onCards(1)).toList();
    assertTrue(
        found(cured.withOrder(cured.order().withToppers(once)))
            .contains(FindingKind.SHOWS_THROUGH));
  }

  /** Where forty pieces lie already no cure offers another one, which could not be put on. */
  @Test
  void cure_offersNoPieceTooMany() {
    for (int many : new int[] {20, 40}) {
      List<Topper> labels =
          java.util.stream.IntStream.rangeClosed(1, many)
              .mapToObj(
                  number ->
                      new Topper(
                          "own" + number,
                          "dot " + number,
                          "",
                          Shape.CIRCLE,
                          Stock.WHITE,
                          "base",
                          Face.INSIDE,
                          Fixing.FLAT,
                          new Start(
                              mm(5),
                              mm(5),
                              mm(72 + 8 * (number % 10)),
                              mm(10 + 8 * (number / 10)))))
              .toList();
      Job bare = job(1, false, 0, labels);
      Job job =
          bare.withOrder(
              bare.order()
                  .withTreatments(
                      List.of(new Treatment(Treatment.Kind.EMBOSS, "base", Face.INSIDE))));
      boolean offers =
          Jobs.derive(job).folded(() -> false).findings().stream()
              .filter(each -> each.kind() == FindingKind.SHOWS_THROUGH)
              .flatMap(each -> each.fix().stream())
              .anyMatch(fix -> fix.toppers().stream().anyMatch(Topper::isFresh));
      assertEquals(many == 20, offers, many + " pieces");
    }
  }

  private static Job dark(Job job) {
    return job.withPapers(TopperTest.darkPapers());
  }

  private static Set<FindingKind> found(Job job) {
    return Jobs.derive(job).folded(() -> false).findings().stream()
        .map(each -> each.kind())
        .collect(Collectors.toSet());
  }
}

package cufflink.files.hands;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.Watch;
import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.flat.CutAway;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.log.Done;
import cufflink.core.make.Adapted;
import cufflink.core.make.AtTable;
import cufflink.core.make.Round;
import cufflink.core.make.School;
import cufflink.core.make.Task;
import cufflink.core.make.Times;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * A run worked at a table: whatever is spoilt, taken back or changed, there is always a piece to do
 * the next thing to, and in the end as many as were ordered, each with all that is done to it.
 */
class TableTest {
  private static final Map<PaperPlan.Question, List<PaperPlan>> PLANS = new HashMap<>();

  private static final AtTable.Planner PLANNER =
      new AtTable.Planner() {
        @Override
        public Optional<List<PaperPlan>> plans(PaperPlan.Question question) {
          return Optional.of(again(question));
        }

        @Override
        public List<PaperPlan> again(PaperPlan.Question question) {
          return PLANS.computeIfAbsent(question, it -> PaperPlan.of(it, Watch.NOBODY));
        }
      };

  private final List<Done> done = new ArrayList<>();
  private final Pile pile = new Pile();

  static Stream<String> ids() {
    return PatternLibrary.shipped().patterns().stream().map(Pattern::id);
  }

  private static Job job(String id, int copies, boolean trial) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    Job job = Jobs.job(id, pattern.normalValues()).withId("job");
    return job.withOrder(job.order().withCopies(copies).withTrialFirst(trial));
  }

  private static final Map<Job, Design> DESIGNS = new HashMap<>();

  private AtTable at(Job job) {
    Design design =
        DESIGNS.computeIfAbsent(job, it -> Jobs.derive(it).made().orElseThrow().design());
    PaperPlan.Supplies supplies =
        new PaperPlan.Supplies(
            Drawer.EMPTY, StandardSizes.usualSheet(job.marks()), StandardSizes.sheets());
    PaperPlan.Question cutting = PaperPlan.Question.of(design, job, supplies);
    School school = job.order().copies() > 1 ? School.BY_TOOL : School.BY_PIECE;
    return AtTable.of(new AtTable.Asked(job, cutting, false, done, school, Times.USUAL), PLANNER)
        .orElseThrow();
  }

  private void press(AtTable at, int copies) {
    Task task = at.task().orElseThrow();
    done.addAll(at.make(copies, task.words().say(ObedienceTest.METRIC), Instant.EPOCH));
    pile.press(task, copies, at.design().piece(task.piece()).orElse(null));
  }

  private static List<Piece> ofPaper(Design design) {
    return design.pieces().stream().filter(it -> it.paper() != PaperKind.RIBBON).toList();
  }

  private void layOutWhatIsLeft(Design design, int copies) {
    for (Piece piece : ofPaper(design)) {
      if (CutAway.serves(design, piece)) {
        pile.put(piece.id(), piece.count() * copies);
      }
    }
  }

  @ParameterizedTest
  @MethodSource("ids")
  void spoiltAgainAndAgain_allCopiesAreMade(String id) {
    Random random = new Random(id.hashCode());
    for (int copies : new int[] {1, 3}) {
      assertEquals(List.of(), worked(id, copies, random), id + " " + copies);
    }
  }

  private static List<String> worked(String id, int copies, Random random) {
    Job job = job(id, copies, copies > 2 && random.nextBoolean());
    TableTest table = new TableTest();
    AtTable at = table.at(job);
    table.layOutWhatIsLeft(at.design(), copies);
    int spoils = 4;
    for (int i = 0; at.task().isPresent() && i < 10_000; i++) {
      Task task = at.task().get();
      int left = task.count() - at.progress().made(task);
      boolean handled = task.phase().compareTo(Task.Phase.LAYER) <= 0;
      List<Piece> there =
          at.progress().there(at.design()).stream()
              .filter(piece -> piece.paper() != PaperKind.RIBBON)
              .filter(piece -> !table.pile.heap(piece.id()).isEmpty())
              .toList();
      if (spoils > 0 && handled && !there.isEmpty() && random.nextInt(9) == 0) {
        // The one in hand more often than another.
        Piece other = there.get(random.nextInt(there.size()));
        Optional<Piece> own = at.design().piece(task.piece()).filter(there::contains);
        String spoilt = own.filter(it -> random.nextBoolean()).orElse(other).id();
        List<Done> said = at.spoil(spoilt, Instant.EPOCH);
        table.done.addAll(said);
        said.forEach(each -> table.pile.spoil(each.act().piece(), task));
        spoils--;
      } else {
        table.press(at, random.nextBoolean() ? 1 : left);
        if (task.id().startsWith("trial:inspect")) {
          table.pile.layAside(ofPaper(at.design()));
        }
      }
      at = table.at(job);
    }
    int aside = job.order().trialFirst() ? 1 : 0;
    for (Piece piece : ofPaper(at.design())) {
      table.pile.compare(piece.id(), piece.count() * (copies - aside), at.work().tasks());
    }
    return table.pile.faults();
  }

  /** What is taken back is asked for again, to the very beginning. */
  @Test
  void allTakenBack_isWhereItBegan() {
    Job job = job("off-centre-gate", 2, false);
    AtTable at = at(job);
    Task first = at.task().orElseThrow();
    for (int i = 0; i < 25; i++) {
      press(at, 1);
      at = at(job);
    }
    done.addAll(at.spoil("base", Instant.EPOCH));
    at = at(job);
    String again = at.task().orElseThrow().words().say(ObedienceTest.METRIC);
    assertTrue(again.startsWith("Lay ready"), again);
    for (int i = 0; i < 26; i++) {
      done.addAll(at.takeBack(Instant.EPOCH));
      at = at(job);
    }
    assertEquals(first, at.task().orElseThrow());
    assertEquals(List.of(), at.takeBack(Instant.EPOCH));
  }

  /** Back leads out of a round that was begun when the job changed, and on to the beginning. */
  @Test
  void takenBackOverAChange_isWhereItBegan() {
    Job job = Jobs.gate().withId("job");
    AtTable at = at(job);
    Task first = at.task().orElseThrow();
    press(at, 1);
    press(at(job), 1);
    Job changed = job.withValues(job.values().and("border", Length.ofMillimetres(10)));
    at = at(changed);
    Task next = at.task().orElseThrow();
    press(at, 1);
    press(at(changed), 1);
    for (int i = 0; i < 2; i++) {
      done.addAll(at(changed).takeBack(Instant.EPOCH));
    }
    assertEquals(next, at(changed).task().orElseThrow());
    for (int i = 0; i < 2; i++) {
      done.addAll(at(changed).takeBack(Instant.EPOCH));
    }
    assertEquals(List.of(), at(changed).takeBack(Instant.EPOCH));
    assertEquals(0, at(changed).round().number());
    assertEquals(first, at(job).task().orElseThrow());
  }

  /** What is cut together is spoilt together, and taken back together. */
  @Test
  void aPairThatIsSpoilt_isTakenBackAtOnce() {
    Job job = job("criss-cross-pocket", 1, false);
    AtTable at = at(job);
    while (at.task().orElseThrow().phase() != Task.Phase.LAYER
        && at.task().orElseThrow().phase() != Task.Phase.ASSEMBLE) {
      press(at, 1);
      at = at(job);
    }
    Task before = at.task().orElseThrow();
    List<Done> spoilt = at.spoil("base", Instant.EPOCH);
    assertEquals(2, spoilt.size());
    done.addAll(spoilt);
    at = at(job);
    assertEquals(Task.Phase.CUT, at.task().orElseThrow().phase());
    done.addAll(at.takeBack(Instant.EPOCH));
    assertEquals(before, at(job).task().orElseThrow());
  }

  /** What is cut stays cut: only what has another size is cut again, and that is told. */
  @Test
  void aJobChangedHalfWay_cutsOnlyWhatHasBecomeAnother() {
    Job job = Jobs.gate().withId("job").withOrder(Jobs.gate().order().withCopies(2));
    AtTable at = at(job);
    while (at.task().orElseThrow().phase() == Task.Phase.CUT) {
      press(at, 1);
      at = at(job);
    }
    press(at, 1);
    Map<Done.Cut, Integer> before = Round.cut(done);
    // The base stays 110 + 66 + 82 wide; the layers' borders become others.
    Job changed = job.withValues(job.values().and("border", Length.ofMillimetres(10)));
    at = at(changed);
    assertEquals(1, at.round().number());
    assertTrue(at.round().only().orElseThrow().keySet().stream().noneMatch("base"::equals));
    assertTrue(at.round().only().orElseThrow().size() > 1);
    String told = Round.otherwise(done, at.needed()).get(0).say(ObedienceTest.METRIC);
    assertTrue(told.contains("can be trimmed to"), told);
    int again = 0;
    while (at.task().orElseThrow().phase() == Task.Phase.CUT) {
      press(at, 1);
      // Left and come back to in the middle, it goes on where it was.
      at = at(changed);
      again++;
    }
    assertTrue(again > 1);
    assertEquals(1, done.stream().filter(it -> it.kind() == Done.Kind.BEGUN).count());
    Done.Cut base = new Done.Cut("base", Length.ofMillimetres(258), Length.ofMillimetres(150), 1);
    assertEquals(2, before.get(base));
    assertEquals(2, Round.cut(done).get(base));
    // Changed back, nothing need be cut: all of that lies there already.
    at = at(job);
    assertEquals(Map.of(), at.round().only().orElse(Map.of("all", 1)));
    // A third card needs one more of everything.
    Job three = job.withOrder(job.order().withCopies(3));
    assertEquals(1, at(three).round().only().orElseThrow().get("base"));
    assertTrue(at(three).task().orElseThrow().phase() == Task.Phase.CUT);
  }

  /** What was measured lies there; what follows it is cut to it, and what was cut is told. */
  @Test
  void aPieceThatIsMeasured_isNotCutAgain_andBackForgetsIt() {
    Job job = Jobs.gate().withId("job");
    AtTable at = at(job);
    while (at.task().orElseThrow().phase() == Task.Phase.CUT) {
      press(at, 1);
      at = at(job);
    }
    Length width = Length.ofMillimetres(256);
    done.addAll(
        at.measure(new Adapted.Measured("base", width, Length.ofMillimetres(150)), Instant.EPOCH));
    Job fits = job.withValues(job.values().and("width", Length.ofMillimetres(108)));
    assertEquals(width, at(fits).design().base().width());
    Map<String, Integer> only = at(fits).round().only().orElseThrow();
    assertTrue(!only.containsKey("base") && !only.isEmpty(), only.toString());
    // It would have to be cut as planned, were it not measured.
    done.addAll(at(fits).takeBack(Instant.EPOCH));
    assertTrue(at(fits).round().only().orElseThrow().containsKey("base"));
    assertEquals(0, at(job).round().number());
  }

  /** Forty are cut and scored, two put together; months later the others go on from there. */
  @Test
  void kitsAhead_arePutTogetherAnotherDay() {
    Job job = job("slim-tent", 5, false);
    Job kits = job.withOrder(job.order().withKits(3));
    AtTable at = at(kits);
    while (at.task().isPresent()) {
      Task task = at.task().get();
      assertTrue(task.phase().compareTo(Task.Phase.LAYER) < 0 || task.count() == 2, task.id());
      press(at, task.count() - at.progress().made(task));
      at = at(kits);
    }
    assertEquals(5, pile.heap("base").size());
    assertEquals(2, pile.heap("base").stream().filter(it -> it.contains("layer base 1")).count());
    at = at(job);
    assertEquals(Task.Phase.LAYER, at.task().orElseThrow().phase());
    assertEquals(2, at.progress().made(at.task().orElseThrow()));
    while (at.task().isPresent()) {
      press(at, 1);
      at = at(job);
    }
    pile.compare("base", 5, at.work().tasks());
    assertEquals(List.of(), pile.faults());
    // None put together at all.
    AtTable none = at(job.withOrder(job.order().withKits(5)));
    assertTrue(
        none.work().tasks().stream().allMatch(it -> it.phase().compareTo(Task.Phase.LAYER) < 0));
  }

  /** A score that was made before the change stands beside what is to be done now. */
  @Test
  void aScoreMadeBeforeTheChange_isTold() {
    Job job = Jobs.gate().withId("job");
    AtTable at = at(job);
    while (at.task().orElseThrow().phase() != Task.Phase.SECOND_CUT
        && at.task().orElseThrow().phase() != Task.Phase.CREASE) {
      press(at, 1);
      at = at(job);
    }
    Job changed =
        job.withValues(
            job.values()
                .and("left", Length.ofMillimetres(70))
                .and("right", Length.ofMillimetres(78)));
    at = at(changed);
    // It is as wide as before, and not cut again.
    assertTrue(at.round().number() == 0 || !at.round().only().orElseThrow().containsKey("base"));
    while (at.task().orElseThrow().number().isEmpty()
        || at.task().orElseThrow().phase() != Task.Phase.SCORE) {
      press(at, 1);
      at = at(changed);
    }
    String said = at.progress().before(at.task().orElseThrow()).orElseThrow().act().said();
    assertTrue(said.startsWith("Score at "), said);
    assertTrue(!said.equals(at.task().orElseThrow().words().say(ObedienceTest.METRIC)));
  }

  /** What was glued wet dries ten minutes before the card is folded. */
  @Test
  void wetGlue_isWaitedForBeforeTheCardIsHandled() {
    Job job = job("centre-step", 1, false);
    AtTable at = at(job);
    while (at.task().orElseThrow().phase() != Task.Phase.FOLD) {
      assertEquals(Optional.empty(), at.dries(Instant.EPOCH));
      press(at, 1);
      at = at(job);
    }
    assertEquals(Optional.of(Instant.EPOCH.plusSeconds(600)), at.dries(Instant.EPOCH));
    assertEquals(Optional.empty(), at.dries(Instant.EPOCH.plusSeconds(600)));
  }

  @Test
  void begunAnew_nothingIsDone_andTheNextRunIsTheFirst() {
    Job job = job("slim-tent", 1, false);
    AtTable at = at(job);
    Task first = at.task().orElseThrow();
    while (at.task().isPresent()) {
      press(at, 1);
      at = at(job);
    }
    assertEquals(List.of(), at.make(1, "", Instant.EPOCH));
    assertEquals(List.of(), at.spoil("tent", Instant.EPOCH));
    done.addAll(at.beginAnew(Instant.EPOCH));
    assertEquals(first, at(job).task().orElseThrow());
  }
}

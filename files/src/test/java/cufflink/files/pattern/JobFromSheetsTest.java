package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.cut.CutPlan;
import cufflink.core.design.Design;
import cufflink.core.fit.Fit;
import cufflink.core.fit.Fitter;
import cufflink.core.fit.Fitter.Manner;
import cufflink.core.fit.Goal;
import cufflink.core.fit.NearMiss;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Unit;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import cufflink.files.size.StandardSizes;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A job from sheets: all that some cards need of the cardstock comes from so many of them. */
class JobFromSheetsTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  private static Pattern pattern(String id) {
    return LIBRARY.pattern(id).orElseThrow();
  }

  private static Sheet sheet(String id) {
    return StandardSizes.sheet(id).orElseThrow();
  }

  private static Length inches(String text) {
    return LengthParser.parse(text, Unit.INCH).orElseThrow();
  }

  private static Design design(Pattern pattern, Values values) {
    return PatternEvaluator.evaluate(pattern, values).design().orElseThrow();
  }

  /** Common practice, no source: six wallet panels from a Letter, the album from one square. */
  @ParameterizedTest
  @CsvSource({
    "ribbon-hinge-wallet, letter, 3, 4 1/4, 3 1/4",
    "concertina-album, square-12, 1, 4, 4"
  })
  void job_ofTheTrade_comesFromOneSheet(
      String id, String sheet, int cards, String width, String height) {
    Pattern pattern = pattern(id);
    Values values =
        pattern.normalValues().and("width", inches(width)).and("height", inches(height));
    Values larger = values.and("width", inches(width).plus(inches("1/4")));
    Goal.FromSheet goal = new Goal.FromSheet(sheet(sheet), 1, cards);
    assertTrue(goal.reason(design(pattern, values)).isEmpty());
    Values grown = id.equals("concertina-album") ? larger.and("height", inches("4 1/4")) : larger;
    assertTrue(goal.reason(design(pattern, grown)).isPresent());
  }

  /** What is found is cut by the planner from just so many sheets, and one mark more is not. */
  @ParameterizedTest
  @CsvSource({
    "handled-purse, a4, 1, 1",
    "handled-purse, a3, 1, 2",
    "criss-cross-pocket, letter, 1, 1",
    "ribbon-hinge-wallet, a4, 1, 3",
    "off-centre-gate, a4, 2, 4",
    "slim-tent, a4, 1, 6"
  })
  void fit_ofAJob_isCutFromItsSheets(String id, String name, int sheets, int cards) {
    Pattern pattern = pattern(id);
    Manner manner = new Manner(Marks.MILLIMETRES, true, Set.of());
    Goal.FromSheet goal = new Goal.FromSheet(sheet(name), sheets, cards);
    Fit fit = Fitter.fit(pattern, pattern.normalValues(), goal, manner);
    Values values = pattern.normalValues().and(fit.values().orElseThrow());
    Job job = Jobs.job(id, values);
    Job cut =
        job.withCutting(job.cutting().withSheet(PaperRole.CARDSTOCK, sheet(name)))
            .withOrder(job.order().withCopies(cards));
    CutPlan plan = cardPlan(cut);
    assertEquals(java.util.List.of(), plan.problems());
    assertTrue(plan.newSheets() <= sheets, () -> "takes " + plan.newSheets());
  }

  @Test
  void near_aLittleSmaller_savesSheets() {
    Pattern pattern = pattern("ridge-pocket-holder");
    Values values = pattern.normalValues();
    Manner manner = new Manner(Marks.MILLIMETRES, true, Set.of());
    NearMiss near = NearMiss.of(pattern, values, manner, sheet("a4"), 12).orElseThrow();
    assertEquals(12, near.now());
    assertEquals(6, near.then());
    Design smaller = near.design();
    // Two side by side: twice its width goes across an A4 sheet (ISO 216, 210 mm).
    assertTrue(smaller.base().width().times(2).compareTo(Length.ofMillimetres(210)) <= 0);
    assertTrue(NearMiss.of(pattern, near.values(), manner, sheet("a4"), 1).isEmpty(), "one is one");
  }

  /**
   * What is offered is what the maker gets: with their own papers, whose thickness goes into the
   * allowances, the smaller card is cut by the planner from as many sheets as was said.
   */
  @Test
  void near_withOwnPapers_isCutFromAsManySheetsAsSaid() {
    Paper thick = Paper.CARD.ofCaliper(Length.fromMillimetres(0.7));
    int offered = 0;
    for (Pattern pattern : LIBRARY.patterns()) {
      for (int copies : java.util.List.of(6, 12)) {
        Job job =
            Jobs.job(pattern.id(), pattern.normalValues())
                .withPapers(new Papers(thick, Paper.PATTERNED));
        Manner manner = new Manner(Marks.MILLIMETRES, true, Set.of());
        var near = NearMiss.of(pattern, job.onBench(), manner, sheet("a4"), copies);
        if (near.isPresent() && copies <= 12) {
          offered++;
          Job smaller =
              job.withValues(near.get().values())
                  .withOrder(job.order().withCopies(copies))
                  .withCutting(job.cutting().withSheet(PaperRole.CARDSTOCK, sheet("a4")));
          CutPlan plan = cardPlan(smaller);
          assertTrue(
              plan.newSheets() <= near.get().then(),
              pattern.id() + copies + " takes " + plan.newSheets() + ", said " + near.get().then());
          assertTrue(near.get().then() < near.get().now());
        }
      }
    }
    assertTrue(offered >= 3, "too few offers to mean anything: " + offered);
  }

  /**
   * A Letter and an A5 together: what is found is larger than from the Letter alone, is cut from
   * just these two, and one mark more is not.
   */
  @ParameterizedTest
  @ValueSource(strings = {"ribbon-hinge-wallet", "slim-tent", "banded-half-fold", "two-way-flap"})
  void fit_ofAJobFromMixedSheets_isCutFromThem(String id) {
    Pattern pattern = pattern(id);
    Manner manner = new Manner(Marks.MILLIMETRES, true, Set.of());
    Goal.FromSheet alone = new Goal.FromSheet(sheet("letter"), 1, 3);
    Goal.FromSheet mixed =
        new Goal.FromSheet(sheet("letter"), 1, 3, java.util.List.of(sheet("a5")));
    Values less = Fitter.fit(pattern, pattern.normalValues(), alone, manner).values().orElseThrow();
    Fit fit = Fitter.fit(pattern, pattern.normalValues(), mixed, manner);
    Values values = pattern.normalValues().and(fit.values().orElseThrow());
    Length width = values.length("width").orElseThrow();
    assertTrue(width.compareTo(less.length("width").orElseThrow()) >= 0, id + " " + width);
    Job job = Jobs.job(id, values).withGoal(mixed);
    Job cut =
        job.withCutting(job.cutting().withSheet(PaperRole.CARDSTOCK, sheet("letter")))
            .withOrder(job.order().withCopies(3));
    CutPlan plan = cardPlan(cut);
    assertEquals(java.util.List.of(), plan.problems());
    assertTrue(plan.newSheets() <= 1, id + " takes " + plan.newSheets() + " Letters");
  }

  private static CutPlan cardPlan(Job job) {
    return Jobs.plans(Jobs.derive(job)).stream()
        .filter(each -> each.role().equals(PaperRole.CARDSTOCK))
        .map(PaperPlan::plan)
        .findFirst()
        .orElseThrow();
  }
}

package cufflink.files.fuzz;

import cufflink.core.card.FoldModel;
import cufflink.core.cut.TrimStep;
import cufflink.core.cut.Trimmer;
import cufflink.core.cut.Watch;
import cufflink.core.finding.Finding;
import cufflink.core.fit.Fit;
import cufflink.core.fit.Fitter;
import cufflink.core.fit.Goal;
import cufflink.core.fit.Relayer;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Cutting;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.job.PaperPlan;
import cufflink.core.job.Tools;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.run.Directions;
import cufflink.core.run.Moves;
import cufflink.core.run.ScoreJob;
import cufflink.core.value.Values;
import cufflink.core.words.Language;
import cufflink.files.export.PlanJson;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A job as a maker might ask for it, sensible or not, taken through everything that is computed and
 * said of it.
 *
 * @param pattern the construction's id
 * @param set the values that are set, the rest being as the pattern has them
 * @param goal what it is scaled to
 * @param manner marks, proportions and what goes with it
 * @param cutting how it is cut
 */
record Trial(String pattern, Values set, Goal goal, Way manner, Cut cutting) {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  /** Findings that say that the paper cannot do what a construction asks of it. */
  private static final Set<String> IMPOSSIBLE =
      Set.of("layers-clash", "does-not-close", "stage-stuck", "stage-loose", "crease-missing");

  /** How it is scaled and what goes with it. */
  record Way(
      Marks marks,
      boolean keepsProportions,
      Set<String> extras,
      boolean raised,
      Optional<HeldItem> item) {}

  /** How many copies are cut from which sheet with which trimmer. */
  record Cut(int copies, Sheet sheet, Trimmer trimmer) {}

  /** Does it all; what is wrong with what came of it is told, empty if nothing is. */
  List<String> faults() {
    Pattern construction = LIBRARY.pattern(pattern, manner.extras()).orElseThrow();
    Values values =
        Relayer.relay(
            construction,
            construction.normalValues().and(set),
            Rulers.one(manner.marks()),
            set.settings().keySet());
    Fit fit =
        Fitter.fit(
            construction,
            values,
            goal,
            new Fitter.Manner(manner.marks(), manner.keepsProportions(), set.settings().keySet()));
    LengthFormat format = LengthFormat.of(manner.marks(), Fractions.TYPESET, Language.ENGLISH);
    fit.told().say(format);
    if (fit.values().isEmpty()) {
      return List.of();
    }
    Job job = job(construction, fit.values().get());
    Derivation derivation = Derivation.of(construction, job);
    derivation.findings().forEach(finding -> finding.sentence().say(format));
    new PlanJson(format).plan(derivation, "");
    List<String> faults = new ArrayList<>();
    derivation
        .made()
        .ifPresent(
            made -> {
              speak(made, job, format);
              boolean works = PatternEvaluator.evaluate(construction, job.onBench()).works();
              fold(derivation, made, format, works, faults);
              cut(made, job, format, faults);
            });
    return faults;
  }

  private Job job(Pattern construction, Values values) {
    Marks board = manner.marks().inInches() ? Marks.EIGHTHS : Marks.FIVE_MILLIMETRES;
    return Job.begun(
            "trial", Edition.atHand(construction.id()), values, Tools.usual(manner.marks()))
        .withGoal(goal)
        .withProportionsKept(manner.keepsProportions())
        .withItem(manner.item())
        .withOrder(new Order(cutting.copies(), false, manner.extras(), manner.raised(), 0))
        .withCutting(
            Cutting.USUAL
                .withTrimmer(cutting.trimmer())
                .withSheet(PaperRole.CARDSTOCK, cutting.sheet()));
  }

  private static void speak(Derivation.Made made, Job job, LengthFormat format) {
    ScoreJob.of(made.scoring(), job.order().copies()).batches().stream()
        .flatMap(batch -> batch.items().stream())
        .forEach(item -> new Directions(job.habit()).lay(item).say(format));
    Moves.of(made.design(), job.habit(), job.order().copies())
        .forEach(move -> move.words().say(format));
  }

  private static void fold(
      Derivation derivation,
      Derivation.Made made,
      LengthFormat format,
      boolean works,
      List<String> faults) {
    FoldModel model = made.card().whole();
    FoldReport report =
        FoldReport.of(made.design(), model, derivation.job().materials(), () -> false);
    List<Finding> findings = new ArrayList<>(derivation.findings());
    findings.addAll(report.findings());
    // Glue across a fold, or paper in two pieces, is an error of its own that may well hold it
    // fast.
    boolean sound =
        works && findings.stream().filter(Finding::isError).allMatch(Trial::isImpossible);
    for (Finding finding : findings) {
      String said = finding.sentence().say(format);
      if (sound && isImpossible(finding)) {
        faults.add(finding.kind().id() + ": " + said);
      }
    }
  }

  private static boolean isImpossible(Finding finding) {
    return IMPOSSIBLE.contains(finding.kind().id()) || finding.kind().id().startsWith("vertex-");
  }

  private void cut(Derivation.Made made, Job job, LengthFormat format, List<String> faults) {
    PaperPlan.Supplies supplies =
        new PaperPlan.Supplies(
            cufflink.core.cut.Drawer.EMPTY,
            StandardSizes.usualSheet(job.marks()),
            StandardSizes.sheets());
    for (PaperPlan plan :
        PaperPlan.of(PaperPlan.Question.of(made.design(), job, supplies), Watch.NOBODY)) {
      plan.plan().problems().forEach(problem -> problem.say(format));
      for (TrimStep step : plan.run().steps()) {
        if (step.cut().compareTo(cutting.trimmer().longestCut()) > 0) {
          faults.add("a cut of " + step.cut() + " on " + cutting.trimmer());
        }
      }
    }
  }
}

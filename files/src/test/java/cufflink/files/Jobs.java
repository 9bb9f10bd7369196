package cufflink.files;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.Watch;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.job.Tools;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import java.util.List;

/** Jobs for tests. */
public final class Jobs {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  private Jobs() {}

  /** Returns a gate 110 × 150 with flaps of 66 and 82. */
  public static Job gate() {
    Values values =
        Values.NONE
            .and("width", Length.ofMillimetres(110))
            .and("height", Length.ofMillimetres(150))
            .and("left", Length.ofMillimetres(66))
            .and("right", Length.ofMillimetres(82))
            .and("top", new Setting.OfChoice("left"))
            .and("border", Length.ofMillimetres(6))
            .and("split", new Setting.OfChoice("whole"))
            .and("foot", Length.ofMillimetres(40));
    return job("off-centre-gate", values);
  }

  /** Returns a job with values of its own. */
  public static Job job(String pattern, Values values) {
    return Job.begun("Trial", Edition.atHand(pattern), values, Tools.usual(Marks.MILLIMETRES));
  }

  /** Returns what follows from a job. */
  public static Derivation derive(Job job) {
    return Derivation.of(LIBRARY.pattern(job).orElseThrow(), job);
  }

  /** Returns how a job's papers are cut from A4 with an empty drawer. */
  public static List<PaperPlan> plans(Derivation derivation) {
    PaperPlan.Supplies supplies =
        new PaperPlan.Supplies(
            Drawer.EMPTY,
            StandardSizes.usualSheet(derivation.job().marks()),
            StandardSizes.sheets());
    return derivation
        .made()
        .map(
            made ->
                PaperPlan.of(
                    PaperPlan.Question.of(made.design(), derivation.job(), supplies), Watch.NOBODY))
        .orElse(List.of());
  }
}

package cufflink.desktop.work;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Watch;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.desktop.wait.Asking;
import cufflink.desktop.wait.Latest;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Plans the cutting of what lies on the table. A plan that takes long can be ended early. */
public final class Cutter {
  private final Latest<PaperPlan.Question, List<PaperPlan>> planner =
      new Latest<>("cut plans", Cutter::plan);
  private final ReadOnlyObjectWrapper<List<PaperPlan>> plans =
      new ReadOnlyObjectWrapper<>(List.of());

  Cutter() {
    planner
        .answered()
        .addListener((property, before, now) -> now.ifPresent(each -> plans.set(each.answer())));
  }

  /**
   * Returns how each paper is cut.
   *
   * @return the plans made last; empty before the first
   */
  public ReadOnlyObjectProperty<List<PaperPlan>> plans() {
    return plans.getReadOnlyProperty();
  }

  /**
   * Returns what makes the plans.
   *
   * @return the planner, with what it has found so far
   */
  public Latest<PaperPlan.Question, List<PaperPlan>> planner() {
    return planner;
  }

  /**
   * Asks for the plans of a job; nothing happens if they are there or under way.
   *
   * @param derivation what follows from the job
   * @param drawer the maker's sheets and off-cuts
   */
  public void ask(Derivation derivation, Drawer drawer) {
    question(derivation, drawer).ifPresent(planner::ask);
  }

  private static Optional<PaperPlan.Question> question(Derivation derivation, Drawer drawer) {
    Job job = derivation.job();
    PaperPlan.Supplies supplies =
        new PaperPlan.Supplies(
            drawer, StandardSizes.usualSheet(job.marks()), StandardSizes.sheets());
    return derivation.made().map(made -> PaperPlan.Question.of(made.design(), job, supplies));
  }

  private static List<PaperPlan> plan(PaperPlan.Question question, Asking asking) {
    Watch watch =
        new Watch() {
          @Override
          public boolean stops() {
            return asking.stops();
          }

          @Override
          public void found(CutPlan best) {
            asking.tell(Words.say("trim.best", best.newSheets()));
          }
        };
    return PaperPlan.of(question, watch);
  }

  /**
   * Plans the cutting of a job on the thread of whoever asks.
   *
   * @param derivation what follows from the job
   * @param drawer the maker's sheets and off-cuts
   * @return how each paper is cut
   */
  public static List<PaperPlan> plans(Derivation derivation, Drawer drawer) {
    return question(derivation, drawer)
        .map(question -> PaperPlan.of(question, Watch.NOBODY))
        .orElse(List.of());
  }
}

package cufflink.desktop.work;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Watch;
import cufflink.core.job.Cutting;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Sheet;
import cufflink.core.words.Words;
import cufflink.files.size.StandardSizes;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/**
 * Plans the cutting beside the window's own thread. Only the last question is answered; a plan that
 * takes long can be stopped, and then the best so far stands.
 */
public final class Cutter {
  private static final ExecutorService PLANNER =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "cutter");
            thread.setDaemon(true);
            return thread;
          });

  private final ReadOnlyObjectWrapper<List<PaperPlan>> plans =
      new ReadOnlyObjectWrapper<>(List.of());
  private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper(false);
  private final ReadOnlyStringWrapper best = new ReadOnlyStringWrapper("");
  private Optional<Asked> last = Optional.empty();
  private Task task = new Task();

  /** All that a plan depends on. */
  private record Asked(
      cufflink.core.design.Design design,
      Order order,
      Papers papers,
      Cutting cutting,
      Marks marks,
      Optional<Sheet> fromGoal,
      Drawer drawer) {}

  /** Watches one search, from whichever thread. */
  private final class Task implements Watch {
    private volatile boolean stopped;
    private volatile boolean outdated;

    @Override
    public boolean stops() {
      return stopped || outdated;
    }

    @Override
    public void found(CutPlan found) {
      Platform.runLater(
          () -> {
            if (!outdated) {
              best.set(Words.say("trim.best", found.newSheets()));
            }
          });
    }
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
   * Returns whether a plan is being made.
   *
   * @return true while one is
   */
  public ReadOnlyBooleanProperty busy() {
    return busy.getReadOnlyProperty();
  }

  /**
   * Returns how good the best plan so far is.
   *
   * @return a sentence
   */
  public ReadOnlyStringProperty best() {
    return best.getReadOnlyProperty();
  }

  /** Ends the search; the best plan so far is taken. */
  public void stop() {
    task.stopped = true;
  }

  /**
   * Asks for the plans of a job; nothing happens if they are there or under way.
   *
   * @param derivation what follows from the job
   * @param drawer the maker's sheets and off-cuts
   */
  public void ask(Derivation derivation, Drawer drawer) {
    if (derivation.made().isEmpty()) {
      return;
    }
    Job job = derivation.job();
    Asked asked =
        new Asked(
            derivation.made().get().design(),
            job.order(),
            job.papers(),
            job.cutting(),
            job.marks(),
            Optional.of(
                PaperPlan.sheet(
                    job,
                    cufflink.core.design.PaperKind.CARDSTOCK,
                    StandardSizes.usualSheet(job.marks()))),
            drawer);
    if (last.filter(asked::equals).isPresent()) {
      return;
    }
    last = Optional.of(asked);
    task.outdated = true;
    Task now = new Task();
    task = now;
    busy.set(true);
    best.set(Words.say("trim.busy"));
    PaperPlan.Supplies supplies =
        new PaperPlan.Supplies(
            drawer, StandardSizes.usualSheet(job.marks()), StandardSizes.sheets());
    PLANNER.execute(() -> plan(asked, job, supplies, now));
  }

  private void plan(Asked asked, Job job, PaperPlan.Supplies supplies, Task now) {
    if (now.outdated) {
      return;
    }
    List<PaperPlan> made = PaperPlan.of(asked.design(), job, supplies, now);
    Platform.runLater(
        () -> {
          if (!now.outdated) {
            busy.set(false);
            plans.set(made);
          }
        });
  }

  /**
   * Plans the cutting of a job on the thread of whoever asks.
   *
   * @param derivation what follows from the job
   * @param drawer the maker's sheets and off-cuts
   * @return how each paper is cut
   */
  public static List<PaperPlan> plans(Derivation derivation, Drawer drawer) {
    Job job = derivation.job();
    PaperPlan.Supplies supplies =
        new PaperPlan.Supplies(
            drawer, StandardSizes.usualSheet(job.marks()), StandardSizes.sheets());
    return derivation
        .made()
        .map(made -> PaperPlan.of(made.design(), job, supplies, Watch.NOBODY))
        .orElse(List.of());
  }
}

package cufflink.core.make;

import cufflink.core.card.StageOrder;
import cufflink.core.decor.Treated;
import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.design.Stage;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.job.PaperPlan;
import cufflink.core.make.Task.Phase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A whole job as one run of tasks.
 *
 * @param tasks the tasks in their order
 */
public record Work(List<Task> tasks) {
  private static final double MINUTE = 60;

  /** Begins the ids of cuts that are made in place of spoilt pieces. */
  static final String AGAIN = "again";

  /** Begins the ids of what is done to the trial card. */
  static final String TRIAL = "trial" + Task.PORTION;

  /** Copies the list. */
  public Work {
    tasks = List.copyOf(tasks);
  }

  /**
   * What a run is ordered from.
   *
   * @param design the card
   * @param job how many, and how the maker scores
   * @param plans how its papers are cut, or what is still missing of them
   * @param again how that is cut again which was spoilt, in the order in which it was
   * @param round how many rounds of cutting there were before
   * @param school in which order the maker works
   * @param times how long things take
   */
  public record Asked(
      Design design,
      Job job,
      List<PaperPlan> plans,
      List<List<PaperPlan>> again,
      int round,
      School school,
      Times times) {
    /** Copies the lists. */
    public Asked {
      plans = List.copyOf(plans);
      again = List.copyOf(again);
    }

    /**
     * Asks for a job of which nothing has been done.
     *
     * @param design the card
     * @param job how many, and how the maker scores
     * @param plans how its papers are cut
     * @param school in which order the maker works
     * @return the question
     */
    public static Asked of(Design design, Job job, List<PaperPlan> plans, School school) {
      return new Asked(design, job, plans, List.of(), 0, school, Times.USUAL);
    }
  }

  /** Returns how the ids of cuts begin that are made in place of what was spoilt, from 1. */
  static String again(int number) {
    return AGAIN + number + Task.PORTION;
  }

  /**
   * Orders a job: what was spoilt is cut again first of all, and a trial card is made from end to
   * end before the others are begun.
   *
   * @param asked the job and all that its order depends on
   * @return the run
   */
  public static Work of(Asked asked) {
    List<Task> tasks = new ArrayList<>();
    Order order = asked.job().order();
    for (int i = 0; i < asked.again().size(); i++) {
      WorkBuilder cuts = new WorkBuilder(asked, Piece.Lot.all(order.copies()), again(i + 1));
      asked.again().get(i).forEach(cuts::cut);
      tasks.addAll(cuts.tasks());
    }
    boolean isLater = asked.round() > 0;
    if (isLater) {
      WorkBuilder cuts =
          new WorkBuilder(
              asked, Piece.Lot.all(order.copies()), "round" + asked.round() + Task.PORTION);
      asked.plans().forEach(cuts::cut);
      tasks.addAll(cuts.tasks());
    }
    boolean trial = order.trialFirst() && order.copies() > 1;
    if (trial) {
      WorkBuilder first = new WorkBuilder(asked, Piece.Lot.all(1), TRIAL);
      asked.plans().stream().filter(plan -> plan.isTrial() && !isLater).forEach(first::cut);
      tasks.addAll(made(first, asked, School.BY_PIECE));
    }
    int aside = trial ? 1 : 0;
    WorkBuilder all = new WorkBuilder(asked, new Piece.Lot(aside, order.copies() - aside), "");
    // What stays a kit is cut and scored with the others, and put together another day.
    all.putsTogether(Math.max(0, order.copies() - order.kits() - aside));
    asked.plans().stream().filter(plan -> !plan.isTrial() && !isLater).forEach(all::cut);
    tasks.addAll(made(all, asked, asked.school()));
    return new Work(tasks);
  }

  private static List<Task> made(WorkBuilder builder, Asked asked, School school) {
    Design design = asked.design();
    builder.ribbons();
    Order order = asked.job().order();
    Treated.all(order.treatments(), order.toppers(), design).forEach(builder::treat);
    builder.pieces(school);
    if (!builder.putsTogether()) {
      return builder.tasks();
    }
    GluingOrder gluing = GluingOrder.of(design, order.wish());
    int closed = gluing.beforeClosing(design);
    builder.together(gluing, 0, closed, Phase.ASSEMBLE);
    // What is not folded to be put on another piece is folded once all of it is put together.
    List<Stage> stages = new ArrayList<>(StageOrder.of(design));
    gluing.steps().forEach(step -> stages.removeAll(step.folds()));
    stages.stream().filter(Stage::isFolding).forEach(stage -> builder.stage(stage, Phase.FOLD));
    builder.fill();
    // A band or a ribbon goes round the card when it is folded and filled.
    builder.together(gluing, closed, gluing.steps().size(), Phase.FILL);
    builder.end();
    return builder.tasks();
  }

  /**
   * Returns about how long it takes.
   *
   * @return whole minutes, one at the least
   */
  public int minutes() {
    return whole(tasks.stream().mapToDouble(Task::all).sum());
  }

  /**
   * Between what most times lie, whole minutes from one.
   *
   * @param low a quarter of all times are no longer
   * @param high a quarter of all times are at least as long
   */
  public record Spread(int low, int high) {}

  /**
   * Returns between what it takes most times, as if every part of the work went well, or none did.
   *
   * @param times those that the run was ordered with
   * @return the spread; empty if nothing was learned yet of any part of this work
   */
  public Optional<Spread> spread(Times times) {
    double low = 0;
    double high = 0;
    boolean isLearned = false;
    for (Task task : tasks) {
      Times.Learned learned = times.learned().get(task.phase());
      low += task.all() * (learned == null ? 1 : learned.low() / learned.factor());
      high += task.all() * (learned == null ? 1 : learned.high() / learned.factor());
      isLearned |= learned != null;
    }
    return isLearned ? Optional.of(new Spread(whole(low), whole(high))) : Optional.empty();
  }

  private static int whole(double seconds) {
    return (int) Math.max(1, Math.ceil(seconds / MINUTE));
  }
}

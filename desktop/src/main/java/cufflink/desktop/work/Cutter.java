package cufflink.desktop.work;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Watch;
import cufflink.core.design.Design;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.job.PaperPlan;
import cufflink.desktop.wait.Asking;
import cufflink.desktop.wait.Latest;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Plans the cutting of what lies on the table. A plan that takes long can be ended early. */
public final class Cutter {
  private final Latest<PaperPlan.Question, List<PaperPlan>> planner =
      new Latest<>("cut plans", Cutter::plan);
  private final ReadOnlyObjectWrapper<List<PaperPlan>> plans =
      new ReadOnlyObjectWrapper<>(List.of());

  private final Latest<PaperPlan.Question, List<PaperPlan>> rest =
      new Latest<>("what is still to be cut", Cutter::plan);

  private final Companions companions = new Companions();

  private final Map<String, Frozen> frozen = new HashMap<>();

  /** What was cut for a job, by what it was cut for. */
  private record Frozen(
      Design design, Order order, List<PaperPlan.Share> others, List<PaperPlan> plans) {
    boolean isFor(Derivation derivation, List<PaperPlan.Share> now) {
      return order.equals(derivation.job().order())
          && others.equals(now)
          && derivation.made().filter(made -> made.design().equals(design)).isPresent();
    }
  }

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
    Optional<Frozen> cut =
        Optional.ofNullable(frozen.get(derivation.job().id()))
            .filter(each -> each.isFor(derivation, others(derivation)));
    if (cut.isPresent()) {
      if (!plans.get().equals(cut.get().plans())) {
        plans.set(cut.get().plans());
      }
      return;
    }
    question(derivation, drawer, others(derivation)).ifPresent(planner::ask);
  }

  /**
   * Returns the plans of a job, and asks for them if they are not there.
   *
   * @param derivation what follows from the job
   * @param drawer the maker's sheets and off-cuts
   * @return its plans, once they are made
   */
  public Optional<List<PaperPlan>> planned(Derivation derivation, Drawer drawer) {
    ask(derivation, drawer);
    if (isTaken(derivation)) {
      return Optional.of(plans.get());
    }
    return question(derivation, drawer).flatMap(planner::answerTo);
  }

  /**
   * Returns the plans for what is still to be cut of a job, and asks for them if they are not
   * there.
   *
   * @param question what is still to be cut
   * @return its plans, once they are made
   */
  public Optional<List<PaperPlan>> planned(PaperPlan.Question question) {
    Optional<List<PaperPlan>> plan = rest.answerTo(question);
    if (plan.isEmpty()) {
      rest.ask(question);
    }
    return plan;
  }

  /**
   * Returns what plans what is still to be cut.
   *
   * @return the planner, with what it has found so far
   */
  public Latest<PaperPlan.Question, List<PaperPlan>> rest() {
    return rest;
  }

  /**
   * Says whether the paper of a job has been taken from the drawer.
   *
   * @param derivation what follows from the job
   * @return false if it has become another since
   */
  public boolean isTaken(Derivation derivation) {
    return Optional.ofNullable(frozen.get(derivation.job().id()))
        .filter(each -> each.isFor(derivation, others(derivation)))
        .isPresent();
  }

  /**
   * Returns what is asked about the cutting of a job.
   *
   * @param derivation what follows from the job
   * @param drawer the maker's sheets and off-cuts
   * @return the question, if there is a design
   */
  public Optional<PaperPlan.Question> question(Derivation derivation, Drawer drawer) {
    return question(derivation, drawer, others(derivation));
  }

  /**
   * Returns other projects that are cut together with this one.
   *
   * @return the projects there are, and which of them are chosen
   */
  public Companions companions() {
    return companions;
  }

  private List<PaperPlan.Share> others(Derivation derivation) {
    return companions.with(derivation.job().title());
  }

  /**
   * Keeps the plans of a job as they are: what is cut is not planned again from its own off-cuts,
   * unless the job becomes another.
   *
   * @param derivation what was cut
   */
  public void freeze(Derivation derivation) {
    derivation
        .made()
        .ifPresent(
            made ->
                frozen.put(
                    derivation.job().id(),
                    new Frozen(
                        made.design(), derivation.job().order(), others(derivation), plans.get())));
  }

  private static Optional<PaperPlan.Question> question(
      Derivation derivation, Drawer drawer, List<PaperPlan.Share> others) {
    Job job = derivation.job();
    PaperPlan.Supplies supplies =
        new PaperPlan.Supplies(
            drawer, StandardSizes.usualSheet(job.marks()), StandardSizes.sheets());
    return derivation
        .made()
        .map(made -> PaperPlan.Question.of(made.design(), job, supplies).with(others));
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
   * @param others other jobs that are cut together with it
   * @return how each paper is cut
   */
  public static List<PaperPlan> plans(
      Derivation derivation, Drawer drawer, List<PaperPlan.Share> others) {
    return question(derivation, drawer, others)
        .map(question -> PaperPlan.of(question, Watch.NOBODY))
        .orElse(List.of());
  }
}

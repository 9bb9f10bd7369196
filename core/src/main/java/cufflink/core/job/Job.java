package cufflink.core.job;

import cufflink.core.fit.Goal;
import cufflink.core.measure.Marks;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Materials;
import cufflink.core.paper.Papers;
import cufflink.core.pattern.Bench;
import cufflink.core.run.ScoringHabit;
import cufflink.core.value.Values;
import java.util.HashSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * What a maker has decided: the only thing that is saved; everything else is derived.
 *
 * @param title the maker's name for the job
 * @param patternId the construction
 * @param values the sizes chosen
 * @param goal what the sizes are scaled to
 * @param marks the marks of the ruler
 * @param keepsProportions whether scaling keeps the finished width and height in ratio
 * @param habit how the maker scores
 * @param notes anything the maker wants to remember
 * @param papers what it is made from
 * @param item what it is to hold, if anything
 * @param pinned the values that must stay as they are when others are scaled or moved
 * @param order how many cards, and what goes with each
 * @param cutting from which sheets it is cut, and with what
 * @param scaledFrom the sizes as the maker last set them, if those chosen were scaled from them to
 *     a sheet or an envelope: whatever they are scaled to next begins there, so that nothing drifts
 */
public record Job(
    String title,
    String patternId,
    Values values,
    Goal goal,
    Marks marks,
    boolean keepsProportions,
    ScoringHabit habit,
    String notes,
    Papers papers,
    Optional<HeldItem> item,
    Set<String> pinned,
    Order order,
    Cutting cutting,
    Optional<Values> scaledFrom) {

  /** Checks that nothing is missing. */
  public Job {
    Objects.requireNonNull(title);
    Objects.requireNonNull(patternId);
    Objects.requireNonNull(goal);
    Objects.requireNonNull(marks);
    Objects.requireNonNull(habit);
    Objects.requireNonNull(notes);
    Objects.requireNonNull(papers);
    Objects.requireNonNull(item);
    Objects.requireNonNull(order);
    Objects.requireNonNull(cutting);
    values = values.without(Bench.NAMES);
    scaledFrom = scaledFrom.map(each -> each.without(Bench.NAMES));
    pinned = Set.copyOf(pinned);
  }

  /**
   * Returns what goes into the card.
   *
   * @return its papers, how its layers lie and what it holds
   */
  public Materials materials() {
    return new Materials(papers, order.raised(), item);
  }

  /**
   * Makes a job for one card from the usual papers that holds nothing.
   *
   * @param title the maker's name for the job
   * @param patternId the construction
   * @param values the sizes chosen
   * @param goal what the sizes are scaled to
   * @param marks the marks of the ruler
   * @param keepsProportions whether scaling keeps the finished width and height in ratio
   * @param habit how the maker scores
   * @param notes anything the maker wants to remember
   */
  public Job(
      String title,
      String patternId,
      Values values,
      Goal goal,
      Marks marks,
      boolean keepsProportions,
      ScoringHabit habit,
      String notes) {
    this(
        title,
        patternId,
        values,
        goal,
        marks,
        keepsProportions,
        habit,
        notes,
        Papers.USUAL,
        Optional.empty(),
        Set.of(),
        Order.ONE,
        Cutting.USUAL,
        Optional.empty());
  }

  /**
   * Returns the sizes chosen together with what formulas may know of the maker's bench.
   *
   * @return the values to evaluate the construction with
   */
  public Values onBench() {
    return values.and(Bench.of(marks, papers, order.raised()));
  }

  /**
   * Returns the job with other sizes.
   *
   * @param newValues the sizes
   * @return the changed job
   */
  public Job withValues(Values newValues) {
    Copy copy = new Copy();
    copy.values = newValues;
    copy.scaledFrom = Optional.empty();
    return copy.job();
  }

  /**
   * Returns the job with sizes that were scaled from others.
   *
   * @param newValues the sizes
   * @param from what they were scaled from
   * @return the changed job
   */
  public Job withScaled(Values newValues, Values from) {
    Copy copy = new Copy();
    copy.values = newValues;
    copy.scaledFrom = Optional.of(from);
    return copy.job();
  }

  /**
   * Returns the job with the sizes that scaling begins from.
   *
   * @return the job as the maker last set its sizes
   */
  public Job unscaled() {
    return scaledFrom.map(this::withValues).orElse(this);
  }

  /**
   * Returns the job with another goal.
   *
   * @param newGoal what the sizes are scaled to
   * @return the changed job
   */
  public Job withGoal(Goal newGoal) {
    Copy copy = new Copy();
    copy.goal = newGoal;
    return copy.job();
  }

  /**
   * Returns the job with other marks.
   *
   * @param newMarks the marks of the ruler
   * @return the changed job
   */
  public Job withMarks(Marks newMarks) {
    Copy copy = new Copy();
    copy.marks = newMarks;
    return copy.job();
  }

  /**
   * Returns the job with or without fixed proportions.
   *
   * @param keeps whether scaling keeps the finished width and height in ratio
   * @return the changed job
   */
  public Job withProportionsKept(boolean keeps) {
    Copy copy = new Copy();
    copy.keepsProportions = keeps;
    return copy.job();
  }

  /**
   * Returns the job with another way of scoring.
   *
   * @param newHabit how the maker scores
   * @return the changed job
   */
  public Job withHabit(ScoringHabit newHabit) {
    Copy copy = new Copy();
    copy.habit = newHabit;
    return copy.job();
  }

  /**
   * Returns the job with another title.
   *
   * @param newTitle the maker's name for the job
   * @return the changed job
   */
  public Job withTitle(String newTitle) {
    Copy copy = new Copy();
    copy.title = newTitle;
    return copy.job();
  }

  /**
   * Returns the job with other papers.
   *
   * @param newPapers what it is made from
   * @return the changed job
   */
  public Job withPapers(Papers newPapers) {
    Copy copy = new Copy();
    copy.papers = newPapers;
    return copy.job();
  }

  /**
   * Returns the job with something else to hold.
   *
   * @param newItem what it is to hold, if anything
   * @return the changed job
   */
  public Job withItem(Optional<HeldItem> newItem) {
    Copy copy = new Copy();
    copy.item = newItem;
    return copy.job();
  }

  /**
   * Returns the job with a value pinned, or let go if it was.
   *
   * @param parameter the value's parameter
   * @return the changed job
   */
  public Job withPinToggled(String parameter) {
    Copy copy = new Copy();
    copy.pinned = new HashSet<>(pinned);
    if (!copy.pinned.remove(parameter)) {
      copy.pinned.add(parameter);
    }
    return copy.job();
  }

  /**
   * Returns the job for another order.
   *
   * @param newOrder how many cards, and what goes with each
   * @return the changed job
   */
  public Job withOrder(Order newOrder) {
    Copy copy = new Copy();
    copy.order = newOrder;
    return copy.job();
  }

  /**
   * Returns the job cut from other sheets, or with another trimmer.
   *
   * @param newCutting from which sheets it is cut, and with what
   * @return the changed job
   */
  public Job withCutting(Cutting newCutting) {
    Copy copy = new Copy();
    copy.cutting = newCutting;
    return copy.job();
  }

  /** This job on its way to becoming another one. */
  private final class Copy {
    private String title = Job.this.title;
    private Values values = Job.this.values;
    private Goal goal = Job.this.goal;
    private Marks marks = Job.this.marks;
    private boolean keepsProportions = Job.this.keepsProportions;
    private ScoringHabit habit = Job.this.habit;
    private Papers papers = Job.this.papers;
    private Optional<HeldItem> item = Job.this.item;
    private Set<String> pinned = Job.this.pinned;
    private Order order = Job.this.order;
    private Cutting cutting = Job.this.cutting;
    private Optional<Values> scaledFrom = Job.this.scaledFrom;

    Job job() {
      return new Job(
          title,
          patternId,
          values,
          goal,
          marks,
          keepsProportions,
          habit,
          notes,
          papers,
          item,
          pinned,
          order,
          cutting,
          scaledFrom);
    }
  }
}

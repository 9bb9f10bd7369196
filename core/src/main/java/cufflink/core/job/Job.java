package cufflink.core.job;

import cufflink.core.decor.Treatment;
import cufflink.core.fit.Goal;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Materials;
import cufflink.core.paper.Papers;
import cufflink.core.pattern.Bench;
import cufflink.core.run.ScoringHabit;
import cufflink.core.value.Values;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * What a maker has decided: the only thing that is saved; everything else is derived.
 *
 * @param tag what it is known by
 * @param edition the construction
 * @param sizes how large it is to be
 * @param tools what the maker measures and scores with
 * @param supplies what it is made from
 * @param order how many cards, and what goes with each
 */
public record Job(
    Tag tag, Edition edition, Sizes sizes, Tools tools, Supplies supplies, Order order) {

  /** Checks that nothing is missing. */
  public Job {
    Objects.requireNonNull(tag);
    Objects.requireNonNull(edition);
    Objects.requireNonNull(sizes);
    Objects.requireNonNull(tools);
    Objects.requireNonNull(supplies);
    Objects.requireNonNull(order);
  }

  /**
   * Begins a job for one card from the usual papers that holds nothing.
   *
   * @param title the maker's name for it
   * @param edition the construction
   * @param values the sizes
   * @param tools what the maker measures and scores with
   * @return the job, which has no id of its own yet
   */
  public static Job begun(String title, Edition edition, Values values, Tools tools) {
    return new Job(
        new Tag("", title, ""), edition, Sizes.of(values), tools, Supplies.USUAL, Order.ONE);
  }

  /** Returns its id, which it keeps for ever; empty while it has none. */
  public String id() {
    return tag.id();
  }

  /** Returns the maker's name for it. */
  public String title() {
    return tag.title();
  }

  /** Returns anything the maker wants to remember. */
  public String notes() {
    return tag.notes();
  }

  /** Returns the id of its construction. */
  public String patternId() {
    return edition.patternId();
  }

  /** Returns the sizes chosen. */
  public Values values() {
    return sizes.values();
  }

  /** Returns what the sizes are scaled to. */
  public Goal goal() {
    return sizes.goal();
  }

  /** Returns whether scaling keeps the finished width and height in ratio. */
  public boolean keepsProportions() {
    return sizes.keepsProportions();
  }

  /** Returns the values that stay when others are scaled or moved. */
  public Set<String> pinned() {
    return sizes.pinned();
  }

  /** Returns the sizes that these were scaled from, if they were. */
  public Optional<Values> scaledFrom() {
    return sizes.scaledFrom();
  }

  /** Returns the marks of the ruler. */
  public Marks marks() {
    return tools.rulers().card();
  }

  /** Returns the marks of the card and those of the layers. */
  public Rulers rulers() {
    return tools.rulers();
  }

  /** Returns how the maker scores. */
  public ScoringHabit habit() {
    return tools.habit();
  }

  /** Returns what it is made from. */
  public Papers papers() {
    return supplies.papers();
  }

  /** Returns what it is to hold, if anything. */
  public Optional<HeldItem> item() {
    return supplies.item();
  }

  /** Returns from which sheets it is cut, and with what. */
  public Cutting cutting() {
    return supplies.cutting();
  }

  /**
   * Returns what goes into the card.
   *
   * @return its papers, how its layers lie and what it holds
   */
  public Materials materials() {
    Map<String, Integer> pasted = new HashMap<>();
    for (Treatment each : order.treatments()) {
      if (each.kind() == Treatment.Kind.PASTE) {
        pasted.merge(each.part(), 1, Integer::sum);
      }
    }
    return new Materials(papers(), order.raised(), item(), pasted);
  }

  /**
   * Returns the sizes chosen together with what formulas may know of the maker's bench.
   *
   * @return the values to evaluate the construction with
   */
  public Values onBench() {
    return values().and(Bench.of(marks(), papers(), order.raised()));
  }

  /**
   * Returns the job under another id.
   *
   * @param id its id from now on
   * @return the changed job
   */
  public Job withId(String id) {
    return with(new Tag(id, title(), notes()));
  }

  /**
   * Returns the job with another title.
   *
   * @param title the maker's name for it
   * @return the changed job
   */
  public Job withTitle(String title) {
    return with(new Tag(id(), title, notes()));
  }

  /**
   * Returns the job with other notes.
   *
   * @param notes anything the maker wants to remember
   * @return the changed job
   */
  public Job withNotes(String notes) {
    return with(new Tag(id(), title(), notes));
  }

  private Job with(Tag now) {
    return new Job(now, edition, sizes, tools, supplies, order);
  }

  /**
   * Returns the job with another edition of its construction.
   *
   * @param now the edition
   * @return the changed job
   */
  public Job withEdition(Edition now) {
    return new Job(tag, now, sizes, tools, supplies, order);
  }

  /**
   * Returns the job with other sizes.
   *
   * @param now the sizes
   * @return the changed job, scaled from nothing
   */
  public Job withValues(Values now) {
    return with(sizes.with(now, Optional.empty()));
  }

  /**
   * Returns the job with sizes that were scaled from others.
   *
   * @param now the sizes
   * @param from what they were scaled from
   * @return the changed job
   */
  public Job withScaled(Values now, Values from) {
    return with(sizes.with(now, Optional.of(from)));
  }

  /**
   * Returns the job with the sizes that scaling begins from.
   *
   * @return the job as the maker last set its sizes
   */
  public Job unscaled() {
    return scaledFrom().map(this::withValues).orElse(this);
  }

  /**
   * Returns the job with another goal.
   *
   * @param goal what the sizes are scaled to
   * @return the changed job
   */
  public Job withGoal(Goal goal) {
    return with(sizes.with(goal));
  }

  /**
   * Returns the job with or without fixed proportions.
   *
   * @param keeps whether scaling keeps the finished width and height in ratio
   * @return the changed job
   */
  public Job withProportionsKept(boolean keeps) {
    return with(sizes.withProportionsKept(keeps));
  }

  /**
   * Returns the job with a value pinned, or let go if it was.
   *
   * @param parameter the value's parameter
   * @return the changed job
   */
  public Job withPinToggled(String parameter) {
    return with(sizes.withPinToggled(parameter));
  }

  /**
   * Returns the job with all of its sizes changed.
   *
   * @param now the sizes
   * @return the changed job
   */
  public Job with(Sizes now) {
    return new Job(tag, edition, now, tools, supplies, order);
  }

  /**
   * Returns the job with other marks.
   *
   * @param rulers the marks of the card and of the layers
   * @return the changed job
   */
  public Job withRulers(Rulers rulers) {
    return with(new Tools(rulers, habit()));
  }

  /**
   * Returns the job with another way of scoring.
   *
   * @param habit how the maker scores
   * @return the changed job
   */
  public Job withHabit(ScoringHabit habit) {
    return with(new Tools(rulers(), habit));
  }

  private Job with(Tools now) {
    return new Job(tag, edition, sizes, now, supplies, order);
  }

  /**
   * Returns the job with other papers.
   *
   * @param papers what it is made from
   * @return the changed job
   */
  public Job withPapers(Papers papers) {
    return with(new Supplies(papers, item(), cutting()));
  }

  /**
   * Returns the job with something else to hold.
   *
   * @param item what it is to hold, if anything
   * @return the changed job
   */
  public Job withItem(Optional<HeldItem> item) {
    return with(new Supplies(papers(), item, cutting()));
  }

  /**
   * Returns the job cut from other sheets, or with another trimmer.
   *
   * @param cutting from which sheets it is cut, and with what
   * @return the changed job
   */
  public Job withCutting(Cutting cutting) {
    return with(new Supplies(papers(), item(), cutting));
  }

  private Job with(Supplies now) {
    return new Job(tag, edition, sizes, tools, now, order);
  }

  /**
   * Returns the job for another order.
   *
   * @param now how many cards, and what goes with each
   * @return the changed job
   */
  public Job withOrder(Order now) {
    return new Job(tag, edition, sizes, tools, supplies, now);
  }
}

package cufflink.core.job;

import cufflink.core.design.Values;
import cufflink.core.fit.Goal;
import cufflink.core.measure.Marks;
import cufflink.core.run.ScoringHabit;
import java.util.Objects;

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
 */
public record Job(
    String title,
    String patternId,
    Values values,
    Goal goal,
    Marks marks,
    boolean keepsProportions,
    ScoringHabit habit,
    String notes) {

  /** Checks that nothing is missing. */
  public Job {
    Objects.requireNonNull(title);
    Objects.requireNonNull(patternId);
    Objects.requireNonNull(values);
    Objects.requireNonNull(goal);
    Objects.requireNonNull(marks);
    Objects.requireNonNull(habit);
    Objects.requireNonNull(notes);
  }

  /**
   * Returns the job with other sizes.
   *
   * @param newValues the sizes
   * @return the changed job
   */
  public Job withValues(Values newValues) {
    return new Job(title, patternId, newValues, goal, marks, keepsProportions, habit, notes);
  }

  /**
   * Returns the job with another goal.
   *
   * @param newGoal what the sizes are scaled to
   * @return the changed job
   */
  public Job withGoal(Goal newGoal) {
    return new Job(title, patternId, values, newGoal, marks, keepsProportions, habit, notes);
  }

  /**
   * Returns the job with other marks.
   *
   * @param newMarks the marks of the ruler
   * @return the changed job
   */
  public Job withMarks(Marks newMarks) {
    return new Job(title, patternId, values, goal, newMarks, keepsProportions, habit, notes);
  }

  /**
   * Returns the job with or without fixed proportions.
   *
   * @param keeps whether scaling keeps the finished width and height in ratio
   * @return the changed job
   */
  public Job withProportionsKept(boolean keeps) {
    return new Job(title, patternId, values, goal, marks, keeps, habit, notes);
  }

  /**
   * Returns the job scored another way.
   *
   * @param newHabit how the maker scores
   * @return the changed job
   */
  public Job withHabit(ScoringHabit newHabit) {
    return new Job(title, patternId, values, goal, marks, keepsProportions, newHabit, notes);
  }

  /**
   * Returns the job with another title.
   *
   * @param newTitle the maker's name for the job
   * @return the changed job
   */
  public Job withTitle(String newTitle) {
    return new Job(newTitle, patternId, values, goal, marks, keepsProportions, habit, notes);
  }
}

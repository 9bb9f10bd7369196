package cufflink.core.job;

import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.run.Hand;
import cufflink.core.run.ScoringHabit;
import java.util.Objects;

/**
 * What the maker measures and scores with.
 *
 * @param rulers the marks of the ruler, for cards and for layers
 * @param habit how the maker scores
 */
public record Tools(Rulers rulers, ScoringHabit habit) {
  /** Checks that nothing is missing. */
  public Tools {
    Objects.requireNonNull(rulers);
    Objects.requireNonNull(habit);
  }

  /**
   * Measures cards and layers on one ruler.
   *
   * @param marks the marks of the ruler
   * @param habit how the maker scores
   */
  public Tools(Marks marks, ScoringHabit habit) {
    this(Rulers.one(marks), habit);
  }

  /**
   * Takes the usual board to a ruler, and scores so that the ridge comes inside the fold.
   *
   * @param marks the marks of the ruler
   * @return a board with grooves every 1/8 in or every 5 mm, common practice, no source
   */
  public static Tools usual(Marks marks) {
    return new Tools(
        marks,
        new ScoringHabit(
            true, marks.inInches() ? Marks.EIGHTHS : Marks.FIVE_MILLIMETRES, Hand.RIGHT));
  }
}

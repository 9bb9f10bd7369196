package cufflink.desktop.work;

import cufflink.core.fit.Relayer;
import cufflink.core.job.Job;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Values;
import java.util.Optional;

/**
 * Which ruler is used, and what the sizes were on the ruler before, so that going there and back
 * ends where it began.
 */
public final class MarksHabit {
  private Marks last;
  private Optional<Move> move = Optional.empty();

  /** A change of ruler: the values on the old marks and what became of them on the new ones. */
  private record Move(Rulers from, Values before, Values after) {}

  MarksHabit(Marks last) {
    this.last = last;
  }

  /**
   * Returns the marks used last.
   *
   * @return the marks
   */
  public Marks last() {
    return last;
  }

  /**
   * Chooses the marks on which something new is begun; what is on the table stays as it is.
   *
   * @param marks the marks
   */
  public void remember(Marks marks) {
    last = marks;
  }

  /** Lays a job's values out on other marks. */
  Values relay(Pattern pattern, Job job, Rulers rulers) {
    boolean isWayBack =
        move.filter(each -> each.from().equals(rulers) && each.after().equals(job.values()))
            .isPresent();
    Values relaid =
        isWayBack
            ? move.orElseThrow().before()
            : Relayer.relay(pattern, job.values(), rulers, job.pinned());
    move = Optional.of(new Move(job.rulers(), job.values(), relaid));
    return relaid;
  }

  /** Returns the scoring board that goes with a ruler. */
  static Marks board(Marks marks) {
    return marks.inInches() ? Marks.EIGHTHS : Marks.FIVE_MILLIMETRES;
  }
}

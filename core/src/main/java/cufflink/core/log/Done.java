package cufflink.core.log;

import cufflink.core.measure.Length;
import java.time.Instant;
import java.util.List;
import java.util.Objects;

/**
 * One thing that was done at the table. What is done stays done: it is outside undo.
 *
 * @param jobId the job, by its lasting id; not empty
 * @param act what it was
 * @param copy how many copies of it, from 1
 * @param kind what came of it
 * @param at when
 */
public record Done(String jobId, Act act, int copy, Kind kind, Instant at) {
  /** What came of it. */
  public enum Kind {
    /** It was done. */
    MADE,
    /** It was taken back: it had not been done after all. */
    TAKEN_BACK,
    /** The piece was spoilt or lost and is to be made again. */
    SPOILT,
    /** It was not spoilt after all. */
    NOT_SPOILT,
    /** What lay cut of a part was measured, and is of this size. */
    MEASURED,
    /** It was not measured after all. */
    NOT_MEASURED,
    /** The job had become another; from now on only what is still missing is cut. */
    BEGUN,
    /** All of it is made once more: what was done before counts no longer. */
    ANEW
  }

  /**
   * Leaves out what counts no longer.
   *
   * @param done all that was done of a job, in order
   * @return what was done since it was begun anew, if it was
   */
  public static List<Done> counted(List<Done> done) {
    List<Kind> kinds = done.stream().map(Done::kind).toList();
    return done.subList(kinds.lastIndexOf(Kind.ANEW) + 1, done.size());
  }

  /**
   * What was done, with all that must be known of it when the job has become another.
   *
   * @param task which task, as the run calls it
   * @param piece which piece, or which paper if it is a cut; empty if it is about none
   * @param said the sentence that was read, on the maker's own marks
   * @param seconds how long it was thought to take, all copies of it; nought if that is not known
   * @param cut what lay ready cut out when it was done
   */
  public record Act(String task, String piece, String said, double seconds, List<Cut> cut) {
    /** Nothing by itself: what is said of it is its kind. */
    public static final Act NOTHING = new Act("", "", "", 0, List.of());

    /** Copies the list. */
    public Act {
      Objects.requireNonNull(task);
      Objects.requireNonNull(piece);
      Objects.requireNonNull(said);
      cut = List.copyOf(cut);
      if (!(seconds >= 0)) {
        throw new IllegalArgumentException(task + " in " + seconds + " s");
      }
    }
  }

  /**
   * Parts that are cut out.
   *
   * @param part a piece, or a layer with its piece before it, by its id
   * @param width its side along the top as it is described
   * @param height its other side
   * @param count how many, from 1
   */
  public record Cut(String part, Length width, Length height, int count) {
    /** Checks the number. */
    public Cut {
      Objects.requireNonNull(part);
      Objects.requireNonNull(width);
      Objects.requireNonNull(height);
      if (count < 1) {
        throw new IllegalArgumentException(count + " of " + part);
      }
    }

    /** Returns one of them. */
    public Cut one() {
      return new Cut(part, width, height, 1);
    }
  }

  /** Checks that it is about something. */
  public Done {
    Objects.requireNonNull(act);
    Objects.requireNonNull(kind);
    Objects.requireNonNull(at);
    if (jobId.isEmpty() || copy < 1) {
      throw new IllegalArgumentException("“" + jobId + "”, copy " + copy);
    }
  }
}

package cufflink.core.log;

import java.time.Instant;
import java.util.Objects;

/**
 * One thing that was done at the table. What is done stays done: it is outside undo.
 *
 * @param jobId the job, by its lasting id; not empty
 * @param what which move, as the run calls it
 * @param piece which piece; empty if it is about none
 * @param copy which copy, from 1
 * @param kind what came of it
 * @param at when
 */
public record Done(String jobId, String what, String piece, int copy, Kind kind, Instant at) {
  /** What came of it. */
  public enum Kind {
    /** It was done. */
    MADE,
    /** It was taken back: it had not been done after all. */
    TAKEN_BACK,
    /** The piece was spoilt and is to be made again. */
    SPOILT
  }

  /** Checks that it is about something. */
  public Done {
    Objects.requireNonNull(what);
    Objects.requireNonNull(piece);
    Objects.requireNonNull(kind);
    Objects.requireNonNull(at);
    if (jobId.isEmpty() || copy < 1) {
      throw new IllegalArgumentException("“" + jobId + "”, copy " + copy);
    }
  }
}

package cufflink.core.ahead;

import cufflink.core.job.Job;
import java.time.LocalDate;
import java.util.Objects;

/**
 * A job that is to be made.
 *
 * @param id what the plan is known by, for ever; not empty
 * @param due the day by which its cards are to be ready
 * @param job the job, so many copies of it
 * @param construction the construction's name
 * @param forWhom for whom; empty if that is not said
 * @param occasion what for; empty if that is not said
 */
public record Planned(
    String id, LocalDate due, Job job, String construction, String forWhom, String occasion) {
  /** Checks that nothing is missing. */
  public Planned {
    Objects.requireNonNull(due);
    Objects.requireNonNull(job);
    Objects.requireNonNull(construction);
    Objects.requireNonNull(forWhom);
    Objects.requireNonNull(occasion);
    if (id.isEmpty()) {
      throw new IllegalArgumentException("a plan has an id");
    }
  }

  /** Returns how many cards are to be ready by then. */
  public int copies() {
    return job.order().copies();
  }

  /** Returns the same plan for the job as it has become. */
  public Planned withJob(Job now) {
    return new Planned(id, due, now, construction, forWhom, occasion);
  }
}

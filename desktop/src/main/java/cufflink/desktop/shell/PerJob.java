package cufflink.desktop.shell;

import cufflink.core.job.Derivation;
import java.util.HashMap;
import java.util.Map;
import java.util.function.UnaryOperator;

/**
 * Where a maker is at a station: each job is found where it was left, and a new one at its
 * beginning.
 *
 * @param <T> the kind of place
 */
final class PerJob<T> {
  private final T beginning;
  private final Map<String, T> places = new HashMap<>();
  private String job = "";

  PerJob(T beginning) {
    this.beginning = beginning;
  }

  /** Turns to the job that is on the table. */
  T at(Derivation derivation) {
    job = derivation.job().id();
    return now();
  }

  /** Says whether it is this job that was turned to last. */
  boolean isAt(Derivation derivation) {
    return derivation.job().id().equals(job);
  }

  /** Returns the place in the job that was turned to last. */
  T now() {
    return places.getOrDefault(job, beginning);
  }

  void set(T place) {
    places.put(job, place);
  }

  void change(UnaryOperator<T> change) {
    set(change.apply(now()));
  }
}

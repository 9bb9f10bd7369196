package cufflink.desktop.work;

import cufflink.core.job.Derivation;
import cufflink.core.job.PaperPlan;
import cufflink.core.log.Done;
import cufflink.core.make.School;
import cufflink.core.make.Task;
import cufflink.core.make.Work;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/**
 * How far the making of each job has got. What is done stays done: it is outside undo, and each
 * thing that is done is handed on to be written down at once.
 */
public final class Maker {
  private final Map<String, Set<String>> done = new HashMap<>();
  private Consumer<Done> keeper = what -> {};
  private Optional<Known> known = Optional.empty();

  /** A run with what it was made from, so that it is not made anew for every look at it. */
  private record Known(Derivation derivation, List<PaperPlan> plans, Work work) {}

  /**
   * Says who writes down what is done.
   *
   * @param newKeeper takes each thing as it is done or taken back
   */
  public void keptBy(Consumer<Done> newKeeper) {
    keeper = newKeeper;
  }

  /**
   * Returns the run of a job.
   *
   * @param derivation what follows from the job
   * @param plans how its papers are cut
   * @return the run: by tool, or piece by piece for one card; no tasks while there is no design
   */
  public Work work(Derivation derivation, List<PaperPlan> plans) {
    boolean isSame =
        known.filter(it -> it.derivation() == derivation && it.plans().equals(plans)).isPresent();
    if (!isSame) {
      School school = derivation.job().order().copies() > 1 ? School.BY_TOOL : School.BY_PIECE;
      Work work =
          derivation
              .made()
              .map(made -> Work.of(made.design(), derivation.job(), plans, school))
              .orElse(new Work(List.of()));
      known = Optional.of(new Known(derivation, plans, work));
    }
    return known.orElseThrow().work();
  }

  /**
   * Returns whether it is known what was done of a job before.
   *
   * @param jobId the job's id
   * @return false until it has been read
   */
  public boolean isKnown(String jobId) {
    return done.containsKey(jobId);
  }

  /**
   * Takes over what was done of a job, in this window or another, today or last week.
   *
   * @param jobId the job's id
   * @param before all that was written down of it, in order
   */
  public void learn(String jobId, List<Done> before) {
    Set<String> now = new HashSet<>();
    for (Done each : before) {
      if (each.kind() == Done.Kind.MADE) {
        now.add(each.what());
      } else {
        now.remove(each.what());
      }
    }
    // What was done while it was read stays done as well.
    now.addAll(done.getOrDefault(jobId, Set.of()));
    done.put(jobId, now);
  }

  /**
   * Returns what is done of a job.
   *
   * @param jobId the job's id
   * @return the ids of tasks
   */
  public Set<String> done(String jobId) {
    return Set.copyOf(done.getOrDefault(jobId, Set.of()));
  }

  /**
   * Notes that a task is done.
   *
   * @param jobId the job's id
   * @param task the task
   */
  public void make(String jobId, Task task) {
    if (done.computeIfAbsent(jobId, each -> new HashSet<>()).add(task.id())) {
      note(jobId, task, Done.Kind.MADE);
    }
  }

  /**
   * Notes that a task was not done after all.
   *
   * @param jobId the job's id
   * @param task the task
   */
  public void takeBack(String jobId, Task task) {
    if (done.computeIfAbsent(jobId, each -> new HashSet<>()).remove(task.id())) {
      note(jobId, task, Done.Kind.TAKEN_BACK);
    }
  }

  private void note(String jobId, Task task, Done.Kind kind) {
    if (!jobId.isEmpty()) {
      keeper.accept(new Done(jobId, task.id(), task.piece(), 1, kind, Instant.now()));
    }
  }
}

package cufflink.core.make;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.Part;
import cufflink.core.design.Design;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.log.Done;
import cufflink.core.log.Done.Kind;
import cufflink.core.run.SecondCut;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A job on the table: its run, and how far it has got. Once some of it is cut and the job becomes
 * another, only what is still missing is cut; what is spoilt is cut again from what is left of the
 * sheets.
 *
 * @param design the card
 * @param jobId the job's id
 * @param work the run
 * @param progress how far it has got
 * @param round the round of cutting
 * @param needed all that the job needs cut
 */
public record AtTable(
    Design design, String jobId, Work work, Progress progress, Round round, List<Part> needed) {

  /** Whoever plans the cutting. */
  public interface Planner {
    /**
     * Plans the cutting of all of a job or of what is missing.
     *
     * @param question what is to be cut
     * @return the plans; empty while they are being made
     */
    Optional<List<PaperPlan>> plans(PaperPlan.Question question);

    /**
     * Plans the cutting of a few parts at once.
     *
     * @param question what is to be cut
     * @return the plans
     */
    List<PaperPlan> again(PaperPlan.Question question);
  }

  /**
   * What a job on the table follows from.
   *
   * @param job the job
   * @param cutting how it is cut
   * @param isTaken whether its paper was taken out of the drawer already
   * @param done all that was done of it, in order
   * @param school in which order the maker works
   * @param times how long things take
   */
  public record Asked(
      Job job,
      PaperPlan.Question cutting,
      boolean isTaken,
      List<Done> done,
      School school,
      Times times) {
    /** Leaves out what counts no longer, and what was taken back. */
    public Asked {
      done = List.copyOf(Progress.standing(Done.counted(done)));
    }
  }

  /** Copies the list. */
  public AtTable {
    needed = List.copyOf(needed);
  }

  /**
   * Lays a job on the table.
   *
   * @param asked the job and what was done of it
   * @param planner plans its cutting
   * @return the job on the table; empty while its cutting is being planned
   */
  public static Optional<AtTable> of(Asked asked, Planner planner) {
    List<Part> needed = asked.cutting().needed();
    Round begun = Round.begun(asked.done(), needed);
    Optional<Work> work = work(asked, begun, planner);
    if (work.isEmpty() || Round.isFor(work.get(), asked.done())) {
      return work.map(it -> at(asked, it, begun, needed));
    }
    Round next = Round.next(asked.done(), needed);
    return work(asked, next, planner).map(it -> at(asked, it, next, needed));
  }

  private static AtTable at(Asked asked, Work work, Round round, List<Part> needed) {
    Progress progress = Progress.of(work, asked.done());
    return new AtTable(asked.cutting().design(), asked.job().id(), work, progress, round, needed);
  }

  private static Optional<Work> work(Asked asked, Round round, Planner planner) {
    Optional<List<PaperPlan>> plans =
        round
            .only()
            .map(
                only ->
                    only.isEmpty()
                        ? Optional.of(List.<PaperPlan>of())
                        : planner.plans(asked.cutting().only(only)))
            .orElseGet(() -> planner.plans(asked.cutting()));
    return plans.map(
        now ->
            Work.of(
                new Work.Asked(
                    asked.cutting().design(),
                    asked.job(),
                    now,
                    again(asked, now, planner),
                    round.number(),
                    asked.school(),
                    asked.times())));
  }

  private static List<List<PaperPlan>> again(Asked asked, List<PaperPlan> plans, Planner planner) {
    List<List<PaperPlan>> again = new ArrayList<>();
    Drawer drawer = asked.cutting().supplies().drawer();
    Drawer left = asked.isTaken() ? drawer : without(drawer, asked.job(), plans);
    for (Map<String, Integer> each : Round.again(asked.done())) {
      List<PaperPlan> plan = planner.again(asked.cutting().only(each).from(left));
      again.add(plan);
      left = without(left, asked.job(), plan);
    }
    return again;
  }

  private static Drawer without(Drawer drawer, Job job, List<PaperPlan> plans) {
    Drawer left = drawer;
    for (PaperPlan plan : plans) {
      left = left.take(job.title(), plan.plan(), plan.run());
    }
    return left;
  }

  /**
   * Returns the task that is to be done.
   *
   * @return it; empty if all are done
   */
  public Optional<Task> task() {
    int next = progress.next();
    return next < work.tasks().size() ? Optional.of(work.tasks().get(next)) : Optional.empty();
  }

  /**
   * Returns until when the glue has to dry before the task is done that is to be done.
   *
   * @param now the time at which it is asked
   * @return that time; empty if nothing need be waited for
   */
  public Optional<Instant> dries(Instant now) {
    return task().filter(Task::handles).flatMap(each -> progress.dry()).filter(now::isBefore);
  }

  /**
   * Says that the task is done that is to be done.
   *
   * @param copies how many copies of it, from 1 to how many are left of it
   * @param said its sentence as it was read
   * @param at when
   * @return what is to be written down; nothing if there is no such task
   */
  public List<Done> make(int copies, String said, Instant at) {
    if (task().isEmpty()) {
      return List.of();
    }
    Task task = task().get();
    List<Done> all = new ArrayList<>();
    if (round.number() > progress.rounds() && task.phase() == Task.Phase.CUT) {
      all.add(new Done(jobId, Done.Act.NOTHING, 1, Kind.BEGUN, at));
    }
    all.add(new Done(jobId, task.act(copies, said), copies, Kind.MADE, at));
    return all;
  }

  /**
   * Says that what was done last was not done after all, or not spoilt.
   *
   * @param at when
   * @return what is to be written down; nothing if nothing was done
   */
  public List<Done> takeBack(Instant at) {
    List<Done> back = new ArrayList<>();
    for (Done last : progress.lastTogether()) {
      Kind kind =
          switch (last.kind()) {
            case SPOILT -> Kind.NOT_SPOILT;
            case MEASURED -> Kind.NOT_MEASURED;
            default -> Kind.TAKEN_BACK;
          };
      back.add(new Done(jobId, last.act(), last.copy(), kind, at));
    }
    return back;
  }

  /**
   * Says that one of a piece is spoilt or lost: the one in hand, if the piece is being worked on.
   * What was laid on another and cut with it is made again with that other.
   *
   * @param piece the piece, by its id
   * @param at when
   * @return what is to be written down, of each piece that is made again; nothing if all is done
   */
  public List<Done> spoil(String piece, Instant at) {
    if (task().isEmpty()) {
      return List.of();
    }
    return pair(piece).stream()
        .map(
            each -> {
              List<Done.Cut> lost = progress.lost(design, needed, each);
              Done.Act act = new Done.Act(task().get().id(), each, "", 0, lost);
              return new Done(jobId, act, 1, Kind.SPOILT, at);
            })
        .toList();
  }

  /**
   * Returns the layers of which one lies on the table and may be spoilt before it is glued.
   *
   * @return what is cut for them
   */
  public List<Part> layers() {
    return needed.stream()
        .filter(part -> design.piece(part.id()).isEmpty() && progress.isCut(part.id()))
        .toList();
  }

  /**
   * Says that a layer is spoilt or lost before it was glued.
   *
   * @param layer what is cut for it
   * @param at when
   * @return what is to be written down; nothing if all is done
   */
  public List<Done> spoil(Part layer, Instant at) {
    Done.Cut lost = new Done.Cut(layer.id(), layer.width(), layer.height(), 1);
    return task()
        .map(task -> new Done.Act(task.id(), "", "", 0, List.of(lost)))
        .map(act -> List.of(new Done(jobId, act, 1, Kind.SPOILT, at)))
        .orElse(List.of());
  }

  private List<String> pair(String piece) {
    for (SecondCut cut : SecondCut.of(design)) {
      if (cut.with().isPresent()) {
        List<String> both = List.of(cut.piece().id(), cut.with().get().id());
        if (both.contains(piece) && progress.isCutAgain(both.get(1))) {
          return both;
        }
      }
    }
    return List.of(piece);
  }

  /**
   * Says what a piece that lies cut out really measures.
   *
   * @param measured the piece
   * @param at when
   * @return what is to be written down
   */
  public List<Done> measure(Adapted.Measured measured, Instant at) {
    Done.Cut cut = new Done.Cut(measured.piece(), measured.width(), measured.height(), 1);
    String task = task().map(Task::id).orElse("");
    Done.Act act = new Done.Act(task, measured.piece(), "", 0, List.of(cut));
    return List.of(new Done(jobId, act, 1, Kind.MEASURED, at));
  }

  /**
   * Says that all of it is made once more.
   *
   * @param at when
   * @return what is to be written down
   */
  public List<Done> beginAnew(Instant at) {
    return List.of(new Done(jobId, Done.Act.NOTHING, 1, Kind.ANEW, at));
  }
}

package cufflink.core.make;

import cufflink.core.cut.Part;
import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.log.Done;
import cufflink.core.log.Done.Kind;
import cufflink.core.make.Task.Phase;
import cufflink.core.paper.PaperKind;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** How far a run has got. */
public final class Progress {
  private final Work work;
  private final List<Done> done;
  private final Map<String, Integer> made = new HashMap<>();

  private Progress(Work work, List<Done> done) {
    this.work = work;
    this.done = standing(done);
  }

  /**
   * Goes through what was done.
   *
   * @param work the run as it is now
   * @param done all that was done of its job, in order
   * @return how far it has got
   */
  public static Progress of(Work work, List<Done> done) {
    Progress progress = new Progress(work, done);
    progress.done.forEach(progress::take);
    return progress;
  }

  /** Leaves out what was taken back. */
  static List<Done> standing(List<Done> done) {
    List<Done> stands = new ArrayList<>();
    for (Done each : done) {
      Optional<Kind> takenBack = takenBack(each.kind());
      if (takenBack.isEmpty()) {
        stands.add(each);
        continue;
      }
      Kind meant = takenBack.get();
      for (int i = stands.size() - 1; i >= 0; i--) {
        Done one = stands.get(i);
        if (one.kind() == meant && one.act().equals(each.act()) && one.copy() == each.copy()) {
          stands.remove(i);
          boolean opened = i == stands.size() && i > 0;
          if (opened && stands.get(i - 1).kind() == Kind.BEGUN) {
            // With its first cut taken back, a round was not begun either.
            stands.remove(i - 1);
          }
          break;
        }
      }
    }
    return stands;
  }

  private static Optional<Kind> takenBack(Kind kind) {
    return switch (kind) {
      case TAKEN_BACK -> Optional.of(Kind.MADE);
      case NOT_SPOILT -> Optional.of(Kind.SPOILT);
      case NOT_MEASURED -> Optional.of(Kind.MEASURED);
      default -> Optional.empty();
    };
  }

  private void take(Done each) {
    String task = each.act().task();
    switch (each.kind()) {
      case MADE -> made.merge(task, each.copy(), Integer::sum);
      case SPOILT -> bouts(task, each.act().piece()).forEach(bout -> lose(bout, each.copy()));
      case TAKEN_BACK, NOT_SPOILT, MEASURED, NOT_MEASURED, BEGUN, ANEW -> {
        return;
      }
    }
  }

  /** Whether it is about the trial card or about the others. */
  private static String portion(String task) {
    return task.startsWith(Work.TRIAL) ? Work.TRIAL : "";
  }

  /**
   * All that is done to a piece before the card is put together, within one portion of the work.
   */
  private List<List<Task>> bouts(String at, String piece) {
    String portion = portion(at);
    List<List<Task>> bouts = new ArrayList<>();
    Task last = null;
    for (Task task : work.tasks()) {
      boolean counts =
          portion(task.id()).equals(portion)
              && task.piece().equals(piece)
              && (task.phase() != Phase.CUT || task.trim().isEmpty())
              && task.phase().compareTo(Phase.LAYER) <= 0;
      if (counts) {
        boolean follows =
            last != null
                && last.phase() == task.phase()
                && !last.isSame()
                && task.phase() != Phase.LAYER;
        if (!follows || bouts.isEmpty()) {
          bouts.add(new ArrayList<>());
        }
        bouts.get(bouts.size() - 1).add(task);
      }
      last = counts ? task : null;
    }
    return bouts;
  }

  /**
   * Of what was done to all of them, one is not done any more. If only the first is being worked
   * on, it is begun with again; otherwise what is in hand did not count yet.
   */
  private void lose(List<Task> bout, int copies) {
    Task last = bout.get(bout.size() - 1);
    boolean isWhole = bout.stream().allMatch(task -> made(task) >= task.count());
    if (isWhole && (last.isSame() || last.count() > 1)) {
      made.merge(last.id(), -copies, Integer::sum);
      return;
    }
    List<Task> first = bout.stream().filter(task -> !task.isSame() && task.count() == 1).toList();
    if (isWhole || first.stream().anyMatch(task -> made(task) == 0)) {
      first.forEach(task -> made.put(task.id(), 0));
    }
  }

  /**
   * Returns how often a task is done.
   *
   * @param task the task
   * @return from 0 to how often it is to be done
   */
  public int made(Task task) {
    return Math.max(0, Math.min(task.count(), made.getOrDefault(task.id(), 0)));
  }

  /**
   * Returns the first task that is not done as often as it is to be.
   *
   * @return its place, the number of tasks if all are done
   */
  public int next() {
    int next = 0;
    while (next < work.tasks().size()
        && made(work.tasks().get(next)) == work.tasks().get(next).count()) {
      next++;
    }
    return next;
  }

  /** Returns how many rounds of cutting were begun after the first. */
  int rounds() {
    return (int) done.stream().filter(each -> each.kind() == Kind.BEGUN).count();
  }

  /**
   * Returns what was done last and not taken back.
   *
   * @return it, if anything was done
   */
  public Optional<Done> last() {
    List<Done> together = lastTogether();
    return together.isEmpty() ? Optional.empty() : Optional.of(together.get(together.size() - 1));
  }

  /** What was noted last by one press: both pieces of a pair, if a pair was spoilt. */
  List<Done> lastTogether() {
    int end = done.size();
    while (end > 0 && done.get(end - 1).kind() == Kind.BEGUN) {
      end--;
    }
    int begin = Math.max(0, end - 1);
    while (begin > 0 && isOnePress(done.get(begin - 1), done.get(end - 1))) {
      begin--;
    }
    return done.subList(begin, end);
  }

  private static boolean isOnePress(Done before, Done last) {
    return before.kind() == Kind.SPOILT
        && last.kind() == Kind.SPOILT
        && before.at().equals(last.at())
        && before.act().task().equals(last.act().task());
  }

  /**
   * Returns what was done in place of a task before the job became another.
   *
   * @param task the task
   * @return what was then done, if anything was
   */
  public Optional<Done> before(Task task) {
    return done.stream()
        .filter(each -> each.kind() == Kind.MADE && !each.act().task().equals(task.id()))
        .filter(each -> Task.stem(each.act().task()).equals(Task.stem(task.id())))
        .reduce((one, next) -> next);
  }

  /** Returns when the glue of all that was glued will be dry; empty if none was. */
  Optional<Instant> dry() {
    Map<String, Integer> drying = new HashMap<>();
    work.tasks().forEach(task -> drying.put(task.id(), task.tooling().drying()));
    return done.stream()
        .filter(each -> each.kind() == Kind.MADE)
        .filter(each -> drying.getOrDefault(each.act().task(), 0) > 0)
        .map(each -> each.at().plusSeconds(drying.get(each.act().task())))
        .max(Instant::compareTo);
  }

  /** The portion that is being worked on: that of the first task that is no cutting again. */
  private String portion() {
    return work.tasks().stream()
        .filter(task -> made(task) < task.count() && !task.id().startsWith(Work.AGAIN))
        .findFirst()
        .map(task -> portion(task.id()))
        .orElse("");
  }

  /** Says whether any second cut was made to a piece of those that are being worked on. */
  boolean isCutAgain(String piece) {
    String portion = portion();
    return work.tasks().stream()
        .filter(task -> task.phase() == Phase.SECOND_CUT && task.piece().equals(piece))
        .filter(task -> portion(task.id()).equals(portion))
        .anyMatch(task -> made(task) > 0);
  }

  /**
   * Returns the pieces of which one lies on the table and may be spoilt.
   *
   * @param design the card
   * @return the pieces that are cut out for what is being worked on, and those that are not cut
   *     from sheets of their own
   */
  public List<Piece> there(Design design) {
    Set<String> all = new LinkedHashSet<>();
    work.tasks().stream()
        .flatMap(task -> task.trim().stream())
        .flatMap(trim -> trim.ready().stream())
        .forEach(cut -> all.add(cut.part()));
    return design.pieces().stream()
        .filter(piece -> isCut(piece.id()) || !all.contains(piece.id()))
        .toList();
  }

  /** Says whether any of a part is cut for what is being worked on. */
  boolean isCut(String part) {
    String portion = portion();
    return done.stream()
        .filter(each -> each.kind() == Kind.MADE)
        .map(Done::act)
        .filter(act -> portion.isEmpty() != act.task().startsWith(Work.TRIAL))
        .flatMap(act -> act.cut().stream())
        .anyMatch(cut -> cut.part().equals(part));
  }

  /**
   * Returns what must be cut again when a piece is spoilt: the piece, and the papers that are glued
   * to it already.
   *
   * @param design the card
   * @param needed all that the job needs cut
   * @param piece the piece, by its id
   * @return the parts; ribbon is none
   */
  public List<Done.Cut> lost(Design design, List<Part> needed, String piece) {
    String portion = portion();
    List<Done.Cut> lost = new ArrayList<>();
    design
        .piece(piece)
        .filter(each -> each.paper() != PaperKind.RIBBON)
        .ifPresent(each -> lost.add(new Done.Cut(piece, each.width(), each.height(), 1)));
    for (Layer layer : design.layers()) {
      boolean isGlued =
          layer.on().equals(piece)
              && work.tasks().stream()
                  .filter(task -> task.phase() == Phase.LAYER && made(task) > 0)
                  .filter(task -> portion(task.id()).equals(portion))
                  .flatMap(task -> task.shown().stream())
                  .anyMatch(it -> it.piece().equals(piece) && it.lines().contains(layer.id()));
      if (isGlued) {
        needed.stream()
            .filter(part -> isFor(part, layer))
            .findFirst()
            .ifPresent(part -> lost.add(new Done.Cut(part.id(), part.width(), part.height(), 1)));
      }
    }
    return lost;
  }

  /** Two halves come from one rectangle, which is called after the first of them. */
  private static boolean isFor(Part part, Layer layer) {
    boolean alike =
        layer.shape().isHalf()
            && part.label().contains(layer.label())
            && part.width().equals(layer.width())
            && part.height().equals(layer.height());
    return part.id().equals(layer.on() + "." + layer.id()) || alike;
  }
}

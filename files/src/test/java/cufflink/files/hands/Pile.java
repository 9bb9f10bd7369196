package cufflink.files.hands;

import cufflink.core.design.Piece;
import cufflink.core.log.Done;
import cufflink.core.make.Task;
import cufflink.core.make.Task.Phase;
import cufflink.core.paper.PaperKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What lies on the table: pieces in heaps, each with what was done to it. It knows nothing of what
 * the run thinks is done: it only ever does what it is told to the next piece that needs it.
 */
final class Pile {
  private final Map<String, List<Set<String>>> heaps = new LinkedHashMap<>();
  private final Map<String, List<Set<String>>> acts = new LinkedHashMap<>();
  private final List<String> faults = new ArrayList<>();
  private Set<String> inHand = Set.of();
  private String bout = "";
  private String closed = "";

  List<String> faults() {
    return faults;
  }

  void put(String piece, int count) {
    for (int i = 0; i < count; i++) {
      heap(piece).add(new LinkedHashSet<>());
    }
  }

  List<Set<String>> heap(String piece) {
    return heaps.computeIfAbsent(piece, each -> new ArrayList<>());
  }

  private static String plain(String id) {
    return Task.stem(id).substring(id.indexOf(':') + 1);
  }

  void press(Task task, int copies, Piece piece) {
    task.trim().ifPresent(trim -> trim.ready().forEach(this::cutOut));
    boolean handles =
        task.phase().compareTo(Phase.SCORE) >= 0 && task.phase().compareTo(Phase.LAYER) <= 0;
    if (!handles || piece == null || piece.paper() == PaperKind.RIBBON) {
      return;
    }
    String bout = task.phase() + " " + task.piece();
    String act = plain(task.id());
    boolean same = task.isSame();
    List<Set<String>> turns = acts.computeIfAbsent(bout, each -> new ArrayList<>());
    Set<String> own = same ? turns.get(number(act) - 1) : turn(turns, bout, act);
    for (int i = 0; i < copies; i++) {
      boolean goesOn = !same && bout.equals(this.bout) && !inHand.contains(act);
      if (!goesOn || task.count() > 1) {
        inHand = next(task.piece(), same ? own : Set.of(act));
      }
      inHand.addAll(same ? own : Set.of(act));
    }
    this.bout = bout;
    closed = same ? bout : "";
  }

  private static int number(String act) {
    return Integer.parseInt(act.substring(act.lastIndexOf(' ') + 1));
  }

  /** What is done to a piece before it is laid aside, in which this has its place. */
  private Set<String> turn(List<Set<String>> turns, String bout, String act) {
    for (Set<String> each : turns) {
      if (each.contains(act)) {
        return each;
      }
    }
    if (turns.isEmpty() || closed.equals(bout)) {
      turns.add(new LinkedHashSet<>());
    }
    turns.get(turns.size() - 1).add(act);
    return turns.get(turns.size() - 1);
  }

  private void cutOut(Done.Cut cut) {
    put(cut.part(), cut.count());
  }

  /** The next piece to which none of this was done. */
  private Set<String> next(String piece, Set<String> acts) {
    return heap(piece).stream()
        .filter(each -> each.stream().noneMatch(acts::contains))
        .findFirst()
        .orElseGet(
            () -> {
              faults.add("there is no " + piece + " left for " + acts);
              return new LinkedHashSet<>();
            });
  }

  /** The one in hand is spoilt, if it is not ready yet; otherwise one with which least was done. */
  void spoil(String piece, Task next) {
    List<Set<String>> heap = heap(piece);
    Set<String> lost = null;
    for (Set<String> each : heap) {
      lost = lost == null || each.size() < lost.size() ? each : lost;
    }
    boolean goesOn = (next.phase() + " " + next.piece()).equals(bout) && next.piece().equals(piece);
    if (goesOn && !next.isSame() && next.count() == 1) {
      lost = inHand;
    }
    Set<String> gone = lost;
    heap.removeIf(each -> each == gone);
    bout = "";
  }

  /** The trial card is made and laid aside. */
  void layAside(List<Piece> pieces) {
    acts.clear();
    for (Piece piece : pieces) {
      heap(piece.id()).sort(Comparator.comparing(each -> -each.size()));
      heap(piece.id()).subList(0, Math.min(piece.count(), heap(piece.id()).size())).clear();
    }
  }

  /** Of all that is done to a piece, what was not done to each of them. */
  void compare(String piece, int count, List<Task> tasks) {
    Set<String> all = new LinkedHashSet<>();
    for (Task task : tasks) {
      boolean handles =
          task.phase().compareTo(Phase.SCORE) >= 0 && task.phase().compareTo(Phase.LAYER) <= 0;
      boolean trial = task.id().startsWith("trial:");
      if (task.piece().equals(piece) && handles && !trial && !task.isSame()) {
        all.add(plain(task.id()));
      }
    }
    if (heap(piece).size() != count) {
      faults.add(heap(piece).size() + " of " + piece + " and not " + count);
    }
    for (Set<String> each : heap(piece)) {
      if (!each.equals(all)) {
        faults.add(piece + ": " + each + " and not " + all);
      }
    }
  }
}

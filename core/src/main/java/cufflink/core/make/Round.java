package cufflink.core.make;

import cufflink.core.cut.Part;
import cufflink.core.log.Done;
import cufflink.core.log.Done.Kind;
import cufflink.core.make.Task.Phase;
import cufflink.core.measure.Written;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What of a job is to be cut: all of it at first. Once some is cut and the job becomes another, a
 * new round begins in which only what is still missing is cut.
 *
 * @param number how many rounds there were before, from 0
 * @param only how many of which parts, by their ids; all if that is empty
 */
public record Round(int number, Optional<Map<String, Integer>> only) {
  /** Copies the map. */
  public Round {
    only = only.map(Map::copyOf);
  }

  /**
   * Returns the round that was begun last.
   *
   * @param done all that was done of the job, in order
   * @param needed all that the job needs cut
   * @return the round
   */
  public static Round begun(List<Done> done, List<Part> needed) {
    int number = (int) done.stream().filter(each -> each.kind() == Kind.BEGUN).count();
    return number == 0
        ? new Round(0, Optional.empty())
        : new Round(number, Optional.of(missing(before(done), needed)));
  }

  /** What was done before the round, and what was measured since of what lay there then. */
  private static List<Done> before(List<Done> done) {
    int begin = begin(done);
    List<Done> before = new ArrayList<>(done.subList(0, begin));
    done.subList(begin, done.size()).stream()
        .filter(each -> each.kind() == Kind.MEASURED || each.kind() == Kind.NOT_MEASURED)
        .forEach(before::add);
    return before;
  }

  /**
   * Returns the round that comes after those that were begun.
   *
   * @param done all that was done of the job, in order
   * @param needed all that the job needs cut
   * @return a round for what is missing
   */
  public static Round next(List<Done> done, List<Part> needed) {
    int number = begun(done, needed).number() + 1;
    return new Round(number, Optional.of(missing(done, needed)));
  }

  /**
   * Says whether a run is that in which was cut what has been cut in this round.
   *
   * @param work the run
   * @param done all that was done of the job, in order
   * @return false if the job, or the paper it is cut from, has become another since
   */
  public static boolean isFor(Work work, List<Done> done) {
    Set<String> ids = new LinkedHashSet<>();
    work.tasks().forEach(task -> ids.add(task.id()));
    return ids.containsAll(made(done.subList(begin(done), done.size())).keySet());
  }

  /**
   * Returns what has been cut, apart from what was cut again in place of spoilt pieces.
   *
   * @param done all that was done of the job, in order
   * @return how many of each, by part and size
   */
  public static Map<Done.Cut, Integer> cut(List<Done> done) {
    Map<Done.Cut, Integer> cut = new LinkedHashMap<>();
    for (Done each : Progress.standing(done)) {
      if (isCut(each)) {
        each.act().cut().forEach(it -> cut.merge(it.one(), it.count(), Integer::sum));
      } else if (each.kind() == Kind.MEASURED) {
        each.act().cut().forEach(it -> measure(cut, it));
      }
    }
    return cut;
  }

  /** All that lies cut of a part is as one of them was measured: they are cut at one fence. */
  private static void measure(Map<Done.Cut, Integer> cut, Done.Cut measured) {
    int count =
        cut.entrySet().stream()
            .filter(each -> each.getKey().part().equals(measured.part()))
            .mapToInt(Map.Entry::getValue)
            .sum();
    cut.keySet().removeIf(each -> each.part().equals(measured.part()));
    if (count > 0) {
      cut.put(measured, count);
    }
  }

  private static Map<String, Integer> missing(List<Done> done, List<Part> needed) {
    Map<Done.Cut, Integer> cut = cut(done);
    Map<String, Integer> missing = new LinkedHashMap<>();
    for (Part part : needed) {
      Done.Cut one = new Done.Cut(part.id(), part.width(), part.height(), 1);
      int left = part.count() - cut.getOrDefault(one, 0);
      if (left > 0) {
        missing.put(part.id(), left);
      }
    }
    return missing;
  }

  private static int begin(List<Done> done) {
    int begin = 0;
    for (int i = 0; i < done.size(); i++) {
      begin = done.get(i).kind() == Kind.BEGUN ? i + 1 : begin;
    }
    return begin;
  }

  /** The cuts that were made and not taken back, but for those of spoilt pieces. */
  private static Map<String, Done.Act> made(List<Done> done) {
    Map<String, Done.Act> made = new LinkedHashMap<>();
    for (Done each : Progress.standing(done)) {
      if (isCut(each)) {
        made.put(each.act().task(), each.act());
      }
    }
    return made;
  }

  private static boolean isCut(Done each) {
    String task = each.act().task();
    return Phase.of(task).equals(Optional.of(Phase.CUT))
        && !task.startsWith(Work.AGAIN)
        && each.kind() == Kind.MADE;
  }

  /**
   * Says what was cut before the job became another and is now needed in another size.
   *
   * @param done all that was done of the job, in order
   * @param needed all that the job needs cut
   * @return a sentence for each size, in the order of the parts
   */
  public static List<Message> otherwise(List<Done> done, List<Part> needed) {
    Map<Done.Cut, Integer> cut = cut(done);
    List<Message> told = new ArrayList<>();
    for (Part part : needed) {
      cut.forEach(
          (each, count) -> {
            boolean isIt = each.part().equals(part.id());
            int wide = part.width().compareTo(each.width());
            int high = part.height().compareTo(each.height());
            if (isIt && (wide != 0 || high != 0)) {
              String key = wide <= 0 && high <= 0 ? "make.cut-larger" : "make.cut-otherwise";
              Message before = Written.briefSize(each.width(), each.height());
              Message now = Written.briefSize(part.width(), part.height());
              told.add(Message.of(key, part.label(), count, before, now));
            }
          });
    }
    return told;
  }

  /**
   * Returns what was spoilt or lost and is cut again.
   *
   * @param done all that was done of the job, in order
   * @return how many of which parts, by their ids; what was spoilt before any of it was cut again
   *     is cut together
   */
  public static List<Map<String, Integer>> again(List<Done> done) {
    List<Map<String, Integer>> all = new ArrayList<>();
    boolean isBegun = true;
    for (Done each : Progress.standing(done)) {
      boolean spoilt = each.kind() == Kind.SPOILT;
      if (spoilt && isBegun) {
        all.add(new LinkedHashMap<>());
        isBegun = false;
      }
      for (Done.Cut cut : spoilt ? each.act().cut() : List.<Done.Cut>of()) {
        all.get(all.size() - 1).merge(cut.part(), cut.count(), Integer::sum);
      }
      isBegun |= each.kind() == Kind.MADE && each.act().task().startsWith(Work.again(all.size()));
    }
    return all;
  }
}

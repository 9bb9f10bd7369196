package cufflink.core.make;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Several runs worked off together by one pair of hands: while the glue of one dries another goes
 * on, and what is set stays set for all that need it.
 *
 * @param turns which run goes on, in order
 * @param seconds how long all of it takes
 * @param waiting how long of that nothing can be done, in seconds
 */
public record Session(List<Turn> turns, double seconds, double waiting) {
  /** How long it takes to lay one thing down, take up or set another; common practice. */
  public static final double SETTING = 15;

  /** How long it takes to put one job aside and take up another; common practice. */
  public static final double OTHER = 10;

  /** So many beginnings are followed at once. */
  private static final int FOLLOWED = 60;

  private static final double MINUTE = 60;

  /**
   * One task of one run.
   *
   * @param run which run, from 0
   * @param task which task of it, from 0
   * @param idle how long nothing can be done before it, in seconds
   */
  public record Turn(int run, int task, double idle) {}

  /**
   * Something to be done, as far as time goes.
   *
   * @param setting what must be set for it
   * @param seconds how long it takes
   * @param drying how long it dries before anything is handled, in seconds
   * @param handles whether all of its run must be dry for it
   */
  public record Piece(String setting, double seconds, double drying, boolean handles) {}

  /** Copies the list. */
  public Session {
    turns = List.copyOf(turns);
  }

  /** A beginning: how far each run has got, and when all of it will be dry. */
  private record Begun(
      int[] next,
      double[] dry,
      double time,
      double waited,
      String setting,
      Begun before,
      Turn turn) {
    boolean isAsFarAs(Begun other) {
      return Arrays.equals(next, other.next)
          && setting.equals(other.setting)
          && turn.run() == other.turn.run();
    }

    /** Nothing of the other is sooner. */
    boolean beats(Begun other) {
      boolean sooner = time <= other.time;
      for (int i = 0; i < dry.length; i++) {
        sooner &= dry[i] <= Math.max(other.dry[i], other.time);
      }
      return sooner;
    }
  }

  /**
   * Orders runs.
   *
   * @param runs what is done in each, in order
   * @return a short session: list scheduling that follows the best beginnings at once
   */
  public static Session of(List<List<Piece>> runs) {
    int size = runs.size();
    double[][] tails = runs.stream().map(Session::tails).toArray(double[][]::new);
    List<Begun> begun = List.of(new Begun(new int[size], new double[size], 0, 0, "", null, null));
    int all = runs.stream().mapToInt(List::size).sum();
    for (int step = 0; step < all; step++) {
      List<Begun> longer = new ArrayList<>();
      for (Begun each : begun) {
        for (int run = 0; run < size; run++) {
          if (each.next()[run] < runs.get(run).size()) {
            add(longer, after(each, run, runs.get(run).get(each.next()[run])));
          }
        }
      }
      longer.sort(Comparator.comparingDouble(each -> bound(each, runs, tails)));
      begun = longer.subList(0, Math.min(FOLLOWED, longer.size()));
    }
    Begun best = begun.stream().min(Comparator.comparingDouble(Begun::time)).orElseThrow();
    List<Turn> turns = new ArrayList<>();
    for (Begun each = best; each.turn() != null; each = each.before()) {
      turns.add(0, each.turn());
    }
    return new Session(turns, best.time(), best.waited());
  }

  private static void add(List<Begun> all, Begun next) {
    if (all.stream().anyMatch(each -> each.isAsFarAs(next) && each.beats(next))) {
      return;
    }
    all.removeIf(each -> each.isAsFarAs(next) && next.beats(each));
    all.add(next);
  }

  private static Begun after(Begun before, int run, Piece piece) {
    double start = before.time();
    if (before.turn() != null) {
      start += before.setting().equals(piece.setting()) ? 0 : SETTING;
      start += before.turn().run() == run ? 0 : OTHER;
    }
    double free = piece.handles() ? Math.max(start, before.dry()[run]) : start;
    double end = free + piece.seconds();
    int[] next = before.next().clone();
    next[run]++;
    double[] dry = before.dry().clone();
    dry[run] = Math.max(dry[run], piece.drying() > 0 ? end + piece.drying() : 0);
    double wait = free - start;
    Turn turn = new Turn(run, before.next()[run], wait);
    return new Begun(next, dry, end, before.waited() + wait, piece.setting(), before, turn);
  }

  /** How long a run takes at the least from each of its tasks on, with its drying. */
  private static double[] tails(List<Piece> run) {
    double[] tails = new double[run.size() + 1];
    for (int i = run.size() - 1; i >= 0; i--) {
      double time = 0;
      double dry = 0;
      for (Piece each : run.subList(i, run.size())) {
        time = (each.handles() ? Math.max(time, dry) : time) + each.seconds();
        dry = each.drying() > 0 ? Math.max(dry, time + each.drying()) : dry;
      }
      tails[i] = time;
    }
    return tails;
  }

  /** No session that goes on from there is shorter, but for what has to be set. */
  private static double bound(Begun begun, List<List<Piece>> runs, double[][] tails) {
    double longest = 0;
    double all = 0;
    for (int run = 0; run < tails.length; run++) {
      int next = begun.next()[run];
      longest = Math.max(longest, tails[run][next]);
      all += tails[run][next] > 0 ? work(runs.get(run), next) : 0;
    }
    return begun.time() + Math.max(longest, all);
  }

  private static double work(List<Piece> run, int from) {
    double work = 0;
    for (int i = from; i < run.size(); i++) {
      work += run.get(i).seconds();
    }
    return work;
  }

  /**
   * Orders several works.
   *
   * @param works the works
   * @return a session of all of them
   */
  public static Session ofWorks(List<Work> works) {
    return of(
        works.stream()
            .map(
                work ->
                    work.tasks().stream()
                        .map(
                            task ->
                                new Piece(
                                    task.tooling().setting(),
                                    task.all(),
                                    task.tooling().drying(),
                                    task.handles()))
                        .toList())
            .toList());
  }

  /** Returns how long all of it takes, in whole minutes. */
  public int minutes() {
    return (int) Math.ceil(seconds / MINUTE);
  }

  /** Returns how long of that nothing can be done, in whole minutes. */
  public int waitingMinutes() {
    return (int) Math.ceil(waiting / MINUTE);
  }
}

package cufflink.core.cut;

import cufflink.core.cut.Filled.Solution;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The best plan for a small job: the fewest new sheets, then the fewest off-cuts, then the largest
 * paper left in one piece. All sets of parts are looked at, so the plan is proven.
 */
final class ExactSearch {
  /** How many pairs of sets may be looked at for one room. */
  static final double MOST_PAIRS = 600_000;

  private static final double MOST_WORK = 6_000_000;
  private static final int MOST_OFF_CUTS = 40;

  private final Kinds kinds;
  private final Counts counts;
  private final Watch watch;
  private final List<SheetFill> fills = new ArrayList<>();
  private final List<Round> rounds = new ArrayList<>();
  private State now;

  /** What is cut after some rounds: for each set, how well. */
  private record State(boolean[] reached, int[] offCuts, double[] spare) {
    static State of(int states) {
      return new State(new boolean[states], new int[states], new double[states]);
    }

    boolean take(int state, int cuts, double left) {
      boolean better =
          !reached[state] || cuts < offCuts[state] || cuts == offCuts[state] && left > spare[state];
      if (better) {
        reached[state] = true;
        offCuts[state] = cuts;
        spare[state] = left;
      }
      return better;
    }
  }

  /** Which part of each set was cut from this round's paper, and which fill says how. */
  private record Round(int[] part, int[] fill) {}

  private ExactSearch(Kinds kinds, Counts counts, Watch watch) {
    this.kinds = kinds;
    this.counts = counts;
    this.watch = watch;
  }

  /**
   * Finds the best plan.
   *
   * @return the plan; empty if the job is too large to look at everything, or the search was ended
   */
  static Optional<Solution> search(Kinds kinds, int[] demand, Watch watch) {
    double pairs = Counts.pairs(demand);
    long offCuts = kinds.offCuts().stream().mapToLong(each -> each.stock().count()).sum();
    int pieces = Arrays.stream(demand).sum();
    double rounds = Math.min(offCuts, MOST_OFF_CUTS) + kinds.sheets().size() * Math.sqrt(pieces);
    if (pairs > MOST_PAIRS || pairs * rounds > MOST_WORK || offCuts > MOST_OFF_CUTS) {
      return Optional.empty();
    }
    return new ExactSearch(kinds, new Counts(demand), watch).search(pieces);
  }

  private Optional<Solution> search(int pieces) {
    now = State.of(counts.states());
    now.take(0, 0, 0);
    for (Kinds.Room room : kinds.offCuts()) {
      fills.add(new SheetFill(new Blocks(kinds, room, counts)));
      for (int i = 0; i < room.stock().count() && !watch.stops(); i++) {
        useOffCut(fills.size() - 1);
      }
    }
    int firstSheet = fills.size();
    for (Kinds.Room room : kinds.sheets()) {
      if (watch.stops()) {
        return Optional.empty();
      }
      fills.add(new SheetFill(new Blocks(kinds, room, counts)));
    }
    for (int i = 0; i <= pieces && !watch.stops(); i++) {
      if (now.reached()[counts.whole()]) {
        return Optional.of(trace());
      }
      useSheet(firstSheet);
    }
    return Optional.empty();
  }

  private void useOffCut(int fill) {
    State next = State.of(counts.states());
    Round round = new Round(new int[counts.states()], new int[counts.states()]);
    for (int state = 0; state < counts.states(); state++) {
      if (now.reached()[state]) {
        next.take(state, now.offCuts()[state], now.spare()[state]);
      }
      tryAll(next, round, state, fill, 1);
    }
    rounds.add(round);
    now = next;
  }

  private void useSheet(int firstSheet) {
    State next = State.of(counts.states());
    Round round = new Round(new int[counts.states()], new int[counts.states()]);
    for (int state = 1; state < counts.states(); state++) {
      for (int fill = firstSheet; fill < fills.size(); fill++) {
        tryAll(next, round, state, fill, 0);
      }
    }
    rounds.add(round);
    now = next;
  }

  private void tryAll(State next, Round round, int state, int fill, int offCut) {
    if (state > 0) {
      tryPart(next, round, state, state, fill, offCut);
      counts.inside(state, part -> tryPart(next, round, state, part, fill, offCut));
    }
  }

  private void tryPart(State next, Round round, int state, int part, int fill, int offCut) {
    int before = state - part;
    SheetFill sheet = fills.get(fill);
    if (now.reached()[before] && sheet.holds(part)) {
      double spare = Math.max(now.spare()[before], sheet.spare(part));
      if (next.take(state, now.offCuts()[before] + offCut, spare)) {
        round.part()[state] = part;
        round.fill()[state] = fill;
      }
    }
  }

  private Solution trace() {
    List<Filled> sheets = new ArrayList<>();
    int state = counts.whole();
    for (int i = rounds.size() - 1; i >= 0; i--) {
      int part = rounds.get(i).part()[state];
      if (part > 0) {
        SheetFill fill = fills.get(rounds.get(i).fill()[state]);
        sheets.add(0, new Filled(fill.room(), fill.layout(part), 1));
        state -= part;
      }
    }
    return new Solution(sheets);
  }
}

package cufflink.core.fold;

import cufflink.core.measure.Tolerance;
import java.util.Set;
import java.util.function.BooleanSupplier;

/**
 * The way from one pose to another along which all loops stay closed.
 *
 * <p>Each angle is asked to go evenly from its start to its end; the loops let it lead or lag. The
 * way is walked in small steps from the start, each beginning at the pose before. From the flat
 * state, where all ways of folding meet, the first step goes towards the mountains and valleys that
 * are asked for.
 */
final class Course {
  private static final int SAMPLES = 24;

  /** A share of a step that is rounding and nothing else. */
  private static final double ON_SAMPLE = 1e-12;

  /** The most an angle may turn in one step, in radians: four times the even way. */
  private static final double MOST_TURN = 4 * Math.PI / SAMPLES;

  /** How near to its end an angle must come, in radians. */
  private static final double ARRIVED = 0.01;

  private final Linkage linkage;
  private final double[] start;
  private final double[] end;
  private final boolean[] led;
  private final boolean[] follows;
  private final int[] signs;
  private final BooleanSupplier stops;
  private final Closure closure;
  private final double[][] samples = new double[SAMPLES + 1][];
  private int walked;
  private Stuck stuck = Stuck.NOT;

  /**
   * Where a way ends before its end.
   *
   * @param share how much of the way was walked, from 0 to 1
   * @param loop which loop would not close, -1 if none
   */
  record Stuck(double share, int loop) {
    static final Stuck NOT = new Stuck(1, -1);

    /** The way does not even begin. */
    static final Stuck AT_ONCE = new Stuck(0, -1);
  }

  /**
   * Prepares to walk.
   *
   * @param linkage the facets and their links
   * @param start the angles at the start, in radians
   * @param end the angles asked for at the end
   * @param led which angles have an end that was asked for; the others follow as they must
   * @param held which angles do not move
   * @param signs which way the angles go from flat: 1 for a valley, −1 for a mountain
   * @param stops asked before each step; true ends the walk where it is
   */
  Course(
      Linkage linkage,
      double[] start,
      double[] end,
      boolean[] led,
      boolean[] held,
      int[] signs,
      BooleanSupplier stops) {
    this.linkage = linkage;
    this.signs = signs.clone();
    this.stops = stops;
    this.follows = following(linkage, start, end, led);
    this.start = start.clone();
    this.end = end.clone();
    this.led = led.clone();
    this.closure = new Closure(linkage, held, led, Tolerance.PAPER);
    samples[0] = this.start;
  }

  /** Returns the angles that have to move because a loop hangs together with one that is led. */
  private static boolean[] following(Linkage linkage, double[] start, double[] end, boolean[] led) {
    boolean[] follows = new boolean[start.length];
    boolean[] moves = new boolean[start.length];
    for (int i = 0; i < moves.length; i++) {
      moves[i] = led[i] && start[i] != end[i];
    }
    boolean more = true;
    while (more) {
      more = false;
      for (Link loop : linkage.loops()) {
        Set<Integer> around = linkage.around(loop);
        if (around.stream().anyMatch(i -> moves[i])) {
          for (int i : around) {
            more |= !led[i] && !moves[i];
            follows[i] |= !led[i];
            moves[i] |= !led[i];
          }
        }
      }
    }
    return follows;
  }

  /** Returns where the way ends before its end; it is walked to find out. */
  synchronized Stuck stuck() {
    walk(SAMPLES);
    return stuck;
  }

  private void walk(int to) {
    while (walked < to && stuck == Stuck.NOT && !stops.getAsBoolean()) {
      int next = walked + 1;
      double share = next / (double) SAMPLES;
      double[] before = samples[walked];
      Closure.Solution found = closure.solve(guess(before, share), target(before, share));
      if (next == SAMPLES) {
        found = atEnd(found);
      }
      boolean arrives = next < SAMPLES || hasArrived(found.radians());
      if (!found.closes() || !arrives || jumps(before, found.radians())) {
        stuck = new Stuck(walked / (double) SAMPLES, found.worst());
        return;
      }
      samples[next] = found.radians();
      walked = next;
    }
  }

  /**
   * Places are rounded to an eighth of a micrometre, so that folds which meet flat on paper need
   * not meet to the last digit; folded flat, paper forgives a hundredth of a millimetre.
   */
  private Closure.Solution atEnd(Closure.Solution found) {
    Closure flat = new Closure(linkage, new boolean[start.length], Tolerance.FOLDED);
    Closure.Solution asked = flat.measured(end);
    return asked.closes() ? asked : found;
  }

  /**
   * A pose that lies far from the one before is on another way of folding; a crease folded further
   * than flat has gone through its own paper.
   */
  private boolean jumps(double[] before, double[] after) {
    for (int i = 0; i < before.length; i++) {
      boolean passesItself =
          !linkage.slides(i) && Math.abs(after[i]) > Math.PI + Tolerance.FOLDED.angle();
      if (passesItself || Math.abs(after[i] - before[i]) > MOST_TURN) {
        return true;
      }
    }
    return false;
  }

  /** Loops that let nothing move close as well, but never come to the end. */
  private boolean hasArrived(double[] radians) {
    for (int i = 0; i < radians.length; i++) {
      if (led[i] && Math.abs(radians[i] - end[i]) > ARRIVED) {
        return false;
      }
    }
    return true;
  }

  private double[] target(double[] before, double share) {
    double[] target = before.clone();
    for (int i = 0; i < target.length; i++) {
      if (led[i]) {
        target[i] = start[i] + (end[i] - start[i]) * share;
      }
    }
    return target;
  }

  /**
   * Begins where the even way would be, at the same distance from it as the pose before. What
   * follows begins by opening if it is closed, and by folding its own way if it is open: there the
   * ways of folding meet.
   */
  private double[] guess(double[] before, double share) {
    double[] guess = before.clone();
    double step = 1.0 / SAMPLES;
    double most = 0;
    for (int i = 0; i < guess.length; i++) {
      double change = led[i] ? (end[i] - start[i]) * Math.min(step, share) : 0;
      guess[i] += change;
      most = Math.max(most, Math.abs(change));
    }
    for (int i = 0; i < guess.length; i++) {
      if (follows[i] && !linkage.slides(i)) {
        boolean closed = Math.abs(before[i]) > Math.PI - ARRIVED;
        boolean open = Math.abs(before[i]) < ARRIVED;
        guess[i] += closed ? -Math.signum(before[i]) * most : open ? signs[i] * most : 0;
      }
    }
    return guess;
  }

  /**
   * Returns the angles at a share of the way.
   *
   * @param share from 0 to 1
   * @return the angles in radians; where the way is stuck, those before
   */
  synchronized double[] at(double share) {
    int below = (int) Math.min(SAMPLES, Math.floor(share * SAMPLES));
    walk(Math.min(SAMPLES, below + 1));
    if (below >= walked) {
      return samples[walked];
    }
    double part = share * SAMPLES - below;
    double[] from = samples[below];
    double[] to = samples[below + 1];
    if (part < ON_SAMPLE) {
      return from;
    }
    double[] between = new double[from.length];
    for (int i = 0; i < between.length; i++) {
      between[i] = from[i] + (to[i] - from[i]) * part;
    }
    Closure.Solution found = closure.solve(between, between);
    if (found.closes()) {
      return found.radians();
    }
    // Between a pose that closes and a flat one that does so but for rounding.
    boolean nearly =
        new Closure(linkage, new boolean[start.length], Tolerance.FOLDED)
            .measured(found.radians())
            .closes();
    return nearly ? found.radians() : from;
  }

  /** Returns the angles at the end, or where the way is stuck. */
  double[] end() {
    return at(1);
  }

  /**
   * Counts in how many ways the angles that a stage leaves open can move half way.
   *
   * @param named the angles it says
   */
  int loose(boolean[] named) {
    return new Closure(linkage, named, Tolerance.PAPER).freedom(at(0.5));
  }
}

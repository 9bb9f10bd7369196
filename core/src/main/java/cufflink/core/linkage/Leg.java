package cufflink.core.linkage;

import cufflink.core.assembly.Link;
import java.util.Set;

/**
 * What is asked of one stage: from which amounts to which, what leads and what follows, and what
 * counts as having got there.
 */
final class Leg {
  /** How near to its end an angle must come, in radians. */
  private static final double ARRIVED = 0.01;

  /** What follows and is nearer than this to flat or closed, in radians, is meant to be so. */
  private static final double NEARLY = 0.12;

  private final Linkage linkage;
  private final double[] start;
  private final double[] end;
  private final boolean[] led;
  private final boolean[] follows;
  private final int[] signs;

  Leg(Linkage linkage, double[] start, double[] end, boolean[] led, int[] signs) {
    this.linkage = linkage;
    this.start = start.clone();
    this.end = end.clone();
    this.led = led.clone();
    this.signs = signs.clone();
    this.follows = following(linkage, start, end, led);
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

  double[] start() {
    return start.clone();
  }

  double[] end() {
    return end.clone();
  }

  int size() {
    return start.length;
  }

  /** Returns how many loops hang together, at least one. */
  int loops() {
    return Math.max(1, linkage.loops().size());
  }

  boolean isLed(int angle) {
    return led[angle];
  }

  boolean isFollowing(int angle) {
    return follows[angle];
  }

  boolean slides(int angle) {
    return linkage.slides(angle);
  }

  boolean isClosed(double radians) {
    return Math.abs(radians) > Math.PI - ARRIVED;
  }

  boolean isOpen(double radians) {
    return Math.abs(radians) < ARRIVED;
  }

  /** Returns the way an angle goes from a pose: 1 up, −1 down, 0 if that is not known. */
  int direction(int angle, double[] now) {
    if (led[angle]) {
      return (int) Math.signum(end[angle] - now[angle]);
    }
    if (!follows[angle] || slides(angle)) {
      return 0;
    }
    if (isClosed(now[angle])) {
      return -(int) Math.signum(now[angle]);
    }
    return isOpen(now[angle]) ? signs[angle] : 0;
  }

  /** Returns what is led at a share of the way, and all else as it was. */
  double[] target(double[] before, double share) {
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
  double[] guess(double[] before, double step) {
    double[] guess = before.clone();
    double most = 0;
    for (int i = 0; i < guess.length; i++) {
      double change = led[i] ? (end[i] - start[i]) * step : 0;
      guess[i] += change;
      most = Math.max(most, Math.abs(change));
    }
    for (int i = 0; i < guess.length; i++) {
      if (!led[i]) {
        guess[i] += direction(i, before) * most;
      }
    }
    return guess;
  }

  /** Returns how much of the way is done, by what is led, from 0 to 1. */
  double share(double[] now) {
    double whole = 0;
    double left = 0;
    for (int i = 0; i < now.length; i++) {
      if (led[i]) {
        whole += Math.abs(end[i] - start[i]);
        left += Math.min(Math.abs(end[i] - now[i]), Math.abs(end[i] - start[i]));
      }
    }
    return whole == 0 ? 1 : 1 - left / whole;
  }

  /**
   * Places are rounded to an eighth of a micrometre, so that folds which meet flat on paper need
   * not meet to the last digit; folded flat, paper forgives a hundredth of a millimetre. What is
   * led is then where it was asked to be, and what follows as flat or as closed as it nearly is.
   */
  Closure.Solution atEnd(Closure.Solution found) {
    double[] asked = found.radians().clone();
    for (int i = 0; i < asked.length; i++) {
      if (led[i] || !follows[i]) {
        asked[i] = end[i];
      } else if (!slides(i)) {
        asked[i] = flattened(asked[i]);
      }
    }
    Closure.Solution flat = measured(asked);
    return flat.closes() ? flat : found;
  }

  private static double flattened(double radians) {
    if (Math.abs(radians) < NEARLY) {
      return 0;
    }
    return Math.PI - Math.abs(radians) < NEARLY ? Math.copySign(Math.PI, radians) : radians;
  }

  /** Says how well all loops close, as folded paper forgives it. */
  Closure.Solution measured(double[] radians) {
    return new Closure(linkage, new boolean[radians.length], linkage.tolerances().folded())
        .measured(radians);
  }

  /**
   * A pose that lies far from the one before is on another way of folding; a crease folded further
   * than flat has gone through its own paper.
   */
  boolean jumps(double[] before, double[] after, double most) {
    for (int i = 0; i < before.length; i++) {
      boolean passesItself =
          !slides(i) && Math.abs(after[i]) > Math.PI + linkage.tolerances().folded().angle();
      if (passesItself || Math.abs(after[i] - before[i]) > most) {
        return true;
      }
    }
    return false;
  }

  /** Loops that let nothing move close as well, but never come to the end. */
  boolean hasArrived(double[] radians) {
    for (int i = 0; i < radians.length; i++) {
      if (led[i] && Math.abs(radians[i] - end[i]) > ARRIVED) {
        return false;
      }
    }
    return true;
  }
}

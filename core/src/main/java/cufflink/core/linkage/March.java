package cufflink.core.linkage;

import cufflink.core.linkage.Course.Sample;
import cufflink.core.linkage.Course.Stuck;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;

/**
 * Walks a way by its own length instead of at an even pace, so that what follows may move as fast
 * as it must.
 *
 * <p>Each step goes from a closed pose along the loops towards the end asked for, by the part of
 * the straight line there that the loops allow, and is then closed again (a predictor and a
 * corrector; E. Allgower and K. Georg, Numerical Continuation Methods, 1990, from memory). A step
 * that lands elsewhere is halved. In the flat state several ways of folding meet: there the first
 * step is tried with many proportions between the creases until one goes the way that every
 * mountain and valley asks for.
 */
final class March {
  /** How far the angle that moves most goes in one step, in radians. */
  private static final double STEP = 0.12;

  private static final double LEAST_STEP = STEP / 4_096;
  private static final int MOST_STEPS = 900;

  /** After so many steps some of the way must be done: what follows turns half round in fewer. */
  private static final int LOOKS_BACK = 60;

  private static final double LEAST_GAIN = 1e-4;
  private static final double FIRST_STEP = 0.06;

  /** The share of the way of the very first step, if that may be an even one. */
  private static final double EVENLY = 1.0 / 24;

  private static final int FIRST_TRIES = 60;
  private static final int BEGINNINGS = 8;
  private static final int ROUND_TRIES = 40;
  private static final int SEED = 2_026;

  /** A step that goes the wrong way by less, in radians, is rounding. */
  private static final double ROUNDING = 1e-3;

  /** What is led must move from the start, in radians: two lines do not fold one after another. */
  private static final double LEAST_MOVED = 1e-5;

  /** How near to what was asked counts as just there, in radians. */
  private static final double THERE = 1e-6;

  /** Below this there is no way on, in radians. */
  private static final double NOWHERE = 1e-9;

  private final Leg leg;
  private final Closure closure;
  private final boolean supple;
  private final BooleanSupplier stops;
  private int begun;
  private final Random random = new Random(SEED);

  /** What was walked, and where it ends before its end. */
  record Way(List<Sample> samples, Stuck stuck) {}

  /**
   * Prepares to walk.
   *
   * @param leg from where to where
   * @param closure keeps the loops closed
   * @param supple whether the paper can move in more ways than one, so that there may be a way
   *     round
   * @param stops asked before each step
   */
  March(Leg leg, Closure closure, boolean supple, BooleanSupplier stops) {
    this.supple = supple;
    this.leg = leg;
    this.closure = closure;
    this.stops = stops;
  }

  /** Walks; where a beginning leads nowhere, others are tried, and the farthest is returned. */
  Way walked() {
    Way farthest = new Way(List.of(), new Stuck(-1, -1));
    int beginnings = supple ? shared(BEGINNINGS) : 1;
    for (int i = 0; i < beginnings && !stops.getAsBoolean(); i++) {
      Way way = walk();
      if (way.stuck().share() > farthest.stuck().share()) {
        farthest = way;
      }
      if (way.stuck() == Stuck.NOT || way.stuck().share() == 0) {
        break;
      }
    }
    return farthest;
  }

  /**
   * Where many loops hang together each try takes as much longer, and chance helps as much less.
   */
  private int shared(int tries) {
    return Math.max(1, tries / leg.loops());
  }

  private Way walk() {
    List<Sample> samples = new ArrayList<>();
    double[] now = leg.start();
    samples.add(new Sample(0, now));
    Optional<double[]> first = first(now);
    if (first.isEmpty()) {
      return new Way(samples, new Stuck(0, closure.measured(now).worst()));
    }
    now = first.get();
    add(samples, leg.share(now), now);
    double step = STEP;
    double shareBefore = 0;
    for (int count = 1; count <= MOST_STEPS && !stops.getAsBoolean(); count++) {
      if (count % LOOKS_BACK == 0) {
        if (leg.share(now) - shareBefore < LEAST_GAIN) {
          break;
        }
        shareBefore = leg.share(now);
      }
      Optional<double[]> end = arrived(now);
      if (end.isPresent()) {
        samples.add(new Sample(1, end.get()));
        return new Way(samples, Stuck.NOT);
      }
      Optional<double[]> next = next(now, step);
      if (next.isPresent()) {
        now = next.get();
        add(samples, leg.share(now), now);
        step = Math.min(STEP, 2 * step);
      } else {
        step /= 2;
        if (step < LEAST_STEP) {
          Optional<double[]> round = round(now);
          if (round.isEmpty()) {
            break;
          }
          now = round.get();
          add(samples, leg.share(now), now);
          step = STEP;
        }
      }
    }
    if (leg.hasArrived(now)) {
      samples.add(new Sample(1, now));
      return new Way(samples, Stuck.NOT);
    }
    return new Way(samples, new Stuck(leg.share(now), closure.measured(now).worst()));
  }

  /** Shares only go up, so that a moment has one pose. */
  private static void add(List<Sample> samples, double share, double[] radians) {
    double before = samples.get(samples.size() - 1).share();
    if (share > before && share < 1) {
      samples.add(new Sample(share, radians));
    }
  }

  private Optional<double[]> first(double[] start) {
    if (begun++ == 0) {
      double[] even = leg.guess(start, EVENLY);
      Closure.Solution found = closure.solve(even, leg.target(start, EVENLY));
      if (found.closes() && goesItsWay(start, found.radians())) {
        return Optional.of(found.radians());
      }
    }
    for (int attempt = 0; attempt < shared(FIRST_TRIES); attempt++) {
      double[] guess = start.clone();
      for (int i = 0; i < guess.length; i++) {
        double part = Math.pow(random.nextDouble(), 2);
        double most = leg.slides(i) ? Math.abs(leg.end()[i] - start[i]) : FIRST_STEP;
        guess[i] += leg.direction(i, start) * part * Math.min(FIRST_STEP, most);
      }
      Closure.Solution found = closure.solve(guess, guess);
      if (found.closes() && goesItsWay(start, found.radians())) {
        return Optional.of(found.radians());
      }
    }
    return Optional.empty();
  }

  private boolean goesItsWay(double[] before, double[] after) {
    double most = 0;
    for (int i = 0; i < before.length; i++) {
      int direction = leg.direction(i, before);
      double moved = (after[i] - before[i]) * direction;
      boolean stays = leg.isLed(i) && direction != 0 && moved < LEAST_MOVED;
      if (moved < -ROUNDING || stays) {
        return false;
      }
      most = Math.max(most, moved);
    }
    return most > FIRST_STEP / 8 && !leg.jumps(before, after, 4 * FIRST_STEP);
  }

  private Optional<double[]> next(double[] now, double step) {
    return next(now, step, leg.target(now, 1));
  }

  /** Where straight on is no way, some creases hurry and others wait. */
  private Optional<double[]> round(double[] now) {
    double[] end = leg.target(now, 1);
    for (int attempt = 0; supple && attempt < shared(ROUND_TRIES); attempt++) {
      double[] target = now.clone();
      for (int i = 0; i < target.length; i++) {
        target[i] += random.nextDouble() * random.nextDouble() * (end[i] - now[i]);
      }
      for (double step = STEP; step > LEAST_STEP; step /= 8) {
        Optional<double[]> next = next(now, step, target);
        if (next.isPresent()) {
          return next;
        }
      }
    }
    return Optional.empty();
  }

  private Optional<double[]> next(double[] now, double step, double[] target) {
    double[] change = closure.towards(now, target);
    double length = 0;
    for (double each : change) {
      length = Math.max(length, Math.abs(each));
    }
    if (length < NOWHERE) {
      return Optional.empty();
    }
    double part = step / length;
    double[] guess = now.clone();
    for (int i = 0; i < guess.length; i++) {
      guess[i] += part * change[i];
    }
    Closure.Solution found = closure.solve(guess, guess);
    double gain = leg.share(found.radians()) - leg.share(now);
    boolean serves = found.closes() && !leg.jumps(now, found.radians(), 2 * step) && gain > 0;
    return serves ? Optional.of(found.radians()) : Optional.empty();
  }

  /** The end counts as reached once every angle that is led is just where it was asked to be. */
  private Optional<double[]> arrived(double[] now) {
    double[] end = leg.target(now, 1);
    if (leg.jumps(now, end, 2 * STEP)) {
      return Optional.empty();
    }
    Closure.Solution found = leg.atEnd(closure.measured(now));
    if (!isThere(now, found)) {
      found = leg.atEnd(closure.solve(end, end));
    }
    return isThere(now, found) ? Optional.of(found.radians()) : Optional.empty();
  }

  private boolean isThere(double[] now, Closure.Solution found) {
    double[] end = leg.target(found.radians(), 1);
    return found.closes()
        && !leg.jumps(found.radians(), end, THERE)
        && !leg.jumps(now, found.radians(), 2 * STEP);
  }
}

package cufflink.core.linkage;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * The way from one pose to another along which all loops stay closed.
 *
 * <p>Each angle is asked to go evenly from its start to its end; the loops let it lead or lag. The
 * way is walked in small steps from the start, each beginning at the pose before. From the flat
 * state, where all ways of folding meet, the first step goes towards the mountains and valleys that
 * are asked for. Where an even pace does not serve, as where one crease has to close nearly all the
 * way before another begins, the way is walked by its own length instead, see {@link March}.
 */
final class Course {
  private static final int SAMPLES = 24;

  /** A share of a step that is rounding and nothing else. */
  private static final double ON_SAMPLE = 1e-12;

  /** The most an angle may turn in one step, in radians: four times the even way. */
  private static final double MOST_TURN = 4 * Math.PI / SAMPLES;

  private final Linkage linkage;
  private final Leg leg;
  private final BooleanSupplier stops;
  private final Closure closure;
  private final List<Sample> samples = new ArrayList<>();
  private boolean marched;
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
   * A pose on the way.
   *
   * @param share how much of the way is done there, from 0 to 1
   * @param radians all amounts
   */
  record Sample(double share, double[] radians) {}

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
    this.stops = stops;
    this.leg = new Leg(linkage, start, end, led, signs);
    this.closure = new Closure(linkage, held, led, linkage.tolerances().exact());
    samples.add(new Sample(0, leg.start()));
  }

  /** Returns where the way ends before its end; it is walked to find out. */
  synchronized Stuck stuck() {
    walk(1);
    return stuck;
  }

  private Sample last() {
    return samples.get(samples.size() - 1);
  }

  private void walk(double share) {
    while (last().share() < share && stuck == Stuck.NOT && !stops.getAsBoolean()) {
      int next = samples.size();
      double[] before = last().radians();
      double to = next / (double) SAMPLES;
      Closure.Solution found =
          closure.solve(leg.guess(before, 1.0 / SAMPLES), leg.target(before, to));
      found = next == SAMPLES ? leg.atEnd(found) : found;
      boolean arrives = next < SAMPLES || leg.hasArrived(found.radians());
      if (!found.closes() || !arrives || leg.jumps(before, found.radians(), MOST_TURN)) {
        march(new Stuck(last().share(), found.worst()));
        return;
      }
      samples.add(new Sample(to, found.radians()));
    }
  }

  /** Walks the whole way once more by its own length; if that ends earlier, the even way stands. */
  private void march(Stuck even) {
    if (marched) {
      return;
    }
    marched = true;
    March.Way way = new March(leg, closure, isSupple(), stops).walked();
    if (way.stuck() == Stuck.NOT) {
      samples.clear();
      samples.addAll(way.samples());
    } else {
      stuck = even.share() >= way.stuck().share() ? even : way.stuck();
    }
  }

  /**
   * Returns the angles at a share of the way.
   *
   * @param share from 0 to 1
   * @return the angles in radians; where the way is stuck, those before
   */
  synchronized double[] at(double share) {
    walk(Math.min(1, share + 1.0 / SAMPLES));
    int above = 0;
    while (above < samples.size() && samples.get(above).share() <= share) {
      above++;
    }
    Sample from = samples.get(above - 1);
    if (above == samples.size() || share - from.share() < ON_SAMPLE) {
      return from.radians();
    }
    Sample to = samples.get(above);
    double part = (share - from.share()) / (to.share() - from.share());
    double[] between = new double[from.radians().length];
    for (int i = 0; i < between.length; i++) {
      between[i] = from.radians()[i] + (to.radians()[i] - from.radians()[i]) * part;
    }
    Closure.Solution found = closure.solve(between, between);
    if (found.closes()) {
      return found.radians();
    }
    // Between a pose that closes and a flat one that does so but for rounding.
    return leg.measured(found.radians()).closes() ? found.radians() : from.radians();
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
    return new Closure(linkage, named, linkage.tolerances().exact()).freedom(at(0.5));
  }

  /**
   * Says whether the loops let the paper move in more than one way at once, so that there may be a
   * way round where none was found.
   */
  synchronized boolean isSupple() {
    Sample middle = samples.get(samples.size() / 2);
    // In the flat state loops close to the first order in one more way than they really do.
    return closure.freedom(middle.radians()) > (samples.size() == 1 ? 2 : 1);
  }
}

package cufflink.core.make;

import cufflink.core.log.Done;
import cufflink.core.make.Task.Phase;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How long things take a maker: our guess at first, and what was seen at the table once there is
 * enough of it.
 *
 * @param learned what was learned of each part of the work; parts of which nothing was are missing
 */
public record Times(Map<Phase, Learned> learned) {
  /** Our guesses alone. */
  public static final Times USUAL = new Times(Map.of());

  /** How long it takes to turn a piece, in seconds. Common practice, no source. */
  static final double TURNING = 4;

  /** How long a move takes once, in seconds. Common practice, no source. */
  private static final Map<Phase, Double> SECONDS = seconds();

  /** As much is left out at either end before the mean is taken: the usual fifth. */
  private static final double TRIMMED = 0.2;

  /** With fewer than these, one odd one would decide. */
  private static final int FEWEST = 5;

  /** Whoever stays away longer between two presses did something else meanwhile. */
  private static final Duration AWAY = Duration.ofMinutes(15);

  /**
   * What was learned of one part of the work.
   *
   * @param factor how much longer it takes than we guess, above nought
   * @param low a quarter of all takes no longer than this much
   * @param high a quarter of all takes at least this much
   * @param seen how often it was seen
   */
  public record Learned(double factor, double low, double high, int seen) {}

  /** Copies the map. */
  public Times {
    learned = Map.copyOf(learned);
  }

  private static Map<Phase, Double> seconds() {
    Map<Phase, Double> seconds = new EnumMap<>(Phase.class);
    seconds.put(Phase.CUT, 25.0);
    seconds.put(Phase.TREAT, 60.0);
    seconds.put(Phase.SCORE, 10.0);
    seconds.put(Phase.SECOND_CUT, 30.0);
    seconds.put(Phase.CREASE, 8.0);
    seconds.put(Phase.LAYER, 40.0);
    seconds.put(Phase.ASSEMBLE, 60.0);
    seconds.put(Phase.FOLD, 15.0);
    seconds.put(Phase.FILL, 20.0);
    seconds.put(Phase.INSPECT, 20.0);
    return seconds;
  }

  /** Returns how long one act takes by our guess, in seconds. */
  static double usual(Phase phase) {
    return SECONDS.get(phase);
  }

  /** Returns how much longer a part of the work takes this maker than we guess. */
  double factor(Phase phase) {
    return Optional.ofNullable(learned.get(phase)).map(Learned::factor).orElse(1.0);
  }

  /**
   * Learns from what was done. What follows on something else of the same job within a quarter of
   * an hour took as long as the time between; what follows later, or earlier by a clock set back,
   * tells nothing.
   *
   * @param done what was done, of any jobs, each job's in order; taken back or not
   * @return what it tells
   */
  public static Times of(List<Done> done) {
    Map<Phase, List<Double>> seen = new EnumMap<>(Phase.class);
    Map<String, Done> before = new HashMap<>();
    for (Done each : done) {
      Optional<Done> last = Optional.ofNullable(before.put(each.jobId(), each));
      Optional<Phase> phase = Phase.of(each.act().task());
      double guess = each.act().seconds();
      if (last.isPresent() && phase.isPresent() && guess > 0 && each.kind() == Done.Kind.MADE) {
        Duration took = Duration.between(last.get().at(), each.at());
        if (took.toMillis() > 0 && took.compareTo(AWAY) <= 0) {
          double factor = took.toMillis() / 1000.0 / guess;
          seen.computeIfAbsent(phase.get(), key -> new ArrayList<>()).add(factor);
        }
      }
    }
    Map<Phase, Learned> learned = new EnumMap<>(Phase.class);
    seen.forEach(
        (phase, factors) -> {
          if (factors.size() >= FEWEST) {
            learned.put(phase, learned(factors));
          }
        });
    return new Times(learned);
  }

  /**
   * Returns how long a job was worked on: the times between one thing and the next, but for those
   * in which the maker was away.
   *
   * @param done what was done of it, in order
   * @return whole minutes, from nought
   */
  public static int worked(List<Done> done) {
    Duration all = Duration.ZERO;
    for (int i = 1; i < done.size(); i++) {
      Duration took = Duration.between(done.get(i - 1).at(), done.get(i).at());
      all = took.isNegative() || took.compareTo(AWAY) > 0 ? all : all.plus(took);
    }
    return (int) all.plusSeconds(30).toMinutes();
  }

  private static Learned learned(List<Double> factors) {
    double[] sorted = factors.stream().mapToDouble(each -> each).sorted().toArray();
    return new Learned(
        trimmedMean(sorted), quantile(sorted, 0.25), quantile(sorted, 0.75), sorted.length);
  }

  /**
   * Returns the mean without the fifth at either end: {@code floor(n / 5)} of {@code n} values are
   * left out at each (Tukey and McLaughlin 1963).
   */
  private static double trimmedMean(double[] sorted) {
    int cut = (int) Math.floor(TRIMMED * sorted.length);
    return Arrays.stream(sorted, cut, sorted.length - cut).average().orElseThrow();
  }

  /** Returns a quantile between the values next to it (Hyndman and Fan 1996, their type 7). */
  private static double quantile(double[] sorted, double share) {
    double place = share * (sorted.length - 1);
    int low = (int) Math.floor(place);
    int high = Math.min(low + 1, sorted.length - 1);
    return sorted[low] + (place - low) * (sorted[high] - sorted[low]);
  }
}

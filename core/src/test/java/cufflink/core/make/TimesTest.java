package cufflink.core.make;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.log.Done;
import cufflink.core.make.Task.Phase;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.hipparchus.stat.descriptive.moment.Mean;
import org.hipparchus.stat.descriptive.rank.Percentile;
import org.junit.jupiter.api.Test;

/** What was seen at the table against a library's own mean and percentiles. */
class TimesTest {
  private static final double EXACT = 1e-9;
  private static final Instant MORNING = Instant.parse("2026-06-01T09:00:00Z");

  private final List<Done> done = new ArrayList<>();
  private Instant now = MORNING;

  /** Something of a kind that was thought to take as long as is said, and took as it took. */
  private void took(String task, double guess, long milliseconds) {
    now = now.plusMillis(milliseconds);
    Done.Act act = new Done.Act(task, "base", "", guess, List.of());
    done.add(new Done("job", act, 1, Done.Kind.MADE, now));
  }

  @Test
  void manyTimes_areTheLibrarysTrimmedMeanAndQuartiles() {
    Random random = new Random(15);
    took("cut cardstock 1 a", 25, 0);
    double[] factors = new double[37];
    for (int i = 0; i < factors.length; i++) {
      long milliseconds = 2_000 + random.nextInt(60_000);
      factors[i] = milliseconds / 1000.0 / 10;
      took("score base " + i + " a", 10, milliseconds);
    }
    Times.Learned learned = Times.of(done).learned().get(Phase.SCORE);
    double[] sorted = factors.clone();
    Arrays.sort(sorted);
    // A fifth of 37 is 7 at either end.
    assertEquals(new Mean().evaluate(sorted, 7, 23), learned.factor(), EXACT);
    Percentile percentile = new Percentile().withEstimationType(Percentile.EstimationType.R_7);
    assertEquals(percentile.evaluate(factors, 25), learned.low(), EXACT);
    assertEquals(percentile.evaluate(factors, 75), learned.high(), EXACT);
    assertEquals(37, learned.seen());
  }

  @Test
  void oneOddTime_decidesNothing_andLunchIsNoWork() {
    took("fold base 1 a", 15, 0);
    for (int i = 0; i < 9; i++) {
      took("fold base 1 a", 15, 30_000);
    }
    took("fold base 1 a", 15, 14 * 60_000);
    took("fold base 1 a", 15, 50 * 60_000);
    // The clock is set back for the winter.
    took("fold base 1 a", 15, -60 * 60_000);
    Times.Learned learned = Times.of(done).learned().get(Phase.FOLD);
    assertEquals(2.0, learned.factor(), EXACT);
    assertEquals(10, learned.seen());
    // Nine half minutes and one long look: 18.5 minutes; lunch and the clock do not count.
    assertEquals(19, Times.worked(done));
  }

  @Test
  void tooFew_orOfUnknownLength_tellNothing() {
    took("layer base 1 a", 40, 0);
    for (int i = 0; i < 4; i++) {
      took("layer base 1 a", 40, 90_000);
      took("assemble sleeve 1 a", 0, 90_000);
    }
    assertEquals(Map.of(), Times.of(done).learned());
    assertEquals(0, Times.worked(List.of()));
  }

  @Test
  void phaseOfATask_isReadFromItsId() {
    assertEquals(Phase.SECOND_CUT, Phase.of("trial:second-cut base 2 a4f").orElseThrow());
    assertEquals(Phase.SCORE, Phase.of("score-same cut 1 a4f").orElseThrow());
    assertEquals(Phase.INSPECT, Phase.of("inspect 1 de6").orElseThrow());
    assertEquals(Optional.empty(), Phase.of(""));
  }
}

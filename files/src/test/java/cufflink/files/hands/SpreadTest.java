package cufflink.files.hands;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.job.Derivation;
import cufflink.core.make.School;
import cufflink.core.make.Task.Phase;
import cufflink.core.make.Times;
import cufflink.core.make.Times.Learned;
import cufflink.core.make.Work;
import cufflink.files.Jobs;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SpreadTest {
  private static Times times(double cut, double fold) {
    return new Times(
        Map.of(Phase.CUT, new Learned(cut, 1.5, 3, 9), Phase.FOLD, new Learned(fold, 0.25, 4, 9)));
  }

  private static Work work(Times times) {
    Derivation gate = Jobs.derive(Jobs.gate());
    return Work.of(
        new Work.Asked(
            gate.made().orElseThrow().design(),
            gate.job(),
            Jobs.plans(gate),
            List.of(),
            0,
            School.BY_PIECE,
            times));
  }

  /** The run is ordered once more by a maker who always takes as long as the quarter at an end. */
  @Test
  void spread_isWhatItTakesWhereAllGoesWell_andWhereNothingDoes() {
    Times learned = times(2, 1);
    Work.Spread spread = work(learned).spread(learned).orElseThrow();
    assertEquals(work(times(1.5, 0.25)).minutes(), spread.low());
    assertEquals(work(times(3, 4)).minutes(), spread.high());
    assertTrue(spread.low() < work(learned).minutes());
    assertEquals(Optional.empty(), work(Times.USUAL).spread(Times.USUAL));
  }
}

package cufflink.bench;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.CutPlanner;
import cufflink.core.cut.Watch;
import java.io.PrintStream;
import java.util.List;

/**
 * How many sheets the plans of the set take, beside the bound and the best of a minute's search.
 */
public final class CutQuality {
  private static final long MINUTE = 60_000_000_000L;
  private static final int PATIENCE = 10_000;

  private CutQuality() {}

  /** Ends a search after a minute. */
  private static final class Clock implements Watch {
    private final long start = System.nanoTime();

    @Override
    public boolean stops() {
      return System.nanoTime() - start > MINUTE;
    }

    @Override
    public void found(CutPlan best) {
      // The best plan is returned.
    }
  }

  /**
   * Measures the set.
   *
   * @param arguments none
   */
  public static void main(String... arguments) {
    PrintStream out = System.out;
    for (int seed : CutSet.SEEDS) {
      long start = System.nanoTime();
      CutPlan plan = CutPlanner.plan(CutSet.sixty(seed), List.of(), Watch.NOBODY);
      long spent = (System.nanoTime() - start) / 1_000_000;
      CutPlan best = CutPlanner.plan(CutSet.sixty(seed), new Clock(), PATIENCE);
      out.printf(
          "seed %d: %d sheets in %d ms, bound %d; a minute: %d%n",
          seed, plan.newSheets(), spent, plan.bound(), best.newSheets());
    }
  }
}

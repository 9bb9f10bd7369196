package cufflink.bench;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.CutPlanner;
import cufflink.core.cut.Watch;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Cut plans: sixty pieces by search, eight pieces exactly. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 1, time = 10)
@Measurement(iterations = 1, time = 20)
@Fork(1)
public class CutBenchmark {
  private int next;

  /** Plans one job of sixty pieces after another. */
  @Benchmark
  public CutPlan planSixty() {
    next = (next + 1) % CutSet.SEEDS.size();
    return CutPlanner.plan(CutSet.sixty(CutSet.SEEDS.get(next)), List.of(), Watch.NOBODY);
  }

  /** Plans one job of eight pieces after another. */
  @Benchmark
  public CutPlan planEight() {
    next = (next + 1) % CutSet.SEEDS.size();
    return CutPlanner.plan(CutSet.eight(CutSet.SEEDS.get(next)), List.of(), Watch.NOBODY);
  }
}

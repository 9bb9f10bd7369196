package cufflink.bench;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.Watch;
import cufflink.core.design.Design;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.job.Tools;
import cufflink.core.log.Done;
import cufflink.core.make.AtTable;
import cufflink.core.make.School;
import cufflink.core.make.Times;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** The next action of the longest run: forty stacked-pocket folios, half of it done. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class MakeBenchmark implements AtTable.Planner {
  private static final int COPIES = 40;
  private static final int MOST = 2_000;

  private Job job;
  private PaperPlan.Question cutting;
  private List<PaperPlan> plans;
  private final List<Done> done = new ArrayList<>();

  /** Works the first half of the run. */
  @Setup
  public void work() {
    Pattern pattern = PatternLibrary.shipped().pattern("stacked-pocket-folio").orElseThrow();
    Job one =
        Job.begun(
            "Folio",
            Edition.atHand(pattern.id()),
            pattern.normalValues(),
            Tools.usual(Marks.MILLIMETRES));
    job = one.withId("job").withOrder(one.order().withCopies(COPIES));
    Design design = Derivation.of(pattern, job).made().orElseThrow().design();
    PaperPlan.Supplies supplies =
        new PaperPlan.Supplies(
            Drawer.EMPTY, StandardSizes.usualSheet(job.marks()), StandardSizes.sheets());
    cutting = PaperPlan.Question.of(design, job, supplies);
    plans = PaperPlan.of(cutting, Watch.NOBODY);
    AtTable at = next();
    int half = at.work().tasks().size() / 2;
    for (int i = 0; i < MOST && at.progress().next() < half; i++) {
      done.addAll(at.make(1, "", Instant.EPOCH));
      at = next();
    }
  }

  @Override
  public Optional<List<PaperPlan>> plans(PaperPlan.Question question) {
    return Optional.of(plans);
  }

  @Override
  public List<PaperPlan> again(PaperPlan.Question question) {
    return List.of();
  }

  /** From one press to what is to be done next. */
  @Benchmark
  public AtTable next() {
    return AtTable.of(
            new AtTable.Asked(job, cutting, false, done, School.BY_TOOL, Times.USUAL), this)
        .orElseThrow();
  }
}

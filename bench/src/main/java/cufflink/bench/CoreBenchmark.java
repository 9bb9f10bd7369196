package cufflink.bench;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.drawing.FlatDrawing;
import cufflink.core.drawing.FoldDrawing;
import cufflink.core.drawing.Patch;
import cufflink.core.fit.Fit;
import cufflink.core.fit.Fitter;
import cufflink.core.fit.Goal;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.core.space.Viewpoint;
import cufflink.core.words.Language;
import cufflink.desktop.slip.SlipSection;
import cufflink.desktop.slip.SlipWriter;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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

/** The steps between a typed number and a drawing, each on its own. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
public class CoreBenchmark {
  private static final Viewpoint VIEWPOINT = new Viewpoint(-16, 42);

  private final Job job = Cards.accordion();
  private final Derivation derivation = Derivation.of(Cards.ACCORDION, job);
  private final FoldModel model = derivation.made().orElseThrow().card().base();
  private final Surface surface =
      new Surface(
          924,
          640,
          Marks.MILLIMETRES,
          LengthFormat.of(Marks.MILLIMETRES, Fractions.TYPESET, Language.ENGLISH),
          TextMeasure.GUESS,
          22);
  private double moment;

  /** Derives everything from a job. Budget 2 ms. */
  @Benchmark
  public Derivation derive() {
    return Derivation.of(Cards.ACCORDION, job);
  }

  /** Writes the slip, on which every value is tried for what it moves. */
  @Benchmark
  public List<SlipSection> writeSlip() {
    return new SlipWriter(derivation, surface.format()).sizes();
  }

  /** Poses ten facets. Budget 1 ms. */
  @Benchmark
  public Pose pose() {
    moment = (moment + 0.01) % 1;
    return model.pose(moment);
  }

  /** Draws ten facets with their layers, ordered by depth. */
  @Benchmark
  public Drawing drawFolded() {
    moment = (moment + 0.01) % 1;
    return FoldDrawing.of(
        model, Patch.of(derivation.made().orElseThrow().design()), moment, VIEWPOINT, surface);
  }

  /** Draws the piece flat with rulers and numbers. */
  @Benchmark
  public Drawing drawFlat() {
    return FlatDrawing.of(
        FlatDrawing.asDescribed(derivation.made().orElseThrow().design().base()),
        surface,
        new FlatDrawing.Options(List.of(), Optional.empty(), score -> true, true, false));
  }

  /** Finds the largest card a sheet yields, in proportion, on millimetres. */
  @Benchmark
  public Fit fit() {
    return Fitter.fit(
        Cards.ACCORDION,
        job.values(),
        new Goal.FromSheet(StandardSizes.sheet("a3").orElseThrow()),
        new Fitter.Manner(Marks.MILLIMETRES, true, Set.of()));
  }

  /** Reads and compiles all shipped patterns. */
  @Benchmark
  public PatternLibrary readPatterns() {
    return PatternLibrary.shipped();
  }
}

package cufflink.bench;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.drawing.Portrait;
import cufflink.core.drawing.Pull;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Tools;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Look;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.core.space.Viewpoint;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** Showing cards as their receivers see them, and pulling what lies on them. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class PortraitBenchmark {
  private static final Viewpoint FROM = new Viewpoint(-16, 42);

  /** The card. */
  @Param({"stacked-pocket-folio", "slotted-pair", "ribbon-hinge-wallet", "diamond-stack"})
  public String id;

  private Derivation derivation;
  private Design design;
  private FoldModel model;
  private Look look;
  private Surface surface;
  private Ref first;
  private double share;

  /** Folds the card in thought. */
  @Setup
  public void fold() {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    Job job =
        Job.begun(
                "Card", Edition.atHand(id), pattern.normalValues(), Tools.usual(Marks.MILLIMETRES))
            .withItem(StandardSizes.items().stream().findFirst());
    derivation = Derivation.of(pattern, job);
    design = derivation.made().orElseThrow().design();
    model = derivation.made().orElseThrow().card().whole();
    model.prepare(() -> false);
    look = derivation.look();
    LengthFormat format = Words.on(Marks.MILLIMETRES, LengthFormat.Fractions.TYPESET);
    surface = new Surface(924, 600, Marks.MILLIMETRES, format, TextMeasure.GUESS, 22);
    first =
        design.layers().isEmpty()
            ? new Ref(design.base().id(), "")
            : new Ref(design.layers().get(0).on(), design.layers().get(0).id());
  }

  /** One frame of the finished card while it is opened, drawn but not painted. */
  @Benchmark
  public Object frame() {
    share = share > 0.9 ? 0.05 : share + 0.01;
    return Portrait.moving(model, design, look, model.closing() + share, FROM, surface);
  }

  /** Taking hold of a paper. */
  @Benchmark
  public Object hold() {
    return Pull.of(derivation.pattern(), derivation.settled(), design, first);
  }

  /** The yardstick: all that follows from the job at once. */
  @Benchmark
  public Object derive() {
    return Derivation.of(derivation.pattern(), derivation.job());
  }
}

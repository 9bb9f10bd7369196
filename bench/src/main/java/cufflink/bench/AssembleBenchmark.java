package cufflink.bench;

import cufflink.core.design.Design;
import cufflink.core.drawing.GlueDrawing;
import cufflink.core.glue.GluingOrder;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Tools;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.files.inspect.Answers;
import cufflink.files.pattern.PatternLibrary;
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

/** Putting together and inspecting the cards that have most to be glued. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class AssembleBenchmark {
  /** The card. */
  @Param({"stacked-pocket-folio", "slotted-pair"})
  public String id;

  private Derivation derivation;
  private Design design;
  private GluingOrder order;
  private Surface surface;
  private LengthFormat format;

  /** Derives the card. */
  @Setup
  public void derive() {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    Job job =
        Job.begun(
            "Card", Edition.atHand(id), pattern.normalValues(), Tools.usual(Marks.MILLIMETRES));
    derivation = Derivation.of(pattern, job);
    design = derivation.made().orElseThrow().design();
    order = GluingOrder.of(design, GluingOrder.Wish.NONE);
    format = Words.on(Marks.MILLIMETRES, LengthFormat.Fractions.TYPESET);
    surface = new Surface(900, 500, Marks.MILLIMETRES, format, TextMeasure.GUESS, 22);
  }

  /** The best order of gluing. */
  @Benchmark
  public Object order() {
    return GluingOrder.of(design, GluingOrder.Wish.NONE);
  }

  /** The picture of the last step, with all that is built. */
  @Benchmark
  public Object lastStep() {
    return GlueDrawing.of(order, design, order.steps().size() - 1, surface);
  }

  /** All that is found and answered about the card. */
  @Benchmark
  public Object inspection() {
    FoldReport report =
        FoldReport.of(
            derivation.made().orElseThrow().card(), derivation.job().materials(), () -> false);
    return Answers.of(derivation.folded(report), report, format);
  }
}

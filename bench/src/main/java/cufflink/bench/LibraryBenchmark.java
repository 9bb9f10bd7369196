package cufflink.bench;

import cufflink.core.fit.Finder;
import cufflink.core.fit.Offer;
import cufflink.core.fit.Question;
import cufflink.core.fit.Snap;
import cufflink.core.fit.Snapper;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Tools;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
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

/** The whole library: loading it, finding in it, moving its sizes onto marks. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class LibraryBenchmark {
  private final PatternLibrary library = PatternLibrary.shipped();
  private final List<Pattern> patterns = List.copyOf(library.patterns());
  private final List<Job> jobs = patterns.stream().map(LibraryBenchmark::job).toList();
  private int next;

  private static Job job(Pattern pattern) {
    return Job.begun(
        pattern.name(),
        Edition.atHand(pattern.id()),
        pattern.normalValues(),
        Tools.usual(Marks.MILLIMETRES));
  }

  /** Reads all constructions and evaluates each once. */
  @Benchmark
  public int loadAndEvaluateAll() {
    int pieces = 0;
    for (Pattern pattern : PatternLibrary.shipped().patterns()) {
      pieces +=
          PatternEvaluator.evaluate(pattern, pattern.normalValues())
              .design()
              .orElseThrow()
              .pieces()
              .size();
    }
    return pieces;
  }

  /** Derives one construction after another. */
  @Benchmark
  public Derivation deriveEach() {
    next = (next + 1) % patterns.size();
    return Derivation.of(patterns.get(next), jobs.get(next));
  }

  /** Derives the one with the most creases that meet. */
  @Benchmark
  public Derivation deriveSquash() {
    return derive("squash-card");
  }

  /** Derives the one with the most parts. */
  @Benchmark
  public Derivation deriveFolio() {
    return derive("stacked-pocket-folio");
  }

  private Derivation derive(String id) {
    Pattern pattern = library.pattern(id).orElseThrow();
    return Derivation.of(pattern, jobs.get(patterns.indexOf(pattern)));
  }

  /** Finds what can be made of all constructions, sheets and envelopes. */
  @Benchmark
  public List<Offer> findAll() {
    return Finder.offers(
        new Question(
            StandardSizes.sheets(),
            StandardSizes.envelopes(),
            Length.ofMillimetres(4),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            1,
            Marks.MILLIMETRES,
            Question.Priority.BEST_ENVELOPE),
        patterns);
  }

  /** Moves the construction with the most values onto marks. */
  @Benchmark
  public Snap snapPurse() {
    Pattern purse = library.pattern("handled-purse").orElseThrow();
    return Snapper.snap(
        purse, purse.normalValues(), Rulers.one(Marks.EIGHTHS), Set.of(), () -> false);
  }
}

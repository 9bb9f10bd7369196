package cufflink.files.project;

import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Mended;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Parsed;
import cufflink.core.pattern.Pattern;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import java.nio.file.Path;
import java.util.Optional;

/** Projects that are cut together with another one. */
public final class Shares {
  private Shares() {}

  /**
   * Opens a project to cut it with another one.
   *
   * @param file its file
   * @param library where its construction is found if the file has none of its own
   * @return what it takes part with, or one sentence about what is wrong and what to do
   */
  public static Parsed<PaperPlan.Share> open(Path file, PatternLibrary library) {
    Parsed<Job> opened = new ProjectStore(new AtomicFile(AtomicFile.Disk.REAL)).open(file);
    if (opened.value().isEmpty()) {
      return Parsed.bad("cut.together-bad", opened.problem());
    }
    return of(opened.orElseThrow(), library);
  }

  /**
   * Derives what a job takes part with.
   *
   * @param job the job
   * @param library where its construction is found if it has none of its own
   * @return its share, or one sentence about what is wrong and what to do
   */
  public static Parsed<PaperPlan.Share> of(Job job, PatternLibrary library) {
    Optional<Pattern> pattern = library.pattern(job);
    return pattern
        .flatMap(each -> Derivation.of(each, Mended.of(each, job).job()).made())
        .map(made -> PaperPlan.Share.of(made.design(), job, StandardSizes.usualSheet(job.marks())))
        .map(Parsed::good)
        .orElseGet(() -> Parsed.bad("cut.together-nothing", job.title()));
  }
}

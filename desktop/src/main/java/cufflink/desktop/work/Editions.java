package cufflink.desktop.work;

import cufflink.core.design.Design;
import cufflink.core.job.Change;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Mended;
import cufflink.core.pattern.Pattern;
import cufflink.core.words.Message;
import cufflink.files.pattern.PatternLibrary;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Which edition of its construction a job is made with. */
public final class Editions {
  private final Workbench bench;
  private final PatternLibrary library;

  Editions(Workbench bench, PatternLibrary library) {
    this.bench = bench;
    this.library = library;
  }

  /** Returns the present edition of a construction. */
  Edition of(Pattern pattern) {
    return library.edition(pattern.id()).orElseGet(() -> Edition.atHand(pattern.id()));
  }

  /** Gives a job what it keeps for ever from now on, if it comes from an older file. */
  Job lasting(Job job) {
    Job known = job.id().isEmpty() ? job.withId(UUID.randomUUID().toString()) : job;
    return known.edition().text().isEmpty()
        ? known.withEdition(library.edition(job.patternId()).orElse(known.edition()))
        : known;
  }

  /**
   * Returns the newer edition of the job's construction.
   *
   * @return the edition at hand, if it is another than the job was begun with
   */
  public Optional<Edition> newer() {
    return bench
        .job()
        .flatMap(
            job ->
                library
                    .edition(job.patternId())
                    .filter(each -> !each.text().equals(job.edition().text())));
  }

  /**
   * Says what would be different with another edition of the job's construction.
   *
   * @param edition the edition
   * @return a sentence for each change; empty if the card stays as it is
   */
  public List<Message> changesWith(Edition edition) {
    Job job = bench.job().orElseThrow().withEdition(edition);
    Optional<Design> now =
        bench.derivation().get().flatMap(Derivation::made).map(Derivation.Made::design);
    Optional<Design> then =
        library
            .pattern(job)
            .flatMap(pattern -> Derivation.of(pattern, Mended.of(pattern, job).job()).made())
            .map(Derivation.Made::design);
    return now.isPresent() && then.isPresent()
        ? Change.between(now.get(), then.get()).stream().map(Change::sentence).toList()
        : List.of();
  }

  /**
   * Goes over to another edition of the job's construction.
   *
   * @param edition the edition
   */
  public void take(Edition edition) {
    Job changed = bench.job().orElseThrow().withEdition(edition);
    library
        .pattern(changed)
        .ifPresent(pattern -> bench.change(Mended.of(pattern, changed).job(), "", ""));
  }
}

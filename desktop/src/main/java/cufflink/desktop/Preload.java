package cufflink.desktop;

import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.files.log.DemoOwned;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.DemoProjects;
import cufflink.files.project.UserFolders;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;

/**
 * Reads constructions on another thread while the window system starts, since each takes about as
 * long as the other.
 *
 * @param folders where the maker's things are kept
 * @param library the constructions, once they are read
 * @param demonstration the projects of the demonstration, empty outside it
 */
public record Preload(
    UserFolders folders,
    CompletableFuture<PatternLibrary> library,
    CompletableFuture<List<Job>> demonstration) {

  private static Optional<Preload> begun = Optional.empty();

  /**
   * Begins to read, as early as the arguments are known.
   *
   * @param arguments as given to the program, found good
   */
  public static void begin(List<String> arguments) {
    begun = Optional.of(begin(StartOptions.of(arguments).demo()));
  }

  /** Returns what was begun, or begins now. */
  static Preload begun(StartOptions options) {
    return begun.orElseGet(() -> begin(options.demo()));
  }

  /** The demonstration keeps its own things apart, so that it never meets the maker's. */
  private static Preload begin(boolean demo) {
    UserFolders current = UserFolders.current();
    UserFolders folders = demo ? new UserFolders(current.root().resolve("demo")) : current;
    CompletableFuture<PatternLibrary> library =
        CompletableFuture.supplyAsync(() -> PatternLibrary.with(folders.patterns()));
    CompletableFuture<List<Job>> demonstration =
        library.thenApplyAsync(
            known -> {
              List<Job> jobs = DemoProjects.all();
              if (demo) {
                DemoOwned.begin(folders.log());
              }
              // The first derivation loads the geometry library, which is better done by now.
              Job first = jobs.get(0);
              known.pattern(first.patternId()).ifPresent(each -> Derivation.of(each, first));
              return demo ? jobs : List.of();
            });
    return new Preload(folders, library, demonstration);
  }
}

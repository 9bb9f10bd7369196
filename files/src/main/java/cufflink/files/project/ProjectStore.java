package cufflink.files.project;

import cufflink.core.job.Job;
import cufflink.core.measure.Parsed;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Optional;

/** Opens and saves project files. */
public final class ProjectStore {
  /** What project files end in. */
  public static final String EXTENSION = ".cufflink";

  private static final long LARGEST = 4_000_000;

  private final AtomicFile writer;

  /**
   * Prepares to open and save.
   *
   * @param writer how files are written
   */
  public ProjectStore(AtomicFile writer) {
    this.writer = writer;
  }

  /**
   * Opens a project.
   *
   * @param file the file
   * @return the job, or one sentence about what is wrong and what to do
   */
  public Parsed<Job> open(Path file) {
    try {
      if (Files.size(file) > LARGEST) {
        return Parsed.bad("project.large", file);
      }
      String text = new String(Files.readAllBytes(file), StandardCharsets.UTF_8);
      Parsed<Job> job = ProjectFormat.read(file.getFileName().toString(), text);
      boolean canGoBack = Files.exists(AtomicFile.previous(file));
      return job.value().isEmpty() && canGoBack
          ? Parsed.bad("project.previous", job.problem(), AtomicFile.previous(file).getFileName())
          : job;
    } catch (IOException | SecurityException reason) {
      return Parsed.bad("project.unreadable", file);
    }
  }

  /**
   * Returns when a file was changed last, to notice later that somebody else changed it.
   *
   * @param file the file
   * @return the time, if the file is there and can be looked at
   */
  public static Optional<FileTime> lastChanged(Path file) {
    try {
      return Optional.of(Files.getLastModifiedTime(file));
    } catch (IOException | SecurityException unreadable) {
      return Optional.empty();
    }
  }

  /**
   * Saves a project that was opened or saved before, unless somebody else has changed its file.
   *
   * @param job the job
   * @param file the file
   * @param seen when the file was last changed as far as this application knows
   * @return the file, or one sentence about why it is still as it was
   */
  public Parsed<Path> saveAgain(Job job, Path file, Optional<FileTime> seen) {
    boolean isAsSeen = lastChanged(file).equals(seen) || !Files.exists(file);
    return isAsSeen ? save(job, file) : Parsed.bad("save.changed", file.getFileName());
  }

  /**
   * Saves a project, keeping the previous version beside it.
   *
   * @param job the job
   * @param file the file
   * @return the file, or one sentence about why it is still as it was
   */
  public Parsed<Path> save(Job job, Path file) {
    byte[] bytes = ProjectFormat.write(job).getBytes(StandardCharsets.UTF_8);
    return writer.replaceKeepingPrevious(file, bytes);
  }
}

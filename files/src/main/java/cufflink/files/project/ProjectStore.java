package cufflink.files.project;

import cufflink.core.job.Job;
import cufflink.core.measure.Parsed;
import cufflink.files.text.TextFile;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
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
      Parsed<Job> job = read(file);
      boolean canGoBack = Files.exists(AtomicFile.previous(file));
      return job.value().isEmpty() && canGoBack
          ? Parsed.bad("project.previous", job.problem(), AtomicFile.previous(file).getFileName())
          : job;
    } catch (IOException | SecurityException reason) {
      return Parsed.bad("project.unreadable", file);
    }
  }

  private static Parsed<Job> read(Path file) throws IOException {
    String name = file.getFileName().toString();
    try {
      return ProjectFormat.read(name, TextFile.read(file));
    } catch (CharacterCodingException garbled) {
      return Parsed.bad("project.garbled", name);
    }
  }

  /**
   * Returns what a file's content is known by, to notice later that somebody else changed it.
   *
   * @param file the file
   * @return the same for the same content, if the file is there and can be read
   */
  public static Optional<String> fingerprint(Path file) {
    try {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      return Optional.of(HexFormat.of().formatHex(digest.digest(Files.readAllBytes(file))));
    } catch (IOException | SecurityException unreadable) {
      return Optional.empty();
    } catch (NoSuchAlgorithmException never) {
      throw new IllegalStateException("every Java has SHA-256", never);
    }
  }

  /**
   * Saves a project that was opened or saved before, unless somebody else has changed its file.
   *
   * @param job the job
   * @param file the file
   * @param seen what the file's content was known by when this application saw it last
   * @return the file, or one sentence about why it is still as it was
   */
  public Parsed<Path> saveAgain(Job job, Path file, Optional<String> seen) {
    boolean isAsSeen = !Files.exists(file) || fingerprint(file).equals(seen);
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

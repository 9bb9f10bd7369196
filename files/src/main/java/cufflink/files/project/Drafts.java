package cufflink.files.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.job.Job;
import cufflink.core.measure.Parsed;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What was being worked on and not yet saved, kept so that a crash loses nothing.
 *
 * <p>Each running application writes a draft of its own; a draft whose application no longer runs
 * was left by a crash.
 */
public final class Drafts {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private static final String SUFFIX = ".draft";

  private final Path folder;
  private final AtomicFile writer;
  private final long process;

  /**
   * Work that was not saved.
   *
   * @param path the draft's own file
   * @param file the project file it belongs to, if it has one
   * @param job the job as it was
   */
  public record Draft(Path path, Optional<Path> file, Job job) {}

  /**
   * Keeps drafts in a folder.
   *
   * @param folder the folder, made when needed
   * @param writer how files are written
   * @param process the number of the running application
   */
  public Drafts(Path folder, AtomicFile writer, long process) {
    this.folder = folder;
    this.writer = writer;
    this.process = process;
  }

  /**
   * Keeps the work of this application.
   *
   * @param job the job as it is
   * @param file the project file it belongs to, if it has one
   * @return the draft's file, or one sentence about why it could not be kept
   */
  public Parsed<Path> keep(Job job, Optional<Path> file) {
    ObjectNode node = MAPPER.createObjectNode();
    file.ifPresent(path -> node.put("file", path.toAbsolutePath().toString()));
    node.set("job", ProjectFormat.node(job));
    return writer.replace(own(), node.toString().getBytes(StandardCharsets.UTF_8));
  }

  /** Forgets the draft of this application: its work is saved, or was given up on purpose. */
  public void forget() {
    forget(own());
  }

  /**
   * Forgets a draft.
   *
   * @param draft the draft's own file
   */
  public void forget(Path draft) {
    try {
      Files.deleteIfExists(draft);
    } catch (IOException ignored) {
      // A draft that stays behind is offered once more; nothing is lost by that.
    }
  }

  /**
   * Finds what crashed applications left behind.
   *
   * @return the drafts that can still be read
   */
  public List<Draft> left() {
    List<Draft> drafts = new ArrayList<>();
    if (!Files.isDirectory(folder)) {
      return drafts;
    }
    try (Stream<Path> files = Files.list(folder)) {
      files.filter(this::isLeft).sorted().forEach(path -> read(path).ifPresent(drafts::add));
    } catch (IOException unreadable) {
      return drafts;
    }
    return drafts;
  }

  private Path own() {
    return folder.resolve(process + SUFFIX);
  }

  private boolean isLeft(Path path) {
    String name = path.getFileName().toString();
    if (!name.matches("\\d{1,18}\\" + SUFFIX)) {
      return false;
    }
    long owner = Long.parseLong(name.substring(0, name.length() - SUFFIX.length()));
    return owner != process && ProcessHandle.of(owner).isEmpty();
  }

  private static Optional<Draft> read(Path path) {
    try {
      JsonNode node = MAPPER.readTree(Files.readString(path));
      Optional<Path> file =
          node.path("file").isTextual()
              ? Optional.of(Path.of(node.path("file").asText()))
              : Optional.empty();
      return ProjectFormat.read(path.toString(), node.path("job"))
          .value()
          .map(job -> new Draft(path, file, job));
    } catch (IOException | IllegalArgumentException unreadable) {
      return Optional.empty();
    }
  }
}

package cufflink.files.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.job.Job;
import cufflink.core.measure.Parsed;
import cufflink.files.text.TextFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What was being worked on and not yet saved, kept so that nothing is lost.
 *
 * <p>Every job on a table has a draft of its own, under an id that it keeps. The drafts of one
 * application lie in one folder, in which it holds a lock: a folder that nobody holds was left by
 * an application that has ended. What lies there is taken over by copying it, reading the copy
 * back, and only then removing the old one; what cannot be read stays where it is.
 */
public final class Drafts implements AutoCloseable {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private static final String FORMAT = "cufflink-draft/1";
  private static final String SUFFIX = ".draft";
  private static final String AWAY = "away";
  private static final String AWAY_SUFFIX = "~";

  private final Path folder;
  private final AtomicFile writer;
  private final Path own;
  private final Held held;

  /**
   * Work that was not saved.
   *
   * @param id the id of the job on its table
   * @param file the project file it belongs to, if it has one
   * @param seen what the content of that file was known by
   * @param job the job as it was
   */
  public record Draft(String id, Optional<Path> file, Optional<String> seen, Job job) {}

  /**
   * A draft that nobody holds.
   *
   * @param path its file
   * @param draft what is in it
   */
  public record Left(Path path, Draft draft) {}

  /**
   * Keeps drafts in a folder.
   *
   * @param folder the folder for all drafts, made when needed
   * @param writer how files are written
   */
  public Drafts(Path folder, AtomicFile writer) {
    this.folder = folder;
    this.writer = writer;
    this.own = folder.resolve(UUID.randomUUID().toString());
    this.held = new Held(own);
  }

  /**
   * Keeps a job of this application.
   *
   * @param draft the job as it is
   * @return the draft's file, or one sentence about why it could not be kept
   */
  public synchronized Parsed<Path> keep(Draft draft) {
    ObjectNode node = MAPPER.createObjectNode();
    node.put("format", FORMAT);
    node.put("id", draft.id());
    draft.file().ifPresent(path -> node.put("file", path.toAbsolutePath().toString()));
    draft.seen().ifPresent(seen -> node.put("seen", seen));
    node.set("job", ProjectFormat.node(draft.job()));
    Parsed<Path> kept = held.hold();
    return kept.then(
        here -> writer.replace(path(draft.id()), node.toString().getBytes(StandardCharsets.UTF_8)));
  }

  /**
   * Forgets a job of this application: it is saved, or was put away by the maker.
   *
   * @param id the job's id
   */
  public synchronized void forget(String id) {
    Scratch.discard(path(id));
  }

  /**
   * Returns the drafts of this application.
   *
   * @return the drafts, those kept last at the end
   */
  public synchronized List<Draft> own() {
    return read(own).stream().map(Left::draft).toList();
  }

  /**
   * Finds what applications left behind that have ended.
   *
   * @return the drafts that can be read, those kept last at the end
   */
  public List<Left> left() {
    List<Left> left = new ArrayList<>();
    for (Path each : folders()) {
      if (!each.equals(own) && Held.isFree(each)) {
        left.addAll(read(each));
      }
    }
    left.addAll(read(folder));
    left.sort(Comparator.comparing(each -> time(each.path())));
    return left;
  }

  /**
   * Takes a draft over that nobody holds.
   *
   * @param left the draft
   * @return what is in it, now held by this application; or one sentence about why it stays
   */
  public Parsed<Draft> adopt(Left left) {
    Path source = left.path().getParent();
    Parsed<Draft> taken =
        source.equals(folder)
            ? take(left)
            : Held.whileFree(source, () -> take(left))
                .orElseGet(() -> Parsed.bad("draft.held", left.draft().job().title()));
    Held.removeIfEmpty(source, folder);
    return taken;
  }

  private Parsed<Draft> take(Left left) {
    if (readOne(left.path()).isEmpty()) {
      return Parsed.bad("draft.held", left.draft().job().title());
    }
    return keep(left.draft())
        .then(
            kept -> {
              boolean isBack =
                  readOne(kept).map(Left::draft).filter(left.draft()::equals).isPresent();
              if (!isBack) {
                return Parsed.bad("draft.failed", left.path());
              }
              Scratch.discard(left.path());
              return Parsed.good(left.draft());
            });
  }

  /**
   * Puts a job of this application out of the way: it is offered no more, and stays on the disk.
   *
   * @param id the job's id
   * @return where its draft lies now, or one sentence about why it stays
   */
  public synchronized Parsed<Path> putAway(String id) {
    Path away = folder.resolve(AWAY).resolve(id + SUFFIX + AWAY_SUFFIX);
    try {
      Files.createDirectories(away.getParent());
      Files.move(path(id), away, StandardCopyOption.REPLACE_EXISTING);
      return Parsed.good(away);
    } catch (IOException | SecurityException reason) {
      return SaveProblem.of(path(id), away.getParent(), reason);
    }
  }

  /**
   * Counts the drafts that nobody holds and that cannot be read; they stay where they are.
   *
   * @return the number
   */
  public int unreadable() {
    int count = unreadable(folder);
    for (Path each : folders()) {
      if (!each.equals(own) && Held.isFree(each)) {
        count += unreadable(each);
      }
    }
    return count;
  }

  private static int unreadable(Path from) {
    int count = 0;
    for (Path path : drafts(from)) {
      count += readOne(path).isEmpty() ? 1 : 0;
    }
    return count;
  }

  /**
   * Returns where all drafts are kept.
   *
   * @return the folder
   */
  public Path folder() {
    return folder;
  }

  private Path path(String id) {
    return own.resolve(id + SUFFIX);
  }

  private List<Path> folders() {
    List<Path> folders = new ArrayList<>();
    try (DirectoryStream<Path> all = Files.newDirectoryStream(folder, Files::isDirectory)) {
      all.forEach(folders::add);
    } catch (IOException none) {
      return folders;
    }
    return folders;
  }

  private static List<Left> read(Path from) {
    List<Left> drafts = new ArrayList<>();
    drafts(from).forEach(path -> readOne(path).ifPresent(drafts::add));
    drafts.sort(Comparator.comparing(each -> time(each.path())));
    return drafts;
  }

  private static List<Path> drafts(Path from) {
    List<Path> paths = new ArrayList<>();
    try (DirectoryStream<Path> all = Files.newDirectoryStream(from, "*" + SUFFIX)) {
      all.forEach(paths::add);
    } catch (IOException unreadable) {
      return paths;
    }
    return paths;
  }

  /** Drafts of earlier editions lie in the folder itself and have no id but their name. */
  private static Optional<Left> readOne(Path path) {
    try {
      JsonNode node = MAPPER.readTree(TextFile.read(path));
      String name = path.getFileName().toString();
      String id = node.path("id").asText(name.substring(0, name.length() - SUFFIX.length()));
      Optional<Path> file =
          node.path("file").isTextual()
              ? Optional.of(Path.of(node.path("file").asText()))
              : Optional.empty();
      Optional<String> seen =
          node.path("seen").isTextual()
              ? Optional.of(node.path("seen").asText())
              : Optional.empty();
      return ProjectFormat.read(name, node.path("job"))
          .value()
          .map(job -> new Left(path, new Draft(id, file, seen, job)));
    } catch (IOException | InvalidPathException | StackOverflowError damaged) {
      return Optional.empty();
    }
  }

  private static FileTime time(Path path) {
    try {
      return Files.getLastModifiedTime(path);
    } catch (IOException unknown) {
      return FileTime.fromMillis(0);
    }
  }

  /** Lets go of the drafts; those that are still there can be taken over by others. */
  @Override
  public synchronized void close() {
    held.letGo();
    Held.removeIfEmpty(own, folder);
  }
}

package cufflink.files.pattern;

import cufflink.core.decor.Topper;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.pattern.Pattern;
import cufflink.core.words.Message;
import cufflink.files.text.Printable;
import cufflink.files.text.TextFile;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * The constructions at hand: those shipped, and those in the maker's own folder. A shipped file is
 * read when it is first asked for; any thread may ask.
 */
public final class PatternLibrary {
  private static final long MOST_BYTES = 1_000_000;
  private static final String SHIPPED = "/cufflink/files/patterns/";

  private final List<String> shipped = List.of(resource("index.txt").split("\\R"));
  private final Map<String, PatternFile> read = new ConcurrentHashMap<>();
  private final Map<String, PatternFile> own = new LinkedHashMap<>();
  private final Map<Extended, Optional<Pattern>> extended = new ConcurrentHashMap<>();
  private final List<Message> problems = new ArrayList<>();

  private final Map<String, PatternFile> editions = new ConcurrentHashMap<>();

  /** A pattern with accessories and toppers added to it. */
  private record Extended(Edition edition, Set<String> extras, List<Topper> toppers) {}

  private PatternLibrary() {}

  /**
   * Takes the shipped patterns only.
   *
   * @return the library
   */
  public static PatternLibrary shipped() {
    return new PatternLibrary();
  }

  /**
   * Takes the shipped patterns and reads those in a folder, files ending in .yaml or .yml. A file
   * of the maker's wins over a shipped one of the same id.
   *
   * @param folder the maker's folder, which need not exist
   * @return the library
   */
  public static PatternLibrary with(Path folder) {
    PatternLibrary library = new PatternLibrary();
    if (!Files.isDirectory(folder)) {
      return library;
    }
    try (Stream<Path> files = Files.list(folder)) {
      files
          .filter(file -> file.getFileName().toString().matches("(?i).+\\.ya?ml"))
          .filter(file -> !Translation.isOne(file.getFileName().toString()))
          .sorted()
          .forEach(library::addFile);
    } catch (IOException | UncheckedIOException reason) {
      library.problems.add(Message.of("library.folder", folder));
    }
    return library;
  }

  private void addFile(Path path) {
    String name = Printable.line(path.getFileName().toString());
    try {
      if (!Files.isRegularFile(path)) {
        problems.add(Message.of("library.kind", name));
        return;
      }
      if (Files.size(path) > MOST_BYTES) {
        problems.add(Message.of("library.large", name, MOST_BYTES / 1_000));
        return;
      }
      PatternFile file = PatternFile.read(name, TextFile.read(path), beside(path));
      file.pattern().ifPresent(pattern -> own.put(pattern.id(), file));
      if (!file.mistakes().isEmpty()) {
        problems.add(file.problem());
      }
    } catch (IOException reason) {
      problems.add(Message.of("library.file", path));
    } catch (RuntimeException | StackOverflowError | OutOfMemoryError reason) {
      // Whatever one file does, the others must load; the sentence says which one it was.
      problems.add(Message.of("library.broken", name, reason.getClass().getSimpleName()));
    }
  }

  /** Reads a shipped file, whose name is the id of its pattern, unless it was read before. */
  private PatternFile file(String name) {
    return read.computeIfAbsent(
        name, each -> PatternFile.readShipped(each, resource(each), beside(each)));
  }

  /**
   * Returns all patterns, reading those that were not asked for yet.
   *
   * @return the patterns, shipped ones first
   */
  public Collection<Pattern> patterns() {
    Map<String, Pattern> patterns = new LinkedHashMap<>();
    for (String name : shipped) {
      file(name).pattern().ifPresent(pattern -> patterns.put(pattern.id(), pattern));
    }
    own.forEach((id, file) -> patterns.put(id, file.pattern().orElseThrow()));
    return List.copyOf(patterns.values());
  }

  /**
   * Finds a pattern.
   *
   * @param id its id
   * @return the pattern, if there is one
   */
  public Optional<Pattern> pattern(String id) {
    return find(id).flatMap(PatternFile::pattern);
  }

  /**
   * Finds the pattern of a job, with the accessories that the maker added to it.
   *
   * @param job the job
   * @return the pattern, if there is one
   */
  public Optional<Pattern> pattern(Job job) {
    return pattern(job.edition(), job.order().extras(), job.order().put());
  }

  /**
   * Returns the present edition of a construction, which a job that is begun with it keeps.
   *
   * @param id the pattern's id
   * @return the edition with the text of its file, if the construction is at hand
   */
  public Optional<Edition> edition(String id) {
    return find(id).map(file -> new Edition(id, file.text()));
  }

  /**
   * Finds a pattern and adds accessories to it.
   *
   * @param id the pattern's id
   * @param extras the accessories, as {@link Extras} names them
   * @return the pattern, if there is one
   */
  public Optional<Pattern> pattern(String id, Set<String> extras) {
    return pattern(id, extras, List.of());
  }

  /**
   * Finds a pattern and adds accessories and toppers to it.
   *
   * @param id the pattern's id
   * @param extras the accessories, as {@link Extras} names them
   * @param toppers what its maker puts on
   * @return the pattern, if there is one
   */
  public Optional<Pattern> pattern(String id, Set<String> extras, List<Topper> toppers) {
    return pattern(Edition.atHand(id), extras, toppers);
  }

  private Optional<Pattern> pattern(Edition edition, Set<String> extras, List<Topper> toppers) {
    Optional<PatternFile> file = find(edition);
    return extras.isEmpty() && toppers.isEmpty()
        ? file.flatMap(PatternFile::pattern)
        : file.flatMap(
            each ->
                extended.computeIfAbsent(
                    new Extended(edition, extras, toppers), asked -> each.with(extras, toppers)));
  }

  /**
   * Finds the very edition that is asked for, whatever has become of the construction since. What
   * is at hand takes the place of a text that cannot be used.
   */
  private Optional<PatternFile> find(Edition edition) {
    Optional<PatternFile> atHand = find(edition.patternId());
    String text = edition.text();
    boolean same = atHand.filter(file -> file.text().equals(text)).isPresent();
    if (text.isEmpty() || same || text.length() > MOST_BYTES) {
      return atHand;
    }
    PatternFile kept =
        editions.computeIfAbsent(
            text, each -> PatternFile.read(edition.patternId() + ".yaml", each));
    boolean usable =
        kept.pattern().filter(each -> each.id().equals(edition.patternId())).isPresent();
    return usable ? Optional.of(kept) : atHand;
  }

  private Optional<PatternFile> find(String id) {
    if (own.containsKey(id)) {
      return Optional.of(own.get(id));
    }
    String name = id + ".yaml";
    return shipped.contains(name) ? Optional.of(file(name)) : Optional.empty();
  }

  /**
   * Returns what is wrong with files that were read.
   *
   * @return one sentence for each file that could not be used
   */
  public List<Message> problems() {
    List<Message> all = new ArrayList<>(problems);
    read.values().stream()
        .filter(file -> !file.mistakes().isEmpty())
        .map(PatternFile::problem)
        .forEach(all::add);
    return List.copyOf(all);
  }

  private static String beside(Path path) throws IOException {
    Path other = path.resolveSibling(Translation.beside(path.getFileName().toString()));
    return Files.isRegularFile(other) ? TextFile.read(other) : "";
  }

  /** Returns the translation of a shipped file, empty if there is none. */
  static String beside(String name) {
    String other = Translation.beside(name);
    return PatternLibrary.class.getResource(SHIPPED + other) == null ? "" : resource(other);
  }

  static String resource(String name) {
    try (InputStream in = PatternLibrary.class.getResourceAsStream(SHIPPED + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException reason) {
      throw new UncheckedIOException(reason);
    }
  }
}

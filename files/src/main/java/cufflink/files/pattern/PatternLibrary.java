package cufflink.files.pattern;

import cufflink.core.pattern.Pattern;
import cufflink.core.words.Words;
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
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * The constructions at hand: those shipped, and those in the maker's own folder. A shipped file is
 * read when it is first asked for; any thread may ask.
 */
public final class PatternLibrary {
  private static final String SHIPPED = "/cufflink/files/patterns/";

  private final List<String> shipped = List.of(resource("index.txt").split("\\R"));
  private final Map<String, PatternFile> read = new ConcurrentHashMap<>();
  private final Map<String, Pattern> own = new LinkedHashMap<>();
  private final List<String> problems = new ArrayList<>();

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
          .sorted()
          .forEach(library::addFile);
    } catch (IOException | UncheckedIOException reason) {
      library.problems.add(Words.say("library.folder", folder));
    }
    return library;
  }

  private void addFile(Path path) {
    try {
      PatternFile file = PatternFile.read(path.getFileName().toString(), Files.readString(path));
      file.pattern().ifPresent(pattern -> own.put(pattern.id(), pattern));
      if (!file.mistakes().isEmpty()) {
        problems.add(file.problem());
      }
    } catch (IOException reason) {
      problems.add(Words.say("library.file", path));
    }
  }

  /** Reads a shipped file, whose name is the id of its pattern, unless it was read before. */
  private PatternFile file(String name) {
    return read.computeIfAbsent(name, each -> PatternFile.readShipped(each, resource(each)));
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
    patterns.putAll(own);
    return List.copyOf(patterns.values());
  }

  /**
   * Finds a pattern.
   *
   * @param id its id
   * @return the pattern, if there is one
   */
  public Optional<Pattern> pattern(String id) {
    if (own.containsKey(id)) {
      return Optional.of(own.get(id));
    }
    String name = id + ".yaml";
    return shipped.contains(name) ? file(name).pattern() : Optional.empty();
  }

  /**
   * Returns what is wrong with files that were read.
   *
   * @return one sentence for each file that could not be used
   */
  public List<String> problems() {
    List<String> all = new ArrayList<>(problems);
    read.values().stream()
        .filter(file -> !file.mistakes().isEmpty())
        .map(PatternFile::problem)
        .forEach(all::add);
    return List.copyOf(all);
  }

  static String resource(String name) {
    try (InputStream in = PatternLibrary.class.getResourceAsStream(SHIPPED + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException reason) {
      throw new UncheckedIOException(reason);
    }
  }
}

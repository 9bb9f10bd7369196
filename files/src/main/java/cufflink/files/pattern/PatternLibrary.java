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
import java.util.stream.Stream;

/** The constructions at hand: those shipped, and those in the maker's own folder. */
public final class PatternLibrary {
  private static final String SHIPPED = "/cufflink/files/patterns/";

  private final Map<String, Pattern> patterns = new LinkedHashMap<>();
  private final List<String> problems = new ArrayList<>();

  private PatternLibrary() {}

  /**
   * Reads the shipped patterns only.
   *
   * @return the library
   */
  public static PatternLibrary shipped() {
    PatternLibrary library = new PatternLibrary();
    for (String name : resource("index.txt").split("\\R")) {
      library.add(PatternFile.readShipped(name, resource(name)));
    }
    return library;
  }

  /**
   * Reads the shipped patterns and those in a folder, files ending in .yaml or .yml. A file of the
   * maker's wins over a shipped one of the same id.
   *
   * @param folder the maker's folder, which need not exist
   * @return the library
   */
  public static PatternLibrary with(Path folder) {
    PatternLibrary library = shipped();
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

  private void addFile(Path file) {
    try {
      add(PatternFile.read(file.getFileName().toString(), Files.readString(file)));
    } catch (IOException reason) {
      problems.add(Words.say("library.file", file));
    }
  }

  private void add(PatternFile file) {
    file.pattern().ifPresent(pattern -> patterns.put(pattern.id(), pattern));
    if (!file.mistakes().isEmpty()) {
      problems.add(file.problem());
    }
  }

  /**
   * Returns all patterns.
   *
   * @return the patterns, shipped ones first
   */
  public Collection<Pattern> patterns() {
    return List.copyOf(patterns.values());
  }

  /**
   * Finds a pattern.
   *
   * @param id its id
   * @return the pattern, if there is one
   */
  public Optional<Pattern> pattern(String id) {
    return Optional.ofNullable(patterns.get(id));
  }

  /**
   * Returns what is wrong with files in the maker's folder.
   *
   * @return one sentence for each file that could not be used
   */
  public List<String> problems() {
    return List.copyOf(problems);
  }

  static String resource(String name) {
    try (InputStream in = PatternLibrary.class.getResourceAsStream(SHIPPED + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException reason) {
      throw new UncheckedIOException(reason);
    }
  }
}

package cufflink.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class WordsTest {
  private static final Pattern LITERAL = Pattern.compile("\"([a-z]+(?:[.-][a-z-]+)+)\"");
  private static final Path PROJECT = Path.of("..").toAbsolutePath().normalize();

  @Test
  void say_fillsPlacesWithTextsAsTheyAre() {
    assertEquals("3 × 4.5", Words.say("length.size", 3, "4.5"));
  }

  @Test
  void everySentence_isUsedSomewhere() throws IOException {
    Set<String> unused = new TreeSet<>(keys());
    unused.removeAll(literals());
    // These are put together from two parts; the desktop's tests hold them against what they name.
    unused.removeIf(
        key -> key.matches("(station|help|extra|export)\\..*|shelf\\.(does|first|level)-.*"));
    assertEquals(Set.of(), unused);
  }

  @Test
  void everyKeyThatIsSaid_isInTheBundle() throws IOException {
    Pattern said = Pattern.compile("Words\\s*\\.say\\(\\s*\"([^\"]+)\"(?!\\s*\\+)");
    Set<String> missing = new TreeSet<>();
    for (String source : sources()) {
      Matcher matcher = said.matcher(source);
      while (matcher.find()) {
        if (!keys().contains(matcher.group(1))) {
          missing.add(matcher.group(1));
        }
      }
    }
    assertEquals(Set.of(), missing);
  }

  @Test
  void noSentence_holdsAnApostropheThatWouldHideItsPlaces() {
    ResourceBundle bundle = ResourceBundle.getBundle("cufflink.core.words.words", Locale.ROOT);
    keys().forEach(key -> assertTrue(!bundle.getString(key).contains("'"), key));
  }

  private static Set<String> keys() {
    return ResourceBundle.getBundle("cufflink.core.words.words", Locale.ROOT).keySet();
  }

  private static Set<String> literals() throws IOException {
    Set<String> literals = new HashSet<>();
    for (String source : sources()) {
      Matcher matcher = LITERAL.matcher(source);
      while (matcher.find()) {
        literals.add(matcher.group(1));
      }
    }
    return literals;
  }

  private static Set<String> sources() throws IOException {
    Set<String> sources = new HashSet<>();
    for (String module : Set.of("core", "files", "desktop")) {
      try (Stream<Path> files = Files.walk(PROJECT.resolve(module).resolve("src/main/java"))) {
        for (Path file :
            files.filter(each -> each.toString().endsWith(".java")).collect(Collectors.toSet())) {
          sources.add(Files.readString(file));
        }
      }
    }
    return sources;
  }

  @Test
  void say_numbersChooseTheirWords() {
    assertEquals("one copy", Words.say("shelf.count", 1));
    assertEquals("12 copies", Words.say("shelf.count", 12));
    assertEquals("10000 copies", Words.say("shelf.count", 10_000));
    assertEquals("No new sheet and 2 off-cuts", Words.say("trim.sheets-and-off-cuts", 0, 2));
    assertEquals("1234 of 5", Words.say("score.step", 1234, 5));
  }
}

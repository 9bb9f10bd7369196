package cufflink.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The sentences of the application. */
class LanguageTest {
  private static final Pattern LITERAL = Pattern.compile("\"([a-z]+(?:[.-][a-z-]+)+)\"");
  private static final Path PROJECT = Path.of("..").toAbsolutePath().normalize();

  /** Names of files and of parts in drawings, which only look like keys. */
  private static final Set<String> NO_KEYS = Set.of("drawer.json");

  private static final Language ENGLISH = Language.ENGLISH;

  @Test
  void say_fillsPlacesWithTextsAsTheyAre() {
    assertEquals("3 × 4.5", ENGLISH.say("length.size", 3, "4.5"));
    assertEquals("{0} × 4.5", ENGLISH.say("length.size", "{0}", "4.5"));
  }

  @Test
  void everySentence_isUsedSomewhere() throws IOException {
    Set<String> unused = new TreeSet<>(keys());
    unused.removeAll(literals());
    // These are put together from two parts; the tests of files and desktop hold them against what
    // they name.
    unused.removeIf(
        key ->
            key.matches(
                "(station|help|extra|export|usage|tint|motif)\\..*"
                    + "|shelf\\.(does|suits|first|level)-.*|look\\.of-.*"));
    assertEquals(Set.of(), unused);
  }

  /** Whatever looks like a key in the sources is one, however it comes to be said. */
  @Test
  void everyKeyInTheSources_isInTheBundle() throws IOException {
    Set<String> groups =
        keys().stream().map(key -> key.substring(0, key.indexOf('.'))).collect(Collectors.toSet());
    Set<String> missing = new TreeSet<>(literals());
    missing.removeIf(
        literal -> !groups.contains(literal.split("[.]")[0]) || !literal.contains("."));
    missing.removeAll(keys());
    missing.removeAll(NO_KEYS);
    // What ends in a hyphen is the beginning of several keys.
    missing.removeIf(
        literal ->
            literal.endsWith("-") && keys().stream().anyMatch(key -> key.startsWith(literal)));
    assertEquals(Set.of(), missing);
  }

  @Test
  void noSentence_holdsAnApostropheThatWouldHideItsPlaces() {
    keys().forEach(key -> assertFalse(ENGLISH.say(key).contains("'"), key));
  }

  private static Set<String> keys() {
    return ENGLISH.keys();
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
    assertEquals("one copy", ENGLISH.say("shelf.count", 1));
    assertEquals("12 copies", ENGLISH.say("shelf.count", 12));
    assertEquals("10000 copies", ENGLISH.say("shelf.count", 10_000));
    assertEquals("No new sheet and 2 off-cuts", ENGLISH.say("trim.sheets-and-off-cuts", 0, 2));
    assertEquals("1234 of 5", ENGLISH.say("score.step", 1234, 5));
  }

  /**
   * The forms of Polish, from Unicode's data: 1 has its own; 2 and 5 others, if they are written.
   */
  @Test
  void pseudo_isLongerAndInBrackets() {
    for (String key : Language.PSEUDO.keys()) {
      String plain = ENGLISH.say(key);
      String dressed = Language.PSEUDO.say(key);
      assertTrue(dressed.startsWith("⟦") && dressed.endsWith("⟧"), key);
      assertTrue(dressed.length() >= plain.length(), key);
    }
    assertEquals("⟦óné cópý~~~~~⟧", Language.PSEUDO.say("shelf.count", 1));
    assertTrue(Language.PSEUDO.say("shelf.count", 5).startsWith("⟦5 cópíés"));
  }

  @Test
  void of_namesOfLanguages_areKnown() {
    Language.names().forEach(name -> assertTrue(Language.of(name).isPresent(), name));
    assertTrue(Language.of("xx").isEmpty());
  }

  private static final Path WORDS = PROJECT.resolve("core/src/main/resources/cufflink/core/words");

  /** A language that is shipped says every sentence; nothing falls back to another one. */
  @Test
  void everyLanguage_saysEverySentence() throws IOException {
    try (Stream<Path> files = Files.list(WORDS)) {
      for (Path file : files.filter(each -> each.toString().endsWith(".properties")).toList()) {
        assertEquals(Set.of(), missing(read(file)), file.toString());
      }
    }
    Properties lacking = read(WORDS.resolve("words.properties"));
    lacking.remove("severity.error");
    lacking.setProperty("of.no.use", "It is said nowhere.");
    assertEquals(Set.of("severity.error", "of.no.use"), missing(lacking));
  }

  private static Properties read(Path file) throws IOException {
    Properties properties = new Properties();
    try (Reader in = Files.newBufferedReader(file)) {
      properties.load(in);
    }
    return properties;
  }

  /** Returns the sentences that are there in one language only. */
  private static Set<String> missing(Properties language) {
    Set<String> missing = new TreeSet<>(keys());
    Set<String> more = new TreeSet<>(language.stringPropertyNames());
    more.removeAll(missing);
    missing.removeAll(language.stringPropertyNames());
    missing.addAll(more);
    return missing;
  }
}

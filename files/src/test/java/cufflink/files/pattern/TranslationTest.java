package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.pattern.Entry;
import cufflink.core.pattern.Mistake;
import cufflink.core.pattern.Pattern;
import cufflink.core.words.Language;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Patterns and sizes are translated by files beside them. */
class TranslationTest {
  @AfterEach
  void speakEnglishAgain() {
    Words.speak(Language.ENGLISH);
  }

  @Test
  void of_onlyProse_isTranslated() {
    List<Mistake> mistakes = new ArrayList<>();
    Entry root =
        YamlReader.read(
            "id: gate\nname: Gate\npieces: {base: {label: Gate, paper: Gate}}\nnotes: [Gate]",
            mistakes);
    Entry.Group group = (Entry.Group) Translation.read("Gate: Porte", mistakes).of(root);
    assertEquals(List.of(), mistakes);
    assertEquals("gate", ((Entry.Text) group.parts().get("id")).text());
    assertEquals("Porte", ((Entry.Text) group.parts().get("name")).text());
    String rest = group.parts().get("pieces").toString() + group.parts().get("notes");
    assertTrue(rest.contains("text=Porte") && rest.contains("text=Gate"), rest);
  }

  /** A pattern of the maker's own in a folder, and its translation beside it. */
  @Test
  void library_readsTheFileBeside(@TempDir Path folder) throws Exception {
    String text = PatternLibrary.resource("slim-tent.yaml").replace("id: slim-tent", "id: tent");
    Files.writeString(folder.resolve("tent.yaml"), text);
    Files.writeString(folder.resolve("tent.en.yaml"), "Slim tent: Narrow tent\n");
    PatternLibrary library = PatternLibrary.with(folder);
    assertEquals(List.of(), library.problems());
    assertEquals("Narrow tent", library.pattern("tent").map(Pattern::name).orElseThrow());
  }

  @Test
  void everyPattern_canBeSaidInALanguageThatIsNone() {
    Words.speak(Language.PSEUDO);
    PatternLibrary library = PatternLibrary.shipped();
    for (Pattern pattern : library.patterns()) {
      assertTrue(pattern.name().startsWith("⟦"), pattern.name());
      pattern.parameters().forEach(each -> assertTrue(each.label().startsWith("⟦"), each.label()));
    }
    assertEquals(List.of(), library.problems());
    StandardSizes.items().forEach(each -> assertTrue(each.label().startsWith("⟦")));
    Words.speak(Language.ENGLISH);
    StandardSizes.items().forEach(each -> assertFalse(each.label().startsWith("⟦")));
  }

  @Test
  void choose_aLanguage_isTakenOutOfTheArguments() {
    assertEquals(
        List.of("plan", "x"), Words.choose(List.of("plan", "--lang", "zz", "x")).orElseThrow());
    assertEquals("zz", Words.language().name());
    Words.speak(Language.ENGLISH);
    assertEquals(
        "There is no language “xx” here; choose one of en, zz.",
        Words.say(Words.choose(List.of("--lang", "xx")).problem()));
    assertTrue(Words.choose(List.of("--lang")).value().isEmpty());
    assertEquals("en", Words.language().name());
  }
}

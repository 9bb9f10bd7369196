package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.Spoken;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pattern files as text: every kind of mistake gets its line and one plain sentence. */
class PatternFileTest {
  private static final String GOOD =
      """
      format: cufflink-pattern/1
      id: trial
      name: Trial
      parameters:
        width: {label: Width, default: 90 mm, role: finished-width, scales: across}
        height: {label: Height, default: 60 mm, role: finished-height, scales: along}
      let:
        half: width / 2
      pieces:
        base:
          size: [width, 2 * height]
          scores:
            fold: {y: height, fold: valley}
      folding:
        - {stage: Fold, drive: {fold: 180}}
      """;

  @TempDir private Path folder;

  @Test
  void read_goodFile_givesThePattern() {
    PatternFile file = PatternFile.read("trial.yaml", GOOD);
    assertEquals(List.of(), file.mistakes());
    assertEquals("", file.problem().say(Spoken.ENGLISH));
    assertEquals("trial", file.pattern().orElseThrow().id());
  }

  @Test
  void read_shippedFiles_haveTheShapeOfTheSchema() throws IOException {
    for (String name : resource("index.txt").split("\\R")) {
      assertEquals(List.of(), PatternFile.read(name, resource(name)).mistakes(), name);
    }
  }

  private static String resource(String name) throws IOException {
    try (InputStream in =
        PatternFileTest.class.getResourceAsStream("/cufflink/files/patterns/" + name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  @Test
  void read_unknownName_saysWhere() {
    assertProblem(
        GOOD.replace("[width, 2 * height]", "[widht, 2 * height]"),
        "trial.yaml, line 11, pieces.base.size.1: the formula “widht” uses “widht”, which is not the"
            + " name of a value; the names here are: card_caliper, closed_thickness, foam, half, height, mark, paper_caliper, width.");
  }

  @Test
  void read_wrongUnit_saysWhere() {
    assertProblem(
        GOOD.replace("half: width / 2", "half: width + 2"),
        "trial.yaml, line 8, let.half: the formula “width + 2” joins a length and a plain number with"
            + " “+”; give both the same unit, such as mm.");
  }

  @Test
  void read_divisionByNought_saysWhere() {
    assertProblem(
        GOOD.replace("half: width / 2", "half: width / (2 - 2)"),
        "trial.yaml, line 8, let.half: with the values as they stand in the file: the formula “width"
            + " / (2 - 2)” divides by nought; look at the value below the line.");
  }

  @Test
  void read_cycle_saysWhere() {
    assertProblem(
        GOOD.replace("half: width / 2", "half: rest / 2\n  rest: half * 2"),
        "trial.yaml, line 8, let.half: the values half → rest → half each wait for the next and come"
            + " round to the first; break the ring.");
  }

  @Test
  void read_lineOutsideItsPiece_saysWhere() {
    assertProblem(
        GOOD.replace("y: height,", "y: height * 3,"),
        "trial.yaml, line 13, pieces.base.scores.fold: with the values as they stand in the file: The"
            + " line “fold” (fold) runs outside its piece; choose other sizes.");
  }

  @Test
  void read_sameNameTwice_saysWhere() {
    assertProblem(
        GOOD.replace("  half:", "  half: 3 mm\n  half:"),
        "trial.yaml, line 9, let.half: the name “half” is used twice; give one of the two another"
            + " name.");
  }

  @Test
  void read_wrongType_saysWhere() {
    assertProblem(
        GOOD.replace("size: [width, 2 * height]", "size: width"),
        "trial.yaml, line 11, pieces.base.size: here belongs another kind of part (array); look at"
            + " the guide to pattern files.");
  }

  @Test
  void read_unknownPart_saysWhere() {
    assertProblem(
        GOOD.replace("fold: valley", "fould: valley, fold: valley"),
        "trial.yaml, line 13, pieces.base.scores.fold.fould: “fould” is not known here; look for a"
            + " slip in its spelling.");
  }

  @Test
  void read_missingPart_saysWhere() {
    assertProblem(
        GOOD.replace("name: Trial\n", ""), "trial.yaml, line 1: “name” is missing here; add it.");
  }

  @Test
  void read_tooFewParts_saysWhere() {
    assertProblem(
        GOOD.replace("size: [width, 2 * height]", "size: [width]"),
        "trial.yaml, line 11, pieces.base.size: here belong 2 parts in brackets; write that many.");
  }

  @Test
  void read_brokenYaml_saysWhere() {
    PatternFile file =
        PatternFile.read("trial.yaml", GOOD.replace("[width, 2 * height]", "[width"));
    assertTrue(
        file.problem().say(Spoken.ENGLISH).startsWith("trial.yaml, line 1"),
        file.problem().say(Spoken.ENGLISH));
    assertTrue(
        file.problem()
            .say(Spoken.ENGLISH)
            .endsWith("look at the indentation, quotes and brackets."));
  }

  @Test
  void read_emptyOrForeignFiles_areRefused() {
    assertProblem(
        "",
        "trial.yaml, line 1: the file holds no named parts; begin it with “format:"
            + " cufflink-pattern/1”.");
    assertTrue(
        PatternFile.read("x", "- 1\n- 2")
            .problem()
            .say(Spoken.ENGLISH)
            .contains("holds no named parts"));
    assertTrue(
        PatternFile.read("x", "\u0000\u0001")
            .problem()
            .say(Spoken.ENGLISH)
            .contains("cannot be read"));
    assertTrue(
        PatternFile.read("x", "[".repeat(3_000))
            .problem()
            .say(Spoken.ENGLISH)
            .startsWith("x, line 1"));
  }

  @Test
  void read_fiveThousandLines_isReadWhole() {
    String lets =
        IntStream.range(0, 5_000)
            .mapToObj(i -> "  v" + i + ": " + (i == 0 ? "width" : "v" + (i - 1)) + " + 0 mm\n")
            .collect(Collectors.joining());
    PatternFile file = PatternFile.read("trial.yaml", GOOD.replace("let:\n", "let:\n" + lets));
    assertEquals(List.of(), file.mistakes());
    assertEquals(5_001, file.pattern().orElseThrow().lets().size());
  }

  /** Each value waits for the next: deeper than calls can go. */
  @Test
  void read_fiveThousandLinesTheOtherWayRound_isReadWhole() {
    String lets =
        IntStream.range(0, 5_000)
            .mapToObj(i -> "  v" + i + ": " + (i == 4_999 ? "width" : "v" + (i + 1)) + " + 0 mm\n")
            .collect(Collectors.joining());
    PatternFile file = PatternFile.read("trial.yaml", GOOD.replace("let:\n", "let:\n" + lets));
    assertEquals(List.of(), file.mistakes());
  }

  /** Few bytes that stand for more than a computer holds, and other ways to keep one busy. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1e-20000000|more than 40 digits",
        "1e20000000|more than 40 digits",
        "long number|longer than 1000 characters",
        "plus|longer than 1000 characters",
        "nested|parts within parts",
        "minus|longer than 1000 characters"
      })
  void read_formulaThatWouldNeverEnd_isOneSentence(String what, String part) {
    String formula =
        switch (what) {
          case "long number" -> "9".repeat(500_000);
          case "plus" -> "1" + " + 1".repeat(1_000);
          case "minus" -> "-".repeat(1_000) + "1";
          case "nested" -> "-".repeat(900) + "1";
          default -> what;
        };
    PatternFile file =
        PatternFile.read("x", GOOD.replace("let:\n", "let:\n  bad: \"" + formula + "\"\n"));
    assertTrue(
        file.problem().say(Spoken.ENGLISH).contains(part), file.problem().say(Spoken.ENGLISH));
    assertTrue(
        file.problem().say(Spoken.ENGLISH).length() < 300, file.problem().say(Spoken.ENGLISH));
  }

  @Test
  void read_aliases_areNotFollowed() {
    StringBuilder text = new StringBuilder("a0: &a0 [x, x, x, x, x, x, x, x, x, x]\n");
    for (int i = 1; i < 14; i++) {
      text.append("a" + i + ": &a" + i + " [" + ("*a" + (i - 1) + ", ").repeat(9) + "*a");
      text.append(i - 1).append("]\n");
    }
    assertTrue(
        PatternFile.read("x", text.toString())
            .problem()
            .say(Spoken.ENGLISH)
            .startsWith("x, line 1: the file"));
    String once = "a: &a [x]\nb: *a\n";
    assertTrue(
        PatternFile.read("x", once)
            .problem()
            .say(Spoken.ENGLISH)
            .startsWith("x, line 2, b: a part stands"));
  }

  @Test
  void read_moreThanAnybodyWrites_isRefusedAtOnce() {
    String many =
        IntStream.range(0, 5_000)
            .mapToObj(i -> "  p" + i + ": {label: P, default: 3 mm}\n")
            .collect(Collectors.joining());
    String text = GOOD.replace("parameters:\n", "parameters:\n" + many);
    assertTrue(PatternFile.read("x", text).problem().say(Spoken.ENGLISH).contains("is the most"));
    String comment = "#" + "x".repeat(3_000_000) + "\n" + GOOD;
    assertTrue(
        PatternFile.read("x", comment)
            .problem()
            .say(Spoken.ENGLISH)
            .contains("more than 1000000 characters"));
  }

  /** One bad file must not keep the others from loading, whatever it is. */
  @Test
  void library_withHostileFiles_loadsTheOthers() throws Exception {
    Files.writeString(folder.resolve("good.yaml"), GOOD);
    Files.writeString(folder.resolve("large.yaml"), "#" + "x".repeat(3_000_000));
    Files.write(folder.resolve("latin.yaml"), new byte[] {(byte) 0xe9, 10});
    Files.writeString(folder.resolve("marked.yaml"), "\uFEFF" + GOOD.replace("id: ", "id: m-"));
    Files.createDirectory(folder.resolve("folder.yaml"));
    Files.createSymbolicLink(folder.resolve("endless.yaml"), Path.of("/dev/zero"));
    Files.createSymbolicLink(folder.resolve("nowhere.yaml"), folder.resolve("none"));
    assertEquals(0, new ProcessBuilder("mkfifo", folder + "/pipe.yaml").start().waitFor());
    PatternLibrary library = PatternLibrary.with(folder);
    assertEquals(PatternLibrary.shipped().patterns().size() + 2, library.patterns().size());
    assertEquals(6, library.problems().size(), library.problems()::toString);
  }

  @Test
  void guide_examples_runAsTheyStand() throws IOException {
    String guide = Files.readString(Path.of("..", "docs", "pattern-format.md"));
    Matcher example = Pattern.compile("(?s)```yaml\n(.*?)```").matcher(guide);
    int count = 0;
    while (example.find()) {
      PatternFile file = PatternFile.read("guide", example.group(1));
      assertEquals(List.of(), file.mistakes());
      count++;
    }
    assertEquals(4, count);
  }

  @Test
  void library_fileInTheMakersFolder_appears() throws IOException {
    Files.writeString(folder.resolve("trial.yaml"), GOOD);
    Files.writeString(folder.resolve("notes.txt"), "no pattern");
    PatternLibrary library = PatternLibrary.with(folder);
    assertEquals("Trial", library.pattern("trial").orElseThrow().name());
    assertEquals(List.of(), library.problems());
  }

  @Test
  void library_badFile_isNamedAndTheOthersServe() throws IOException {
    Files.writeString(folder.resolve("bad.yaml"), GOOD.replace("valley", "up"));
    Files.write(folder.resolve("binary.yml"), new byte[] {(byte) 0xff, (byte) 0xfe, 0x10});
    PatternLibrary library = PatternLibrary.with(folder);
    assertEquals(PatternLibrary.shipped().patterns().size(), library.patterns().size());
    assertEquals(2, library.problems().size());
    assertTrue(library.problems().get(0).say(Spoken.ENGLISH).startsWith("bad.yaml, line 13"));
    assertTrue(library.problems().get(1).say(Spoken.ENGLISH).contains("plain text in UTF-8"));
  }

  @Test
  void library_makersFile_winsOverTheShippedOne() throws IOException {
    Files.writeString(folder.resolve("own.yaml"), GOOD.replace("id: trial", "id: off-centre-gate"));
    assertEquals(
        "Trial", PatternLibrary.with(folder).pattern("off-centre-gate").orElseThrow().name());
  }

  @Test
  void library_folderThatIsNotThere_isNoProblem() {
    assertEquals(List.of(), PatternLibrary.with(folder.resolve("none")).problems());
  }

  /** A joint, and a stage that moves it, added to the good file. */
  private static String moving(String joint, String stage) {
    return GOOD.replace(
            "folding:\n",
            "  card: {size: [40 mm, 30 mm]}\n"
                + "joins:\n  card: {piece: card, on: base, area: [5 mm, 5 mm, 40 mm, 30 mm], "
                + joint
                + "}\nfolding:\n")
        + "opening:\n  - {stage: Pull, with: {"
        + stage
        + "}}\n";
  }

  @Test
  void read_jointThatSlides_isDrivenByALength() {
    String good = moving("slides: top", "card-slide: 30 mm");
    assertEquals("", PatternFile.read("trial.yaml", good).problem().say(Spoken.ENGLISH));
    assertProblem(
        moving("slides: top", "card-slide: 30"),
        "trial.yaml, line 20, opening.1.with.card-slide: “30” is a plain number, but here belongs a length;"
            + " give it the right unit.");
  }

  @Test
  void read_jointThatDoesNotSlide_cannotBeDriven() {
    String problem =
        PatternFile.read("trial.yaml", moving("mouth: top", "card-slide: 3 mm"))
            .problem()
            .say(Spoken.ENGLISH);
    assertTrue(
        problem.startsWith(
            "trial.yaml, line 20, opening.1.with.card-slide: “card-slide” is not a name"),
        problem);
  }

  @Test
  void read_jointUnderAPieceThatIsNotThere_saysWhere() {
    assertProblem(
        moving("slides: top, slides-under: [bnad]", "card-slide: 3 mm"),
        "trial.yaml, line 16, joins.card.slides-under.1: there is no piece “bnad”; name one of the"
            + " pieces above.");
  }

  @Test
  void read_jointWithPlacesMissing_saysWhere() {
    String problem =
        PatternFile.read(
                "trial.yaml", moving("slides: top, askew: [1 mm, 2 mm]", "card-slide: 3 mm"))
            .problem()
            .say(Spoken.ENGLISH);
    assertTrue(problem.startsWith("trial.yaml, line 16, joins.card.askew:"), problem);
    problem =
        PatternFile.read("trial.yaml", moving("slides: up", "card-slide: 3 mm"))
            .problem()
            .say(Spoken.ENGLISH);
    assertTrue(problem.startsWith("trial.yaml, line 16, joins.card.slides:"), problem);
  }

  private static void assertProblem(String text, String sentence) {
    assertEquals(sentence, PatternFile.read("trial.yaml", text).problem().say(Spoken.ENGLISH));
  }
}

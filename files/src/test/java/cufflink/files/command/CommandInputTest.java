package cufflink.files.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.FaultLog;
import cufflink.files.project.UserFolders;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Input that makes no sense, and output that goes to places of all kinds. */
class CommandInputTest {
  @TempDir private Path folder;
  private final ByteArrayOutputStream out = new ByteArrayOutputStream();
  private final ByteArrayOutputStream err = new ByteArrayOutputStream();

  private int run(String... arguments) {
    return run(out, arguments);
  }

  private int run(OutputStream to, String... arguments) {
    return Cufflink.run(
        PatternLibrary.with(folder.resolve("patterns")),
        new Cufflink.Streams(to, err),
        new FaultLog(new UserFolders(folder)),
        arguments);
  }

  /** Values at which the program once fell over; none of them is a fault of the program. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "check slotted-pair --set extra=70mm",
        "check slotted-pair --set window=200mm",
        "check concertina-album --set notch=200mm",
        "plan ridge-pocket-holder --set thumb=0",
        "cut slim-tent --paper-sheet wrong=a5",
        "cut slim-tent --paper-sheet writing=b9",
        "cut slim-tent --paper-sheet writing",
        "plan concertina-album --set width=0.0001",
        "plan diagonal-pocket-quarter-fold --set width=0 --sheet a4"
      })
  void ordinaryAndAbsurdValues_areAnswered(String line) {
    int code = run(line.split(" "));
    assertTrue(code < Cufflink.INNER_FAULT, () -> line + ": " + err);
    assertFalse(Files.exists(folder.resolve("faults.log")));
  }

  /** From where a card is pictured, and when, are numbers that make sense. */
  @ParameterizedTest
  @ValueSource(strings = {"--turn NaN", "--tilt Infinity", "--turn 361", "--done -1e9"})
  void picture_fromNowhere_isOneSentence(String option) {
    String line = "export slim-tent --format picture -o - " + option;
    assertEquals(Cufflink.BAD_INPUT, run(line.split(" ")));
    String told = err.toString(StandardCharsets.UTF_8);
    assertTrue(told.contains("is not a number for " + option.split(" ")[0] + "; write one"), told);
    assertFalse(Files.exists(folder.resolve("faults.log")));
  }

  /**
   * A piece of one's own that makes no sense is one sentence; the sentence shows how to write it.
   */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "star 30 on base outside at 5,5",
        "circle on base outside at 5,5",
        "circle 30 on base outside",
        "circle 30 on base outside at five,5",
        "circle 0 on base outside at 5,5",
        "circle -3 on base outside at 5,5",
        "circle 1e99 on base outside at 5,5",
        "circle 1201 on base outside at 5,5",
        "oval 30 x 47 1/4in on base outside at 5,5",
        "circle 30 on base outside at -301,5",
        "circle 30 on base outside at 5,1201",
        ""
      })
  void topperThatMakesNoSense_isOneSentence(String topper) {
    assertEquals(Cufflink.BAD_INPUT, run("plan", "slim-tent", "--topper", topper));
    String told = err.toString(StandardCharsets.UTF_8);
    assertTrue(told.startsWith("--topper"), told);
    assertEquals(1, told.strip().lines().count(), told);
    assertFalse(Files.exists(folder.resolve("faults.log")));
  }

  /** The example of the sentence works, and the plan has it with place, angle and adhesive. */
  @Test
  void topper_isPlanned() {
    String written = "circle 40 mm on base outside at 20 mm, 30 mm tilted 10 foam called badge";
    assertEquals(0, run("plan", "banded-half-fold", "--json", "--topper", written));
    String plan = out.toString(StandardCharsets.UTF_8);
    assertTrue(plan.contains("\"across\" : \"40 mm\""), plan);
    assertTrue(plan.contains("\"tilt\" : \"10\""), plan);
    assertTrue(plan.contains("\"with\" : \"foam\""), plan);
  }

  @Test
  void slitsThatGoRightThrough_areFound() {
    assertEquals(Cufflink.FINDINGS, run("check", "slotted-pair", "--set", "extra=70mm"));
    assertTrue(out.toString(StandardCharsets.UTF_8).contains("falls apart: its cuts go right"));
  }

  /** What goes wrong only when the card is folded is told by the plan as well as by the check. */
  @Test
  void plan_tellsWhatGoesWrongInFolding_asTheCheckDoes() {
    assertEquals(Cufflink.FINDINGS, run("check", "waterfall", "--set", "tile=90mm"));
    List<String> checked = foundOnly();
    assertTrue(
        checked.stream().anyMatch(each -> each.contains("passes the edge of the card by")),
        checked::toString);
    // A formula of the pattern comes to less than nothing here: that is no cure.
    assertTrue(checked.stream().noneMatch(each -> each.contains("Glue −")), checked::toString);
    out.reset();
    assertEquals(Cufflink.FINDINGS, run("plan", "waterfall", "--set", "tile=90mm"));
    List<String> planned = out.toString(StandardCharsets.UTF_8).lines().toList();
    assertEquals(checked, planned.subList(planned.size() - checked.size(), planned.size()));
  }

  /** What is found, without what else is answered about the card. */
  private List<String> foundOnly() {
    return out.toString(StandardCharsets.UTF_8)
        .lines()
        .takeWhile(line -> !Set.of("Closed", "Envelope", "What is seen").contains(line))
        .toList();
  }

  /** What does not depend on the size of the card is told at once, with what mends it. */
  @Test
  void freeSearchThatCannotSucceed_saysWhatMendsIt() {
    assertEquals(
        Cufflink.BAD_INPUT,
        run(
            "plan",
            "waterfall",
            "--sheet",
            "a3",
            "--marks",
            "1/32in",
            "--free",
            "--set",
            "strip=150 mm"));
    String said = err.toString(StandardCharsets.UTF_8);
    assertTrue(said.startsWith("No size on your marks serves for A3. Whatever the size"), said);
    assertTrue(said.contains("Make the strip"), said);
    assertFalse(said.contains("Choose another sheet"), said);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "plan slim-tent --clearance zzz|--clearance:",
        "plan slim-tent --clearance 3|goes with --envelope",
        "plan slim-tent --set width=90 --set width=95|is given twice",
        "find --top -1|is not how many",
        "find --top 0|is not how many",
        "plan @nothing|There is no construction “@nothing”"
      })
  void slips_areOneSentence(String line, String part) {
    assertEquals(Cufflink.BAD_INPUT, run(line.split(" ")));
    String said = err.toString(StandardCharsets.UTF_8);
    assertTrue(said.contains(part), said);
    assertEquals(1, said.strip().lines().count(), said);
  }

  @ParameterizedTest
  @ValueSource(strings = {"--sheet", "--envelope", "--finished", "--holds"})
  void emptyOption_isNoOption(String option) {
    assertEquals(Cufflink.BAD_INPUT, run("plan", "slim-tent", option, ""));
    assertTrue(err.toString(StandardCharsets.UTF_8).startsWith(option + " is empty"));
  }

  /** A check judges what it is given; it does not first make it fit. */
  @Test
  void check_doesNotResizeAwayWhatIsWrong() {
    List<String> large = List.of("check", "off-centre-gate", "--set", "width=200 mm");
    assertEquals(Cufflink.FINDINGS, run(with(large, "--envelope", "c6")));
    assertTrue(out.toString(StandardCharsets.UTF_8).contains("C6"));
    out.reset();
    assertEquals(Cufflink.FINDINGS, run(with(large, "--sheet", "a5")));
    assertTrue(out.toString(StandardCharsets.UTF_8).contains("A5"));
  }

  /** A finished size is a size as given; what keeps it from being so is told. */
  @Test
  void check_takesAFinishedSizeAsGiven() {
    assertEquals(Cufflink.GOOD, run("check", "off-centre-gate", "--finished", "105x148mm"));
    assertEquals(List.of("Nothing to find fault with."), foundOnly());
    // 105 x 148 mm with 4 to spare goes into a C6, which every one of the five services carries.
    String said = out.toString(StandardCharsets.UTF_8);
    assertTrue(said.contains("The smallest that takes it: C6 envelope"), said);
    List<String> posted =
        said.lines()
            .dropWhile(line -> !line.startsWith("By post "))
            .skip(1)
            .takeWhile(line -> line.startsWith("  "))
            .toList();
    assertEquals(5, posted.size(), said);
    assertTrue(posted.stream().noneMatch(line -> line.contains("not as a letter")), said);
    out.reset();
    run("check", "off-centre-gate", "--finished", "105x148mm", "--set", "width=100 mm");
    assertTrue(
        out.toString(StandardCharsets.UTF_8).contains("is 100 × 148, and 105 × 148 was asked for"),
        out::toString);
  }

  /** A value that is set limits what is scaled, also if it is the finished size. */
  @Test
  void plan_keepsAWidthThatIsSet() {
    assertEquals(
        Cufflink.GOOD,
        run("plan", "off-centre-gate", "--set", "width=100 mm", "--sheet", "a4", "--json"));
    assertTrue(out.toString(StandardCharsets.UTF_8).contains("\"width\" : 100"), out::toString);
  }

  private static String[] with(List<String> some, String... more) {
    List<String> all = new java.util.ArrayList<>(some);
    all.addAll(List.of(more));
    return all.toArray(new String[0]);
  }

  @Test
  void answerThatCannotBeWritten_isNoSuccess() {
    OutputStream full =
        new OutputStream() {
          @Override
          public void write(int each) throws IOException {
            throw new IOException("No space left on device");
          }
        };
    assertEquals(Cufflink.BAD_INPUT, run(full, "plan", "slim-tent"));
    assertTrue(err.toString(StandardCharsets.UTF_8).contains("could not be written"));
    err.reset();
    assertEquals(
        Cufflink.BAD_INPUT, run(full, "export", "slim-tent", "--format", "svg", "-o", "-"));
    assertTrue(err.toString(StandardCharsets.UTF_8).contains("could not be written"));
  }

  /** Whoever reads the first lines only has what was wanted. */
  @Test
  void answerWhoseReaderHasGone_isNoFailure() {
    OutputStream gone =
        new OutputStream() {
          @Override
          public void write(int each) throws IOException {
            throw new IOException("Broken pipe");
          }
        };
    assertEquals(Cufflink.GOOD, run(gone, "plan", "slim-tent"));
    assertEquals("", err.toString(StandardCharsets.UTF_8));
  }

  @Test
  void export_toStandardOutput_makesNoFile() throws IOException {
    assertEquals(Cufflink.GOOD, run("export", "slim-tent", "--format", "svg", "-o", "-"));
    assertTrue(out.toString(StandardCharsets.UTF_8).startsWith("<?xml"));
    assertFalse(Files.exists(Path.of("-")));
  }

  @Test
  void export_overAFile_keepsTheOneBefore() throws IOException {
    Path file = Files.writeString(folder.resolve("card.svg"), "mine");
    assertEquals(
        Cufflink.GOOD, run("export", "slim-tent", "--format", "svg", "-o", file.toString()));
    assertEquals("mine", Files.readString(folder.resolve("card.svg~")));
  }

  /** Who asks for a construction of their own whose file has a mistake is told of that. */
  @Test
  void ownFileWithAMistake_isToldWhereItIsAskedFor() throws IOException {
    Path patterns = Files.createDirectories(folder.resolve("patterns"));
    Files.writeString(patterns.resolve("mine.yaml"), "format: cufflink-pattern/1\nid: mine\n");
    assertEquals(2, run("check", "mine"));
    String told = err.toString();
    assertTrue(told.contains("There is no construction “mine”"), told);
    assertTrue(told.contains("mine.yaml, line "), told);
  }

  /** Escape codes in names would command the terminal, and spoil SVG and CSV. */
  @Test
  void namesWithControlCodes_neverReachATerminal() throws IOException {
    Path patterns = Files.createDirectories(folder.resolve("patterns"));
    Files.writeString(
        patterns.resolve("a\u001b[31m.yaml"),
        "format: cufflink-pattern/1\nid: x\nname: \"\\e[31m\"");
    assertEquals(Cufflink.GOOD, run("list"));
    assertTrue(err.toString(StandardCharsets.UTF_8).contains("a[31m.yaml"), err::toString);
    assertFalse(err.toString(StandardCharsets.UTF_8).contains("\u001b"));
    assertEquals(Cufflink.BAD_INPUT, run("plan", "\u001b]0;mine\u0007"));
    assertFalse(err.toString(StandardCharsets.UTF_8).contains("\u001b"));
  }
}

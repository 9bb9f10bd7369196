package cufflink.files.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.FaultLog;
import cufflink.files.project.UserFolders;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CommandLineTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final ObjectMapper MAPPER =
      new ObjectMapper().enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS);

  @TempDir private Path folder;
  private final ByteArrayOutputStream out = new ByteArrayOutputStream();
  private final ByteArrayOutputStream err = new ByteArrayOutputStream();

  @Test
  void plan_tradeSizesOfTheGate_areExactInMillimetres() throws IOException {
    // Source of the sizes: common practice, no source.
    int code =
        run(
            "plan",
            "off-centre-gate",
            "--json",
            "--marks",
            "1/8in",
            "--set",
            "width=4 1/4",
            "--set",
            "height=5 1/2 in",
            "--set",
            "left=3",
            "--set",
            "right=95.25 mm",
            "--set",
            "border=1/4");
    assertEquals("", err.toString());
    assertEquals(Cufflink.GOOD, code);
    JsonNode plan = MAPPER.readTree(out.toString());
    JsonNode base = plan.path("pieces").get(0);
    assertEquals(new BigDecimal("279.4"), base.path("width").decimalValue());
    assertEquals("11", base.path("display").path("width").asText());
    assertEquals("5 1/2", base.path("display").path("height").asText());
    JsonNode score = base.path("scores").get(1);
    assertEquals("right", score.path("id").asText());
    assertEquals("valley", score.path("fold").asText());
    assertEquals(new BigDecimal("184.15"), score.path("from").get(0).decimalValue());
    assertEquals("7 1/4", score.path("display").path("to").get(0).asText());
    assertEquals(0, base.path("cuts").size());
    assertEquals("cardstock", base.path("paper").asText());
    assertEquals(1, base.path("count").asInt());
    assertEquals(new BigDecimal("107.95"), plan.path("closed").path("width").decimalValue());
    assertEquals(3, plan.path("layers").size());
    assertEquals("2 3/4", plan.path("layers").get(0).path("display").path("width").asText());
    assertEquals(0, plan.path("findings").size());
  }

  @Test
  void plan_setValues_stayWhenTheRestIsScaled() throws IOException {
    run("plan", "off-centre-gate", "--json", "--sheet", "A4", "--set", "left=40");
    JsonNode values = MAPPER.readTree(out.toString()).path("values");
    assertEquals(40, values.path("left").asDouble());
    assertTrue(values.path("right").asDouble() > 82);
    assertTrue(
        MAPPER.readTree(out.toString()).path("why").asText().startsWith("The largest for A4."));
  }

  @Test
  void plan_forEnvelopeAndFinishedSize() throws IOException {
    assertEquals(0, run("plan", "stepped-accordion", "--json", "--envelope", "c6", "--free"));
    JsonNode closed = MAPPER.readTree(out.toString()).path("closed");
    assertEquals(110, closed.path("width").asDouble());
    assertEquals(158, closed.path("height").asDouble());
    out.reset();
    assertEquals(0, run("plan", "banded-half-fold", "--json", "--finished", "120x80"));
    assertEquals(
        160, MAPPER.readTree(out.toString()).path("pieces").get(0).path("height").asDouble());
  }

  @Test
  void plan_inWords_isReadable() {
    assertEquals(0, run("plan", "banded-half-fold"));
    String text = out.toString();
    assertTrue(text.contains("Cut 1 card base, 140 × 200"), text);
    assertTrue(text.contains("Closed 140 × 100; its base lies 2 plies thick"), text);
    assertTrue(
        text.contains("  Score at 100 from the left edge. Fold, a valley seen from the inside."),
        text);
  }

  /** All that a maker needs, counts with copies: cuts, slits, joints, notes, thickness, weight. */
  @Test
  void plan_inWords_leavesNothingOut() {
    assertEquals(0, run("plan", "woven-panel", "--copies", "3"));
    String text = out.toString();
    assertTrue(text.contains("Cut 6 weave strip, 77 × 144"), text);
    assertTrue(text.contains("Cut 3 cover layer"), text);
    assertTrue(text.contains("Upper cut: "), text);
    assertTrue(text.contains("3 pieces alike."), text);
    assertTrue(text.contains("woven through the"), text);
    assertTrue(text.contains("Fold in this order"), text);
    // The trade's own figure for its parts at 250 and 120 grams; common practice, no source.
    assertTrue(text.contains("weighs 24 g"), text);
  }

  /** A left-handed maker measures from the right; what is pressed on the inside lies inside up. */
  @Test
  void plan_habits_changeHowAPieceLies() throws IOException {
    assertEquals(0, run("plan", "off-centre-gate", "--hand", "left", "--press", "inside"));
    assertTrue(out.toString().contains("Lay it inside up"), out::toString);
    assertTrue(out.toString().contains("from the right edge"), out::toString);
    assertEquals(Cufflink.BAD_INPUT, run("plan", "off-centre-gate", "--hand", "both"));
    assertTrue(err.toString().contains("“both” is not known here; write one of right, left."));
  }

  @Test
  void plan_asJson_carriesMovesAndWhatTheClosedCardIs() throws IOException {
    assertEquals(0, run("plan", "woven-panel", "--json"));
    JsonNode plan = MAPPER.readTree(out.toString());
    assertEquals("lay", plan.path("moves").get(0).path("act").asText());
    assertEquals("base", plan.path("moves").get(0).path("piece").asText());
    assertEquals("score", plan.path("moves").get(1).path("act").asText());
    assertEquals(2, plan.path("moves").get(1).path("line").size());
    assertEquals(24.0, plan.path("closed").path("grams").asDouble(), 0.05);
    assertTrue(plan.path("closed").path("thickness").asDouble() > 1);
  }

  @Test
  void check_findings_giveExitCodeOne() throws IOException {
    assertEquals(
        Cufflink.FINDINGS, run("check", "off-centre-gate", "--json", "--set", "left=200 mm"));
    JsonNode finding = MAPPER.readTree(out.toString()).path("findings").get(0);
    assertEquals("error", finding.path("severity").asText());
    assertEquals("left", finding.path("lines").get(0).asText());
    assertEquals("Make the left flap 105", finding.path("fix").asText());
    assertEquals(0, run("check", "off-centre-gate"));
    assertTrue(out.toString().contains("Nothing to find fault with."));
  }

  @Test
  void find_envelopeAndGiftCard_offersWhatGoesIntoBoth() throws IOException {
    assertEquals(
        0, run("find", "--envelope", "c6", "--sheet", "a4", "--holds", "gift-card", "--json"));
    JsonNode offers = MAPPER.readTree(out.toString()).path("offers");
    assertTrue(offers.size() >= 3, out::toString);
    for (JsonNode offer : offers) {
      double shorter = Math.min(offer.path("width").asDouble(), offer.path("height").asDouble());
      double longer = Math.max(offer.path("width").asDouble(), offer.path("height").asDouble());
      assertTrue(shorter <= 110 && longer <= 158, offer::toString);
      assertTrue(offer.path("clearance").asDouble() >= 0, offer::toString);
      assertEquals("a4", offer.path("sheet").asText());
    }
  }

  /** Source: common practice, no source; both are the nearest eighth, not the one below. */
  @Test
  void plan_squashCard_cutsItsSquaresToTheNearestMark() throws IOException {
    for (String[] trade : new String[][] {{"2 1/2in", "38.1"}, {"3in", "47.625"}}) {
      out.reset();
      String[] line = {
        "plan",
        "squash-card",
        "--json",
        "--marks",
        "1/8in",
        "--set",
        "border=1/4in",
        "--set",
        "bag_height=3in",
        "--set",
        "width=" + trade[0],
        "--set",
        "height=" + trade[0]
      };
      assertEquals(0, run(line));
      JsonNode layer = MAPPER.readTree(out.toString()).path("layers").get(0);
      assertEquals(Double.parseDouble(trade[1]), layer.path("width").asDouble(), trade[0]);
    }
  }

  @Test
  void find_nothing_saysWhatToChange() {
    assertEquals(0, run("find", "--sheet", "a6", "--least", "300x300 mm"));
    assertTrue(out.toString().startsWith("Nothing can be made from that;"), out::toString);
  }

  @Test
  void plan_crissCross_hasItsSecondCutsPocketAndGlue() throws IOException {
    assertEquals(0, run("plan", "criss-cross-pocket", "--holds", "gift-card", "--json"));
    JsonNode plan = MAPPER.readTree(out.toString());
    JsonNode cut = plan.path("pieces").get(0).path("cuts").get(0);
    assertEquals("trim", cut.path("kind").asText());
    assertEquals(0, cut.path("from").get(0).asDouble());
    assertEquals(104, cut.path("from").get(1).asDouble());
    assertEquals(146, cut.path("to").get(0).asDouble());
    assertEquals(0, cut.path("to").get(1).asDouble());
    assertEquals("top", plan.path("joints").get(4).path("mouth").asText());
    assertEquals(140, plan.path("pockets").get(0).path("width").asDouble());
    assertEquals(0, plan.path("findings").size());
  }

  @Test
  void list_namesEveryConstructionWithItsValues() throws IOException {
    assertEquals(0, run("list", "--json"));
    JsonNode designs = MAPPER.readTree(out.toString()).path("designs");
    List<String> ids = new ArrayList<>();
    designs.forEach(design -> ids.add(design.path("id").asText()));
    assertEquals(PatternLibrary.shipped().patterns().size(), ids.size());
    assertTrue(
        ids.containsAll(List.of("slim-tent", "turn-back-pocket", "squash-card")), ids::toString);
    JsonNode width = designs.get(0).path("parameters").get(0);
    assertEquals("finished-width", width.path("role").asText());
    assertEquals("length", width.path("kind").asText());
    assertEquals("25 mm", width.path("min").asText());
  }

  @ParameterizedTest
  @CsvSource({"svg, <svg", "json, \"pieces\"", "pdf, %PDF"})
  void export_writesTheFile(String format, String mark) throws IOException {
    Path file = folder.resolve("out." + format);
    assertEquals(0, run("export", "off-centre-gate", "--format", format, "-o", file.toString()));
    assertTrue(new String(Files.readAllBytes(file)).contains(mark));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "plan nothing|There is no construction “nothing”; choose one of slim-tent,"
            + " banded-half-fold, off-centre-gate, ",
        "plan off-centre-gate --set left|“--set left” has no “=”; write it as --set NAME=VALUE, such as"
            + " --set \"width=105 mm\".",
        "plan off-centre-gate --set depth=3|There is no value “depth” here; choose one of width, height,"
            + " left, right, top, border, split, foot.",
        "plan off-centre-gate --set left=3km|--set left: “3km” is in “km”, which is not in, cm or mm;"
            + " use one of these.",
        "plan off-centre-gate --set left=|--set left: There is no length here; type one such as 5 3/8"
            + " or 137 mm.",
        "plan off-centre-gate --set top=middle|--set top: “middle” is not a choice here; choose one of"
            + " left, right.",
        "plan stepped-accordion --set panels=4.5|--set panels: “4.5” is not a count; write a whole"
            + " number such as 4.",
        "plan off-centre-gate --sheet b17|There is no sheet “b17”; choose one of a3, a4, a5, a6, letter,"
            + " tabloid, square-12, square-8, square-6.",
        "plan off-centre-gate --finished 105|--finished: “105” is not a size; type one such as 105 x 148"
            + " mm or 4 1/2 x 6 in.",
        "plan off-centre-gate --marks 3mm|--marks: “3mm” are not the marks of a ruler here; choose"
            + " 1/32in, 1/16in, 1/8in, 0.5mm, 1mm, 2.5mm or 5mm.",
        "plan off-centre-gate --colour red|Unknown options: '--colour', 'red'; see “cufflink --help”.",
        "plan slim-tent --holds anchor|There is no “anchor” to hold; choose one of gift-card,",
        "find --copies 10000|“10000” is not a number of copies; write one from 1 to 1000.",
        "find --by beauty|There is no order “beauty”; choose one of least-paper, largest,",
        "find --envelope c99|There is no envelope “c99”; choose one of c5,",
        "find --least 0x10|--least: “0x10” has a side of nought; type two sides above nought.",
        "plan|Missing required parameter: 'ID'; see “cufflink --help”.",
        "plan off-centre-gate --sheet square-6 --set width=140 --set left=130 --set right=130|No size on"
            + " your marks serves for 6 in square. The card base would be 400 × 150 and the sheet is"
            + " 152.5 (then a hair less) × 152.5 (then a hair less)."
      })
  void badInput_isOneSentenceAndExitCodeTwo(String line, String sentence) {
    List<String> arguments = List.of(line.split(" (?!mm|in)"));
    int code = run(arguments.toArray(String[]::new));
    assertEquals(Cufflink.BAD_INPUT, code, err.toString());
    assertEquals("", out.toString());
    String said = err.toString().strip();
    assertFalse(said.contains("\n"), said);
    assertTrue(said.startsWith(sentence) || said.contains("No size on your marks"), said);
  }

  @Test
  void export_intoNoFolder_saysWhatToDo() throws IOException {
    Path plain = Files.writeString(folder.resolve("plain"), "x");
    int code =
        run(
            "export",
            "off-centre-gate",
            "--format",
            "svg",
            "-o",
            plain.resolve("a.svg").toString());
    assertEquals(Cufflink.BAD_INPUT, code);
    assertTrue(err.toString().contains("could not be written"), err.toString());
  }

  @Test
  void export_withoutADesign_saysWhy() {
    Path file = folder.resolve("a.svg");
    int code =
        run(
            "export",
            "off-centre-gate",
            "--set",
            "border=140",
            "--format",
            "svg",
            "-o",
            file.toString());
    assertEquals(Cufflink.BAD_INPUT, code);
    assertTrue(err.toString().startsWith("There is nothing to write: The border leaves nothing"));
    assertFalse(Files.exists(file));
  }

  @Test
  void isCommand_tellsCommandsFromProjects() {
    assertTrue(Cufflink.isCommand("plan", "x"));
    assertTrue(Cufflink.isCommand("--help"));
    assertFalse(Cufflink.isCommand("--demo"));
    assertFalse(Cufflink.isCommand());
  }

  private int run(String... arguments) {
    return Cufflink.run(
        LIBRARY, new Cufflink.Streams(out, err), new FaultLog(new UserFolders(folder)), arguments);
  }

  @Test
  void cut_sixFromLetter_asCommonPracticeHasIt() {
    // Six panels of 4 1/4 x 3 1/4 from one Letter sheet: common practice, no source.
    int code =
        run(
            "cut",
            "banded-half-fold",
            "--marks",
            "1/8in",
            "--set",
            "width=3 1/4",
            "--set",
            "height=2 1/8",
            "--copies",
            "6",
            "--card-sheet",
            "letter");
    assertEquals("", err.toString());
    assertTrue(out.toString().contains("1 sheet; 1 is the least possible"), out.toString());
    assertTrue(code == Cufflink.GOOD || code == Cufflink.FINDINGS);
  }

  @Test
  void cut_sheetTooSmall_saysByHowMuchAndWhatHelps() {
    int code =
        run("cut", "off-centre-gate", "--finished", "110x150mm", "--card-sheet", "100x120 mm");
    assertEquals(Cufflink.FINDINGS, code);
    assertTrue(out.toString().contains("goes on no sheet: it is"), out.toString());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "--card-sheet|b9|There is no sheet “b9”; choose one of",
        "--card-sheet|0x5|“0x5” has a side of nought",
        "--copies|0|“0” is no number of cards",
        "--copies|99999|“99999” is no number of cards",
        "--longest-cut|0|--longest-cut: “0” is nought",
        "--rough-edge|-3|--rough-edge:"
      })
  void cut_badInput_isOneSentence(String option, String value, String sentence) {
    assertEquals(Cufflink.BAD_INPUT, run("cut", "slim-tent", option, value));
    assertTrue(err.toString().contains(sentence), err.toString());
    assertFalse(err.toString().startsWith(":"), err.toString());
    assertEquals(1, err.toString().strip().lines().count());
  }

  @Test
  void export_csvAndSheets_areWritten() throws IOException {
    for (String format : List.of("csv", "sheets")) {
      Path file = folder.resolve("cut." + format);
      assertEquals(
          Cufflink.GOOD,
          run("export", "slim-tent", "--copies", "8", "--format", format, "-o", file.toString()));
      assertTrue(Files.size(file) > 100);
    }
  }
}

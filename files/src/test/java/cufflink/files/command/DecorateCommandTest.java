package cufflink.files.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.FaultLog;
import cufflink.files.project.UserFolders;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Papers in pictures, and what is stamped and inked, asked for at the command line. */
class DecorateCommandTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  @TempDir private Path folder;
  private final ByteArrayOutputStream out = new ByteArrayOutputStream();
  private final ByteArrayOutputStream err = new ByteArrayOutputStream();
  private final Set<String> plans = new HashSet<>();

  private int run(String... arguments) {
    out.reset();
    err.reset();
    return Cufflink.run(
        LIBRARY, new Cufflink.Streams(out, err), new FaultLog(new UserFolders(folder)), arguments);
  }

  private String said() {
    return err.toString(StandardCharsets.UTF_8);
  }

  /** What follows the place comes in any order, and what is not understood is named. */
  @Test
  void wordsAfterThePlace_areTakenInAnyOrder() {
    for (String more :
        List.of(
            "foam patterned tilted 10 overhanging on 2 cards",
            "on 2 cards overhanging patterned tilted 10 foam",
            "tilted 10 on 2 cards foam overhanging patterned")) {
      String topper = "circle 30 on base outside at 20, 1 1/4 in " + more + " called foam tape";
      run("plan", "off-centre-gate", "--json", "--copies", "3", "--topper", topper);
      assertTrue(
          out.toString(StandardCharsets.UTF_8).contains("\"label\" : \"foam tape\""), said());
      plans.add(out.toString(StandardCharsets.UTF_8));
    }
    assertEquals(1, plans.size());
    for (String more : List.of("black", "foam foam", "foam tape", "2 cards")) {
      int code =
          run("plan", "off-centre-gate", "--topper", "circle 30 on base inside at 20, 30 " + more);
      assertEquals(Cufflink.BAD_INPUT, code);
      assertTrue(said().contains("is not understood; after the place come"), said());
    }
  }

  /** What is typed is what is planned: at an edge, past it, and on which of several pieces. */
  @Test
  void placesPastAnEdge_andPiecesOfAccessories_areTaken() throws IOException {
    int code =
        run(
            "plan",
            "stacked-pocket-folio",
            "--json",
            "--topper",
            "circle 36 mm on band outside at 128 mm, -4 mm white foam overhanging called seal",
            "--topper",
            "rectangle 40 mm x 16 mm on 2 sleeve outside at 60 mm, 0 mm called tab");
    assertEquals(Cufflink.GOOD, code, said());
    JsonNode plan = new ObjectMapper().readTree(out.toString());
    assertEquals(-4, plan.path("values").path("own1_top").asDouble());
    assertEquals(0, plan.path("values").path("own2_top").asDouble());
    int tabs = 0;
    for (JsonNode joint : plan.path("joints")) {
      tabs += joint.path("piece").asText().equals("own2") ? 1 : 0;
    }
    assertEquals(1, tabs, "on one sleeve only");
    assertEquals("band", plan.path("toppers").get(0).path("on").asText());
  }

  /** Of six cards two have it, slipped behind the ribbon; without a ribbon it would fall off. */
  @Test
  void someCards_andBehindTheRibbon_areTaken() throws IOException {
    String tag = "rectangle 25 mm x 30 mm on base outside at 10 mm, %s none on 2 cards called tag";
    String[] asked = {
      "plan", "banded-half-fold", "--json", "--copies", "6", "--topper", tag.formatted("15 mm")
    };
    assertEquals(Cufflink.GOOD, run(asked), said());
    JsonNode topper = new ObjectMapper().readTree(out.toString()).path("toppers").get(0);
    assertEquals("2", topper.path("cards").asText());
    assertTrue(topper.path("tucked").asBoolean());
    asked[0] = "check";
    asked[6] = tag.formatted("120 mm");
    run(asked);
    assertTrue(out.toString().contains("nothing-holds"), out.toString());
    for (String cards : new String[] {"0", "10000"}) {
      asked[6] = tag.formatted("15 mm").replace("2 cards", cards + " cards");
      assertEquals(Cufflink.BAD_INPUT, run(asked));
      assertTrue(said().contains("number of cards that have it must be from 1 to 9999"), said());
    }
  }

  /** The middle of a sheet of 300 mm is cut out for a panel of 134 by 94, by hand at 83 and 103. */
  @Test
  void plainPrint_isASheetToCutFrom() throws IOException {
    int code =
        run(
            "plan",
            "banded-half-fold",
            "--json",
            "--picture",
            "patterned=stripes",
            "--cut-from",
            "base.inside=83 mm x 103 mm turned by 2 quarters");
    assertEquals(Cufflink.GOOD, code, said());
    JsonNode plan = new ObjectMapper().readTree(out.toString());
    assertTrue(plan.toString().contains("\"stripes\""), "named in the plan");
    assertEquals("83 mm", plan.path("spots").path("base.inside").path("left").asText());
    assertEquals(2, plan.path("spots").path("base.inside").path("quarters").asInt());
  }

  @Test
  void treatments_areInThePlan_onTheJobSheet_andInTheInstruction() throws IOException {
    int code =
        run(
            "plan",
            "off-centre-gate",
            "--json",
            "--treat",
            "stamp base.right-front",
            "--treat",
            "paste base outside",
            "--treat",
            "stamp base.right-front");
    assertEquals(Cufflink.GOOD, code, said());
    JsonNode treatments = new ObjectMapper().readTree(out.toString()).path("treatments");
    assertEquals(2, treatments.size(), "what is said twice is done once");
    assertEquals("base.right-front", treatments.get(0).path("part").asText());
    assertEquals("outside", treatments.get(1).path("face").asText());
    Path sheet = folder.resolve("sheet.pdf");
    run(
        "export",
        "off-centre-gate",
        "--format",
        "pdf",
        "-o",
        sheet.toString(),
        "--treat",
        "paste base outside",
        "--copies",
        "3");
    try (PDDocument document = Loader.loadPDF(sheet.toFile())) {
      String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
      assertTrue(text.contains("Stamp, ink and emboss"), text);
      assertTrue(text.contains("3 × Press paste through the stencil onto the card base"), text);
      assertTrue(text.contains("Keep off the folds."), text);
      assertTrue(text.contains("Let it dry 60 minutes."), text);
      assertTrue(
          text.indexOf("Press paste") < text.indexOf("Score the card base"),
          "it comes before all that is scored");
    }
    Path page = folder.resolve("page.html");
    run(
        "export",
        "off-centre-gate",
        "--format",
        "html",
        "-o",
        page.toString(),
        "--treat",
        "emboss base.middle");
    assertTrue(Files.readString(page).contains("Emboss the inside layer in its folder"));
  }

  @ParameterizedTest
  @CsvSource({
    "glitter base,Known are stamp",
    "stamp,Known are stamp",
    "stamp base upside,Known are stamp",
    "stamp lid,parts are base",
  })
  void treatmentThatIsNone_isTold(String written, String told) {
    assertEquals(Cufflink.BAD_INPUT, run("plan", "off-centre-gate", "--treat", written));
    assertTrue(said().contains(told), said());
    assertTrue(said().contains(written), said());
  }

  @ParameterizedTest
  @CsvSource({
    "--picture,patterned,write for which paper",
    "--picture,lace=nothing.jpg,lace",
    "--picture,patterned=nothing.jpg,cannot be read",
    "--cut-from,base.middle,write which part",
    "--cut-from,base.middle=1 x 2,no such part is of a paper that has a picture",
  })
  void pictureThatIsNone_isTold(String option, String written, String told) {
    assertEquals(Cufflink.BAD_INPUT, run("plan", "off-centre-gate", option, written));
    assertTrue(said().contains(told), said());
    assertEquals(1, said().strip().lines().count(), "one sentence");
  }
}

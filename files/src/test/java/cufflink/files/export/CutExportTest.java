package cufflink.files.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.run.Hand;
import cufflink.core.words.Language;
import cufflink.files.Jobs;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

/** Cut lists and nested sheets, read back by other libraries and measured. */
class CutExportTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);
  private static final double NEAR = 1e-9;

  private static Derivation six() {
    Job job = Jobs.gate();
    return Jobs.derive(job.withOrder(job.order().withCopies(6)));
  }

  @Test
  void csv_hasOneLineForEachPart() {
    Derivation derivation = six();
    String csv =
        CutCsv.write(
            derivation.made().orElseThrow().design(),
            Jobs.plans(derivation),
            derivation.job(),
            FORMAT);
    assertEquals(
        List.of(
            "Paper,Part,Number,Width mm,Height mm,Reads",
            "card,card base,6,258,150,258 × 150",
            "patterned,left flap layer,6,60,144,60 × 144",
            "patterned,right flap layer,6,76,144,76 × 144",
            "patterned,inside layer,6,104,144,104 × 144"),
        csv.lines().toList());
  }

  /** A spreadsheet reckons what begins with one of these signs; common practice, no source. */
  @Test
  void csv_textThatWouldBeReckoned_staysTextBehindALineBreakToo() {
    for (String sign : List.of("=", "+", "@", "-")) {
      for (String lead : List.of("", "\n", "\r\n", "a\n")) {
        String field = CutCsv.field(lead + sign + "SUM(A1)\n" + sign + "1");
        assertEquals(1, field.lines().count(), field);
        assertTrue(!field.startsWith(sign) && !field.isBlank(), field);
      }
    }
    assertEquals("-2.5", CutCsv.field("-2.5"));
  }

  @Test
  void svg_partsLieOnTheirSheetsAndApart() throws Exception {
    Derivation derivation = six();
    List<PaperPlan> plans = Jobs.plans(derivation);
    Document document =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new InputSource(new StringReader(SheetsSvg.write("six", plans))));
    NodeList groups = document.getElementsByTagName("g");
    int parts = 0;
    for (int i = 0; i < groups.getLength(); i++) {
      Element group = (Element) groups.item(i);
      List<double[]> boxes = boxes(group);
      int times =
          Integer.parseInt(
              group.getElementsByTagName("title").item(0).getTextContent().split(" ")[0]);
      double[] sheet = boxes.remove(0);
      parts += times * boxes.size();
      for (double[] box : boxes) {
        assertTrue(box[0] >= sheet[0] - NEAR && box[2] <= sheet[2] + NEAR);
        assertTrue(box[1] >= sheet[1] - NEAR && box[3] <= sheet[3] + NEAR);
        for (double[] other : boxes) {
          boolean apart =
              box[2] <= other[0] + NEAR
                  || other[2] <= box[0] + NEAR
                  || box[3] <= other[1] + NEAR
                  || other[3] <= box[1] + NEAR;
          assertTrue(other == box || apart);
        }
      }
    }
    assertEquals(6 * 4, parts);
  }

  private static List<double[]> boxes(Element group) {
    NodeList rectangles = group.getElementsByTagName("rect");
    List<double[]> boxes = new ArrayList<>();
    for (int i = 0; i < rectangles.getLength(); i++) {
      Element each = (Element) rectangles.item(i);
      double x = Double.parseDouble(each.getAttribute("x"));
      double y = Double.parseDouble(each.getAttribute("y"));
      double right = x + Double.parseDouble(each.getAttribute("width"));
      double bottom = y + Double.parseDouble(each.getAttribute("height"));
      boxes.add(new double[] {x, y, right, bottom});
    }
    return boxes;
  }

  @Test
  void json_saysSheetsBoundAndCuts() throws Exception {
    Derivation derivation = six();
    JsonNode plans =
        new ObjectMapper()
            .readTree(
                new CutJson(FORMAT, Rulers.one(Marks.MILLIMETRES), Hand.RIGHT)
                    .write(Jobs.plans(derivation)));
    assertEquals("cardstock", plans.get(0).path("paper").asText());
    // 258 × 150 lies once on A4: two side by side would be 300 wide.
    assertEquals(6, plans.get(0).path("newSheets").asInt());
    assertEquals(6, plans.get(0).path("leastPossible").asInt());
    assertTrue(plans.get(1).path("cuts").size() > 3);
  }

  @Test
  void trial_isCutFirst_andItsOffCutsServeTheRest() {
    Job job = Jobs.gate();
    Job asked = job.withOrder(job.order().withCopies(3).withTrialFirst(true));
    List<PaperPlan> plans = Jobs.plans(Jobs.derive(asked));
    assertEquals(
        List.of(true, false, true, false), plans.stream().map(PaperPlan::isTrial).toList());
    int sheets = plans.stream().mapToInt(each -> each.plan().newSheets()).sum();
    assertEquals(3 + 2, sheets);
    assertTrue(
        plans.get(3).plan().sheets().stream().anyMatch(each -> each.stock().offCut()),
        "what is left of the trial's patterned paper is used");
  }
}

package cufflink.files.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.Jobs;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

/** The SVG parsed by an XML library and measured. */
class SvgExportTest {
  private static final double NEAR = 1e-6;
  private Document document;

  @BeforeEach
  void parse() throws Exception {
    String svg = SvgExport.write(Jobs.derive(Jobs.gate()).made().orElseThrow().design());
    document =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new InputSource(new StringReader(svg)));
  }

  @Test
  void write_hasOneNamedGroupForEachKindOfLine() {
    NodeList groups = document.getElementsByTagName("g");
    List<String> names = new ArrayList<>();
    for (int i = 0; i < groups.getLength(); i++) {
      Element group = (Element) groups.item(i);
      names.add(group.getAttribute("id"));
      assertEquals(
          group.getAttribute("id"), group.getElementsByTagName("title").item(0).getTextContent());
    }
    assertEquals(
        List.of("cut", "slit", "score-mountain", "score-valley", "score-decorative"), names);
  }

  @Test
  void write_unitsAreTrueMillimetres() {
    Element root = document.getDocumentElement();
    assertTrue(root.getAttribute("width").endsWith("mm"));
    double width = Double.parseDouble(root.getAttribute("width").replace("mm", ""));
    double view = Double.parseDouble(root.getAttribute("viewBox").split(" ")[2]);
    assertEquals(view, width, NEAR);
  }

  @Test
  void write_base_measures258By150() {
    double[] box = box("base");
    assertEquals(258, box[2] - box[0], NEAR);
    assertEquals(150, box[3] - box[1], NEAR);
  }

  @Test
  void write_scores_lieWhereTheDesignHasThem() {
    double left = box("base")[0];
    assertEquals(66, box("base.left")[0] - left, NEAR);
    assertEquals(176, box("base.right")[0] - left, NEAR);
    assertEquals("score-valley", ((Element) path("base.left").getParentNode()).getAttribute("id"));
  }

  @Test
  void write_pieces_stayInsideThePageAndApart() {
    double[] base = box("base");
    double[] layer = box("left-front");
    assertEquals(60, layer[2] - layer[0], NEAR);
    assertEquals(144, layer[3] - layer[1], NEAR);
    assertTrue(layer[0] >= base[2] + 10 - NEAR);
    double width =
        Double.parseDouble(document.getDocumentElement().getAttribute("viewBox").split(" ")[2]);
    assertTrue(box("middle")[2] <= width);
  }

  private Element path(String id) {
    NodeList paths = document.getElementsByTagName("path");
    for (int i = 0; i < paths.getLength(); i++) {
      Element path = (Element) paths.item(i);
      if (path.getAttribute("id").equals(id)) {
        return path;
      }
    }
    throw new AssertionError("no path " + id);
  }

  /** Returns left, top, right and bottom of a path. */
  private double[] box(String id) {
    double[] numbers =
        Stream.of(path(id).getAttribute("d").replaceAll("[MLZ]", " ").strip().split("\\s+"))
            .mapToDouble(Double::parseDouble)
            .toArray();
    double[] box = {Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
    for (int i = 0; i < numbers.length; i += 2) {
      box[0] = Math.min(box[0], numbers[i]);
      box[1] = Math.min(box[1], numbers[i + 1]);
      box[2] = Math.max(box[2], numbers[i]);
      box[3] = Math.max(box[3], numbers[i + 1]);
    }
    return box;
  }
}

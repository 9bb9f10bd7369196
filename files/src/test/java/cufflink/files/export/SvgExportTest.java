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
    parse(1);
  }

  private void parse(int copies) throws Exception {
    String svg = SvgExport.write(Jobs.derive(Jobs.gate()).made().orElseThrow().design(), copies);
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

  /** Whoever sends it to a cutting machine has all copies, none on another. */
  @Test
  void write_copies_standApart() throws Exception {
    parse(3);
    double[] first = box("base");
    double[] second = box("base.2");
    double[] third = box("base.3");
    assertEquals(150, third[3] - third[1], NEAR);
    assertTrue(second[1] >= first[3] + 10 - NEAR && third[1] >= second[3] + 10 - NEAR);
    assertTrue(box("middle")[0] >= first[2] + 10 - NEAR);
    double height =
        Double.parseDouble(document.getDocumentElement().getAttribute("viewBox").split(" ")[3]);
    assertTrue(third[3] <= height);
    parse(500);
    assertEquals(258, box("500x-base")[2] - box("500x-base")[0], NEAR);
  }

  /** The attributes by which drawing programs know layers; from memory. */
  @Test
  void write_groupsAreLayers() {
    Element group = (Element) document.getElementsByTagName("g").item(0);
    assertEquals("layer", group.getAttribute("inkscape:groupmode"));
    assertEquals("cut", group.getAttribute("inkscape:label"));
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

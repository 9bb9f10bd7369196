package cufflink.files.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.drawing.FlatDrawing;
import cufflink.core.drawing.FoldDrawing;
import cufflink.core.drawing.Lying;
import cufflink.core.drawing.Patch;
import cufflink.core.drawing.PiecesDrawing;
import cufflink.core.job.Derivation;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Side;
import cufflink.core.run.Lie;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Box;
import cufflink.core.scene.Drawing.Caption;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.core.space.Viewpoint;
import cufflink.core.words.Language;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

/** Every shipped construction in every drawing and output. */
class EveryConstructionTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, Fractions.TYPESET, Language.ENGLISH);
  private static final Surface SURFACE =
      new Surface(924, 600, Marks.MILLIMETRES, FORMAT, TextMeasure.GUESS, 22);

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  private static Derivation derive(String id) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    return Derivation.of(pattern, Jobs.job(id, pattern.normalValues()));
  }

  private static Derivation.Made made(String id) {
    return derive(id).made().orElseThrow();
  }

  @ParameterizedTest
  @MethodSource("ids")
  void atItsNormalSizes_hasNothingToFindFaultWith(String id) {
    assertEquals(List.of(), derive(id).findings());
    assertTrue(made(id).closed().isPresent());
  }

  @ParameterizedTest
  @MethodSource("ids")
  void drawings_keepEveryNumberOnTheSurface(String id) {
    Design design = made(id).design();
    assertInside(PiecesDrawing.of(design, SURFACE), id + " cut");
    for (Piece piece : design.pieces()) {
      for (Face face : Face.values()) {
        Lying lie = new Lying(piece, new Lie(face, Side.TOP));
        FlatDrawing.Options options =
            new FlatDrawing.Options(Patch.of(design), Optional.empty(), score -> true, true, true);
        assertInside(FlatDrawing.of(lie, SURFACE, options), id + " " + piece.id() + " " + face);
      }
    }
  }

  private static void assertInside(Drawing drawing, String what) {
    assertFalse(drawing.marks().isEmpty(), what);
    drawing.marks().stream()
        .filter(Caption.class::isInstance)
        .map(Caption.class::cast)
        .forEach(
            caption -> {
              Box box = caption.box(TextMeasure.GUESS);
              assertTrue(
                  box.left() >= 0
                      && box.top() >= 0
                      && box.right() <= SURFACE.width() + 1e-6
                      && box.bottom() <= SURFACE.height() + 1e-6,
                  what + ": “" + caption.text() + "” is cut off at " + box);
            });
  }

  @ParameterizedTest
  @MethodSource("ids")
  void folding_atEveryQuarter_staysOnTheSurfaceAndKeepsItsEdges(String id) {
    Derivation.Made made = made(id);
    Viewpoint viewpoint = new Viewpoint(-16, 42);
    FoldModel model = made.card().base();
    for (double moment = 0; moment <= model.stages().size(); moment += 0.25) {
      double shown = model.shown(moment);
      assertTrue(model.holds(shown), id + " tears at " + shown);
      Drawing drawing = FoldDrawing.of(model, Patch.of(made.design()), moment, viewpoint, SURFACE);
      drawing.marks().stream()
          .filter(Drawing.Stroke.class::isInstance)
          .flatMap(stroke -> ((Drawing.Stroke) stroke).path().stream())
          .forEach(
              place ->
                  assertTrue(
                      place.x() > 0
                          && place.y() > 0
                          && place.x() < SURFACE.width()
                          && place.y() < SURFACE.height(),
                      id + " leaves the surface at " + shown));
    }
  }

  /** Each step lies in its own square; the last one is closed and has as many polygons as plies. */
  @ParameterizedTest
  @MethodSource("ids")
  void steps_haveAPictureForEachStageAndOneForTheClosedCard(String id) throws Exception {
    Document document =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new InputSource(new StringReader(StepsSvg.write(made(id), id, FORMAT))));
    Design design = made(id).design();
    NodeList groups = document.getElementsByTagName("g");
    FoldModel model = made(id).card().whole();
    assertEquals(model.stages().size() + 1, groups.getLength());
    for (int i = 0; i < groups.getLength(); i++) {
      NodeList polygons = ((Element) groups.item(i)).getElementsByTagName("polygon");
      assertTrue(polygons.getLength() >= model.assembly().facets().size(), id + " step " + i);
      for (int j = 0; j < polygons.getLength(); j++) {
        String points = ((Element) polygons.item(j)).getAttribute("points");
        for (String point : points.split("[ ,]")) {
          double place = Double.parseDouble(point);
          assertTrue(place >= 0 && place <= 60, id + " leaves its square: " + points);
        }
      }
    }
    assertFalse(document.getElementsByTagName("text").item(0).getTextContent().isBlank());
  }

  @ParameterizedTest
  @MethodSource("ids")
  void svg_hasAPathForEveryCutScoreSlitAndOpening(String id) throws Exception {
    Design design = made(id).design();
    Document document =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new InputSource(new StringReader(SvgExport.write(design, 2))));
    long cuts = 0;
    for (Layer layer : design.layers()) {
      cuts += design.piece(layer.on()).orElseThrow().count() * (layer.shape().isHalf() ? 2 : 1);
    }
    long slits = 0;
    long scores = 0;
    for (Piece piece : design.pieces()) {
      // A notch is part of the outline, or its edge would be cut twice and beside the paper.
      long holes =
          piece.openings().stream().filter(each -> each.kind() != Opening.Kind.NOTCH).count();
      cuts += piece.count() * (1 + piece.cuts().size() + holes);
      slits += piece.count() * piece.slits().size();
      scores += piece.count() * piece.scores().size();
    }
    assertEquals(2 * cuts, paths(document, "cut"));
    assertEquals(2 * slits, paths(document, "slit"));
    assertEquals(
        2 * scores,
        paths(document, "score-valley")
            + paths(document, "score-mountain")
            + paths(document, "score-decorative"));
  }

  private static long paths(Document document, String group) {
    NodeList groups = document.getElementsByTagName("g");
    for (int i = 0; i < groups.getLength(); i++) {
      Element element = (Element) groups.item(i);
      if (element.getAttribute("id").equals(group)) {
        return element.getElementsByTagName("path").getLength();
      }
    }
    return 0;
  }

  @ParameterizedTest
  @MethodSource("ids")
  void jobSheet_namesEveryPieceLayerAndNote(String id) throws IOException {
    Derivation derivation = derive(id);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    JobSheet.write(derivation, List.of(), Jobs.plans(derivation), JobSheet.Printer.A4, out);
    try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
      String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
      Design design = derivation.made().orElseThrow().design();
      design.pieces().forEach(piece -> assertTrue(text.contains(piece.label()), piece.label()));
      design.layers().forEach(layer -> assertTrue(text.contains(layer.label()), layer.label()));
      design.joints().forEach(joint -> assertTrue(text.contains(joint.label()), joint.label()));
      design.zones().forEach(zone -> assertTrue(text.contains(zone.label()), zone.label()));
      design
          .notes()
          .forEach(
              note -> {
                String start = note.say(FORMAT).split("[.;:]")[0].replaceAll("\\s+", " ");
                assertTrue(text.contains(start), start);
              });
    }
  }

  @ParameterizedTest
  @MethodSource("ids")
  void plan_asJson_hasEveryPieceAtItsExactSize(String id) throws IOException {
    Derivation derivation = derive(id);
    JsonNode plan = new ObjectMapper().readTree(new PlanJson(FORMAT).plan(derivation, ""));
    Design design = derivation.made().orElseThrow().design();
    assertEquals(design.pieces().size(), plan.path("pieces").size());
    for (int i = 0; i < design.pieces().size(); i++) {
      Piece piece = design.pieces().get(i);
      JsonNode node = plan.path("pieces").get(i);
      assertEquals(piece.id(), node.path("id").asText());
      assertEquals(
          0, piece.width().toExactMillimetres().compareTo(node.path("width").decimalValue()));
      assertEquals(
          piece.slits().size()
              + piece.cuts().size()
              + (piece.isTrimmed() ? piece.trims().size() : 0),
          node.path("cuts").size());
      assertEquals(piece.openings().size(), node.path("openings").size());
    }
    assertEquals(design.joints().size(), plan.path("joints").size());
    assertEquals(design.pockets().size(), plan.path("pockets").size());
  }
}

package cufflink.core.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.Strips;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Slit;
import cufflink.core.design.Zone;
import cufflink.core.finding.Finding;
import cufflink.core.flat.FlatPattern;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Tolerance;
import cufflink.core.measure.Tolerances;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import cufflink.core.words.Language;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Glue, layers and paper, each where it should not be. Source: common practice, no source. */
class GlueInspectionTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);

  private static Area area(double x, double y, double width, double height) {
    return new Area(
        Strips.point(x, y), Length.fromMillimetres(width), Length.fromMillimetres(height));
  }

  private static Piece card(List<Point> outline) {
    return new Piece(
        "base",
        "card",
        PaperKind.CARDSTOCK,
        1,
        Length.ofMillimetres(100),
        Length.ofMillimetres(60),
        outline,
        List.of(Strips.upright("f", Fold.VALLEY, 50, 60)),
        List.of());
  }

  private static List<Finding> glued(Piece card, Area lies, Area glue, Side mouth, Zone... zones) {
    Piece pocket = Strips.piece(40, 30, List.of(), List.of());
    Joint joint =
        new Joint(
            "pocket",
            "pocket",
            "pocket",
            "base",
            Face.INSIDE,
            lies,
            Layer.Shape.WHOLE,
            List.of(glue),
            mouth);
    Design design =
        new Design(
            "trial",
            List.of(card, pocket),
            List.of(),
            List.of(),
            Strips.point(1, 1),
            card.width(),
            card.height(),
            List.of(joint),
            List.of(zones),
            List.of(),
            List.of(),
            List.of());
    return GlueInspection.inspect(design);
  }

  private static List<Finding> glued(Area lies, Area glue, Side mouth, Zone... zones) {
    return glued(card(outline()), lies, glue, mouth, zones);
  }

  private static List<Point> outline() {
    return Piece.rectangle(Length.ofMillimetres(100), Length.ofMillimetres(60));
  }

  private static List<String> kinds(List<Finding> findings) {
    return findings.stream().map(each -> each.kind().id()).toList();
  }

  @Test
  void glueWhereItBelongs_isNoFinding() {
    assertEquals(List.of(), glued(area(5, 5, 40, 30), area(5, 30, 40, 5), Side.TOP));
    assertEquals(List.of(), glued(area(10, 5, 40, 30), area(45, 5, 5, 30), Side.TOP));
  }

  @Test
  void pocketThatHangsOver_saysByHowMuch() {
    List<Finding> findings = glued(area(65, 5, 40, 30), area(70, 30, 25, 5), Side.TOP);
    assertEquals(
        "The pocket hangs 5 over the edge of the card: make it smaller or move it; once it is"
            + " glued, trim off what hangs over.",
        findings.get(0).sentence().say(FORMAT));
    assertEquals(List.of("hangs-over"), kinds(findings));
  }

  @Test
  void glueOnAFold_orPastTheEdge_isFound() {
    assertEquals(
        List.of("glue-on-score"), kinds(glued(area(30, 5, 40, 30), area(40, 30, 20, 5), Side.TOP)));
    assertEquals(
        List.of("glue-off-paper"),
        kinds(glued(area(55, 25, 40, 30), area(60, 50, 30, 15), Side.TOP)));
  }

  /** Where a corner of the host is cut away there is nothing to glue to. */
  @Test
  void glueOnACutCorner_isFound() {
    List<Point> cut =
        List.of(
            Strips.point(0, 0),
            Strips.point(80, 0),
            Strips.point(100, 30),
            Strips.point(100, 60),
            Strips.point(0, 60));
    assertEquals(
        List.of("glue-off-paper"),
        kinds(glued(card(cut), area(55, 0, 45, 30), area(90, 2, 8, 8), Side.NONE)));
    assertEquals(List.of(), glued(card(cut), area(55, 0, 45, 30), area(60, 2, 8, 8), Side.NONE));
  }

  @ParameterizedTest
  @CsvSource({
    "TOP, 5, 5, 40, 4, true",
    "TOP, 5, 31, 40, 4, false",
    "TOP, 5, 5, 15, 4, false",
    "BOTTOM, 5, 31, 40, 4, true",
    "BOTTOM, 5, 5, 40, 4, false",
    "LEFT, 5, 5, 4, 30, true",
    "LEFT, 41, 5, 4, 30, false",
    "RIGHT, 41, 5, 4, 30, true",
    "RIGHT, 5, 5, 4, 12, false",
    "NONE, 5, 5, 40, 4, false"
  })
  void glueAlongTheMouth_gluesItShut(
      Side mouth, double x, double y, double width, double height, boolean shut) {
    List<Finding> findings = glued(area(5, 5, 40, 30), area(x, y, width, height), mouth);
    assertEquals(shut ? List.of("glued-shut") : List.of(), kinds(findings));
  }

  @Test
  void glueInTheWayOfWhatMoves_isFoundOnItsFaceOnly() {
    Zone inside = new Zone("z", "the strip runs here", "base", Face.INSIDE, area(10, 28, 10, 10));
    Zone outside = new Zone("z", "strip", "base", Face.OUTSIDE, area(10, 28, 10, 10));
    Zone beside = new Zone("z", "strip", "base", Face.INSIDE, area(10, 35, 10, 10));
    Area glue = area(5, 30, 40, 5);
    assertEquals(
        List.of("glue-in-the-way"), kinds(glued(area(5, 5, 40, 30), glue, Side.TOP, inside)));
    assertEquals(List.of(), glued(area(5, 5, 40, 30), glue, Side.TOP, outside, beside));
  }

  private static Layer layer(String id, Face face, double x, double y, double wide, double tall) {
    return new Layer(
        id,
        id,
        PaperKind.PATTERNED,
        "base",
        face,
        Strips.point(x, y),
        Length.fromMillimetres(wide),
        Length.fromMillimetres(tall),
        Length.ZERO);
  }

  private static List<String> layered(List<Point> outline, Layer... layers) {
    Piece card = card(outline);
    Design design =
        new Design(
            "trial",
            List.of(card),
            List.of(layers),
            List.of(),
            Strips.point(1, 1),
            card.width(),
            card.height());
    return kinds(LayerInspection.inspect(design, Tolerance.FOLDED));
  }

  @Test
  void layerAcrossTheEdgeOfAnother_isFoundOnItsFaceOnly() {
    Layer mat = layer("mat", Face.INSIDE, 2, 2, 30, 30);
    Layer across = layer("panel", Face.INSIDE, 20, 5, 25, 20);
    assertEquals(List.of("layer-over-border"), layered(outline(), mat, across));
    assertEquals(List.of(), layered(outline(), mat, layer("panel", Face.OUTSIDE, 20, 5, 25, 20)));
    assertEquals(List.of(), layered(outline(), mat, layer("panel", Face.INSIDE, 4, 4, 20, 20)));
    assertEquals(List.of(), layered(outline(), mat, layer("panel", Face.INSIDE, 34, 4, 12, 20)));
  }

  @Test
  void layerOverACutCorner_isFound() {
    List<Point> cut =
        List.of(
            Strips.point(0, 0),
            Strips.point(80, 0),
            Strips.point(100, 30),
            Strips.point(100, 60),
            Strips.point(0, 60));
    assertEquals(
        List.of("layer-over-edge"), layered(cut, layer("panel", Face.INSIDE, 60, 2, 38, 40)));
    assertEquals(List.of(), layered(cut, layer("panel", Face.INSIDE, 52, 30, 40, 28)));
  }

  private static List<String> paper(List<Slit> slits, List<Opening> openings) {
    Piece piece =
        new Piece(
            "base",
            "card",
            PaperKind.CARDSTOCK,
            1,
            Length.ofMillimetres(100),
            Length.ofMillimetres(60),
            outline(),
            List.of(),
            slits,
            List.of(),
            openings);
    return PaperInspection.inspect(FlatPattern.of(piece, Tolerances.USUAL)).stream()
        .map(each -> each.sentence().say(FORMAT))
        .toList();
  }

  @Test
  void cutsThatGoRightThrough_leaveTwoPieces() {
    Slit through = new Slit("s", "slit", new Segment(Strips.point(30, 0), Strips.point(30, 60)));
    Slit part = new Slit("s", "slit", new Segment(Strips.point(30, 0), Strips.point(30, 59)));
    assertEquals(
        List.of(
            "The card falls apart: its cuts go right through; make them shorter, or the piece"
                + " larger."),
        paper(List.of(through), List.of()));
    assertEquals(List.of(), paper(List.of(part), List.of()));
    Opening window =
        new Opening(
            "w",
            "window",
            Opening.Kind.WINDOW,
            area(20, 10, 30, 20).corners(),
            java.util.Optional.empty());
    assertEquals(List.of(), paper(List.of(), List.of(window)));
  }
}

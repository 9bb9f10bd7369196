package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.decor.Fresh;
import cufflink.core.decor.Greeting;
import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation.Reads;
import cufflink.core.design.Face;
import cufflink.core.drawing.Portrait;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.job.Order;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Look;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Point;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/** Words on pieces: as wide as the typeface says, whole, and upright to whoever reads the card. */
class LetteringTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  /** Colour of words in a picture. */
  private static final int INK = 0x33302C;

  private static Topper label(String words, Face face, Topper.Start start) {
    return new Topper(
        "own1",
        "label",
        words,
        Topper.Shape.RECTANGLE,
        Topper.Stock.WHITE,
        "base",
        face,
        Topper.Fixing.FLAT,
        start);
  }

  private static Derivation derive(String id, List<Topper> toppers) {
    Pattern pattern = LIBRARY.pattern(id, Set.of(), toppers).orElseThrow();
    return Jobs.derive(
        Jobs.job(id, pattern.normalValues()).withOrder(Order.ONE.withToppers(toppers)));
  }

  private static Topper.Start fresh(String id, Face face) {
    Derivation.Made made = derive(id, List.of()).made().orElseThrow();
    Design design = made.design();
    List<Facet> panels = FlatPattern.of(design.base(), made.card().flat().tolerances()).facets();
    return Fresh.of(Topper.Shape.RECTANGLE, design, design.base(), face, panels, Marks.MILLIMETRES);
  }

  private static Reads reads(String words) {
    return labelled(words, fresh("slim-tent", Face.OUTSIDE)).relations(Reads.class).get(0);
  }

  private static Design labelled(String words, Topper.Start start) {
    return derive("slim-tent", List.of(label(words, Face.OUTSIDE, start)))
        .made()
        .orElseThrow()
        .design();
  }

  /** One letter more makes a line wider by its advance, which PDFBox reads from the same face. */
  @ParameterizedTest
  @ValueSource(strings = {"H", "o", "g", "W", "é", "5"})
  void width_growsByTheAdvanceOfALetter(String letter) throws IOException {
    double more =
        reads(letter.repeat(9)).width().minus(reads(letter.repeat(8)).width()).toMillimetres();
    try (PDDocument document = new PDDocument();
        InputStream in =
            PatternLibrary.class.getResourceAsStream(
                "/cufflink/files/fonts/SourceSans3_600SemiBold.ttf")) {
      double advance = PDType0Font.load(document, in).getStringWidth(letter);
      assertEquals(advance, more, 3);
    }
  }

  /** Common knowledge: an O is about a ring, an l a bar; cut open, nothing of either is lost. */
  @ParameterizedTest
  @CsvSource({"l, 1", "O, 2", "B, 4", "8, 4"})
  void letters_haveNoHoles_andTheirPartsDoNotOverlap(String letter, int parts) {
    Reads reads = reads(letter);
    assertTrue(reads.letters().size() >= Math.min(parts, 2) && reads.letters().size() <= parts);
    Polygon first = polygon(reads.letters().get(0));
    for (List<Point> each : reads.letters().subList(1, reads.letters().size())) {
      assertTrue(first.intersection(polygon(each)).getArea() < 1, letter);
    }
    double inked = reads.letters().stream().mapToDouble(each -> polygon(each).getArea()).sum();
    double box = reads.width().toMillimetres() * reads.height().toMillimetres();
    assertTrue(inked < box * (letter.equals("l") ? 1.001 : 0.8), letter + " " + inked / box);
  }

  private static Polygon polygon(List<Point> corners) {
    return Facet.polygon(corners.stream().map(Spot::from).toList());
  }

  /** Seen by its receiver, the bar of an L is below and its stem at the left, on every card. */
  @Test
  void words_areUpright_andNotMirrored_onEveryConstruction() {
    int seen = 0;
    for (Pattern pattern : LIBRARY.patterns()) {
      for (Face face : Face.values()) {
        Topper topper = label("L", face, fresh(pattern.id(), face));
        Derivation derivation = derive(pattern.id(), List.of(topper));
        FoldModel model = derivation.made().orElseThrow().card().whole();
        model.prepare(() -> false);
        // As it is pictured; what is not seen there, on the closed or the opened card.
        Look pictured = derivation.look();
        double hero = Portrait.moment(model, pictured);
        int done =
            face == Face.OUTSIDE
                ? model.closing()
                : Math.min(model.closing() + 1, model.stages().size());
        Look lying = model.layering().lies(done) ? pictured.from(0, 20, 0) : pictured;
        Surface surface = Pictures.square(600);
        Design design = derivation.made().orElseThrow().design();
        List<Polygon> letters = letters(Portrait.of(model, design, pictured, hero, surface));
        letters.removeIf(LetteringTest::isMirrored);
        if (letters.isEmpty()) {
          letters = letters(Portrait.of(model, design, lying, done, surface));
          letters.removeIf(LetteringTest::isMirrored);
        }
        String what = pattern.id() + " " + face;
        for (Polygon letter : letters) {
          Envelope box = letter.getEnvelopeInternal();
          Coordinate middle = letter.getCentroid().getCoordinate();
          assertTrue(middle.y > box.centre().y, what + " stands on its head");
          assertTrue(middle.x < box.centre().x, what + " is mirrored");
          seen++;
        }
      }
    }
    assertTrue(seen >= 20, "only " + seen);
  }

  /** Both corners of an L that are missing lie up and right; turned away they lie up and left. */
  private static boolean isMirrored(Polygon letter) {
    Envelope box = letter.getEnvelopeInternal();
    Coordinate middle = letter.getCentroid().getCoordinate();
    return middle.y > box.centre().y && middle.x > box.centre().x;
  }

  private static List<Polygon> letters(Drawing drawing) {
    List<Polygon> letters = new ArrayList<>();
    for (Drawing.Mark mark : drawing.marks()) {
      if (mark instanceof Drawing.Printed printed && printed.ground() == INK) {
        Polygon letter = Facet.polygon(printed.rings().get(0));
        if (letter.getArea() > 20) {
          letters.add(letter);
        }
      }
    }
    return letters;
  }

  /** The room that words have is what they are drawn in: tight one way, and free the other. */
  @ParameterizedTest
  @ValueSource(strings = {"Thank you", "i", "So/many/spokes"})
  void greeting_takesTheRoomThereIs(String words) {
    Topper.Start start = fresh("slim-tent", Face.OUTSIDE);
    Design design = labelled(words, start);
    Greeting greeting = Greeting.on(design, "own1").orElseThrow();
    double across = greeting.width().toMillimetres() / start.across().toMillimetres();
    double down = greeting.height().toMillimetres() / start.down().toMillimetres();
    assertTrue(across < 0.8401 && down < 0.6201, across + " " + down);
    assertTrue(across > 0.8399 || down > 0.6199, across + " " + down);
    Reads reads = design.relations(Reads.class).get(0);
    assertEquals(
        reads.width().toMillimetres() / reads.height().toMillimetres(),
        greeting.width().toMillimetres() / greeting.height().toMillimetres(),
        0.001);
  }

  /** What fits on nothing is set smaller: words never pass the edge of their piece. */
  @Test
  void longWords_stayOnTheirPiece() {
    for (String words :
        List.of("x", "Thank you for every single hour at the truing stand", "a/b/c/d/e/f")) {
      for (Topper.Shape shape : Topper.Shape.values()) {
        Topper topper =
            label(words, Face.OUTSIDE, fresh("slim-tent", Face.OUTSIDE))
                .outlined(Pictures.HOUSE)
                .shaped(shape);
        Derivation derivation = derive("slim-tent", List.of(topper));
        FoldModel model = derivation.made().orElseThrow().card().whole();
        model.prepare(() -> false);
        Surface surface = Pictures.square(400);
        Drawing drawing =
            Portrait.of(
                model,
                derivation.made().orElseThrow().design(),
                derivation.look(),
                Portrait.moment(model, derivation.look()),
                surface);
        List<Polygon> papers = new ArrayList<>();
        for (Drawing.Mark mark : drawing.marks()) {
          if (mark instanceof Drawing.Printed printed && printed.ground() != INK) {
            papers.add(Facet.polygon(printed.rings().get(0)));
          }
        }
        for (Polygon letter : letters(drawing)) {
          assertTrue(papers.stream().anyMatch(each -> each.buffer(0.5).covers(letter)), words);
        }
        // There is no room for words where a ring has its hole.
        boolean isBare = shape == Topper.Shape.RING;
        assertTrue(!isBare || letters(drawing).isEmpty(), words);
        assertTrue(isBare || !words.equals("x") || letters(drawing).size() == 1, words + shape);
      }
    }
  }
}

package cufflink.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Sheet;
import cufflink.core.plane.Side;
import cufflink.core.run.Hand;
import cufflink.core.run.Lie;
import cufflink.core.run.ScoringHabit;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Box;
import cufflink.core.scene.Drawing.Caption;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Drawing.Tone;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pointing;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.core.scene.Tiling;
import cufflink.core.words.Language;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class FlatDrawingTest {
  private static final double NEAR = 1e-9;

  @Test
  void numbers_neverOverlapNorLeaveTheDrawing() {
    Random random = new Random(10);
    for (int i = 0; i < 200; i++) {
      double[] panels = random.doubles(1 + random.nextInt(6), 12, 120).map(Math::rint).toArray();
      Piece strip = Strips.strip(20 + random.nextInt(200), Fold.VALLEY, panels).base();
      Marks marks = Marks.COMMON.get(random.nextInt(Marks.COMMON.size()));
      Surface surface = surface(700 + random.nextInt(900), 420 + random.nextInt(600), marks);
      Lying lie =
          new Lying(strip, new Lie(Face.INSIDE, random.nextBoolean() ? Side.TOP : Side.RIGHT));
      assertOrderly(FlatDrawing.of(lie, surface, all()), surface, strip.toString());
    }
  }

  @Test
  void numbers_ofNarrowBands_neverOverlap() {
    List<Score> scores = new ArrayList<>();
    for (int i = 1; i <= 9; i++) {
      scores.add(Strips.level("band" + i, Fold.DECORATIVE, i * 4, 120));
    }
    scores.add(Strips.level("fold", Fold.VALLEY, 90, 120));
    Piece piece = Strips.piece(120, 180, scores, List.of());
    for (Side side : List.of(Side.TOP, Side.RIGHT, Side.BOTTOM, Side.LEFT)) {
      Surface surface = surface(924, 640, Marks.SIXTEENTHS);
      Lying lie = new Lying(piece, new Lie(Face.OUTSIDE, side));
      assertOrderly(FlatDrawing.of(lie, surface, all()), surface, side.toString());
    }
  }

  private static void assertOrderly(Drawing drawing, Surface surface, String what) {
    List<Caption> numbers =
        captions(drawing).filter(caption -> caption.tone() == Tone.NUMBER).toList();
    assertFalse(numbers.isEmpty());
    Box paper = paper(drawing);
    for (int i = 0; i < numbers.size(); i++) {
      Box box = numbers.get(i).box(surface.measure());
      assertTrue(box.left() >= 0 && box.right() <= surface.width(), what + numbers.get(i));
      assertTrue(box.top() >= 0 && box.bottom() <= surface.height(), what + numbers.get(i));
      assertFalse(box.overlaps(paper), "on the paper: " + numbers.get(i));
      for (int j = i + 1; j < numbers.size(); j++) {
        assertFalse(
            box.overlaps(numbers.get(j).box(surface.measure())),
            numbers.get(i) + " and " + numbers.get(j) + what);
      }
    }
  }

  private static Box paper(Drawing drawing) {
    List<Spot> corners =
        drawing.marks().stream()
            .filter(Shape.class::isInstance)
            .map(Shape.class::cast)
            .filter(shape -> shape.fill() == Fill.INSIDE || shape.fill() == Fill.OUTSIDE)
            .flatMap(shape -> shape.corners().stream())
            .toList();
    return new Box(
        corners.stream().mapToDouble(Spot::x).min().orElseThrow(),
        corners.stream().mapToDouble(Spot::y).min().orElseThrow(),
        corners.stream().mapToDouble(Spot::x).max().orElseThrow(),
        corners.stream().mapToDouble(Spot::y).max().orElseThrow());
  }

  @Test
  void paper_isTrueInProportion() {
    Piece piece = Strips.strip(60, Fold.VALLEY, 50, 40).base();
    Drawing drawing = FlatDrawing.of(FlatDrawing.asDescribed(piece), metric(), all());
    Box paper = paper(drawing);
    assertEquals(90 / 60.0, (paper.right() - paper.left()) / (paper.bottom() - paper.top()), NEAR);
    assertEquals(drawing.scale() * 90, paper.right() - paper.left(), 1e-6);
  }

  @Test
  void runningStops_andPanels_areNumbered() {
    Piece piece = Strips.strip(60, Fold.VALLEY, 50, 40, 30).base();
    Drawing drawing = FlatDrawing.of(FlatDrawing.asDescribed(piece), metric(), all());
    assertEquals(
        List.of("50", "90", "50", "40", "30", "120", "60"),
        captions(drawing)
            .filter(caption -> caption.tone() == Tone.NUMBER)
            .map(Caption::text)
            .toList());
  }

  @Test
  void stop_ofAScore_isLitTogetherWithItsLine() {
    Piece piece = Strips.strip(60, Fold.VALLEY, 50, 40).base();
    Drawing drawing = FlatDrawing.of(FlatDrawing.asDescribed(piece), metric(), all());
    Ref ref = new Ref("base", "f1");
    Spot middle = Pointing.middle(drawing, ref).orElseThrow();
    assertEquals(Optional.of(ref), Pointing.at(drawing, middle, 8, TextMeasure.GUESS));
    Caption stop =
        captions(drawing).filter(each -> each.ref().equals(ref)).findFirst().orElseThrow();
    assertEquals("50", stop.text());
    assertEquals(Optional.of(ref), Pointing.at(drawing, stop.at(), 8, TextMeasure.GUESS));
  }

  @Test
  void pointing_atTheEmptyTable_isNothing() {
    Piece piece = Strips.strip(60, Fold.VALLEY, 50, 40).base();
    Drawing drawing = FlatDrawing.of(FlatDrawing.asDescribed(piece), metric(), all());
    assertEquals(Optional.empty(), Pointing.at(drawing, new Spot(1, 1), 8, TextMeasure.GUESS));
    assertEquals(Optional.empty(), Pointing.middle(drawing, new Ref("base", "none")));
  }

  @Test
  void kindsOfLine_differByMoreThanColour() {
    assertFalse(List.of(Ink.VALLEY.dashes()).equals(List.of(Ink.MOUNTAIN.dashes())));
    assertEquals(2, Ink.VALLEY.dashes().length);
    assertEquals(6, Ink.MOUNTAIN.dashes().length);
    assertEquals(0, Ink.CUT.dashes().length);
    assertTrue(Ink.DECORATIVE.dashes()[0] < Ink.VALLEY.dashes()[0]);
  }

  @Test
  void sheet_isDrawnBehindThePieceTheWayItFits() {
    Piece piece = Strips.strip(150, Fold.VALLEY, 140, 140).base();
    Sheet sheet = new Sheet("s", "S", Length.ofMillimetres(200), Length.ofMillimetres(290));
    Drawing drawing =
        FlatDrawing.of(
            FlatDrawing.asDescribed(piece),
            metric(),
            new FlatDrawing.Options(List.of(), Optional.of(sheet), score -> true, true, false));
    Shape behind =
        drawing.marks().stream()
            .filter(Shape.class::isInstance)
            .map(Shape.class::cast)
            .filter(shape -> shape.fill() == Fill.SHEET)
            .findFirst()
            .orElseThrow();
    Spot first = behind.corners().get(0);
    assertEquals(290 * drawing.scale(), first.distance(behind.corners().get(1)), 1e-6);
  }

  @Test
  void lie_turnedAndOver_takesEachCornerToItsPlace() {
    Piece piece = Strips.piece(100, 60, List.of(), List.of());
    Spot spot = new Spot(10, 20);
    assertEquals(spot, new Lying(piece, Lie.DESCRIBED).apply(spot));
    assertEquals(new Spot(90, 20), new Lying(piece, Lie.DESCRIBED.over()).apply(spot));
    Lie turned = Lie.DESCRIBED.anticlockwise();
    assertEquals(new Spot(20, 90), new Lying(piece, turned).apply(spot));
    assertEquals(new Spot(40, 90), new Lying(piece, turned.over()).apply(spot));
    assertEquals(piece.height(), new Lying(piece, turned).width());
  }

  @Test
  void panels_lyingOutsideUp_areCountedAsThePieceIsDescribed() {
    Piece piece = Strips.strip(60, Fold.VALLEY, 50, 40, 30).base();
    for (Side side : List.of(Side.TOP, Side.RIGHT, Side.BOTTOM, Side.LEFT)) {
      for (Face face : Face.values()) {
        Drawing drawing = FlatDrawing.of(new Lying(piece, new Lie(face, side)), metric(), all());
        Caption third =
            captions(drawing)
                .filter(each -> each.ref().equals(new Ref("base", "panel-across-3")))
                .findFirst()
                .orElseThrow();
        assertEquals("30", third.text(), side + " " + face);
      }
    }
  }

  /** Who scores with the left hand has the fence at the right, and reads the ruler from there. */
  @Test
  void board_leftHanded_countsFromTheRight() {
    Piece piece = Strips.strip(60, Fold.VALLEY, 30, 70).base();
    for (Hand hand : Hand.values()) {
      FlatDrawing.Options options =
          new FlatDrawing.Options(
              List.of(),
              Optional.empty(),
              score -> true,
              false,
              false,
              Optional.of(new ScoringHabit(true, Marks.FIVE_MILLIMETRES, hand)));
      Drawing drawing = FlatDrawing.of(FlatDrawing.asDescribed(piece), metric(), options);
      Caption stop =
          captions(drawing)
              .filter(each -> each.ref().equals(new Ref("base", "f1")))
              .findFirst()
              .orElseThrow();
      assertEquals(hand == Hand.RIGHT ? "30" : "70", stop.text());
      Shape fence =
          drawing.marks().stream()
              .filter(Shape.class::isInstance)
              .map(Shape.class::cast)
              .filter(shape -> shape.fill() == Fill.FENCE)
              .findFirst()
              .orElseThrow();
      double middle = (paper(drawing).left() + paper(drawing).right()) / 2;
      assertEquals(hand == Hand.RIGHT, fence.corners().get(0).x() < middle);
    }
  }

  @Test
  void pieces_sideBySide_neverOverlapAndStayOnTheTable() {
    Design design = Strips.strip(150, Fold.VALLEY, 90, 100, 80);
    Surface surface = metric();
    Drawing drawing = PiecesDrawing.of(design, surface);
    for (Drawing.Mark mark : drawing.marks()) {
      if (mark instanceof Stroke stroke) {
        stroke
            .path()
            .forEach(
                spot -> assertTrue(spot.x() <= surface.width() && spot.y() <= surface.height()));
      }
    }
    assertTrue(captions(drawing).anyMatch(caption -> caption.text().equals("270 × 150")));
  }

  @Test
  void tiling_coversThePieceWithoutGapsOrOverlaps() {
    Tiling tiling = Tiling.of(300, 170, 186, 257, 0);
    assertEquals(2, tiling.count());
    assertEquals(List.of(0.0, 186.0), tiling.tiles().stream().map(Tiling.Tile::left).toList());
    assertEquals(1, Tiling.of(186, 257, 186, 257, 0).count());
    assertEquals(6, Tiling.of(400, 500, 186, 257, 0).count());
    // With ten millimetres shown twice two parts reach 362 and three 538.
    assertEquals(2, Tiling.of(362, 100, 186, 257, 10).count());
    assertEquals(3, Tiling.of(362.5, 100, 186, 257, 10).count());
    assertEquals(List.of(181.0, 357.0), Tiling.of(500, 100, 186, 257, 10).seamsAcross());
    assertEquals(1, Tiling.of(5, 5, 186, 257, 10).count());
  }

  private static Stream<Caption> captions(Drawing drawing) {
    return drawing.marks().stream().filter(Caption.class::isInstance).map(Caption.class::cast);
  }

  private static FlatDrawing.Options all() {
    return new FlatDrawing.Options(List.of(), Optional.empty(), score -> true, true, false);
  }

  private static Surface metric() {
    return surface(924, 640, Marks.MILLIMETRES);
  }

  private static Surface surface(double width, double height, Marks marks) {
    return new Surface(
        width,
        height,
        marks,
        LengthFormat.of(marks, Fractions.PLAIN, Language.ENGLISH),
        TextMeasure.GUESS,
        20);
  }
}

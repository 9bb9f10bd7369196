package cufflink.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.flat.Spot;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.run.Hand;
import cufflink.core.run.ScoringHabit;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.core.words.Language;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The scoring board under a piece. */
class BoardTest {
  private static final double NEAR = 1e-6;
  private static final Surface SURFACE =
      new Surface(
          900,
          500,
          Marks.EIGHTHS,
          LengthFormat.of(Marks.EIGHTHS, LengthFormat.Fractions.PLAIN, Language.ENGLISH),
          TextMeasure.GUESS,
          22);

  private static Drawing drawing(Optional<Marks> board) {
    Piece piece = Strips.strip(90, Fold.VALLEY, 63.5, 127).base();
    return FlatDrawing.of(
        FlatDrawing.asDescribed(piece),
        SURFACE,
        new FlatDrawing.Options(
            List.of(),
            Optional.empty(),
            score -> true,
            false,
            false,
            board.map(grooves -> new ScoringHabit(true, grooves, Hand.RIGHT))));
  }

  private static List<Stroke> strokes(Drawing drawing, Ink ink) {
    return drawing.marks().stream()
        .filter(mark -> mark instanceof Stroke stroke && stroke.ink() == ink)
        .map(Stroke.class::cast)
        .toList();
  }

  /** 63.5 mm is 2 1/2 in: on a board with a groove every 1/8 in it is the twentieth. */
  @Test
  void grooves_lieWhereTheMakersBoardHasThem() {
    Drawing drawing = drawing(Optional.of(Marks.EIGHTHS));
    List<Stroke> grooves = strokes(drawing, Ink.GROOVE);
    double score = strokes(drawing, Ink.VALLEY).get(0).path().get(0).x();
    assertEquals(score, grooves.get(19).path().get(0).x(), NEAR);
    double step = grooves.get(1).path().get(0).x() - grooves.get(0).path().get(0).x();
    assertEquals(25.4 / 8 * drawing.scale(), step, NEAR);
  }

  @Test
  void grooves_thatWouldRunTogether_areThinnedOut() {
    Drawing drawing = drawing(Optional.of(Marks.HALF_MILLIMETRES));
    List<Stroke> grooves = strokes(drawing, Ink.GROOVE);
    double step = grooves.get(1).path().get(0).x() - grooves.get(0).path().get(0).x();
    assertTrue(step >= 4, "grooves are " + step + " apart on the screen");
  }

  @Test
  void paper_liesAtTheFence() {
    Drawing drawing = drawing(Optional.of(Marks.FIVE_MILLIMETRES));
    Shape fence =
        drawing.marks().stream()
            .filter(mark -> mark instanceof Shape shape && shape.fill() == Fill.FENCE)
            .map(Shape.class::cast)
            .findFirst()
            .orElseThrow();
    double edge = fence.corners().stream().mapToDouble(Spot::x).max().orElseThrow();
    double paper =
        strokes(drawing, Ink.CUT).stream()
            .filter(stroke -> stroke.path().size() == 5)
            .flatMap(stroke -> stroke.path().stream())
            .mapToDouble(Spot::x)
            .min()
            .orElseThrow();
    assertEquals(edge, paper, NEAR);
    assertTrue(strokes(drawing(Optional.empty()), Ink.GROOVE).isEmpty());
  }
}

package cufflink.core.run;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.Strips;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Layer.Shape;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.words.Language;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A pencil mark is told for a corner that the paper has, as its face lies up. */
class GluingTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);

  /** A paper of 30 x 20 in a corner 10 from the left and 5 from the top of a piece 100 wide. */
  @ParameterizedTest
  @CsvSource({
    "WHOLE, INSIDE, its corner 10 from the left edge and 5 from the top",
    "WHOLE, OUTSIDE, its corner 60 from the left edge and 5 from the top",
    "TOP_LEFT, INSIDE, its square corner 10 from the left edge and 5 from the top",
    "TOP_RIGHT, INSIDE, its square corner 40 from the left edge and 5 from the top",
    "BOTTOM_RIGHT, INSIDE, its square corner 40 from the left edge and 25 from the top",
    "BOTTOM_LEFT, INSIDE, its square corner 10 from the left edge and 25 from the top",
    "BOTTOM_LEFT, OUTSIDE, its square corner 90 from the left edge and 25 from the top",
    "BOTTOM_RIGHT, OUTSIDE, its square corner 60 from the left edge and 25 from the top"
  })
  void layer_isMarkedAtACornerItHas(Shape shape, Face face, String corner) {
    assertEquals(
        "paper flat onto the "
            + (face == Face.INSIDE ? "inside" : "outside")
            + " of the base: "
            + corner,
        told(shape, face, 30, 20));
  }

  @ParameterizedTest
  @CsvSource({"INSIDE, 25", "OUTSIDE, 75"})
  void squareOnItsPoint_isMarkedAtThatPoint(Face face, int left) {
    // The diagonal of 30 is 42.43: half of it above the middle, which is 32 down.
    assertEquals(
        "paper flat onto the "
            + (face == Face.INSIDE ? "inside" : "outside")
            + " of the base: its upper point "
            + left
            + " from the left edge and 11 from the top",
        told(Shape.ON_POINT, face, 30, 30).replaceAll(" \\(then [^)]*\\)", "").replace("-", ""));
  }

  private static String told(Shape shape, Face face, int wide, int high) {
    Piece base =
        new Piece(
            "base",
            "base",
            PaperKind.CARDSTOCK,
            1,
            Length.ofMillimetres(100),
            Length.ofMillimetres(60),
            Piece.rectangle(Length.ofMillimetres(100), Length.ofMillimetres(60)),
            List.of(),
            List.of());
    int down = shape == Shape.ON_POINT ? 17 : 5;
    Layer layer =
        new Layer(
            "paper",
            "paper",
            PaperRole.PATTERNED,
            "base",
            face,
            Strips.point(10, down),
            Length.ofMillimetres(wide),
            Length.ofMillimetres(high),
            Length.ofMillimetres(4),
            shape);
    Design design =
        new Design(
            "trial",
            List.of(base),
            List.of(layer),
            List.of(),
            Strips.point(1, 1),
            Length.ofMillimetres(10),
            Length.ofMillimetres(10));
    return Gluing.of(layer, design, false).say(FORMAT);
  }
}

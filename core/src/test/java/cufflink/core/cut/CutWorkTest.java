package cufflink.core.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.Strips;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.Layer.Shape;
import cufflink.core.design.PaperKind;
import cufflink.core.measure.Length;
import cufflink.core.paper.Paper;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Halves that share a rectangle: common practice, no source. */
class CutWorkTest {
  private static Layer half(String id, Face face, Shape shape) {
    return new Layer(
        id,
        id,
        PaperKind.PATTERNED,
        "base",
        face,
        Strips.point(3, 3),
        Length.ofMillimetres(90),
        Length.ofMillimetres(120),
        Length.ofMillimetres(6),
        shape);
  }

  private static int rectangles(Paper paper, int copies, Layer... layers) {
    Design design = Strips.with(Strips.strip(126, Fold.VALLEY, 96, 96), layers);
    return CutWork.parts(design, PaperKind.PATTERNED, paper, copies).stream()
        .mapToInt(Part::count)
        .sum();
  }

  @Test
  void parts_twoHalvesOfOneDiagonalShareARectangle() {
    Layer upper = half("upper", Face.INSIDE, Shape.TOP_LEFT);
    Layer lower = half("lower", Face.INSIDE, Shape.BOTTOM_RIGHT);
    assertEquals(1, rectangles(Paper.PATTERNED, 1, upper, lower));
    assertEquals(3, rectangles(Paper.PATTERNED, 3, upper, lower));
    assertEquals(2, rectangles(Paper.PATTERNED, 3, upper));
  }

  @Test
  void parts_printKeepsTwoUpperHalvesApart() {
    Layer one = half("one", Face.INSIDE, Shape.TOP_LEFT);
    Layer two = half("two", Face.INSIDE, Shape.TOP_LEFT);
    assertEquals(1, rectangles(Paper.PATTERNED, 1, one, two));
    Paper leaves = Paper.PATTERNED.withPrint(Paper.Print.UPRIGHT);
    assertEquals(2, rectangles(leaves, 1, one, two));
  }

  @Test
  void parts_otherDiagonalNeedsItsOwnRectangle() {
    Layer rising = half("rising", Face.INSIDE, Shape.TOP_LEFT);
    Layer falling = half("falling", Face.INSIDE, Shape.TOP_RIGHT);
    assertEquals(2, rectangles(Paper.PATTERNED, 1, rising, falling));
  }

  /** Seen on the printed face, a layer on the outside is the mirror image. */
  @Test
  void parts_outsideIsMirrored() {
    Layer inside = half("inside", Face.INSIDE, Shape.TOP_RIGHT);
    Layer outside = half("outside", Face.OUTSIDE, Shape.TOP_LEFT);
    assertEquals(Shape.BOTTOM_LEFT, CutWork.printedShape(outside));
    assertEquals(1, rectangles(Paper.PATTERNED, 1, inside, outside));
  }

  @Test
  void parts_foldsTellTheGrain() {
    Design gate = Strips.strip(100, Fold.VALLEY, 40, 80, 40);
    Part base = CutWork.parts(gate, PaperKind.CARDSTOCK, Paper.CARD, 4).get(0);
    assertEquals(Part.Folds.UPRIGHT, base.folds());
    assertEquals(4, base.count());
    assertEquals(List.of(), CutWork.parts(gate, PaperKind.PATTERNED, Paper.CARD, 4));
  }
}

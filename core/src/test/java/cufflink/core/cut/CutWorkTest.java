package cufflink.core.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.Strips;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.Layer.Shape;
import cufflink.core.measure.Length;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Halves that share a rectangle: common practice, no source. */
class CutWorkTest {
  private static Layer half(String id, Face face, Shape shape) {
    return new Layer(
        id,
        id,
        PaperRole.PATTERNED,
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
    return CutWork.parts(design, List.of(PaperRole.PATTERNED), paper, copies).stream()
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
    Part base = CutWork.parts(gate, List.of(PaperRole.CARDSTOCK), Paper.CARD, 4).get(0);
    assertEquals(Part.Folds.UPRIGHT, base.folds());
    assertEquals(4, base.count());
    assertEquals(List.of(), CutWork.parts(gate, List.of(PaperRole.PATTERNED), Paper.CARD, 4));
  }

  private static Layer whole(String id) {
    return half(id, Face.INSIDE, Shape.WHOLE);
  }

  @Test
  void parts_wholeLayersAreNamedByTheirPieceAndCountedWithTheCopies() {
    Design design = Strips.with(Strips.strip(126, Fold.VALLEY, 96, 96), whole("wave"));
    List<Part> parts = CutWork.parts(design, List.of(PaperRole.PATTERNED), Paper.PATTERNED, 6);
    assertEquals(1, parts.size());
    assertEquals(design.base().id() + ".wave", parts.get(0).id());
    assertEquals(6, parts.get(0).count());
    assertEquals(Length.ofMillimetres(90), parts.get(0).width());
    assertEquals(Length.ofMillimetres(120), parts.get(0).height());
  }

  @Test
  void parts_halvesAreNamedTogether_eachNameOnce() {
    Layer upper = half("upper", Face.INSIDE, Shape.TOP_LEFT);
    Layer lower = half("lower", Face.INSIDE, Shape.BOTTOM_RIGHT);
    Design design = Strips.with(Strips.strip(126, Fold.VALLEY, 96, 96), upper, lower, upper);
    Part part = CutWork.parts(design, List.of(PaperRole.PATTERNED), Paper.PATTERNED, 1).get(0);
    assertEquals("upper + lower", part.label());
    assertEquals(2, part.count());
  }

  /** With a print each rectangle gives one upper and one lower half. */
  @Test
  void parts_printNeedsARectangleForEachOfTheMore() {
    Layer upper = half("upper", Face.INSIDE, Shape.TOP_LEFT);
    Layer lower = half("lower", Face.INSIDE, Shape.BOTTOM_RIGHT);
    Paper leaves = Paper.PATTERNED.withPrint(Paper.Print.UPRIGHT);
    assertEquals(2, rectangles(leaves, 2, upper, lower));
    assertEquals(4, rectangles(leaves, 2, upper, lower, lower));
    assertEquals(4, rectangles(leaves, 2, upper, upper, lower));
  }

  private static Part.Folds folds(Fold fold, double... panels) {
    Design design = Strips.strip(100, fold, panels);
    return CutWork.parts(design, List.of(PaperRole.CARDSTOCK), Paper.CARD, 1).get(0).folds();
  }

  @Test
  void parts_withoutFolds_lieEitherWay() {
    assertEquals(Part.Folds.EITHER, folds(Fold.VALLEY, 80));
    assertEquals(Part.Folds.EITHER, folds(Fold.DECORATIVE, 40, 40));
    assertEquals(Part.Folds.UPRIGHT, folds(Fold.MOUNTAIN, 40, 40));
  }
}

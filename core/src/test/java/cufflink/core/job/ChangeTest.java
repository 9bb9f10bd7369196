package cufflink.core.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperRole;
import java.util.List;
import org.junit.jupiter.api.Test;

class ChangeTest {
  private static Layer layer(String id, int left, int width) {
    return new Layer(
        id,
        id,
        PaperRole.PATTERNED,
        "base",
        Face.OUTSIDE,
        Strips.point(left, 3),
        Length.ofMillimetres(width),
        Length.ofMillimetres(80),
        Length.ofMillimetres(6),
        Layer.Shape.WHOLE);
  }

  private static Design design(int height, double first, Layer... layers) {
    return Strips.with(Strips.strip(height, Fold.VALLEY, first, 150 - first), layers);
  }

  private static List<Change.Kind> kinds(Design before, Design after) {
    return Change.between(before, after).stream().map(Change::kind).toList();
  }

  @Test
  void between_alike_isNothing() {
    Design design = design(100, 70, layer("wave", 3, 60));
    assertEquals(List.of(), Change.between(design, design(100, 70, layer("wave", 3, 60))));
  }

  @Test
  void between_eachDifference_isOneChange() {
    Design before = design(100, 70, layer("wave", 3, 60));
    assertTrue(kinds(before, design(100, 71, layer("wave", 3, 60))).contains(Change.Kind.LINES));
    assertEquals(List.of(Change.Kind.SIZE), kinds(before, design(100, 70, layer("wave", 3, 61))));
    assertEquals(List.of(Change.Kind.PLACE), kinds(before, design(100, 70, layer("wave", 4, 60))));
    assertEquals(List.of(Change.Kind.GONE), kinds(before, design(100, 70)));
    assertEquals(List.of(Change.Kind.ADDED), kinds(design(100, 70), before));
    Change gone = Change.between(before, design(100, 70)).get(0);
    assertEquals("base", gone.piece());
    assertEquals("wave", gone.part());
  }
}

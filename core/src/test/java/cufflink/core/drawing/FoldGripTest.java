package cufflink.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Tolerances;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.core.space.Viewpoint;
import cufflink.core.words.Language;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Taking hold of folded paper, spreading its layers, and the arrows of printed steps. */
class FoldGripTest {
  private static final double NEAR = 1e-6;
  private static final Viewpoint VIEW = new Viewpoint(-16, 42);
  private static final Surface SURFACE =
      new Surface(
          800,
          600,
          Marks.MILLIMETRES,
          LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH),
          TextMeasure.GUESS,
          22);

  private static FoldModel model(Fold fold) {
    Design design = Strips.strip(60, fold, true, 50, 70, 40);
    return FoldModel.of(design, FlatPattern.of(design.base(), Tolerances.USUAL));
  }

  @Test
  void grip_whatIsSeenAtAPlace_isThatPlace() {
    FoldModel model = model(Fold.VALLEY);
    Random random = new Random(4);
    for (int i = 0; i < 60; i++) {
      double moment = random.nextDouble();
      int facet = random.nextInt(3);
      Spot on = model.flat().facets().get(facet).inside();
      Spot seen = FoldFrame.Aim.at(model, VIEW, SURFACE).seenAt(moment, facet, on);
      FoldFrame.Grip grip = FoldFrame.Aim.at(model, VIEW, SURFACE).grips(moment, seen).get(0);
      Spot again =
          FoldFrame.Aim.at(model, VIEW, SURFACE).seenAt(moment, grip.facet(), grip.place());
      assertEquals(0, seen.distance(again), NEAR, "what is held lies under the pointer");
    }
  }

  @Test
  void grip_besideThePaper_isNothing() {
    assertTrue(
        FoldFrame.Aim.at(model(Fold.VALLEY), VIEW, SURFACE).grips(0.4, new Spot(2, 2)).isEmpty());
  }

  @Test
  void onTable_isTheInverseOfLooking() {
    FoldModel model = model(Fold.MOUNTAIN);
    for (Spot place : List.of(new Spot(10, 10), new Spot(130, 55), new Spot(61, 3))) {
      int facet = place.x() < 50 ? 0 : place.x() < 120 ? 1 : 2;
      Spot seen = FoldFrame.Aim.at(model, VIEW, SURFACE).seenAt(0, facet, place);
      assertEquals(0, place.distance(FoldFrame.Aim.at(model, VIEW, SURFACE).onTable(seen)), NEAR);
    }
  }

  /** Spread apart, the layers of a zigzag stand one above the other by equal steps. */
  @Test
  void spread_liftsEachLayerByItsPlace() {
    FoldModel model = model(Fold.VALLEY);
    double apart = 7;
    List<Double> heights =
        model.layering().spread(1, apart).motions().stream()
            .map(
                motion ->
                    motion.apply(new Spot(0, 0)).z()
                        - model.pose(1).motions().get(0).apply(new Spot(0, 0)).z())
            .sorted()
            .toList();
    assertEquals(apart, heights.get(1) - heights.get(0), NEAR);
    assertEquals(apart, heights.get(2) - heights.get(1), NEAR);
    assertEquals(
        model.pose(0.5), model.layering().spread(0.5, apart), "on its way it stays as it is");
    Drawing drawing = FoldDrawing.spread(model, List.of(), 1, VIEW, SURFACE, apart);
    assertEquals(3, drawing.marks().stream().filter(Shape.class::isInstance).count());
  }

  /** Both barbs for a valley fold, one for a mountain: published diagram convention. */
  @ParameterizedTest
  @EnumSource(
      value = Fold.class,
      names = {"VALLEY", "MOUNTAIN"})
  void step_arrow_tellsValleyFromMountain(Fold fold) {
    Design design = Strips.strip(60, fold, 50, 90);
    FoldModel model = FoldModel.of(design, FlatPattern.of(design.base(), Tolerances.USUAL));
    Drawing step = FoldDrawing.step(model, List.of(), 0, VIEW, SURFACE);
    List<Stroke> arrows =
        step.marks().stream()
            .filter(mark -> mark instanceof Stroke stroke && stroke.ink() == Ink.ARROW)
            .map(Stroke.class::cast)
            .toList();
    long barbs = arrows.stream().filter(stroke -> stroke.path().size() == 2).count();
    assertEquals(1, arrows.size() - barbs, "one bow for the one facet that moves");
    assertEquals(fold == Fold.VALLEY ? 2 : 1, barbs);
    Stroke bow = arrows.get(0);
    assertEquals(
        0, bow.path().get(0).distance(smallest(step)), NEAR, "it begins on the paper that moves");
  }

  /** Returns the middle of the smaller of the two panels as they are drawn: that one moves. */
  private static Spot smallest(Drawing step) {
    return step.marks().stream()
        .filter(Drawing.Shape.class::isInstance)
        .map(mark -> ((Drawing.Shape) mark).corners())
        .min(Comparator.comparing(corners -> corners.get(0).distance(corners.get(2))))
        .map(
            corners ->
                new Spot(
                    corners.stream().mapToDouble(Spot::x).average().orElseThrow(),
                    corners.stream().mapToDouble(Spot::y).average().orElseThrow()))
        .orElseThrow();
  }

  private static int moved(FoldModel model) {
    return 1 - model.rest();
  }
}

package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.assembly.Assembly;
import cufflink.core.card.FoldModel;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.space.Vec;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * The popper of the slotted pair at trade sizes (12 by 6 in, bar 5 by 1/2 scored at 1/2, 2 1/2 and
 * 4 1/2, cross-piece 3 by 1/2 scored at 1/2, 1, 2 and 2 1/2; common practice, no source), beside
 * the plane geometry of a rhombus and of a trapezium, reckoned here.
 */
class PopperTest {
  private static final double INCH = 25.4;
  private static final double SIDE = 6 * INCH;
  private static final double ARM = 2 * INCH;
  private static final double WALL = INCH / 2;
  private static final double NEAR = 0.05;

  private final FoldModel model = slotted();

  private static FoldModel slotted() {
    Derivation.Made made = Jobs.derive(Jobs.job("slotted-pair", values())).made().orElseThrow();
    assertEquals(List.of(), made.card().leftOut());
    return made.card().whole();
  }

  private static Values values() {
    return PatternLibrary.shipped()
        .pattern("slotted-pair")
        .orElseThrow()
        .normalValues()
        .and("width", Length.ofInches(6, 1))
        .and("height", Length.ofInches(6, 1))
        .and("window", Length.ofInches(17, 4))
        .and("arm", Length.ofInches(2, 1))
        .and("tab", Length.ofInches(1, 2))
        .and("bar", Length.ofInches(1, 2))
        .and("topper_wide", Length.ofInches(2, 1))
        .and("topper_high", Length.ofInches(3, 2));
  }

  /** The numbers of the facets of a piece, as they follow on each other from left to right. */
  private int facet(String piece, int number) {
    Assembly assembly = model.assembly();
    for (Assembly.Member member : assembly.members()) {
      if (member.flat().piece().id().equals(piece)) {
        List<Integer> all = new ArrayList<>();
        member.flat().facets().forEach(each -> all.add(each.index()));
        all.sort(Comparator.comparing(each -> member.flat().facets().get(each).inside().x()));
        return member.firstFacet() + all.get(number);
      }
    }
    throw new AssertionError("no " + piece);
  }

  private static Vec middle(List<Vec> corners) {
    Vec sum = Vec.ZERO;
    for (Vec each : corners) {
      sum = sum.plus(each);
    }
    return sum.times(1.0 / corners.size());
  }

  private Vec middle(double moment, String piece, int number) {
    return middle(model.pose(moment).corners(facet(piece, number)));
  }

  /** The line that two facets of the popper share, in the middle. */
  private Vec ridge(double moment) {
    double x = WALL + ARM;
    return model.pose(moment).place(facet("popper", 1), new Spot(x, WALL / 2));
  }

  private Vec place(double moment, String piece, int number, double x) {
    return model.pose(moment).place(facet(piece, number), new Spot(x, SIDE / 2));
  }

  /** The last stage of the folding, and after it the opening. */
  private int stage(String beginning) {
    for (int i = 0; i < model.stages().size(); i++) {
      if (model.stages().get(i).title().startsWith(beginning)) {
        return i;
      }
    }
    throw new AssertionError(beginning);
  }

  /** Both sheets and the bar are rhombi: the ridge leaves the back fold by 2 a cos of half open. */
  @Test
  void ridge_goesTwiceTheArmFromTheBackFold() {
    int folds = stage("Fold both sheets");
    for (double share : new double[] {0.2, 0.5, 0.7, 0.9, 1}) {
      double moment = folds + share;
      double half = Math.toRadians(180 - 180 * share) / 2;
      Vec back = place(moment, "lower", 0, SIDE);
      Vec front = place(moment, "base", 0, SIDE);
      Vec ridge = ridge(moment);
      double all = 2 * SIDE / 2 * Math.cos(half);
      assertEquals(all, front.minus(back).length(), NEAR, "folds at " + share);
      assertEquals(2 * ARM * Math.cos(half), ridge.minus(back).length(), NEAR, "at " + share);
      assertEquals(
          all - 2 * ARM * Math.cos(half), front.minus(ridge).length(), NEAR, "at " + share);
    }
    // Closed, S - 2 a are left between the ridge and the front fold.
    Vec closed = place(folds + 1, "base", 0, SIDE).minus(ridge(folds + 1));
    assertEquals(2 * INCH, closed.length(), NEAR);
  }

  /**
   * Half open, the plate faces the viewer and stands as far before the ridge as its walls let it.
   */
  @Test
  void plate_facesTheViewerWithItsGoodFace() {
    int moment = stage("Push the plate over") + 1;
    Vec back = place(moment, "lower", 0, SIDE);
    Vec front = place(moment, "base", 0, SIDE);
    Vec towards = front.minus(back).times(1 / front.minus(back).length());
    Vec good = model.pose(moment).motions().get(facet("popper-cross", 2)).up();
    assertEquals(1, good.dot(towards), 1e-4);
    Vec topper = model.pose(moment).motions().get(facet("topper", 0)).up();
    assertEquals(1, topper.dot(towards), 1e-4);
    double across = WALL * (1 - Math.sin(Math.PI / 4));
    double rise = Math.sqrt(WALL * WALL - across * across) - WALL * Math.cos(Math.PI / 4);
    Vec plate = middle(moment, "popper-cross", 2);
    assertEquals(rise, plate.minus(ridge(moment)).dot(towards), NEAR);
    // In the middle: neither to the left nor to the right.
    assertEquals(rise, plate.minus(ridge(moment)).length(), NEAR);
  }

  /** Closed it lies one wall nearer to the back fold than the ridge, flat, and within the card. */
  @Test
  void plate_foldsAsideAndFlat() {
    for (int moment : new int[] {stage("Fold both sheets") + 1, model.stages().size()}) {
      Vec plate = middle(moment, "popper-cross", 2);
      Vec back = place(moment, "lower", 0, SIDE);
      assertEquals(2 * ARM - WALL, Math.abs(plate.x() - back.x()), NEAR);
      assertTrue(model.layering().isFlat(moment));
      assertTrue(model.layering().stack(moment).isPresent(), "an order of its papers");
    }
    assertTrue(model.movesThroughout());
  }

  /**
   * What is wider than is left before the front fold must pass the window; 1 7/16 is the most, to
   * the nearest mark (common practice, no source).
   */
  @Test
  void wideTopper_passesTheWindowIfItIsLow() {
    double most = 2 * Math.sqrt(2.125 * 2.125 - 2 * 2);
    assertEquals(23, Math.round(16 * most));
    for (int sixteenths = 16; sixteenths <= 30; sixteenths++) {
      Values values =
          values()
              .and("topper_wide", Length.ofInches(9, 2))
              .and("topper_high", Length.ofInches(sixteenths, 16));
      boolean catches =
          Jobs.derive(Jobs.job("slotted-pair", values)).findings().stream()
              .map(each -> each.sentence().say(cufflink.files.Spoken.ENGLISH))
              .anyMatch(each -> each.contains("catches on the window"));
      assertEquals(sixteenths > 16 * most, catches, sixteenths + " sixteenths");
    }
  }
}

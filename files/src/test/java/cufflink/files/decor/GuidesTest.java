package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Topper;
import cufflink.core.design.Face;
import cufflink.core.flat.Spot;
import cufflink.core.guide.Guides;
import cufflink.core.job.Derivation;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Ref;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * A disc of 40 on the inside of a half-fold 140 by 200, its panels 100 high, beside a label from 10
 * to 40 across and 110 to 125 down: what it lines up with is reckoned by hand.
 */
class GuidesTest {
  private static final double NEAR = 2;
  private static final double HAIR = 1e-9;
  private static Guides guides;

  @BeforeAll
  static void lay() {
    guides =
        guides(
            topper(1, Topper.Shape.CIRCLE, 40, 40, 50, 30),
            topper(2, Topper.Shape.RECTANGLE, 30, 15, 10, 110));
  }

  private static Guides guides(Topper... all) {
    List<Topper> toppers = List.of(all);
    Pattern pattern =
        PatternLibrary.shipped().pattern("banded-half-fold", Set.of(), toppers).orElseThrow();
    Derivation derivation =
        Jobs.derive(
            Jobs.job(pattern.id(), pattern.normalValues())
                .withOrder(Order.ONE.withToppers(toppers)));
    Derivation.Made made = derivation.made().orElseThrow();
    return Guides.of(made.design(), new Ref("base", "own1"), made.card().flat().tolerances());
  }

  /** Beside two discs 13 apart: it comes to lie 13 behind them, or midway to the edge. */
  @Test
  void equalGaps_holdIt() {
    Guides row =
        guides(
            topper(1, Topper.Shape.CIRCLE, 40, 40, 50, 120),
            topper(2, Topper.Shape.CIRCLE, 20, 20, 8, 130),
            topper(3, Topper.Shape.CIRCLE, 20, 20, 41, 132));
    assertEquals(61 + 13 - 50, row.find(25, 0, 1).right(), HAIR);
    assertEquals((61 + 140) / 2.0 - 70, row.find(30, 0, 1).right(), HAIR);
    // Above them it has no neighbour.
    assertEquals(25, row.find(25, -110, 1).right(), HAIR);
    Guides before =
        guides(
            topper(1, Topper.Shape.CIRCLE, 30, 30, 50, 120),
            topper(2, Topper.Shape.CIRCLE, 20, 20, 69, 130),
            topper(3, Topper.Shape.CIRCLE, 20, 20, 101, 132));
    assertEquals(69 - 12 - 80, before.find(-22.5, 0, 1).right(), HAIR);
    assertEquals(69 / 2.0 - 65, before.find(-31, 0, 1).right(), HAIR);
  }

  private static Topper topper(int number, Topper.Shape shape, long... numbers) {
    return new Topper(
        "own" + number,
        "badge",
        "",
        shape,
        Topper.Stock.WHITE,
        "base",
        Face.INSIDE,
        Topper.Fixing.FLAT,
        new Topper.Start(
            Length.ofMillimetres(numbers[0]),
            Length.ofMillimetres(numbers[1]),
            Length.ofMillimetres(numbers[2]),
            Length.ofMillimetres(numbers[3])));
  }

  /** It lies in the middle of its panel already: pulled a little, it stays there. */
  @Test
  void middleOfThePanel_holdsIt() {
    for (double off : new double[] {-1.9, -0.5, 0.5, 1.9}) {
      Guides.Found found = guides.find(off, off, NEAR);
      assertEquals(0, found.right(), HAIR);
      assertEquals(0, found.below(), HAIR);
      assertEquals(List.of(70.0, 70.0), found.lines().get(0).stream().map(Spot::x).toList());
      assertEquals(List.of(50.0, 50.0), found.lines().get(1).stream().map(Spot::y).toList());
    }
  }

  /** On the lower panel its lower edge comes to lie on that of the label, at 125. */
  @Test
  void edgeOfItsNeighbour_holdsIt() {
    Guides.Found found = guides.find(0, 56, NEAR);
    assertEquals(55, found.below(), HAIR);
    assertEquals(125, found.lines().get(1).get(0).y(), HAIR);
  }

  /** Wherever it is pulled, it goes no farther aside than it may, and its lines touch it. */
  @Test
  void anywhere_itLiesWhereTheHandIs_orOnALineBesideThat() {
    Random random = new Random(3);
    for (int i = 0; i < 500; i++) {
      double right = random.nextInt(900) / 10.0 - 45;
      double below = random.nextInt(1500) / 10.0 - 25;
      Guides.Found found = guides.find(right, below, NEAR);
      assertTrue(Math.abs(found.right() - right) <= NEAR + HAIR);
      assertTrue(Math.abs(found.below() - below) <= NEAR + HAIR);
      for (List<Spot> line : found.lines()) {
        boolean stands = line.get(0).x() == line.get(1).x();
        double at = stands ? line.get(0).x() : line.get(0).y();
        double middle = stands ? 70 + found.right() : 50 + found.below();
        double off = Math.abs(at - middle);
        assertTrue(off < HAIR || Math.abs(off - 20) < HAIR, line + " " + found);
      }
    }
    assertEquals(List.of(), guides.find(7, 9, 0).lines());
  }

  /** What is no paper that lies on a piece lines up with nothing. */
  @Test
  void lineOfAPiece_goesWithTheHand() {
    Pattern pattern = PatternLibrary.shipped().pattern("slim-tent").orElseThrow();
    Derivation.Made made =
        Jobs.derive(Jobs.job("slim-tent", pattern.normalValues())).made().orElseThrow();
    Guides none =
        Guides.of(made.design(), new Ref("base", "fold"), made.card().flat().tolerances());
    assertEquals(new Guides.Found(3, 4, List.of()), none.find(3, 4, NEAR));
  }
}

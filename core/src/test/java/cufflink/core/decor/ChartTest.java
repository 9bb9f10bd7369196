package cufflink.core.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Topper.Shape;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.util.GeometricShapeFactory;

/** What fits inside what, held against geometry that knows no formula of it. */
class ChartTest {
  private static final int CORNERS = 720;

  /** A polygon of so many corners is nowhere off an ellipse by more, in millimetres. */
  private static final double COARSE = 0.01;

  private static Owned owned(String label, Shape shape, double across, double down) {
    return new Owned(label, shape, Length.fromMillimetres(across), Length.fromMillimetres(down));
  }

  private static Geometry drawn(Owned owned) {
    GeometricShapeFactory factory = new GeometricShapeFactory();
    factory.setNumPoints(CORNERS);
    factory.setCentre(new Coordinate(0, 0));
    factory.setWidth(owned.across().toMillimetres());
    boolean isRing = owned.shape() == Shape.RING;
    factory.setHeight((isRing ? owned.across() : owned.down()).toMillimetres());
    return owned.shape() == Shape.RECTANGLE ? factory.createRectangle() : factory.createEllipse();
  }

  /** What fits a ring lies in its hole. */
  private static Geometry room(Owned owned) {
    return owned.shape() == Shape.RING
        ? drawn(new Owned("x", Shape.CIRCLE, owned.down(), owned.down()))
        : drawn(owned);
  }

  /** Laid on each other by JTS, upright and on its side. */
  @Test
  void holds_isWhatGeometryFinds() {
    Random random = new Random(17);
    int holding = 0;
    for (int i = 0; i < 4_000; i++) {
      Owned outer = any(random);
      Owned inner = any(random);
      Geometry on = drawn(inner);
      Geometry side = AffineTransformation.rotationInstance(Math.PI / 2).transform(on);
      Geometry room = room(outer);
      boolean surely = room.buffer(-COARSE).covers(on) || room.buffer(-COARSE).covers(side);
      boolean perhaps = room.buffer(COARSE).covers(on) || room.buffer(COARSE).covers(side);
      assertTrue(!surely || outer.holds(inner), outer + " " + inner);
      assertTrue(perhaps || !outer.holds(inner), outer + " " + inner);
      holding += outer.holds(inner) ? 1 : 0;
    }
    assertTrue(holding > 400 && holding < 3_600, "holding " + holding);
  }

  private static Owned any(Random random) {
    // A figure of its own is no shape of the chart.
    Shape shape = Shape.values()[random.nextInt(Shape.OUTLINE.ordinal())];
    double across = 5 + random.nextInt(900) / 10.0;
    double down = shape == Shape.CIRCLE ? across : 5 + random.nextInt(900) / 10.0;
    return owned("x", shape, across, shape == Shape.RING ? across * 0.7 : down);
  }

  /** What is to be cut at the least holds it, and a mark less does not. */
  @Test
  void least_isJustLargeEnough() {
    Random random = new Random(5);
    for (Marks marks : List.of(Marks.MILLIMETRES, Marks.EIGHTHS)) {
      for (int i = 0; i < 200; i++) {
        Owned printed =
            owned("x", Shape.RECTANGLE, 10 + random.nextInt(90), 5 + random.nextInt(60));
        Chart.Fits fits = Chart.NONE.fits(printed.across(), printed.down(), marks);
        for (Owned least : fits.least()) {
          assertTrue(drawn(least).buffer(COARSE).covers(drawn(printed)), least.toString());
          assertTrue(marks.holds(least.across()) && marks.holds(least.down()));
          Length narrower = least.across().minus(marks.step());
          Length lower = least.down().minus(marks.step());
          Owned less = new Owned("x", least.shape(), narrower, lower);
          assertFalse(less.holds(printed), less + " " + printed);
        }
      }
    }
  }

  @Test
  void fits_namesTheSmallestFirst_andAMatThatShows() {
    Chart chart =
        new Chart(
            List.of(
                owned("large", Shape.RECTANGLE, 90, 60),
                owned("label", Shape.RECTANGLE, 70, 30),
                // A border of less than a sixteenth of an inch shows on neither side.
                owned("hair", Shape.RECTANGLE, 71, 31),
                owned("punch", Shape.CIRCLE, 40, 40)));
    Chart.Fits fits =
        chart.fits(Length.ofMillimetres(62), Length.ofMillimetres(18), Marks.MILLIMETRES);
    assertEquals(
        List.of("label", "hair", "large"), fits.holding().stream().map(Owned::label).toList());
    assertEquals("large", fits.mats().get(0).orElseThrow().label());
    assertEquals(Optional.empty(), fits.mats().get(2));
    assertEquals(
        List.of("hair", "label", "punch"),
        chart.inside(chart.all().get(0)).stream().map(Owned::label).toList());
  }

  @Test
  void names_areThereOnce_howeverTheyAreWritten() {
    Chart chart = Chart.NONE.with(owned("Punch", Shape.CIRCLE, 40, 40));
    assertEquals(1, chart.with(owned("punch", Shape.CIRCLE, 50, 50)).all().size());
    assertEquals(Chart.NONE, chart.without("PUNCH"));
    assertThrows(IllegalArgumentException.class, () -> owned(" ", Shape.CIRCLE, 4, 4));
    assertThrows(IllegalArgumentException.class, () -> owned("x", Shape.CIRCLE, 0, 4));
  }
}

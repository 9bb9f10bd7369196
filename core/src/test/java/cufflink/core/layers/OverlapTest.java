package cufflink.core.layers;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Clipping beside the general overlay of JTS. */
class OverlapTest {
  private static final double SMALLEST = 1e-3;

  /** A convex shape: places on a circle in order, either way round. */
  private static List<Spot> convex(Random random) {
    int count = 3 + random.nextInt(4);
    double[] angles = random.doubles(count, 0, 2 * Math.PI).sorted().toArray();
    double x = random.nextDouble() * 60;
    double y = random.nextDouble() * 60;
    List<Spot> corners = new ArrayList<>();
    for (double angle : angles) {
      Spot corner = new Spot(x + 30 * Math.cos(angle), y + 25 * Math.sin(angle));
      corners.add(corner);
    }
    if (random.nextBoolean()) {
      Collections.reverse(corners);
    }
    return corners;
  }

  @Test
  void of_convexShapes_agreesWithTheGeneralOverlay() {
    Random random = new Random(4);
    GeometryFactory geometry = new GeometryFactory();
    int overlapping = 0;
    for (int i = 0; i < 500; i++) {
      Overlap.Outline one = Overlap.Outline.of(convex(random));
      Overlap.Outline other = Overlap.Outline.of(convex(random));
      assertTrue(one.convex() && other.convex());
      Geometry common = Facet.polygon(one.corners()).intersection(Facet.polygon(other.corners()));
      Optional<Spot> place = Overlap.of(one, other, SMALLEST);
      assertEquals(common.getArea() >= SMALLEST, place.isPresent(), "pair " + i);
      if (place.isPresent()) {
        overlapping++;
        Coordinate at = new Coordinate(place.get().x(), place.get().y());
        assertTrue(common.isWithinDistance(geometry.createPoint(at), 1e-9), "pair " + i);
      }
    }
    assertTrue(overlapping > 100 && overlapping < 400, overlapping + " overlap");
  }

  /** A shape with a notch is not convex; in its notch nothing overlaps. */
  @Test
  void of_aNotch_isNotCovered() {
    Overlap.Outline notched =
        Overlap.Outline.of(
            List.of(
                new Spot(0, 0),
                new Spot(30, 0),
                new Spot(30, 30),
                new Spot(15, 5),
                new Spot(0, 30)));
    assertFalse(notched.convex());
    Overlap.Outline inNotch = square(13, 20, 4);
    assertEquals(Optional.empty(), Overlap.of(notched, inNotch, SMALLEST));
    assertTrue(Overlap.of(notched, square(0, 0, 4), SMALLEST).isPresent());
  }

  @Test
  void of_shapesThatTouch_isNone() {
    assertEquals(Optional.empty(), Overlap.of(square(0, 0, 10), square(10, 0, 10), SMALLEST));
    assertEquals(Optional.empty(), Overlap.of(square(0, 0, 10), square(30, 0, 10), SMALLEST));
  }

  private static Overlap.Outline square(double x, double y, double side) {
    return Overlap.Outline.of(
        List.of(
            new Spot(x, y),
            new Spot(x + side, y),
            new Spot(x + side, y + side),
            new Spot(x, y + side)));
  }
}

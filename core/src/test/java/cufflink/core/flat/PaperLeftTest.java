package cufflink.core.flat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PaperLeftTest {
  private static Length mm(long length) {
    return Length.ofMillimetres(length);
  }

  private static Opening circle(String id, long x, long y, long radius) {
    Opening.Round round = new Opening.Round(new Point(mm(x), mm(y)), mm(radius));
    return Opening.round(id, id, Opening.Kind.NOTCH, round);
  }

  private static Opening window(String id, long x, long y, long width, long height) {
    Area area = new Area(new Point(mm(x), mm(y)), mm(width), mm(height));
    return new Opening(id, id, Opening.Kind.WINDOW, area.corners(), Optional.empty());
  }

  private static Piece piece(Opening... openings) {
    return new Piece(
        "piece",
        "piece",
        PaperKind.CARDSTOCK,
        1,
        mm(100),
        mm(60),
        Piece.rectangle(mm(100), mm(60)),
        List.of(),
        List.of(),
        List.of(),
        List.of(openings));
  }

  /** Twice the area by the formula of Gauss. */
  private static double area(List<Point> ring) {
    double twice = 0;
    for (int i = 0; i < ring.size(); i++) {
      Point a = ring.get(i);
      Point b = ring.get((i + 1) % ring.size());
      twice += a.x().toMillimetres() * b.y().toMillimetres();
      twice -= b.x().toMillimetres() * a.y().toMillimetres();
    }
    return Math.abs(twice) / 2;
  }

  @Test
  void of_aNotch_isHalfACircleOfTheEdge() {
    PaperLeft left = PaperLeft.of(piece(circle("notch", 50, 0, 12)));
    assertEquals(List.of(), left.holes());
    assertEquals(1, left.outlines().size());
    assertEquals(6000 - Math.PI * 144 / 2, area(left.outlines().get(0)), 0.4);
    assertTrue(left.outlines().get(0).contains(new Point(mm(100), mm(60))));
  }

  @Test
  void of_aWindow_isAHole_andOneFromEdgeToEdgeLeavesTwoPieces() {
    PaperLeft left = PaperLeft.of(piece(window("window", 20, 10, 30, 30)));
    assertEquals(List.of("window"), left.holes().stream().map(Opening::id).toList());
    assertEquals(6000, area(left.outlines().get(0)), 1e-9);
    assertEquals(2, PaperLeft.of(piece(window("slot", 40, 0, 10, 60))).outlines().size());
    assertEquals(0, PaperLeft.of(piece(window("all", 0, 0, 100, 60))).outlines().size());
  }

  /** Beside the even-odd rule of another library, place by place. */
  @Test
  void of_anyOpenings_holdsWhatNoOpeningTakes() {
    Random random = new Random(3);
    for (int trial = 0; trial < 40; trial++) {
      Opening[] openings = {
        circle("notch", random.nextInt(100), 0, 3 + random.nextInt(15)),
        window("window", random.nextInt(80), random.nextInt(40), 15, 12),
        circle("hole", 10 + random.nextInt(80), 10 + random.nextInt(40), 4)
      };
      PaperLeft left = PaperLeft.of(piece(openings));
      for (int i = 0; i < 200; i++) {
        double x = random.nextDouble() * 100;
        double y = random.nextDouble() * 60;
        boolean taken = List.of(openings).stream().anyMatch(each -> holds(each.outline(), x, y));
        boolean there =
            left.outlines().stream().anyMatch(ring -> holds(ring, x, y))
                && left.holes().stream().noneMatch(hole -> holds(hole.outline(), x, y));
        assertEquals(!taken, there, "at " + x + ", " + y);
      }
    }
  }

  private static boolean holds(List<Point> ring, double x, double y) {
    Path2D path = new Path2D.Double();
    path.moveTo(ring.get(0).x().toMillimetres(), ring.get(0).y().toMillimetres());
    ring.forEach(each -> path.lineTo(each.x().toMillimetres(), each.y().toMillimetres()));
    path.closePath();
    return path.contains(x, y);
  }
}

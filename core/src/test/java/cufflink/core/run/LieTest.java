package cufflink.core.run;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.plane.Point;
import cufflink.core.plane.Side;
import cufflink.core.run.Turning.Act;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How a piece lies, held against the transforms of the Java library. */
class LieTest {
  private static final double NEAR = 1e-9;
  private static final int WIDE = 100;
  private static final int HIGH = 60;
  private static final Piece PIECE = Strips.piece(WIDE, HIGH, List.of(), List.of());

  /** Turns a rectangle about its middle, or over, and moves it back to the corner. */
  private static AffineTransform after(AffineTransform before, Act act, double wide, double deep) {
    AffineTransform now = new AffineTransform();
    switch (act) {
      case CLOCKWISE -> {
        now.translate(deep, 0);
        now.quadrantRotate(1);
      }
      case ANTICLOCKWISE -> {
        now.translate(0, wide);
        now.quadrantRotate(-1);
      }
      default -> {
        now.translate(wide, 0);
        now.scale(-1, 1);
      }
    }
    now.concatenate(before);
    return now;
  }

  private static void walk(Lie lie, AffineTransform transform, int left) {
    Point2D place = transform.transform(new Point2D.Double(13, 47), null);
    Point said = lie.apply(PIECE, Strips.point(13, 47));
    assertEquals(place.getX(), said.x().toMillimetres(), NEAR, lie.toString());
    assertEquals(place.getY(), said.y().toMillimetres(), NEAR, lie.toString());
    if (left > 0) {
      double wide = lie.along(PIECE).toMillimetres();
      double deep = lie.deep(PIECE).toMillimetres();
      walk(lie.clockwise(), after(transform, Act.CLOCKWISE, wide, deep), left - 1);
      walk(lie.anticlockwise(), after(transform, Act.ANTICLOCKWISE, wide, deep), left - 1);
      walk(lie.over(), after(transform, Act.OVER, wide, deep), left - 1);
    }
  }

  @Test
  void apply_afterAnyFiveMovements_isWhereTheyTakeIt() {
    walk(Lie.DESCRIBED, new AffineTransform(), 5);
  }

  @Test
  void between_anyTwoLies_getsThereInThreeMovementsAtMost() {
    for (Face face : Face.values()) {
      for (Side top : List.of(Side.TOP, Side.RIGHT, Side.BOTTOM, Side.LEFT)) {
        Lie to = new Lie(face, top);
        List<Turning> turnings = Turning.between(Lie.DESCRIBED, to);
        assertTrue(turnings.size() <= 3, turnings.toString());
        Lie last = turnings.isEmpty() ? Lie.DESCRIBED : turnings.get(turnings.size() - 1).then();
        assertEquals(to, last);
      }
    }
  }

  @Test
  void noEdgeOnTop_isOurMistake() {
    assertThrows(IllegalArgumentException.class, () -> new Lie(Face.INSIDE, Side.NONE));
  }
}

package cufflink.core.design;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PocketRoomTest {
  private static final int WIDE = 60;
  private static final int TALL = 40;

  private static Length mm(long length) {
    return Length.ofMillimetres(length);
  }

  private static Area area(int x, int y, int width, int height) {
    return new Area(new Point(mm(x), mm(y)), mm(width), mm(height));
  }

  private static Piece host() {
    Length width = mm(100);
    Length height = mm(90);
    return new Piece(
        "host",
        "host",
        PaperKind.CARDSTOCK,
        1,
        width,
        height,
        Piece.rectangle(width, height),
        List.of(),
        List.of());
  }

  private static Pocket pocket(Side mouth, List<Area> glue) {
    Joint joint =
        new Joint(
            "pocket",
            "front",
            "front",
            "host",
            Face.INSIDE,
            area(20, 30, WIDE, TALL),
            Layer.Shape.WHOLE,
            glue,
            mouth);
    return Pocket.of(joint, "pocket", host());
  }

  @Test
  void of_glueRoundThreeSides_isWhatIsBetween() {
    List<Area> glue = List.of(area(20, 40, 5, 30), area(75, 40, 5, 30), area(20, 64, WIDE, 6));
    Pocket pocket = pocket(Side.TOP, glue);
    assertEquals(mm(50), pocket.width());
    assertEquals(mm(34), pocket.depth());
    assertEquals(mm(64), pocket.room());
    assertEquals("pocket", pocket.label());
  }

  @Test
  void of_eachMouth_isMeasuredFromThatEdgeOfTheHost() {
    assertEquals(mm(70), pocket(Side.TOP, List.of()).room());
    assertEquals(mm(60), pocket(Side.BOTTOM, List.of()).room());
    assertEquals(mm(80), pocket(Side.LEFT, List.of()).room());
    assertEquals(mm(80), pocket(Side.RIGHT, List.of()).room());
    assertEquals(mm(TALL), pocket(Side.LEFT, List.of()).width());
  }

  @Test
  void of_glueAllOver_leavesNothing() {
    Pocket pocket = pocket(Side.TOP, List.of(area(20, 30, WIDE, TALL)));
    assertEquals(0, pocket.width().times(1).units() * pocket.depth().units());
  }

  /** Beside brute force over every rectangle on the millimetre grid that touches the mouth. */
  @Test
  void of_anyGlue_isTheLargestRectangleAtTheMouth() {
    Random random = new Random(17);
    for (int trial = 0; trial < 60; trial++) {
      List<Area> glue = new ArrayList<>();
      for (int i = 0; i < 3; i++) {
        int x = 20 + random.nextInt(WIDE - 8);
        int y = 30 + random.nextInt(TALL - 8);
        glue.add(area(x, y, 2 + random.nextInt(7), 2 + random.nextInt(7)));
      }
      Pocket pocket = pocket(Side.BOTTOM, glue);
      double found = pocket.width().toMillimetres() * pocket.depth().toMillimetres();
      int most = 0;
      for (int from = 20; from < 20 + WIDE; from++) {
        for (int to = from + 1; to <= 20 + WIDE; to++) {
          for (int depth = 1; depth <= TALL; depth++) {
            Area tried = area(from, 30 + TALL - depth, to - from, depth);
            if (glue.stream().noneMatch(tried::overlaps)) {
              most = Math.max(most, (to - from) * depth);
            }
          }
        }
      }
      assertEquals(most, found, 1e-9);
      assertTrue(pocket.room().compareTo(pocket.depth()) >= 0);
    }
  }
}

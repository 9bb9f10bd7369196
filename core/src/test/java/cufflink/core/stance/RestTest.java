package cufflink.core.stance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Bodies whose tipping is known from elementary statics; formulas as in any handbook. */
class RestTest {
  private static final double NEAR = 0.01;

  private static List<Vec> brick(double wide, double deep, double high) {
    List<Vec> corners = new ArrayList<>();
    for (double x : new double[] {0, wide}) {
      for (double y : new double[] {0, deep}) {
        for (double z : new double[] {0, high}) {
          corners.add(new Vec(x, y, z));
        }
      }
    }
    return corners;
  }

  /** A brick falls over its shorter side: the tangent is that side over its height. */
  @Test
  void brick_canBePutDownInSixWays_andFallsOverItsShorterSide() {
    List<Rest> rests = Rest.of(brick(30, 40, 90), new Vec(15, 20, 45));
    assertEquals(6, rests.size());
    for (Rest rest : rests) {
      boolean upright = Math.abs(rest.up().z()) > 0.9;
      boolean onEdge = Math.abs(rest.up().y()) > 0.9;
      double foot = upright ? 30 : onEdge ? 30 : 40;
      double high = upright ? 90 : onEdge ? 40 : 30;
      assertEquals(Math.toDegrees(Math.atan2(foot, high)), rest.tilt(), NEAR, rest.toString());
    }
  }

  @Test
  void centreBesideTheFoot_fallsByItself() {
    Rest upright =
        Rest.of(brick(30, 40, 90), new Vec(40, 20, 45)).stream()
            .filter(each -> each.up().z() > 0.9)
            .findFirst()
            .orElseThrow();
    // Ten millimetres beside the edge, 45 high.
    assertEquals(-Math.toDegrees(Math.atan2(10, 45)), upright.tilt(), NEAR);
  }

  /** A tetrahedron rests on each of its four sides, and no plane goes through it. */
  @Test
  void tetrahedron_hasFourWays() {
    List<Vec> corners =
        List.of(new Vec(1, 1, 1), new Vec(1, -1, -1), new Vec(-1, 1, -1), new Vec(-1, -1, 1));
    List<Vec> large = corners.stream().map(each -> each.times(40)).toList();
    List<Rest> rests = Rest.of(large, Vec.ZERO);
    assertEquals(4, rests.size());
    // The centre lies a third of the way up that the foot's edges lie off it, times the root of 2.
    for (Rest rest : rests) {
      assertEquals(Math.toDegrees(Math.atan(Math.sqrt(2))), rest.tilt(), NEAR);
      for (Vec corner : large) {
        assertTrue(corner.dot(rest.up()) > -40 / Math.sqrt(3) - NEAR);
      }
    }
  }

  /** A sheet on its edge has no foot to stand on. */
  @Test
  void flatSheet_liesOnly() {
    List<Vec> sheet = brick(60, 0, 90);
    List<Rest> rests = Rest.of(sheet, new Vec(30, 0, 45));
    assertEquals(2, rests.size());
    assertTrue(rests.stream().allMatch(each -> Math.abs(each.up().y()) > 0.9));
  }
}

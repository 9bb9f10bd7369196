package cufflink.core.linkage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.assembly.Link;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerance;
import cufflink.core.measure.Tolerances;
import cufflink.core.space.Motion;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CourseTest {
  private static final double RIGHT = Math.PI / 2;

  private static Linkage vertex(double... directions) {
    int count = directions.length;
    List<Link> links = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double after = i + 1 < count ? directions[i + 1] : directions[0] + 2 * Math.PI;
      double middle = (directions[i] + after) / 2;
      Spot end = new Spot(50 * Math.cos(directions[i]), 50 * Math.sin(directions[i]));
      Spot inside = new Spot(9 * Math.cos(middle), 9 * Math.sin(middle));
      links.add(
          Link.turning(
              (i + count - 1) % count,
              i,
              i,
              new Link.Axle(new Spot(0, 0), end, inside),
              Motion.REST));
    }
    return Linkage.of(count, count, 0, links, Tolerances.USUAL);
  }

  private static Course course(Linkage linkage, double... ends) {
    boolean[] led = new boolean[ends.length];
    Arrays.fill(led, true);
    return new Course(
        linkage,
        new double[ends.length],
        ends,
        led,
        new boolean[ends.length],
        new int[ends.length],
        () -> false);
  }

  /** Sectors 45 45 90 45 45 90 with valleys on the diagonals, mountains between: it squashes. */
  private static Linkage squash() {
    return vertex(0, RIGHT / 2, RIGHT, 2 * RIGHT, 2.5 * RIGHT, 3 * RIGHT);
  }

  @Test
  void squash_walksAllTheWay_eachPoseClosed() {
    double pi = Math.PI;
    Course course = course(squash(), pi, -pi, pi, pi, -pi, pi);
    assertSame(Course.Stuck.NOT, course.stuck());
    Closure closure = new Closure(squash(), new boolean[6], Tolerance.PAPER);
    for (double share = 0.03; share < 1; share += 0.07) {
      Closure.Solution pose = closure.measured(course.at(share));
      assertTrue(pose.closes(), share + ": " + pose.turn() + " " + pose.shift());
    }
    assertEquals(pi, course.end()[0], 1e-9);
  }

  /** From the flat state the assignment picks the way: with all signs turned it is the mirror. */
  @Test
  void squash_turnedInsideOut_isTheMirrorImage() {
    double pi = Math.PI;
    double[] one = course(squash(), pi, -pi, pi, pi, -pi, pi).at(0.4);
    double[] other = course(squash(), -pi, pi, -pi, -pi, pi, -pi).at(0.4);
    for (int i = 0; i < one.length; i++) {
      assertEquals(one[i], -other[i], 1e-4);
    }
  }

  /** Two crossing folds of a map cannot be closed at once, only one after the other. */
  @Test
  void cross_isStuck() {
    double pi = Math.PI;
    Linkage cross = vertex(0, RIGHT, 2 * RIGHT, 3 * RIGHT);
    Course.Stuck stuck = course(cross, pi, pi, pi, -pi).stuck();
    assertTrue(stuck.share() < 1);
    Course oneLine = course(cross, pi, 0, pi, 0);
    assertSame(Course.Stuck.NOT, oneLine.stuck());
  }

  @Test
  void threeCreases_doNotMoveAtAll() {
    Course.Stuck stuck = course(vertex(0, 2, 4), 1, 1, 1).stuck();
    assertTrue(stuck.share() < 1);
    assertEquals(0, stuck.loop());
  }

  /** Of six creases three follow when three are led; of four creases three follow one. */
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3})
  void loose_isWhatIsLeftUndecided(int ledCount) {
    double pi = Math.PI;
    double[] ends = {pi / 3, -pi / 4, pi / 3, pi / 3, -pi / 4, pi / 3};
    boolean[] led = new boolean[6];
    for (int i = 0; i < ledCount; i++) {
      led[i] = true;
    }
    Course course =
        new Course(
            squash(),
            new double[6],
            ends,
            led,
            new boolean[6],
            new int[] {1, -1, 1, 1, -1, 1},
            () -> false);
    assertEquals(3 - ledCount, course.loose(led));
  }
}

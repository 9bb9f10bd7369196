package cufflink.core.space;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.assembly.Link;
import cufflink.core.flat.Spot;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Motions against the rotations of another library. */
class MotionTest {
  private static final double NEAR = 1e-10;
  private final Random random = new Random(14);

  private Vector3D axis() {
    return new Vector3D(random.nextGaussian(), random.nextGaussian(), random.nextGaussian())
        .normalize();
  }

  private static Vec vec(Vector3D vector) {
    return new Vec(vector.getX(), vector.getY(), vector.getZ());
  }

  private static Motion motion(Rotation rotation, Vec origin) {
    return new Motion(
        vec(rotation.applyTo(Vector3D.PLUS_I)),
        vec(rotation.applyTo(Vector3D.PLUS_J)),
        vec(rotation.applyTo(Vector3D.PLUS_K)),
        origin);
  }

  private Motion random() {
    Rotation rotation =
        new Rotation(axis(), random.nextDouble() * 3, RotationConvention.VECTOR_OPERATOR);
    return motion(
        rotation, new Vec(random.nextDouble() * 90, random.nextDouble() * 90, random.nextDouble()));
  }

  private static void assertNear(Vec expected, Vec actual) {
    assertEquals(0, expected.minus(actual).length(), NEAR);
  }

  @Test
  void inverse_undoes() {
    for (int i = 0; i < 50; i++) {
      Motion motion = random();
      Vec place = new Vec(random.nextDouble() * 50, random.nextDouble() * 50, 3);
      assertNear(place, motion.inverse().apply(motion.apply(place)));
      assertNear(place, motion.apply(motion.inverse().apply(place)));
      assertNear(motion.back(place), motion.inverse().apply(place));
    }
  }

  @Test
  void after_isTheProduct() {
    for (int i = 0; i < 50; i++) {
      Motion first = random();
      Motion second = random();
      Vec place = new Vec(12, -7, 4);
      assertNear(second.apply(first.apply(place)), second.after(first).apply(place));
    }
  }

  @Test
  void turnFrom_isAxisTimesAngle() {
    for (int i = 0; i < 200; i++) {
      Motion before = random();
      Vector3D axis = axis();
      double angle = random.nextDouble() * Math.PI * 0.999;
      Rotation turn = new Rotation(axis, angle, RotationConvention.VECTOR_OPERATOR);
      Motion after = motion(turn, new Vec(0, 0, 0)).after(before);
      Vec found = after.turnFrom(before);
      assertEquals(angle, found.length(), 1e-7);
      assertEquals(0, found.minus(vec(axis).times(angle)).length(), 1e-6);
    }
  }

  @Test
  void turnFrom_nothingAndHalfATurn() {
    Motion before = random();
    assertEquals(0, before.turnFrom(before).length(), NEAR);
    Vector3D axis = axis();
    Rotation half = new Rotation(axis, Math.PI, RotationConvention.VECTOR_OPERATOR);
    Motion after = motion(half, new Vec(0, 0, 0)).after(before);
    Vec found = after.turnFrom(before);
    assertEquals(Math.PI, found.length(), 1e-6);
    assertEquals(Math.PI, Math.abs(found.dot(vec(axis))), 1e-6);
  }

  /** A fold turns about its crease by the right-hand rule, on whichever side the facet lies. */
  @Test
  void fold_isARotationAboutTheCrease() {
    for (int i = 0; i < 50; i++) {
      Spot from = new Spot(random.nextDouble() * 50, random.nextDouble() * 50);
      Spot to = new Spot(random.nextDouble() * 50 + 60, random.nextDouble() * 50);
      Spot inside = new Spot(random.nextDouble() * 50, 200 * (i % 2) - 60);
      double angle = random.nextDouble() * 6 - 3;
      Motion fold = Motion.fold(from, to, inside, angle);
      Link link = Link.turning(0, 1, 0, new Link.Axle(from, to, inside), Motion.REST);
      Vec axis = link.axis();
      Rotation turn =
          new Rotation(
              new Vector3D(axis.x(), axis.y(), axis.z()),
              angle,
              RotationConvention.VECTOR_OPERATOR);
      Vector3D arm = new Vector3D(inside.x() - from.x(), inside.y() - from.y(), 0);
      Vec expected = vec(turn.applyTo(arm)).plus(new Vec(from.x(), from.y(), 0));
      assertNear(expected, fold.apply(inside));
    }
  }
}

package cufflink.core.space;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Looking at a card that lies or stands, against the rotations of another library. */
class ViewpointTest {
  private static final double NEAR = 1e-10;

  private static Vector3D vector(Vec vec) {
    return new Vector3D(vec.x(), vec.y(), vec.z());
  }

  /** Set up about the x axis, turned about the z axis, then the eye goes down about the x axis. */
  private static Vector3D seen(Vec place, Viewpoint from) {
    RotationConvention turning = RotationConvention.VECTOR_OPERATOR;
    Rotation pitch = new Rotation(Vector3D.PLUS_I, -Math.toRadians(from.pitch()), turning);
    Rotation turn = new Rotation(Vector3D.PLUS_K, Math.toRadians(from.turn()), turning);
    Rotation tilt = new Rotation(Vector3D.PLUS_I, Math.toRadians(from.tilt()), turning);
    return tilt.applyTo(turn.applyTo(pitch.applyTo(vector(place))));
  }

  @Test
  void apply_isThreeRotations_andComesBack() {
    Random random = new Random(3);
    for (int i = 0; i < 200; i++) {
      Viewpoint from =
          new Viewpoint(
              random.nextDouble() * 360, random.nextDouble() * 180, random.nextDouble() * 240);
      Vec place = new Vec(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
      Vec seen = from.apply(place);
      assertEquals(0, vector(seen).distance(seen(place, from)), NEAR);
      assertEquals(0, vector(from.back(seen)).distance(vector(place)), NEAR);
    }
  }

  /** What lay at the foot is on the table, what lay at the top is high, its face to the eye. */
  @Test
  void stood_upright_facesWhoeverLooks() {
    Viewpoint upright = new Viewpoint(0, 60, 90);
    assertEquals(-5, upright.stood(new Vec(0, 5, 0)).z(), NEAR);
    assertEquals(1, upright.stood(new Vec(0, 0, 1)).y(), NEAR);
  }

  /** However something is turned, looked at straight its sides run as they are asked to. */
  @Test
  void facing_bringsItsDirectionsToTheEye() {
    Random random = new Random(14);
    for (int i = 0; i < 200; i++) {
      // Quarter turns are among them, where two of the three angles run into one.
      double step = i < 60 ? Math.PI / 2 : 0.001;
      Rotation lies = Rotation.IDENTITY;
      for (Vector3D axis : new Vector3D[] {Vector3D.PLUS_I, Vector3D.PLUS_K, Vector3D.PLUS_I}) {
        double angle = step * random.nextInt(6283);
        lies = new Rotation(axis, angle, RotationConvention.VECTOR_OPERATOR).applyTo(lies);
      }
      Vec right = vec(lies.applyTo(Vector3D.PLUS_I));
      Vec down = vec(lies.applyTo(Vector3D.PLUS_J));
      Vec up = vec(lies.applyTo(Vector3D.PLUS_K));
      Viewpoint from = Viewpoint.facing(right, down, up);
      assertNear(new Vec(1, 0, 0), from.apply(right));
      assertNear(new Vec(0, 1, 0), from.apply(down));
      assertNear(new Vec(0, 0, 1), from.apply(up));
    }
  }

  private static Vec vec(Vector3D vector) {
    return new Vec(vector.getX(), vector.getY(), vector.getZ());
  }

  private static void assertNear(Vec wanted, Vec is) {
    assertEquals(0, wanted.minus(is).length(), 1e-6, wanted + " and " + is);
  }
}

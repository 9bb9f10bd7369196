package cufflink.core.drawing;

import cufflink.core.assembly.Pose;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.layers.Areas;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** The soft shadow of a card on the table. */
final class CastShadow {
  /** How far a place throws its shadow to the right and down, for each millimetre of height. */
  private static final Vec FALL = new Vec(0.22, 0.3, 0);

  /** What is higher throws no longer shadow, in millimetres: the light is wide. */
  private static final double HIGHEST = 28;

  /** How far the soft edge of the shadow reaches, in millimetres. */
  private static final double[] SOFT = {0.6, 2, 3.6};

  private CastShadow() {}

  /** Returns where it falls, without its soft edge, so that a picture leaves room for it. */
  static List<Vec> places(Pose pose, Viewpoint viewpoint) {
    Viewpoint lying = new Viewpoint(0, 0, -viewpoint.pitch());
    double ground = ground(pose, viewpoint);
    return corners(pose, viewpoint, ground).stream()
        .flatMap(List::stream)
        .map(corner -> lying.stood(new Vec(corner.x(), corner.y(), ground)))
        .toList();
  }

  private static double ground(Pose pose, Viewpoint viewpoint) {
    double ground = Double.MAX_VALUE;
    for (int i = 0; i < pose.motions().size(); i++) {
      for (Vec corner : pose.corners(i)) {
        ground = Math.min(ground, viewpoint.stood(corner).z());
      }
    }
    return ground;
  }

  /** Draws it under a card in a pose. */
  static void draw(Pen pen, Pose pose, Viewpoint viewpoint) {
    double ground = ground(pose, viewpoint);
    List<Polygon> shades = new ArrayList<>();
    corners(pose, viewpoint, ground).forEach(shade -> shades.add(Facet.polygon(shade)));
    shades.removeIf(shade -> !shade.isValid());
    Geometry all = Areas.union(shades);
    for (double soft : SOFT) {
      Geometry wider = all.buffer(soft);
      for (int i = 0; i < wider.getNumGeometries(); i++) {
        if (wider.getGeometryN(i) instanceof Polygon part) {
          List<Spot> edge = new ArrayList<>();
          for (Coordinate corner : part.getExteriorRing().getCoordinates()) {
            Vec seen = viewpoint.seen(new Vec(corner.x, corner.y, ground));
            edge.add(pen.place(new Spot(seen.x(), seen.y())));
          }
          pen.shape(edge, Fill.SHADOW, 1, Ref.NONE);
        }
      }
    }
  }

  /** Falls to the right and down as the eye sees it, whichever way the card is turned. */
  private static List<List<Spot>> corners(Pose pose, Viewpoint viewpoint, double ground) {
    Vec fall = new Viewpoint(viewpoint.turn(), viewpoint.tilt()).back(FALL);
    List<List<Spot>> shades = new ArrayList<>();
    for (int i = 0; i < pose.motions().size(); i++) {
      List<Spot> shade = new ArrayList<>();
      for (Vec place : pose.corners(i)) {
        Vec corner = viewpoint.stood(place);
        double high = Math.min(HIGHEST, corner.z() - ground + 1);
        shade.add(new Spot(corner.x() + fall.x() * high, corner.y() + fall.y() * high));
      }
      shades.add(shade);
    }
    return shades;
  }
}

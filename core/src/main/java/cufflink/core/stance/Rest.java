package cufflink.core.stance;

import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * A way in which a body can be put down: on a plane that it touches in at least three places and
 * that it does not reach through.
 *
 * @param up which way is up then, of length 1, in the frame of the body
 * @param tilt how far the table may be tilted, whichever way, before the body falls over: the angle
 *     whose tangent is the least way from the foot of the centre of gravity to the edge of what it
 *     stands on, over the height of that centre; degrees, below nought if it falls by itself.
 *     Source: elementary statics, as in any handbook of mechanics, from memory
 */
public record Rest(Vec up, double tilt) {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /** Paper gives so far, in millimetres: what is as near stands as well. */
  private static final double GIVES = 0.2;

  /** An axis that is no nearer than this to another, as a cosine, crosses it well. */
  private static final double STEEP = 0.9;

  /** Places nearer than this are one, in millimetres. */
  private static final double SAME = 0.02;

  /** Three places of which none is farther than this from a line, in millimetres, make no plane. */
  private static final double IN_LINE = 0.5;

  /**
   * Finds all ways in which a body can be put down. Every plane through three of its corners is
   * tried.
   *
   * @param corners the corners of the body
   * @param centre its centre of gravity
   * @return each way once
   */
  static List<Rest> of(List<Vec> corners, Vec centre) {
    List<Vec> places = distinct(corners);
    List<Rest> rests = new ArrayList<>();
    for (int i = 0; i < places.size(); i++) {
      for (int j = i + 1; j < places.size(); j++) {
        for (int k = j + 1; k < places.size(); k++) {
          Vec one = places.get(j).minus(places.get(i));
          Vec other = places.get(k).minus(places.get(i));
          Vec square = one.cross(other);
          double longest =
              Math.max(one.length(), Math.max(other.length(), one.minus(other).length()));
          if (square.length() / longest > IN_LINE) {
            Vec normal = square.times(1 / square.length());
            put(rests, places, places.get(i), normal, centre);
            put(rests, places, places.get(i), normal.times(-1), centre);
          }
        }
      }
    }
    return rests;
  }

  private static List<Vec> distinct(List<Vec> corners) {
    List<Vec> places = new ArrayList<>();
    for (Vec corner : corners) {
      if (places.stream().noneMatch(each -> each.minus(corner).length() < SAME)) {
        places.add(corner);
      }
    }
    return places;
  }

  private static void put(List<Rest> rests, List<Vec> places, Vec on, Vec up, Vec centre) {
    // Most planes of a card that stands in many folds are one: known ones are the quickest told.
    if (rests.stream().anyMatch(each -> each.up().minus(up).length() < SAME)) {
      return;
    }
    for (Vec place : places) {
      if (place.minus(on).dot(up) < -GIVES) {
        return;
      }
    }
    rests.add(new Rest(up, tilt(places, on, up, centre)));
  }

  private static double tilt(List<Vec> places, Vec on, Vec up, Vec centre) {
    Vec across = Math.abs(up.x()) < STEEP ? new Vec(1, 0, 0) : new Vec(0, 1, 0);
    Vec right = across.minus(up.times(across.dot(up)));
    right = right.times(1 / right.length());
    Vec ahead = up.cross(right);
    List<Coordinate> feet = new ArrayList<>();
    for (Vec place : places) {
      Vec from = place.minus(on);
      if (from.dot(up) <= GIVES) {
        feet.add(new Coordinate(from.dot(right), from.dot(ahead)));
      }
    }
    Geometry ground = new ConvexHull(feet.toArray(Coordinate[]::new), GEOMETRY).getConvexHull();
    Vec from = centre.minus(on);
    var foot = GEOMETRY.createPoint(new Coordinate(from.dot(right), from.dot(ahead)));
    double way = ground instanceof Polygon polygon ? polygon.getExteriorRing().distance(foot) : 0;
    double tilt = Math.toDegrees(Math.atan2(way, Math.max(from.dot(up), SAME)));
    return ground.covers(foot) ? tilt : -tilt;
  }
}

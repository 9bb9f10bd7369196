package cufflink.core.drawing;

import cufflink.core.flat.Arrangement;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.layers.Areas;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/**
 * Slanting lines over a part of the paper: close together for glue, wide apart for what stays dry.
 */
final class Hatch {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /** How far apart its lines are, in letters. */
  private static final double CLOSE = 0.55;

  private static final double WIDE = 1.2;

  private Hatch() {}

  private static void glue(Pen pen, List<Spot> corners, double letters, Ref ref) {
    lines(pen, corners, CLOSE * letters, 1, Ink.GLUE, ref);
  }

  /** Hatches where glue goes, as far as there is paper; all corners are on the surface. */
  static void glue(Pen pen, List<Spot> corners, List<Spot> part, double letters, Ref ref) {
    Geometry both = Areas.common(shown(corners, letters), Facet.polygon(part));
    for (int i = 0; i < both.getNumGeometries(); i++) {
      if (both.getGeometryN(i) instanceof Polygon polygon) {
        glue(pen, Arrangement.corners(polygon), letters, ref);
      }
    }
  }

  /** A dot is shown as large as a letter, or nobody would see it. */
  private static Geometry shown(List<Spot> corners, double letters) {
    Polygon area = Facet.polygon(corners);
    Envelope box = area.getEnvelopeInternal();
    double missing = letters - Math.max(box.getWidth(), box.getHeight());
    return missing > 0 ? area.buffer(missing / 2) : area;
  }

  /** Hatches what must stay dry. */
  static void dry(Pen pen, List<Spot> corners, double letters, Ref ref) {
    lines(pen, corners, WIDE * letters, -1, Ink.DRY, ref);
  }

  /** Lines at half a right angle, rising to the right if the slope is 1. */
  private static void lines(
      Pen pen, List<Spot> corners, double apart, int slope, Ink ink, Ref ref) {
    Polygon shape = Facet.polygon(corners);
    if (!shape.isValid()) {
      return;
    }
    Envelope box = shape.getEnvelopeInternal();
    double reach = box.getWidth() + box.getHeight();
    double step = apart * Math.sqrt(2);
    for (double at = step / 2; at < reach; at += step) {
      double right = box.getMinX() + at;
      double left = right - box.getHeight();
      double ends = slope > 0 ? left : right;
      double begins = slope > 0 ? right : left;
      LineString line = line(begins, box.getMinY(), ends, box.getMaxY());
      Geometry inside = line.intersection(shape);
      for (int i = 0; i < inside.getNumGeometries(); i++) {
        if (inside.getGeometryN(i) instanceof LineString part && part.getNumPoints() > 1) {
          pen.stroke(ink, ref, spot(part.getCoordinateN(0)), spot(part.getCoordinateN(1)));
        }
      }
    }
  }

  private static LineString line(double x, double y, double toX, double toY) {
    return GEOMETRY.createLineString(
        new Coordinate[] {new Coordinate(x, y), new Coordinate(toX, toY)});
  }

  private static Spot spot(Coordinate at) {
    return new Spot(at.x, at.y);
  }
}

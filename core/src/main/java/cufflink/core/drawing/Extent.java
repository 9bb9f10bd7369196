package cufflink.core.drawing;

import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import java.util.List;

/**
 * How much room something takes to the eye, in millimetres.
 *
 * @param left its left edge
 * @param top its top edge
 * @param right its right edge
 * @param bottom its bottom edge
 */
record Extent(double left, double top, double right, double bottom) {
  /** Finds the room that some places take, as they are seen. */
  static Extent of(List<Vec> places, Viewpoint from) {
    double left = Double.MAX_VALUE;
    double top = Double.MAX_VALUE;
    double right = -Double.MAX_VALUE;
    double bottom = -Double.MAX_VALUE;
    // There are thousands of places, and looking is linear: the axes are turned once for all.
    Vec x = from.apply(new Vec(1, 0, 0));
    Vec y = from.apply(new Vec(0, 1, 0));
    Vec z = from.apply(new Vec(0, 0, 1));
    for (Vec place : places) {
      double across = place.x() * x.x() + place.y() * y.x() + place.z() * z.x();
      double down = place.x() * x.y() + place.y() * y.y() + place.z() * z.y();
      left = Math.min(left, across);
      top = Math.min(top, down);
      right = Math.max(right, across);
      bottom = Math.max(bottom, down);
    }
    return new Extent(left, top, right, bottom);
  }

  double wide() {
    return right - left;
  }

  double high() {
    return bottom - top;
  }
}

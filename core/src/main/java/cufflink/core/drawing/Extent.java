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
    for (Vec place : places) {
      Vec seen = from.apply(place);
      left = Math.min(left, seen.x());
      top = Math.min(top, seen.y());
      right = Math.max(right, seen.x());
      bottom = Math.max(bottom, seen.y());
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

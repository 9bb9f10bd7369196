package cufflink.files.export;

import cufflink.core.flat.Spot;
import cufflink.core.scene.Drawing.Imprint;
import java.awt.geom.AffineTransform;
import java.util.List;

/** What all painters of pictures share: where a picture goes, and what is laid over it. */
final class Shades {
  private Shades() {}

  /** Returns what takes a square of one, y down, to where a picture lies. */
  static AffineTransform onto(Imprint imprint) {
    List<Spot> at = imprint.corners();
    return new AffineTransform(
        at.get(1).x() - at.get(0).x(),
        at.get(1).y() - at.get(0).y(),
        at.get(2).x() - at.get(0).x(),
        at.get(2).y() - at.get(0).y(),
        at.get(0).x(),
        at.get(0).y());
  }

  /** Returns how much black lies over paper in this light, from 0 to 1. */
  static double black(double light) {
    return 1 - Tones.shaded(0xFFFFFF, light).getRed() / 255.0;
  }
}

package cufflink.core.drawing;

import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.fold.Thickness;
import cufflink.core.fold.Thickness.Region;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Anchor;
import cufflink.core.scene.Drawing.Box;
import cufflink.core.scene.Drawing.Tone;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Draws how thick the closed card is where: the thicker, the darker, and so many plies written
 * where there is room.
 */
public final class ThicknessDrawing {
  private static final double MARGIN = 36;
  private static final double TEXT = 16;
  private static final double PAD = 6;

  /** How light the thickest part is, from 0 to 1: its number can still be read on it. */
  private static final double DARKEST = 0.1;

  private ThicknessDrawing() {}

  /**
   * Draws it.
   *
   * @param thickness how thick the closed card is where
   * @param surface what the drawing is made for
   * @return the drawing
   */
  public static Drawing of(Thickness thickness, Surface surface) {
    List<Region> regions = new ArrayList<>(thickness.regions());
    Pen pen = pen(regions, surface);
    double most =
        thickness
            .thickest()
            .map(each -> each.thick().toMillimetres())
            .filter(it -> it > 0)
            .orElse(1.0);
    for (Region region : regions) {
      double share = region.thick().toMillimetres() / most;
      List<Spot> corners = region.corners().stream().map(pen::place).toList();
      pen.shape(corners, Fill.INSIDE, 1 - (1 - DARKEST) * share, Ref.NONE);
      pen.outline(corners, Ink.LAYER_EDGE, Ref.NONE);
    }
    // The largest first, so that what has no room is what is small.
    regions.sort(Comparator.comparingDouble(Region::area).reversed());
    List<Box> written = new ArrayList<>();
    for (Region region : regions) {
      write(pen, region, surface, written);
    }
    return pen.drawing(surface);
  }

  private static void write(Pen pen, Region region, Surface surface, List<Box> written) {
    String text = surface.say(Message.of("drawing.plies", Integer.toString(region.plies())));
    Spot at = pen.place(Facet.inside(Facet.polygon(region.corners())));
    double half = surface.measure().width(text, TEXT) / 2 + PAD;
    Box box = new Box(at.x() - half, at.y() - TEXT, at.x() + half, at.y() + TEXT);
    boolean free = written.stream().noneMatch(box::overlaps);
    boolean holds =
        List.of(
                new Spot(box.left(), box.top()),
                new Spot(box.right(), box.top()),
                new Spot(box.left(), box.bottom()),
                new Spot(box.right(), box.bottom()))
            .stream()
            .allMatch(corner -> region.holds(pen.back(corner)));
    if (free && holds) {
      written.add(box);
      pen.caption(at, text, TEXT, Anchor.MIDDLE, Tone.PRINTED, Ref.NONE);
    }
  }

  private static Pen pen(List<Region> regions, Surface surface) {
    List<Vec> places =
        regions.stream()
            .flatMap(region -> region.corners().stream())
            .map(corner -> new Vec(corner.x(), corner.y(), 0))
            .toList();
    return FoldFrame.pen(places, Viewpoint.ABOVE, surface, MARGIN);
  }
}

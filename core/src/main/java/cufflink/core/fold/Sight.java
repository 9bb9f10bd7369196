package cufflink.core.fold;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Side;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerance;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What shows of a card that lies flat, from the front or from the back.
 *
 * @param shown what shows, part by part
 */
public record Sight(List<Shown> shown) {
  private static final double SMALLEST = 1;

  /**
   * A part of the paper that shows.
   *
   * @param facet the facet
   * @param piece its piece
   * @param face the face that shows
   * @param layer the layer that covers that face there, if one does
   * @param top which side of the piece, lying inside up, is uppermost to whoever looks
   * @param area its area in square millimetres
   */
  public record Shown(
      int facet, String piece, Face face, Optional<Layer> layer, Side top, double area) {}

  /** Copies the list. */
  public Sight {
    shown = List.copyOf(shown);
  }

  /**
   * Looks at a card.
   *
   * @param model the card, put together
   * @param moment a moment at which it lies flat
   * @param stack which facet lies on which then
   * @param design the design, for its layers
   * @param fromFront whether from above the table; otherwise the card is turned over like a page
   * @return what shows
   */
  public static Sight of(
      FoldModel model, double moment, LayerOrder.Stack stack, Design design, boolean fromFront) {
    Pose pose = model.pose(moment);
    List<List<Spot>> shapes = new ArrayList<>();
    for (Facet facet : model.assembly().facets()) {
      shapes.add(pose.corners(facet.index()).stream().map(at -> new Spot(at.x(), at.y())).toList());
    }
    List<Shown> shown = new ArrayList<>();
    for (Overlay.Cell cell : Overlay.of(shapes, Tolerance.FOLDED).cells()) {
      if (cell.polygon().getArea() > SMALLEST) {
        int facet = uppermost(cell, stack, fromFront);
        shown.add(shown(model, pose, facet, cell, design, fromFront));
      }
    }
    return new Sight(shown);
  }

  private static int uppermost(Overlay.Cell cell, LayerOrder.Stack stack, boolean fromFront) {
    int[] members = cell.shapes().stream().toArray();
    int best = members[0];
    for (int member : members) {
      int side = stack.side(member, best);
      best = (fromFront ? side : -side) > 0 ? member : best;
    }
    return best;
  }

  private static Shown shown(
      FoldModel model, Pose pose, int facet, Overlay.Cell cell, Design design, boolean fromFront) {
    Motion motion = pose.motions().get(facet);
    String piece = model.assembly().pieceOf(facet).id();
    boolean insideUp = motion.up().z() > 0;
    Face face = insideUp == fromFront ? Face.INSIDE : Face.OUTSIDE;
    Spot middle = Facet.inside(cell.polygon());
    Vec on = motion.back(new Vec(middle.x(), middle.y(), motion.origin().z()));
    Spot place = new Spot(on.x(), on.y());
    Optional<Layer> layer =
        design.layers().stream()
            .filter(each -> each.on().equals(piece) && each.face() == face)
            .filter(
                each ->
                    Facet.holds(
                        Facet.polygon(each.outline().stream().map(Spot::from).toList()), place))
            .reduce((lower, upper) -> upper);
    return new Shown(facet, piece, face, layer, top(motion), cell.polygon().getArea());
  }

  /** The side of the piece that points away from whoever looks, as the card lies on the table. */
  private static Side top(Motion motion) {
    Vec up = motion.back(motion.origin().plus(new Vec(0, -1, 0)));
    if (Math.abs(up.y()) >= Math.abs(up.x())) {
      return up.y() < 0 ? Side.TOP : Side.BOTTOM;
    }
    return up.x() > 0 ? Side.RIGHT : Side.LEFT;
  }
}

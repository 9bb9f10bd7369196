package cufflink.core.fold;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.layers.Areas;
import cufflink.core.measure.Length;
import cufflink.core.plane.Side;
import cufflink.core.space.Viewpoint;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * What shows of a card at a moment, from above or from behind: which paper, which face of it and
 * which way up its print is.
 *
 * @param shown what shows, part by part
 */
public record Sight(List<Shown> shown) {
  private static final double SMALLEST = 1;
  private static final Viewpoint BEHIND = new Viewpoint(180, 180);

  /**
   * A part of the paper that shows.
   *
   * @param facet the facet
   * @param piece its piece
   * @param face the face that shows
   * @param layer the layer that covers that face there, if one does
   * @param top which side of the piece, lying inside up, is uppermost to whoever looks
   * @param area how large it looks, in square millimetres
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
   * @param moment any moment, as for {@link FoldModel#pose(double)}
   * @param design the design, for its layers
   * @param fromFront whether from above the table; otherwise the card is turned over like a page
   * @return what shows
   */
  public static Sight of(FoldModel model, double moment, Design design, boolean fromFront) {
    return new Looking(model, model.pose(moment), design, fromFront ? Viewpoint.ABOVE : BEHIND)
        .at(moment);
  }

  /**
   * Looks at a card from anywhere.
   *
   * @param model the card, put together
   * @param moment any moment, as for {@link FoldModel#pose(double)}
   * @param design the design, for its layers
   * @param from from where it is looked at
   * @return what shows
   */
  public static Sight of(FoldModel model, double moment, Design design, Viewpoint from) {
    return new Looking(model, model.pose(moment), design, from).at(moment);
  }

  /**
   * Returns which layer covers a place of a piece.
   *
   * @param design the design
   * @param piece the piece
   * @param face which of its faces
   * @param place the place on the piece
   * @return the uppermost layer there, if there is one
   */
  public static Optional<Layer> layerAt(Design design, String piece, Face face, Spot place) {
    return design.layers().stream()
        .filter(each -> each.on().equals(piece) && each.face() == face)
        .filter(each -> Facet.holds(polygon(each), place))
        .reduce((lower, upper) -> upper);
  }

  private static Polygon polygon(Layer layer) {
    return Facet.polygon(layer.outline().stream().map(Spot::from).toList());
  }

  /** One look at a card. */
  private record Looking(FoldModel model, Pose pose, Design design, Viewpoint viewpoint) {
    /** What is nearest hides what is behind it. */
    Sight at(double moment) {
      List<FoldedView.Ply> plies = FoldedView.of(model, moment, pose, viewpoint).plies();
      List<Shown> shown = new ArrayList<>();
      Geometry covered = Areas.none();
      for (int i = plies.size() - 1; i >= 0; i--) {
        Polygon shape = Facet.polygon(plies.get(i).corners());
        if (shape.getArea() > SMALLEST) {
          Geometry visible = Areas.without(shape, covered);
          if (visible.getArea() > SMALLEST) {
            divide(plies.get(i), visible, shown);
            covered = Areas.both(covered, shape);
          }
        }
      }
      return new Sight(shown);
    }

    /** Divides what shows of a facet by the layers that lie on it, the uppermost first. */
    private void divide(FoldedView.Ply ply, Geometry visible, List<Shown> shown) {
      String piece = model.assembly().pieceOf(ply.facet()).id();
      Side top = pose.motions().get(ply.facet()).top();
      Geometry bare = visible;
      List<Layer> layers = papers(design);
      Collections.reverse(layers);
      for (Layer layer : layers) {
        if (layer.on().equals(piece) && layer.face() == ply.face()) {
          Polygon shape = seen(ply.facet(), layer);
          double area = Areas.common(bare, shape).getArea();
          if (area > SMALLEST) {
            shown.add(new Shown(ply.facet(), piece, ply.face(), Optional.of(layer), top, area));
            bare = Areas.without(bare, shape);
          }
        }
      }
      if (bare.getArea() > SMALLEST) {
        shown.add(new Shown(ply.facet(), piece, ply.face(), Optional.empty(), top, bare.getArea()));
      }
    }

    /** Layers, and pieces cut corner to corner, which lie on their host as layers do. */
    private static List<Layer> papers(Design design) {
      List<Layer> papers = new ArrayList<>(design.layers());
      for (Joint joint : design.glued()) {
        if (joint.shape().isHalf() && !joint.piece().equals(joint.on())) {
          design
              .piece(joint.piece())
              .ifPresent(
                  piece ->
                      papers.add(
                          new Layer(
                              joint.id(),
                              joint.label(),
                              piece.role(),
                              joint.on(),
                              joint.face(),
                              joint.area().at(),
                              joint.area().width(),
                              joint.area().height(),
                              Length.ZERO,
                              joint.shape())));
        }
      }
      return papers;
    }

    private Polygon seen(int facet, Layer layer) {
      return Facet.polygon(
          layer.outline().stream()
              .map(Spot::from)
              .map(place -> viewpoint.apply(pose.place(facet, place)))
              .map(place -> new Spot(place.x(), place.y()))
              .toList());
    }
  }
}

package cufflink.core.card;

import cufflink.core.assembly.Pose;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.paper.Look;
import cufflink.core.plane.Side;
import cufflink.core.space.Viewpoint;
import java.util.List;
import java.util.Optional;

/** Which way up a piece is to whoever reads or looks at the card. */
public final class Upright {
  /** Where a look does not say when, the card is pictured this long before it is closed. */
  private static final double BEFORE = 0.45;

  private Upright() {}

  /**
   * Returns from where a card is pictured.
   *
   * @param look its look
   * @return the viewpoint
   */
  public static Viewpoint viewpoint(Look look) {
    return new Viewpoint(look.turn(), look.tilt(), look.pitch());
  }

  /**
   * Returns at which moment a card is pictured.
   *
   * @param model the card
   * @param look its look
   * @return the moment that its look names, or one in which it is half folded
   */
  public static double moment(FoldModel model, Look look) {
    double usual = model.closing() - BEFORE;
    return Math.max(0, Math.min(look.at().orElse(usual), model.stages().size()));
  }

  /**
   * Returns which side of its host is on top where a piece is read: as the card is pictured, if it
   * is seen there; else on the closed card if it is on an outside and on the opened one if not,
   * from above if it lies there.
   *
   * @param joint what puts the piece on
   * @param design the card
   * @param model the card, put together
   * @param look how it is pictured
   * @return the side, in the frame of the piece if it is put together with the card, else of its
   *     host
   */
  public static Side top(Joint joint, Design design, FoldModel model, Look look) {
    Optional<Place> found = place(joint, design, model);
    if (found.isEmpty()) {
      return round(joint, design);
    }
    Place place = found.get();
    Viewpoint pictured = viewpoint(look);
    Pose pose = model.pose(model.shown(moment(model, look)));
    boolean showsInside = pictured.apply(pose.motions().get(place.facet()).up()).z() >= 0;
    if (showsInside == (joint.face() == Face.INSIDE)) {
      return top(pose, place, pictured);
    }
    int closed = model.closing();
    int read = joint.face() == Face.OUTSIDE ? closed : Math.min(closed + 1, model.stages().size());
    Viewpoint eye = model.layering().lies(read) ? Viewpoint.ABOVE : pictured;
    return top(model.pose(model.shown(read)), place, eye);
  }

  /** What is on a band round the height of the card is read across the band, from the outside. */
  private static Side round(Joint joint, Design design) {
    return design.relations(Design.Relation.Wraps.class).stream()
            .filter(each -> each.piece().equals(joint.on()))
            .anyMatch(each -> each.around().equals(design.finishedHeight()))
        ? joint.face() == Face.OUTSIDE ? Side.RIGHT : Side.LEFT
        : Side.TOP;
  }

  /** A place on a facet. */
  private record Place(int facet, Spot spot) {}

  /** Returns where a piece is: by itself if it folds with the card, else on its host. */
  private static Optional<Place> place(Joint joint, Design design, FoldModel model) {
    Optional<Place> itself =
        model.assembly().members().stream()
            .filter(each -> each.joint().filter(joint::equals).isPresent())
            .findFirst()
            .map(each -> new Place(each.firstFacet(), each.flat().facets().get(0).inside()));
    return itself.or(
        () ->
            design
                .piece(joint.piece())
                .map(piece -> Facet.inside(Facet.polygon(Glued.outline(joint, piece))))
                .flatMap(middle -> onHost(joint, middle, design, model)));
  }

  private static Optional<Place> onHost(Joint joint, Spot middle, Design design, FoldModel model) {
    return model
        .assembly()
        .host(joint, design)
        .flatMap(
            member ->
                member.flat().facets().stream()
                    .filter(facet -> Facet.holds(facet.polygon(), middle))
                    .map(facet -> new Place(member.firstFacet() + facet.index(), middle))
                    .findFirst());
  }

  /** The side that the eye sees uppermost. */
  private static Side top(Pose pose, Place place, Viewpoint eye) {
    Spot middle = place.spot();
    Side top = Side.TOP;
    double highest = Double.MAX_VALUE;
    for (Side side : List.of(Side.TOP, Side.BOTTOM, Side.LEFT, Side.RIGHT)) {
      Spot there =
          switch (side) {
            case TOP, NONE -> new Spot(middle.x(), middle.y() - 1);
            case BOTTOM -> new Spot(middle.x(), middle.y() + 1);
            case LEFT -> new Spot(middle.x() - 1, middle.y());
            case RIGHT -> new Spot(middle.x() + 1, middle.y());
          };
      double high = eye.apply(pose.place(place.facet(), there)).y();
      if (high < highest) {
        highest = high;
        top = side;
      }
    }
    return top;
  }
}

package cufflink.core.drawing;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.decor.Greeting;
import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation.Reads;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.paper.Look;
import cufflink.core.plane.Side;
import cufflink.core.space.Viewpoint;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The words that stand on pieces, upright to whoever reads the card. */
final class Lettering {
  private Lettering() {}

  /**
   * Words on a piece.
   *
   * @param face the face they stand on
   * @param letters their outlines, in the frame of the piece as it lies inside up
   */
  record Written(Face face, List<List<Spot>> letters) {}

  /** Returns what stands on all pieces, by their ids. */
  static Map<String, Written> of(Design design, FoldModel model, Look look) {
    Map<String, Written> words = new HashMap<>();
    for (Reads reads : design.relations(Reads.class)) {
      Optional<Piece> piece = design.piece(reads.piece());
      Optional<Joint> joint =
          design.joints().stream().filter(each -> each.piece().equals(reads.piece())).findFirst();
      if (piece.isPresent() && joint.isPresent()) {
        Side top = top(joint.get(), piece.get(), model, look);
        boolean isMirrored = joint.get().face() == Face.OUTSIDE;
        List<List<Spot>> letters = set(reads, piece.get(), top, isMirrored);
        words.put(reads.piece(), new Written(joint.get().face(), letters));
      }
    }
    return words;
  }

  /**
   * Returns which side of its host is on top where a piece is read: as the card is pictured, if it
   * is seen there; else on the closed card if it is on an outside and on the opened one if not,
   * from above if it lies there.
   */
  private static Side top(Joint joint, Piece piece, FoldModel model, Look look) {
    Optional<Place> found = place(joint, piece, model);
    if (found.isEmpty()) {
      return Side.TOP;
    }
    Place place = found.get();
    Viewpoint pictured = Portrait.viewpoint(look);
    Pose pose = model.pose(model.shown(Portrait.moment(model, look)));
    boolean showsInside = pictured.apply(pose.motions().get(place.facet()).up()).z() >= 0;
    if (showsInside == (joint.face() == Face.INSIDE)) {
      return top(pose, place, pictured);
    }
    int closed = model.closing();
    int read = joint.face() == Face.OUTSIDE ? closed : Math.min(closed + 1, model.stages().size());
    Viewpoint eye = model.layering().lies(read) ? Viewpoint.ABOVE : pictured;
    return top(model.pose(model.shown(read)), place, eye);
  }

  /** A place on a facet. */
  private record Place(int facet, Spot spot) {}

  /** Returns where a piece is: by itself if it folds with the card, else on its host. */
  private static Optional<Place> place(Joint joint, Piece piece, FoldModel model) {
    Optional<Place> itself =
        model.assembly().members().stream()
            .filter(each -> each.joint().filter(joint::equals).isPresent())
            .findFirst()
            .map(each -> new Place(each.firstFacet(), each.flat().facets().get(0).inside()));
    Spot middle = Facet.inside(Facet.polygon(Glued.outline(joint, piece)));
    return itself.or(
        () ->
            model
                .assembly()
                .copy(joint.on(), Optional.empty())
                .flatMap(
                    member ->
                        member.flat().facets().stream()
                            .filter(facet -> Facet.holds(facet.polygon(), middle))
                            .map(facet -> new Place(member.firstFacet() + facet.index(), middle))
                            .findFirst()));
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

  private static List<List<Spot>> set(Reads reads, Piece piece, Side top, boolean isMirrored) {
    boolean isTurned = top == Side.LEFT || top == Side.RIGHT;
    double wide = piece.width().toMillimetres();
    double high = piece.height().toMillimetres();
    double w = reads.width().toMillimetres();
    double h = reads.height().toMillimetres();
    double scale = Greeting.scale(reads, piece, isTurned);
    return reads.letters().stream()
        .map(
            letter ->
                letter.stream()
                    .map(Spot::from)
                    .map(at -> new Spot((at.x() - w / 2) * scale, (at.y() - h / 2) * scale))
                    // Seen from the outside, left is right.
                    .map(at -> isMirrored ? new Spot(-at.x(), at.y()) : at)
                    .map(at -> turned(at, top))
                    .map(at -> new Spot(wide / 2 + at.x(), high / 2 + at.y()))
                    .toList())
        .toList();
  }

  private static Spot turned(Spot at, Side top) {
    return switch (top) {
      case TOP, NONE -> at;
      case BOTTOM -> new Spot(-at.x(), -at.y());
      case LEFT -> new Spot(at.y(), -at.x());
      case RIGHT -> new Spot(-at.y(), at.x());
    };
  }
}

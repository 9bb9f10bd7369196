package cufflink.core.drawing;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation.Reads;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.plane.Side;
import cufflink.core.space.Viewpoint;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The words that stand on pieces, upright to whoever reads the card. */
final class Lettering {
  /** Words take so much of a rectangle, across and down. */
  private static final double ACROSS = 0.84;

  private static final double DOWN = 0.62;

  /** Their corners come so near to the edge of what is round, as a share of its radius. */
  private static final double ROUND = 0.86;

  private Lettering() {}

  /**
   * Returns the outlines of all letters, by the id of their piece.
   *
   * @return corners in the frame of the piece, as it lies inside up
   */
  static Map<String, List<List<Spot>>> of(Design design, FoldModel model, Viewpoint stands) {
    Map<String, List<List<Spot>>> words = new HashMap<>();
    for (Reads reads : design.relations(Reads.class)) {
      Optional<Piece> piece = design.piece(reads.piece());
      Optional<Joint> joint =
          design.joints().stream().filter(each -> each.piece().equals(reads.piece())).findFirst();
      if (piece.isPresent() && joint.isPresent()) {
        Side top = top(joint.get(), piece.get(), model, stands);
        boolean isMirrored = joint.get().face() == Face.OUTSIDE;
        words.put(reads.piece(), set(reads, piece.get(), top, isMirrored));
      }
    }
    return words;
  }

  /**
   * Returns which side of its host is on top where a piece is read: on the closed card if it is on
   * an outside, on the opened one if not; from above if it lies there, and else as it stands.
   */
  private static Side top(Joint joint, Piece piece, FoldModel model, Viewpoint stands) {
    int closed = model.closing();
    int read = joint.face() == Face.OUTSIDE ? closed : Math.min(closed + 1, model.stages().size());
    Viewpoint eye = model.layering().lies(read) ? Viewpoint.ABOVE : stands;
    Spot middle = Facet.inside(Facet.polygon(Glued.outline(joint, piece)));
    Pose pose = model.pose(model.shown(read));
    Optional<Assembly.Member> itself =
        model.assembly().members().stream()
            .filter(each -> each.joint().filter(joint::equals).isPresent())
            .findFirst();
    if (itself.isPresent()) {
      return top(
          pose, itself.get().firstFacet(), itself.get().flat().facets().get(0).inside(), eye);
    }
    return model
        .assembly()
        .copy(joint.on(), Optional.empty())
        .flatMap(
            member ->
                member.flat().facets().stream()
                    .filter(facet -> Facet.holds(facet.polygon(), middle))
                    .map(facet -> member.firstFacet() + facet.index())
                    .findFirst())
        .map(facet -> top(pose, facet, middle, eye))
        .orElse(Side.TOP);
  }

  /** The side that the eye sees uppermost. */
  private static Side top(Pose pose, int facet, Spot middle, Viewpoint eye) {
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
      double high = eye.apply(pose.place(facet, there)).y();
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
    double across = isTurned ? high : wide;
    double down = isTurned ? wide : high;
    double w = reads.width().toMillimetres();
    double h = reads.height().toMillimetres();
    double scale =
        piece.isTrimmed()
            ? ROUND / Math.hypot(w / across, h / down)
            : Math.min(across * ACROSS / w, down * DOWN / h);
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

package cufflink.core.drawing;

import cufflink.core.card.FoldModel;
import cufflink.core.card.Upright;
import cufflink.core.decor.Greeting;
import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation.Reads;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.flat.Spot;
import cufflink.core.paper.Look;
import cufflink.core.plane.Area;
import cufflink.core.plane.Side;
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

  /** Returns what stands on all pieces, by the joints that put them on. */
  static Map<String, Written> of(Design design, FoldModel model, Look look) {
    Map<String, Written> words = new HashMap<>();
    for (Reads reads : design.relations(Reads.class)) {
      Optional<Piece> piece = design.piece(reads.piece());
      for (Joint joint : design.joints()) {
        if (piece.isPresent() && joint.piece().equals(reads.piece())) {
          Side top = Upright.top(joint, design, model, look);
          boolean isMirrored = joint.face() == Face.OUTSIDE;
          List<List<Spot>> letters = set(reads, piece.get(), top, isMirrored);
          words.put(joint.id(), new Written(joint.face(), letters));
        }
      }
    }
    return words;
  }

  private static List<List<Spot>> set(Reads reads, Piece piece, Side top, boolean isMirrored) {
    boolean isTurned = top == Side.LEFT || top == Side.RIGHT;
    double wide = piece.width().toMillimetres();
    double high = piece.height().toMillimetres();
    Spot middle = reads.room().map(Lettering::middle).orElseGet(() -> new Spot(wide / 2, high / 2));
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
                    .map(at -> new Spot(middle.x() + at.x(), middle.y() + at.y()))
                    .toList())
        .toList();
  }

  private static Spot middle(Area area) {
    Spot corner = Spot.from(area.at());
    return new Spot(
        corner.x() + area.width().toMillimetres() / 2,
        corner.y() + area.height().toMillimetres() / 2);
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

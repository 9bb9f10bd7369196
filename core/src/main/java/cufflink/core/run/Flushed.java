package cufflink.core.run;

import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.plane.Area;
import cufflink.core.words.Message;
import java.util.Optional;

/**
 * The paper to whose edge a piece is trimmed. The piece lies with its back up, and the paper, its
 * back up too, is glued onto it; what stands out is cut off along the paper's edge.
 *
 * @param id the id of the paper's piece or layer
 * @param label the maker's name for the paper
 * @param lie how the piece lies for it
 * @param across how it lies to the sides of the piece
 * @param down how it lies to the top or bottom of the piece
 */
record Flushed(String id, String label, Lie lie, Message across, Message down) {

  /** Finds the paper that a piece is trimmed to, if it is. */
  static Optional<Flushed> of(Design design, Piece piece) {
    for (Relation.Flush flush : design.relations(Relation.Flush.class)) {
      Optional<Joint> own =
          design.joints().stream()
              .filter(each -> each.id().equals(flush.joint()))
              .filter(each -> each.piece().equals(piece.id()))
              .findFirst();
      if (own.isPresent()) {
        return paper(design, flush.paper(), own.get());
      }
    }
    return Optional.empty();
  }

  private static Optional<Flushed> paper(Design design, String id, Joint own) {
    for (Joint joint : design.joints()) {
      if (joint.id().equals(id)) {
        return Optional.of(of(joint.piece(), joint.label(), joint.area(), joint.shape(), own));
      }
    }
    for (Layer layer : design.layers()) {
      if (layer.id().equals(id)) {
        Area area = new Area(layer.at(), layer.width(), layer.height());
        return Optional.of(of(id, layer.label(), area, layer.shape(), own));
      }
    }
    return Optional.empty();
  }

  /** Told from the edges between which the paper has its square corner. */
  private static Flushed of(String id, String label, Area area, Layer.Shape shape, Joint own) {
    boolean right = shape == Layer.Shape.TOP_RIGHT || shape == Layer.Shape.BOTTOM_RIGHT;
    boolean foot = shape == Layer.Shape.BOTTOM_LEFT || shape == Layer.Shape.BOTTOM_RIGHT;
    Area piece = own.area();
    Length beside = right ? area.right().minus(piece.right()) : piece.at().x().minus(area.at().x());
    Length below = foot ? area.bottom().minus(piece.bottom()) : piece.at().y().minus(area.at().y());
    // The back of what is glued to the outside of its host is its own inside.
    Lie lie = own.face() == Face.OUTSIDE ? Lie.DESCRIBED : Lie.DESCRIBED.over();
    boolean atRight = right == (own.face() == Face.OUTSIDE);
    return new Flushed(
        id,
        label,
        lie,
        past(atRight ? "side.right" : "side.left", beside),
        past(foot ? "side.bottom" : "side.top", below));
  }

  private static Message past(String side, Length length) {
    if (length.equals(Length.ZERO)) {
      return Message.of("flush.level", Message.of(side));
    }
    String key = length.isPositive() ? "flush.past" : "flush.short";
    return Message.of(key, Message.of(side), length.abs());
  }

  /** Says how to lay the piece, which lies as it is described, and the paper on it. */
  Message turned(Piece piece) {
    return Turning.between(Lie.DESCRIBED, lie).stream()
        .map(turning -> turning.said(piece))
        .reduce(Message.NONE, Message::followedBy)
        .followedBy(words());
  }

  Message words() {
    return Message.of("flush.lay", label, across, down);
  }
}

package cufflink.core.run;

import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.words.Message;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** Says how a second cut is made: the tool, where to begin and to stop, what must stay whole. */
final class Manner {
  /** Corners of a circle are rounded, millimetres. */
  private static final double NEAR = 0.01;

  private Manner() {}

  /** A slit from an edge is begun there; one inside the piece needs both its ends marked. */
  static Message of(Piece piece, Slit slit, boolean folded) {
    Message manner = folded ? Message.of("cut.manner-folded") : flat(piece, slit);
    return slit.wide() ? manner.followedBy(Message.of("cut.manner-wide")) : manner;
  }

  private static Message flat(Piece piece, Slit slit) {
    boolean from = isOnEdge(piece, slit.line().from());
    boolean to = isOnEdge(piece, slit.line().to());
    if (from && to) {
      return Message.of("cut.manner-through");
    }
    return Message.of(from || to ? "cut.manner-slit-edge" : "cut.manner-slit");
  }

  /** A cut that ends in a corner leaves that corner's point whole. */
  static Message edgeToEdge(Piece piece, Segment line) {
    boolean from = isCorner(piece, line.from());
    boolean to = isCorner(piece, line.to());
    if (from && to) {
      boolean falling =
          line.from().x().compareTo(line.to().x()) < 0
              == line.from().y().compareTo(line.to().y()) < 0;
      return Message.of(falling ? "cut.manner-falling" : "cut.manner-rising");
    }
    return Message.of(from || to ? "cut.manner-corner" : "cut.manner-straight");
  }

  /** What is punched half into a fold is punched with the piece folded there. */
  static Message of(Piece piece, Opening opening) {
    boolean punched = opening.kind() == Opening.Kind.SLOT || opening.kind() == Opening.Kind.HOLE;
    Optional<Message> folded =
        piece.scores().stream()
            .filter(score -> punched && opening.isAcross(score.name()))
            .flatMap(score -> halved(opening, score).stream())
            .findFirst();
    return folded.orElseGet(() -> of(opening));
  }

  private static Optional<Message> halved(Opening opening, Score score) {
    boolean level = score.line().isLevel();
    if (!level && !score.line().isVertical()) {
      return Optional.empty();
    }
    Length at = level ? score.line().from().y() : score.line().from().x();
    List<Length> places =
        opening.outline().stream().map(corner -> level ? corner.y() : corner.x()).toList();
    Length before = at.minus(Collections.min(places));
    Length after = Collections.max(places).minus(at);
    return before.minus(after).abs().toMillimetres() < NEAR
        ? Optional.of(Message.of(overFold(opening), score.label(), after))
        : Optional.empty();
  }

  private static String overFold(Opening opening) {
    return opening.round().isPresent() ? "cut.manner-round-over-fold" : "cut.manner-over-fold";
  }

  private static Message of(Opening opening) {
    if (opening.isFree()) {
      return Message.of("cut.manner-free");
    }
    return switch (opening.kind()) {
      case NOTCH ->
          Message.of(
              "cut.manner-notch", opening.round().map(Opening.Round::radius).orElse(Length.ZERO));
      case HOLE -> Message.of("cut.manner-hole");
      case SLOT -> Message.of("cut.manner-slot");
      case WINDOW ->
          Message.of(opening.round().isPresent() ? "cut.manner-window-round" : "cut.manner-window");
    };
  }

  private static boolean isOnEdge(Piece piece, Point point) {
    return isEnd(point.x(), piece.width()) || isEnd(point.y(), piece.height());
  }

  private static boolean isCorner(Piece piece, Point point) {
    return isEnd(point.x(), piece.width()) && isEnd(point.y(), piece.height());
  }

  private static boolean isEnd(Length place, Length side) {
    return place.equals(Length.ZERO) || place.equals(side);
  }
}

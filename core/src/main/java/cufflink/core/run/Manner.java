package cufflink.core.run;

import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Slit;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.words.Message;

/** Says how a second cut is made: the tool, where to begin and to stop, what must stay whole. */
final class Manner {
  private Manner() {}

  /** A slit from an edge is begun there; one inside the piece needs both its ends marked. */
  static Message of(Piece piece, Slit slit) {
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

  static Message of(Opening opening) {
    return switch (opening.kind()) {
      case NOTCH ->
          Message.of(
              "cut.manner-notch", opening.round().map(Opening.Round::radius).orElse(Length.ZERO));
      case HOLE -> Message.of("cut.manner-hole");
      case SLOT -> Message.of("cut.manner-slot");
      case WINDOW -> Message.of("cut.manner-window");
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

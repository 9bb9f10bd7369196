package cufflink.core.run;

import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Slit;
import cufflink.core.finding.Sentence;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;

/** Says how a second cut is made: the tool, where to begin and to stop, what must stay whole. */
final class Manner {
  private Manner() {}

  /** A slit from an edge is begun there; one inside the piece needs both its ends marked. */
  static Sentence of(Piece piece, Slit slit) {
    boolean from = isOnEdge(piece, slit.line().from());
    boolean to = isOnEdge(piece, slit.line().to());
    if (from && to) {
      return Sentence.of("cut.manner-through");
    }
    return Sentence.of(from || to ? "cut.manner-slit-edge" : "cut.manner-slit");
  }

  /** A cut that ends in a corner leaves that corner's point whole. */
  static Sentence edgeToEdge(Piece piece, Segment line) {
    boolean from = isCorner(piece, line.from());
    boolean to = isCorner(piece, line.to());
    if (from && to) {
      boolean falling =
          line.from().x().compareTo(line.to().x()) < 0
              == line.from().y().compareTo(line.to().y()) < 0;
      return Sentence.of(falling ? "cut.manner-falling" : "cut.manner-rising");
    }
    return Sentence.of(from || to ? "cut.manner-corner" : "cut.manner-straight");
  }

  static Sentence of(Opening opening) {
    return switch (opening.kind()) {
      case NOTCH ->
          Sentence.of(
              "cut.manner-notch", opening.round().map(Opening.Round::radius).orElse(Length.ZERO));
      case HOLE -> Sentence.of("cut.manner-hole");
      case SLOT -> Sentence.of("cut.manner-slot");
      case WINDOW -> Sentence.of("cut.manner-window");
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

package cufflink.core.glue;

import cufflink.core.design.Piece;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * Whether a piece is the same when it lies another way: all its lines and edges fall on each other.
 */
final class Turned {
  private Turned() {}

  /** Says whether a piece turned end for end is as it was. */
  static boolean isSameEndForEnd(Piece piece) {
    return isSame(
        piece, at -> new Point(piece.width().minus(at.x()), piece.height().minus(at.y())));
  }

  /** Says whether a piece turned over like a page is as it was, its other face up. */
  static boolean isSameTurnedOver(Piece piece) {
    return isSame(piece, at -> new Point(piece.width().minus(at.x()), at.y()));
  }

  private static boolean isSame(Piece piece, UnaryOperator<Point> turn) {
    Set<Set<Point>> lines = new HashSet<>();
    Set<Set<Point>> turned = new HashSet<>();
    Stream.concat(
            piece.scores().stream().map(each -> each.line()),
            Stream.concat(
                piece.slits().stream().map(each -> each.line()),
                piece.cuts().stream().map(each -> each.line())))
        .forEach(
            line -> {
              lines.add(ends(line, UnaryOperator.identity()));
              turned.add(ends(line, turn));
            });
    boolean isSameOutline = corners(piece.outline(), turn).equals(Set.copyOf(piece.outline()));
    Set<Set<Point>> openings = new HashSet<>();
    Set<Set<Point>> turnedOpenings = new HashSet<>();
    piece
        .openings()
        .forEach(
            each -> {
              openings.add(Set.copyOf(each.outline()));
              turnedOpenings.add(corners(each.outline(), turn));
            });
    return isSameOutline && lines.equals(turned) && openings.equals(turnedOpenings);
  }

  private static Set<Point> ends(Segment line, UnaryOperator<Point> turn) {
    return corners(List.of(line.from(), line.to()), turn);
  }

  private static Set<Point> corners(List<Point> corners, UnaryOperator<Point> turn) {
    Set<Point> turned = new HashSet<>();
    corners.forEach(each -> turned.add(turn.apply(each)));
    return turned;
  }
}

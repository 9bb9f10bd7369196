package cufflink.core.run;

import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Slit;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.util.ArrayList;
import java.util.List;

/** Tells whether lines on a piece are the same when it is turned end for end. */
final class Symmetry {
  private Symmetry() {}

  /** Returns all that is cut into or off a piece after it is cut out. */
  static List<Segment> cuts(Piece piece) {
    List<Segment> lines = new ArrayList<>(piece.trims());
    piece.slits().stream().map(Slit::line).forEach(lines::add);
    piece.cuts().stream().map(Slit::line).forEach(lines::add);
    for (Opening opening : piece.openings()) {
      List<Point> outline = opening.outline();
      for (int i = 0; i < outline.size(); i++) {
        lines.add(new Segment(outline.get(i), outline.get((i + 1) % outline.size())));
      }
    }
    return lines;
  }

  static boolean isEndForEnd(Piece piece, List<Segment> lines) {
    return lines.stream()
        .allMatch(line -> lines.stream().anyMatch(other -> isSame(other, turned(piece, line))));
  }

  private static Segment turned(Piece piece, Segment line) {
    return new Segment(turned(piece, line.from()), turned(piece, line.to()));
  }

  private static Point turned(Piece piece, Point point) {
    return new Point(piece.width().minus(point.x()), piece.height().minus(point.y()));
  }

  private static boolean isSame(Segment a, Segment b) {
    return a.from().equals(b.from()) && a.to().equals(b.to())
        || a.from().equals(b.to()) && a.to().equals(b.from());
  }
}

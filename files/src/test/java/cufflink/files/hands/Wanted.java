package cufflink.files.hands;

import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.run.ScoringHabit;
import cufflink.files.hands.VirtualSheet.Mark;
import cufflink.files.hands.VirtualSheet.Trace;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** What a piece is to become, and how a sheet that was worked on differs from it. */
final class Wanted {
  private static final int PLACES = 16;

  private final Piece piece;
  private final ScoringHabit habit;
  private final AffineTransform placed;
  private final double near;

  /** A line of the design, where it is looked for. */
  private record Line(Line2D line, Fold fold) {
    double length() {
      return line.getP1().distance(line.getP2());
    }
  }

  /** Looks for the piece where a transform takes it, as closely as the numbers were said. */
  Wanted(Piece piece, ScoringHabit habit, AffineTransform placed, double near) {
    this.piece = piece;
    this.habit = habit;
    this.placed = placed;
    this.near = near;
  }

  /** Returns what is wrong with a sheet, in words for the one who reads the test. */
  List<String> faults(VirtualSheet sheet, boolean withOutlines) {
    List<String> faults = new ArrayList<>();
    compare(faults, sheet, Set.of(Trace.SCORE), scores(score -> true));
    List<Line> folds = scores(Score::folds);
    compare(faults, sheet, Set.of(Trace.TOWARDS, Trace.AWAY), folds);
    compare(faults, sheet, Set.of(Trace.SLIT), slits());
    if (withOutlines) {
      compare(faults, sheet, Set.of(Trace.CUT), cuts());
    }
    for (Mark mark : sheet.marks()) {
      if (mark.trace() == Trace.DOT) {
        checkDot(faults, mark);
      } else if (mark.trace() == Trace.SCORE) {
        checkFace(faults, mark);
      } else if (mark.trace() == Trace.TOWARDS || mark.trace() == Trace.AWAY) {
        boolean valley = (mark.trace() == Trace.TOWARDS) == mark.insideUp();
        on(mark, folds).stream()
            .filter(line -> (line.fold() == Fold.VALLEY) != valley)
            .forEach(line -> faults.add("folded the wrong way: " + show(line.line())));
      }
    }
    return faults;
  }

  /** A dot is where all is measured from, on the face that is described. */
  private void checkDot(List<String> faults, Mark mark) {
    Point2D corner = placed.transform(new Point2D.Double(0, 0), null);
    if (!mark.insideUp() || mark.first().distance(corner) > near) {
      faults.add("the dot is not in the top left corner of the inside");
    }
  }

  /** The dent is pressed into the face that is up; the ridge is on the other. */
  private void checkFace(List<String> faults, Mark mark) {
    Line longest = null;
    for (Line line : on(mark, scores(score -> true))) {
      if (longest == null || line.length() > longest.length() + near) {
        longest = line;
      }
    }
    if (longest == null) {
      return;
    }
    double most = longest.length();
    boolean right =
        on(mark, scores(score -> true)).stream()
            .filter(line -> line.length() > most - near)
            .anyMatch(line -> mark.insideUp() == insideUp(line.fold()));
    if (!right) {
      faults.add("scored from the wrong face: " + show(longest.line()));
    }
  }

  private boolean insideUp(Fold fold) {
    // A valley closes over the inside: the ridge lies in it if it was pressed from the outside.
    return fold == Fold.DECORATIVE || (fold == Fold.MOUNTAIN) == habit.ridgeInside();
  }

  private List<Line> on(Mark mark, List<Line> lines) {
    Line2D trace = new Line2D.Double(mark.first(), mark.last());
    return lines.stream()
        .filter(
            line ->
                trace.ptSegDist(line.line().getP1()) <= near
                    && trace.ptSegDist(line.line().getP2()) <= near)
        .toList();
  }

  private void compare(
      List<String> faults, VirtualSheet sheet, Set<Trace> traces, List<Line> wanted) {
    List<Line2D> made = new ArrayList<>();
    for (Mark mark : sheet.marks()) {
      if (traces.contains(mark.trace())) {
        made.addAll(edges(mark.path()));
      }
    }
    List<Line2D> lines = new ArrayList<>(wanted.stream().map(Line::line).toList());
    lines.stream()
        .filter(line -> !isCovered(line, made))
        .forEach(line -> faults.add("not made (" + traces + "): " + show(line)));
    if (traces.contains(Trace.CUT)) {
      // Scissors that go round the whole edge go along the edge of the sheet as well.
      lines.addAll(sheetEdges());
    }
    made.stream()
        .filter(line -> !isCovered(line, lines))
        .forEach(line -> faults.add("made in vain (" + traces + "): " + show(line)));
  }

  /** An outline of more than two corners is closed. */
  private static List<Line2D> edges(List<Point2D> path) {
    List<Line2D> edges = new ArrayList<>();
    int count = path.size() == 2 ? 1 : path.size();
    for (int i = 0; i < count; i++) {
      edges.add(new Line2D.Double(path.get(i), path.get((i + 1) % path.size())));
    }
    return edges;
  }

  private boolean isCovered(Line2D line, List<Line2D> others) {
    for (int i = 0; i <= PLACES; i++) {
      double share = i / (double) PLACES;
      Point2D place =
          new Point2D.Double(
              line.getX1() + share * (line.getX2() - line.getX1()),
              line.getY1() + share * (line.getY2() - line.getY1()));
      if (others.stream().noneMatch(other -> other.ptSegDist(place) <= near)) {
        return false;
      }
    }
    return true;
  }

  private List<Line2D> sheetEdges() {
    List<Point2D> corners =
        Piece.rectangle(piece.width(), piece.height()).stream().map(this::point).toList();
    return edges(corners);
  }

  private List<Line> scores(java.util.function.Predicate<Score> which) {
    return piece.scores().stream()
        .filter(which)
        .map(score -> new Line(line(score.line()), score.fold()))
        .toList();
  }

  private List<Line> slits() {
    return piece.slits().stream()
        .map(slit -> new Line(line(slit.line()), Fold.DECORATIVE))
        .toList();
  }

  private List<Line> cuts() {
    List<Line> cuts = new ArrayList<>();
    piece.cuts().forEach(cut -> cuts.add(new Line(line(cut.line()), Fold.DECORATIVE)));
    piece.trims().forEach(trim -> cuts.add(new Line(line(trim), Fold.DECORATIVE)));
    piece
        .openings()
        .forEach(
            opening -> {
              List<Point> corners = opening.outline();
              for (int i = 0; i < corners.size(); i++) {
                Point next = corners.get((i + 1) % corners.size());
                cuts.add(new Line(line(new Segment(corners.get(i), next)), Fold.DECORATIVE));
              }
            });
    return cuts;
  }

  private Line2D line(Segment segment) {
    return new Line2D.Double(point(segment.from()), point(segment.to()));
  }

  private Point2D point(Point point) {
    return placed.transform(
        new Point2D.Double(point.x().toMillimetres(), point.y().toMillimetres()), null);
  }

  private static String show(Line2D line) {
    return String.format(
        java.util.Locale.ROOT,
        "%.2f,%.2f to %.2f,%.2f",
        line.getX1(),
        line.getY1(),
        line.getX2(),
        line.getY2());
  }
}

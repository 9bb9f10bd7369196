package cufflink.files.hands;

import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;

/**
 * A sheet of paper on a table, which is turned, turned over and marked by hands that know nothing
 * of what it is to become. What is done to it is remembered by the place on the sheet, seen with
 * its inside up as it lay first, and by the face that was up. The turning is done by the Java
 * library.
 */
final class VirtualSheet {
  /** What was done along a line. */
  enum Trace {
    SCORE,
    SLIT,
    CUT,
    DOT,
    TOWARDS,
    AWAY
  }

  /**
   * What was done, where.
   *
   * @param trace what
   * @param insideUp which face was up
   * @param path the places, in millimetres
   */
  record Mark(Trace trace, boolean insideUp, List<Point2D> path) {
    Point2D first() {
      return path.get(0);
    }

    Point2D last() {
      return path.get(path.size() - 1);
    }
  }

  private AffineTransform back = new AffineTransform();
  private double wide;
  private double deep;
  private boolean insideUp;
  private final List<Mark> marks = new ArrayList<>();

  /** How it is folded, if it is. */
  private Doubled doubled;

  /**
   * A sheet folded along a line that runs from edge to edge, square to them.
   *
   * @param upright whether the line runs towards the maker
   * @param at how far it is from the left or upper edge of the sheet lying flat
   * @param begin where the folded sheet begins there
   */
  private record Doubled(boolean upright, double at, double begin) {
    Point2D unfolded(Point2D place) {
      return upright
          ? new Point2D.Double(place.getX() + begin, place.getY())
          : new Point2D.Double(place.getX(), place.getY() + begin);
    }

    Point2D under(Point2D place) {
      return upright
          ? new Point2D.Double(2 * at - place.getX(), place.getY())
          : new Point2D.Double(place.getX(), 2 * at - place.getY());
    }
  }

  /** How far off something may be for the eye, in millimetres. */
  private static final double SEEN = 0.8;

  /** Lays a blank sheet; its upper left corner as it lies now is where it is measured from. */
  VirtualSheet(double wide, double deep, boolean insideUp) {
    this.wide = wide;
    this.deep = deep;
    this.insideUp = insideUp;
  }

  /** Says how the sheet lies that is already known by its described place. */
  void identify(AffineTransform toTable) {
    try {
      back = toTable.createInverse();
    } catch (NoninvertibleTransformException never) {
      throw new IllegalArgumentException(never);
    }
  }

  void turn(boolean clockwise) {
    AffineTransform undone = new AffineTransform();
    if (clockwise) {
      undone.quadrantRotate(-1);
      undone.translate(-deep, 0);
    } else {
      undone.quadrantRotate(1);
      undone.translate(0, -wide);
    }
    back.concatenate(undone);
    double now = wide;
    wide = deep;
    deep = now;
  }

  void turnOver() {
    AffineTransform undone = new AffineTransform(-1, 0, 0, 1, wide, 0);
    back.concatenate(undone);
    insideUp = !insideUp;
  }

  void mark(Trace trace, List<Point2D> path) {
    List<Point2D> places = new ArrayList<>();
    path.forEach(place -> places.add(back.transform(place, null)));
    marks.add(new Mark(trace, insideUp, places));
  }

  /** Makes a pencil dot on one of the faces. */
  void dot(Point2D place, boolean faceUp) {
    Point2D at = back.transform(place, null);
    marks.add(new Mark(Trace.DOT, insideUp == faceUp, List.of(at)));
  }

  /** Returns where a path on the table lies on the paper. */
  List<Point2D> onPaper(List<Point2D> path) {
    List<Point2D> places = new ArrayList<>();
    path.forEach(place -> places.add(back.transform(place, null)));
    return places;
  }

  /** Lays the same sheet down anew. */
  void again(double nowWide, double nowDeep, boolean nowInsideUp) {
    wide = nowWide;
    deep = nowDeep;
    insideUp = nowInsideUp;
  }

  /** Folds the sheet along a line on the paper, the smaller part under the larger one. */
  void fold(List<Point2D> line) {
    if (line == null) {
      doubled = null;
      return;
    }
    try {
      Point2D from = back.inverseTransform(line.get(0), null);
      Point2D to = back.inverseTransform(line.get(1), null);
      boolean upright = Math.abs(from.getX() - to.getX()) < 1e-6;
      double at = upright ? from.getX() : from.getY();
      fold(upright, at, 2 * at < (upright ? wide : deep) - 1e-6);
    } catch (NoninvertibleTransformException never) {
      throw new IllegalArgumentException(never);
    }
  }

  /** Folds the sheet as it lies: the part before the line is turned, or else the one after it. */
  void fold(boolean upright, double at, boolean before) {
    doubled = new Doubled(upright, at, before ? at : 0);
  }

  void open() {
    doubled = null;
  }

  /** Cuts; the knife goes through both plies of a folded sheet. */
  void slit(List<Point2D> path) {
    if (doubled == null) {
      mark(Trace.SLIT, path);
      return;
    }
    Point2D one = doubled.unfolded(path.get(0));
    Point2D other = doubled.unfolded(path.get(1));
    if (isAtFold(one) || isAtFold(other)) {
      Point2D end = isAtFold(one) ? other : one;
      mark(Trace.SLIT, List.of(doubled.under(end), end));
    } else {
      mark(Trace.SLIT, List.of(one, other));
      mark(Trace.SLIT, List.of(doubled.under(one), doubled.under(other)));
    }
  }

  private boolean isAtFold(Point2D place) {
    return place.distance(doubled.under(place)) < 0.6;
  }

  /** Says whether a pencil dot can be seen, on whichever face, at a place on the table. */
  boolean hasDot(Point2D place) {
    Point2D at = back.transform(place, null);
    return marks.stream()
        .anyMatch(each -> each.trace() == Trace.DOT && each.first().distance(at) < SEEN);
  }

  /** Says whether a score can be seen between two places on the table. */
  boolean hasScore(Point2D from, Point2D to) {
    Point2D one = back.transform(from, null);
    Point2D other = back.transform(to, null);
    return marks.stream()
        .filter(each -> each.trace() == Trace.SCORE)
        .anyMatch(
            each ->
                each.first().distance(one) < SEEN && each.last().distance(other) < SEEN
                    || each.first().distance(other) < SEEN && each.last().distance(one) < SEEN);
  }

  double wide() {
    return wide;
  }

  double deep() {
    return deep;
  }

  boolean insideUp() {
    return insideUp;
  }

  List<Mark> marks() {
    return List.copyOf(marks);
  }
}

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

package cufflink.core.inspect;

import cufflink.core.decor.Outline;
import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Panels that a maker glues over what is not to be seen, one on each panel of the card. */
final class Hiding {
  /** The tight border, a sixteenth of an inch all round; common practice, no source. */
  private static final double BORDER = 1.5875;

  /** What shares less with a panel lies beside it, in square millimetres. */
  private static final double BESIDE = 1;

  /** A mitre is cut off where it would be longer than this share of the border. */
  private static final double MITRE = 8;

  /** By so much less is cut than asked for, in millimetres: rulers have marks. */
  private static final double MARKS = 1.5875;

  /** What is as large as its box by this share is a rectangle. */
  private static final double RECTANGLE = 0.995;

  private Hiding() {}

  /**
   * Lays a panel on each of some facets.
   *
   * @param facets the facets, in the frame of their piece
   * @param piece the piece
   * @param face the face they are glued to
   * @param least how much of each facet a panel must cover, as a share
   * @return the panels, which are not called anything yet; empty if a facet has no room for one
   */
  static Optional<List<Topper>> panels(List<Facet> facets, Piece piece, Face face, double least) {
    List<Topper> panels = new ArrayList<>();
    for (Facet facet : facets) {
      int number = panels.size();
      Optional<Topper> panel =
          inner(facet.polygon(), least).flatMap(it -> panel(it, piece, face, number));
      if (panel.isEmpty()) {
        return Optional.empty();
      }
      panels.add(panel.get());
    }
    return Optional.of(panels);
  }

  /**
   * Says whether a panel can be covered: what lies there already would be covered as well, and some
   * places must stay free of glue.
   */
  static boolean isFree(Facet panel, Piece piece, Face face, Design design) {
    Stream<List<Spot>> layers =
        design.layers().stream()
            .filter(layer -> layer.on().equals(piece.id()) && layer.face() == face)
            .map(layer -> corners(layer.outline()));
    Stream<List<Spot>> parts =
        design.joints().stream()
            .filter(joint -> joint.on().equals(piece.id()) && joint.face() == face)
            .flatMap(
                joint -> design.piece(joint.piece()).map(it -> Glued.outline(joint, it)).stream());
    Stream<List<Spot>> zones =
        design.zones().stream()
            .filter(zone -> zone.on().equals(piece.id()) && zone.face() == face)
            .map(zone -> corners(zone.area().corners()));
    return Stream.of(layers, parts, zones)
        .flatMap(each -> each)
        .map(each -> Facet.polygon(each).buffer(0))
        .noneMatch(each -> each.intersection(panel.polygon()).getArea() > BESIDE);
  }

  private static List<Spot> corners(List<Point> points) {
    return points.stream().map(Spot::from).toList();
  }

  private static Optional<Polygon> inner(Polygon facet, double least) {
    BufferParameters sharp =
        new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, MITRE);
    Geometry inner = BufferOp.bufferOp(facet, -BORDER, sharp);
    return inner instanceof Polygon polygon
            && polygon.getNumPoints() <= Outline.MOST
            && polygon.getArea() * onMarks(polygon.getEnvelopeInternal()) >= least * facet.getArea()
        ? Optional.of(polygon)
        : Optional.empty();
  }

  private static double onMarks(Envelope box) {
    return (1 - MARKS / box.getWidth()) * (1 - MARKS / box.getHeight());
  }

  private static Optional<Topper> panel(Polygon inner, Piece piece, Face face, int number) {
    Envelope box = inner.getEnvelopeInternal();
    boolean isRectangle = inner.getArea() > RECTANGLE * box.getArea();
    double left =
        face == Face.INSIDE ? box.getMinX() : piece.width().toMillimetres() - box.getMaxX();
    Topper.Start start =
        new Topper.Start(
            Length.fromMillimetres(box.getWidth()),
            Length.fromMillimetres(box.getHeight()),
            Length.fromMillimetres(left),
            Length.fromMillimetres(box.getMinY()));
    Optional<Outline> outline =
        Optional.of(corners(inner, box, face))
            .filter(it -> !isRectangle && Outline.isSound(it))
            .map(it -> new Outline(it, true));
    if (!isRectangle && outline.isEmpty()) {
      return Optional.empty();
    }
    Topper panel =
        new Topper(
            Topper.fresh(number),
            "",
            "",
            isRectangle ? Topper.Shape.RECTANGLE : Topper.Shape.OUTLINE,
            Topper.Stock.WHITE,
            piece.id(),
            face,
            Topper.Fixing.FLAT,
            start,
            outline,
            "",
            Topper.Which.ALL);
    return Optional.of(panel);
  }

  /** Returns the corners of a panel as they are seen, as shares of its box. */
  private static List<Outline.Corner> corners(Polygon inner, Envelope box, Face face) {
    Coordinate[] ring = inner.getExteriorRing().getCoordinates();
    return Arrays.stream(ring)
        .limit(ring.length - 1)
        .map(
            at -> {
              double x = share(at.x - box.getMinX(), box.getWidth());
              double y = share(at.y - box.getMinY(), box.getHeight());
              return new Outline.Corner(face == Face.INSIDE ? x : 1 - x, y);
            })
        .toList();
  }

  private static double share(double part, double whole) {
    return Math.max(0, Math.min(1, part / whole));
  }
}

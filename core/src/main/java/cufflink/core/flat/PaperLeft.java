package cufflink.core.flat;

import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * The paper that is left of a piece after all its cuts. A notch is a bite out of the edge, not a
 * circle across it; what lies wholly inside is a hole. Slits take no paper away.
 *
 * @param outlines what goes round the paper, corners in order, the first not repeated; more than
 *     one if the piece falls apart, none if nothing is left
 * @param holes the openings that lie wholly inside
 */
public record PaperLeft(List<List<Point>> outlines, List<Opening> holes) {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /** Copies the lists. */
  public PaperLeft {
    outlines = outlines.stream().map(List::copyOf).toList();
    holes = List.copyOf(holes);
  }

  /**
   * Makes the cuts of a piece.
   *
   * @param piece the piece
   * @return what is left; corners of the outline stay exact, places where an opening meets it are
   *     rounded to a unit of length
   */
  public static PaperLeft of(Piece piece) {
    Geometry paper = polygon(piece.outline());
    Geometry left = paper;
    List<Opening> holes = new ArrayList<>();
    for (Opening opening : piece.openings()) {
      Polygon hole = polygon(opening.outline());
      if (paper.contains(hole) && !paper.getBoundary().intersects(hole)) {
        holes.add(opening);
      } else {
        left = OverlayNGRobust.overlay(left, hole, OverlayNG.DIFFERENCE);
      }
    }
    List<List<Point>> outlines = new ArrayList<>();
    for (int i = 0; i < left.getNumGeometries(); i++) {
      if (left.getGeometryN(i) instanceof Polygon part && !part.isEmpty()) {
        outlines.add(corners(part.getExteriorRing()));
      }
    }
    return new PaperLeft(outlines, holes);
  }

  static Polygon polygon(List<Point> corners) {
    Coordinate[] ring = new Coordinate[corners.size() + 1];
    for (int i = 0; i < ring.length; i++) {
      Point corner = corners.get(i % corners.size());
      // Units are whole numbers below 2^53, so that corners stay exact.
      ring[i] = new Coordinate(corner.x().units(), corner.y().units());
    }
    return GEOMETRY.createPolygon(ring);
  }

  private static List<Point> corners(LinearRing ring) {
    List<Point> corners = new ArrayList<>();
    Coordinate[] all = ring.getCoordinates();
    for (int i = 0; i + 1 < all.length; i++) {
      corners.add(
          new Point(Length.ofUnits(Math.round(all[i].x)), Length.ofUnits(Math.round(all[i].y))));
    }
    return corners;
  }
}

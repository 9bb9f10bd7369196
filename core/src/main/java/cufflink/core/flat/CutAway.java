package cufflink.core.flat;

import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** What comes off a piece when its outline is cut from its rectangle, and what is cut from that. */
public final class CutAway {
  /** Thirds and the like are rounded to units: several of them may be a thousandth of a mm over. */
  private static final double NEAR = Length.fromMillimetres(0.001).units();

  private CutAway() {}

  /**
   * Counts how many pieces come out of what is cut off another. Only rectangles that come off are
   * counted on, and the pieces lie in them in rows, all one way.
   *
   * @param host the piece that something is cut off from
   * @param piece the piece to be cut from that
   * @return how many one host yields
   */
  public static long count(Piece host, Piece piece) {
    List<Point> rectangle = Piece.rectangle(host.width(), host.height());
    Geometry off =
        OverlayNGRobust.overlay(
            PaperLeft.polygon(rectangle), PaperLeft.polygon(host.outline()), OverlayNG.DIFFERENCE);
    long yield = 0;
    for (int i = 0; i < off.getNumGeometries(); i++) {
      if (off.getGeometryN(i) instanceof Polygon part && part.isRectangle()) {
        Envelope room = part.getEnvelopeInternal();
        double wide = piece.width().units();
        double high = piece.height().units();
        yield += Math.max(rows(room, wide, high), rows(room, high, wide));
      }
    }
    return yield;
  }

  private static long rows(Envelope room, double wide, double high) {
    return (long) Math.floor((room.getWidth() + NEAR) / wide)
        * (long) Math.floor((room.getHeight() + NEAR) / high);
  }

  /**
   * Says whether all of a kind of piece come out of what is cut off another, so that no paper is
   * needed for them.
   *
   * @param design the card
   * @param piece the piece
   * @return false too if it is not meant to
   */
  public static boolean serves(Design design, Piece piece) {
    return design
        .source(piece)
        .filter(host -> host.role().equals(piece.role()))
        .filter(host -> count(host, piece) * host.count() >= piece.count())
        .isPresent();
  }
}

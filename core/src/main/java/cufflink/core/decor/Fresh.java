package cufflink.core.decor;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/** Where a piece that is put on comes to lie at first, and how large it is. */
public final class Fresh {
  /** Its share of the panel it lies on, across and down. */
  private static final double ACROSS = 0.5;

  private static final double DOWN = 0.3;

  private Fresh() {}

  /**
   * Lays a new topper on the middle of a panel: the largest, and of equal ones on the outside that
   * which turns over to be the front, on the inside that which stays.
   *
   * @param shape its shape
   * @param design the card
   * @param host the piece it is to lie on
   * @param face the face
   * @param facets the panels of that piece
   * @param marks the ruler it is to be measured with
   * @return its size and place
   */
  public static Topper.Start of(
      Topper.Shape shape, Design design, Piece host, Face face, List<Facet> facets, Marks marks) {
    Spot rest = Spot.from(design.rest());
    boolean stays = face == Face.INSIDE && host.equals(design.base());
    Optional<Polygon> panel =
        facets.stream()
            .map(Facet::polygon)
            .max(
                Comparator.comparingDouble((Polygon each) -> Math.rint(each.getArea()))
                    .thenComparing(each -> Facet.holds(each, rest) == stays));
    Envelope room =
        panel
            .map(Polygon::getEnvelopeInternal)
            .orElse(
                new Envelope(0, host.width().toMillimetres(), 0, host.height().toMillimetres()));
    double smaller = Math.min(room.getWidth(), room.getHeight());
    boolean isRound = shape == Topper.Shape.CIRCLE;
    Length wide = onMark(isRound ? smaller * ACROSS : room.getWidth() * ACROSS, marks);
    Length high = isRound ? wide : onMark(room.getHeight() * DOWN, marks);
    Length left = onMark(room.getMinX() + (room.getWidth() - wide.toMillimetres()) / 2, marks);
    Length top = onMark(room.getMinY() + (room.getHeight() - high.toMillimetres()) / 2, marks);
    Length seen = face == Face.OUTSIDE ? host.width().minus(left).minus(wide) : left;
    return new Topper.Start(wide.max(marks.step()), high.max(marks.step()), seen, top);
  }

  private static Length onMark(double millimetres, Marks marks) {
    return marks.nearest(Length.fromMillimetres(millimetres));
  }
}

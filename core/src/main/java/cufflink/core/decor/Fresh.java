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
  /** How much of a ring its hole is across; our decision. */
  private static final double HOLE = 0.7;

  /** Its share of the panel it lies on, across and down. */
  private static final double ACROSS = 0.5;

  private static final double DOWN = 0.3;

  /** Where the panel has a hole or a step it is made smaller, until it is so small. */
  private static final double SMALLER = 0.8;

  private static final double LEAST = 0.1;

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
    Polygon room =
        panel.orElseGet(() -> Facet.polygon(host.outline().stream().map(Spot::from).toList()));
    Topper.Start start = laid(shape, host, face, middle(room), room, 1, marks);
    for (double share = SMALLER;
        share > LEAST && !holds(room, start, host, face);
        share *= SMALLER) {
      start = laid(shape, host, face, Facet.inside(room), room, share, marks);
    }
    return shape == Topper.Shape.RING
        ? new Topper.Start(start.across(), hole(start.across(), marks), start.left(), start.top())
        : start;
  }

  /**
   * Returns how far the hole of a new ring is across.
   *
   * @param across how far the ring is
   * @param marks the ruler it is to be measured with
   * @return at least one mark
   */
  public static Length hole(Length across, Marks marks) {
    return onMark(across.toMillimetres() * HOLE, marks).max(marks.step());
  }

  private static Spot middle(Polygon room) {
    Envelope box = room.getEnvelopeInternal();
    return new Spot(box.centre().x, box.centre().y);
  }

  private static Topper.Start laid(
      Topper.Shape shape,
      Piece host,
      Face face,
      Spot middle,
      Polygon room,
      double share,
      Marks marks) {
    Envelope box = room.getEnvelopeInternal();
    boolean isRound = shape.isEven();
    double smaller = Math.min(box.getWidth(), box.getHeight());
    Length wide = onMark((isRound ? smaller : box.getWidth()) * ACROSS * share, marks);
    Length high = isRound ? wide : onMark(box.getHeight() * DOWN * share, marks);
    Length left = onMark(middle.x() - wide.toMillimetres() / 2, marks);
    Length top = onMark(middle.y() - high.toMillimetres() / 2, marks);
    Length seen = face == Face.OUTSIDE ? host.width().minus(left).minus(wide) : left;
    return new Topper.Start(wide.max(marks.step()), high.max(marks.step()), seen, top);
  }

  private static boolean holds(Polygon room, Topper.Start start, Piece host, Face face) {
    Length left =
        face == Face.OUTSIDE
            ? host.width().minus(start.left()).minus(start.across())
            : start.left();
    Envelope box =
        new Envelope(
            left.toMillimetres(),
            left.plus(start.across()).toMillimetres(),
            start.top().toMillimetres(),
            start.top().plus(start.down()).toMillimetres());
    return room.covers(room.getFactory().toGeometry(box));
  }

  private static Length onMark(double millimetres, Marks marks) {
    return marks.nearest(Length.fromMillimetres(millimetres));
  }
}

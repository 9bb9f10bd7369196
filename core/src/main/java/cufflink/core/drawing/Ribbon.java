package cufflink.core.drawing;

import cufflink.core.assembly.Assembly;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Movement;
import cufflink.core.design.Mover;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.layers.Areas;
import cufflink.core.measure.Length;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.RingClipper;

/** How the parts of a ribbon lie on the pieces over which it is led. */
final class Ribbon {
  /** A turn no larger than this is none, in radians: what hinges there lies closed. */
  private static final double CLOSED = 1e-3;

  /** A ring has at least so many corners. */
  private static final int FEWEST = 3;

  private Ribbon() {}

  /** Returns the outline of a part; led round an edge it ends along that edge, however slanted. */
  static List<Spot> outline(Movement.Leg leg, Length wide, Piece host) {
    Spot from = Spot.from(leg.middle().from());
    Spot to = Spot.from(leg.middle().to());
    double length = Math.max(from.distance(to), Double.MIN_NORMAL);
    double half = wide.toMillimetres() / 2;
    double alongX = (to.x() - from.x()) / length * half;
    double alongY = (to.y() - from.y()) / length * half;
    Polygon paper = Facet.polygon(host.outline().stream().map(Spot::from).toList());
    double before = isInside(paper, from) ? 0 : 1;
    double after = isInside(paper, to) ? 0 : 1;
    List<Spot> band =
        List.of(
            new Spot(from.x() - before * alongX - alongY, from.y() - before * alongY + alongX),
            new Spot(to.x() + after * alongX - alongY, to.y() + after * alongY + alongX),
            new Spot(to.x() + after * alongX + alongY, to.y() + after * alongY - alongX),
            new Spot(from.x() - before * alongX + alongY, from.y() - before * alongY - alongX));
    Polygon whole = Facet.polygon(band);
    if (paper.isRectangle()) {
      Coordinate[] ring = new RingClipper(paper.getEnvelopeInternal()).clip(whole.getCoordinates());
      return ring.length > FEWEST ? spots(ring) : band;
    }
    Geometry left = Areas.common(whole, paper);
    boolean isOne = !left.isEmpty() && left.getNumGeometries() == 1;
    return isOne && left.getGeometryN(0) instanceof Polygon polygon
        ? spots(polygon.getExteriorRing().getCoordinates())
        : band;
  }

  /** The last corner of a ring is its first again. */
  private static List<Spot> spots(Coordinate[] ring) {
    return Arrays.stream(ring).limit(ring.length - 1).map(at -> new Spot(at.x, at.y)).toList();
  }

  /**
   * A part of a ribbon where it lies.
   *
   * @param leg the part
   * @param facet what it lies on
   * @param outline its outline, in the frame of that facet
   * @param taped the outline of what tape holds; empty if nothing is held there
   */
  record Part(Movement.Leg leg, int facet, List<Spot> outline, List<Spot> taped) {}

  /** Returns where a ribbon comes to lie while it is led. */
  static List<Part> parts(Joint joint, Design design, FoldModel model) {
    List<Part> parts = new ArrayList<>();
    Optional<Piece> ribbon = design.piece(joint.piece());
    for (Movement.Leg leg : joint.movement().led().map(Movement.Led::taken).orElse(List.of())) {
      Optional<Assembly.Member> host = model.assembly().copy(leg.on(), leg.by());
      if (host.isPresent() && ribbon.isPresent()) {
        Length wide = ribbon.get().width().min(ribbon.get().height());
        Piece piece = host.get().flat().piece();
        List<Spot> outline = outline(leg, wide, piece);
        List<Spot> taped = leg.taping().map(part -> outline(part, wide, piece)).orElse(List.of());
        host.get().flat().facets().stream()
            .filter(facet -> FoldDrawing.holds(facet.polygon(), outline))
            .findFirst()
            .map(facet -> new Part(leg, host.get().firstFacet() + facet.index(), outline, taped))
            .ifPresent(parts::add);
      }
    }
    return parts;
  }

  /** What ends within the paper ends square. */
  private static boolean isInside(Polygon paper, Spot spot) {
    return Facet.holds((Polygon) paper.buffer(-CLOSED), spot);
  }

  /** Says whether a part lies on the copy of a piece a facet belongs to, and lies there now. */
  static boolean lies(Movement.Leg leg, FoldModel model, int facet, double[] turns) {
    Assembly assembly = model.assembly();
    Assembly.Member member = assembly.members().get(assembly.memberOf(facet));
    return assembly
            .copy(leg.on(), leg.by())
            .filter(each -> each.firstFacet() == member.firstFacet())
            .isPresent()
        && isOpen(leg.during(), assembly, turns);
  }

  /** Says whether a card is open about a line; what is said of no line always holds. */
  static boolean isOpen(Optional<Mover.Hinge> open, Assembly assembly, double[] turns) {
    return open.map(each -> isOpen(each, assembly, turns)).orElse(true);
  }

  private static boolean isOpen(Mover.Hinge open, Assembly assembly, double[] turns) {
    for (int i = 0; i < assembly.hinges().size(); i++) {
      int turn = assembly.creases().size() + i;
      if (assembly.hinges().get(i).mover().equals(open) && turn < turns.length) {
        return Math.abs(turns[turn]) > CLOSED;
      }
    }
    return false;
  }
}

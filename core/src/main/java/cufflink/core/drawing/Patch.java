package cufflink.core.drawing;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Movement;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.layers.Areas;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Point;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Ref;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * Paper that lies on a piece: a layer, or another piece glued on.
 *
 * @param ref the piece it lies on and its own id
 * @param label the maker's name for it
 * @param face the face it lies on
 * @param corners its corners on the piece, millimetres
 * @param width the width of the paper as cut
 * @param height the height of the paper as cut
 * @param fill how it is filled
 * @param edge how its edge is drawn
 * @param glue where glue is to be shown
 * @param leg which part of a ribbon it is, if it is one
 * @param by the joint that puts on the copy of the piece it lies on; empty for the first one, and
 *     for layers, which every copy has
 */
public record Patch(
    Ref ref,
    String label,
    Face face,
    List<Spot> corners,
    Length width,
    Length height,
    Fill fill,
    Ink edge,
    List<List<Spot>> glue,
    Optional<Movement.Leg> leg,
    Optional<String> by) {
  /** Copies the lists. */
  public Patch {
    corners = List.copyOf(corners);
    glue = List.copyOf(glue);
  }

  /**
   * Returns all that lies on the pieces of a design, in the order it is glued on.
   *
   * @param design the design
   * @return layers first, glued pieces over them
   */
  public static List<Patch> of(Design design) {
    List<Patch> ribbons = new ArrayList<>();
    design.joints().forEach(joint -> ribbons.addAll(ribbon(joint, design)));
    List<Patch> patches = new ArrayList<>();
    for (Layer layer : design.layers()) {
      move(ribbons, each -> each.liesUnder(layer.id()), patches);
    }
    design.layers().forEach(layer -> patches.add(of(layer, design)));
    for (Joint joint : design.joints()) {
      move(ribbons, each -> each.ref().line().equals(joint.id()), patches);
      move(ribbons, each -> each.liesUnder(joint.id()), patches);
      design
          .piece(joint.piece())
          .filter(piece -> isSeen(joint, piece) && !design.isSeam(joint))
          .ifPresent(piece -> patches.add(of(joint, piece, design)));
    }
    return patches;
  }

  /** What is folded and lies at an angle is shown as it folds, and not here; as is a seam. */
  private static boolean isSeen(Joint joint, Piece piece) {
    boolean isStraight = joint.askew().map(each -> each.degrees() == 0).orElse(true);
    return joint.movement().isFast() && (isStraight || piece.scores().isEmpty());
  }

  /** Says whether it is a layer or a part of a ribbon, and not a piece that is glued on. */
  boolean isLayer() {
    return leg.isPresent() || edge == Ink.LAYER_EDGE;
  }

  /** Says whether it is a part of a ribbon over which something lies. */
  boolean liesUnder(String id) {
    return leg.filter(each -> each.under().contains(id)).isPresent();
  }

  private static void move(List<Patch> from, Predicate<Patch> which, List<Patch> onto) {
    from.stream().filter(which).forEach(onto::add);
    from.removeIf(which);
  }

  /** A ribbon lies on each face over which it is led, cut off where the paper ends. */
  private static List<Patch> ribbon(Joint joint, Design design) {
    Optional<Piece> ribbon = design.piece(joint.piece());
    List<Patch> patches = new ArrayList<>();
    for (Movement.Leg leg : joint.movement().led().map(Movement.Led::legs).orElse(List.of())) {
      Optional<Piece> host = design.piece(leg.on());
      if (ribbon.isEmpty() || host.isEmpty()) {
        continue;
      }
      Length wide = ribbon.get().width().min(ribbon.get().height());
      patches.add(
          new Patch(
              new Ref(leg.on(), joint.id()),
              joint.label(),
              leg.face(),
              Ribbon.outline(leg, wide, host.get()),
              wide,
              Length.fromMillimetres(leg.middle().millimetres()),
              Fill.LAYER,
              Ink.CUT,
              List.of(),
              Optional.of(leg),
              leg.by()));
    }
    return patches;
  }

  private static Patch of(Layer layer, Design design) {
    return new Patch(
        new Ref(layer.on(), layer.id()),
        layer.label(),
        layer.face(),
        cut(layer, design),
        layer.width(),
        layer.height(),
        Fill.LAYER,
        Ink.LAYER_EDGE,
        List.of(),
        Optional.empty(),
        Optional.empty());
  }

  /** A window that reaches past a layer's edge is cut through card and paper together. */
  private static List<Spot> cut(Layer layer, Design design) {
    List<Spot> whole = spots(layer.outline());
    Geometry left = Facet.polygon(whole);
    List<Opening> openings = design.piece(layer.on()).map(Piece::openings).orElseGet(List::of);
    for (Opening opening : openings) {
      Polygon hole = Facet.polygon(spots(opening.outline()));
      if (opening.kind() == Opening.Kind.WINDOW && !left.covers(hole)) {
        left = Areas.without(left, hole);
      }
    }
    if (left.getNumGeometries() != 1 || !(left.getGeometryN(0) instanceof Polygon polygon)) {
      return whole;
    }
    Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
    return ring.length == whole.size() + 1
        ? whole
        : Arrays.stream(ring).limit(ring.length - 1).map(at -> new Spot(at.x, at.y)).toList();
  }

  /** What is trimmed to the edge of the paper it is glued onto lies there as it is left. */
  private static List<Spot> corners(Design design, Joint joint, Piece piece) {
    boolean flush =
        design.relations(Design.Relation.Flush.class).stream()
            .anyMatch(each -> each.joint().equals(joint.id()));
    Point at = joint.area().at();
    if (flush) {
      return piece.outline().stream()
          .map(corner -> new Point(at.x().plus(corner.x()), at.y().plus(corner.y())))
          .map(Spot::from)
          .toList();
    }
    return Glued.outline(joint, piece);
  }

  private static Patch of(Joint joint, Piece piece, Design design) {
    boolean patterned = piece.paper() == PaperKind.PATTERNED;
    // Of a piece that is folded only a part lies there.
    boolean covers = joint.shape() == Layer.Shape.WHOLE;
    return new Patch(
        new Ref(joint.on(), joint.id()),
        joint.label(),
        joint.face(),
        corners(design, joint, piece),
        covers ? joint.area().width() : piece.width(),
        covers ? joint.area().height() : piece.height(),
        patterned ? Fill.LAYER : Fill.of(joint.face()),
        Ink.CUT,
        joint.glue().isEmpty() ? List.of() : Glued.glue(joint),
        Optional.empty(),
        design.host(joint).map(Joint::id));
  }

  private static List<Spot> spots(List<Point> points) {
    return points.stream().map(Spot::from).toList();
  }
}

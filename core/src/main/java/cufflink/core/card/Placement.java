package cufflink.core.card;

import cufflink.core.design.Joint;
import cufflink.core.design.Joint.Turned;
import cufflink.core.design.Layer.Shape;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerance;
import cufflink.core.plane.Area;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.List;
import java.util.Optional;

/**
 * How a glued piece lies on its host. Both lie inside up; the piece, or one of its facets, covers
 * the joint's area, as it is or turned a quarter.
 */
final class Placement {
  private static final Vec UP = new Vec(0, 0, 1);

  /** Turned over like a page about its left edge. */
  private static final Motion OVER =
      new Motion(new Vec(-1, 0, 0), new Vec(0, 1, 0), new Vec(0, 0, -1), Vec.ZERO);

  private Placement() {}

  /** How a piece lies on its host, and with which facet it covers the joint's area. */
  record Placed(Motion motion, int facet) {}

  /** Returns how a piece lies in its host's frame, if it fits the joint's area. */
  static Optional<Placed> of(Joint joint, FlatPattern flat) {
    if (joint.askew().isPresent()) {
      return askew(joint.askew().get(), first(joint), flat);
    }
    if (joint.shape() == Shape.ON_POINT) {
      return Optional.of(new Placed(onPoint(joint.area()), 0));
    }
    if (joint.shape().isHalf()) {
      return Optional.empty();
    }
    Placed best = null;
    double least = Double.MAX_VALUE;
    for (Turned turn : turns(joint)) {
      for (Facet facet : flat.facets()) {
        double[] box = box(first(joint), facet.corners());
        if (covers(box, joint.area(), turn, flat.tolerances().folded())) {
          Motion motion = placed(box, joint.area(), turn).after(first(joint));
          double reach = reach(joint, flat, facet, motion);
          if (reach < least - flat.tolerances().folded().length()) {
            least = reach;
            best = new Placed(motion, facet.index());
          }
        }
      }
    }
    return best == null ? whole(joint, flat) : Optional.of(best);
  }

  /** What is turned over is turned over first. */
  private static Motion first(Joint joint) {
    return joint.over() ? OVER : Motion.REST;
  }

  private static Optional<Placed> askew(Joint.Askew askew, Motion first, FlatPattern flat) {
    Spot place = Spot.from(askew.place());
    Vec turned = first.apply(place);
    Spot at = Spot.from(askew.at());
    double turn = Math.toRadians(askew.degrees());
    Vec right = new Vec(Math.cos(turn), Math.sin(turn), 0);
    Vec down = new Vec(-Math.sin(turn), Math.cos(turn), 0);
    Vec shifted = right.times(turned.x()).plus(down.times(turned.y()));
    Motion motion =
        new Motion(right, down, UP, new Vec(at.x(), at.y(), 0).minus(shifted)).after(first);
    return flat.facets().stream()
        // The middle of a flat figure may be beside its paper.
        .filter(facet -> flat.facets().size() == 1 || Facet.holds(facet.polygon(), place))
        .findFirst()
        .map(facet -> new Placed(motion, facet.index()));
  }

  /** A piece all of whose facets together cover the area. */
  private static Optional<Placed> whole(Joint joint, FlatPattern flat) {
    double width = flat.piece().width().toMillimetres();
    double height = flat.piece().height().toMillimetres();
    double[] box = box(first(joint), List.of(new Spot(0, 0), new Spot(width, height)));
    for (Turned turn : turns(joint)) {
      if (covers(box, joint.area(), turn, flat.tolerances().folded())) {
        Motion motion = placed(box, joint.area(), turn).after(first(joint));
        return Optional.of(new Placed(motion, 0));
      }
    }
    return Optional.empty();
  }

  /**
   * Of two ways to turn a piece, the one is meant in which the part that does not lie on the area,
   * such as a hinge, is near the glue.
   */
  private static double reach(Joint joint, FlatPattern flat, Facet covering, Motion motion) {
    double reach = 0;
    for (Facet facet : flat.facets()) {
      Vec middle = motion.apply(facet.inside());
      for (Spot glue : glued(joint)) {
        double far = Math.hypot(middle.x() - glue.x(), middle.y() - glue.y());
        reach += facet.equals(covering) ? 0 : far;
      }
    }
    return reach;
  }

  /** Only a pattern that says so turns a piece upside down. */
  private static List<Turned> turns(Joint joint) {
    return joint.turned().map(List::of).orElse(List.of(Turned.NONE, Turned.LEFT, Turned.RIGHT));
  }

  private static double[] box(Motion motion, List<Spot> corners) {
    double[] box = {Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
    for (Vec corner : corners.stream().map(motion::apply).toList()) {
      box[0] = Math.min(box[0], corner.x());
      box[1] = Math.min(box[1], corner.y());
      box[2] = Math.max(box[2], corner.x());
      box[3] = Math.max(box[3], corner.y());
    }
    return box;
  }

  private static boolean covers(double[] box, Area area, Turned turn, Tolerance near) {
    boolean turned = turn == Turned.LEFT || turn == Turned.RIGHT;
    double wide = turned ? box[3] - box[1] : box[2] - box[0];
    double tall = turned ? box[2] - box[0] : box[3] - box[1];
    return Math.abs(wide - area.width().toMillimetres()) <= near.length()
        && Math.abs(tall - area.height().toMillimetres()) <= near.length();
  }

  private static Motion placed(double[] box, Area area, Turned turn) {
    Spot at = Spot.from(area.at());
    return switch (turn) {
      case NONE ->
          new Motion(
              new Vec(1, 0, 0), new Vec(0, 1, 0), UP, new Vec(at.x() - box[0], at.y() - box[1], 0));
      case LEFT ->
          new Motion(
              new Vec(0, -1, 0),
              new Vec(1, 0, 0),
              UP,
              new Vec(at.x() - box[1], at.y() + box[2], 0));
      case RIGHT ->
          new Motion(
              new Vec(0, 1, 0),
              new Vec(-1, 0, 0),
              UP,
              new Vec(at.x() + box[3], at.y() - box[0], 0));
      case HALF ->
          new Motion(
              new Vec(-1, 0, 0),
              new Vec(0, -1, 0),
              UP,
              new Vec(at.x() + box[2], at.y() + box[3], 0));
    };
  }

  private static Motion onPoint(Area area) {
    double half = Math.sqrt(0.5);
    Spot at = Spot.from(area.at());
    return new Motion(
        new Vec(half, half, 0),
        new Vec(-half, half, 0),
        UP,
        new Vec(at.x() + area.width().toMillimetres() / 2, at.y(), 0));
  }

  /** Returns places on the host that lie in the glue, or the middle of the area if none is said. */
  static List<Spot> glued(Joint joint) {
    return Glued.glue(joint).stream()
        .map(
            corners ->
                new Spot(
                    (corners.get(0).x() + corners.get(2).x()) / 2,
                    (corners.get(0).y() + corners.get(2).y()) / 2))
        .toList();
  }
}

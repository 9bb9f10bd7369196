package cufflink.core.drawing;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.paper.PaperRole;
import cufflink.core.plane.Area;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is fixed to a card by its ends and is free otherwise: a handle that stands up in an arch,
 * and the ends of a ribbon, tied in a bow where they meet.
 *
 * @param host the facet to which it is fixed
 * @param face the face of that
 * @param role what its paper is for
 * @param shapes the outlines of its parts in the frame of that facet, those behind first
 */
record Loose(int host, Face face, PaperRole role, List<List<Spot>> shapes) {
  /** Into so many straight parts a curve is drawn. */
  static final int PARTS = 28;

  /** An arch is found to such a part of its height. */
  private static final int HALVINGS = 24;

  Loose {
    shapes = List.copyOf(shapes);
  }

  /**
   * Returns all that hangs free of a card.
   *
   * @param design the card
   * @param model it, put together
   * @param pose how it lies
   * @param turns its turns in that pose
   * @param down says how far down the eye sees a place of a facet
   */
  static List<Loose> of(Design design, FoldModel model, Pose pose, double[] turns, Down down) {
    List<Loose> all = new ArrayList<>();
    for (Design.Relation.Arched each : design.relations(Design.Relation.Arched.class)) {
      design.joints().stream()
          .filter(joint -> joint.id().equals(each.joint()))
          .findFirst()
          .flatMap(joint -> arch(joint, design, model))
          .ifPresent(all::add);
    }
    for (Joint joint : design.joints()) {
      if (joint.movement().led().filter(led -> led.tail().isPositive()).isPresent()) {
        all.addAll(RibbonEnds.of(joint, design, model, pose, turns, down));
      }
    }
    return all;
  }

  /** How far down the eye sees a place of a facet; more is lower. */
  interface Down {
    /** Returns it, in any measure that is the same for all places. */
    double at(int facet, Spot spot);
  }

  /**
   * A handle goes up from its two ends over the nearest edge, and its middle line is as long as it
   * is.
   */
  private static Optional<Loose> arch(Joint joint, Design design, FoldModel model) {
    Optional<Piece> piece = design.piece(joint.piece());
    Optional<Assembly.Member> host = model.assembly().host(joint, design);
    if (piece.isEmpty() || host.isEmpty() || joint.glue().size() != 2) {
      return Optional.empty();
    }
    Spot first = middle(joint.glue().get(0));
    Spot second = middle(joint.glue().get(1));
    Spot between = between(first, second, 0.5);
    double apart = first.distance(second);
    double length = piece.get().width().max(piece.get().height()).toMillimetres();
    double wide = piece.get().width().min(piece.get().height()).toMillimetres();
    return host.get().flat().facets().stream()
        .filter(facet -> Facet.holds(facet.polygon(), between))
        .findFirst()
        .map(
            facet -> {
              Spot along = unit(first, second);
              Spot out = outwards(facet, between, along);
              double rim = reach(facet, between, out);
              double legs = rim + depth(joint, out) / 2;
              double high = height(apart / 2, length - 2 * legs);
              List<Spot> line = new ArrayList<>();
              line.add(from(first, out, rim - legs));
              for (int i = 0; i <= PARTS; i++) {
                double angle = Math.PI * i / PARTS;
                Spot at = from(between, along, -Math.cos(angle) * apart / 2);
                line.add(from(at, out, rim + Math.sin(angle) * high));
              }
              line.add(from(second, out, rim - legs));
              return new Loose(
                  host.get().firstFacet() + facet.index(),
                  joint.face(),
                  piece.get().role(),
                  List.of(band(line, wide / 2)));
            });
  }

  private static double depth(Joint joint, Spot out) {
    Area glue = joint.glue().get(0);
    return Math.abs(out.x()) > Math.abs(out.y())
        ? glue.width().toMillimetres()
        : glue.height().toMillimetres();
  }

  /** Returns the way square to a line to the nearer edge of a facet. */
  private static Spot outwards(Facet facet, Spot at, Spot along) {
    Spot one = new Spot(-along.y(), along.x());
    Spot other = new Spot(along.y(), -along.x());
    return reach(facet, at, one) <= reach(facet, at, other) ? one : other;
  }

  /** Returns how far a facet reaches from a place in a direction. */
  static double reach(Facet facet, Spot at, Spot way) {
    return facet.corners().stream()
        .mapToDouble(each -> (each.x() - at.x()) * way.x() + (each.y() - at.y()) * way.y())
        .max()
        .orElse(0);
  }

  /** Returns how high half an ellipse stands whose arc is so long; nought if it is too short. */
  private static double height(double half, double length) {
    double low = 0;
    double high = length / 2;
    for (int i = 0; i < HALVINGS; i++) {
      double tried = (low + high) / 2;
      if (arc(half, tried) < length) {
        low = tried;
      } else {
        high = tried;
      }
    }
    return low;
  }

  /** Returns the length of half an ellipse: Ramanujan's first approximation (1914). */
  private static double arc(double half, double high) {
    double root = Math.sqrt((3 * half + high) * (half + 3 * high));
    return Math.PI / 2 * (3 * (half + high) - root);
  }

  /** Returns the outline of a band along a line: one side there, the other one back. */
  static List<Spot> band(List<Spot> line, double wide) {
    List<Spot> left = new ArrayList<>();
    List<Spot> right = new ArrayList<>();
    for (int i = 0; i < line.size(); i++) {
      Spot before = line.get(Math.max(0, i - 1));
      Spot after = line.get(Math.min(line.size() - 1, i + 1));
      Spot way = unit(before, after);
      Spot across = new Spot(-way.y(), way.x());
      left.add(from(line.get(i), across, wide / 2));
      right.add(0, from(line.get(i), across, -wide / 2));
    }
    left.addAll(right);
    return left;
  }

  private static Spot middle(Area area) {
    return new Spot(
        area.at().x().toMillimetres() + area.width().toMillimetres() / 2,
        area.at().y().toMillimetres() + area.height().toMillimetres() / 2);
  }

  private static Spot between(Spot from, Spot to, double share) {
    return new Spot(from.x() + (to.x() - from.x()) * share, from.y() + (to.y() - from.y()) * share);
  }

  static Spot unit(Spot from, Spot to) {
    double length = Math.max(from.distance(to), Double.MIN_NORMAL);
    return new Spot((to.x() - from.x()) / length, (to.y() - from.y()) / length);
  }

  static Spot from(Spot at, Spot way, double far) {
    return new Spot(at.x() + way.x() * far, at.y() + way.y() * far);
  }
}

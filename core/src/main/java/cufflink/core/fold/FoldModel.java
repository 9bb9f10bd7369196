package cufflink.core.fold;

import cufflink.core.design.Design;
import cufflink.core.design.Stage;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerance;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * A piece as facets hinged in a tree, with the stages that fold it.
 *
 * <p>Each crease turns its facet, and all that hangs on it, by its own angle; since the hinges make
 * no loop the poses are exact rigid motions, and no equation has to be solved.
 */
public final class FoldModel {
  private final FlatPattern flat;
  private final List<Stage> stages;
  private final List<Hinge> hinges;
  private final int rest;

  /** A crease, and the facet that turns about it when the facet before it is held. */
  private record Hinge(Crease crease, int held, int turned, Spot inside) {}

  private FoldModel(FlatPattern flat, List<Stage> stages, List<Hinge> hinges, int rest) {
    this.flat = flat;
    this.stages = stages;
    this.hinges = hinges;
    this.rest = rest;
  }

  /**
   * Hinges a piece.
   *
   * @param design the design, of which the first piece is folded
   * @param flat the first piece, divided into facets
   * @return the model, or nothing if the creases close a loop, which a tree cannot fold
   */
  public static Optional<FoldModel> of(Design design, FlatPattern flat) {
    int rest = restingFacet(flat, Spot.from(design.rest()));
    List<Hinge> hinges = new ArrayList<>();
    boolean[] met = new boolean[flat.facets().size()];
    Deque<Integer> open = new ArrayDeque<>(List.of(rest));
    met[rest] = true;
    while (!open.isEmpty()) {
      int held = open.removeFirst();
      for (Crease crease : flat.creases()) {
        if (crease.joins(held) && !met[crease.across(held)]) {
          int turned = crease.across(held);
          met[turned] = true;
          open.addLast(turned);
          hinges.add(new Hinge(crease, held, turned, flat.facets().get(turned).inside()));
        }
      }
    }
    return hinges.size() == flat.creases().size()
        ? Optional.of(new FoldModel(flat, design.stages(), hinges, rest))
        : Optional.empty();
  }

  private static int restingFacet(FlatPattern flat, Spot rest) {
    var point = new GeometryFactory().createPoint(new Coordinate(rest.x(), rest.y()));
    return flat.facets().stream()
        .filter(facet -> facet.polygon().covers(point))
        .mapToInt(Facet::index)
        .findFirst()
        .orElse(0);
  }

  /**
   * Returns the flat piece.
   *
   * @return the piece with its facets and creases
   */
  public FlatPattern flat() {
    return flat;
  }

  /**
   * Returns the stages.
   *
   * @return the stages in order
   */
  public List<Stage> stages() {
    return stages;
  }

  /**
   * Returns the facet that stays on the table.
   *
   * @return its index
   */
  public int rest() {
    return rest;
  }

  /**
   * Returns the angle of each score at a moment.
   *
   * @param moment stages done: 0 is flat, 1.5 is half way through the second stage, and the number
   *     of stages is closed; moments outside are taken to the nearest of these
   * @return angles in degrees by score id, valley above zero; scores not moved yet are left out
   */
  public Map<String, Double> angles(double moment) {
    Map<String, Double> angles = new HashMap<>();
    for (int i = 0; i < stages.size() && i < moment; i++) {
      double share = Math.min(1, moment - i);
      stages
          .get(i)
          .drive()
          .forEach(
              (score, angle) -> {
                double before = angles.getOrDefault(score, 0.0);
                angles.put(score, before + (angle - before) * share);
              });
    }
    return angles;
  }

  /**
   * Poses the facets at a moment.
   *
   * @param moment as for {@link #angles}
   * @return the pose
   */
  public Pose pose(double moment) {
    return pose(angles(moment));
  }

  /**
   * Poses the facets at given angles.
   *
   * @param angles degrees by score id, valley above zero; a score left out stays flat
   * @return the pose
   */
  public Pose pose(Map<String, Double> angles) {
    Motion[] motions = new Motion[flat.facets().size()];
    motions[rest] = Motion.REST;
    for (Hinge hinge : hinges) {
      Crease crease = hinge.crease();
      double angle = Math.toRadians(angles.getOrDefault(crease.score().id(), 0.0));
      motions[hinge.turned()] =
          motions[hinge.held()].after(
              Motion.fold(crease.from(), crease.to(), hinge.inside(), angle));
    }
    return new Pose(flat, List.of(motions));
  }

  /**
   * Returns the closed card.
   *
   * @param tolerance how near lines count as touching
   * @return the closed state after the last stage
   */
  public ClosedState closed(Tolerance tolerance) {
    return ClosedState.of(pose(stages.size()), tolerance);
  }
}

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
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * A piece as facets hinged in a tree, with the stages that fold it.
 *
 * <p>Each crease of the tree turns its facet, and all that hangs on it, by its own angle. Where
 * creases make a loop, those left out of the tree must come out as well: a pose {@linkplain #holds
 * holds} if their two sides meet. A stage whose poses do not hold on the way can be shown at its
 * ends only.
 */
public final class FoldModel {
  private static final double EIGHTH = 0.125;
  private static final List<Double> SAMPLES = List.of(0.3, 0.6, 0.9);

  private final FlatPattern flat;
  private final List<Stage> stages;
  private final List<Hinge> hinges;
  private final List<Crease> loose;
  private final int rest;
  private final boolean[] moves;

  /** Found when first asked for; if two threads ask at once both find the same. */
  private volatile List<Vec> reach = List.of();

  /** A crease, and the facet that turns about it when the facet before it is held. */
  private record Hinge(Crease crease, int held, int turned, Spot inside) {}

  private FoldModel(FlatPattern flat, List<Stage> stages, List<Hinge> hinges, int rest) {
    this.flat = flat;
    this.stages = stages;
    this.hinges = hinges;
    this.rest = rest;
    Set<Crease> hinged = hinges.stream().map(Hinge::crease).collect(Collectors.toSet());
    this.loose = flat.creases().stream().filter(each -> !hinged.contains(each)).toList();
    this.moves = new boolean[stages.size()];
    for (int i = 0; i < moves.length; i++) {
      int stage = i;
      moves[i] =
          SAMPLES.stream().allMatch(share -> gap(stage + share) <= Tolerance.FOLDED.length());
    }
  }

  /**
   * Hinges a piece.
   *
   * @param design the design, of which the first piece is folded
   * @param flat the first piece, divided into facets
   * @return the model; a facet that no crease reaches stays where it is
   */
  public static FoldModel of(Design design, FlatPattern flat) {
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
    String piece = flat.piece().id();
    List<Stage> stages =
        design.stages().stream().filter(stage -> stage.piece().equals(piece)).toList();
    return new FoldModel(flat, stages, hinges, rest);
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
    Arrays.fill(motions, Motion.REST);
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
   * Returns the places that corners come to while the card is folded, so that a drawing can leave
   * room for all of them. They are found once, at every eighth of a stage.
   *
   * @return places in space
   */
  public List<Vec> reach() {
    if (reach.isEmpty()) {
      List<Vec> places = new ArrayList<>();
      for (double moment = 0; moment <= stages.size(); moment += EIGHTH) {
        Pose pose = pose(shown(moment));
        for (Facet facet : flat.facets()) {
          places.addAll(pose.corners(facet.index()));
        }
      }
      reach = List.copyOf(places);
    }
    return reach;
  }

  /** Returns how far the two sides of creases outside the tree are apart, in millimetres. */
  private double gap(double moment) {
    if (loose.isEmpty()) {
      return 0;
    }
    Pose pose = pose(moment);
    return loose.stream()
        .flatMapToDouble(
            crease ->
                DoubleStream.of(gap(pose, crease, crease.from()), gap(pose, crease, crease.to())))
        .max()
        .orElse(0);
  }

  private static double gap(Pose pose, Crease crease, Spot end) {
    return pose.place(crease.first(), end).minus(pose.place(crease.second(), end)).length();
  }

  /**
   * Says whether the paper stays in one piece at a moment.
   *
   * @param moment as for {@link #angles}
   * @return false if the creases of a loop do not meet then
   */
  public boolean holds(double moment) {
    return gap(moment) <= Tolerance.FOLDED.length();
  }

  /**
   * Returns the moment to show: the one asked for, or the nearer end of a stage that is known at
   * its ends only.
   *
   * @param moment as for {@link #angles}
   * @return a moment from nought to the number of stages
   */
  public double shown(double moment) {
    double inside = Math.max(0, Math.min(moment, stages.size()));
    int stage = (int) Math.min(Math.floor(inside), stages.size() - 1);
    return stage < 0 || moves[stage] ? inside : Math.round(inside);
  }

  /**
   * Says whether every stage can be shown on its way.
   *
   * @return false if one is known at its ends only
   */
  public boolean movesThroughout() {
    for (boolean each : moves) {
      if (!each) {
        return false;
      }
    }
    return true;
  }

  /**
   * Returns the closed card.
   *
   * @return the closed state after the last stage, or nothing if the paper would have to tear
   */
  public Optional<ClosedState> closed() {
    return holds(stages.size())
        ? Optional.of(ClosedState.of(pose(stages.size()), Tolerance.FOLDED))
        : Optional.empty();
  }
}

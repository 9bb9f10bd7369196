package cufflink.core.fold;

import cufflink.core.design.Design;
import cufflink.core.design.Stage;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerance;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * A piece as facets joined by creases, with the stages that fold it.
 *
 * <p>Creases that make a tree turn their facets, and all that hangs on them, by their own angles.
 * Where creases make a loop its two sides must meet. A stage whose creases may all turn evenly,
 * each by the share of the stage that is done, is posed so; in any other the angles are found that
 * keep the loops closed. A stage for which there are none can be shown at its ends only.
 */
public final class FoldModel {
  private static final double EIGHTH = 0.125;
  private static final List<Double> SAMPLES = List.of(0.3, 0.6, 0.9);

  private final FlatPattern flat;
  private final List<Stage> stages;
  private final Linkage linkage;
  private final int rest;
  private final Way[] ways;
  private final Course[] courses;

  /** Found when first asked for; if two threads ask at once both find the same. */
  private volatile List<Vec> reach = List.of();

  /** How a stage is walked. */
  private enum Way {
    /** Every crease turns evenly. */
    EVEN,
    /** The angles follow from the loops. */
    SOLVED,
    /** Not looked at yet. */
    UNKNOWN,
    /** Not at all: the stage is known at its ends only. */
    NONE
  }

  private FoldModel(FlatPattern flat, List<Stage> stages, int rest) {
    this.flat = flat;
    this.stages = stages;
    this.rest = rest;
    List<Link> links = new ArrayList<>();
    for (int i = 0; i < flat.creases().size(); i++) {
      Crease crease = flat.creases().get(i);
      Spot inside = flat.facets().get(crease.second()).beside(crease.from(), crease.to());
      links.add(
          new Link(
              crease.first(), crease.second(), i, crease.from(), crease.to(), inside, Motion.REST));
    }
    this.linkage = new Linkage(flat.facets().size(), links.size(), rest, links);
    this.ways = new Way[stages.size()];
    this.courses = new Course[stages.size()];
    for (int i = 0; i < ways.length; i++) {
      int stage = i;
      boolean even =
          SAMPLES.stream().allMatch(share -> gap(stage + share) <= Tolerance.FOLDED.length());
      ways[i] = even ? Way.EVEN : Way.UNKNOWN;
    }
  }

  /**
   * Joins the facets of a piece.
   *
   * @param design the design, of which the first piece is folded
   * @param flat the first piece, divided into facets
   * @return the model; a facet that no crease reaches stays where it is
   */
  public static FoldModel of(Design design, FlatPattern flat) {
    String piece = flat.piece().id();
    List<Stage> stages =
        design.stages().stream().filter(stage -> stage.piece().equals(piece)).toList();
    return new FoldModel(flat, stages, restingFacet(flat, Spot.from(design.rest())));
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
    return new Pose(flat, List.of(linkage.motions(turns(moment))));
  }

  /**
   * Returns the angle of each crease at a moment.
   *
   * @param moment as for {@link #angles}
   * @return angles in radians in the order of the creases, valley above zero
   */
  public double[] turns(double moment) {
    double inside = Math.max(0, Math.min(moment, stages.size()));
    int stage = (int) Math.floor(inside);
    boolean within = stage < stages.size() && inside > stage;
    return within && way(stage) == Way.SOLVED
        ? course(stage).at(inside - stage)
        : even(angles(inside));
  }

  private double[] even(Map<String, Double> angles) {
    double[] radians = new double[flat.creases().size()];
    for (int i = 0; i < radians.length; i++) {
      String score = flat.creases().get(i).score().id();
      radians[i] = Math.toRadians(angles.getOrDefault(score, 0.0));
    }
    return radians;
  }

  /** Finds out how a stage is walked; a stage between ends that hold may have to be solved. */
  private Way way(int stage) {
    if (ways[stage] == Way.UNKNOWN) {
      boolean ends = holds(stage) && holds(stage + 1);
      boolean walks = ends && course(stage).stuck() == Course.Stuck.NOT;
      ways[stage] = walks ? Way.SOLVED : Way.NONE;
    }
    return ways[stage];
  }

  private Course course(int stage) {
    if (courses[stage] == null) {
      double[] start = even(angles(stage));
      double[] end = even(angles(stage + 1));
      boolean[] led = new boolean[start.length];
      Arrays.fill(led, true);
      courses[stage] = new Course(linkage, start, end, led);
    }
    return courses[stage];
  }

  /**
   * Poses the facets at given angles.
   *
   * @param angles degrees by score id, valley above zero; a score left out stays flat
   * @return the pose
   */
  public Pose pose(Map<String, Double> angles) {
    return new Pose(flat, List.of(linkage.motions(even(angles))));
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

  /** Returns how far the two sides of loops are apart if every crease turns evenly. */
  private double gap(double moment) {
    return linkage.loops().isEmpty() ? 0 : gap(linkage.motions(even(angles(moment))));
  }

  /**
   * Returns how far the two sides of any loop are apart at a moment as it is posed.
   *
   * @param moment as for {@link #angles}
   * @return millimetres, zero or more
   */
  public double apart(double moment) {
    return gap(linkage.motions(turns(moment)));
  }

  private double gap(Motion[] motions) {
    double most = 0;
    for (Link link : linkage.loops()) {
      for (Spot end : List.of(link.from(), link.to())) {
        Vec apart = motions[link.first()].apply(end).minus(motions[link.second()].apply(end));
        most = Math.max(most, apart.length());
      }
    }
    return most;
  }

  /**
   * Says whether the paper stays in one piece at a moment.
   *
   * @param moment as for {@link #angles}
   * @return false if the creases of a loop do not meet then
   */
  public boolean holds(double moment) {
    double inside = Math.max(0, Math.min(moment, stages.size()));
    int stage = (int) Math.floor(inside);
    boolean solved = stage < ways.length && inside > stage && ways[stage] == Way.SOLVED;
    return solved || gap(moment) <= Tolerance.FOLDED.length();
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
    return stage < 0 || way(stage) != Way.NONE ? inside : Math.round(inside);
  }

  /**
   * Says whether every stage can be shown on its way.
   *
   * @return false if one is known at its ends only
   */
  public boolean movesThroughout() {
    for (int stage = 0; stage < ways.length; stage++) {
      if (way(stage) == Way.NONE) {
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

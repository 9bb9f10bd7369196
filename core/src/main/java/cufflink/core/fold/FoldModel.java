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
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
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

  private final Assembly assembly;
  private final List<Stage> stages;
  private final Linkage linkage;
  private final int rest;
  private final Way[] ways;
  private final Course[] courses;

  private final Map<Integer, Optional<LayerOrder.Stack>> stacks = new ConcurrentHashMap<>();

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

  private FoldModel(Assembly assembly, List<Stage> stages, int rest) {
    this.assembly = assembly;
    this.stages = stages;
    this.rest = rest;
    List<Link> links = assembly.links();
    this.linkage = new Linkage(assembly.bodies(), assembly.angles(), rest, links);
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
    int rest = restingFacet(flat, Spot.from(design.rest()));
    return new FoldModel(Assembly.of(flat), stages, rest);
  }

  /**
   * Puts the stages of a design in the order in which they are folded: what is glued on before what
   * it is glued to.
   *
   * @param design the design
   * @return all its stages
   */
  public static List<Stage> inOrder(Design design) {
    String base = design.base().id();
    List<Stage> stages = new ArrayList<>();
    for (boolean isBase : new boolean[] {false, true}) {
      design.stages().stream()
          .filter(stage -> stage.piece().equals(base) == isBase)
          .forEach(stages::add);
    }
    return stages;
  }

  /**
   * Joins the facets of a card: its first piece and all that is glued onto it. What is glued on is
   * folded before the first piece.
   *
   * @param design the design
   * @param flat the first piece, divided into facets
   * @return the model
   */
  public static FoldModel assembled(Design design, FlatPattern flat) {
    Assembly assembly = Assembly.of(design, flat);
    Set<String> pieces =
        assembly.members().stream()
            .map(member -> member.flat().piece().id())
            .collect(Collectors.toSet());
    List<Stage> stages =
        inOrder(design).stream().filter(stage -> pieces.contains(stage.piece())).toList();
    return new FoldModel(assembly, stages, restingFacet(flat, Spot.from(design.rest())));
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
    return assembly.members().get(0).flat();
  }

  /**
   * Returns all the paper that is folded.
   *
   * @return the pieces with their facets and creases
   */
  public Assembly assembly() {
    return assembly;
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
    String base = flat().piece().id();
    driven(moment)
        .forEach(
            (key, angle) -> {
              if (key.piece().equals(base)) {
                angles.put(key.score(), angle);
              }
            });
    return angles;
  }

  /** A score of one of the pieces. */
  private record Key(String piece, String score) {
    /** Reads "piece.score", or the name of a hinge. */
    static Key of(String name) {
      int dot = name.indexOf('.');
      return dot < 0 ? new Key("", name) : new Key(name.substring(0, dot), name.substring(dot + 1));
    }
  }

  private Map<Key, Double> driven(double moment) {
    Map<Key, Double> angles = new HashMap<>();
    for (int i = 0; i < stages.size() && i < moment; i++) {
      double share = Math.min(1, moment - i);
      Stage stage = stages.get(i);
      Map<Key, Double> ends = new HashMap<>();
      stage.drive().forEach((score, angle) -> ends.put(new Key(stage.piece(), score), angle));
      stage.with().forEach((name, angle) -> ends.put(Key.of(name), angle));
      ends.forEach(
          (key, angle) -> {
            double before = angles.getOrDefault(key, 0.0);
            angles.put(key, before + (angle - before) * share);
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
    return pose(linkage.motions(turns(moment)));
  }

  /** What lies between two hinges is no paper and has no place in a pose. */
  private Pose pose(Motion[] motions) {
    return new Pose(assembly, List.of(Arrays.copyOf(motions, assembly.facets().size())));
  }

  /**
   * Returns the angle of each crease at a moment.
   *
   * @param moment as for {@link #angles}
   * @return angles in radians in the order of the creases, valley above zero, and of hinges behind
   *     them
   */
  public double[] turns(double moment) {
    double inside = Math.max(0, Math.min(moment, stages.size()));
    int stage = (int) Math.floor(inside);
    boolean within = stage < stages.size() && inside > stage;
    return within && way(stage) == Way.SOLVED
        ? course(stage).at(inside - stage)
        : even(driven(inside));
  }

  private double[] even(Map<Key, Double> angles) {
    double[] radians = new double[assembly.angles()];
    for (int i = 0; i < assembly.creases().size(); i++) {
      Crease crease = assembly.creases().get(i);
      Key key = new Key(assembly.pieceOf(crease.first()).id(), crease.score().id());
      radians[i] = Math.toRadians(angles.getOrDefault(key, 0.0));
    }
    for (int i = 0; i < assembly.hinges().size(); i++) {
      Key key = new Key("", assembly.hinges().get(i).name());
      radians[assembly.creases().size() + i] = Math.toRadians(angles.getOrDefault(key, 0.0));
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
      double[] start = even(driven(stage));
      double[] end = even(driven(stage + 1));
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
    Map<Key, Double> base = new HashMap<>();
    angles.forEach((score, angle) -> base.put(new Key(flat().piece().id(), score), angle));
    return pose(linkage.motions(even(base)));
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
        for (Facet facet : assembly.facets()) {
          places.addAll(pose.corners(facet.index()));
        }
      }
      reach = List.copyOf(places);
    }
    return reach;
  }

  /** Returns how far the two sides of loops are apart if every crease turns evenly. */
  private double gap(double moment) {
    return linkage.loops().isEmpty() ? 0 : gap(linkage.motions(even(driven(moment))));
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
        Vec there = link.placement().apply(end);
        Vec apart = motions[link.first()].apply(there).minus(motions[link.second()].apply(end));
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
   * Says whether every facet lies flat after a stage.
   *
   * @param done how many stages are done
   * @return true if it does
   */
  public boolean isFlat(int done) {
    Pose pose = pose(done);
    return assembly.facets().stream()
        .flatMap(facet -> pose.corners(facet.index()).stream())
        .allMatch(corner -> Math.abs(corner.z()) <= Tolerance.FOLDED.length());
  }

  /**
   * Finds which facet lies on which after a stage at which the card lies flat.
   *
   * @param done how many stages are done
   * @return the order; empty if the card is not flat then, or cannot be folded so without passing
   *     through itself
   */
  public Optional<LayerOrder.Stack> stack(int done) {
    return stacks.computeIfAbsent(done, this::findStack);
  }

  private Optional<LayerOrder.Stack> findStack(int done) {
    if (!isFlat(done) || gap(done) > Tolerance.FOLDED.length()) {
      return Optional.empty();
    }
    LayerOrder order = LayerOrder.of(pose(done), turns(done), true);
    return order.find(order.hints(new PlyOrder(this, done, Tolerance.PAPER), pose(done)));
  }

  /**
   * Poses the facets with their layers lifted off each other, where the card lies flat.
   *
   * @param moment as for {@link #angles}
   * @param apart how far each layer is lifted off the one below, in millimetres
   * @return the pose; as it is where the card does not lie flat or the moment is within a stage
   */
  public Pose spread(double moment, double apart) {
    Pose pose = pose(moment);
    Optional<LayerOrder.Stack> stack =
        moment == Math.rint(moment) ? stack((int) moment) : Optional.empty();
    if (stack.isEmpty()) {
      return pose;
    }
    int count = assembly.facets().size();
    int[] ranks = new int[count];
    // A facet lies one step above the highest facet under it; as many rounds as there are facets
    // are enough.
    for (int round = 0; round < count; round++) {
      for (int facet = 0; facet < count; facet++) {
        for (int other = 0; other < count; other++) {
          if (stack.get().side(facet, other) > 0) {
            ranks[facet] = Math.max(ranks[facet], ranks[other] + 1);
          }
        }
      }
    }
    List<Motion> lifted = new ArrayList<>();
    for (int facet = 0; facet < count; facet++) {
      Motion motion = pose.motions().get(facet);
      Vec origin = motion.origin().plus(new Vec(0, 0, ranks[facet] * apart));
      lifted.add(new Motion(motion.right(), motion.down(), motion.up(), origin));
    }
    return new Pose(assembly, lifted);
  }

  /**
   * Says at which stage the paper cannot get from its start to its end.
   *
   * @return the number of the stage, from 0, and the loop that stops it; empty if all stages move
   */
  public Optional<Stuck> stuck() {
    for (int stage = 0; stage < ways.length; stage++) {
      if (way(stage) == Way.NONE) {
        boolean ends = holds(stage) && holds(stage + 1);
        int loop = ends ? course(stage).stuck().loop() : -1;
        List<Integer> creases = loop < 0 ? List.of() : List.of(linkage.loops().get(loop).angle());
        return Optional.of(new Stuck(stage, creases));
      }
    }
    return Optional.empty();
  }

  /**
   * A stage that does not move.
   *
   * @param stage its number, from 0
   * @param creases the creases that do not meet, by their numbers
   */
  public record Stuck(int stage, List<Integer> creases) {
    /** Copies the list. */
    public Stuck {
      creases = List.copyOf(creases);
    }
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

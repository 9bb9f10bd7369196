package cufflink.core.card;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.assembly.Poses;
import cufflink.core.design.Design;
import cufflink.core.design.Stage;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.layers.ClosedState;
import cufflink.core.linkage.Stuck;
import cufflink.core.linkage.Walk;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BooleanSupplier;
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
public final class FoldModel implements Poses {
  /** Facets beyond which a card is drawn, but neither layers nor catches are looked for. */
  public static final int MOST_FACETS = 150;

  private static final double EIGHTH = 0.125;

  private final Assembly assembly;
  private final List<Stage> stages;
  private final int rest;
  private final Walk walk;

  private final Layering layering = new Layering(this);
  private final Map<Integer, Pose> befores = new ConcurrentHashMap<>();

  /** Found when first asked for; if two threads ask at once both find the same. */
  private volatile List<Vec> reach = List.of();

  private FoldModel(Assembly assembly, List<Stage> stages, int rest) {
    this.assembly = assembly;
    this.stages = stages;
    this.rest = rest;
    this.walk = new Walk(assembly, stages, rest);
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
   * Joins the facets of a card: its first piece and all that is glued onto it. What is glued on is
   * folded before the first piece.
   *
   * @param design the design
   * @param flat the first piece, divided into facets
   * @return the model
   */
  public static FoldModel assembled(Design design, FlatPattern flat) {
    Assembly assembly = AssemblyBuilder.card(design, flat);
    Set<String> pieces =
        assembly.members().stream()
            .map(member -> member.flat().piece().id())
            .collect(Collectors.toSet());
    List<Stage> stages =
        StageOrder.of(design).stream().filter(stage -> pieces.contains(stage.piece())).toList();
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
   * Returns the moment at which the card has been folded and is closed; what comes after it opens
   * the card, works it and closes it again.
   *
   * @return how many stages belong to the folding
   */
  public int closing() {
    return (int) stages.stream().filter(Stage::isFolding).count();
  }

  /**
   * Says whether the card has more facets than are folded in thought.
   *
   * @return true above {@link #MOST_FACETS}
   */
  public boolean isTooLarge() {
    return assembly.facets().size() > MOST_FACETS;
  }

  /**
   * Finds out how all stages move. A card in which many folds meet takes seconds and is shown
   * before and after its stages only until this has been done; any other needs no preparing.
   *
   * @param stops asked now and then; true ends it, after which the model is of no use
   */
  public void prepare(BooleanSupplier stops) {
    if (!isTooLarge()) {
      walk.prepare(stops);
    }
  }

  /**
   * Returns the same card for somebody else to prepare, while this one goes on being shown.
   *
   * @return a model of its own, not prepared
   */
  public FoldModel unprepared() {
    return new FoldModel(assembly, stages, rest);
  }

  /**
   * Says whether the card may be shown at any moment without waiting.
   *
   * @return false while it needs preparing
   */
  public boolean isReady() {
    return walk.isReady();
  }

  /**
   * Returns the facet that stays on the table.
   *
   * @return its index
   */
  public int rest() {
    return rest;
  }

  @Override
  public Pose pose(double moment) {
    return pose(walk.motions(turns(moment)));
  }

  @Override
  public int last() {
    return stages.size();
  }

  @Override
  public boolean isPut(int facet, double moment) {
    return walk.isPut(facet, moment);
  }

  @Override
  public Pose before(int stage, double share) {
    return befores.computeIfAbsent(stage, each -> pose(each + 1 - share));
  }

  /** What lies between two hinges is no paper and has no place in a pose. */
  private Pose pose(Motion[] motions) {
    return new Pose(assembly, List.of(Arrays.copyOf(motions, assembly.facets().size())));
  }

  /**
   * Returns the angle of each crease at a moment.
   *
   * @param moment as for {@link #pose(double)}
   * @return angles in radians in the order of the creases, valley above zero, those of hinges
   *     behind them, and then how far what slides has slid, in hands of 80 mm
   */
  public double[] turns(double moment) {
    return walk.turns(moment);
  }

  /**
   * Poses the facets at given angles.
   *
   * @param angles degrees by score id, valley above zero; a score left out stays flat
   * @return the pose
   */
  public Pose pose(Map<String, Double> angles) {
    return pose(walk.motions(flat().piece().id(), angles));
  }

  /**
   * Returns how far the fold that turns most in a stage has turned in it at a moment.
   *
   * @param moment as for {@link #pose(double)}
   * @return degrees, from 0 to 180
   */
  public double turned(double moment) {
    return walk.turned(moment);
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

  /**
   * Returns how far the two sides of any loop are apart at a moment as it is posed.
   *
   * @param moment as for {@link #pose(double)}
   * @return millimetres, zero or more
   */
  public double apart(double moment) {
    return walk.apart(moment);
  }

  /**
   * Returns by how much the two sides of any loop are turned against each other at a moment.
   *
   * @param moment as for {@link #pose(double)}
   * @return radians, zero or more
   */
  public double askew(double moment) {
    return walk.askew(moment);
  }

  /**
   * Says whether the paper stays in one piece at a moment.
   *
   * @param moment as for {@link #pose(double)}
   * @return false if the creases of a loop do not meet then
   */
  public boolean holds(double moment) {
    return walk.holds(moment);
  }

  /**
   * Returns the moment to show: the one asked for, or the nearer end of a stage that is known at
   * its ends only.
   *
   * @param moment as for {@link #pose(double)}
   * @return a moment from nought to the number of stages
   */
  public double shown(double moment) {
    return walk.shown(moment);
  }

  /**
   * Says whether every stage can be shown on its way.
   *
   * @return false if one is known at its ends only
   */
  public boolean movesThroughout() {
    return walk.movesThroughout();
  }

  /**
   * Returns how the card lies after each stage.
   *
   * @return what lies on what
   */
  public Layering layering() {
    return layering;
  }

  /**
   * Says at which stage the paper cannot get from its start to its end, or could do so in more ways
   * than one.
   *
   * @return the first such stage; empty if all stages move in one way
   */
  public Optional<Stuck> stuck() {
    return walk.stuck();
  }

  /**
   * Returns the closed card.
   *
   * @return the closed state after the folding, or nothing if the paper would have to tear
   */
  public Optional<ClosedState> closed() {
    return holds(closing())
        ? Optional.of(ClosedState.of(pose(closing()), assembly.tolerances().folded()))
        : Optional.empty();
  }
}

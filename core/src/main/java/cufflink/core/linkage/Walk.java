package cufflink.core.linkage;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Assembly.Glue;
import cufflink.core.assembly.Link;
import cufflink.core.design.Stage;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerance;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/** How a card gets from stage to stage: the amounts by which all moves, with every loop closed. */
public final class Walk {
  /** Loops with which a card is walked in no time. */
  private static final int FEW_LOOPS = 12;

  /** Loops beyond which a stage is shown before and after only. */
  private static final int MOST_LOOPS = 60;

  private static final List<Double> SAMPLES = List.of(0.3, 0.6, 0.9);

  private final Assembly assembly;
  private final List<Stage> stages;
  private final Linkage linkage;
  private final Drives drives;
  private final int[] since;
  private final Way[] ways;
  private final Course[] courses;
  private final double[][] reached;

  /** Whether what takes its time may be done: always for a card with few loops. */
  private volatile boolean ready;

  private volatile BooleanSupplier stops = () -> false;

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

  /**
   * Prepares to walk.
   *
   * @param assembly what hangs together
   * @param stages the stages in order
   * @param rest the facet that stays on the table
   */
  public Walk(Assembly assembly, List<Stage> stages, int rest) {
    this.assembly = assembly;
    this.stages = stages;
    this.linkage =
        Linkage.of(
            assembly.bodies(), assembly.angles(), rest, assembly.links(), assembly.tolerances());
    this.drives = new Drives(assembly, stages);
    this.since = since(assembly, stages);
    this.ways = new Way[stages.size()];
    this.courses = new Course[stages.size()];
    this.reached = new double[stages.size() + 1][];
    Arrays.fill(ways, Way.UNKNOWN);
    this.ready = linkage.loops().size() <= FEW_LOOPS;
  }

  /**
   * Finds out how every stage is walked, which may take seconds where many folds meet.
   *
   * @param newStops asked now and then; true ends it, and nothing that was found is to be used
   */
  public void prepare(BooleanSupplier newStops) {
    stops = newStops;
    ready = true;
    for (int stage = 0; stage < ways.length && !stops.getAsBoolean(); stage++) {
      way(stage);
    }
    if (!newStops.getAsBoolean()) {
      // The model outlives the question it was made for, whose end must not stop it.
      stops = () -> false;
    }
  }

  /** Says whether all may be asked without waiting. */
  public boolean isReady() {
    return ready;
  }

  private boolean isCrowded() {
    return linkage.loops().size() > MOST_LOOPS;
  }

  /** Places all facets at some amounts. */
  public Motion[] motions(double[] amounts) {
    return linkage.motions(amounts);
  }

  /** Places all facets with some scores of a piece folded, by their angles in degrees. */
  public Motion[] motions(String piece, Map<String, Double> degrees) {
    return linkage.motions(drives.of(piece, degrees));
  }

  /**
   * Returns from which moment on each piece is where it belongs: after its own folding and that of
   * what it is glued to.
   */
  private static int[] since(Assembly assembly, List<Stage> stages) {
    int[] since = new int[assembly.members().size()];
    for (int member = 1; member < since.length; member++) {
      String piece = assembly.members().get(member).flat().piece().id();
      for (int stage = 0; stage < stages.size(); stage++) {
        boolean own = stages.get(stage).isFolding() && stages.get(stage).piece().equals(piece);
        since[member] = own ? stage + 1 : since[member];
      }
      for (Glue glue : assembly.members().get(member).glue()) {
        since[member] = Math.max(since[member], since[assembly.memberOf(glue.host())]);
      }
    }
    return since;
  }

  /** Returns the linkage at a moment, with the loops that are closed by then. */
  private Linkage linkage(double moment) {
    return linkage.with(link -> !link.late() || isPut(link.second(), moment));
  }

  /** Says whether the piece of a facet has been folded and is where it belongs. */
  public boolean isPut(int facet, double moment) {
    return facet >= assembly.facets().size() || since[assembly.memberOf(facet)] <= moment;
  }

  /**
   * Returns the amounts after so many stages: those asked for, and what followed them where that is
   * what keeps the loops closed.
   */
  private double[] reached(int done) {
    if (reached[done] == null) {
      double[] asked = drives.at(done);
      reached[done] = asked;
      if (done > 0 && !linkage.loops().isEmpty()) {
        boolean[] named = drives.named(done - 1);
        for (int i = 0; i < asked.length; i++) {
          asked[i] = named[i] ? asked[i] : reached(done - 1)[i];
        }
        // Where all is said, nothing follows, and there is nothing to be found on the way.
        boolean follows = !open(named).isEmpty() || named.length > assembly.creases().size();
        boolean walks = ready && follows && !isCrowded();
        if (walks && !closes(done, asked, linkage.tolerances().folded()) && holds(done - 1)) {
          Course course = course(done - 1);
          reached[done] = course.stuck() == Course.Stuck.NOT ? course.end() : asked;
        }
      }
    }
    return reached[done];
  }

  /** Finds out how a stage is walked; a stage between ends that hold may have to be solved. */
  private Way way(int stage) {
    if (!ready) {
      return Way.NONE;
    }
    if (ways[stage] == Way.UNKNOWN) {
      ways[stage] = isEven(stage, linkage.tolerances().exact()) ? Way.EVEN : unevenWay(stage);
    }
    return ways[stage];
  }

  /** Where rounded places keep a stage from being quite even, that is still better than nothing. */
  private Way unevenWay(int stage) {
    boolean ends = !isCrowded() && holds(stage) && holds(stage + 1);
    if (ends && course(stage).stuck() == Course.Stuck.NOT) {
      return Way.SOLVED;
    }
    return isEven(stage, linkage.tolerances().folded()) ? Way.EVEN : Way.NONE;
  }

  private Course course(int stage) {
    if (courses[stage] == null) {
      double[] start = reached(stage);
      double[] end = drives.at(stage + 1);
      boolean[] led = drives.named(stage);
      for (int i = 0; i < led.length; i++) {
        end[i] = led[i] ? end[i] : start[i];
      }
      courses[stage] =
          new Course(
              linkage(stage),
              start,
              end,
              led,
              drives.held(stage),
              signs(),
              () -> stops.getAsBoolean());
    }
    return courses[stage];
  }

  private int[] signs() {
    int[] signs = new int[assembly.angles()];
    for (int i = 0; i < assembly.creases().size(); i++) {
      signs[i] = assembly.creases().get(i).score().fold().sign();
    }
    return signs;
  }

  /** Says whether a stage may be walked with every crease turning evenly. */
  private boolean isEven(int stage, Tolerance tolerance) {
    return linkage.loops().isEmpty()
        || SAMPLES.stream()
            .map(share -> stage + share)
            .allMatch(each -> closes(each, drives.at(each), tolerance));
  }

  private double twist(double moment, double[] amounts) {
    Motion[] motions = linkage.motions(amounts);
    double most = 0;
    for (Link link : linkage(moment).loops()) {
      Motion there = promised(link, motions, amounts);
      most = Math.max(most, motions[link.second()].turnFrom(there).length());
    }
    return most;
  }

  private boolean closes(double moment, double[] amounts, Tolerance tolerance) {
    return gap(moment, amounts) <= tolerance.length()
        && twist(moment, amounts) <= tolerance.angle();
  }

  /** Returns where a loop's link says that its second facet lies. */
  private Motion promised(Link link, Motion[] motions, double[] amounts) {
    return motions[link.first()].after(linkage.relative(link, amounts));
  }

  private double gap(double moment, double[] amounts) {
    Motion[] motions = linkage.motions(amounts);
    double most = 0;
    for (Link link : linkage(moment).loops()) {
      Motion there = promised(link, motions, amounts);
      for (Spot end : List.of(link.axle().from(), link.axle().to())) {
        Vec apart = there.apply(end).minus(motions[link.second()].apply(end));
        most = Math.max(most, apart.length());
      }
    }
    return most;
  }

  private List<Integer> open(boolean[] named) {
    List<Integer> open = new ArrayList<>();
    for (int i = 0; i < assembly.creases().size(); i++) {
      if (!named[i]) {
        open.add(i);
      }
    }
    return open;
  }

  /**
   * Returns all amounts at a moment.
   *
   * @param moment stages done, from 0 to the number of stages
   * @return radians of creases and hinges, valley above zero, then distances of slides in hands of
   *     80 mm
   */
  public double[] turns(double moment) {
    double inside = Math.max(0, Math.min(moment, stages.size()));
    int stage = (int) Math.floor(inside);
    boolean within = stage < stages.size() && inside > stage;
    if (!within) {
      return reached(stage).clone();
    }
    return way(stage) == Way.SOLVED ? course(stage).at(inside - stage) : drives.at(inside);
  }

  /**
   * Returns how far what turns most in a stage has turned in it.
   *
   * @param moment stages done, from 0 to the number of stages
   * @return degrees, from 0 to 180
   */
  public double turned(double moment) {
    double[] before = reached((int) Math.max(0, Math.ceil(moment) - 1));
    double[] now = turns(moment);
    double most = 0;
    for (int i = 0; i < assembly.creases().size() + assembly.hinges().size(); i++) {
      most = Math.max(most, Math.abs(now[i] - before[i]));
    }
    return Math.toDegrees(most);
  }

  /**
   * Returns how far the two sides of any loop are apart.
   *
   * @param moment stages done, from 0 to the number of stages
   * @return millimetres, zero or more
   */
  public double apart(double moment) {
    return gap(moment, turns(moment));
  }

  /**
   * Returns by how much the two sides of any loop are turned against each other.
   *
   * @param moment stages done, from 0 to the number of stages
   * @return radians, zero or more
   */
  public double askew(double moment) {
    return twist(moment, turns(moment));
  }

  /**
   * Says whether every loop is closed.
   *
   * @param moment stages done, from 0 to the number of stages
   * @return false if the paper would have to tear
   */
  public boolean holds(double moment) {
    double inside = Math.max(0, Math.min(moment, stages.size()));
    int stage = (int) Math.floor(inside);
    boolean solved = stage < ways.length && inside > stage && ways[stage] == Way.SOLVED;
    return solved || closes(inside, turns(inside), linkage.tolerances().folded());
  }

  /**
   * Returns the moment that can be shown.
   *
   * @param moment stages done, from 0 to the number of stages
   * @return the same, or the nearer end of a stage that is known at its ends only
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
   * Finds the first stage that does not move, or could move in more ways than one.
   *
   * @return where it is stuck; empty if all stages move in one way
   */
  public Optional<Stuck> stuck() {
    for (int stage = 0; stage < ways.length; stage++) {
      if (way(stage) == Way.NONE) {
        if (isCrowded()) {
          return Optional.of(new Stuck(stage, List.of(), 0, 0, linkage.loops().size(), false));
        }
        Course.Stuck stuck = holds(stage) ? course(stage).stuck() : Course.Stuck.AT_ONCE;
        int loop = stuck.loop();
        List<Integer> creases =
            loop < 0 ? List.of() : List.of(linkage(stage).loops().get(loop).angle());
        boolean proved = stuck == Course.Stuck.AT_ONCE || !course(stage).isSupple();
        return Optional.of(new Stuck(stage, creases, stuck.share(), 0, 0, proved));
      }
      // What is even but for rounding moves evenly; nothing else has to give way.
      if (way(stage) == Way.SOLVED && !isEven(stage, linkage.tolerances().folded())) {
        boolean[] named = drives.named(stage);
        int loose = course(stage).loose(named);
        if (loose > 0) {
          return Optional.of(new Stuck(stage, open(named), 1, loose, 0, true));
        }
      }
    }
    return Optional.empty();
  }
}

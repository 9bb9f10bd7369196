package cufflink.core.linkage;

import cufflink.core.assembly.Link;
import cufflink.core.measure.Tolerances;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/**
 * Facets joined by creases and glue. Enough of the links make a tree, by which every facet has its
 * place; each of the others closes a loop, whose two sides must meet.
 */
public final class Linkage {
  private final int facets;
  private final int angles;
  private final List<Step> tree;
  private final List<Link> loops;
  private final int[][] paths;
  private final boolean[] sliding;
  private final Tolerances tolerances;

  /** A link of the tree and which way it was walked. */
  private record Step(Link link, boolean forward) {
    int held() {
      return forward ? link.first() : link.second();
    }

    int turned() {
      return forward ? link.second() : link.first();
    }
  }

  /**
   * All facets at some angles, with the axis of each tree link where it is then, and the direction
   * in which one slides.
   */
  record Placed(Motion[] motions, Vec[] axes, Vec[] pivots, Vec[] slides) {}

  /** What moves with what: a tree that reaches every facet, and what closes rings. */
  private record Net(List<Step> tree, List<Link> loops, int[][] paths) {}

  private Linkage(int facets, int angles, Net net, boolean[] sliding, Tolerances tolerances) {
    this.facets = facets;
    this.angles = angles;
    this.tree = net.tree();
    this.loops = net.loops();
    this.paths = net.paths();
    this.sliding = sliding;
    this.tolerances = tolerances;
  }

  /** Returns how near is equal. */
  Tolerances tolerances() {
    return tolerances;
  }

  /**
   * Joins facets.
   *
   * @param facets how many there are
   * @param angles how many angles they move by
   * @param rest the facet that stays where it is
   * @param links what joins them
   * @param tolerances how near is equal
   */
  public static Linkage of(
      int facets, int angles, int rest, List<Link> links, Tolerances tolerances) {
    List<List<Step>> out = new ArrayList<>();
    for (int i = 0; i < facets; i++) {
      out.add(new ArrayList<>());
    }
    boolean[] sliding = new boolean[angles];
    for (Link link : links) {
      out.get(link.first()).add(new Step(link, true));
      out.get(link.second()).add(new Step(link, false));
      if (link.slides()) {
        sliding[link.angle()] = true;
      }
    }
    int[][] paths = new int[facets][];
    List<Step> tree = grown(rest, out, paths);
    List<Link> loops = new ArrayList<>();
    for (Link link : links) {
      boolean reached = paths[link.first()] != null && paths[link.second()] != null;
      if (reached && tree.stream().noneMatch(each -> each.link() == link)) {
        loops.add(link);
      }
    }
    for (int i = 0; i < facets; i++) {
      paths[i] = paths[i] == null ? new int[0] : paths[i];
    }
    return new Linkage(facets, angles, new Net(tree, loops, paths), sliding, tolerances);
  }

  /**
   * A piece is glued by its second end only once it has been folded, so no facet hangs on such a
   * link that also hangs on a crease: these are walked last.
   */
  private static List<Step> grown(int rest, List<List<Step>> out, int[][] paths) {
    List<Step> tree = new ArrayList<>();
    Deque<Integer> open = new ArrayDeque<>(List.of(rest));
    Deque<Step> later = new ArrayDeque<>();
    paths[rest] = new int[0];
    while (!open.isEmpty() || !later.isEmpty()) {
      if (open.isEmpty()) {
        take(later.removeFirst(), tree, paths, open);
        continue;
      }
      for (Step step : out.get(open.removeFirst())) {
        if (step.link().late()) {
          later.addLast(step);
        } else {
          take(step, tree, paths, open);
        }
      }
    }
    return tree;
  }

  private static void take(Step step, List<Step> tree, int[][] paths, Deque<Integer> open) {
    if (paths[step.turned()] != null) {
      return;
    }
    int[] before = paths[step.held()];
    int[] path = Arrays.copyOf(before, before.length + 1);
    path[path.length - 1] = tree.size();
    paths[step.turned()] = path;
    tree.add(step);
    open.addLast(step.turned());
  }

  /** Returns the same facets with only some of the loops: others are not glued yet. */
  Linkage with(Predicate<Link> closed) {
    List<Link> some = loops.stream().filter(closed).toList();
    return some.size() == loops.size()
        ? this
        : new Linkage(facets, angles, new Net(tree, some, paths), sliding, tolerances);
  }

  int angles() {
    return angles;
  }

  /** Says whether one of the amounts is that of something that slides, and no angle. */
  boolean slides(int angle) {
    return sliding[angle];
  }

  List<Link> loops() {
    return loops;
  }

  /** Returns the links of the tree from the resting facet to a facet. */
  int[] path(int facet) {
    return paths[facet];
  }

  /** Returns the angles on which a loop depends: what both its sides go through cancels out. */
  Set<Integer> around(Link loop) {
    Set<Integer> steps = new HashSet<>();
    for (int facet : new int[] {loop.first(), loop.second()}) {
      for (int step : paths[facet]) {
        if (!steps.add(step)) {
          steps.remove(step);
        }
      }
    }
    Set<Integer> angles = new HashSet<>();
    steps.forEach(step -> angles.add(treeLink(step).angle()));
    angles.add(loop.angle());
    angles.remove(Link.GLUED);
    return angles;
  }

  Link treeLink(int index) {
    return tree.get(index).link();
  }

  /** Places all facets; what no link reaches stays where it is. */
  public Motion[] motions(double[] radians) {
    Motion[] motions = new Motion[facets];
    Arrays.fill(motions, Motion.REST);
    for (Step step : tree) {
      Motion relative = relative(step.link(), radians);
      motions[step.turned()] =
          motions[step.held()].after(step.forward() ? relative : relative.inverse());
    }
    return motions;
  }

  Motion relative(Link link, double[] radians) {
    return link.relative(link.angle() == Link.GLUED ? 0 : radians[link.angle()]);
  }

  /** Places all facets and finds how each tree link moves what hangs on it. */
  Placed placed(double[] radians) {
    Motion[] motions = motions(radians);
    Vec[] axes = new Vec[tree.size()];
    Vec[] pivots = new Vec[tree.size()];
    Vec[] slides = new Vec[tree.size()];
    for (int i = 0; i < axes.length; i++) {
      Step step = tree.get(i);
      Link link = step.link();
      int sign = step.forward() ? 1 : -1;
      slides[i] = motions[link.first()].turn(link.slide()).times(sign);
      axes[i] = Vec.ZERO;
      pivots[i] = Vec.ZERO;
      if (link.angle() != Link.GLUED && !link.slides()) {
        Motion frame =
            step.forward() ? motions[link.first()].after(link.placement()) : motions[link.second()];
        axes[i] = frame.turn(link.axis()).times(sign);
        pivots[i] = frame.apply(link.axle().from());
      }
    }
    return new Placed(motions, axes, pivots, slides);
  }
}

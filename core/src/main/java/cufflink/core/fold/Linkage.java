package cufflink.core.fold;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;

/**
 * Facets joined by creases and glue. Enough of the links make a tree, by which every facet has its
 * place; each of the others closes a loop, whose two sides must meet.
 */
final class Linkage {
  private final int facets;
  private final int angles;
  private final int rest;
  private final List<Link> links;
  private final List<Step> tree = new ArrayList<>();
  private final List<Link> loops = new ArrayList<>();
  private final int[][] paths;

  /** A link of the tree and which way it was walked. */
  private record Step(Link link, boolean forward) {
    int held() {
      return forward ? link.first() : link.second();
    }

    int turned() {
      return forward ? link.second() : link.first();
    }
  }

  /** All facets at some angles, with the axis of each tree link where it is then. */
  record Placed(Motion[] motions, Vec[] axes, Vec[] pivots) {}

  Linkage(int facets, int angles, int rest, List<Link> links) {
    this.facets = facets;
    this.angles = angles;
    this.rest = rest;
    this.links = List.copyOf(links);
    this.paths = new int[facets][];
    grow();
  }

  private void grow() {
    List<List<Step>> out = new ArrayList<>();
    for (int i = 0; i < facets; i++) {
      out.add(new ArrayList<>());
    }
    for (Link link : links) {
      out.get(link.first()).add(new Step(link, true));
      out.get(link.second()).add(new Step(link, false));
    }
    Deque<Integer> open = new ArrayDeque<>(List.of(rest));
    paths[rest] = new int[0];
    List<Link> used = new ArrayList<>();
    while (!open.isEmpty()) {
      int held = open.removeFirst();
      for (Step step : out.get(held)) {
        if (paths[step.turned()] == null) {
          int[] path = Arrays.copyOf(paths[held], paths[held].length + 1);
          path[path.length - 1] = tree.size();
          paths[step.turned()] = path;
          tree.add(step);
          used.add(step.link());
          open.addLast(step.turned());
        }
      }
    }
    for (Link link : links) {
      boolean reached = paths[link.first()] != null && paths[link.second()] != null;
      if (reached && used.stream().noneMatch(each -> each == link)) {
        loops.add(link);
      }
    }
    for (int i = 0; i < facets; i++) {
      paths[i] = paths[i] == null ? new int[0] : paths[i];
    }
  }

  int angles() {
    return angles;
  }

  List<Link> loops() {
    return loops;
  }

  /** Returns the links of the tree from the resting facet to a facet. */
  int[] path(int facet) {
    return paths[facet];
  }

  Link treeLink(int index) {
    return tree.get(index).link();
  }

  /** Places all facets; what no link reaches stays where it is. */
  Motion[] motions(double[] radians) {
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

  /** Places all facets and finds about which axis each tree link turns what hangs on it. */
  Placed placed(double[] radians) {
    Motion[] motions = motions(radians);
    Vec[] axes = new Vec[tree.size()];
    Vec[] pivots = new Vec[tree.size()];
    for (int i = 0; i < axes.length; i++) {
      Step step = tree.get(i);
      Link link = step.link();
      if (link.angle() != Link.GLUED) {
        Motion frame =
            step.forward() ? motions[link.first()].after(link.placement()) : motions[link.second()];
        Vec axis = frame.turn(link.axis());
        axes[i] = step.forward() ? axis : axis.times(-1);
        pivots[i] = frame.apply(link.from());
      }
    }
    return new Placed(motions, axes, pivots);
  }
}

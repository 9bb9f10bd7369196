package cufflink.core.layers;

import cufflink.core.assembly.Pose;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.List;

/** Lifts the layers of a flat card off each other. */
public final class Spread {
  private Spread() {}

  /**
   * Lifts each facet one step above the highest facet under it.
   *
   * @param pose a pose in which the card lies flat
   * @param stack which facet lies on which
   * @param apart how far a step is, in millimetres
   */
  public static Pose of(Pose pose, LayerOrder.Stack stack, double apart) {
    int[] ranks = ranks(pose.motions().size(), stack);
    List<Motion> lifted = new ArrayList<>();
    for (int facet = 0; facet < ranks.length; facet++) {
      Motion motion = pose.motions().get(facet);
      Vec origin = motion.origin().plus(new Vec(0, 0, ranks[facet] * apart));
      lifted.add(new Motion(motion.right(), motion.down(), motion.up(), origin));
    }
    return new Pose(pose.assembly(), lifted);
  }

  /** As many rounds as there are facets are enough. */
  private static int[] ranks(int count, LayerOrder.Stack stack) {
    int[] ranks = new int[count];
    for (int round = 0; round < count; round++) {
      for (int facet = 0; facet < count; facet++) {
        for (int other = 0; other < count; other++) {
          if (stack.side(facet, other) > 0) {
            ranks[facet] = Math.max(ranks[facet], ranks[other] + 1);
          }
        }
      }
    }
    return ranks;
  }
}

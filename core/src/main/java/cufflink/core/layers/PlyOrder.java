package cufflink.core.layers;

import cufflink.core.assembly.Pose;
import cufflink.core.assembly.Poses;
import cufflink.core.measure.Tolerance;
import cufflink.core.space.Vec;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Which of two facets that lie flat on each other is on top.
 *
 * <p>Two facets last moved against each other in some stage; just before the end of that stage they
 * were not yet flat, and the one that was then on the inside of the other stays there. This holds
 * as long as the stages themselves pass through no paper.
 */
public final class PlyOrder {
  private static final double JUST_BEFORE = 0.04;

  /** Moments that differ by less are the same, in stages. */
  private static final double SAME = 1e-12;

  private final Poses course;
  private final double moment;
  private final Map<Double, Pose> poses = new HashMap<>();
  private final Tolerance tolerance;
  private final GlueOrder glue;
  private List<Channel> channels;

  /**
   * Prepares the order at a moment.
   *
   * @param course the folded card
   * @param moment as for {@link Poses#pose(double)}
   * @param pose the pose at that moment
   * @param tolerance how near counts as touching
   */
  public PlyOrder(Poses course, double moment, Pose pose, Tolerance tolerance) {
    this.course = course;
    this.moment = Math.min(moment, course.last());
    this.tolerance = tolerance;
    this.glue = new GlueOrder(pose);
    poses.put(this.moment, pose);
  }

  /**
   * Compares two facets at a place where they touch.
   *
   * @param facet the index of one facet
   * @param other the index of the other facet
   * @param place a place in space, on both
   * @return 1 if the first lies on the inside of the other, -1 if on its outside, 0 if they are of
   *     one piece and never moved against each other
   */
  public int side(int facet, int other, Vec place) {
    for (Channel channel : channels()) {
      Optional<Integer> side = channel.side(facet, other);
      if (side.isPresent()) {
        return side.get();
      }
    }
    Vec onFacet = pose(moment).motions().get(facet).back(place);
    for (int stage = (int) Math.ceil(moment) - 1; stage >= 0; stage--) {
      double end = Math.min(moment, stage + 1);
      double before = end - (end - stage) * JUST_BEFORE;
      double height = height(facet, other, onFacet, before);
      if (Math.abs(height) > tolerance.length()) {
        return height > 0 ? 1 : -1;
      }
    }
    return glue.side(facet, other);
  }

  /** Compares two facets by how their pieces were joined, whatever they did then. */
  int joined(int facet, int other) {
    return glue.side(facet, other);
  }

  private List<Channel> channels() {
    if (channels == null) {
      channels = Channel.of(pose(moment), slide -> course.isPut(slide.facet(), moment));
    }
    return channels;
  }

  private double height(int facet, int other, Vec onFacet, double when) {
    Pose pose = pose(when);
    Vec then = pose.motions().get(facet).apply(onFacet);
    return pose.motions().get(other).back(then).z();
  }

  private Pose pose(double when) {
    return poses.computeIfAbsent(
        when,
        moment -> {
          // What lies before the end of a whole stage is asked for in every frame.
          int stage = (int) Math.ceil(moment) - 1;
          boolean whole = Math.abs(moment - (stage + 1 - JUST_BEFORE)) < SAME;
          return whole ? course.before(stage, JUST_BEFORE) : course.pose(moment);
        });
  }
}

package cufflink.core.layers;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.flat.Crease;
import cufflink.core.space.Vec;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What lies between the host of something that slides and what holds it down: the facet that
 * slides, all that goes on from it without a fold, and what is glued to these.
 */
final class Channel {
  private static final double OPEN = 1e-3;

  private final Assembly assembly;
  private final Assembly.Slide slide;
  private final Pose pose;
  private final Set<Integer> inside = new HashSet<>();

  private Channel(Assembly.Slide slide, Pose pose) {
    this.assembly = pose.assembly();
    this.slide = slide;
    this.pose = pose;
    inside.add(slide.facet());
    int before = 0;
    while (before < inside.size()) {
      before = inside.size();
      for (Crease crease : assembly.creases()) {
        join(crease.first(), crease.second());
      }
      for (Assembly.Member member : assembly.members()) {
        for (Assembly.Glue glue : member.glue()) {
          if (glue.host() != slide.host() && inside.contains(glue.host())) {
            inside.add(glue.facet());
          }
        }
      }
    }
  }

  /** Facets that lie in one plane on the two sides of a crease are one sheet. */
  private void join(int one, int other) {
    Vec up = pose.motions().get(one).up();
    boolean straight = up.dot(pose.motions().get(other).up()) > 1 - OPEN * OPEN;
    if (straight && (inside.contains(one) || inside.contains(other))) {
      inside.add(one);
      inside.add(other);
    }
  }

  /** Returns what the slides of a card hold together in a pose. */
  static List<Channel> of(Pose pose, java.util.function.Predicate<Assembly.Slide> holds) {
    return pose.assembly().slides().stream()
        .filter(holds)
        .map(slide -> new Channel(slide, pose))
        .toList();
  }

  /**
   * Says on which side of another facet one lies.
   *
   * @return 1 if it lies on the other's inside, −1 if on its outside; empty if the slide says
   *     nothing
   */
  Optional<Integer> side(int facet, int other) {
    int above = above(facet, other);
    if (above == 0) {
      return Optional.empty();
    }
    Vec up = pose.motions().get(slide.host()).up().times(slide.inside() ? 1 : -1);
    int faces = pose.motions().get(other).up().dot(up) > 0 ? 1 : -1;
    return Optional.of(above * faces);
  }

  /** Says which of two facets is farther from the host. */
  private int above(int facet, int other) {
    boolean one = inside.contains(facet);
    boolean two = inside.contains(other);
    if (one == two) {
      return 0;
    }
    int away = one ? 1 : -1;
    int third = one ? other : facet;
    if (third == slide.host()) {
      return away;
    }
    return slide.under().contains(assembly.pieceOf(third).id()) ? -away : 0;
  }
}

package cufflink.core.design;

import cufflink.core.measure.Length;
import cufflink.core.plane.Area;
import cufflink.core.plane.Side;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * The room that a joint with a mouth leaves for something to be held: the largest rectangle that
 * touches its mouth and none of its glue. What stands on its bottom sticks out once it passes the
 * edge of the host on the side of the mouth.
 */
final class PocketRoom {
  private final Joint joint;
  private final Side mouth;

  PocketRoom(Joint joint) {
    this.joint = joint;
    this.mouth = joint.mouth();
  }

  /** A rectangle seen from the mouth: along it, and into the pocket. */
  private record Seen(Length from, Length to, Length near, Length far) {}

  /**
   * Returns the pocket.
   *
   * @param label the maker's name for it
   * @param host the piece that the joint is on
   * @return the pocket; its width or depth is nought if nothing is left between the glue
   */
  Pocket pocket(String label, Piece host) {
    Seen all = seen(joint.area());
    List<Seen> glue = joint.glue().stream().map(this::seen).toList();
    Seen nothing = new Seen(all.from(), all.from(), all.near(), all.near());
    // A margin so wide that its area is turned inside out has met the one across.
    boolean isMet = joint.glue().stream().anyMatch(PocketRoom::isInsideOut);
    Seen best = isMet ? nothing : largest(all, glue, nothing);
    Length width = best.to().minus(best.from());
    Length depth = best.far().minus(best.near());
    Length room = best.far().minus(edge(host));
    Optional<Area> area = Optional.of(joint.area());
    Pocket.Inside inside =
        new Pocket.Inside(
            Optional.empty(), joint.face(), joint.area(), joint.mouth(), Optional.empty());
    return new Pocket(joint.id(), label, joint.on(), width, depth, room, area, List.of(inside));
  }

  private static boolean isInsideOut(Area glue) {
    return glue.width().compareTo(Length.ZERO) < 0 || glue.height().compareTo(Length.ZERO) < 0;
  }

  private static Seen largest(Seen all, List<Seen> glue, Seen nothing) {
    TreeSet<Length> ends = new TreeSet<>(List.of(all.from(), all.to()));
    glue.forEach(each -> ends.addAll(List.of(each.from(), each.to())));
    Seen best = nothing;
    for (Length from : ends) {
      for (Length to : ends.tailSet(from, false)) {
        Seen free = free(all, glue, from.max(all.from()), to.min(all.to()));
        best = area(free) > area(best) ? free : best;
      }
    }
    return best;
  }

  private static Seen free(Seen all, List<Seen> glue, Length from, Length to) {
    Length far = all.far();
    for (Seen each : glue) {
      if (each.from().compareTo(to) < 0 && each.to().compareTo(from) > 0) {
        far = far.min(each.near().max(all.near()));
      }
    }
    return new Seen(from, to, all.near(), far);
  }

  private static double area(Seen seen) {
    return seen.to().minus(seen.from()).toMillimetres()
        * seen.far().minus(seen.near()).toMillimetres();
  }

  private Seen seen(Area area) {
    Length top = area.at().y();
    Length left = area.at().x();
    Length bottom = area.bottom();
    Length right = area.right();
    return switch (mouth) {
      case TOP, NONE -> new Seen(left, right, top, bottom);
      case BOTTOM -> new Seen(left, right, negated(bottom), negated(top));
      case LEFT -> new Seen(top, bottom, left, right);
      case RIGHT -> new Seen(top, bottom, negated(right), negated(left));
    };
  }

  private static Length negated(Length length) {
    return Length.ZERO.minus(length);
  }

  /** Returns where the host ends on the side of the mouth, seen from there. */
  private Length edge(Piece host) {
    return switch (mouth) {
      case TOP, LEFT, NONE -> Length.ZERO;
      case BOTTOM -> negated(host.height());
      case RIGHT -> negated(host.width());
    };
  }
}

package cufflink.core.layers;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Assembly.Glue;
import cufflink.core.assembly.Assembly.Hinge;
import cufflink.core.assembly.Pose;
import cufflink.core.space.Vec;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Which of two facets that never move against each other lies on which: by what keeps them to each
 * other, or by the order in which their pieces were glued on.
 */
public final class GlueOrder {
  private final Assembly assembly;
  private final Pose pose;

  /**
   * Prepares the order.
   *
   * @param pose a pose in which the two facets touch; it says which way they face
   */
  public GlueOrder(Pose pose) {
    this.assembly = pose.assembly();
    this.pose = pose;
  }

  /**
   * Compares two facets.
   *
   * @return 1 if the first lies on the inside of the other, −1 if on its outside, 0 if they are of
   *     one piece
   */
  public int side(int facet, int other) {
    int on = touching(facet, other);
    if (on != 0) {
      return on;
    }
    // Seen from what is glued on, its host lies on the side that faces it.
    int under = -touching(other, facet) * facing(facet, other);
    return under != 0
        ? under
        : Integer.signum(rank(facet) - rank(other)) * facing(root(other), other);
  }

  /** Returns 1 if two facets face the same way, −1 if they face each other or away. */
  private int facing(int one, int other) {
    Vec up = pose.motions().get(one).up();
    return up.dot(pose.motions().get(other).up()) > 0 ? 1 : -1;
  }

  /** Returns 1 if a facet is glued to the inside of another, −1 to its outside, 0 if to neither. */
  private int touching(int facet, int host) {
    for (Glue glue : assembly.members().get(assembly.memberOf(facet)).glue()) {
      if (glue.facet() == facet && glue.host() == host) {
        return glue.inside() ? 1 : -1;
      }
    }
    return 0;
  }

  /** Where a piece is joined to another one. */
  private record Hold(int host, boolean inside) {}

  /** Where a facet's piece is joined: by that facet itself, if it is. */
  private Optional<Hold> hold(int facet) {
    int member = assembly.memberOf(facet);
    List<Glue> glue = assembly.members().get(member).glue();
    List<Hinge> hinges = assembly.hinges();
    return Stream.of(
            glue.stream().filter(each -> each.facet() == facet).map(GlueOrder::hold),
            hinges.stream().filter(each -> each.facet() == facet).map(GlueOrder::hold),
            glue.stream().map(GlueOrder::hold),
            hinges.stream()
                .filter(each -> assembly.memberOf(each.facet()) == member)
                .map(GlueOrder::hold),
            assembly.slides().stream()
                .filter(each -> assembly.memberOf(each.facet()) == member)
                .map(each -> new Hold(each.host(), each.inside())))
        .flatMap(holds -> holds)
        .findFirst();
  }

  private static Hold hold(Glue glue) {
    return new Hold(glue.host(), glue.inside());
  }

  private static Hold hold(Hinge hinge) {
    return new Hold(hinge.host(), hinge.inside());
  }

  /** Returns the facet of the base that a facet's piece is joined to, over other pieces or not. */
  private int root(int facet) {
    return hold(facet).map(hold -> root(hold.host())).orElse(facet);
  }

  /** Returns how far inside a facet's piece lies: above nought on the inside of the base. */
  private int rank(int facet) {
    int member = assembly.memberOf(facet);
    return hold(facet)
        .map(
            hold ->
                rank(hold.host()) * (assembly.members().size() + 1)
                    + (hold.inside() ? member : -member))
        .orElse(0);
  }
}

package cufflink.core.layers;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerance;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntBinaryOperator;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;

/**
 * Which facet lies on which in a card that is folded flat.
 *
 * <p>Facets that overlap are above or below each other. What a fold asks for: of the two facets of
 * a closed crease the assignment says which is on top; no facet that goes on across a closed crease
 * lies between its two facets; two closed creases on the same line and side do not bite into each
 * other; what lies across an open crease keeps its side; and orders do not run in a ring (J. Justin
 * 1997; H. A. Akitaya and others 2015, from memory). The orders are found by trying, each choice
 * followed at once by all it forces.
 */
public final class LayerOrder {
  private final int facets;
  private final Constraints constraints;
  private final Overlay overlay;
  private boolean clashes;
  private int clash = -1;

  private LayerOrder(int facets, Overlay overlay) {
    this.facets = facets;
    this.overlay = overlay;
    this.constraints = new Constraints(facets);
  }

  /**
   * An order of facets.
   *
   * @param sides for each two facets 1 if the first is above the second, −1 if below, 0 if they do
   *     not overlap
   */
  public record Stack(int[][] sides) {
    /**
     * Says which of two facets is on top.
     *
     * @param facet one facet
     * @param other the other facet
     * @return 1 if the first is nearer to whoever looks down on the table, −1 if farther, 0 if they
     *     do not overlap
     */
    public int side(int facet, int other) {
      return sides[facet][other];
    }
  }

  /** A closed or open crease in the folded card. */
  private record Fold(int first, int second, Spot from, Spot to, boolean closed) {
    boolean covers(Overlay.Edge edge, Tolerance near) {
      return isOn(edge.from(), near) && isOn(edge.to(), near);
    }

    private boolean isOn(Spot place, Tolerance near) {
      double distance =
          Distance.pointToSegment(
              new Coordinate(place.x(), place.y()),
              new Coordinate(from.x(), from.y()),
              new Coordinate(to.x(), to.y()));
      return distance <= 2 * near.length();
    }
  }

  /**
   * Sets up the order of a pose that lies on the table.
   *
   * @param pose a pose in which every facet is level, or stands upright and has no order
   * @param radians the angle of each crease; nought for one that is open, near π or −π for a closed
   *     one
   * @param assigned whether the sign of the angle says which facet is on top; if not, either may be
   * @return the order to be found
   */
  public static LayerOrder of(Pose pose, double[] radians, boolean assigned) {
    List<List<Spot>> shapes = new ArrayList<>();
    for (int i = 0; i < pose.motions().size(); i++) {
      shapes.add(pose.corners(i).stream().map(LayerOrder::flat).toList());
    }
    LayerOrder order =
        new LayerOrder(shapes.size(), Overlay.of(shapes, pose.assembly().tolerances().folded()));
    order.addPairs();
    order.addHeights(pose);
    List<Fold> folds = new ArrayList<>();
    List<Crease> creases = pose.assembly().creases();
    for (int i = 0; i < creases.size(); i++) {
      Crease crease = creases.get(i);
      Spot from = flat(pose.place(crease.first(), crease.from()));
      Spot to = flat(pose.place(crease.first(), crease.to()));
      boolean closed = Math.abs(radians[i]) > Math.PI / 2;
      boolean upright = Math.abs(Math.cos(radians[i])) < Math.sqrt(0.5);
      if (upright) {
        continue;
      }
      folds.add(new Fold(crease.first(), crease.second(), from, to, closed));
      if (closed && assigned) {
        boolean facesUp = pose.motions().get(crease.first()).up().z() > 0;
        order.fix(crease.second(), crease.first(), radians[i] > 0 == facesUp ? 1 : -1, i);
      }
    }
    for (Assembly.Member member : pose.assembly().members()) {
      for (Assembly.Glue glue : member.glue()) {
        boolean facesUp = pose.motions().get(glue.host()).up().z() > 0;
        order.fix(glue.facet(), glue.host(), glue.inside() == facesUp ? 1 : -1, -1);
      }
    }
    for (Assembly.Slide slide : pose.assembly().slides()) {
      boolean facesUp = pose.motions().get(slide.host()).up().z() > 0;
      int side = slide.inside() == facesUp ? 1 : -1;
      order.fix(slide.facet(), slide.host(), side, -1);
      for (Assembly.Member member : pose.assembly().members()) {
        if (slide.under().contains(member.flat().piece().id())) {
          for (int i = 0; i < member.flat().facets().size(); i++) {
            order.fix(member.firstFacet() + i, slide.facet(), side, -1);
          }
        }
      }
    }
    order.addEdges(folds, pose.assembly().tolerances().folded());
    return order;
  }

  private static Spot flat(Vec place) {
    return new Spot(place.x(), place.y());
  }

  private void addPairs() {
    for (Overlay.Cell cell : maximal()) {
      int[] members = cell.shapes().stream().toArray();
      for (int i = 0; i < members.length; i++) {
        for (int j = i + 1; j < members.length; j++) {
          constraints.pair(members[i], members[j]);
          for (int k = j + 1; k < members.length; k++) {
            constraints.ring(members[i], members[j], members[k]);
          }
        }
      }
    }
  }

  /** What lies on another level, as beyond a gusset, is above or below for good. */
  private void addHeights(Pose pose) {
    double[] heights = new double[facets];
    for (int i = 0; i < facets; i++) {
      heights[i] = pose.corners(i).stream().mapToDouble(Vec::z).average().orElse(0);
    }
    double near = 2 * pose.assembly().tolerances().folded().length();
    for (int i = 0; i < facets; i++) {
      for (int j = i + 1; j < facets; j++) {
        double above = heights[i] - heights[j];
        if (constraints.isPair(i, j) && Math.abs(above) > near) {
          fix(i, j, above > 0 ? 1 : -1, -1);
        }
      }
    }
  }

  /** Returns cells whose facets are not all in another cell as well. */
  private List<Overlay.Cell> maximal() {
    List<Overlay.Cell> maximal = new ArrayList<>();
    for (Overlay.Cell cell : overlay.cells()) {
      boolean inside = maximal.stream().anyMatch(other -> isInside(cell.shapes(), other.shapes()));
      if (!inside) {
        maximal.removeIf(other -> isInside(other.shapes(), cell.shapes()));
        maximal.add(cell);
      }
    }
    return maximal;
  }

  private static boolean isInside(BitSet some, BitSet all) {
    BitSet rest = (BitSet) some.clone();
    rest.andNot(all);
    return rest.isEmpty();
  }

  private void fix(int upper, int lower, int side, int crease) {
    if (constraints.isPair(upper, lower) && !constraints.fix(upper, lower, side) && !clashes) {
      clashes = true;
      clash = crease;
    }
  }

  private void addEdges(List<Fold> folds, Tolerance near) {
    for (Overlay.Edge edge : overlay.edges()) {
      List<Fold> here = folds.stream().filter(fold -> fold.covers(edge, near)).toList();
      if (!here.isEmpty()) {
        addEdge(edge, here);
      }
    }
  }

  private void addEdge(Overlay.Edge edge, List<Fold> here) {
    BitSet across = (BitSet) edge.one().clone();
    across.and(edge.other());
    for (int i = 0; i < here.size(); i++) {
      Fold fold = here.get(i);
      across.stream()
          .filter(facet -> facet != fold.first() && facet != fold.second())
          .forEach(facet -> constraints.same(facet, fold.first(), facet, fold.second()));
      for (int j = i + 1; j < here.size(); j++) {
        addTwo(edge, fold, here.get(j));
      }
    }
  }

  private void addTwo(Overlay.Edge edge, Fold one, Fold other) {
    if (one.closed() && other.closed()) {
      boolean together = edge.one().get(one.first()) == edge.one().get(other.first());
      if (together) {
        constraints.even(one.first(), one.second(), other.first(), other.second());
      }
    } else if (!one.closed() && !other.closed()) {
      boolean straight = edge.one().get(one.first()) == edge.one().get(other.first());
      int beside = straight ? other.first() : other.second();
      int beyond = straight ? other.second() : other.first();
      constraints.same(one.first(), beside, one.second(), beyond);
    } else {
      Fold closed = one.closed() ? one : other;
      Fold open = one.closed() ? other : one;
      boolean firstBeside = edge.one().get(open.first()) == edge.one().get(closed.first());
      int beside = firstBeside ? open.first() : open.second();
      constraints.same(beside, closed.first(), beside, closed.second());
    }
  }

  /**
   * Finds an order.
   *
   * @param hint what to try first: for two facets 1 if the first is probably above, −1 if below, 0
   *     if nothing is known
   * @return an order; empty if the card cannot be folded so without passing through itself
   */
  public Optional<Stack> find(IntBinaryOperator hint) {
    List<Stack> found = new ArrayList<>();
    if (!clashes) {
      constraints.solve(
          hint,
          sides -> {
            found.add(new Stack(sides));
            return false;
          });
    }
    return found.stream().findFirst();
  }

  /**
   * Guesses from the folding: of two facets the one that came to lie on the other last. Two that
   * are slotted into each other lie one way here and the other way there; of these the joint says
   * which is meant.
   */
  public IntBinaryOperator hints(PlyOrder plies, Pose pose) {
    Map<List<Integer>, Integer> hints = new HashMap<>();
    Map<List<Integer>, Integer> crossed = new HashMap<>();
    for (Overlay.Cell cell : overlay.cells()) {
      Spot middle = Facet.inside(cell.polygon());
      int[] members = cell.shapes().stream().toArray();
      for (int i = 0; i < members.length; i++) {
        for (int j = i + 1; j < members.length; j++) {
          int facet = members[i];
          int other = members[j];
          int faces = pose.motions().get(other).up().z() > 0 ? 1 : -1;
          int side = faces * plies.side(facet, other, new Vec(middle.x(), middle.y(), 0));
          Integer before = hints.putIfAbsent(List.of(facet, other), side);
          if (before != null && before != side) {
            crossed.put(List.of(facet, other), faces * plies.joined(facet, other));
          }
        }
      }
    }
    hints.putAll(crossed);
    return (facet, other) -> hints.getOrDefault(List.of(facet, other), 0);
  }

  /**
   * Counts the orders.
   *
   * @param most where to stop counting
   * @return their number, at most that
   */
  public int count(int most) {
    int[] count = {0};
    if (!clashes) {
      constraints.solve(
          (facet, other) -> 0,
          sides -> {
            count[0]++;
            return count[0] < most;
          });
    }
    return count[0];
  }

  /**
   * Says whether the search was ended before it was known whether there is an order.
   *
   * @return true if it was
   */
  public boolean isGivenUp() {
    return constraints.isGivenUp();
  }

  /**
   * Returns a crease at which no order is possible.
   *
   * @return its index, −1 if the clash has no single place
   */
  public int clash() {
    return clash;
  }

  /**
   * Returns the parts of the closed card with the facets over each.
   *
   * @return the cells
   */
  Overlay overlay() {
    return overlay;
  }

  /**
   * Returns how many facets there are.
   *
   * @return the number
   */
  int facets() {
    return facets;
  }
}

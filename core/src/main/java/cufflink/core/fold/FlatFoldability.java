package cufflink.core.fold;

import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Vertex;
import cufflink.core.measure.Tolerance;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Whether the creases about each vertex can all be folded flat.
 *
 * <p>Every other angle between the creases must add up to half a turn (T. Kawasaki 1989, J. Justin
 * 1986), and there must be two more mountains than valleys or two fewer (J. Maekawa, J. Justin
 * 1986); sources from memory.
 */
public final class FlatFoldability {
  private FlatFoldability() {}

  /** Why creases about a vertex do not fold flat. */
  public enum Kind {
    /** There is an odd number of them. */
    ODD,
    /** The angles between them do not come out. */
    ANGLES,
    /** There are not two more of one kind than of the other. */
    COUNT
  }

  /**
   * What is wrong at a vertex.
   *
   * @param vertex the vertex
   * @param kind what does not come out
   * @param amount for angles by how many radians every other one exceeds half a turn; otherwise
   *     mountains less valleys
   * @param repair how to mend it, if turning one crease is enough
   */
  public record Fault(Vertex vertex, Kind kind, double amount, Optional<Repair> repair) {}

  /**
   * A crease to turn about its vertex.
   *
   * @param crease the index of the crease
   * @param radians by how much, from the right downwards
   */
  public record Repair(int crease, double radians) {}

  /**
   * Looks at all vertices of a piece.
   *
   * @param flat the piece, divided into facets
   * @param radians the angle of each crease in the flat state; a vertex is looked at only if all
   *     its creases that move are folded all the way
   * @return what is wrong, vertex by vertex
   */
  public static List<Fault> faults(FlatPattern flat, double[] radians) {
    List<Fault> faults = new ArrayList<>();
    for (Vertex whole : Vertex.of(flat, Tolerance.PAPER)) {
      List<Vertex.Spoke> folded =
          whole.spokes().stream().filter(spoke -> !isFlat(radians[spoke.crease()])).toList();
      boolean allTheWay = folded.stream().allMatch(spoke -> isClosed(radians[spoke.crease()]));
      if (folded.size() > 1 && allTheWay) {
        fault(new Vertex(whole.place(), folded), radians).ifPresent(faults::add);
      }
    }
    return faults;
  }

  private static boolean isFlat(double radians) {
    return Math.abs(radians) <= Tolerance.FOLDED.angle();
  }

  private static boolean isClosed(double radians) {
    return Math.abs(Math.abs(radians) - Math.PI) <= Tolerance.FOLDED.angle();
  }

  private static Optional<Fault> fault(Vertex vertex, double[] radians) {
    int mountains = 0;
    for (Vertex.Spoke spoke : vertex.spokes()) {
      mountains += radians[spoke.crease()] < 0 ? 1 : 0;
    }
    int count = vertex.spokes().size();
    int surplus = 2 * mountains - count;
    if (count % 2 == 1) {
      return Optional.of(new Fault(vertex, Kind.ODD, surplus, Optional.empty()));
    }
    double excess = excess(vertex.sectors());
    if (Math.abs(excess) > Tolerance.FOLDED.angle()) {
      return Optional.of(
          new Fault(vertex, Kind.ANGLES, excess, Optional.of(repair(vertex, excess))));
    }
    return Math.abs(surplus) == 2
        ? Optional.empty()
        : Optional.of(new Fault(vertex, Kind.COUNT, surplus, Optional.empty()));
  }

  /** Returns by how much the first, third and so on add up to more than half a turn. */
  static double excess(List<Double> sectors) {
    double sum = -Math.PI;
    for (int i = 0; i < sectors.size(); i += 2) {
      sum += sectors.get(i);
    }
    return sum;
  }

  /**
   * Turning a crease makes the angle on one side smaller and on the other larger by the same, so
   * any one crease can mend the sum; the one between the two widest angles is changed least
   * noticeably.
   */
  private static Repair repair(Vertex vertex, double excess) {
    List<Double> sectors = vertex.sectors();
    int count = sectors.size();
    int best = 0;
    double widest = -1;
    for (int i = 0; i < count; i++) {
      double room = Math.min(sectors.get(i), sectors.get((i + count - 1) % count));
      if (room > widest) {
        widest = room;
        best = i;
      }
    }
    // Crease i begins sector i: turned onwards, it makes sector i smaller.
    double turn = best % 2 == 0 ? excess : -excess;
    return new Repair(vertex.spokes().get(best).crease(), turn);
  }
}

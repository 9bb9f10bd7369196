package cufflink.core.fold;

import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Vertex;
import cufflink.core.measure.Tolerances;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Whether the creases about each vertex can all be folded flat.
 *
 * <p>Every other angle between the creases must add up to half a turn (T. Kawasaki 1989, J. Justin
 * 1986), and there must be two more mountains than valleys or two fewer (J. Maekawa, J. Justin
 * 1986); sources from memory. That is needed and not enough: each vertex is also tried by itself
 * for an order of its facets. Every cure is tried before it is told.
 */
public final class FlatFoldability {
  /** With more creases about one vertex than these, no order is looked for and no cure. */
  private static final int MOST_TRIED = 8;

  private final Tolerances tolerances;

  private FlatFoldability(Tolerances tolerances) {
    this.tolerances = tolerances;
  }

  /** Why creases about a vertex do not fold flat. */
  public enum Kind {
    /** There is an odd number of them. */
    ODD,
    /** The angles between them do not come out. */
    ANGLES,
    /** There are not two more of one kind than of the other. */
    COUNT,
    /** Some are folded the wrong way round: the paper would have to pass through itself. */
    WAY
  }

  /**
   * What is wrong at a vertex.
   *
   * @param vertex the vertex
   * @param kind what does not come out
   * @param amount for angles by how many radians every other one exceeds half a turn; otherwise
   *     mountains less valleys
   * @param repair how to mend it, if leading one crease another way is enough
   * @param turned the creases to fold the other way round, by their indices, if that mends it
   */
  public record Fault(
      Vertex vertex, Kind kind, double amount, Optional<Repair> repair, List<Integer> turned) {
    /** Copies the list. */
    public Fault {
      turned = List.copyOf(turned);
    }
  }

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
    return new FlatFoldability(flat.tolerances()).find(flat, radians);
  }

  private List<Fault> find(FlatPattern flat, double[] radians) {
    List<Fault> faults = new ArrayList<>();
    for (Vertex whole : Vertex.of(flat)) {
      List<Vertex.Spoke> folded =
          whole.spokes().stream().filter(spoke -> !isFlat(radians[spoke.crease()])).toList();
      boolean allTheWay = folded.stream().allMatch(spoke -> isClosed(radians[spoke.crease()]));
      if (folded.size() > 1 && allTheWay) {
        fault(new Vertex(whole.place(), folded), radians).ifPresent(faults::add);
      }
    }
    return faults;
  }

  private boolean isFlat(double radians) {
    return Math.abs(radians) <= tolerances.folded().angle();
  }

  private boolean isClosed(double radians) {
    return Math.abs(Math.abs(radians) - Math.PI) <= tolerances.folded().angle();
  }

  private Optional<Fault> fault(Vertex vertex, double[] radians) {
    int mountains = 0;
    for (Vertex.Spoke spoke : vertex.spokes()) {
      mountains += radians[spoke.crease()] < 0 ? 1 : 0;
    }
    int count = vertex.spokes().size();
    int surplus = 2 * mountains - count;
    if (count % 2 == 1) {
      return Optional.of(new Fault(vertex, Kind.ODD, surplus, Optional.empty(), List.of()));
    }
    Star star = star(vertex, radians);
    double excess = excess(vertex.sectors());
    if (Math.abs(excess) > tolerances.folded().angle()) {
      return Optional.of(
          new Fault(vertex, Kind.ANGLES, excess, repair(vertex, star, excess), List.of()));
    }
    boolean counts = Math.abs(surplus) == 2;
    if (counts && (count > MOST_TRIED || star.folds())) {
      return Optional.empty();
    }
    Kind kind = counts ? Kind.WAY : Kind.COUNT;
    return Optional.of(new Fault(vertex, kind, surplus, Optional.empty(), turned(vertex, star)));
  }

  private Star star(Vertex vertex, double[] radians) {
    return new Star(
        vertex.spokes().stream().map(Vertex.Spoke::direction).toList(),
        vertex.spokes().stream().map(spoke -> (int) Math.signum(radians[spoke.crease()])).toList(),
        tolerances);
  }

  /** Returns the fewest creases that, folded the other way round, let all close. */
  private static List<Integer> turned(Vertex vertex, Star star) {
    int count = vertex.spokes().size();
    if (count > MOST_TRIED) {
      return List.of();
    }
    return IntStream.range(1, 1 << count)
        .boxed()
        .sorted(Comparator.comparingInt(Integer::bitCount))
        .filter(some -> star.turning(some).isCounted() && star.turning(some).folds())
        .findFirst()
        .map(
            some ->
                IntStream.range(0, count)
                    .filter(i -> (some >> i & 1) == 1)
                    .mapToObj(i -> vertex.spokes().get(i).crease())
                    .toList())
        .orElse(List.of());
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
   * any one crease can mend the sum; of those with which the creases really close, the one between
   * the two widest angles is changed least noticeably.
   */
  private Optional<Repair> repair(Vertex vertex, Star star, double excess) {
    List<Double> sectors = vertex.sectors();
    int count = sectors.size();
    if (count > MOST_TRIED) {
      return Optional.empty();
    }
    return IntStream.range(0, count)
        .boxed()
        .sorted(
            Comparator.comparingDouble(
                i -> -Math.min(sectors.get(i), sectors.get((i + count - 1) % count))))
        .filter(i -> leavesRoom(sectors, i, turn(i, excess)))
        .filter(i -> star.moving(i, turn(i, excess)).folds())
        .findFirst()
        .map(i -> new Repair(vertex.spokes().get(i).crease(), turn(i, excess)));
  }

  /** Crease i begins sector i: turned onwards, it makes sector i smaller. */
  private static double turn(int index, double excess) {
    return index % 2 == 0 ? excess : -excess;
  }

  private boolean leavesRoom(List<Double> sectors, int index, double turn) {
    int count = sectors.size();
    return sectors.get(index) - turn > tolerances.folded().angle()
        && sectors.get((index + count - 1) % count) + turn > tolerances.folded().angle();
  }
}

package cufflink.core.flat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Places of which any two that are nearer than a tolerance count as one, that which was met first.
 *
 * <p>Unlike rounding to a grid, this never parts two places that are as near as can be because the
 * line between two grid cells happens to run through them.
 */
public final class Places {
  private final double tolerance;
  private final Map<Cell, List<Spot>> known = new HashMap<>();

  /** A square as wide as the tolerance. */
  private record Cell(long across, long down) {}

  /**
   * Begins with no place.
   *
   * @param tolerance how near counts as the same, in millimetres, above zero
   */
  public Places(double tolerance) {
    this.tolerance = tolerance;
  }

  /**
   * Returns the place that stands for another.
   *
   * @param spot a place
   * @return the nearest place met before, if one is within the tolerance; else this one
   */
  public Spot of(Spot spot) {
    long across = (long) Math.floor(spot.x() / tolerance);
    long down = (long) Math.floor(spot.y() / tolerance);
    Spot nearest = null;
    double least = tolerance;
    for (long i = across - 1; i <= across + 1; i++) {
      for (long j = down - 1; j <= down + 1; j++) {
        for (Spot each : known.getOrDefault(new Cell(i, j), List.of())) {
          double distance = each.distance(spot);
          if (distance <= least) {
            least = distance;
            nearest = each;
          }
        }
      }
    }
    if (nearest != null) {
      return nearest;
    }
    known.computeIfAbsent(new Cell(across, down), cell -> new ArrayList<>()).add(spot);
    return spot;
  }
}

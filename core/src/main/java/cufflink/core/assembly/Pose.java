package cufflink.core.assembly;

import cufflink.core.flat.Spot;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.List;

/**
 * Where each facet lies at one moment.
 *
 * @param assembly the paper
 * @param motions the rigid motion of each facet, by its number
 */
public record Pose(Assembly assembly, List<Motion> motions) {
  /** Copies the motions. */
  public Pose {
    motions = List.copyOf(motions);
  }

  /**
   * Returns the corners of a facet in space.
   *
   * @param facet its index
   * @return its corners in order
   */
  public List<Vec> corners(int facet) {
    Motion motion = motions.get(facet);
    return assembly.facets().get(facet).corners().stream().map(motion::apply).toList();
  }

  /**
   * Returns a place on a facet in space.
   *
   * @param facet the facet's index
   * @param spot a place on the flat piece
   * @return where it lies
   */
  public Vec place(int facet, Spot spot) {
    return motions.get(facet).apply(spot);
  }
}

package cufflink.core.assembly;

/** A card at every moment of its folding. */
public interface Poses {
  /**
   * Returns the last moment.
   *
   * @return how many stages there are
   */
  int last();

  /**
   * Poses the facets at a moment.
   *
   * @param moment stages done: 0 is flat, 1.5 is half way through the second stage; moments outside
   *     are taken to the nearest end
   * @return the pose
   */
  Pose pose(double moment);

  /**
   * Poses the facets a little before the end of a stage, which is asked for in every frame.
   *
   * @param stage the number of the stage, from 0
   * @param share how much of the stage is still to come, above 0 and below 1
   * @return the pose
   */
  Pose before(int stage, double share);

  /**
   * Says whether the piece of a facet has been folded and is where it belongs.
   *
   * @param facet the facet's number
   * @param moment as for {@link #pose(double)}
   * @return false while it is still being made
   */
  boolean isPut(int facet, double moment);
}

package cufflink.core.flat;

import cufflink.core.design.Score;

/**
 * A part of a score that joins two facets.
 *
 * @param score the score it is part of
 * @param first the index of one facet
 * @param second the index of the other facet
 * @param from one end
 * @param to the other end
 */
public record Crease(Score score, int first, int second, Spot from, Spot to) {

  /**
   * Returns the facet on the other side.
   *
   * @param facet the index of the facet on this side
   * @return the index of the other facet
   */
  public int across(int facet) {
    return facet == first ? second : first;
  }

  /**
   * Says whether a facet touches the crease.
   *
   * @param facet the facet's index
   * @return true if the crease is one of its edges
   */
  public boolean joins(int facet) {
    return facet == first || facet == second;
  }

  /**
   * Says whether the crease runs from one place to another, in either direction.
   *
   * @param start one place
   * @param end the other place
   * @return true if these are its ends
   */
  public boolean runs(Spot start, Spot end) {
    return (from.equals(start) && to.equals(end)) || (from.equals(end) && to.equals(start));
  }
}

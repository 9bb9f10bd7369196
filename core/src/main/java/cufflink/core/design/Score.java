package cufflink.core.design;

import cufflink.core.plane.Segment;

/**
 * A line pressed into a piece.
 *
 * @param id unique within the piece
 * @param label the maker's name for it
 * @param fold what it is for
 * @param line where it runs
 */
public record Score(String id, String label, Fold fold, Segment line) {

  /**
   * Says whether the piece folds along this score.
   *
   * @return false for a decorative score
   */
  public boolean folds() {
    return fold != Fold.DECORATIVE;
  }
}

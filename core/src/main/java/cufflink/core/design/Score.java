package cufflink.core.design;

import cufflink.core.plane.Segment;

/**
 * A line pressed into a piece.
 *
 * @param name unique within the piece
 * @param label the maker's name for it
 * @param fold what it is for
 * @param line where it runs
 */
public record Score(PartName name, String label, Fold fold, Segment line) {

  /**
   * Makes a score that is the only one of its entry.
   *
   * @param id unique within the piece
   * @param label the maker's name for it
   * @param fold what it is for
   * @param line where it runs
   */
  public Score(String id, String label, Fold fold, Segment line) {
    this(PartName.of(id), label, fold, line);
  }

  /**
   * Returns the score's name as one word.
   *
   * @return its id, unique within the piece
   */
  public String id() {
    return name.id();
  }

  /**
   * Says whether the piece folds along this score.
   *
   * @return false for a decorative score
   */
  public boolean folds() {
    return fold != Fold.DECORATIVE;
  }
}

package cufflink.core.design;

import java.util.Map;

/**
 * One step of folding.
 *
 * @param title what the maker does, such as "Fold the left flap over"
 * @param piece the piece that is folded
 * @param drive the fold angle that each score has at the end of the step, by score id, in degrees:
 *     0 to 180 for a valley, 0 to -180 for a mountain
 * @param with the angles of other pieces' scores, named "piece.score", and of joints that turn, by
 *     the names of their hinges; in degrees, towards the inside above zero
 */
public record Stage(
    String title, String piece, Map<String, Double> drive, Map<String, Double> with) {
  /** Copies the angles. */
  public Stage {
    drive = Map.copyOf(drive);
    with = Map.copyOf(with);
  }

  /**
   * Makes a stage of one piece.
   *
   * @param title what the maker does
   * @param piece the piece that is folded
   * @param drive the fold angle that each score has at the end
   */
  public Stage(String title, String piece, Map<String, Double> drive) {
    this(title, piece, drive, Map.of());
  }
}

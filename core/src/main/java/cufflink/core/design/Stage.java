package cufflink.core.design;

import java.util.Map;

/**
 * One step of folding, or of what the closed card can do.
 *
 * @param title what the maker does, such as "Fold the left flap over"
 * @param piece the piece that is folded
 * @param drive the fold angle that each score has at the end of the step, by score id, in degrees:
 *     0 to 180 for a valley, 0 to -180 for a mountain
 * @param with the angles of other pieces' scores, named "piece.score", and of joints that turn, by
 *     the names of their hinges; in degrees, towards the inside above zero. What slides is there by
 *     the name of its sliding, in millimetres
 * @param phase whether the card is being made or opened
 */
public record Stage(
    String title, String piece, Map<String, Double> drive, Map<String, Double> with, Phase phase) {
  /** When a stage belongs. */
  public enum Phase {
    /** The card is folded until it is closed. */
    FOLDING,
    /** The closed card is opened, worked and closed again. */
    OPENING
  }

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

  /**
   * Makes a stage of the folding.
   *
   * @param title what the maker does
   * @param piece the piece that is folded
   * @param drive the fold angle that each of its scores has at the end
   * @param with the amounts of what else moves
   */
  public Stage(String title, String piece, Map<String, Double> drive, Map<String, Double> with) {
    this(title, piece, drive, with, Phase.FOLDING);
  }

  /**
   * Says whether the stage belongs to making the card.
   *
   * @return false if the closed card is opened by it
   */
  public boolean isFolding() {
    return phase == Phase.FOLDING;
  }
}

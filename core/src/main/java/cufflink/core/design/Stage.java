package cufflink.core.design;

import java.util.HashMap;
import java.util.Map;

/**
 * One step of folding, or of what the closed card can do.
 *
 * @param title what the maker does, such as "Fold the left flap over"
 * @param piece the piece that is folded
 * @param moves how far each of what it moves has come at its end, see {@link Mover}; a score of the
 *     piece from 0 to 180 degrees for a valley, 0 to -180 for a mountain
 * @param phase whether the card is being made or opened
 */
public record Stage(String title, String piece, Map<Mover, Double> moves, Phase phase) {
  /** When a stage belongs. */
  public enum Phase {
    /** The card is folded until it is closed. */
    FOLDING,
    /** The closed card is opened, worked and closed again. */
    OPENING
  }

  /** Copies the angles. */
  public Stage {
    moves = Map.copyOf(moves);
  }

  /**
   * Makes a stage of the folding that moves scores of one piece.
   *
   * @param title what the maker does
   * @param piece the piece that is folded
   * @param angles the angle that each score has at the end, in degrees, by its name
   */
  public Stage(String title, String piece, Map<String, Double> angles) {
    this(title, piece, creases(piece, angles), Phase.FOLDING);
  }

  private static Map<Mover, Double> creases(String piece, Map<String, Double> angles) {
    Map<Mover, Double> moves = new HashMap<>();
    angles.forEach((id, angle) -> moves.put(new Mover.Crease(piece, PartName.of(id)), angle));
    return moves;
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

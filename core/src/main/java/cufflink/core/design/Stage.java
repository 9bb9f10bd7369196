package cufflink.core.design;

import java.util.Map;

/**
 * One step of folding.
 *
 * @param title what the maker does, such as "Fold the left flap over"
 * @param piece the piece that is folded
 * @param drive the fold angle that each score has at the end of the step, by score id, in degrees:
 *     0 to 180 for a valley, 0 to -180 for a mountain
 */
public record Stage(String title, String piece, Map<String, Double> drive) {
  /** Copies the angles. */
  public Stage {
    drive = Map.copyOf(drive);
  }
}

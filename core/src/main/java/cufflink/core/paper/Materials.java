package cufflink.core.paper;

import java.util.Map;
import java.util.Optional;

/**
 * What goes into a card.
 *
 * @param papers what it is made from
 * @param raised whether layers stand on foam pads
 * @param item what it holds, if anything
 * @param pasted how many faces of a part carry raised paste, by its name in cut plans
 */
public record Materials(
    Papers papers, boolean raised, Optional<HeldItem> item, Map<String, Integer> pasted) {
  /** The usual papers, layers flat, nothing held. */
  public static final Materials USUAL = new Materials(Papers.USUAL, false, Optional.empty());

  /** Copies the map. */
  public Materials {
    pasted = Map.copyOf(pasted);
  }

  /** Makes materials without paste. */
  public Materials(Papers papers, boolean raised, Optional<HeldItem> item) {
    this(papers, raised, item, Map.of());
  }
}

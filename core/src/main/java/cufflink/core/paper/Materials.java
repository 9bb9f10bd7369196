package cufflink.core.paper;

import java.util.Optional;

/**
 * What goes into a card.
 *
 * @param papers what it is made from
 * @param raised whether layers stand on foam pads
 * @param item what it holds, if anything
 */
public record Materials(Papers papers, boolean raised, Optional<HeldItem> item) {
  /** The usual papers, layers flat, nothing held. */
  public static final Materials USUAL = new Materials(Papers.USUAL, false, Optional.empty());
}

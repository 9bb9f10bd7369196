package cufflink.core.job;

import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Papers;
import java.util.Objects;
import java.util.Optional;

/**
 * What a card is made from.
 *
 * @param papers its papers
 * @param item what it is to hold, if anything
 * @param cutting from which sheets it is cut, and with what
 */
public record Supplies(Papers papers, Optional<HeldItem> item, Cutting cutting) {
  /** The usual papers and sheets, for a card that holds nothing. */
  public static final Supplies USUAL = new Supplies(Papers.USUAL, Optional.empty(), Cutting.USUAL);

  /** Checks that nothing is missing. */
  public Supplies {
    Objects.requireNonNull(papers);
    Objects.requireNonNull(item);
    Objects.requireNonNull(cutting);
  }
}

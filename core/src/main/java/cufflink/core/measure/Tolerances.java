package cufflink.core.measure;

import java.util.Objects;

/**
 * How near is equal, before and after folding. A card is put together with one of these, and all
 * that looks at it takes its tolerance from the card.
 *
 * @param exact for what was computed from exact lengths alone
 * @param folded for what has been folded, or rounded to an eighth of a micrometre
 */
public record Tolerances(Tolerance exact, Tolerance folded) {
  /** Those that suit paper on a table. */
  public static final Tolerances USUAL = new Tolerances(Tolerance.PAPER, Tolerance.FOLDED);

  /** Checks that nothing is missing. */
  public Tolerances {
    Objects.requireNonNull(exact);
    Objects.requireNonNull(folded);
  }
}

package cufflink.core.cut;

import cufflink.core.measure.Length;

/**
 * What a trimmer can do.
 *
 * @param longestCut the longest cut it makes
 * @param smallestHeld the narrowest strip it holds safely
 * @param roughEdge how much is cut off all round a sheet before anything else, nought for none
 */
public record Trimmer(Length longestCut, Length smallestHeld, Length roughEdge) {
  /** A common sliding-blade trimmer of 12 in; common practice, no source. */
  public static final Trimmer USUAL =
      new Trimmer(Length.ofInches(12, 1), Length.ofMillimetres(12), Length.ZERO);

  /** Checks the figures. */
  public Trimmer {
    if (!longestCut.isPositive()
        || smallestHeld.compareTo(Length.ZERO) < 0
        || roughEdge.compareTo(Length.ZERO) < 0) {
      throw new IllegalArgumentException(
          "a trimmer cuts " + longestCut + ", holds " + smallestHeld + ", trims " + roughEdge);
    }
  }
}

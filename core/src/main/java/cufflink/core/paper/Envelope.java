package cufflink.core.paper;

import cufflink.core.measure.Length;

/**
 * A size of envelope.
 *
 * @param id its name in files and commands, such as "c6"
 * @param label the maker's name for it
 * @param width one side
 * @param height the other side
 */
public record Envelope(String id, String label, Length width, Length height) {
  /** Checks the sides. */
  public Envelope {
    if (!width.isPositive() || !height.isPositive()) {
      throw new IllegalArgumentException("an envelope cannot be " + width + " by " + height);
    }
  }

  /**
   * Says whether a card goes in, turned either way.
   *
   * @param cardWidth one side
   * @param cardHeight the other side
   * @param clearance how much smaller the card must be, in each dimension in total
   * @return true if it goes in
   */
  public boolean takes(Length cardWidth, Length cardHeight, Length clearance) {
    return fits(cardWidth, cardHeight, clearance) || fits(cardHeight, cardWidth, clearance);
  }

  private boolean fits(Length across, Length down, Length clearance) {
    return across.plus(clearance).compareTo(width) <= 0
        && down.plus(clearance).compareTo(height) <= 0;
  }
}

package cufflink.core.paper;

import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;

/**
 * A size of envelope.
 *
 * @param id its name in files and commands, such as "c6"
 * @param label the maker's name for it
 * @param width one side
 * @param height the other side
 */
public record Envelope(String id, String label, Length width, Length height) {
  private static final Length CLEARANCE_METRIC = Length.ofMillimetres(4);
  private static final Length CLEARANCE_INCHES = Length.ofInches(3, 16);

  /**
   * Returns how much smaller than its envelope a card is made unless the maker says otherwise.
   *
   * @param marks the ruler
   * @return a length on it, in each dimension in total; common practice, no source
   */
  public static Length usualClearance(Marks marks) {
    return marks.inInches() ? CLEARANCE_INCHES : CLEARANCE_METRIC;
  }

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

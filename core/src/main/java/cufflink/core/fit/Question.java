package cufflink.core.fit;

import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Sheet;
import java.util.List;
import java.util.Optional;

/**
 * What a maker has and wants while looking for a construction.
 *
 * @param sheets the sheets at hand, at least one
 * @param envelopes the envelopes at hand; none means that any size will do
 * @param clearance how much smaller than its envelope the card must be, in each dimension
 * @param item what it is to hold, if anything
 * @param least the least finished width and height, turned either way, if there is a limit
 * @param most the most finished width and height, turned either way, if there is a limit
 * @param copies how many cards, above zero
 * @param marks the marks of the ruler
 * @param priority what matters most
 */
public record Question(
    List<Sheet> sheets,
    List<Envelope> envelopes,
    Length clearance,
    Optional<HeldItem> item,
    Optional<Extent> least,
    Optional<Extent> most,
    int copies,
    Marks marks,
    Priority priority) {

  /** What matters most. */
  public enum Priority {
    /** As little paper as possible. */
    LEAST_PAPER,
    /** As large as possible. */
    LARGEST,
    /** Numbers that fall on the marks. */
    EASIEST_NUMBERS,
    /** A card that fills its envelope. */
    BEST_ENVELOPE
  }

  /**
   * A width and a height.
   *
   * @param width one side
   * @param height the other side
   */
  public record Extent(Length width, Length height) {
    /**
     * Says whether another extent is at least as large, turned either way.
     *
     * @param width one side of the other
     * @param height the other side of the other
     * @return true if this goes into it
     */
    public boolean fitsInto(Length width, Length height) {
      return fits(width, height) || fits(height, width);
    }

    private boolean fits(Length across, Length down) {
      return this.width.compareTo(across) <= 0 && this.height.compareTo(down) <= 0;
    }
  }

  /** Copies the lists. */
  public Question {
    sheets = List.copyOf(sheets);
    envelopes = List.copyOf(envelopes);
    if (sheets.isEmpty() || copies < 1) {
      throw new IllegalArgumentException(copies + " copies from " + sheets.size() + " sheets");
    }
  }
}

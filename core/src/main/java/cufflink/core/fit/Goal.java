package cufflink.core.fit;

import cufflink.core.design.Design;
import cufflink.core.measure.Length;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.Sheet;
import cufflink.core.words.Message;
import java.util.Optional;

/** What a construction is scaled to. */
public sealed interface Goal {

  /** Nothing: the maker types the sizes. */
  record Free() implements Goal {}

  /**
   * A size of the closed card.
   *
   * @param width its width
   * @param height its height
   */
  record Finished(Length width, Length height) implements Goal {}

  /**
   * The largest card that a sheet yields, or the largest of which some sheets yield some cards.
   *
   * @param sheet the sheet on the table
   * @param sheets how many sheets all cardstock of the cards must come from; 0 if each piece may
   *     have a sheet of its own
   * @param cards how many cards come from them, above zero
   */
  record FromSheet(Sheet sheet, int sheets, int cards) implements Goal {
    /** The most sheets that are reckoned with. */
    public static final int MOST_SHEETS = 100;

    /** Checks the numbers. */
    public FromSheet {
      if (sheets < 0 || sheets > MOST_SHEETS || cards < 1) {
        throw new IllegalArgumentException(cards + " cards from " + sheets + " sheets");
      }
    }

    /**
     * Each piece may have a sheet of its own.
     *
     * @param sheet the sheet on the table
     */
    public FromSheet(Sheet sheet) {
      this(sheet, 0, 1);
    }

    /**
     * Says why a design cannot be cut from the sheets.
     *
     * @param design the design
     * @return a sentence; nothing if it can, or if each piece may have a sheet of its own
     */
    public Optional<Message> reason(Design design) {
      return isJob() ? new SheetJob(this).reason(design) : Optional.empty();
    }

    /**
     * Says whether the whole job comes from a number of sheets.
     *
     * @return false if only each piece must go onto one
     */
    public boolean isJob() {
      return sheets > 0;
    }
  }

  /**
   * The largest card that goes into the envelope.
   *
   * @param envelope the envelope at hand
   * @param clearance how much smaller the card must be, in each dimension in total
   */
  record ForEnvelope(Envelope envelope, Length clearance) implements Goal {}
}

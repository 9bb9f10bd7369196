package cufflink.core.fit;

import cufflink.core.cut.Stock;
import cufflink.core.design.Design;
import cufflink.core.measure.Length;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.Paper;
import cufflink.core.paper.Sheet;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

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
   * @param more sheets of other sizes that are there besides, each once; only with sheets above 0
   */
  record FromSheet(Sheet sheet, int sheets, int cards, List<Sheet> more) implements Goal {
    /** The most sheets that are reckoned with. */
    public static final int MOST_SHEETS = 100;

    /** Checks the numbers. */
    public FromSheet {
      if (sheets < 0 || sheets > MOST_SHEETS || cards < 1) {
        throw new IllegalArgumentException(cards + " cards from " + sheets + " sheets");
      }
      more = sheets == 0 ? List.of() : List.copyOf(more);
    }

    /**
     * All sheets are of one size.
     *
     * @param sheet the sheet on the table
     * @param sheets how many sheets all cardstock must come from
     * @param cards how many cards come from them, above zero
     */
    public FromSheet(Sheet sheet, int sheets, int cards) {
      this(sheet, sheets, cards, List.of());
    }

    /**
     * Returns all sizes of sheet that there are.
     *
     * @return the sheet on the table, then those besides
     */
    public List<Sheet> sizes() {
      List<Sheet> sizes = new ArrayList<>(List.of(sheet));
      sizes.addAll(more);
      return sizes;
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
     * Names the sheets.
     *
     * @return the label of one, and of those besides
     */
    public String label() {
      return sizes().stream().map(Sheet::label).collect(Collectors.joining(" + "));
    }

    /**
     * Returns the sheets besides as stock for the cut planner.
     *
     * @param paper what they are
     * @return one for each, of which there are no more
     */
    public List<Stock> besides(Paper paper) {
      return SheetJob.besides(this, paper);
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

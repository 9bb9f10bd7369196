package cufflink.core.job;

import cufflink.core.cut.Trimmer;
import cufflink.core.design.PaperKind;
import cufflink.core.paper.Sheet;
import java.util.Optional;

/**
 * From which sheets a job is cut, and with what.
 *
 * @param card the sheets of cardstock to buy, if the maker has said
 * @param patterned the sheets of patterned paper to buy, if the maker has said
 * @param trimmer what the maker cuts with
 */
public record Cutting(Optional<Sheet> card, Optional<Sheet> patterned, Trimmer trimmer) {
  /** A maker who has said nothing. */
  public static final Cutting USUAL =
      new Cutting(Optional.empty(), Optional.empty(), Trimmer.USUAL);

  /**
   * Returns the sheets of a kind of paper.
   *
   * @param kind the kind; ribbon does not come in sheets
   * @return the sheet, if the maker has said
   */
  public Optional<Sheet> sheet(PaperKind kind) {
    return switch (kind) {
      case CARDSTOCK -> card;
      case PATTERNED -> patterned;
      case RIBBON -> Optional.empty();
    };
  }

  /** Returns the same with other sheets for a kind of paper. */
  public Cutting withSheet(PaperKind kind, Sheet sheet) {
    return kind == PaperKind.PATTERNED
        ? new Cutting(card, Optional.of(sheet), trimmer)
        : new Cutting(Optional.of(sheet), patterned, trimmer);
  }

  /** Returns the same with another trimmer. */
  public Cutting withTrimmer(Trimmer now) {
    return new Cutting(card, patterned, now);
  }
}

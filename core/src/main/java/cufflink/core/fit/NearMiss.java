package cufflink.core.fit;

import cufflink.core.design.Design;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.Optional;

/**
 * A card a little smaller, of which one more comes from a sheet.
 *
 * @param values its values
 * @param design the smaller card
 * @param now how many sheets the cards take as they are
 * @param then how many the smaller ones take
 */
public record NearMiss(Values values, Design design, int now, int then) {
  /** Smaller than this share of itself a card is another card; our decision. */
  private static final double LEAST = 0.92;

  /**
   * Looks for a near miss.
   *
   * @param pattern the construction
   * @param values its values, with those of the bench
   * @param manner on which marks, and what must stay
   * @param sheet the sheet
   * @param copies how many cards, above zero
   * @return the largest card of which one more comes from a sheet, if it is nearly as large and
   *     saves sheets
   */
  public static Optional<NearMiss> of(
      Pattern pattern, Values values, Fitter.Manner manner, Sheet sheet, int copies) {
    Optional<Design> now = PatternEvaluator.evaluate(pattern, values).design();
    Optional<SheetUse> use =
        now.flatMap(design -> SheetUse.of(design, PaperKind.CARDSTOCK, copies, sheet));
    if (use.isEmpty() || use.get().sheets() < 2) {
      return Optional.empty();
    }
    int cards = Math.min(copies, SheetUse.yield(now.get(), sheet) + 1);
    int then = (copies + cards - 1) / cards;
    if (then >= use.get().sheets()) {
      return Optional.empty();
    }
    return Fitter.fit(pattern, values, new Goal.FromSheet(sheet, 1, cards), manner)
        .values()
        .flatMap(
            smaller ->
                PatternEvaluator.evaluate(pattern, values.and(smaller))
                    .design()
                    .filter(design -> isNear(design, now.get()))
                    .map(design -> new NearMiss(smaller, design, use.get().sheets(), then)));
  }

  private static boolean isNear(Design smaller, Design now) {
    return isNear(smaller.finishedWidth(), now.finishedWidth())
        && isNear(smaller.finishedHeight(), now.finishedHeight());
  }

  private static boolean isNear(Length smaller, Length now) {
    return smaller.compareTo(now) <= 0 && smaller.toMillimetres() >= LEAST * now.toMillimetres();
  }

  /**
   * Says what would be gained.
   *
   * @param sheet the sheet
   * @return one sentence
   */
  public Message told(Sheet sheet) {
    return Message.of(
        "fit.near", sheet.label(), now, design.finishedWidth(), design.finishedHeight(), then);
  }
}

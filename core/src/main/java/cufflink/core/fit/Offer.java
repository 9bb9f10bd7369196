package cufflink.core.fit;

import cufflink.core.design.Design;
import cufflink.core.measure.Length;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Values;
import java.util.Optional;

/**
 * One way to make a construction from what is at hand.
 *
 * @param pattern the construction
 * @param values its values
 * @param design what it comes to
 * @param sheet the sheet it is cut from
 * @param use how many of these sheets all copies take for their cardstock
 * @param envelope the tightest envelope that takes it, if envelopes were asked for
 * @param offMarks how many cuts and scores fall between the marks
 * @param clearance the room left beside what it holds, if something was asked for
 */
public record Offer(
    Pattern pattern,
    Values values,
    Design design,
    Sheet sheet,
    SheetUse use,
    Optional<Envelope> envelope,
    int offMarks,
    Optional<Length> clearance) {

  /**
   * Returns the size of the closed card.
   *
   * @return square millimetres
   */
  public double area() {
    return design.finishedWidth().toMillimetres() * design.finishedHeight().toMillimetres();
  }

  /**
   * Returns how much cardstock all copies take from the packet.
   *
   * @return square millimetres of whole sheets
   */
  public double paper() {
    return use.sheets() * sheet.width().toMillimetres() * sheet.height().toMillimetres();
  }

  /**
   * Returns the share of its envelope that the card leaves empty.
   *
   * @return from 0 to 1; 1 if there is no envelope
   */
  public double slack() {
    return envelope
        .map(each -> 1 - area() / (each.width().toMillimetres() * each.height().toMillimetres()))
        .orElse(1.0);
  }
}

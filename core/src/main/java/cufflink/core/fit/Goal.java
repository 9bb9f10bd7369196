package cufflink.core.fit;

import cufflink.core.measure.Length;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.Sheet;

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
   * The largest card that the sheet yields.
   *
   * @param sheet the sheet on the table
   */
  record FromSheet(Sheet sheet) implements Goal {}

  /**
   * The largest card that goes into the envelope.
   *
   * @param envelope the envelope at hand
   * @param clearance how much smaller the card must be, in each dimension in total
   */
  record ForEnvelope(Envelope envelope, Length clearance) implements Goal {}
}

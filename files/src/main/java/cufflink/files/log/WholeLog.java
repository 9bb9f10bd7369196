package cufflink.files.log;

import cufflink.core.ahead.Given;
import cufflink.core.ahead.Planned;
import cufflink.core.ahead.Yearly;
import cufflink.core.decor.Chart;
import cufflink.core.log.CardMade;
import cufflink.core.paper.Sundries;
import java.util.List;
import java.util.Objects;

/**
 * All that a log remembers, but for what was done move by move.
 *
 * @param cards the cards, the newest first
 * @param yearly days that come every year
 * @param planned jobs that are to be made
 * @param given what left the shelf
 * @param sundries what lies in the drawer besides paper
 * @param chart the sizes the maker owns
 */
public record WholeLog(
    List<CardMade> cards,
    List<Yearly> yearly,
    List<Planned> planned,
    List<Given> given,
    Sundries sundries,
    Chart chart) {
  /** Copies the lists. */
  public WholeLog {
    cards = List.copyOf(cards);
    yearly = List.copyOf(yearly);
    planned = List.copyOf(planned);
    given = List.copyOf(given);
    Objects.requireNonNull(sundries);
    Objects.requireNonNull(chart);
  }

  /**
   * Takes cards alone.
   *
   * @param cards the cards
   * @return a log in which nothing else is
   */
  public static WholeLog of(List<CardMade> cards) {
    return new WholeLog(cards, List.of(), List.of(), List.of(), Sundries.NONE, Chart.NONE);
  }
}

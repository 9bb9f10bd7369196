package cufflink.core.ahead;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Objects;

/**
 * A day that comes every year, for which somebody gets a card.
 *
 * @param id what it is known by, for ever; not empty
 * @param who for whom; not empty
 * @param what what for; empty if that is not said
 * @param day the day
 */
public record Yearly(String id, String who, String what, MonthDay day) {
  /** Checks that it is about somebody. */
  public Yearly {
    Objects.requireNonNull(what);
    Objects.requireNonNull(day);
    if (id.isEmpty() || who.isBlank()) {
      throw new IllegalArgumentException("“" + id + "” for “" + who + "”");
    }
  }

  /**
   * Returns when it comes next.
   *
   * @param today the day on which it is asked
   * @return that day itself or one in the year after; a 29th of February comes on the 28th in a
   *     year that has none
   */
  public LocalDate next(LocalDate today) {
    LocalDate now = day.atYear(today.getYear());
    return now.isBefore(today) ? day.atYear(today.getYear() + 1) : now;
  }
}

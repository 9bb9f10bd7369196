package cufflink.core.ahead;

import java.time.LocalDate;

/**
 * Finished cards that left the shelf.
 *
 * @param id what it is known by, for ever; not empty
 * @param card the cards made, by their id
 * @param on when they left
 * @param copies how many, from 1
 * @param who who got them; empty if that is not said
 */
public record Given(String id, String card, LocalDate on, int copies, String who) {
  /** Checks the number. */
  public Given {
    if (id.isEmpty() || card.isEmpty() || on == null || who == null || copies < 1) {
      throw new IllegalArgumentException(copies + " of “" + card + "” to “" + who + "”");
    }
  }
}

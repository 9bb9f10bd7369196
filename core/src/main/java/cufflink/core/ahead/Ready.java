package cufflink.core.ahead;

import cufflink.core.log.CardMade.Heading;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What lies ready of one making.
 *
 * @param card the cards as they are in the log
 * @param cards how many of them are finished and still on the shelf
 * @param kits how many are cut, scored and creased, and not put together yet
 */
public record Ready(Heading card, int cards, int kits) {
  /**
   * Finds out what lies ready. Cards that were made for somebody are not on the shelf; the kits of
   * a job are those that were left when it was logged last.
   *
   * @param made all cards, the newest first
   * @param given all that left the shelf
   * @return those of which anything is ready, the newest first
   */
  public static List<Ready> of(List<Heading> made, List<Given> given) {
    Map<String, Integer> left = new HashMap<>();
    given.forEach(each -> left.merge(each.card(), each.copies(), Math::addExact));
    Set<String> seen = new HashSet<>();
    List<Ready> all = new ArrayList<>();
    for (Heading card : made) {
      int copies = card.memory().forWhom().isEmpty() ? card.memory().copies() : 0;
      int cards = Math.max(0, copies - left.getOrDefault(card.id(), 0));
      String job = card.about().jobId();
      boolean isNewest = job.isEmpty() || seen.add(job);
      int kits = isNewest ? card.about().kits() : 0;
      if (cards > 0 || kits > 0) {
        all.add(new Ready(card, cards, kits));
      }
    }
    return all;
  }
}

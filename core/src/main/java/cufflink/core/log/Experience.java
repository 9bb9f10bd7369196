package cufflink.core.log;

import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the cards that were made of one construction tell of the next.
 *
 * @param minutes how long one card takes, from 1; empty if that was never noted
 * @param habits values that were chosen alike the last times, otherwise than the construction
 *     proposes
 * @param last the newest card that tells something: values of its own, or what to change next time
 */
public record Experience(Optional<Integer> minutes, Values habits, Optional<CardMade> last) {
  /** Nothing was made yet. */
  public static final Experience NONE =
      new Experience(Optional.empty(), Values.NONE, Optional.empty());

  /** So few cards tell nothing of how hard a construction is. */
  private static final int FEW = 3;

  /** After so many cards without a spoilt piece a construction has become easier. */
  private static final int MANY = 6;

  private static final int HARDEST = 3;

  /**
   * How the cards of a construction went.
   *
   * @param cards how many were made, from 0
   * @param spoilt how many of their pieces were spoilt or lost meanwhile, from 0
   */
  public record Went(int cards, int spoilt) {
    /**
     * Returns how hard the construction is for this maker.
     *
     * @param guessed from 1, easy, to 3, for a quiet afternoon, as the construction says
     * @return one more if a piece was spoilt for every second card or oftener, one less if none was
     *     in six cards or more; empty if it is as the construction says, or nothing is known yet
     */
    public Optional<Integer> level(int guessed) {
      int level = guessed;
      if (cards >= FEW && 2 * spoilt >= cards) {
        level = Math.min(HARDEST, guessed + 1);
      } else if (cards >= MANY && spoilt == 0) {
        level = Math.max(1, guessed - 1);
      }
      return level == guessed ? Optional.empty() : Optional.of(level);
    }
  }

  /** What was done so often one after another is a habit. */
  private static final int HABIT = 3;

  /**
   * Learns from cards made.
   *
   * @param cards those of one construction, the newest first
   * @param proposed the values that the construction proposes
   * @return what they tell
   */
  public static Experience of(List<CardMade> cards, Values proposed) {
    Map<String, Setting> habits = new LinkedHashMap<>();
    if (cards.size() >= HABIT) {
      List<CardMade> newest = cards.subList(0, HABIT);
      cards
          .get(0)
          .job()
          .values()
          .settings()
          .forEach(
              (name, setting) -> {
                boolean isOwn =
                    proposed.get(name).filter(each -> !each.equals(setting)).isPresent();
                Optional<Setting> same = Optional.of(setting);
                if (isOwn
                    && newest.stream().allMatch(it -> it.job().values().get(name).equals(same))) {
                  habits.put(name, setting);
                }
              });
    }
    Optional<CardMade> last =
        cards.stream()
            .limit(1)
            .filter(
                card ->
                    !card.memory().nextTime().isEmpty()
                        || !differences(proposed, card.job().values()).isEmpty())
            .findFirst();
    return new Experience(minutes(cards), new Values(habits), last);
  }

  /**
   * Finds the values in which two jobs differ.
   *
   * @param before some values
   * @param after others
   * @return the names of values that both have and that are not the same
   */
  public static List<String> differences(Values before, Values after) {
    List<String> names = new ArrayList<>();
    before
        .settings()
        .forEach(
            (name, setting) -> {
              if (after.get(name).filter(each -> !each.equals(setting)).isPresent()) {
                names.add(name);
              }
            });
    return names;
  }

  /** The middle one of all, so that one odd day decides nothing. */
  private static Optional<Integer> minutes(List<CardMade> cards) {
    List<Integer> each = new ArrayList<>();
    for (CardMade card : cards) {
      if (card.memory().minutes() > 0 && card.memory().copies() > 0) {
        double one = (double) card.memory().minutes() / card.memory().copies();
        each.add((int) Math.max(1, Math.round(one)));
      }
    }
    Collections.sort(each);
    return each.isEmpty() ? Optional.empty() : Optional.of(each.get(each.size() / 2));
  }
}

package cufflink.core.log;

import cufflink.core.job.Job;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Objects;

/**
 * Cards that were made, as they are remembered: the whole job, and what the maker says of it.
 *
 * @param id what it is known by, for ever; not empty
 * @param on the day on which they were finished
 * @param job the job with all its values and the text of its construction, so that it can be opened
 *     just as it was
 * @param construction the construction's name then
 * @param memory what the maker says of it
 */
public record CardMade(String id, LocalDate on, Job job, String construction, Memory memory) {
  /** The most stars a card gets. */
  public static final int MOST_STARS = 5;

  /** The longest time that is believed, in minutes: a week of whole days. */
  public static final int MOST_MINUTES = 10_080;

  /**
   * What a maker says of cards made.
   *
   * @param copies how many, above nought
   * @param forWhom for whom; empty if that is not said
   * @param occasion what for; empty if that is not said
   * @param minutes how long all of it took; nought if that is not known
   * @param stars how well it went, from 1 to 5; nought if that is not said
   * @param changed what was changed from the plan
   * @param nextTime what to change next time
   */
  public record Memory(
      int copies,
      String forWhom,
      String occasion,
      int minutes,
      int stars,
      String changed,
      String nextTime) {
    /** Checks the numbers, and that nothing is missing. */
    public Memory {
      Objects.requireNonNull(forWhom);
      Objects.requireNonNull(occasion);
      Objects.requireNonNull(changed);
      Objects.requireNonNull(nextTime);
      if (copies < 1 || minutes < 0 || minutes > MOST_MINUTES || stars < 0 || stars > MOST_STARS) {
        throw new IllegalArgumentException(copies + " copies, " + minutes + " min, " + stars);
      }
    }

    /** Some copies of which nothing is said yet. */
    public static Memory of(int copies) {
      return new Memory(copies, "", "", 0, 0, "", "");
    }
  }

  /** Checks that nothing is missing. */
  public CardMade {
    Objects.requireNonNull(on);
    Objects.requireNonNull(job);
    Objects.requireNonNull(construction);
    Objects.requireNonNull(memory);
    if (id.isEmpty()) {
      throw new IllegalArgumentException("a card made has an id");
    }
  }

  /**
   * Returns all the words by which it is found, in small letters.
   *
   * @return title, construction, person, occasion, notes and what was learned
   */
  public String words() {
    return String.join(
            "\n",
            job.title(),
            construction,
            job.patternId(),
            memory.forWhom(),
            memory.occasion(),
            memory.changed(),
            memory.nextTime(),
            job.notes())
        .toLowerCase(Locale.ROOT);
  }
}

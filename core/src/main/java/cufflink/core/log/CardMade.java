package cufflink.core.log;

import cufflink.core.job.Job;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;

/**
 * Cards that were made, as they are remembered: the whole job, and what the maker says of it.
 *
 * @param id what it is known by, for ever; not empty
 * @param on the day on which they were finished
 * @param job the job with all its values and the text of its construction, so that it can be opened
 *     just as it was
 * @param construction the construction's name then
 * @param memory what the maker says of it
 * @param photo a picture of it, if there is one
 */
public record CardMade(
    String id, LocalDate on, Job job, String construction, Memory memory, Optional<Photo> photo) {
  /** The most stars a card gets. */
  public static final int MOST_STARS = 5;

  /** The longest time that is believed, in minutes: a week of whole days. */
  public static final int MOST_MINUTES = 10_080;

  /**
   * What a maker says of cards made.
   *
   * @param copies how many were finished; nought if all of them stay kits
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
      if (copies < 0 || minutes < 0 || minutes > MOST_MINUTES || stars < 0 || stars > MOST_STARS) {
        throw new IllegalArgumentException(copies + " copies, " + minutes + " min, " + stars);
      }
    }

    /** Returns the same of another number of copies. */
    public Memory withCopies(int now) {
      return new Memory(now, forWhom, occasion, minutes, stars, changed, nextTime);
    }

    /** Some copies of which nothing is said yet. */
    public static Memory of(int copies) {
      return new Memory(copies, "", "", 0, 0, "", "");
    }
  }

  /**
   * A picture of cards, kept beside the log.
   *
   * @param name its file's name, which follows from what is in it
   * @param orientation how it is to be turned, from 1 to 8, as the camera noted it (Exif 2.32, tag
   *     274); 1 if it stands as it is
   */
  public record Photo(String name, int orientation) {
    /** Checks the number, and that the name is no path. */
    public Photo {
      if (!name.matches("[0-9a-f]{64}\\.(jpg|png|gif)") || orientation < 1 || orientation > 8) {
        throw new IllegalArgumentException("“" + name + "” turned " + orientation);
      }
    }
  }

  /**
   * Cards as they are found in a long log, without the job.
   *
   * @param id what they are known by
   * @param on the day on which they were finished
   * @param about what they were
   * @param memory what the maker says of them
   * @param photo a picture of them, if there is one
   */
  public record Heading(
      String id, LocalDate on, About about, Memory memory, Optional<Photo> photo) {
    /** Checks that nothing is missing. */
    public Heading {
      Objects.requireNonNull(id);
      Objects.requireNonNull(on);
      Objects.requireNonNull(about);
      Objects.requireNonNull(memory);
      Objects.requireNonNull(photo);
    }
  }

  /**
   * What cards were.
   *
   * @param title the job's title
   * @param construction the construction's name then
   * @param patternId its id
   * @param jobId the job's id; empty if it had none
   * @param kits how many of the job were kits when it was logged
   */
  public record About(
      String title, String construction, String patternId, String jobId, int kits) {}

  /**
   * Returns how many cards of a job have been finished since it was logged last: all but those that
   * stay kits, or those that were kits then and are none any more.
   *
   * @param job the job
   * @param before all cards that are in the log, the newest first
   * @return the number, from nought
   */
  public static int finished(Job job, List<Heading> before) {
    int kits = job.order().kits();
    return before.stream()
        .filter(each -> !job.id().isEmpty() && each.about().jobId().equals(job.id()))
        .findFirst()
        .map(last -> last.about().kits() - kits)
        .filter(since -> since > 0)
        .orElse(job.order().copies() - kits);
  }

  /** Returns it as it is found in a long log. */
  public Heading heading() {
    About about =
        new About(job.title(), construction, job.patternId(), job.id(), job.order().kits());
    return new Heading(id, on, about, memory, photo);
  }

  /**
   * Remembers cards without a picture.
   *
   * @param id what it is known by
   * @param on the day on which they were finished
   * @param job the job
   * @param construction the construction's name then
   * @param memory what the maker says of it
   */
  public CardMade(String id, LocalDate on, Job job, String construction, Memory memory) {
    this(id, on, job, construction, memory, Optional.empty());
  }

  /** Returns the same with another picture, or without one. */
  public CardMade withPhoto(Optional<Photo> now) {
    return new CardMade(id, on, job, construction, memory, now);
  }

  /** Checks that nothing is missing. */
  public CardMade {
    Objects.requireNonNull(photo);
    Objects.requireNonNull(on);
    Objects.requireNonNull(job);
    Objects.requireNonNull(construction);
    Objects.requireNonNull(memory);
    if (id.isEmpty()) {
      throw new IllegalArgumentException("a card made has an id");
    }
  }

  private String papers() {
    List<String> names = new ArrayList<>();
    job.papers().byRole().values().forEach(paper -> names.add(paper.name()));
    return String.join("\n", names);
  }

  /**
   * Returns all the words by which it is found, in small letters.
   *
   * @return title, construction, papers, person, occasion, notes and what was learned
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
            job.notes(),
            papers())
        .toLowerCase(Locale.ROOT);
  }
}

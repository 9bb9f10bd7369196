package cufflink.core.make;

import cufflink.core.job.PaperPlan;
import cufflink.core.log.Done;
import cufflink.core.measure.Length;
import cufflink.core.run.Lie;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * One thing that is done at the table before the eye comes back to the screen.
 *
 * @param id the same for as long as what is to be done is the same, such as “score base 2 5f1c”
 * @param phase which part of the work it belongs to
 * @param piece the piece it is about, by its id; empty if it is about the card
 * @param count how often it is done, all copies together, from 1
 * @param words what to do
 * @param number the one number that it needs, if it needs one
 * @param shown how the paper lies meanwhile, if a piece lies on the table
 * @param trim where in the cutting of which paper it belongs, if it does
 * @param seconds about how long it takes once, above nought
 * @param reasons why it comes when it does: what would happen otherwise
 * @param tooling what is at hand for it
 */
public record Task(
    String id,
    Phase phase,
    String piece,
    int count,
    Message words,
    Optional<Length> number,
    Optional<Shown> shown,
    Optional<Trim> trim,
    double seconds,
    List<Message> reasons,
    Tooling tooling) {
  /**
   * What is at hand for a task.
   *
   * @param setting what stays as it is from one task to the next of the same: a tool, where its
   *     fence stands, an adhesive
   * @param drying how long, in seconds, it dries before the card is handled again
   * @param waits whether all that was done before must be dry for it
   */
  public record Tooling(String setting, int drying, boolean waits) {
    /** Checks that there is a setting. */
    public Tooling {
      Objects.requireNonNull(setting);
      if (drying < 0) {
        throw new IllegalArgumentException(drying + " s");
      }
    }
  }

  /** Says whether the card must be dry for it. */
  public boolean handles() {
    return tooling.waits() || phase == Phase.FOLD || phase == Phase.FILL || phase == Phase.INSPECT;
  }

  /**
   * A part of the cutting of a paper.
   *
   * @param plan how the paper is cut
   * @param step which cut, from 0; -1 while its sheets are laid ready
   * @param ready what then lies ready cut out, besides what did before
   */
  public record Trim(PaperPlan plan, int step, List<Done.Cut> ready) {
    /** Copies the list. */
    public Trim {
      Objects.requireNonNull(plan);
      ready = List.copyOf(ready);
    }
  }

  /** Marks a task in which all that was done with one piece is done with the others. */
  static final String SAME = "-same";

  /** Ends the name of a portion of the work at the beginning of a task's id. */
  static final char PORTION = ':';

  /**
   * A piece as it lies on the table.
   *
   * @param piece the piece, by its id
   * @param lie how it lies
   * @param lines what on it is worked on, by the ids of its scores, cuts, layers or joints
   */
  public record Shown(String piece, Lie lie, Set<String> lines) {
    /** Copies the set. */
    public Shown {
      Objects.requireNonNull(lie);
      lines = Set.copyOf(lines);
    }
  }

  /** The parts of the work, in the order in which they follow on each other. */
  public enum Phase {
    /** All pieces are cut out. */
    CUT("make.phase-cut"),
    /** They are stamped, inked and embossed while they are flat. */
    TREAT("make.phase-treat"),
    /** They are scored. */
    SCORE("make.phase-score"),
    /** They are cut again: slits, outlines, openings. */
    SECOND_CUT("make.phase-second-cut"),
    /** Their folds are pressed down. */
    CREASE("make.phase-crease"),
    /** Layers are glued on. */
    LAYER("make.phase-layer"),
    /** The pieces are put together. */
    ASSEMBLE("make.phase-assemble"),
    /** The card is folded. */
    FOLD("make.phase-fold"),
    /** What it holds goes in. */
    FILL("make.phase-fill"),
    /** It is looked at. */
    INSPECT("make.phase-inspect");

    private final String key;

    Phase(String key) {
      this.key = key;
    }

    /** Returns what it is called in the ids of tasks. */
    String word() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /**
     * Returns the phase of a task.
     *
     * @param id the task's id
     * @return its phase, none if it is no task's id
     */
    public static Optional<Phase> of(String id) {
      String kind = id.substring(id.indexOf(PORTION) + 1).split(" ")[0];
      return Stream.of(values())
          .filter(each -> kind.equals(each.word()) || kind.equals(each.word() + SAME))
          .findFirst();
    }

    /**
     * Returns what stands over its tasks.
     *
     * @return a few words
     */
    public Message heading() {
      return Message.of(key);
    }
  }

  /** Checks that it can be done. */
  public Task {
    Objects.requireNonNull(phase);
    Objects.requireNonNull(words);
    Objects.requireNonNull(number);
    Objects.requireNonNull(shown);
    Objects.requireNonNull(trim);
    reasons = List.copyOf(reasons);
    if (id.isEmpty() || count < 1 || !(seconds > 0)) {
      throw new IllegalArgumentException(id + " " + count + " times, " + seconds + " s");
    }
  }

  /**
   * Says whether all that was done with one piece is done with the others.
   *
   * @return true if it is the same again
   */
  public boolean isSame() {
    return id.contains(SAME + " ");
  }

  /**
   * Returns what is said of it in the log.
   *
   * @param copies how many copies of it were done, from 1
   * @param said its sentence as it was read
   * @return it, as something that was done
   */
  public Done.Act act(int copies, String said) {
    List<Done.Cut> ready = trim.map(Trim::ready).orElse(List.of());
    return new Done.Act(id, piece, said, copies * seconds, ready);
  }

  /**
   * Returns the part of its id that stays when the job becomes another.
   *
   * @param id a task's id
   * @return such as “score base 2”
   */
  public static String stem(String id) {
    return id.substring(0, Math.max(0, id.lastIndexOf(' ')));
  }

  /**
   * Returns how long it takes, all copies together.
   *
   * @return seconds, above nought
   */
  public double all() {
    return count * seconds;
  }
}

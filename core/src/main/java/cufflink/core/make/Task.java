package cufflink.core.make;

import cufflink.core.measure.Length;
import cufflink.core.run.Lie;
import cufflink.core.words.Message;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * One thing that is done at the table before the eye comes back to the screen.
 *
 * @param id the same for as long as the design is the same, such as “score base 2”
 * @param phase which part of the work it belongs to
 * @param piece the piece it is about, by its id; empty if it is about the card
 * @param count how often it is done, all copies together, from 1
 * @param words what to do
 * @param number the one number that it needs, if it needs one
 * @param shown how the paper lies meanwhile, if a piece lies on the table
 * @param seconds about how long it takes once, above nought
 */
public record Task(
    String id,
    Phase phase,
    String piece,
    int count,
    Message words,
    Optional<Length> number,
    Optional<Shown> shown,
    double seconds) {
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
    if (id.isEmpty() || count < 1 || !(seconds > 0)) {
      throw new IllegalArgumentException(id + " " + count + " times, " + seconds + " s");
    }
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

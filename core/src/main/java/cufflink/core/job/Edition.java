package cufflink.core.job;

import java.util.Objects;

/**
 * The construction a job is made with, as it was when the job was begun: a newer edition of its
 * pattern file changes nothing of what is half cut.
 *
 * @param patternId the construction
 * @param text the text of its pattern file; empty if it is taken as it is at hand
 */
public record Edition(String patternId, String text) {
  /** Checks that nothing is missing. */
  public Edition {
    Objects.requireNonNull(patternId);
    Objects.requireNonNull(text);
  }

  /**
   * Takes a construction as it is at hand.
   *
   * @param patternId the construction
   * @return an edition without a text of its own
   */
  public static Edition atHand(String patternId) {
    return new Edition(patternId, "");
  }
}

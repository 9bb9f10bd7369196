package cufflink.desktop.work;

import java.util.Objects;

/**
 * Something that a press would do for the maker, as long as the sentence that proposes it stands.
 *
 * @param told the sentence
 * @param label what stands on its button
 * @param act what a press does
 */
public record Suggestion(String told, String label, Runnable act) {
  /** Checks that nothing is missing. */
  public Suggestion {
    Objects.requireNonNull(told);
    Objects.requireNonNull(label);
    Objects.requireNonNull(act);
  }
}

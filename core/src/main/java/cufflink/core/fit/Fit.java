package cufflink.core.fit;

import cufflink.core.measure.Length;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;

/**
 * What came of scaling a construction.
 *
 * @param values the new values, unless no size serves
 * @param changes what is different from before
 * @param reason why this size, or why none
 */
public record Fit(Optional<Values> values, List<Change> changes, Message reason) {
  /** Copies the list. */
  public Fit {
    changes = List.copyOf(changes);
  }

  /**
   * Tells why this size, and what is different from before.
   *
   * @return the reason, followed by each change
   */
  public Message told() {
    Message told = reason;
    for (Change change : changes) {
      told =
          told.followedBy(
              Message.of("fit.change", change.label(), change.before(), change.after()));
    }
    return told;
  }

  /**
   * One value that scaling changed.
   *
   * @param parameter the parameter's id
   * @param label the maker's name for it
   * @param before what it was
   * @param after what it is now
   */
  public record Change(String parameter, String label, Length before, Length after) {}
}

package cufflink.core.fit;

import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;

/**
 * What came of moving values onto marks.
 *
 * @param values the new values, unless the construction comes to nothing
 * @param changes what moved
 * @param left the numbers that still fall between marks
 */
public record Snap(Optional<Values> values, List<Fit.Change> changes, List<OffMarks.Number> left) {
  private static final int MOST_NAMED = 4;

  /** Copies the lists. */
  public Snap {
    changes = List.copyOf(changes);
    left = List.copyOf(left);
  }

  /**
   * Tells what moved and how to set what is left.
   *
   * @return one sentence after another
   */
  public Message told() {
    Message told =
        Message.of(left.isEmpty() ? "snap.all" : changes.isEmpty() ? "snap.none" : "snap.best");
    for (Fit.Change change : changes) {
      told =
          told.followedBy(
              Message.of("fit.change", change.label(), change.before(), change.after()));
    }
    for (OffMarks.Number number : left.subList(0, Math.min(MOST_NAMED, left.size()))) {
      told =
          told.followedBy(Message.of("snap.left", number.piece(), number.label(), number.length()));
    }
    return told;
  }
}

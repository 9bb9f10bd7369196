package cufflink.core.make;

import cufflink.core.make.Task.Phase;
import java.util.HashSet;
import java.util.Set;

/**
 * What has been stamped or inked and not been touched since. The first that is done to it
 * afterwards waits until it is dry; and nothing is glued before all of it is, so that no one waits
 * for glue because of ink.
 */
final class Wet {
  private final Set<String> parts = new HashSet<>();

  /** Takes note of a task, and says whether it must wait. */
  boolean waits(Phase phase, String part) {
    return switch (phase) {
      case CUT -> false;
      case TREAT -> {
        // Its other face, or what comes over the first ink.
        boolean again = !parts.add(part);
        yield again;
      }
      case SCORE, SECOND_CUT, CREASE -> parts.remove(part);
      default -> {
        boolean waits = !parts.isEmpty();
        parts.clear();
        yield waits;
      }
    };
  }
}

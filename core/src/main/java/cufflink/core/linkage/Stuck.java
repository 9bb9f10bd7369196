package cufflink.core.linkage;

import java.util.List;

/**
 * A stage that does not move, or does not know how.
 *
 * @param stage its number, from 0
 * @param creases the creases that do not meet, or that no stage says anything of, by their numbers
 * @param share how far it gets, from 0 to 1
 * @param loose in how many ways it could move besides the one it is asked for
 * @param crowd how many loops there are, if these are too many to be followed
 * @param proved whether there is no way on; if not, only none was found
 */
public record Stuck(
    int stage, List<Integer> creases, double share, int loose, int crowd, boolean proved) {
  /** Copies the list. */
  public Stuck {
    creases = List.copyOf(creases);
  }
}

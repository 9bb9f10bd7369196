package cufflink.core.fit;

import cufflink.core.measure.Length;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Values;
import java.util.Optional;
import java.util.Set;

/**
 * What laying a construction out on other marks would change.
 *
 * @param rulers the marks
 * @param moved how many lengths would be others, not below zero
 * @param farthest the most that one of them would move, not below zero
 */
public record Relaying(Rulers rulers, int moved, Length farthest) {

  /**
   * Tries what other marks would change, without changing it.
   *
   * @param pattern the construction
   * @param values its values
   * @param rulers the marks
   * @param pinned the parameters that must stay as they are
   * @return what would change
   */
  public static Relaying of(Pattern pattern, Values values, Rulers rulers, Set<String> pinned) {
    Values relaid = Relayer.relay(pattern, values, rulers, pinned);
    int moved = 0;
    Length farthest = Length.ZERO;
    for (String name : values.settings().keySet()) {
      Optional<Length> before = values.length(name);
      Optional<Length> after = relaid.length(name);
      if (before.isPresent() && after.isPresent() && !before.equals(after)) {
        moved++;
        farthest = farthest.max(after.get().minus(before.get()).abs());
      }
    }
    return new Relaying(rulers, moved, farthest);
  }
}

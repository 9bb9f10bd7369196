package cufflink.core.job;

import cufflink.core.fit.Goal;
import cufflink.core.pattern.Bench;
import cufflink.core.value.Values;
import java.util.HashSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * How large the maker wants a card.
 *
 * @param values the sizes chosen
 * @param goal what the sizes are scaled to
 * @param keepsProportions whether scaling keeps the finished width and height in ratio
 * @param pinned the values that must stay as they are when others are scaled or moved
 * @param scaledFrom the sizes as the maker last set them, if those chosen were scaled from them to
 *     a sheet or an envelope: whatever they are scaled to next begins there, so that nothing drifts
 */
public record Sizes(
    Values values,
    Goal goal,
    boolean keepsProportions,
    Set<String> pinned,
    Optional<Values> scaledFrom) {
  /** Checks that nothing is missing and copies the set. */
  public Sizes {
    Objects.requireNonNull(goal);
    values = values.without(Bench.NAMES);
    scaledFrom = scaledFrom.map(each -> each.without(Bench.NAMES));
    pinned = Set.copyOf(pinned);
  }

  /**
   * Takes sizes as they are typed.
   *
   * @param values the sizes
   * @return sizes that are scaled to nothing
   */
  public static Sizes of(Values values) {
    return new Sizes(values, new Goal.Free(), true, Set.of(), Optional.empty());
  }

  Sizes with(Values now, Optional<Values> from) {
    return new Sizes(now, goal, keepsProportions, pinned, from);
  }

  Sizes with(Goal now) {
    return new Sizes(values, now, keepsProportions, pinned, scaledFrom);
  }

  Sizes withProportionsKept(boolean keeps) {
    return new Sizes(values, goal, keeps, pinned, scaledFrom);
  }

  Sizes withPinned(Set<String> now) {
    return new Sizes(values, goal, keepsProportions, now, scaledFrom);
  }

  Sizes withPinToggled(String parameter) {
    Set<String> now = new HashSet<>(pinned);
    if (!now.remove(parameter)) {
      now.add(parameter);
    }
    return withPinned(now);
  }
}

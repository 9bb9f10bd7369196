package cufflink.core.expression;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * The names that a formula may use, and what each stands for. The same short name may stand for
 * different values in different files; each value has one full name under which it is kept.
 */
public final class Names {
  private final Optional<Map<String, String>> full;
  private final Map<String, Kind> kinds;
  private final Map<String, Counter> counters;

  /** A name that is known in one place only. */
  private record Counter(String fullName, Kind kind) {}

  private Names(
      Optional<Map<String, String>> full, Map<String, Kind> kinds, Map<String, Counter> counters) {
    this.full = full;
    this.kinds = kinds;
    this.counters = counters;
  }

  /**
   * Returns names that stand for themselves.
   *
   * @param kinds what each is about. It is kept, not copied: what is added becomes known
   * @return the names
   */
  public static Names of(Map<String, Kind> kinds) {
    return new Names(Optional.empty(), kinds, Map.of());
  }

  /**
   * Returns names that stand for others.
   *
   * @param full the full name of each
   * @param kinds what each full name is about; one that is missing is not known yet. It is kept,
   *     not copied
   * @return the names
   */
  public static Names of(Map<String, String> full, Map<String, Kind> kinds) {
    return new Names(Optional.of(full), kinds, Map.of());
  }

  /**
   * Returns these names and one more.
   *
   * @param name the name
   * @param fullName what it stands for
   * @param kind what that is about
   * @return the names; the one given hides one of these that is alike
   */
  public Names and(String name, String fullName, Kind kind) {
    Map<String, Counter> more = new HashMap<>(counters);
    more.put(name, new Counter(fullName, kind));
    return new Names(full, kinds, more);
  }

  /**
   * Returns what a name is about.
   *
   * @param name a name as formulas write it
   * @return its kind; nothing if no formula may use it
   */
  public Optional<Kind> kind(String name) {
    Counter counter = counters.get(name);
    if (counter != null) {
      return Optional.of(counter.kind());
    }
    return full.isEmpty()
        ? Optional.ofNullable(kinds.get(name))
        : Optional.ofNullable(full.get().get(name)).map(kinds::get);
  }

  /**
   * Returns the full name of a value.
   *
   * @param name a name as formulas write it
   * @return the name under which its value is kept; the name itself if it is not known
   */
  public String full(String name) {
    Counter counter = counters.get(name);
    return counter != null
        ? counter.fullName()
        : full.map(names -> names.getOrDefault(name, name)).orElse(name);
  }

  /**
   * Returns the names that may be used.
   *
   * @return the names in alphabetical order
   */
  public Set<String> known() {
    Set<String> known = new TreeSet<>(counters.keySet());
    if (full.isEmpty()) {
      known.addAll(kinds.keySet());
    }
    full.ifPresent(
        names ->
            names.forEach(
                (name, meant) -> {
                  if (kinds.containsKey(meant)) {
                    known.add(name);
                  }
                }));
    return known;
  }
}

package cufflink.desktop.slip;

import cufflink.core.job.Derivation;
import cufflink.desktop.work.Station;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Remembers which numbers have changed without the maker having looked at them since. */
public final class Looked {
  private final Map<Station, Set<String>> moved = new EnumMap<>(Station.class);
  private Optional<Derivation> last = Optional.empty();

  /**
   * Notes a change.
   *
   * @param now what follows from the job now
   * @param typed the key of the row that was typed over, or an empty text
   */
  public void changed(Derivation now, String typed) {
    if (now.made().isEmpty()) {
      // While a number is being typed there may be no design; what moved shows when there is one.
      return;
    }
    boolean sameJob =
        last.filter(before -> before.pattern().id().equals(now.pattern().id())).isPresent();
    for (Station station : Station.values()) {
      Set<String> keys = moved.computeIfAbsent(station, each -> new HashSet<>());
      if (!sameJob) {
        keys.clear();
        continue;
      }
      Map<String, String> before = numbers(SlipWriter.write(last.orElseThrow(), station));
      numbers(SlipWriter.write(now, station))
          .forEach(
              (key, number) -> {
                boolean moves = before.containsKey(key) && !number.equals(before.get(key));
                if (moves && !key.equals(typed)) {
                  keys.add(key);
                }
              });
      keys.remove(typed);
    }
    last = Optional.of(now);
  }

  private static Map<String, String> numbers(List<SlipSection> sections) {
    Map<String, String> numbers = new HashMap<>();
    sections.forEach(
        section -> section.rows().forEach(row -> numbers.put(row.key(), row.number())));
    return numbers;
  }

  /**
   * Says whether a number has changed and was not looked at.
   *
   * @param station the station on whose slip it stands
   * @param key the row's key
   * @return true if so
   */
  public boolean isMoved(Station station, String key) {
    return moved.getOrDefault(station, Set.of()).contains(key);
  }

  /**
   * Says whether a station has numbers that changed and were not looked at.
   *
   * @param station the station
   * @return true if so
   */
  public boolean isMoved(Station station) {
    return !moved.getOrDefault(station, Set.of()).isEmpty();
  }

  /**
   * Notes that a number was looked at.
   *
   * @param station the station
   * @param key the row's key
   */
  public void look(Station station, String key) {
    moved.getOrDefault(station, new HashSet<>()).remove(key);
  }

  /**
   * Notes that a station was looked at and left.
   *
   * @param station the station
   */
  public void leave(Station station) {
    moved.getOrDefault(station, new HashSet<>()).clear();
  }
}

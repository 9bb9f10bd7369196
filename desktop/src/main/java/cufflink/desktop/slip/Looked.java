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
  private final Slips slips;
  private final Map<Station, Set<Subject>> moved = new EnumMap<>(Station.class);
  private final Map<Station, Map<Subject, Object>> written = new EnumMap<>(Station.class);
  private Optional<Derivation> last = Optional.empty();

  /**
   * Prepares to remember.
   *
   * @param slips what stands on each slip
   */
  public Looked(Slips slips) {
    this.slips = slips;
  }

  /**
   * Notes a change.
   *
   * @param now what follows from the job now
   * @param typed what was typed over, if anything
   */
  public void changed(Derivation now, Optional<Subject> typed) {
    if (now.made().isEmpty()) {
      // While a number is being typed there may be no design; what moved shows when there is one.
      return;
    }
    boolean sameJob =
        last.filter(before -> before.pattern().id().equals(now.pattern().id()))
            .filter(before -> before.job().id().equals(now.job().id()))
            .isPresent();
    for (Station station : slips.stations()) {
      Set<Subject> subjects = moved.computeIfAbsent(station, each -> new HashSet<>());
      Map<Subject, Object> after = measures(slips.write(station, now));
      Map<Subject, Object> before = written.put(station, after);
      if (!sameJob) {
        subjects.clear();
        continue;
      }
      after.forEach(
          (subject, measure) -> {
            if (before.containsKey(subject) && !measure.equals(before.get(subject))) {
              subjects.add(subject);
            }
          });
      typed.ifPresent(subjects::remove);
    }
    last = Optional.of(now);
  }

  private static Map<Subject, Object> measures(List<SlipSection> sections) {
    Map<Subject, Object> measures = new HashMap<>();
    sections.forEach(
        section -> section.rows().forEach(row -> measures.put(row.subject(), row.measure())));
    return measures;
  }

  /**
   * Says whether a number has changed and was not looked at.
   *
   * @param station the station on whose slip it stands
   * @param subject what it is
   * @return true if so
   */
  public boolean isMoved(Station station, Subject subject) {
    return moved.getOrDefault(station, Set.of()).contains(subject);
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
   * @param subject what it is
   */
  public void look(Station station, Subject subject) {
    moved.getOrDefault(station, new HashSet<>()).remove(subject);
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

package cufflink.core.fit;

import cufflink.core.finding.Finding;
import cufflink.core.measure.Length;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;

/**
 * A finished size that was tried.
 *
 * @param width the value of the finished width
 * @param height the value of the finished height
 * @param values all values at that size
 * @param faults what breaks a rule or a limit of the construction there
 * @param passed why it is too large for what it is scaled to, if it is
 */
record Trial(
    Length width, Length height, Values values, List<Finding> faults, Optional<Message> passed) {
  Trial {
    faults = List.copyOf(faults);
  }

  boolean serves() {
    return faults.isEmpty() && passed.isEmpty();
  }

  /** Why it does not serve, if it does not. */
  Optional<Message> reason() {
    return faults.stream().map(Finding::sentence).findFirst().or(() -> passed);
  }

  /** Returns what is wrong at every one of some sizes alike, so that no size can mend it. */
  static Optional<Finding> everywhere(List<Trial> tried) {
    if (tried.size() < 2) {
      return Optional.empty();
    }
    return tried.get(0).faults().stream()
        .filter(fault -> tried.stream().allMatch(trial -> trial.has(fault)))
        .findFirst();
  }

  private boolean has(Finding fault) {
    return faults.stream().anyMatch(each -> each.sentence().equals(fault.sentence()));
  }
}

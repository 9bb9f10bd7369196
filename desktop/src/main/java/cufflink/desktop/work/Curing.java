package cufflink.desktop.work;

import cufflink.core.finding.Finding;
import cufflink.core.job.Cures;
import cufflink.core.job.Derivation;
import cufflink.desktop.wait.Latest;
import java.util.List;
import javafx.util.Duration;

/** Looks for cures of what goes wrong, once the sizes have come to rest. */
public final class Curing {
  private static final Duration AT_REST = Duration.millis(250);

  private final Latest<Derivation, List<Finding>> curer =
      new Latest<>("curing", AT_REST, (derivation, asking) -> Cures.of(derivation, asking::stops));

  Curing() {}

  /**
   * Returns what looks for cures.
   *
   * @return the curer; the last it knows may be of a card before the present one
   */
  public Latest<Derivation, List<Finding>> curer() {
    return curer;
  }

  /**
   * Returns what goes wrong, with its cures as far as they are known; asks for them where they are
   * not.
   *
   * @param derivation what follows from the job, with all its findings
   * @return the findings in the same order
   */
  public List<Finding> findings(Derivation derivation) {
    if (derivation.findings().stream().allMatch(each -> each.fix().isPresent())) {
      return derivation.findings();
    }
    curer.ask(derivation);
    return curer.answerTo(derivation).orElse(derivation.findings());
  }
}

package cufflink.core.pattern;

import cufflink.core.design.Design;
import cufflink.core.finding.Finding;
import cufflink.core.value.Values;
import java.util.List;
import java.util.Optional;

/**
 * What a pattern comes to with a maker's values.
 *
 * @param design the design, unless a number in it makes no sense
 * @param findings what the pattern's own limits and rules say
 * @param settled every value the design was made with, allowances reckoned among them
 */
public record Evaluation(Optional<Design> design, List<Finding> findings, Values settled) {
  /** Copies the list. */
  public Evaluation {
    findings = List.copyOf(findings);
  }

  /**
   * Says whether there is a design and no finding is an error.
   *
   * @return true if the card will work as far as the pattern knows
   */
  public boolean works() {
    return design.isPresent() && findings.stream().noneMatch(Finding::isError);
  }
}

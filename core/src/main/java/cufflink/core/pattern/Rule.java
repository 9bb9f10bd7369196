package cufflink.core.pattern;

import cufflink.core.expression.Formula;
import cufflink.core.finding.Finding;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Something that must hold for a construction to work.
 *
 * @param when the conditions under which it must, such as that its accessory is there
 * @param that what must hold
 * @param otherwise what happens at the table if it does not hold
 * @param severity how bad that is
 * @param place where it shows
 * @param cure what to change, if one change cures it
 */
record Rule(
    List<Formula> when,
    Formula that,
    Phrase otherwise,
    Finding.Severity severity,
    Finding.Place place,
    Optional<Cure> cure) {

  /**
   * A change that makes a rule hold.
   *
   * @param label what it does
   * @param set the new values, by parameter
   */
  record Cure(Phrase label, Map<String, Formula> set) {}
}

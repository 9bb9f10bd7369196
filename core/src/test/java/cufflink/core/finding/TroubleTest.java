package cufflink.core.finding;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.finding.Finding.Fix;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.measure.Length;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TroubleTest {
  private static Finding finding(FindingKind kind, Severity severity, String says) {
    return new Finding(kind, severity, Place.on("base"), Message.plain(says), Optional.empty());
  }

  private static Fix setting(String name, int millimetres) {
    Values values = Values.NONE.and(name, Length.ofMillimetres(millimetres));
    return new Fix(Message.plain("set it"), values);
  }

  private static List<String> first(List<Trouble> troubles) {
    return troubles.stream().map(each -> each.first().kind().id()).toList();
  }

  @Test
  void of_dearestFirst_butWhatKeepsItFromWorkingBeforeAll() {
    List<Trouble> troubles =
        Trouble.of(
            List.of(
                finding(FindingKind.FALLS_APART, Severity.WARNING, "a"),
                finding(FindingKind.HANGS_OVER, Severity.ERROR, "b"),
                finding(FindingKind.GLUED_SHUT, Severity.ERROR, "c"),
                finding(FindingKind.SLIT_OFF_SCORE, Severity.ERROR, "d"),
                finding(FindingKind.THICK_FOR_POST, Severity.WARNING, "e")),
            Values.NONE);
    assertEquals(
        List.of("slit-off-score", "glued-shut", "hangs-over", "falls-apart", "thick-for-post"),
        first(troubles));
  }

  @Test
  void of_curedByTheSameValue_isOneTrouble_toldInThePatternsWords() {
    Finding torn = finding(FindingKind.CREASE_MISSING, Severity.ERROR, "in its way");
    Finding rule = finding(FindingKind.RULE, Severity.ERROR, "the flap is too long");
    Finding other = finding(FindingKind.STICKS_OUT, Severity.ERROR, "sticks out");
    List<Trouble> troubles =
        Trouble.of(
            List.of(
                torn.curedBy(setting("left", 110)),
                other.curedBy(setting("right", 70)),
                rule.curedBy(setting("left", 105))),
            setting("left", 200).values());
    assertEquals(List.of("rule", "sticks-out"), first(troubles));
    assertEquals(List.of("crease-missing"), kinds(troubles.get(0).others()));
    // What comes of it costs as much as the worst of it.
    assertEquals(Cost.START, troubles.get(0).cost());
  }

  /** What wants a value less and what wants it more cannot be cured by one press. */
  @Test
  void of_sameValueMovedBothWays_areTwoTroubles() {
    Finding small = finding(FindingKind.ITEM_TOO_LARGE, Severity.ERROR, "too small for it");
    Finding large = finding(FindingKind.ENVELOPE_TOO_SMALL, Severity.ERROR, "does not go in");
    List<Trouble> troubles =
        Trouble.of(
            List.of(small.curedBy(setting("width", 120)), large.curedBy(setting("width", 100))),
            setting("width", 110).values());
    assertEquals(2, troubles.size());
  }

  private static List<String> kinds(List<Finding> findings) {
    return findings.stream().map(each -> each.kind().id()).toList();
  }

  @Test
  void of_sameWordsTwice_areSaidOnce() {
    Finding one = finding(FindingKind.CATCHES, Severity.WARNING, "it catches");
    List<Trouble> troubles = Trouble.of(List.of(one, one), Values.NONE);
    assertEquals(1, troubles.size());
    assertTrue(troubles.get(0).others().isEmpty());
  }

  @Test
  void mend_isTold_whereSomethingCanStillBeDone() {
    Trouble hangs =
        Trouble.of(List.of(finding(FindingKind.HANGS_OVER, Severity.ERROR, "a")), Values.NONE)
            .get(0);
    assertEquals("mend.hangs-over", hangs.mend().orElseThrow().key());
    Trouble ruined =
        Trouble.of(List.of(finding(FindingKind.FALLS_APART, Severity.ERROR, "a")), Values.NONE)
            .get(0);
    assertTrue(ruined.mend().isEmpty());
  }
}

package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.finding.Finding;
import cufflink.core.fit.Relayer;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Tools;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A cure is tried: taken, it must mend, and no smaller change of the same value may. */
class CuresTest {
  private static Derivation derive(Job job, Values values) {
    return Jobs.derive(job.withValues(values));
  }

  private static Job job(String id, Marks marks) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    Values values = Relayer.relay(pattern, pattern.normalValues(), Rulers.one(marks), Set.of());
    return Job.begun("Trial", Edition.atHand(id), values, Tools.usual(marks));
  }

  @ParameterizedTest
  @CsvSource({
    "turn-back-pocket, notch, 116, 1",
    "turn-back-pocket, notch, 116, 1/16",
    "turn-back-pocket, dot, 50, 1",
    "ridge-pocket-holder, bite, 70, 1",
    "concertina-album, glue, 50, 1/8",
    "criss-cross-pocket, glue, 70, 1"
  })
  void cure_mendsAndIsTheSmallestChangeOfItsValue(
      String pattern, String value, long millimetres, String mark) {
    Marks marks = Marks.parse(mark.contains("/") ? mark + "in" : mark + "mm").orElseThrow();
    Job job = job(pattern, marks);
    Values wrong = job.values().and(value, Length.ofMillimetres(millimetres));
    Derivation derivation = derive(job, wrong);
    assertTrue(derivation.findings().stream().allMatch(each -> each.fix().isEmpty()));
    List<Finding> cured = derivation.cured(() -> false).findings();
    assertEquals(derivation.findings().size(), cured.size());
    for (Finding finding : cured) {
      Values set = finding.fix().orElseThrow().values();
      assertEquals(List.of(), derive(job, wrong.and(set)).findings());
      String name = set.settings().keySet().iterator().next();
      Length good = set.length(name).orElseThrow();
      assertTrue(marks.holds(good), () -> good + " is on no mark");
      // By brute force: on every mark between, the finding is still there.
      Length bad = derivation.settled().length(name).orElseThrow();
      Length step = good.compareTo(bad) > 0 ? marks.step().times(-1) : marks.step();
      for (Length at = good.plus(step);
          at.minus(bad).abs().compareTo(step.abs()) >= 0 && between(at, good, bad);
          at = at.plus(step)) {
        List<Finding> left = derive(job, wrong.and(name, at)).findings();
        Length tried = at;
        assertTrue(
            left.stream().anyMatch(each -> each.kind() == finding.kind()),
            () -> name + " at " + tried + " mends as well");
      }
    }
  }

  private static boolean between(Length at, Length one, Length other) {
    return at.compareTo(one.min(other)) >= 0 && at.compareTo(one.max(other)) <= 0;
  }

  @Test
  void cure_ofWhatOnlyFoldingFinds_isFoundByFolding() {
    Job job = job("off-centre-gate", Marks.MILLIMETRES);
    Values wrong = job.values().and("left", Length.ofMillimetres(150));
    Derivation cured = derive(job, wrong).folded(() -> false).cured(() -> false);
    Finding caught =
        cured.findings().stream()
            .filter(each -> each.kind().id().equals("crease-missing"))
            .findFirst()
            .orElseThrow();
    Derivation mended =
        derive(job, wrong.and(caught.fix().orElseThrow().values())).folded(() -> false);
    assertTrue(mended.findings().stream().noneMatch(each -> each.kind() == caught.kind()));
  }

  /** One leaf that is far too wide spoils a dozen things, all of which one change mends. */
  @Test
  void cureOfTheCause_isTheCureOfAllThatFollows() {
    Job job = job("stacked-pocket-folio", Marks.MILLIMETRES);
    Values wrong = job.values().and("leaf_width", Length.ofMillimetres(310));
    Derivation cured = derive(job, wrong).folded(() -> false).cured(() -> false);
    List<Values> cures =
        cured.findings().stream()
            .map(each -> each.fix().orElseThrow().values())
            .distinct()
            .toList();
    assertTrue(cured.findings().size() > 12, () -> cured.findings().size() + " findings");
    assertEquals(1, cures.size(), cures::toString);
    assertEquals(Set.of("leaf_width"), cures.get(0).settings().keySet());
    Derivation mended = derive(job, wrong.and(cures.get(0))).folded(() -> false);
    assertEquals(List.of(), mended.findings());
  }

  @Test
  void cure_neverMovesWhatIsPinned() {
    Job job = job("turn-back-pocket", Marks.MILLIMETRES);
    Values wrong = job.values().and("notch", Length.ofMillimetres(116));
    Job pinned = job.withPinToggled("notch");
    Derivation cured = derive(pinned, wrong).cured(() -> false);
    Values set = cured.findings().get(0).fix().orElseThrow().values();
    assertTrue(set.get("notch").isEmpty(), set::toString);
    assertTrue(set.settings().values().stream().allMatch(Setting.OfLength.class::isInstance));
  }

  @Test
  void cure_thatIsStopped_isNone() {
    Job job = job("turn-back-pocket", Marks.MILLIMETRES);
    Derivation wrong = derive(job, job.values().and("notch", Length.ofMillimetres(116)));
    assertEquals(wrong.findings(), wrong.cured(() -> true).findings());
  }
}

package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.fit.Fitter;
import cufflink.core.fold.Thickness;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import cufflink.files.project.DemoProjects;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Constructions that are made upright and across. That a wallet of two panels is made both ways is
 * common practice, no source; which others are is our decision.
 */
class TurnedTest {
  static Stream<Pattern> bothWays() {
    return PatternLibrary.shipped().patterns().stream().filter(Pattern::isTurned);
  }

  private static Length side(Pattern pattern, Values values, Parameter.Role role) {
    return values.length(pattern.parameter(role).id()).orElseThrow();
  }

  private static Job turned(Pattern pattern, Job job) {
    return job.withValues(Fitter.turned(pattern, job.onBench(), job.rulers()));
  }

  /** What holds something has a side that comes from outside, and may say that it is too narrow. */
  private static List<String> faults(Derivation derivation) {
    return derivation.folded(() -> false).findings().stream()
        .filter(each -> !each.kind().name().equals("RULE"))
        .map(each -> each.kind() + " " + each.sentence())
        .toList();
  }

  private static List<Length> closed(Job job) {
    return Jobs.derive(job).folded(() -> false).thickness().map(Thickness::size).orElseThrow();
  }

  /** The engine folds it: its closed sides are exchanged too, and nothing goes wrong. */
  @ParameterizedTest
  @MethodSource("bothWays")
  void turned_itClosesToTheOtherFormat(Pattern pattern) {
    Job upright = Jobs.job(pattern.id(), pattern.normalValues());
    Job across = turned(pattern, upright);
    List<Length> before = closed(upright);
    List<Length> after = closed(across);
    assertEquals(before.get(0), after.get(1));
    assertEquals(before.get(1), after.get(0));
    assertEquals(List.of(), faults(Jobs.derive(across)));
  }

  @Test
  void demonstrationJobs_canBeTurned() {
    List<String> wrong =
        DemoProjects.all().stream()
            .filter(job -> PatternLibrary.shipped().pattern(job).orElseThrow().isTurned())
            .flatMap(
                job -> {
                  Pattern pattern = PatternLibrary.shipped().pattern(job).orElseThrow();
                  Derivation derived = Derivation.of(pattern, turned(pattern, job));
                  return derived.made().isPresent() ? Stream.<String>of() : Stream.of(job.title());
                })
            .toList();
    assertEquals(List.of(), wrong);
  }

  @ParameterizedTest
  @MethodSource("bothWays")
  void turnedTwice_itHasItsSidesAgain_onAnyRuler(Pattern pattern) {
    for (Marks marks : List.of(Marks.MILLIMETRES, Marks.EIGHTHS, Marks.FIVE_MILLIMETRES)) {
      Values once = Fitter.turned(pattern, pattern.normalValues(), Rulers.one(marks));
      Values twice = Fitter.turned(pattern, once, Rulers.one(marks));
      for (Parameter.Role role :
          Set.of(Parameter.Role.FINISHED_WIDTH, Parameter.Role.FINISHED_HEIGHT)) {
        assertEquals(
            side(pattern, pattern.normalValues(), role), side(pattern, twice, role), pattern.id());
      }
    }
  }

  /** Two of the wallet and the folio: one is turned, the other is upright only. */
  @Test
  void whichAreMadeBothWays() {
    List<String> ids = bothWays().map(Pattern::id).toList();
    assertTrue(ids.contains("ribbon-hinge-wallet"));
    assertFalse(ids.contains("stacked-pocket-folio"));
    assertFalse(ids.contains("ridge-pocket-holder"));
  }
}

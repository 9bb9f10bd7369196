package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.fit.Fit;
import cufflink.core.fit.Fitter;
import cufflink.core.fit.Fitter.Manner;
import cufflink.core.fit.Goal;
import cufflink.core.fit.Relayer;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Bench;
import cufflink.core.pattern.Evaluation;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Parameter.Role;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.value.Values;
import cufflink.core.words.Language;
import cufflink.files.size.StandardSizes;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Scaling, with "largest" proven by trying every size of a coarse grid. */
class FitterTest {
  private static final boolean LONG = Boolean.getBoolean("cufflink.long");
  private static final Set<String> STRIPS =
      Set.of("banded-half-fold", "off-centre-gate", "stepped-accordion");
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, Fractions.PLAIN, Language.ENGLISH);

  @Test
  void fit_toASheet_isTheLargestOfAllSizesInProportion() {
    for (Pattern pattern : LIBRARY.patterns()) {
      for (String name : List.of("a5", "letter", "square-12")) {
        Sheet sheet = StandardSizes.sheet(name).orElseThrow();
        for (Marks marks : List.of(Marks.FIVE_MILLIMETRES, Marks.EIGHTHS)) {
          assertLargestInProportion(pattern, sheet, marks);
        }
      }
    }
  }

  private static void assertLargestInProportion(Pattern pattern, Sheet sheet, Marks marks) {
    Values start = Relayer.relay(pattern, pattern.normalValues(), Rulers.one(marks), Set.of());
    Fit fit =
        Fitter.fit(pattern, start, new Goal.FromSheet(sheet), new Manner(marks, true, Set.of()));
    String what = pattern.id() + " from " + sheet.label() + " on " + marks;
    fit.values().ifPresent(values -> assertTrue(serves(pattern, values, sheet, marks), what));
    Length found = fit.values().map(values -> width(pattern, values)).orElse(Length.ZERO);
    Length beyond = sheet.width().max(sheet.height());
    for (Length width = found.plus(marks.step());
        width.compareTo(beyond) <= 0;
        width = width.plus(marks.step())) {
      Length height =
          marks
              .nearest(height(pattern, start).scaled(width, width(pattern, start)))
              .max(marks.step());
      Values larger = scaled(pattern, start, width, height, marks);
      assertFalse(serves(pattern, larger, sheet, marks), what + " also serves at " + width);
    }
  }

  @Test
  void fit_freely_isTheLargestAreaOfAllSizes() {
    Marks marks = Marks.FIVE_MILLIMETRES;
    Sheet sheet = StandardSizes.sheet("a5").orElseThrow();
    for (String id : List.of("banded-half-fold", "off-centre-gate", "stepped-accordion")) {
      Pattern pattern = LIBRARY.pattern(id).orElseThrow();
      Values start = Relayer.relay(pattern, pattern.normalValues(), Rulers.one(marks), Set.of());
      Manner manner = new Manner(marks, false, Set.of());
      Fit fit = Fitter.fit(pattern, start, new Goal.FromSheet(sheet), manner);
      double best = 0;
      for (int w = 5; w <= 210; w += 5) {
        for (int h = 5; h <= 210; h += 5) {
          Goal finished = new Goal.Finished(Length.ofMillimetres(w), Length.ofMillimetres(h));
          Values values = Fitter.fit(pattern, start, finished, manner).values().orElseThrow();
          best = serves(pattern, values, sheet, marks) ? Math.max(best, w * h) : best;
        }
      }
      Values found = fit.values().orElseThrow();
      double area = width(pattern, found).toMillimetres() * height(pattern, found).toMillimetres();
      assertEquals(best, area, 1e-9, pattern.id());
    }
  }

  @Test
  void fit_toASheet_saysWhatFailsOneMarkFurther() {
    Pattern gate = LIBRARY.pattern("off-centre-gate").orElseThrow();
    Sheet a4 = StandardSizes.sheet("a4").orElseThrow();
    Fit fit =
        Fitter.fit(
            gate,
            gate.normalValues(),
            new Goal.FromSheet(a4),
            new Manner(Marks.MILLIMETRES, true, Set.of()));
    String reason = fit.reason().say(FORMAT);
    assertTrue(reason.startsWith("The largest for A4. One mark more, "), reason);
    assertTrue(reason.endsWith(" and the sheet is 210 × 297."), reason);
    assertTrue(fit.changes().stream().anyMatch(change -> change.parameter().equals("left")));
    assertTrue(fit.changes().stream().noneMatch(change -> change.parameter().equals("border")));
  }

  @Test
  void fit_bordersAndPinnedValues_neverScale() {
    Pattern gate = LIBRARY.pattern("off-centre-gate").orElseThrow();
    Sheet a3 = StandardSizes.sheet("a3").orElseThrow();
    Fit fit =
        Fitter.fit(
            gate,
            gate.normalValues(),
            new Goal.FromSheet(a3),
            new Manner(Marks.MILLIMETRES, true, Set.of("left")));
    Values values = fit.values().orElseThrow();
    assertEquals(gate.normalValues().length("border"), values.length("border"));
    assertEquals(gate.normalValues().length("left"), values.length("left"));
    assertTrue(
        values
                .length("right")
                .orElseThrow()
                .compareTo(gate.normalValues().length("right").orElseThrow())
            > 0);
  }

  @Test
  void fit_toAnEnvelope_leavesTheClearance() {
    int found = 0;
    int turn = 0;
    for (Pattern pattern : LIBRARY.patterns()) {
      for (Envelope envelope : StandardSizes.envelopes()) {
        // All of them in the long run; otherwise each third, so that every one has its turn.
        if (!LONG && turn++ % 3 != 0) {
          continue;
        }
        Length clearance = Length.ofMillimetres(4);
        Goal goal = new Goal.ForEnvelope(envelope, clearance);
        Fit fit =
            Fitter.fit(
                pattern,
                pattern.normalValues(),
                goal,
                new Manner(Marks.MILLIMETRES, false, Set.of()));
        if (pattern.isSquare() || fit.values().isEmpty()) {
          continue;
        }
        Values values = fit.values().get();
        Length width = width(pattern, values);
        Length height = height(pattern, values);
        assertTrue(envelope.takes(width, height, clearance));
        found++;
        if (!STRIPS.contains(pattern.id())) {
          continue;
        }
        Length mark = Length.ofMillimetres(1);
        assertFalse(envelope.takes(width.plus(mark), height, clearance), envelope.label());
        assertFalse(envelope.takes(width, height.plus(mark), clearance), envelope.label());
      }
    }
    assertTrue(found > (LONG ? 150 : 50), "too few cases to mean anything: " + found);
  }

  @Test
  void fit_sheetSmallerThanTheLeastCard_saysSo() {
    Pattern gate = LIBRARY.pattern("off-centre-gate").orElseThrow();
    Sheet stamp =
        new Sheet("own", "your sheet", Length.ofMillimetres(20), Length.ofMillimetres(20));
    Fit fit =
        Fitter.fit(
            gate,
            gate.normalValues(),
            new Goal.FromSheet(stamp),
            new Manner(Marks.MILLIMETRES, true, Set.of()));
    assertTrue(fit.values().isEmpty());
    String reason = fit.reason().say(FORMAT);
    assertTrue(reason.startsWith("No size on your marks serves for your sheet. At "), reason);
    assertTrue(reason.contains("must be at least"), reason);
  }

  @Test
  void relay_toInchesAndEighths_keepsEveryRuleAndStaysNear() {
    for (Pattern pattern : LIBRARY.patterns()) {
      for (Marks marks : Marks.COMMON) {
        Values relaid = Relayer.relay(pattern, pattern.normalValues(), Rulers.one(marks), Set.of());
        assertTrue(
            PatternEvaluator.evaluate(pattern, relaid.and(Bench.of(marks))).works(),
            pattern.id() + marks);
        relaid
            .settings()
            .keySet()
            .forEach(
                name ->
                    relaid
                        .length(name)
                        .ifPresent(
                            length -> {
                              assertTrue(marks.holds(length), name);
                              Length moved =
                                  length
                                      .minus(pattern.normalValues().length(name).orElseThrow())
                                      .abs();
                              assertTrue(moved.compareTo(marks.step().times(2)) < 0, name);
                            }));
      }
    }
  }

  private static boolean serves(Pattern pattern, Values values, Sheet sheet, Marks marks) {
    Evaluation evaluation = PatternEvaluator.evaluate(pattern, values.and(Bench.of(marks)));
    return evaluation.works()
        && evaluation.design().map(Design::pieces).orElseThrow().stream()
            .filter(piece -> piece.paper() != PaperKind.RIBBON)
            .allMatch(piece -> sheet.holds(piece.width(), piece.height()));
  }

  private static Length width(Pattern pattern, Values values) {
    return values.length(pattern.parameter(Role.FINISHED_WIDTH).id()).orElseThrow();
  }

  private static Length height(Pattern pattern, Values values) {
    return values.length(pattern.parameter(Role.FINISHED_HEIGHT).id()).orElseThrow();
  }

  /** Scales by hand: each value that scales by its share, to the nearest mark. */
  private static Values scaled(
      Pattern pattern, Values start, Length width, Length height, Marks marks) {
    Values scaled = start;
    for (Parameter parameter : pattern.parameters()) {
      Optional<Length> before = start.length(parameter.id());
      if (before.isPresent()) {
        Length after =
            switch (parameter.role()) {
              case FINISHED_WIDTH -> width;
              case FINISHED_HEIGHT -> height;
              case OTHER ->
                  switch (parameter.scales()) {
                    case ACROSS -> onMark(before.get(), width, width(pattern, start), marks);
                    case ALONG -> onMark(before.get(), height, height(pattern, start), marks);
                    case NO, GIVEN -> before.get();
                  };
            };
        scaled = scaled.and(parameter.id(), after);
      }
    }
    return scaled;
  }

  private static Length onMark(Length length, Length now, Length before, Marks marks) {
    return now.equals(before)
        ? length
        : marks.nearest(length.scaled(now, before)).max(marks.step());
  }
}

package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.fit.OffMarks;
import cufflink.core.fit.Relayer;
import cufflink.core.fit.Snap;
import cufflink.core.fit.Snapper;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Bench;
import cufflink.core.pattern.Evaluation;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.value.Values;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.variables.IntVar;
import org.junit.jupiter.api.Test;

/** Moving sizes onto marks, held against brute force and against a constraint solver. */
class SnapperTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  @Test
  void snap_everyConstruction_keepsItsRulesAndNeverEndsWorse() {
    for (Pattern pattern : LIBRARY.patterns()) {
      for (Marks marks : List.of(Marks.SIXTEENTHS, Marks.EIGHTHS, Marks.FIVE_MILLIMETRES)) {
        Snap snap = snap(pattern, marks, Set.of());
        Values values = snap.values().orElseThrow().and(Bench.of(marks));
        Values before =
            Relayer.relay(pattern, pattern.normalValues(), Rulers.one(marks), Set.of())
                .and(Bench.of(marks));
        assertTrue(worst(pattern, values, marks) <= worst(pattern, before, marks), pattern.id());
        if (PatternEvaluator.evaluate(pattern, before).works()) {
          assertTrue(PatternEvaluator.evaluate(pattern, values).works(), pattern.id());
        }
      }
    }
  }

  /** Every set of values within one mark is tried; none that keeps the rules may be better. */
  @Test
  void snap_smallConstructions_isTheBestOfAllNear() {
    Marks marks = Marks.EIGHTHS;
    for (String id :
        List.of(
            "turn-back-pocket",
            "stepped-accordion",
            "diamond-stack",
            "slim-tent",
            "concertina-album")) {
      Pattern pattern = LIBRARY.pattern(id).orElseThrow();
      Values found = snap(pattern, marks, Set.of()).values().orElseThrow().and(Bench.of(marks));
      long least = score(pattern, found, marks).orElseThrow();
      Values start =
          Relayer.relay(pattern, pattern.normalValues(), Rulers.one(marks), Set.of())
              .and(Bench.of(marks));
      List<Values> sets = List.of(start);
      for (Parameter parameter : pattern.parameters()) {
        if (start.length(parameter.id()).isPresent()) {
          sets = sets.stream().flatMap(set -> near(set, parameter, marks).stream()).toList();
        }
      }
      for (Values set : sets) {
        score(pattern, set, marks).ifPresent(score -> assertTrue(score >= least, id + " " + set));
      }
    }
  }

  private static List<Values> near(Values set, Parameter parameter, Marks marks) {
    List<Values> near = new ArrayList<>();
    for (int step = -1; step <= 1; step++) {
      Length moved = set.length(parameter.id()).orElseThrow().plus(marks.step().times(step));
      if (moved.isPositive()) {
        near.add(set.and(parameter.id(), moved));
      }
    }
    return near;
  }

  /** The worst deviation first, then how many are off; nothing if a rule is broken. */
  private static Optional<Long> score(Pattern pattern, Values values, Marks marks) {
    Evaluation evaluation = PatternEvaluator.evaluate(pattern, values);
    if (!evaluation.works()) {
      return Optional.empty();
    }
    long off =
        OffMarks.numbers(evaluation.design().orElseThrow()).stream()
            .filter(number -> !marks.holds(number.length()))
            .count();
    return Optional.of(worst(pattern, values, marks) * 1000 + off);
  }

  /**
   * A constraint solver (Choco) finds the least worst deviation when rules are left out; no search
   * that keeps the rules can do better, and for most constructions it must do as well.
   */
  @Test
  void snap_tenConstructions_isAsGoodAsTheSolver() {
    Marks marks = Marks.EIGHTHS;
    int same = 0;
    // Ten in the long run; otherwise half of them.
    int count = Boolean.getBoolean("cufflink.long") ? 10 : 5;
    for (Pattern pattern :
        LIBRARY.patterns().stream()
            .filter(each -> keepsItsNumbers(each, marks))
            .limit(count)
            .toList()) {
      Values found = snap(pattern, marks, Set.of()).values().orElseThrow().and(Bench.of(marks));
      long ours = worst(pattern, found, marks);
      long bound = solve(pattern, marks);
      assertTrue(ours >= bound, pattern.id() + " " + ours + " beats the solver's " + bound);
      same += ours == bound ? 1 : 0;
    }
    assertTrue(same >= count - 1, "as good as the solver only " + same + " of " + count);
  }

  /** The solver knows nothing of parts that come and go with a value. */
  private static boolean keepsItsNumbers(Pattern pattern, Marks marks) {
    Values start =
        Relayer.relay(pattern, pattern.normalValues(), Rulers.one(marks), Set.of())
            .and(Bench.of(marks));
    int numbers = units(pattern, start).length;
    return pattern.parameters().stream()
        .filter(each -> start.length(each.id()).isPresent())
        .allMatch(
            each -> {
              Length more = start.length(each.id()).orElseThrow().plus(marks.step());
              return units(pattern, start.and(each.id(), more)).length == numbers;
            });
  }

  private static long solve(Pattern pattern, Marks marks) {
    Values start =
        Relayer.relay(pattern, pattern.normalValues(), Rulers.one(marks), Set.of())
            .and(Bench.of(marks));
    int step = Math.toIntExact(marks.step().units());
    long[] places = units(pattern, start);
    Model model = new Model();
    List<IntVar> moves = new ArrayList<>();
    List<long[]> effects = new ArrayList<>();
    for (Parameter parameter : pattern.parameters()) {
      Optional<Length> length = start.length(parameter.id());
      if (length.isPresent()) {
        long[] moved = units(pattern, start.and(parameter.id(), length.get().plus(marks.step())));
        moves.add(model.intVar(-6, 6));
        effects.add(moved);
      }
    }
    IntVar worst = model.intVar(0, step / 2);
    for (int i = 0; i < places.length; i++) {
      IntVar[] terms = new IntVar[moves.size() + 2];
      int[] factors = new int[moves.size() + 2];
      for (int j = 0; j < moves.size(); j++) {
        terms[j] = moves.get(j);
        factors[j] = Math.toIntExact(Math.floorMod(effects.get(j)[i] - places[i], (long) step));
      }
      IntVar deviation = model.intVar(-step / 2, step / 2);
      terms[moves.size()] = model.intVar(-100, 100);
      factors[moves.size()] = -step;
      terms[moves.size() + 1] = deviation;
      factors[moves.size() + 1] = -1;
      int residue = Math.toIntExact(Math.floorMod(places[i], (long) step));
      model.scalar(terms, factors, "=", -residue).post();
      model.arithm(worst, ">=", deviation).post();
      model.arithm(worst, "+", deviation, ">=", 0).post();
    }
    model.getSolver().limitTime("20s");
    Solution solution = model.getSolver().findOptimalSolution(worst, false);
    return solution.getIntVal(worst);
  }

  private static long[] units(Pattern pattern, Values values) {
    return OffMarks.numbers(PatternEvaluator.evaluate(pattern, values).design().orElseThrow())
        .stream()
        .mapToLong(number -> number.length().units())
        .toArray();
  }

  @Test
  void snap_pinnedValues_stayAndTheRestIsToldWithHowToSetIt() {
    Pattern folio = LIBRARY.pattern("turn-back-pocket").orElseThrow();
    Values odd = folio.normalValues().and("height", Length.ofMillimetres(151));
    Snap pinned =
        Snapper.snap(folio, odd, Rulers.one(Marks.MILLIMETRES), Set.of("height"), () -> false);
    assertEquals(
        Optional.of(Length.ofMillimetres(151)), pinned.values().orElseThrow().length("height"));
    assertTrue(!pinned.left().isEmpty(), "half of 151 is between the marks");
    Snap free = Snapper.snap(folio, odd, Rulers.one(Marks.MILLIMETRES), Set.of(), () -> false);
    assertEquals(List.of(), free.left());
    assertEquals(1, free.changes().size());
    assertEquals("height", free.changes().get(0).parameter());
  }

  /** The nearest move would leave nothing of the tab; the next one serves as well. */
  @Test
  void snap_firstChoiceImpossible_takesTheNext() {
    Pattern pattern =
        PatternFile.read(
                "x",
                """
                format: cufflink-pattern/1
                id: trial
                name: Trial
                parameters:
                  width: {label: Width, default: 90 mm, role: finished-width}
                  height: {label: Height, default: 60 mm, role: finished-height}
                  tab: {label: Tab, default: 1 mm}
                pieces:
                  base:
                    label: card
                    size: [width, height]
                    scores:
                      half: {x: (width + tab) / 2, fold: valley}
                folding:
                  - {stage: Fold, drive: {half: 180}}
                """)
            .pattern()
            .orElseThrow();
    Snap snap = snap(pattern, Marks.MILLIMETRES, Set.of("width", "height"));
    assertEquals(List.of(), snap.left());
    assertEquals(Optional.of(Length.ofMillimetres(2)), snap.values().orElseThrow().length("tab"));
  }

  @Test
  void snap_cancelled_givesBackTheBestSoFar() {
    Pattern folio = LIBRARY.pattern("stacked-pocket-folio").orElseThrow();
    Snap snap =
        Snapper.snap(folio, folio.normalValues(), Rulers.one(Marks.EIGHTHS), Set.of(), () -> true);
    assertTrue(snap.values().isPresent());
  }

  private static Snap snap(Pattern pattern, Marks marks, Set<String> pinned) {
    return Snapper.snap(pattern, pattern.normalValues(), Rulers.one(marks), pinned, () -> false);
  }

  private static long worst(Pattern pattern, Values values, Marks marks) {
    return OffMarks.numbers(PatternEvaluator.evaluate(pattern, values).design().orElseThrow())
        .stream()
        .mapToLong(number -> number.deviation(Rulers.one(marks)).units())
        .max()
        .orElse(0);
  }
}

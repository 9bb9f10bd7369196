package cufflink.core.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Paper;
import cufflink.core.paper.Sheet;
import cufflink.core.words.Language;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sheets larger than the trimmer: each cut within its reach, and still the fewest sheets. */
class LongestCutTest {
  private static Length unit(int count) {
    return Length.ofMillimetres(10L * count);
  }

  private static Stock sheet(int width, int height) {
    return new Stock("s", "sheet", unit(width), unit(height), 0, false, Paper.CARD);
  }

  private static Part part(int number, int[] size, int count) {
    return new Part(
        "p" + number, "part " + number, unit(size[0]), unit(size[1]), count, Part.Folds.EITHER);
  }

  private static void assertReach(CutPlan plan, Trimmer trimmer, String what) {
    for (TrimStep step : TrimRun.of(plan, trimmer).steps()) {
      assertTrue(
          step.cut().compareTo(trimmer.longestCut()) <= 0, () -> what + ": a cut of " + step.cut());
    }
  }

  /** The reference tries every cut at every whole unit. */
  @ParameterizedTest
  @ValueSource(ints = {0, 1, 2, 3})
  void plan_sameSheetsAsEveryCutTried(int seed) {
    Random random = new Random(9_000 + seed);
    int short0 = 0;
    for (int i = 0; i < 60; i++) {
      int width = 6 + random.nextInt(7);
      int height = 6 + random.nextInt(9);
      int longest = Math.min(width, height) + random.nextInt(Math.abs(width - height) + 2);
      Trimmer trimmer = new Trimmer(unit(longest), Length.ZERO, Length.ZERO);
      List<int[]> possible = new ArrayList<>();
      List<Part> parts = new ArrayList<>();
      int impossible = 0;
      for (int j = 0; j < 3 + random.nextInt(3); j++) {
        int[] size = {1 + random.nextInt(width), 1 + random.nextInt(height)};
        parts.add(part(j, size, 1));
        if (GuillotineReference.fits(size, width, height, longest)) {
          possible.add(size);
        } else {
          impossible++;
        }
      }
      CutQuestion question = new CutQuestion(parts, List.of(sheet(width, height)), trimmer);
      CutPlan plan = CutPlanner.plan(question, List.of(), Watch.NOBODY);
      String what =
          width + "×" + height + " by " + longest + Arrays.deepToString(possible.toArray());
      assertEquals(impossible, plan.problems().size(), what);
      int[][] sizes = possible.toArray(new int[0][]);
      assertEquals(
          GuillotineReference.fewest(sizes, width, height, longest), plan.newSheets(), what);
      assertReach(plan, trimmer, what);
      short0 += longest < Math.max(width, height) ? 1 : 0;
    }
    assertTrue(short0 > 15, "only " + short0 + " with a blade too short");
  }

  /** Many pieces go through other searches; with rough edges the edges are cut strip by strip. */
  @Tag("slow")
  @Test
  void plan_manyPiecesOnLargeSheets_staysWithinReach() {
    Random random = new Random(17);
    for (int i = 0; i < (Boolean.getBoolean("cufflink.long") ? 30 : 10); i++) {
      Length edge = Length.ofMillimetres(random.nextInt(8));
      Trimmer trimmer = new Trimmer(Length.ofMillimetres(305), Length.ZERO, edge);
      List<Part> parts = new ArrayList<>();
      for (int j = 0; j < 5; j++) {
        parts.add(part(j, new int[] {3 + random.nextInt(12), 3 + random.nextInt(14)}, 12));
      }
      Stock a3 =
          new Stock(
              "a3",
              "A3",
              Length.ofMillimetres(297),
              Length.ofMillimetres(420),
              0,
              false,
              Paper.CARD);
      CutPlan plan =
          CutPlanner.plan(new CutQuestion(parts, List.of(a3), trimmer), List.of(), Watch.NOBODY);
      assertReach(plan, trimmer, "job " + i);
      assertTrue(plan.newSheets() >= plan.bound(), "job " + i);
    }
  }

  /** A sheet larger than the blade both ways cannot be begun. */
  @Test
  void plan_sheetTooLargeBothWays_isTold() {
    Trimmer trimmer = new Trimmer(unit(9), Length.ZERO, Length.ZERO);
    CutQuestion question =
        new CutQuestion(List.of(part(0, new int[] {3, 3}, 1)), List.of(sheet(12, 10)), trimmer);
    CutPlan plan = CutPlanner.plan(question, List.of(), Watch.NOBODY);
    assertTrue(plan.sheets().isEmpty());
    assertEquals(
        "The part 0, 30 × 30, needs a cut longer than 90, the longest your trimmer makes.",
        plan.problems()
            .get(0)
            .say(
                LengthFormat.of(
                    Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH)));
  }

  /** A sheet that is no better is not recommended. */
  @Test
  void problem_namesOnlyASheetThatHelps() {
    Length edge = Length.ofMillimetres(2);
    Trimmer trimmer = new Trimmer(Length.ofMillimetres(500), Length.ZERO, edge);
    Sheet a4 = new Sheet("a4", "A4", Length.ofMillimetres(210), Length.ofMillimetres(297));
    Sheet a3 = new Sheet("a3", "A3", Length.ofMillimetres(297), Length.ofMillimetres(420));
    Part whole =
        new Part("p", "strip", a4.width(), Length.ofMillimetres(100), 1, Part.Folds.EITHER);
    Part long0 = new Part("p", "strip", Length.ofMillimetres(296), unit(20), 1, Part.Folds.EITHER);
    for (Part each : List.of(whole, long0)) {
      Stock stock = new Stock("a4", "A4", a4.width(), a4.height(), 0, false, Paper.CARD);
      CutPlan plan =
          CutPlanner.plan(
              new CutQuestion(List.of(each), List.of(stock), trimmer),
              List.of(a4, a3),
              Watch.NOBODY);
      plan.problems()
          .forEach(
              problem ->
                  assertTrue(
                      problem
                          .say(
                              LengthFormat.of(
                                  Marks.MILLIMETRES,
                                  LengthFormat.Fractions.PLAIN,
                                  Language.ENGLISH))
                          .endsWith("A3 would take it."),
                      () -> problem.toString()));
    }
  }
}

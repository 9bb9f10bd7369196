package cufflink.core.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Paper;
import cufflink.core.run.PlanWords;
import cufflink.core.run.TrimDirections;
import cufflink.core.words.Language;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class TrimRunTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);
  private static final Stock A4 =
      new Stock(
          "a4", "A4", Length.ofMillimetres(210), Length.ofMillimetres(297), 0, false, Paper.CARD);

  private static Part part(String id, int width, int height, int count) {
    return new Part(
        id,
        id,
        Length.ofMillimetres(width),
        Length.ofMillimetres(height),
        count,
        Part.Folds.EITHER);
  }

  private static CutPlan plan(Part... parts) {
    CutQuestion question = new CutQuestion(List.of(parts), List.of(A4), Trimmer.USUAL);
    return CutPlanner.plan(question, List.of(), Watch.NOBODY);
  }

  private static TrimRun run(CutPlan plan) {
    return TrimRun.of(plan, Trimmer.USUAL);
  }

  /** Nine equal cards from one sheet need the fence in two places, however many cuts that is. */
  @Test
  void of_equalParts_movesTheFenceOnce() {
    CutPlan plan = plan(part("card", 65, 95, 9));
    TrimRun run = run(plan);
    assertEquals(1, plan.newSheets());
    assertEquals(2, run.settings().size(), run::toString);
  }

  /** Sheets that are cut alike are cut together, each cut once for all of them. */
  @Test
  void of_sheetsAlike_countTheirCopies() {
    CutPlan plan = plan(part("card", 200, 290, 12));
    TrimRun run = run(plan);
    assertEquals(12, run.steps().get(0).times());
    assertEquals(2, run.steps().size());
    assertEquals(
        "Sheets 1–12: the 210 side along the top, a factory edge at the fence. 12 alike.",
        TrimDirections.lay(run.steps().get(0)).say(FORMAT));
    assertEquals("12 sheets; 12 is the least possible", PlanWords.sheets(plan).say(FORMAT));
  }

  @Test
  void of_narrowStrip_saysToTakeTheKnife() {
    CutPlan plan = plan(part("strip", 8, 290, 26));
    boolean told =
        run(plan).steps().stream()
            .filter(TrimStep::narrow)
            .allMatch(
                step -> TrimDirections.lay(step).say(FORMAT).contains("cut it with the knife"));
    assertTrue(told);
    assertTrue(run(plan).steps().stream().anyMatch(TrimStep::narrow));
    assertFalse(run(plan(part("card", 100, 140, 4))).steps().stream().anyMatch(TrimStep::narrow));
  }

  @Test
  void makes_namesPartsPapersAndWhatIsLeft() {
    CutPlan plan = plan(part("card", 160, 290, 1));
    List<String> made =
        run(plan).steps().stream().map(step -> TrimDirections.makes(step).say(FORMAT)).toList();
    assertEquals(2, made.size());
    String all = String.join(" ", made);
    assertTrue(all.contains("lay aside the card"), all);
    assertTrue(all.contains("an off-cut 50 × 297 to keep"), all);
    assertTrue(all.contains("a strip to throw away"), all);
  }

  @Test
  void offCuts_areCountedForEverySheet() {
    CutPlan plan = plan(part("card", 160, 290, 3));
    assertEquals(3, run(plan).offCuts().size());
  }

  /** Wide strips before narrow ones, spare last and whole, nothing gained or lost. */
  @Test
  void neat_keepsPartsAndPaper() {
    Random random = new Random(6);
    for (int i = 0; i < 40; i++) {
      Part[] parts = new Part[4];
      for (int j = 0; j < 4; j++) {
        parts[j] = part("p" + j, 30 + random.nextInt(90), 30 + random.nextInt(90), 1);
      }
      for (CutSheet sheet : plan(parts).sheets()) {
        Layout neat = Neat.of(sheet.layout());
        assertEquals(names(sheet.layout()), names(neat));
        assertEquals(sheet.layout().width(), neat.width());
        assertEquals(sheet.layout().height(), neat.height());
        double before =
            sheet.layout().largestSpare().map(each -> Layout.area(each.what())).orElse(0.0);
        double after = neat.largestSpare().map(each -> Layout.area(each.what())).orElse(0.0);
        assertTrue(after >= before - 1e-6);
        assertEquals(neat, Neat.of(neat), "what is neat stays as it is");
        assertDescending(neat);
      }
    }
  }

  private static List<String> names(Layout layout) {
    List<String> names = new ArrayList<>(layout.parts().stream().map(Part::id).toList());
    names.sort(String::compareTo);
    return names;
  }

  private static void assertDescending(Layout layout) {
    if (layout instanceof Layout.Split split) {
      boolean chained = split.rest() instanceof Layout.Split rest && rest.down() == split.down();
      if (chained) {
        Layout next = ((Layout.Split) split.rest()).first();
        boolean spare = next instanceof Layout.Spare;
        assertTrue(
            spare
                || Neat.side(split.first(), split.down()).compareTo(Neat.side(next, split.down()))
                    >= 0);
      }
      assertFalse(split.first() instanceof Layout.Spare, "spare paper comes last");
      assertDescending(split.first());
      assertDescending(split.rest());
    }
  }

  /** No setting is come back to more often than there are levels of cuts. */
  @Test
  void of_randomJobs_seldomComeBackToASetting() {
    Random random = new Random(12);
    for (int i = 0; i < 20; i++) {
      CutPlan plan =
          plan(
              part("a", 60 + random.nextInt(60), 60 + random.nextInt(60), 4),
              part("b", 40 + random.nextInt(60), 40 + random.nextInt(60), 4));
      TrimRun run = run(plan);
      Set<Length> different = new HashSet<>();
      run.settings().forEach(setting -> different.add(setting.fence()));
      assertTrue(run.settings().size() <= 2 * different.size(), run::toString);
      for (int j = 1; j < run.settings().size(); j++) {
        assertFalse(
            run.settings().get(j).fence().equals(run.settings().get(j - 1).fence()),
            "neighbouring settings differ");
      }
    }
  }
}

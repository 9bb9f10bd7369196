package cufflink.core.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.core.paper.Paper;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Parts that are cut from certain places of their sheets: a grid of square millimetres says so. */
class PlacedPartsTest {
  private static final int SIDE = 120;
  private static final Stock SHEET =
      new Stock("s", "sheet", mm(SIDE), mm(SIDE), 0, false, Paper.PATTERNED);

  private static Length mm(int millimetres) {
    return Length.ofMillimetres(millimetres);
  }

  private static Part part(String id, int[] at, int count) {
    boolean across = at[4] == 1;
    Length width = mm(across ? at[3] : at[2]);
    Length height = mm(across ? at[2] : at[3]);
    Part.At place = new Part.At(mm(at[0]), mm(at[1]), across);
    return new Part(id, id, width, height, count, Part.Folds.EITHER, Optional.of(place));
  }

  private static CutPlan plan(List<Part> parts, Trimmer trimmer) {
    return CutPlanner.plan(
        new CutQuestion(parts, List.of(SHEET), trimmer), List.of(), Watch.NOBODY);
  }

  /** Fills in square millimetre by square millimetre what lies where; nothing lies twice. */
  private static void fill(CutSheet sheet, Map<String, int[]> wanted) {
    String[][] grid = new String[SIDE][SIDE];
    int covered = 0;
    for (Layout.Placed leaf : sheet.layout().leaves()) {
      int left = (int) leaf.x().toMillimetres();
      int top = (int) leaf.y().toMillimetres();
      String name = leaf.what() instanceof Layout.Cut cut ? cut.part().id() : "";
      for (int y = top; y < top + leaf.what().height().toMillimetres(); y++) {
        for (int x = left; x < left + leaf.what().width().toMillimetres(); x++) {
          assertEquals(null, grid[y][x], "two lie at " + x + ", " + y);
          grid[y][x] = name;
          covered++;
        }
      }
    }
    assertEquals(SIDE * SIDE, covered);
    wanted.forEach(
        (name, at) -> {
          boolean isHere = sheet.layout().parts().stream().anyMatch(it -> it.id().equals(name));
          for (int y = 0; y < SIDE && isHere; y++) {
            for (int x = 0; x < SIDE; x++) {
              boolean within = x >= at[0] && x < at[0] + at[2] && y >= at[1] && y < at[1] + at[3];
              assertEquals(within, name.equals(grid[y][x]), name + " at " + x + ", " + y);
            }
          }
        });
  }

  @Test
  void parts_areCutFromTheirPlaces_andTheRestFromWhatIsLeft() {
    Random random = new Random(17);
    for (int trial = 0; trial < 150; trial++) {
      List<Part> parts = new ArrayList<>();
      Map<String, int[]> wanted = new HashMap<>();
      Map<String, Integer> counts = new HashMap<>();
      int placed = 1 + random.nextInt(4);
      for (int i = 0; i < placed; i++) {
        int wide = 10 + random.nextInt(50);
        int high = 10 + random.nextInt(50);
        int[] at = {
          random.nextInt(SIDE - wide + 1),
          random.nextInt(SIDE - high + 1),
          wide,
          high,
          random.nextInt(2)
        };
        int count = 1 + random.nextInt(3);
        wanted.put("p" + i, at);
        counts.put("p" + i, count);
        parts.add(part("p" + i, at, count));
      }
      int free = random.nextInt(4);
      for (int i = 0; i < free; i++) {
        int count = 1 + random.nextInt(4);
        counts.put("f" + i, count);
        parts.add(
            new Part(
                "f" + i,
                "f" + i,
                mm(8 + random.nextInt(50)),
                mm(8 + random.nextInt(50)),
                count,
                Part.Folds.EITHER));
      }
      CutPlan plan = plan(parts, Trimmer.USUAL);
      assertEquals(List.of(), plan.problems());
      Map<String, Integer> cut = new HashMap<>();
      for (CutSheet sheet : plan.sheets()) {
        fill(sheet, wanted);
        sheet.layout().parts().forEach(it -> cut.merge(it.id(), sheet.times(), Integer::sum));
        assertEquals("s", sheet.stock().id());
      }
      assertEquals(counts, cut, "trial " + trial);
      int most = wanted.keySet().stream().mapToInt(counts::get).max().orElseThrow();
      assertTrue(plan.newSheets() >= most && plan.bound() >= most, "trial " + trial);
      assertTrue(plan.newSheets() <= counts.values().stream().mapToInt(it -> it).sum());
    }
  }

  /** Whatever lies in two quarters that do not meet comes from one sheet. */
  @Test
  void whatDoesNotOverlap_sharesASheet() {
    List<Part> four =
        List.of(
            part("a", new int[] {0, 0, 60, 60, 0}, 5),
            part("b", new int[] {60, 0, 60, 60, 0}, 5),
            part("c", new int[] {5, 65, 50, 50, 0}, 5),
            part("d", new int[] {70, 60, 50, 60, 0}, 5));
    CutPlan plan = plan(four, Trimmer.USUAL);
    assertEquals(5, plan.newSheets());
    assertTrue(plan.isLeast());
    // Round a middle no cut runs from edge to edge, so they need two sheets (common practice).
    List<Part> wheel =
        List.of(
            part("a", new int[] {0, 0, 80, 40, 0}, 1),
            part("b", new int[] {80, 0, 40, 80, 0}, 1),
            part("c", new int[] {40, 80, 80, 40, 0}, 1),
            part("d", new int[] {0, 40, 40, 80, 0}, 1));
    assertEquals(2, plan(wheel, Trimmer.USUAL).newSheets());
  }

  @Test
  void whatIsPastTheSheet_orTheBlade_isTold() {
    Part past = part("far", new int[] {100, 0, 40, 40, 0}, 1);
    CutPlan plan = plan(List.of(past), Trimmer.USUAL);
    assertEquals("cut.placed-off", plan.problems().get(0).key());
    assertEquals(List.of(), plan.sheets());
    Trimmer small = new Trimmer(mm(100), Length.ZERO, Length.ZERO);
    Part inside = part("near", new int[] {20, 20, 40, 40, 0}, 1);
    assertEquals("cut.placed-off", plan(List.of(inside), small).problems().get(0).key());
    CutPlan none =
        CutPlanner.plan(
            new CutQuestion(List.of(inside), List.of(), small), List.of(), Watch.NOBODY);
    assertEquals(1, none.problems().size());
  }
}

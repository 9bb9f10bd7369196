package cufflink.core.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.core.paper.Paper;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The most valuable layout, held against every cut there is in whole millimetres. */
class KnapsackTest {
  private static final double SAME = 1e-9;

  /** Some kinds on one sheet, with what each is worth. */
  private record Trial(int[][] sizes, double[] values, int width, int height, int longest) {
    static Trial random(Random random, int longest) {
      int count = 1 + random.nextInt(3);
      int[][] sizes = new int[count][2];
      double[] values = new double[count];
      for (int i = 0; i < count; i++) {
        sizes[i] = new int[] {3 + random.nextInt(12), 3 + random.nextInt(12)};
        values[i] = sizes[i][0] * sizes[i][1] * (0.6 + random.nextDouble());
      }
      return new Trial(sizes, values, 12 + random.nextInt(20), 12 + random.nextInt(20), longest);
    }

    Kinds kinds(int scale) {
      List<Part> parts = new ArrayList<>();
      for (int[] size : sizes) {
        String id = size[0] + "x" + size[1] + "-" + parts.size();
        parts.add(
            new Part(
                id,
                id,
                Length.ofUnits((long) size[0] * scale),
                Length.ofUnits((long) size[1] * scale),
                60,
                Part.Folds.EITHER));
      }
      Stock sheet =
          new Stock(
              "sheet",
              "sheet",
              Length.ofUnits((long) width * scale),
              Length.ofUnits((long) height * scale),
              0,
              false,
              Paper.CARD);
      Trimmer trimmer =
          new Trimmer(Length.ofUnits((long) longest * scale), Length.ZERO, Length.ZERO);
      return new Kinds(new CutQuestion(parts, List.of(sheet), trimmer));
    }

    /** Tries every cut at every whole place. */
    double most() {
      double[][] best = new double[width + 1][height + 1];
      for (int x = 1; x <= width; x++) {
        for (int y = 1; y <= height; y++) {
          for (int i = 0; i < sizes.length; i++) {
            boolean so = sizes[i][0] == x && sizes[i][1] == y;
            boolean turned = sizes[i][1] == x && sizes[i][0] == y;
            best[x][y] = so || turned ? Math.max(best[x][y], values[i]) : best[x][y];
          }
          for (int cut = 1; y <= longest && cut < x; cut++) {
            best[x][y] = Math.max(best[x][y], best[cut][y] + best[x - cut][y]);
          }
          for (int cut = 1; x <= longest && cut < y; cut++) {
            best[x][y] = Math.max(best[x][y], best[x][cut] + best[x][y - cut]);
          }
        }
      }
      return best[width][height];
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7})
  void solve_asGoodAsEveryCutTried_andTheLayoutHoldsIt(int seed) {
    Random random = new Random(seed);
    for (int round = 0; round < 12; round++) {
      Trial trial = Trial.random(random, 1000);
      Kinds kinds = trial.kinds(1);
      Kinds.Room room = kinds.rooms().get(0);
      Knapsack knapsack = new Knapsack(kinds, room, kinds.counts());
      assertTrue(knapsack.isExact());
      String what = Arrays.deepToString(trial.sizes()) + trial.width() + "x" + trial.height();
      double value = knapsack.solve(trial.values());
      assertEquals(trial.most(), value, SAME, what);
      Knapsack.Pattern pattern = knapsack.pattern(kinds.size());
      assertEquals(value, pattern.value(), SAME, what);
      assertEquals(Length.ofUnits(trial.width()), pattern.layout().width(), what);
      assertEquals(Length.ofUnits(trial.height()), pattern.layout().height(), what);
      assertTrue(Arrays.equals(pattern.counts(), Knapsack.counts(kinds, pattern.layout())), what);
      double held = 0;
      for (int kind = 0; kind < kinds.size(); kind++) {
        held += pattern.counts()[kind] * trial.values()[kind];
      }
      assertEquals(value, held, SAME, what);
      assertSound(pattern.layout(), trial, what);
    }
  }

  /** With a short blade it may find less than there is, but never what the blade cannot cut. */
  @ParameterizedTest
  @ValueSource(ints = {20, 21, 22, 23})
  void solve_withAShortBlade_cutsNothingLonger(int seed) {
    Random random = new Random(seed);
    for (int round = 0; round < 12; round++) {
      Trial trial = Trial.random(random, 18);
      Kinds kinds = trial.kinds(1);
      Knapsack knapsack = new Knapsack(kinds, kinds.rooms().get(0), kinds.counts());
      String what = Arrays.deepToString(trial.sizes()) + trial.width() + "x" + trial.height();
      double value = knapsack.solve(trial.values());
      boolean reaches = trial.width() <= 18 || trial.height() <= 18;
      assertTrue(!reaches || value <= trial.most() + SAME, what);
      assertSound(knapsack.pattern(kinds.size()).layout(), trial, what);
    }
  }

  private static void assertSound(Layout layout, Trial trial, String what) {
    if (layout instanceof Layout.Split split) {
      Length cut = split.down() ? layout.height() : layout.width();
      assertTrue(cut.units() <= trial.longest(), what);
      Length along = split.down() ? split.first().height() : split.first().width();
      assertEquals(cut, along, what);
      assertEquals(cut, split.down() ? split.rest().height() : split.rest().width(), what);
      assertSound(split.first(), trial, what);
      assertSound(split.rest(), trial, what);
    } else if (layout instanceof Layout.Cut cut) {
      Length across = cut.turned() ? cut.part().height() : cut.part().width();
      assertEquals(across, cut.width(), what);
    }
  }

  /** Sides with no common measure have too many sums: what it says then is never too little. */
  @ParameterizedTest
  @ValueSource(ints = {40, 41, 42})
  void solve_onAGrid_isABoundFromAbove(int seed) {
    Random random = new Random(seed);
    List<Part> parts = new ArrayList<>();
    double[] values = new double[6];
    int[][] sizes = new int[6][2];
    for (int i = 0; i < 6; i++) {
      sizes[i] = new int[] {31 + random.nextInt(70), 31 + random.nextInt(70)};
      values[i] = (double) sizes[i][0] * sizes[i][1];
      parts.add(
          new Part(
              "p" + i,
              "p" + i,
              Length.ofUnits(sizes[i][0]),
              Length.ofUnits(sizes[i][1]),
              9,
              Part.Folds.EITHER));
    }
    Stock sheet =
        new Stock("s", "s", Length.ofUnits(440), Length.ofUnits(420), 0, false, Paper.CARD);
    Trimmer trimmer = new Trimmer(Length.ofUnits(5000), Length.ZERO, Length.ZERO);
    Kinds kinds = new Kinds(new CutQuestion(parts, List.of(sheet), trimmer));
    Knapsack knapsack = new Knapsack(kinds, kinds.rooms().get(0), kinds.counts());
    assertFalse(knapsack.isExact());
    double bound = knapsack.solve(values);
    double most = new Trial(sizes, values, 440, 420, 5000).most();
    assertTrue(bound >= most - SAME, bound + " < " + most);
    // The grid is three units wide: a part of 31 and more is taken for at most a tenth smaller.
    assertTrue(bound <= most * 1.25, bound + " says nothing beside " + most);
  }

  @Test
  void limited_dropsWhatIsTooMuchAndJoinsWhatIsLeft() {
    Trial trial = new Trial(new int[][] {{10, 10}}, new double[] {1}, 30, 10, 1000);
    Kinds kinds = trial.kinds(1);
    Knapsack knapsack = new Knapsack(kinds, kinds.rooms().get(0), kinds.counts());
    assertEquals(3, knapsack.solve(trial.values()), SAME);
    Layout layout = knapsack.pattern(1).layout();
    Layout two = Knapsack.limited(kinds, layout, new int[] {2});
    assertEquals(2, Knapsack.counts(kinds, two)[0]);
    assertEquals(layout.width(), two.width());
    Layout none = Knapsack.limited(kinds, layout, new int[] {0});
    assertEquals(new Layout.Spare(layout.width(), layout.height()), none);
    assertEquals(3, Knapsack.counts(kinds, Knapsack.limited(kinds, layout, new int[] {5}))[0]);
  }
}

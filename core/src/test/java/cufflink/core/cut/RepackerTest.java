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

/**
 * Packing by changes, held against puzzles whose answer is known: sheets that were cut up at
 * random, with nothing left over.
 */
class RepackerTest {
  private static final Trimmer LARGE =
      new Trimmer(Length.ofMillimetres(2000), Length.ZERO, Length.ZERO);

  private static void cutUp(Random random, int width, int height, int cuts, List<int[]> into) {
    boolean isSmall = Math.max(width, height) < 60;
    if (cuts == 0 || isSmall) {
      into.add(new int[] {width, height});
      return;
    }
    if (width > height) {
      int at = 25 + random.nextInt(width - 50);
      cutUp(random, at, height, cuts - 1, into);
      cutUp(random, width - at, height, cuts - 1, into);
    } else {
      int at = 25 + random.nextInt(height - 50);
      cutUp(random, width, at, cuts - 1, into);
      cutUp(random, width, height - at, cuts - 1, into);
    }
  }

  private static Kinds puzzle(Random random, int sheets, Stock... more) {
    List<int[]> sizes = new ArrayList<>();
    for (int i = 0; i < sheets; i++) {
      cutUp(random, 210, 297, 2, sizes);
    }
    return kinds(sizes, more);
  }

  private static Kinds kinds(List<int[]> sizes, Stock... more) {
    List<Part> parts = new ArrayList<>();
    for (int[] size : sizes) {
      String id = "p" + parts.size();
      Length width = Length.ofMillimetres(size[0]);
      parts.add(new Part(id, id, width, Length.ofMillimetres(size[1]), 1, Part.Folds.EITHER));
    }
    List<Stock> stock = new ArrayList<>(List.of(stock("a4", 210, 297, 0, false)));
    stock.addAll(List.of(more));
    return new Kinds(new CutQuestion(parts, stock, LARGE));
  }

  private static Stock stock(String id, int width, int height, int count, boolean offCut) {
    return new Stock(
        id,
        id,
        Length.ofMillimetres(width),
        Length.ofMillimetres(height),
        count,
        offCut,
        Paper.CARD);
  }

  private static int[] held(Kinds kinds, Filled.Solution solution) {
    int[] held = new int[kinds.size()];
    for (Filled filled : solution.sheets()) {
      int[] counts = Knapsack.counts(kinds, filled.layout());
      Arrays.setAll(held, kind -> held[kind] + counts[kind] * filled.times());
    }
    return held;
  }

  @Test
  void pack_sheetsCutUpAtRandom_areMostlyFoundAgain() {
    int found = 0;
    int atOnce = 0;
    for (int seed = 0; seed < 20; seed++) {
      Kinds kinds = puzzle(new Random(seed), 3);
      Repacker patient = new Repacker(kinds, Watch.NOBODY);
      Filled.Solution packed = patient.pack(kinds.counts(), 3, 400);
      assertTrue(patient.isComplete());
      assertArrayEquals(kinds.counts(), held(kinds, packed));
      assertTrue(packed.newSheets() >= 3, "less paper than there is in the parts");
      found += packed.newSheets() == 3 ? 1 : 0;
      Filled.Solution hasty = new Repacker(kinds, Watch.NOBODY).pack(kinds.counts(), 3, 0);
      assertTrue(packed.newSheets() <= hasty.newSheets());
      atOnce += hasty.newSheets() == 3 ? 1 : 0;
    }
    assertTrue(found >= FOUND, found + " of 20 puzzles solved");
    assertTrue(found > atOnce, "the changes found nothing: " + found + ", at once " + atOnce);
  }

  /** Measured when the search was tuned; it may get better, not worse. */
  private static final int FOUND = 17;

  private static void assertArrayEquals(int[] expected, int[] actual) {
    assertEquals(Arrays.toString(expected), Arrays.toString(actual));
  }

  @Test
  void pack_offCutsAreUsedFirstAndNoMoreOftenThanTheyAre() {
    Stock scrap = stock("scrap", 100, 100, 2, true);
    Kinds kinds =
        kinds(List.of(new int[] {100, 100}, new int[] {99, 98}, new int[] {97, 96}), scrap);
    Repacker repacker = new Repacker(kinds, Watch.NOBODY);
    Filled.Solution packed = repacker.pack(kinds.counts(), 0, 50);
    assertEquals(1, packed.newSheets());
    assertEquals(
        2,
        packed.sheets().stream().filter(each -> each.room().stock().offCut()).count(),
        "both scraps");
    assertArrayEquals(kinds.counts(), held(kinds, packed));
  }

  @Test
  void pack_aPartThatGoesNowhere_isNotComplete() {
    Kinds kinds = kinds(List.of(new int[] {300, 300}, new int[] {50, 50}));
    Repacker repacker = new Repacker(kinds, Watch.NOBODY);
    repacker.pack(kinds.counts(), 0, 10);
    assertFalse(repacker.isComplete());
  }

  @Test
  void pack_whenToldToStop_stopsSoon() {
    Kinds kinds = puzzle(new Random(1), 4);
    int[] asked = new int[1];
    Watch impatient =
        new Watch() {
          @Override
          public boolean stops() {
            asked[0]++;
            return asked[0] > 2;
          }

          @Override
          public void found(CutPlan best) {
            // Nobody looks.
          }
        };
    Repacker repacker = new Repacker(kinds, impatient);
    Filled.Solution packed = repacker.pack(kinds.counts(), 0, 1_000_000);
    assertArrayEquals(kinds.counts(), held(kinds, packed));
    assertEquals(3, asked[0]);
  }
}

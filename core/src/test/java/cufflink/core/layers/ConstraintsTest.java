package cufflink.core.layers;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/** Orders under constraints, held against all permutations. */
class ConstraintsTest {
  /** All facets overlap, so an order is a permutation: the place of each facet from below. */
  private static List<int[]> permutations(int count) {
    List<int[]> all = new ArrayList<>();
    permute(new int[count], new boolean[count], 0, all);
    return all;
  }

  private static void permute(int[] places, boolean[] used, int next, List<int[]> all) {
    if (next == places.length) {
      all.add(places.clone());
      return;
    }
    for (int place = 0; place < places.length; place++) {
      if (!used[place]) {
        used[place] = true;
        places[next] = place;
        permute(places, used, next + 1, all);
        used[place] = false;
      }
    }
  }

  private static Constraints stack(int count) {
    Constraints constraints = new Constraints(count);
    for (int i = 0; i < count; i++) {
      for (int j = i + 1; j < count; j++) {
        constraints.pair(i, j);
        for (int k = j + 1; k < count; k++) {
          constraints.ring(i, j, k);
        }
      }
    }
    return constraints;
  }

  private static int count(Constraints constraints) {
    int[] count = {0};
    constraints.solve(
        (one, other) -> 0,
        sides -> {
          count[0]++;
          return true;
        });
    return count[0];
  }

  private static int sign(int[] places, int one, int other) {
    return Integer.signum(places[one] - places[other]);
  }

  @Test
  void solve_withoutRules_findsEveryPermutation() {
    assertEquals(24, count(stack(4)));
    assertEquals(120, count(stack(5)));
  }

  @Test
  void solve_randomRules_countAsPermutationsDo() {
    Random random = new Random(1997);
    List<int[]> all = permutations(5);
    for (int round = 0; round < 200; round++) {
      Constraints constraints = stack(5);
      List<Predicate<int[]>> rules = new ArrayList<>();
      for (int i = 0; i < 3; i++) {
        int[] four = random.ints(0, 5).distinct().limit(4).toArray();
        int a = four[0];
        int b = four[1];
        int c = four[2];
        int d = four[3];
        if (random.nextBoolean()) {
          constraints.same(a, b, c, d);
          rules.add(places -> sign(places, a, b) == sign(places, c, d));
        } else {
          constraints.even(a, b, c, d);
          rules.add(places -> isNestedOrApart(places, a, b, c, d));
        }
      }
      long expected =
          all.stream().filter(each -> rules.stream().allMatch(rule -> rule.test(each))).count();
      assertEquals(expected, count(constraints), "round " + round);
    }
  }

  /** Two folds on a line lie apart, or one inside the other; said without counting signs. */
  private static boolean isNestedOrApart(int[] places, int a, int b, int c, int d) {
    int low = Math.min(places[a], places[b]);
    int high = Math.max(places[a], places[b]);
    boolean cInside = places[c] > low && places[c] < high;
    boolean dInside = places[d] > low && places[d] < high;
    return cInside == dInside;
  }

  @Test
  void solve_stopsWhenToldTo() {
    List<int[][]> found = new ArrayList<>();
    stack(5).solve((one, other) -> 0, sides -> found.add(sides) && found.size() < 3);
    assertEquals(3, found.size());
  }

  @Test
  void solve_triesTheHintFirst() {
    List<int[][]> found = new ArrayList<>();
    stack(4)
        .solve(
            (one, other) -> one == 2 ? 1 : other == 2 ? -1 : 1,
            sides -> {
              found.add(sides);
              return false;
            });
    for (int other : new int[] {0, 1, 3}) {
      assertEquals(1, found.get(0)[2][other]);
    }
  }

  @Test
  void fix_contradiction_isTold() {
    Constraints constraints = stack(3);
    assertTrue(constraints.fix(0, 1, 1));
    assertTrue(constraints.fix(1, 0, -1));
    assertFalse(constraints.fix(1, 0, 1));
    assertTrue(constraints.fix(1, 2, 1));
    assertEquals(1, count(constraints), "above and above follow on");
  }

  @Test
  void same_ofFacetsThatDoNotOverlap_isNoRule() {
    Constraints constraints = new Constraints(4);
    constraints.pair(0, 1);
    constraints.same(0, 1, 2, 3);
    constraints.even(0, 1, 2, 3);
    assertEquals(2, count(constraints));
    assertFalse(constraints.isPair(2, 3));
  }
}

package cufflink.core.glue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The best order, against all orders there are. */
class OrderSearchTest {
  @Test
  void best_costsAsLittleAsAnyOrderOfAll() {
    Random random = new Random(11);
    for (int round = 0; round < 60; round++) {
      int size = 2 + random.nextInt(6);
      int[] needs = new int[size];
      for (int after = 1; after < size; after++) {
        for (int before = 0; before < after; before++) {
          needs[after] |= random.nextInt(4) == 0 ? 1 << before : 0;
        }
      }
      int[][] costs = new int[size][size];
      for (int[] row : costs) {
        for (int i = 0; i < size; i++) {
          row[i] = random.nextInt(30);
        }
      }
      int[] found = OrderSearch.exact(needs, costs);
      List<Integer> order = new ArrayList<>();
      for (int each : found) {
        order.add(each);
      }
      assertEquals(size, order.stream().distinct().count());
      assertTrue(isPossible(order, needs));
      assertEquals(least(new ArrayList<>(), needs, costs), cost(order, costs));
    }
  }

  private static boolean isPossible(List<Integer> order, int[] needs) {
    int done = 0;
    for (int each : order) {
      if ((needs[each] & ~done) != 0) {
        return false;
      }
      done |= 1 << each;
    }
    return true;
  }

  private static int cost(List<Integer> order, int[][] costs) {
    int cost = 0;
    for (int i = 1; i < order.size(); i++) {
      cost += costs[order.get(i - 1)][order.get(i)];
    }
    return cost;
  }

  /** Goes through all orders one by one. */
  private static int least(List<Integer> begun, int[] needs, int[][] costs) {
    if (begun.size() == needs.length) {
      return cost(begun, costs);
    }
    int least = Integer.MAX_VALUE;
    for (int next = 0; next < needs.length; next++) {
      List<Integer> longer = new ArrayList<>(begun);
      longer.add(next);
      if (!begun.contains(next) && isPossible(longer, needs)) {
        least = Math.min(least, least(longer, needs, costs));
      }
    }
    return least;
  }
}

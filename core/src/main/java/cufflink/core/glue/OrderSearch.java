package cufflink.core.glue;

import cufflink.core.design.Design;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Finds the best of all orders that are possible: with as few pieces taken up, turned over and
 * adhesives changed as can be, and else as the pattern has it.
 */
final class OrderSearch {
  /** More acts than this are ordered one after another, each time the best that is possible. */
  private static final int MOST = 14;

  /** What is laid on flat comes before anything that stands in its way; common practice. */
  private static final int LAYERS_LATE = 40;

  /** So many acts may be passed over for the least that the table costs. */
  private static final int PASSED = 100;

  private static final int OTHER_PIECE = 12;
  private static final int OTHER_FACE = 8;
  private static final int OTHER_ADHESIVE = 6;

  private OrderSearch() {}

  /** What it costs at the table to go from one act to another. */
  record Cost(Design design, GluingOrder.Wish wish) {
    /** The first act costs nothing by itself. */
    int of(Act before, Act next) {
      int cost = 0;
      boolean samePiece = before.host().equals(next.host());
      if (!samePiece) {
        cost += OTHER_PIECE;
      } else if (before.face() != next.face()) {
        cost += OTHER_FACE;
      }
      if (Choice.of(before, design, wish).adhesive() != Choice.of(next, design, wish).adhesive()) {
        cost += OTHER_ADHESIVE;
      }
      if (before.joint().isPresent() && next.joint().isEmpty()) {
        cost += LAYERS_LATE;
      }
      return cost;
    }
  }

  /**
   * Returns the best order; there must be one.
   *
   * @param acts what is done
   * @param musts what must come before what
   * @param cost what it costs to go from one to another
   */
  static List<Act> best(List<Act> acts, List<Must> musts, Cost cost) {
    int size = acts.size();
    int[] needs = new int[size];
    for (Must must : musts) {
      needs[acts.indexOf(must.after())] |= 1 << acts.indexOf(must.before());
    }
    int[][] costs = new int[size][size];
    for (int i = 0; i < size; i++) {
      for (int j = 0; j < size; j++) {
        costs[i][j] = cost.of(acts.get(i), acts.get(j));
      }
    }
    int[] order = size <= MOST ? exact(needs, costs) : greedy(acts, musts, costs);
    return Arrays.stream(order).mapToObj(acts::get).toList();
  }

  /**
   * Returns the order that is nearest to a maker's own: of all that can be done, each time what
   * stands first in it. What is new stands last, as the pattern has it.
   *
   * @param acts what is done
   * @param musts what must come before what
   * @param own the ids of what is done, in the maker's order
   */
  static List<Act> nearest(List<Act> acts, List<Must> musts, List<String> own) {
    List<Act> left = new ArrayList<>(acts);
    left.sort(
        Comparator.comparingInt(
            act -> own.contains(act.id()) ? own.indexOf(act.id()) : own.size() + act.number()));
    List<Act> order = new ArrayList<>();
    while (!left.isEmpty()) {
      Act next =
          left.stream()
              .filter(
                  act ->
                      musts.stream()
                          .noneMatch(
                              must -> must.after().equals(act) && left.contains(must.before())))
              .findFirst()
              .orElseThrow();
      left.remove(next);
      order.add(next);
    }
    return order;
  }

  /** Every set of acts that can be done is looked at once with each that was done last in it. */
  static int[] exact(int[] needs, int[][] costs) {
    int size = needs.length;
    int all = 1 << size;
    int[][] best = new int[all][size];
    int[][] from = new int[all][size];
    for (int[] row : best) {
      Arrays.fill(row, Integer.MAX_VALUE);
    }
    for (int i = 0; i < size; i++) {
      if (needs[i] == 0) {
        best[1 << i][i] = i;
        from[1 << i][i] = -1;
      }
    }
    for (int done = 1; done < all; done++) {
      for (int last = 0; last < size; last++) {
        if (best[done][last] == Integer.MAX_VALUE) {
          continue;
        }
        for (int next = 0; next < size; next++) {
          boolean isFree = (done >> next & 1) == 0 && (needs[next] & ~done) == 0;
          // As the pattern has it, where nothing else decides: what is passed over counts a little.
          int passed = Integer.bitCount((1 << next) - 1 & ~done);
          int cost =
              isFree ? best[done][last] + PASSED * costs[last][next] + passed : Integer.MAX_VALUE;
          int then = done | 1 << next;
          if (isFree && cost < best[then][next]) {
            best[then][next] = cost;
            from[then][next] = last;
          }
        }
      }
    }
    int[] order = new int[size];
    int done = all - 1;
    int last = 0;
    for (int i = 1; i < size; i++) {
      last = best[done][i] < best[done][last] ? i : last;
    }
    for (int place = size - 1; place >= 0; place--) {
      order[place] = last;
      int before = from[done][last];
      done &= ~(1 << last);
      last = before;
    }
    return order;
  }

  private static int[] greedy(List<Act> acts, List<Must> musts, int[][] costs) {
    List<Integer> order = new ArrayList<>();
    while (order.size() < acts.size()) {
      int best = -1;
      for (int i = 0; i < acts.size(); i++) {
        int next = i;
        boolean isFree =
            !order.contains(i)
                && musts.stream()
                    .filter(must -> must.after().equals(acts.get(next)))
                    .allMatch(must -> order.contains(acts.indexOf(must.before())));
        if (isFree && (best < 0 || cost(order, i, costs) < cost(order, best, costs))) {
          best = i;
        }
      }
      order.add(best);
    }
    return order.stream().mapToInt(each -> each).toArray();
  }

  private static int cost(List<Integer> order, int next, int[][] costs) {
    return order.isEmpty() ? 0 : costs[order.get(order.size() - 1)][next];
  }
}

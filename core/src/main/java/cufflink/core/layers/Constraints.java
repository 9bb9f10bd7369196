package cufflink.core.layers;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.function.IntBinaryOperator;
import java.util.function.Predicate;

/**
 * Which of each two overlapping facets is above, under constraints, by backtracking. Every choice
 * is followed at once by what it forces.
 */
final class Constraints {
  private static final int NONE = -1;

  /** Choices from one order to the next, after which the search is given up. */
  private static final int MOST_CHOICES = 200_000;

  private final int facets;
  private final int[][] variables;
  private final List<int[]> pairs = new ArrayList<>();
  private final List<List<Rule>> rules = new ArrayList<>();
  private byte[] values = new byte[0];
  private final Deque<Integer> trail = new ArrayDeque<>();
  private int choices;

  /** Some signed variables and how they hang together. */
  private record Rule(Kind kind, int[] variables, byte[] signs) {}

  private enum Kind {
    /** Two are alike. */
    SAME,
    /** An even number of four is below nought. */
    EVEN,
    /** Three are not all alike: above, above, above would be a ring. */
    RING
  }

  Constraints(int facets) {
    this.facets = facets;
    this.variables = new int[facets][facets];
    for (int[] row : variables) {
      Arrays.fill(row, NONE);
    }
  }

  boolean isPair(int one, int other) {
    return variables[one][other] != NONE;
  }

  void pair(int one, int other) {
    if (!isPair(one, other)) {
      variables[one][other] = pairs.size();
      variables[other][one] = pairs.size();
      pairs.add(new int[] {Math.min(one, other), Math.max(one, other)});
      rules.add(new ArrayList<>());
      if (values.length < pairs.size()) {
        values = Arrays.copyOf(values, Math.max(64, 2 * values.length));
      }
    }
  }

  /** Orders must not run round: one above two, two above three, three above one. */
  void ring(int one, int two, int three) {
    pair(one, two);
    pair(two, three);
    pair(one, three);
    add(Kind.RING, one, two, two, three, three, one);
  }

  /** The first two lie as the second two do. */
  void same(int one, int other, int third, int fourth) {
    if (isPair(one, other) && isPair(third, fourth)) {
      add(Kind.SAME, one, other, third, fourth);
    }
  }

  /** Two folds on one line and side do not bite into each other. */
  void even(int one, int other, int third, int fourth) {
    boolean overlap =
        isPair(one, third) && isPair(one, fourth) && isPair(other, third) && isPair(other, fourth);
    if (overlap) {
      add(Kind.EVEN, one, third, one, fourth, other, third, other, fourth);
    }
  }

  private void add(Kind kind, int... facetPairs) {
    int count = facetPairs.length / 2;
    Rule rule = new Rule(kind, new int[count], new byte[count]);
    for (int i = 0; i < count; i++) {
      int one = facetPairs[2 * i];
      int other = facetPairs[2 * i + 1];
      rule.variables()[i] = variables[one][other];
      rule.signs()[i] = (byte) (one < other ? 1 : -1);
      rules.get(variables[one][other]).add(rule);
    }
  }

  /** Fixes an order for good; says whether it does not contradict another one that is fixed. */
  boolean fix(int one, int other, int side) {
    int variable = variables[one][other];
    byte value = (byte) (one < other ? side : -side);
    if (values[variable] == -value) {
      return false;
    }
    values[variable] = value;
    return true;
  }

  /**
   * Goes through all orders.
   *
   * @param hint what to try first
   * @param each takes an order and says whether to go on
   */
  void solve(IntBinaryOperator hint, Predicate<int[][]> each) {
    choices = 0;
    byte[] before = values.clone();
    trail.clear();
    boolean possible = true;
    for (int i = 0; i < pairs.size() && possible; i++) {
      possible = values[i] == 0 || follow(i);
    }
    if (possible) {
      search(hint, each);
    }
    values = before;
  }

  private boolean search(IntBinaryOperator hint, Predicate<int[][]> each) {
    int open = firstOpen();
    if (open == NONE) {
      choices = 0;
      return each.test(sides());
    }
    choices++;
    if (isGivenUp()) {
      return false;
    }
    int[] pair = pairs.get(open);
    byte first = (byte) (hint.applyAsInt(pair[0], pair[1]) < 0 ? -1 : 1);
    for (byte value : new byte[] {first, (byte) -first}) {
      int mark = trail.size();
      boolean goOn = !set(open, value) || search(hint, each);
      while (trail.size() > mark) {
        values[trail.pop()] = 0;
      }
      if (!goOn) {
        return false;
      }
    }
    return true;
  }

  /** Says whether so many choices led nowhere that the search was ended. */
  boolean isGivenUp() {
    return choices > MOST_CHOICES;
  }

  private int firstOpen() {
    for (int i = 0; i < pairs.size(); i++) {
      if (values[i] == 0) {
        return i;
      }
    }
    return NONE;
  }

  private boolean set(int variable, byte value) {
    values[variable] = value;
    trail.push(variable);
    return follow(variable);
  }

  /** Sets all that follows from a variable; says whether nothing contradicts. */
  private boolean follow(int first) {
    Deque<Integer> open = new ArrayDeque<>(List.of(first));
    while (!open.isEmpty()) {
      for (Rule rule : rules.get(open.pop())) {
        int forced = force(rule);
        if (forced == CONTRADICTION) {
          return false;
        }
        if (forced != NONE) {
          open.push(forced);
        }
      }
    }
    return true;
  }

  private static final int CONTRADICTION = -2;

  /** Sets the last open variable of a rule if it is forced; returns which, or none. */
  private int force(Rule rule) {
    int open = NONE;
    int product = 1;
    int sum = 0;
    for (int i = 0; i < rule.variables().length; i++) {
      int value = values[rule.variables()[i]] * rule.signs()[i];
      if (value == 0) {
        if (open != NONE) {
          return NONE;
        }
        open = i;
      } else {
        product *= value;
        sum += value;
      }
    }
    if (rule.kind() == Kind.RING) {
      boolean alike = Math.abs(sum) == (open == NONE ? 3 : 2);
      if (open == NONE) {
        return alike ? CONTRADICTION : NONE;
      }
      return alike ? forced(rule, open, -Integer.signum(sum)) : NONE;
    }
    if (open == NONE) {
      return product < 0 ? CONTRADICTION : NONE;
    }
    return forced(rule, open, product);
  }

  private int forced(Rule rule, int open, int value) {
    int variable = rule.variables()[open];
    values[variable] = (byte) (value * rule.signs()[open]);
    trail.push(variable);
    return variable;
  }

  private int[][] sides() {
    int[][] sides = new int[facets][facets];
    for (int i = 0; i < pairs.size(); i++) {
      int[] pair = pairs.get(i);
      sides[pair[0]][pair[1]] = values[i];
      sides[pair[1]][pair[0]] = -values[i];
    }
    return sides;
  }
}

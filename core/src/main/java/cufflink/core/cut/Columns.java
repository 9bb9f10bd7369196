package cufflink.core.cut;

import cufflink.core.cut.Filled.Solution;
import cufflink.core.cut.Knapsack.Pattern;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.optim.MaxIter;
import org.hipparchus.optim.PointValuePair;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;

/**
 * The fewest new sheets that any plan can do with, and good ways to fill a sheet.
 *
 * <p>Each part is given a value so that no sheet holds more than a value of 1; then all parts
 * together are worth no more than the sheets they take. The best values are found by linear
 * programming: ways to fill a sheet are added as long as one is worth more than 1 (Gilmore and
 * Gomory 1965). At any moment the values divided by the worth of the best sheet give a bound (A. A.
 * Farley, Operations Research 38, 1990, from memory). An off-cut takes at most what it is worth.
 */
final class Columns {
  private static final int MOST_ROUNDS = 120;
  private static final double WORTH_IT = 1e-7;
  private static final double ROUNDING = 1e-6;

  private final Kinds kinds;
  private final int[] demand;
  private final Watch watch;
  private final List<Knapsack> sheets = new ArrayList<>();
  private final List<Knapsack> offCuts = new ArrayList<>();
  private final List<Column> columns = new ArrayList<>();
  private double bound;

  /** A way to fill a sheet. */
  private record Column(Kinds.Room room, Pattern pattern) {}

  Columns(Kinds kinds, int[] demand, Watch watch) {
    this.kinds = kinds;
    this.demand = demand;
    this.watch = watch;
    kinds.sheets().forEach(room -> sheets.add(new Knapsack(kinds, room, demand)));
    kinds.offCuts().forEach(room -> offCuts.add(new Knapsack(kinds, room, demand)));
    bound = areaBound();
  }

  /** All parts that no off-cut can take need room on sheets of the largest area. */
  private double areaBound() {
    double area = 0;
    double largest = 0;
    for (int kind = 0; kind < demand.length; kind++) {
      area += demand[kind] * kinds.area(kind);
    }
    for (Kinds.Room room : kinds.offCuts()) {
      area -= (double) room.stock().count() * room.width() * room.height();
    }
    for (Kinds.Room room : kinds.sheets()) {
      largest = Math.max(largest, (double) room.width() * room.height());
    }
    return largest == 0 ? 0 : Math.max(0, area / largest);
  }

  /** Looks for the best values; may be ended at any time. */
  void search() {
    for (int kind = 0; kind < demand.length; kind++) {
      double[] only = new double[demand.length];
      only[kind] = 1;
      for (int i = 0; i < sheets.size(); i++) {
        sheets.get(i).solve(only);
        keep(i);
      }
    }
    for (int round = 0; round < MOST_ROUNDS && !watch.stops() && improve(); round++) {
      // Each round adds the fillings that are worth most.
      continue;
    }
  }

  private void keep(int sheet) {
    if (sheets.get(sheet).isExact()) {
      columns.add(new Column(kinds.sheets().get(sheet), sheets.get(sheet).pattern(demand.length)));
    }
  }

  /** Finds values for the fillings known so far; says whether there is a better filling. */
  private boolean improve() {
    double[] values = values();
    double most = 0;
    boolean better = false;
    for (int i = 0; i < sheets.size(); i++) {
      double worth = sheets.get(i).solve(values);
      most = Math.max(most, worth);
      if (worth > 1 + WORTH_IT) {
        better |= sheets.get(i).isExact();
        keep(i);
      }
    }
    double total = 0;
    for (int kind = 0; kind < demand.length; kind++) {
      total += demand[kind] * values[kind];
    }
    for (int i = 0; i < offCuts.size(); i++) {
      total -= kinds.offCuts().get(i).stock().count() * offCuts.get(i).solve(values);
    }
    bound = Math.max(bound, most > 0 ? total / Math.max(1, most) : 0);
    return better;
  }

  /** Returns values under which no known filling is worth more than 1; by area if none is known. */
  private double[] values() {
    if (columns.isEmpty()) {
      return byArea();
    }
    List<LinearConstraint> constraints = new ArrayList<>();
    for (Column column : columns) {
      double[] counts = Arrays.stream(column.pattern().counts()).asDoubleStream().toArray();
      constraints.add(new LinearConstraint(counts, Relationship.LEQ, 1));
    }
    double[] amounts = Arrays.stream(demand).asDoubleStream().toArray();
    return optimum(amounts, constraints, GoalType.MAXIMIZE);
  }

  private double[] byArea() {
    double[] values = new double[demand.length];
    double whole = 0;
    for (Kinds.Room room : kinds.sheets()) {
      whole = Math.max(whole, (double) room.width() * room.height());
    }
    for (int kind = 0; kind < values.length; kind++) {
      values[kind] = kinds.area(kind) / whole;
    }
    return values;
  }

  private double[] optimum(double[] objective, List<LinearConstraint> constraints, GoalType goal) {
    try {
      PointValuePair found =
          new SimplexSolver()
              .optimize(
                  new MaxIter(20_000),
                  new LinearObjectiveFunction(objective, 0),
                  new LinearConstraintSet(constraints),
                  goal,
                  new NonNegativeConstraint(true));
      return found.getPoint();
    } catch (MathIllegalStateException gaveUp) {
      return goal == GoalType.MAXIMIZE ? byArea() : new double[objective.length];
    }
  }

  /** Returns the fewest new sheets. */
  int bound() {
    return (int) Math.ceil(bound - ROUNDING);
  }

  /**
   * Returns whole sheets that the best mixture of fillings uses in any case; what is left of the
   * demand is taken out of the array.
   */
  Solution common(int[] left) {
    List<Filled> filled = new ArrayList<>();
    double[] uses = mixture();
    for (int i = 0; i < uses.length; i++) {
      int times = (int) Math.floor(uses[i] + ROUNDING);
      Column column = columns.get(i);
      int[] counts = column.pattern().counts();
      for (int kind = 0; kind < left.length; kind++) {
        if (counts[kind] > 0) {
          times = Math.min(times, left[kind] / counts[kind]);
        }
      }
      if (times > 0) {
        filled.add(new Filled(column.room(), column.pattern().layout(), times));
        for (int kind = 0; kind < left.length; kind++) {
          left[kind] -= times * counts[kind];
        }
      }
    }
    return new Solution(filled);
  }

  private double[] mixture() {
    if (columns.isEmpty()) {
      return new double[0];
    }
    List<LinearConstraint> constraints = new ArrayList<>();
    for (int kind = 0; kind < demand.length; kind++) {
      double[] row = new double[columns.size()];
      for (int i = 0; i < row.length; i++) {
        row[i] = columns.get(i).pattern().counts()[kind];
      }
      constraints.add(new LinearConstraint(row, Relationship.GEQ, demand[kind]));
    }
    double[] ones = new double[columns.size()];
    Arrays.fill(ones, 1);
    return optimum(ones, constraints, GoalType.MINIMIZE);
  }
}

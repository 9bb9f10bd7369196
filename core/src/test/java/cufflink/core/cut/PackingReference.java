package cufflink.core.cut;

import java.util.ArrayList;
import java.util.List;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/**
 * Rectangles on sheets as a constraint problem for Choco: another way to the fewest sheets than the
 * planner's own.
 *
 * <p>A layout can be cut edge to edge just if every set of its rectangles can be parted by a line
 * that runs through none of them. So for each set one of its partings must hold.
 */
final class PackingReference {
  private final int[][] sizes;
  private final int sheetWidth;
  private final int sheetHeight;
  private final boolean guillotine;

  private Model model;
  private IntVar[] sheet;
  private IntVar[] x;
  private IntVar[] y;
  private IntVar[] wide;
  private IntVar[] tall;
  private BoolVar[][] left;
  private BoolVar[][] above;
  private BoolVar[][] together;

  private PackingReference(int[][] sizes, int sheetWidth, int sheetHeight, boolean guillotine) {
    this.sizes = sizes;
    this.sheetWidth = sheetWidth;
    this.sheetHeight = sheetHeight;
    this.guillotine = guillotine;
  }

  /** Returns the fewest sheets; with or without the demand that cuts run edge to edge. */
  static int fewest(int[][] sizes, int sheetWidth, int sheetHeight, boolean guillotine) {
    int sheets = 1;
    while (!isPossible(sizes, sheetWidth, sheetHeight, guillotine, sheets)) {
      sheets++;
    }
    return sheets;
  }

  static boolean isPossible(
      int[][] sizes, int sheetWidth, int sheetHeight, boolean guillotine, int sheets) {
    PackingReference reference = new PackingReference(sizes, sheetWidth, sheetHeight, guillotine);
    reference.build(sheets);
    return reference.model.getSolver().solve();
  }

  private void build(int sheets) {
    int count = sizes.length;
    model = new Model();
    sheet = new IntVar[count];
    x = new IntVar[count];
    y = new IntVar[count];
    wide = new IntVar[count];
    tall = new IntVar[count];
    for (int i = 0; i < count; i++) {
      int one = sizes[i][0];
      int other = sizes[i][1];
      sheet[i] = model.intVar(0, Math.min(i, sheets - 1));
      BoolVar turned = model.boolVar();
      wide[i] = model.intVar(Math.min(one, other), Math.max(one, other));
      tall[i] = model.intVar(Math.min(one, other), Math.max(one, other));
      model.arithm(wide[i], "=", one).reifyWith(turned.not());
      model.ifThen(turned, model.arithm(wide[i], "=", other));
      model.arithm(wide[i], "+", tall[i], "=", one + other).post();
      x[i] = model.intVar(0, sheetWidth);
      y[i] = model.intVar(0, sheetHeight);
      model.arithm(x[i], "+", wide[i], "<=", sheetWidth).post();
      model.arithm(y[i], "+", tall[i], "<=", sheetHeight).post();
      if (one == other) {
        model.arithm(turned, "=", 0).post();
      }
    }
    relate(count);
    if (guillotine) {
      for (int set = 0; set < 1 << count; set++) {
        if (Integer.bitCount(set) >= 4) {
          part(set);
        }
      }
    }
  }

  private void relate(int count) {
    left = new BoolVar[count][count];
    above = new BoolVar[count][count];
    together = new BoolVar[count][count];
    for (int i = 0; i < count; i++) {
      for (int j = 0; j < count; j++) {
        if (i != j) {
          left[i][j] = model.boolVar();
          above[i][j] = model.boolVar();
          model.ifThen(left[i][j], model.scalar(vars(x[i], wide[i], x[j]), signs(), "<=", 0));
          model.ifThen(above[i][j], model.scalar(vars(y[i], tall[i], y[j]), signs(), "<=", 0));
        }
      }
    }
    for (int i = 0; i < count; i++) {
      for (int j = i + 1; j < count; j++) {
        together[i][j] = model.arithm(sheet[i], "=", sheet[j]).reify();
        together[j][i] = together[i][j];
        model.addClausesBoolOrArrayEqualTrue(
            new BoolVar[] {together[i][j].not(), left[i][j], left[j][i], above[i][j], above[j][i]});
      }
    }
  }

  private static IntVar[] vars(IntVar from, IntVar size, IntVar to) {
    return new IntVar[] {from, size, to};
  }

  private static int[] signs() {
    return new int[] {1, 1, -1};
  }

  /** If all of a set lie on one sheet, one of its partings into two must be a straight cut. */
  private void part(int set) {
    List<Integer> members = new ArrayList<>();
    for (int i = 0; i < sizes.length; i++) {
      if ((set >> i & 1) == 1) {
        members.add(i);
      }
    }
    List<BoolVar> clause = new ArrayList<>();
    for (int other : members.subList(1, members.size())) {
      clause.add(together[members.get(0)][other].not());
    }
    for (int some = (set - 1) & set; some > 0; some = (some - 1) & set) {
      clause.add(parting(some, set & ~some, left));
      clause.add(parting(some, set & ~some, above));
    }
    model.addClausesBoolOrArrayEqualTrue(clause.toArray(new BoolVar[0]));
  }

  private BoolVar parting(int some, int others, BoolVar[][] before) {
    BoolVar holds = model.boolVar();
    for (int i = 0; i < sizes.length; i++) {
      for (int j = 0; j < sizes.length; j++) {
        if ((some >> i & 1) == 1 && (others >> j & 1) == 1) {
          model.addClausesBoolOrArrayEqualTrue(new BoolVar[] {holds.not(), before[i][j]});
        }
      }
    }
    return holds;
  }
}

package cufflink.core.linkage;

import cufflink.core.assembly.Link;
import cufflink.core.measure.Tolerance;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.Arrays;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.factory.DecompositionFactory_DDRM;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.decomposition.SingularValueDecomposition_F64;
import org.ejml.interfaces.linsol.LinearSolverDense;

/**
 * Finds angles at which every loop of a linkage closes.
 *
 * <p>For each loop the two sides differ by a small turn ω and a small shift v at the middle of its
 * link: six numbers that must be nought. With J their derivatives by the angles, each step is dx =
 * −Jᵀ(JJᵀ + λI)⁻¹ r + (I − Jᵀ(JJᵀ + λI)⁻¹ J)(t − x), the damped least-squares step that closes the
 * loops and moves along them towards the angles asked for, t (Y. Nakamura and H. Hanafusa, Journal
 * of Dynamic Systems 108, 1986, from memory). A crease that is held is no unknown.
 */
final class Closure {
  /** What a shift is divided by, so that it weighs like a turn, in millimetres. */
  private static final double SCALE = Link.HAND;

  private static final int MOST_STEPS = 90;
  private static final int STEPS_TOWARDS = 30;
  private static final double LONGEST_STEP = 0.25;

  /**
   * Near the flat state loops close to the second order only, and a step as long as the angles
   * themselves would land on another way of folding.
   */
  private static final double SHARE_OF_FLATNESS = 0.3;

  private static final double LEAST_STEP = 0.01;

  /**
   * Rings that say the same twice make the equations dependent; a damping much smaller than this
   * leaves nothing but rounding along what depends.
   */
  private static final double DAMPING = 1e-9;

  /** A step, in radians, after which the angles count as near to those asked for as they come. */
  private static final double NEAR_ENOUGH = 1e-4;

  /** Singular values below this share of the largest count as nought. */
  private static final double RANK = 1e-7;

  private static final int PER_LOOP = 6;

  /** Where the shift is among the numbers of a loop. */
  private static final int SHIFT = 3;

  private final Linkage linkage;
  private final Tolerance tolerance;
  private final boolean[] held;
  private final boolean[] led;
  private final double[] gaps;

  /**
   * Angles and how well the loops close.
   *
   * @param radians all angles
   * @param turn the largest turn between the sides of a loop, in radians
   * @param shift the largest shift between them, in millimetres
   * @param worst the loop that closes worst, -1 if there is none
   * @param closes whether both are within tolerance
   */
  record Solution(double[] radians, double turn, double shift, int worst, boolean closes) {}

  /**
   * Prepares to close loops.
   *
   * @param linkage the facets and their links
   * @param held which angles stay as they are given
   * @param tolerance how near counts as closed
   */
  Closure(Linkage linkage, boolean[] held, Tolerance tolerance) {
    this(linkage, held, all(held.length), tolerance);
  }

  private static boolean[] all(int count) {
    boolean[] all = new boolean[count];
    Arrays.fill(all, true);
    return all;
  }

  /**
   * Prepares to close loops.
   *
   * @param linkage the facets and their links
   * @param held which angles stay as they are given
   * @param led which angles are drawn towards their targets; the others only follow
   * @param tolerance how near counts as closed
   */
  Closure(Linkage linkage, boolean[] held, boolean[] led, Tolerance tolerance) {
    this.linkage = linkage;
    this.held = held.clone();
    this.led = led.clone();
    this.tolerance = tolerance;
    this.gaps = new double[PER_LOOP * linkage.loops().size()];
  }

  /**
   * Finds angles near others at which all loops close.
   *
   * @param guess where to begin, usually the pose before
   * @param target the angles to come near to; those held are taken from here
   * @return the best that was found
   */
  Solution solve(double[] guess, double[] target) {
    double[] now = guess.clone();
    for (int i = 0; i < now.length; i++) {
      now[i] = held[i] ? target[i] : now[i];
    }
    Solution best = measured(now);
    for (int step = 0; step < MOST_STEPS; step++) {
      boolean towards = step < STEPS_TOWARDS;
      if (!towards && best.closes()) {
        break;
      }
      double[] change = change(now, target, towards);
      double length = 0;
      for (double each : change) {
        length = Math.max(length, Math.abs(each));
      }
      if (length < NEAR_ENOUGH && best.closes()) {
        break;
      }
      double longest = Math.min(LONGEST_STEP, SHARE_OF_FLATNESS * flatness(now));
      double share = Math.min(1, longest / Math.max(length, Double.MIN_NORMAL));
      for (int i = 0; i < now.length; i++) {
        now[i] += share * change[i];
      }
      Solution next = measured(now);
      if (next.closes()
          || !best.closes()
              && next.turn() + next.shift() / SCALE <= best.turn() + best.shift() / SCALE
          || towards) {
        best = next;
      }
    }
    return best;
  }

  /**
   * Returns how far the linkage is from a flat state: its largest distance from nought and from π.
   */
  private double flatness(double[] radians) {
    double most = LEAST_STEP;
    for (int i = 0; i < radians.length; i++) {
      double away = Math.min(Math.abs(radians[i]), Math.abs(Math.PI - Math.abs(radians[i])));
      most = linkage.slides(i) ? most : Math.max(most, away);
    }
    return most;
  }

  /** Says how well the loops close at some angles. */
  Solution measured(double[] radians) {
    Linkage.Placed placed = linkage.placed(radians);
    double turn = 0;
    double shift = 0;
    int worst = -1;
    double most = -1;
    for (int loop = 0; loop < linkage.loops().size(); loop++) {
      gap(placed, loop, radians);
      double turned = length(PER_LOOP * loop);
      double shifted = length(PER_LOOP * loop + SHIFT) * SCALE;
      if (turned + shifted / SCALE > most) {
        most = turned + shifted / SCALE;
        worst = loop;
      }
      turn = Math.max(turn, turned);
      shift = Math.max(shift, shifted);
    }
    boolean closes = turn <= tolerance.angle() && shift <= tolerance.length();
    return new Solution(radians.clone(), turn, shift, worst, closes);
  }

  private double length(int at) {
    return Math.sqrt(
        gaps[at] * gaps[at] + gaps[at + 1] * gaps[at + 1] + gaps[at + 2] * gaps[at + 2]);
  }

  /** Writes the gap of a loop: how the side by the tree lies to the side by the loop's own link. */
  private void gap(Linkage.Placed placed, int loop, double[] radians) {
    Link link = linkage.loops().get(loop);
    Motion there = placed.motions()[link.second()];
    Motion promised = placed.motions()[link.first()].after(linkage.relative(link, radians));
    Vec turn = there.turnFrom(promised);
    Vec shift = there.apply(link.middle()).minus(promised.apply(link.middle()));
    put(gaps, PER_LOOP * loop, turn);
    put(gaps, PER_LOOP * loop + SHIFT, shift.times(1 / SCALE));
  }

  private static void put(double[] into, int at, Vec vec) {
    into[at] = vec.x();
    into[at + 1] = vec.y();
    into[at + 2] = vec.z();
  }

  /**
   * Returns how the angles change on the way towards others as the loops allow it.
   *
   * @param now a closed pose
   * @param target the angles to come near to, of those that are led
   * @return changes in radians, to be walked in small steps
   */
  double[] towards(double[] now, double[] target) {
    return change(now, target, true);
  }

  private double[] change(double[] now, double[] target, boolean towards) {
    Linkage.Placed placed = linkage.placed(now);
    for (int loop = 0; loop < linkage.loops().size(); loop++) {
      gap(placed, loop, now);
    }
    DMatrixRMaj jacobian = jacobian(placed, now);
    int rows = jacobian.getNumRows();
    int columns = jacobian.getNumCols();
    DMatrixRMaj pull = new DMatrixRMaj(columns, 1);
    DMatrixRMaj wanted = new DMatrixRMaj(rows, 1);
    for (int i = 0; i < columns; i++) {
      pull.set(i, 0, towards && led[i] && !held[i] ? target[i] - now[i] : 0);
    }
    CommonOps_DDRM.mult(jacobian, pull, wanted);
    for (int i = 0; i < rows; i++) {
      wanted.set(i, 0, -gaps[i] - wanted.get(i, 0));
    }
    DMatrixRMaj square = new DMatrixRMaj(rows, rows);
    CommonOps_DDRM.multTransB(jacobian, jacobian, square);
    double damping = DAMPING * Math.max(1, CommonOps_DDRM.trace(square));
    for (int i = 0; i < rows; i++) {
      square.add(i, i, damping);
    }
    LinearSolverDense<DMatrixRMaj> solver = LinearSolverFactory_DDRM.symmPosDef(rows);
    DMatrixRMaj dual = new DMatrixRMaj(rows, 1);
    if (solver.setA(square)) {
      solver.solve(wanted, dual);
    }
    DMatrixRMaj back = new DMatrixRMaj(columns, 1);
    CommonOps_DDRM.multTransA(jacobian, dual, back);
    CommonOps_DDRM.addEquals(back, pull);
    return back.getData().clone();
  }

  /** The derivatives of all gaps by all angles; those of held angles are nought. */
  private DMatrixRMaj jacobian(Linkage.Placed placed, double[] now) {
    DMatrixRMaj jacobian = new DMatrixRMaj(gaps.length, linkage.angles());
    for (int loop = 0; loop < linkage.loops().size(); loop++) {
      Link link = linkage.loops().get(loop);
      Motion there = placed.motions()[link.second()];
      Motion frame = placed.motions()[link.first()].after(link.placement());
      Motion promised = placed.motions()[link.first()].after(linkage.relative(link, now));
      for (int step : linkage.path(link.second())) {
        add(jacobian, loop, placed, step, there.apply(link.middle()), 1);
      }
      for (int step : linkage.path(link.first())) {
        add(jacobian, loop, placed, step, promised.apply(link.middle()), -1);
      }
      if (link.angle() != Link.GLUED && !held[link.angle()]) {
        // The middle lies on the link's own axis and does not move with it, unless it slides.
        Vec way = placed.motions()[link.first()].turn(link.slide());
        Vec own = link.slides() ? way : frame.turn(link.axis());
        int row = PER_LOOP * loop + (link.slides() ? SHIFT : 0);
        jacobian.add(row, link.angle(), -own.x());
        jacobian.add(row + 1, link.angle(), -own.y());
        jacobian.add(row + 2, link.angle(), -own.z());
      }
    }
    return jacobian;
  }

  private void add(
      DMatrixRMaj jacobian, int loop, Linkage.Placed placed, int step, Vec place, int sign) {
    int angle = linkage.treeLink(step).angle();
    if (angle == Link.GLUED || held[angle]) {
      return;
    }
    Vec axis = placed.axes()[step].times(sign);
    Vec turned = axis.cross(place.minus(placed.pivots()[step])).times(1 / SCALE);
    Vec shift = turned.plus(placed.slides()[step].times(sign));
    int row = PER_LOOP * loop;
    jacobian.add(row, angle, axis.x());
    jacobian.add(row + 1, angle, axis.y());
    jacobian.add(row + 2, angle, axis.z());
    jacobian.add(row + 3, angle, shift.x());
    jacobian.add(row + 4, angle, shift.y());
    jacobian.add(row + 5, angle, shift.z());
  }

  /**
   * Counts in how many ways the angles that are not held can still move at a pose.
   *
   * @param radians a closed pose
   * @return the number of free angles that any loop depends on, less the rank of the loops'
   *     derivatives
   */
  int freedom(double[] radians) {
    if (linkage.loops().isEmpty()) {
      return 0;
    }
    DMatrixRMaj jacobian = jacobian(linkage.placed(radians), radians);
    int free = 0;
    for (int column = 0; column < jacobian.getNumCols(); column++) {
      boolean counts = false;
      for (int row = 0; row < jacobian.getNumRows(); row++) {
        counts |= Math.abs(jacobian.get(row, column)) > RANK;
      }
      free += counts ? 1 : 0;
    }
    SingularValueDecomposition_F64<DMatrixRMaj> svd =
        DecompositionFactory_DDRM.svd(
            jacobian.getNumRows(), jacobian.getNumCols(), false, false, true);
    if (!svd.decompose(jacobian)) {
      return free;
    }
    double largest = 0;
    for (double value : svd.getSingularValues()) {
      largest = Math.max(largest, value);
    }
    int rank = 0;
    for (double value : svd.getSingularValues()) {
      rank += value > RANK * largest ? 1 : 0;
    }
    return free - rank;
  }
}

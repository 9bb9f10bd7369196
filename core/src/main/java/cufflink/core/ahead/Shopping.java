package cufflink.core.ahead;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.Drawer.Shortfall;
import cufflink.core.cut.Stock;
import cufflink.core.cut.Watch;
import cufflink.core.job.AtHand;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.paper.Sheet;
import cufflink.core.paper.Sundries;
import cufflink.core.run.Moves;
import java.util.ArrayList;
import java.util.List;

/**
 * What is to be bought for several jobs together, less what lies in the drawer.
 *
 * @param sheets the sheets, each size of each paper once
 * @param sundries what is used up besides paper
 * @param unplanned jobs whose pieces do not all come out of any sheet that is known
 */
public record Shopping(List<Shortfall> sheets, Sundries sundries, List<String> unplanned) {
  /** Copies the lists. */
  public Shopping {
    sheets = List.copyOf(sheets);
    unplanned = List.copyOf(unplanned);
  }

  /**
   * What there is.
   *
   * @param drawer sheets and off-cuts
   * @param fallback the sheet to buy if neither a job nor its goal names one
   * @param usual sheets to name when a part is larger than all there is
   * @param sundries what lies there besides
   */
  public record There(Drawer drawer, Sheet fallback, List<Sheet> usual, Sundries sundries) {
    /** Copies the list. */
    public There {
      usual = List.copyOf(usual);
    }
  }

  /** Returns whether everything is there. */
  public boolean isEmpty() {
    return sheets.isEmpty() && sundries.amounts().isEmpty();
  }

  /**
   * Works out what is to be bought. The jobs are cut one after another: each finds what the ones
   * before it left, also of the sheets that are to be bought. What is set aside for other jobs is
   * not there.
   *
   * @param jobs the jobs in the order in which they are made; one that cannot be made is left out
   * @param there what there is
   * @param watch who waits
   * @return the list
   */
  public static Shopping of(List<Derivation> jobs, There there, Watch watch) {
    Drawer drawer = there.drawer();
    List<Shortfall> sheets = new ArrayList<>();
    Sundries needed = Sundries.NONE;
    List<String> unplanned = new ArrayList<>();
    for (Derivation each : jobs) {
      if (each.made().isEmpty()) {
        unplanned.add(each.job().title());
        continue;
      }
      Job job = each.job();
      var design = each.made().get().design();
      var supplies = new PaperPlan.Supplies(drawer, there.fallback(), there.usual());
      boolean isPlanned = true;
      for (PaperPlan plan : PaperPlan.of(PaperPlan.Question.of(design, job, supplies), watch)) {
        drawer.shortfalls(job.title(), plan.plan()).forEach(missing -> add(sheets, missing));
        drawer = drawer.take(job.title(), plan.plan(), plan.run());
        isPlanned &= plan.plan().problems().isEmpty();
      }
      if (!isPlanned) {
        unplanned.add(job.title());
      }
      needed = needed.plus(used(each));
    }
    return new Shopping(sheets, needed.less(there.sundries()), unplanned);
  }

  /**
   * Returns what a job uses up besides paper.
   *
   * @param derivation what follows from the job
   * @return it, for all copies; nothing if the card cannot be made
   */
  public static Sundries used(Derivation derivation) {
    Job job = derivation.job();
    return derivation
        .made()
        .map(
            made -> {
              var moves = Moves.of(made.design(), job.habit(), job.order().copies());
              return AtHand.of(made.design(), moves, job.order(), job.marks()).used();
            })
        .orElse(Sundries.NONE);
  }

  private static void add(List<Shortfall> sheets, Shortfall more) {
    for (int i = 0; i < sheets.size(); i++) {
      Stock before = sheets.get(i).stock();
      Stock stock = more.stock();
      if (before.width().equals(stock.width())
          && before.height().equals(stock.height())
          && before.paper().equals(stock.paper())) {
        sheets.set(i, new Shortfall(before, sheets.get(i).count() + more.count()));
        return;
      }
    }
    sheets.add(more);
  }
}

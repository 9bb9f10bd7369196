package cufflink.core.job;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.CutPlanner;
import cufflink.core.cut.CutQuestion;
import cufflink.core.cut.CutWork;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Part;
import cufflink.core.cut.Stock;
import cufflink.core.cut.TrimRun;
import cufflink.core.cut.Watch;
import cufflink.core.design.Design;
import cufflink.core.design.PaperKind;
import cufflink.core.fit.Goal;
import cufflink.core.paper.Paper;
import cufflink.core.paper.Sheet;
import java.util.ArrayList;
import java.util.List;

/**
 * How one kind of paper is cut for a job.
 *
 * @param kind the kind of paper
 * @param paper the paper
 * @param isTrial whether this is the one card made first
 * @param question what is cut, and from what
 * @param plan the plan
 * @param run its cuts in order
 */
public record PaperPlan(
    PaperKind kind, Paper paper, boolean isTrial, CutQuestion question, CutPlan plan, TrimRun run) {

  /**
   * What the cutting of a job starts from.
   *
   * @param drawer the maker's sheets and off-cuts
   * @param fallback the sheet to buy if neither the job nor its goal names one
   * @param usual sheets to name when a part is larger than all there is
   */
  public record Supplies(Drawer drawer, Sheet fallback, List<Sheet> usual) {
    /** Copies the list. */
    public Supplies {
      usual = List.copyOf(usual);
    }
  }

  /**
   * Plans the cutting of a job: cardstock, then patterned paper; with a trial card that one first,
   * whose off-cuts serve the rest.
   *
   * @param design the card
   * @param job the job
   * @param supplies what there is to cut from
   * @param watch who waits
   * @return a plan for each kind of paper the card has, twice with a trial card
   */
  public static List<PaperPlan> of(Design design, Job job, Supplies supplies, Watch watch) {
    List<PaperPlan> plans = new ArrayList<>();
    int copies = job.order().copies();
    boolean trial = job.order().trialFirst() && copies > 1;
    for (PaperKind kind : List.of(PaperKind.CARDSTOCK, PaperKind.PATTERNED)) {
      Maker maker = new Maker(design, job, supplies, watch, kind);
      if (trial) {
        maker.plan(supplies.drawer(), 1, true).ifPresent(plans::add);
      }
      Drawer left = supplies.drawer();
      if (trial && !plans.isEmpty() && plans.get(plans.size() - 1).kind() == kind) {
        PaperPlan first = plans.get(plans.size() - 1);
        left = left.take(job.title(), first.plan(), first.run());
      }
      maker.plan(left, trial ? copies - 1 : copies, false).ifPresent(plans::add);
    }
    return plans;
  }

  /**
   * Returns the sheet that a kind of paper is bought as.
   *
   * @param job the job
   * @param kind the kind of paper
   * @param fallback what to take if neither the job nor its goal says
   * @return the sheet
   */
  public static Sheet sheet(Job job, PaperKind kind, Sheet fallback) {
    return job.cutting()
        .sheet(kind)
        .orElseGet(
            () ->
                job.goal() instanceof Goal.FromSheet from && kind == PaperKind.CARDSTOCK
                    ? from.sheet()
                    : fallback);
  }

  /** Plans one kind of paper. */
  private record Maker(Design design, Job job, Supplies supplies, Watch watch, PaperKind kind) {
    java.util.Optional<PaperPlan> plan(Drawer drawer, int copies, boolean isTrial) {
      Paper paper = kind == PaperKind.PATTERNED ? job.papers().patterned() : job.papers().card();
      List<Part> parts = CutWork.parts(design, kind, paper, copies);
      if (parts.isEmpty()) {
        return java.util.Optional.empty();
      }
      CutQuestion question = new CutQuestion(parts, stock(drawer, paper), job.cutting().trimmer());
      CutPlan plan = CutPlanner.plan(question, supplies.usual(), watch);
      TrimRun run = TrimRun.of(plan, question.trimmer());
      return java.util.Optional.of(new PaperPlan(kind, paper, isTrial, question, plan, run));
    }

    private List<Stock> stock(Drawer drawer, Paper paper) {
      Sheet sheet = sheet(job, kind, supplies.fallback());
      List<Stock> stock = new ArrayList<>(drawer.free(paper, job.title()));
      boolean isThere =
          stock.stream()
              .anyMatch(
                  each ->
                      !each.offCut()
                          && each.width().equals(sheet.width())
                          && each.height().equals(sheet.height()));
      if (!isThere) {
        stock.add(
            new Stock(sheet.id(), sheet.label(), sheet.width(), sheet.height(), 0, false, paper));
      }
      return stock;
    }
  }
}

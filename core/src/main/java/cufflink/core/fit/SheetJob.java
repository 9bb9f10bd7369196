package cufflink.core.fit;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.CutPlanner;
import cufflink.core.cut.CutQuestion;
import cufflink.core.cut.CutWork;
import cufflink.core.cut.Part;
import cufflink.core.cut.Stock;
import cufflink.core.cut.Trimmer;
import cufflink.core.cut.Watch;
import cufflink.core.design.Design;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;

/**
 * Whether all that some cards need of a paper comes from some sheets: first by area, which rejects
 * most sizes, then by a quick layout, and where that needs more sheets by the cut planner.
 */
final class SheetJob {
  /**
   * The planner is asked only about so few rectangles, for which it answers in a few hundredths.
   */
  private static final int MOST_PLANNED = 12;

  /** What is added up in doubles may be larger by this share than what it stands for. */
  private static final double ROUNDING = 1e-9;

  private final Goal.FromSheet goal;

  SheetJob(Goal.FromSheet goal) {
    this.goal = goal;
  }

  /** Returns why a design cannot be cut from the sheets, or nothing if it can. */
  Optional<Message> reason(Design design) {
    List<PaperRole> roles =
        design.roles().stream().filter(role -> role.kind() == PaperKind.CARDSTOCK).toList();
    List<Part> parts = CutWork.parts(design, roles, Paper.CARD, goal.cards());
    return fits(design, parts)
        ? Optional.empty()
        : Optional.of(Message.of("fit.sheets", goal.cards(), goal.sheets(), goal.sheet().label()));
  }

  private boolean fits(Design design, List<Part> parts) {
    if (parts.isEmpty()) {
      return true;
    }
    double area = 0;
    long count = 0;
    for (Part part : parts) {
      if (!goal.sheet().holds(part.width(), part.height())) {
        return false;
      }
      area += part.count() * part.width().toMillimetres() * part.height().toMillimetres();
      count += part.count();
    }
    double sheet = goal.sheet().width().toMillimetres() * goal.sheet().height().toMillimetres();
    if (area > goal.sheets() * sheet * (1 + ROUNDING)) {
      return false;
    }
    boolean quickly =
        SheetUse.of(design, PaperKind.CARDSTOCK, goal.cards(), goal.sheet())
            .filter(use -> use.sheets() <= goal.sheets())
            .isPresent();
    return quickly || count <= MOST_PLANNED && planned(parts);
  }

  private boolean planned(List<Part> parts) {
    Stock stock =
        new Stock(
            goal.sheet().id(),
            goal.sheet().label(),
            goal.sheet().width(),
            goal.sheet().height(),
            0,
            false,
            Paper.CARD);
    CutQuestion question = new CutQuestion(parts, List.of(stock), Trimmer.USUAL);
    CutPlan plan = CutPlanner.plan(question, List.of(), Watch.NOBODY);
    return plan.problems().isEmpty() && plan.newSheets() <= goal.sheets();
  }
}

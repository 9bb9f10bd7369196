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
import cufflink.core.paper.Sheet;
import cufflink.core.words.Message;
import java.util.ArrayList;
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
        : Optional.of(Message.of("fit.sheets", goal.cards(), goal.sheets(), goal.label()));
  }

  private boolean fits(Design design, List<Part> parts) {
    if (parts.isEmpty()) {
      return true;
    }
    double area = 0;
    long count = 0;
    for (Part part : parts) {
      if (goal.sizes().stream().noneMatch(each -> each.holds(part.width(), part.height()))) {
        return false;
      }
      area += part.count() * part.width().toMillimetres() * part.height().toMillimetres();
      count += part.count();
    }
    double sheets = goal.sheets() * area(goal.sheet());
    sheets += goal.more().stream().mapToDouble(SheetJob::area).sum();
    if (area > sheets * (1 + ROUNDING)) {
      return false;
    }
    boolean quickly =
        SheetUse.of(design, PaperKind.CARDSTOCK, goal.cards(), goal.sheet())
            .filter(use -> use.sheets() <= goal.sheets())
            .isPresent();
    return quickly || count <= MOST_PLANNED && planned(parts);
  }

  /** Returns the sheets that are there besides: like off-cuts, there are no more of them. */
  static List<Stock> besides(Goal.FromSheet goal, Paper paper) {
    List<Stock> stock = new ArrayList<>();
    for (Sheet each : goal.more()) {
      String id = "besides-" + stock.size();
      stock.add(new Stock(id, each.label(), each.width(), each.height(), 1, true, paper));
    }
    return stock;
  }

  private static double area(Sheet sheet) {
    return sheet.width().toMillimetres() * sheet.height().toMillimetres();
  }

  private boolean planned(List<Part> parts) {
    Sheet sheet = goal.sheet();
    List<Stock> stock =
        new ArrayList<>(
            List.of(
                new Stock(
                    sheet.id(),
                    sheet.label(),
                    sheet.width(),
                    sheet.height(),
                    0,
                    false,
                    Paper.CARD)));
    stock.addAll(besides(goal, Paper.CARD));
    CutQuestion question = new CutQuestion(parts, stock, Trimmer.USUAL);
    CutPlan plan = CutPlanner.plan(question, List.of(), Watch.NOBODY);
    return plan.problems().isEmpty() && plan.newSheets() <= goal.sheets();
  }
}

package cufflink.core.run;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.OffCuts;
import cufflink.core.measure.Written;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.core.words.Message;
import java.util.List;

/** Says what a cut plan takes. */
public final class PlanWords {
  private PlanWords() {}

  /**
   * Names what is cut.
   *
   * @param role what the paper is for
   * @param isTrial whether it is the trial card made first
   * @return a heading
   */
  public static Message title(PaperRole role, boolean isTrial) {
    Message paper = role.isUsual() ? Message.of(usual(role)) : Message.plain(role.label());
    return isTrial ? Message.of("trim.trial", paper) : paper;
  }

  private static String usual(PaperRole role) {
    return switch (role.kind()) {
      case CARDSTOCK -> "trim.cardstock";
      case PATTERNED -> "trim.patterned";
      case RIBBON -> "trim.ribbon";
    };
  }

  /**
   * Says how many sheets a plan takes and whether fewer would do.
   *
   * @param plan the plan
   * @return one sentence
   */
  public static Message sheets(CutPlan plan) {
    int sheets = plan.newSheets();
    int offCuts =
        plan.takes().entrySet().stream()
            .filter(each -> each.getKey().offCut())
            .mapToInt(java.util.Map.Entry::getValue)
            .sum();
    Message takes =
        offCuts == 0
            ? Message.of("trim.sheets", sheets)
            : Message.of("trim.sheets-and-off-cuts", sheets, offCuts);
    if (!plan.problems().isEmpty()) {
      return Message.of("trim.rest", takes);
    }
    if (sheets == 0) {
      return takes;
    }
    return plan.isLeast()
        ? Message.of("trim.least", takes, sheets)
        : Message.of("trim.bound", takes, plan.bound());
  }

  /**
   * Says what is left over of a paper, and what it would still make.
   *
   * @param title the paper
   * @param left the off-cuts, at least one
   * @return one sentence
   */
  public static Message left(Message title, List<OffCuts.OffCut> left) {
    List<Message> all = left.stream().map(PlanWords::left).toList();
    return Message.of("trim.left", title, Message.list("list.comma", all));
  }

  private static Message left(OffCuts.OffCut left) {
    Message size = Written.briefSize(left.width(), left.height());
    return left.makes()
        .map(makes -> Message.of("trim.left-makes", size, makes.count(), makes.part().label()))
        .orElse(size);
  }

  /**
   * Says what must be bought.
   *
   * @param missing the missing sheets
   * @return one line of a shopping list
   */
  public static Message buy(Drawer.Shortfall missing) {
    return Message.of(
        "trim.buy", missing.count(), missing.stock().label(), paper(missing.stock().paper()));
  }

  /**
   * Names a paper.
   *
   * @param paper the paper
   * @return the name that its owner gave it, or what it is
   */
  public static Message paper(Paper paper) {
    if (paper.name().equals(Paper.CARD.name())) {
      return Message.of("paper.name-card");
    }
    return paper.name().equals(Paper.PATTERNED.name())
        ? Message.of("paper.name-patterned")
        : Message.plain(paper.name());
  }
}

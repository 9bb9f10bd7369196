package cufflink.core.run;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.Drawer;
import cufflink.core.design.PaperKind;
import cufflink.core.words.Words;

/** Says what a cut plan takes. */
public final class PlanWords {
  private PlanWords() {}

  /**
   * Names what is cut.
   *
   * @param kind the kind of paper
   * @param isTrial whether it is the trial card made first
   * @return a heading
   */
  public static String title(PaperKind kind, boolean isTrial) {
    String paper =
        Words.say(
            switch (kind) {
              case CARDSTOCK -> "trim.cardstock";
              case PATTERNED -> "trim.patterned";
              case RIBBON -> "trim.ribbon";
            });
    return isTrial ? Words.say("trim.trial", paper) : paper;
  }

  /**
   * Says how many sheets a plan takes and whether fewer would do.
   *
   * @param plan the plan
   * @return one sentence
   */
  public static String sheets(CutPlan plan) {
    int sheets = plan.newSheets();
    int offCuts =
        plan.takes().entrySet().stream()
            .filter(each -> each.getKey().offCut())
            .mapToInt(java.util.Map.Entry::getValue)
            .sum();
    String takes =
        offCuts == 0
            ? Words.say("trim.sheets", sheets)
            : Words.say("trim.sheets-and-off-cuts", sheets, offCuts);
    if (!plan.problems().isEmpty()) {
      return Words.say("trim.rest", takes);
    }
    if (sheets == 0) {
      return takes;
    }
    return plan.isLeast()
        ? Words.say("trim.least", takes, sheets)
        : Words.say("trim.bound", takes, plan.bound());
  }

  /**
   * Says what must be bought.
   *
   * @param missing the missing sheets
   * @return one line of a shopping list
   */
  public static String buy(Drawer.Shortfall missing) {
    return Words.say(
        "trim.buy", missing.count(), missing.stock().label(), missing.stock().paper().name());
  }
}

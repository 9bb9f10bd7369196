package cufflink.core.run;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.CutSheet;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Layout;
import cufflink.core.cut.Part;
import cufflink.core.cut.Stock;
import cufflink.core.cut.TrimStep;
import cufflink.core.cut.TrimStep.Becomes;
import cufflink.core.cut.TrimStep.Result;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.core.words.Language;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is said of a cut plan and at the trimmer. */
class PlanWordsTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);

  private static Length mm(int length) {
    return Length.ofMillimetres(length);
  }

  private static Stock stock(boolean offCut) {
    return new Stock("s", "A4", mm(210), mm(297), 1, offCut, Paper.CARD);
  }

  private static CutSheet sheet(boolean offCut, int times) {
    Part part = new Part("p", "part", mm(210), mm(297), 1, Part.Folds.EITHER);
    Layout layout = new Layout.Cut(mm(210), mm(297), part, false);
    return new CutSheet(stock(offCut), layout, times);
  }

  private static String said(int bound, List<Message> problems, CutSheet... sheets) {
    return PlanWords.sheets(new CutPlan(List.of(sheets), bound, problems)).say(FORMAT);
  }

  @Test
  void sheets_areCountedAndTheProofIsTold() {
    assertEquals("1 sheet; 1 is the least possible", said(1, List.of(), sheet(false, 1)));
    assertEquals("3 sheets; fewer than 2 is not possible", said(2, List.of(), sheet(false, 3)));
    assertEquals("No new sheet and 2 off-cuts", said(0, List.of(), sheet(true, 2)));
    assertEquals(
        "2 sheets and 1 off-cut; 2 is the least possible",
        said(2, List.of(), sheet(false, 2), sheet(true, 1)));
  }

  /** Where a piece goes on no sheet, nothing is proved of the whole job. */
  @Test
  void sheets_ofWhatIsLeft_claimNothing() {
    Message problem = Message.written(List.of("The part goes on no sheet."));
    assertEquals("1 sheet for the rest", said(1, List.of(problem), sheet(false, 1)));
  }

  @Test
  void titles_nameThePaperAndTheTrial() {
    assertEquals("Cardstock", PlanWords.title(PaperRole.CARDSTOCK, false).say(FORMAT));
    assertEquals("Patterned paper", PlanWords.title(PaperRole.PATTERNED, false).say(FORMAT));
    assertEquals("Ribbon", PlanWords.title(PaperRole.RIBBON, false).say(FORMAT));
    assertEquals(
        "Cardstock, for one card as a trial",
        PlanWords.title(PaperRole.CARDSTOCK, true).say(FORMAT));
    assertEquals(
        "buy 3 × A4, " + Paper.CARD.name(),
        PlanWords.buy(new Drawer.Shortfall(stock(false), 3)).say(FORMAT));
  }

  private static TrimStep step(String paper, int times, boolean turned, boolean farEdge) {
    Result part = new Result(Becomes.PART, "flap", mm(60), mm(40), Optional.empty(), farEdge);
    Result rest = new Result(Becomes.OFF_CUT, "", mm(60), mm(90), Optional.empty(), false);
    return new TrimStep(
        0, paper, times, false, mm(0), mm(0), mm(60), mm(130), turned, mm(40), farEdge, part, rest,
        !turned, farEdge, false);
  }

  @Test
  void lay_saysWhichSideIsOnTopAndWhatIsAtTheFence() {
    assertEquals(
        "Sheet 1: the 130 side along the top, a factory edge at the fence.",
        TrimDirections.lay(step("1", 1, false, false)).say(FORMAT));
    assertEquals(
        "Strips 1–3 b: turn it so that the 130 side is along the top, turned round end for end, a"
            + " cut edge at the fence. 3 alike. It is narrower than the trimmer holds safely: cut"
            + " it with the knife along a metal rule, away from your hand.",
        TrimDirections.lay(step("1–3 b", 3, true, true)).say(FORMAT));
    assertEquals("Sheets 1–2", TrimDirections.paper(step("1–2", 2, false, false)).say(FORMAT));
    assertEquals("Strip 1 a", TrimDirections.paper(step("1 a", 1, false, false)).say(FORMAT));
  }

  @Test
  void makes_saysWhatLiesOnEitherSideOfTheBlade() {
    assertEquals(
        "At the fence: lay aside the flap. Beyond the blade: an off-cut 60 × 90 to keep.",
        TrimDirections.makes(step("1", 1, false, false)).say(FORMAT));
    assertEquals(
        "At the fence: an off-cut 60 × 90 to keep. Beyond the blade: lay aside the flap, which"
            + " lies on its side.",
        TrimDirections.makes(step("1", 1, false, true)).say(FORMAT));
    Result paper = new Result(Becomes.PAPER, "2 a", mm(1), mm(1), Optional.empty(), false);
    Result waste = new Result(Becomes.WASTE, "", mm(1), mm(1), Optional.empty(), false);
    assertEquals("Strip 2 a, to be cut again", TrimDirections.name(paper).say(FORMAT));
    assertEquals("a strip to throw away", TrimDirections.name(waste).say(FORMAT));
  }
}

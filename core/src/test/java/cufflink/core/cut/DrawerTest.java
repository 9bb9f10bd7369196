package cufflink.core.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.core.paper.Paper;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class DrawerTest {
  private static final Length WIDE = Length.ofMillimetres(210);
  private static final Length TALL = Length.ofMillimetres(297);
  private static final Stock FIVE = new Stock("a4", "A4", WIDE, TALL, 5, false, Paper.CARD);

  private static CutPlan plan(List<Stock> stock, int cards) {
    Part card =
        new Part(
            "card",
            "card",
            Length.ofMillimetres(200),
            Length.ofMillimetres(140),
            cards,
            Part.Folds.EITHER);
    CutQuestion question = new CutQuestion(List.of(card), stock, Trimmer.USUAL);
    return CutPlanner.plan(question, List.of(), Watch.NOBODY);
  }

  @Test
  void reserve_hidesPaperFromOtherJobs() {
    Drawer drawer = Drawer.EMPTY.put(FIVE);
    Drawer reserved =
        drawer.reserve("tide table", List.of(plan(drawer.free(Paper.CARD, "tide table"), 7)));
    assertEquals(1, reserved.free(Paper.CARD, "signs").get(0).count());
    assertEquals(5, reserved.free(Paper.CARD, "tide table").get(0).count());
    assertEquals(5, reserved.release("tide table").free(Paper.CARD, "signs").get(0).count());
    assertTrue(reserved.free(Paper.PATTERNED, "signs").isEmpty());
  }

  @Test
  void take_putsUsefulOffCutsBack() {
    Drawer drawer = Drawer.EMPTY.put(FIVE);
    CutPlan plan = plan(drawer.free(Paper.CARD, "signs"), 1);
    Drawer after = drawer.take("signs", plan, TrimRun.of(plan, Trimmer.USUAL));
    assertEquals(4, after.stock().get(0).count());
    Stock offCut = after.stock().get(1);
    assertTrue(offCut.offCut());
    // 297 - 140 is left of the sheet's height, over its whole width: the strip of 10 is no use.
    assertEquals(Length.ofMillimetres(157), offCut.width().min(offCut.height()));
    assertEquals(WIDE, offCut.width().max(offCut.height()));
    CutPlan next = plan(after.free(Paper.CARD, "signs"), 1);
    assertEquals(0, next.newSheets());
    Drawer last = after.take("signs", next, TrimRun.of(next, Trimmer.USUAL));
    assertTrue(last.stock().stream().noneMatch(each -> each.id().equals(offCut.id())));
  }

  @Test
  void shortfalls_areWhatMustBeBought() {
    Drawer drawer = Drawer.EMPTY.put(FIVE);
    CutPlan plan = plan(drawer.free(Paper.CARD, "run"), 14);
    assertEquals(
        List.of(new Drawer.Shortfall(plan.takes().keySet().iterator().next(), 2)),
        drawer.shortfalls("run", plan));
    assertTrue(drawer.shortfalls("run", plan(drawer.stock(), 10)).isEmpty());
  }

  @Test
  void put_countsLikePaperTogether() {
    Drawer drawer = Drawer.EMPTY.put(FIVE).put(FIVE.withCount(2));
    assertEquals(7, drawer.stock().get(0).count());
    assertEquals(1, drawer.stock().size());
    Drawer scraps =
        drawer.putOffCut(Paper.CARD, WIDE, WIDE, 1).putOffCut(Paper.CARD, WIDE, WIDE, 1);
    assertEquals(2, scraps.stock().get(1).count());
    assertEquals(1, scraps.withCount(scraps.stock().get(1).id(), 0).stock().size());
    assertEquals(Map.of(), scraps.reserved());
  }

  @Test
  void take_usesUpWhatWasSetAsideForTheJob() {
    Drawer drawer = Drawer.EMPTY.put(FIVE);
    CutPlan three = plan(drawer.free(Paper.CARD, "signs"), 6);
    assertEquals(3, three.newSheets());
    Drawer reserved = drawer.reserve("signs", List.of(three));
    assertEquals(2, reserved.free(Paper.CARD, "tide table").get(0).count());
    CutPlan one = plan(reserved.free(Paper.CARD, "signs"), 2);
    Drawer after = reserved.take("signs", one, TrimRun.of(one, Trimmer.USUAL));
    assertEquals(4, after.stock().get(0).count());
    assertEquals(Map.of("a4", 2), after.reserved().get("signs"));
    Drawer last = reserved.take("signs", three, TrimRun.of(three, Trimmer.USUAL));
    assertEquals(2, last.stock().get(0).count());
    assertEquals(2, last.free(Paper.CARD, "tide table").get(0).count());
    assertTrue(last.reserved().getOrDefault("signs", Map.of()).isEmpty());
  }

  @Test
  void putOffCut_hasAnIdOfItsOwn_andWithoutTakesJustThatOut() {
    Drawer drawer =
        Drawer.EMPTY
            .put(FIVE)
            .putOffCut(Paper.CARD, Length.ofMillimetres(90), Length.ofMillimetres(80), 1)
            .putOffCut(Paper.CARD, Length.ofMillimetres(70), Length.ofMillimetres(60), 2)
            .putOffCut(Paper.CARD, Length.ofMillimetres(50), Length.ofMillimetres(40), 3);
    assertEquals(4, drawer.stock().stream().map(Stock::id).distinct().count());
    String second = drawer.stock().get(2).id();
    Drawer without = drawer.without(second);
    assertEquals(List.of(5, 1, 3), without.stock().stream().map(Stock::count).toList());
    Drawer again =
        without.putOffCut(Paper.CARD, Length.ofMillimetres(71), Length.ofMillimetres(61), 4);
    assertEquals(4, again.stock().stream().map(Stock::id).distinct().count());
  }

  /** An off-cut is worth keeping from 40 by 40 mm up: our own rule. */
  @Test
  void isUseful_fromItsLeastSideOn() {
    Length least = Length.ofMillimetres(40);
    Length less = least.minus(Length.ofUnits(1));
    boolean[] useful = {
      Drawer.isUseful(least, least), Drawer.isUseful(less, least), Drawer.isUseful(least, less)
    };
    assertTrue(useful[0]);
    assertTrue(!useful[1] && !useful[2]);
  }
}

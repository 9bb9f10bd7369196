package cufflink.files.ahead;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.ahead.AheadWords;
import cufflink.core.ahead.Shopping;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Drawer.Shortfall;
import cufflink.core.cut.Stock;
import cufflink.core.cut.Watch;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Sundries;
import cufflink.core.paper.Sundries.Kind;
import cufflink.core.paper.Sundries.Material;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.project.DemoProjects;
import cufflink.files.size.StandardSizes;
import cufflink.files.size.SundryText;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * A shopping list is right if one can go shopping with it: what it names is enough, and no more.
 */
class ShoppingTest {
  private static final Marks MARKS = Marks.MILLIMETRES;

  private static Shopping.There there(Drawer drawer, Sundries sundries) {
    return new Shopping.There(
        drawer, StandardSizes.usualSheet(MARKS), StandardSizes.sheets(), sundries);
  }

  /** What had still to be bought if the jobs were cut from this drawer now, one after another. */
  private static int missing(List<Derivation> jobs, Drawer begin) {
    Drawer drawer = begin;
    int missing = 0;
    for (Derivation each : jobs) {
      Job job = each.job();
      var supplies =
          new PaperPlan.Supplies(drawer, StandardSizes.usualSheet(MARKS), StandardSizes.sheets());
      var question = PaperPlan.Question.of(each.made().orElseThrow().design(), job, supplies);
      for (PaperPlan plan : PaperPlan.of(question, Watch.NOBODY)) {
        missing +=
            drawer.shortfalls(job.title(), plan.plan()).stream().mapToInt(Shortfall::count).sum();
        drawer = drawer.take(job.title(), plan.plan(), plan.run());
      }
    }
    return missing;
  }

  private static Drawer with(Drawer drawer, List<Shortfall> bought) {
    Drawer now = drawer;
    for (int i = 0; i < bought.size(); i++) {
      Stock stock = bought.get(i).stock();
      now =
          now.put(
              new Stock(
                  "bought-" + i,
                  stock.label(),
                  stock.width(),
                  stock.height(),
                  bought.get(i).count(),
                  false,
                  stock.paper()));
    }
    return now;
  }

  @Test
  void whatIsBought_isEnoughForAllJobs_andNothingOfItTooMuch() {
    List<Derivation> jobs = new ArrayList<>();
    List<String> tooLarge = new ArrayList<>();
    for (Job job : DemoProjects.all().subList(0, 5)) {
      Derivation each = Jobs.derive(job);
      jobs.add(each);
      if (Jobs.plans(each).stream().anyMatch(plan -> !plan.plan().problems().isEmpty())) {
        tooLarge.add(job.title());
      }
    }
    Shopping shopping = Shopping.of(jobs, there(Drawer.EMPTY, Sundries.NONE), Watch.NOBODY);
    assertTrue(shopping.sheets().size() >= 2, shopping.toString());
    assertEquals(tooLarge, shopping.unplanned());
    assertEquals(0, missing(jobs, with(Drawer.EMPTY, shopping.sheets())));
    for (int i = 0; i < shopping.sheets().size(); i++) {
      List<Shortfall> less = new ArrayList<>(shopping.sheets());
      Shortfall each = less.remove(i);
      if (each.count() > 1) {
        less.add(i, new Shortfall(each.stock(), each.count() - 1));
      }
      assertTrue(missing(jobs, with(Drawer.EMPTY, less)) > 0, each.toString());
    }
    // With all of it in the drawer nothing is left to buy but what is no paper.
    Drawer full = with(Drawer.EMPTY, shopping.sheets());
    Shopping again = Shopping.of(jobs, there(full, shopping.sundries()), Watch.NOBODY);
    assertTrue(again.isEmpty(), again.toString());
  }

  @Test
  void sundries_areThoseOfAllJobs_lessWhatIsThere() {
    Derivation one = Jobs.derive(Jobs.gate());
    Sundries used = Shopping.used(one);
    Kind tape = Kind.of(Material.TAPE);
    long need = used.of(tape);
    assertTrue(need > 0);
    Sundries there = new Sundries(Map.of(tape, need + 5, Kind.of(Material.PADS), 9L));
    Shopping shopping = Shopping.of(List.of(one, one), there(Drawer.EMPTY, there), Watch.NOBODY);
    assertEquals(need - 5, shopping.sundries().of(tape));
    assertEquals(Map.of(tape, 5L, Kind.of(Material.PADS), 9L), there.without(used).amounts());
    assertTrue(AheadWords.runsOut(used, there, false).isEmpty());
    // Nothing is foretold of what the maker never said.
    assertTrue(AheadWords.runsOut(used, Sundries.NONE, false).isEmpty());
    Sundries little = new Sundries(Map.of(tape, 0L));
    String told = AheadWords.runsOut(used, little, false).say(Spoken.ENGLISH);
    assertTrue(told.matches(".*missing: \\d+(\\.\\d)? m of adhesive.*"), told);
  }

  @Test
  void amounts_areReadAsAMakerWritesThem() {
    Kind tape = SundryText.kind("Tape").orElseThrow();
    assertEquals(mm(12_500).units(), SundryText.amount(tape, "12.5 m").orElseThrow());
    assertEquals(mm(900).units(), SundryText.amount(tape, "900 mm").orElseThrow());
    // A foot is 304.8 mm, a yard three of them (international yard of 1959).
    assertEquals(
        Length.fromMillimetres(304.8 * 40).units(), SundryText.amount(tape, "40ft").orElseThrow());
    assertEquals(
        Length.fromMillimetres(914.4 * 3).units(), SundryText.amount(tape, "3 yd").orElseThrow());
    assertEquals(40L, SundryText.amount(Kind.of(Material.PADS), "40").orElseThrow());
    assertEquals(Kind.ribbon(mm(7)), SundryText.kind("ribbon=7mm").orElseThrow());
    for (String bad : List.of("glue", "ribbon", "ribbon=0", "", "ribbon=x")) {
      assertTrue(SundryText.kind(bad).value().isEmpty(), bad);
    }
    for (String bad : List.of("", "-3 m", "many", "3 furlongs")) {
      assertTrue(SundryText.amount(tape, bad).value().isEmpty(), bad);
    }
    assertTrue(SundryText.amount(Kind.of(Material.DOTS), "3 m").value().isEmpty());
  }

  private static Length mm(long millimetres) {
    return Length.ofMillimetres(millimetres);
  }
}

package cufflink.files.project;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.cut.CutSheet;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Layout;
import cufflink.core.cut.Watch;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.awt.geom.Rectangle2D;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Several jobs cut together: what comes off the sheets is what each takes by itself, nothing lies
 * on anything else, and what is left of one job serves another.
 */
class SharesTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  private static List<PaperPlan> plans(Job job, List<PaperPlan.Share> others) {
    Derivation derivation = Jobs.derive(job);
    PaperPlan.Supplies supplies =
        new PaperPlan.Supplies(
            Drawer.EMPTY, StandardSizes.usualSheet(job.marks()), StandardSizes.sheets());
    return PaperPlan.of(
        PaperPlan.Question.of(derivation.made().orElseThrow().design(), job, supplies).with(others),
        Watch.NOBODY);
  }

  private static PaperPlan.Share share(Job job) {
    return Shares.of(job, LIBRARY).orElseThrow();
  }

  private static int sheets(List<PaperPlan> plans) {
    return plans.stream().mapToInt(each -> each.plan().newSheets()).sum();
  }

  /** Counts what comes off the sheets by its size, the shorter side first. */
  private static Map<String, Integer> cut(List<PaperPlan> plans) {
    Map<String, Integer> cut = new TreeMap<>();
    for (PaperPlan plan : plans) {
      for (CutSheet sheet : plan.plan().sheets()) {
        List<Rectangle2D> taken = new ArrayList<>();
        for (Layout.Placed placed : sheet.layout().leaves()) {
          if (placed.what() instanceof Layout.Cut part) {
            double wide = part.width().toMillimetres();
            double high = part.height().toMillimetres();
            Rectangle2D here =
                new Rectangle2D.Double(
                    placed.x().toMillimetres() + 1e-6,
                    placed.y().toMillimetres() + 1e-6,
                    wide - 2e-6,
                    high - 2e-6);
            assertTrue(taken.stream().noneMatch(here::intersects), "one lies on another");
            assertTrue(here.getMaxX() <= sheet.stock().width().toMillimetres());
            assertTrue(here.getMaxY() <= sheet.stock().height().toMillimetres());
            taken.add(here);
            String size = Math.min(wide, high) + " x " + Math.max(wide, high);
            cut.merge(size + " " + plan.paper(), sheet.times(), Integer::sum);
          }
        }
      }
    }
    return cut;
  }

  @Test
  void together_comesWhatEachTakes_fromNoMoreSheets() {
    List<Job> demo = DemoProjects.all();
    int saved = 0;
    for (int i = 0; i + 1 < demo.size(); i += 2) {
      Job one = demo.get(i);
      Job other = demo.get(i + 1);
      List<PaperPlan> first = plans(one, List.of());
      List<PaperPlan> second = plans(other, List.of());
      List<PaperPlan> both = plans(one, List.of(share(other)));
      Map<String, Integer> wanted = cut(first);
      cut(second).forEach((size, count) -> wanted.merge(size, count, Integer::sum));
      assertEquals(wanted, cut(both), one.title() + " and " + other.title());
      boolean alike = one.cutting().equals(other.cutting()) && one.goal().equals(other.goal());
      if (alike) {
        assertTrue(sheets(both) <= sheets(first) + sheets(second), one.title());
        saved += sheets(first) + sheets(second) - sheets(both);
      }
    }
    assertTrue(saved > 0, "nothing was ever saved");
  }

  @Test
  void together_anotherPaperIsCutByItself() {
    Job one = Jobs.job("ribbon-hinge-wallet", Values.NONE);
    Papers thick =
        one.papers().with(PaperRole.CARDSTOCK, one.papers().of(PaperRole.CARDSTOCK).weighing(345));
    Job other = one.withTitle("Other").withPapers(thick);
    List<PaperPlan> both = plans(one, List.of(share(other)));
    assertEquals(
        2,
        both.stream().filter(each -> each.role().kind() == PaperKind.CARDSTOCK).count(),
        "card of two thicknesses");
  }

  @Test
  void open_whatIsNoProject_saysSo(@TempDir Path folder) throws Exception {
    Path file = folder.resolve("broken.cufflink");
    Files.writeString(file, "{");
    String problem = Words.say(Shares.open(file, LIBRARY).problem());
    assertTrue(problem.startsWith("It is not cut together with this one. "), problem);
    assertTrue(problem.contains("broken.cufflink"), problem);
  }
}

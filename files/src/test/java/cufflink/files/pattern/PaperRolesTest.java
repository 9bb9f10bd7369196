package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.cut.Part;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.files.Jobs;
import cufflink.files.size.StandardSizes;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What has a paper of its own is chosen, weighed, planned and bought apart. */
class PaperRolesTest {
  private static final PaperRole STRIPS =
      new PaperRole("strips", "paper of the strips", PaperKind.PATTERNED);

  private final Job woven =
      Jobs.job(
          "woven-panel",
          PatternLibrary.shipped().pattern("woven-panel").orElseThrow().normalValues());

  private static List<List<String>> planned(Job job) {
    return Jobs.plans(Jobs.derive(job)).stream()
        .map(plan -> plan.question().parts().stream().map(Part::id).toList())
        .toList();
  }

  @Test
  void roles_ofOnePaper_areCutTogether() {
    assertEquals(
        List.of(List.of("base", "cover", "back"), List.of("weave", "cover.cover-front")),
        planned(woven));
  }

  @Test
  void role_ofAnotherPaperOrSheet_isCutApart() {
    Job strips = woven.withPapers(woven.papers().with(STRIPS, Paper.PATTERNED.weighing(160)));
    List<List<String>> apart =
        List.of(List.of("base", "cover", "back"), List.of("cover.cover-front"), List.of("weave"));
    assertEquals(apart, planned(strips));
    List<PaperPlan> plans = Jobs.plans(Jobs.derive(strips));
    assertEquals(
        List.of(250, 120, 160), plans.stream().map(plan -> plan.paper().grammage()).toList());
    Job sheets =
        woven.withCutting(
            woven.cutting().withSheet(STRIPS, StandardSizes.sheet("a5").orElseThrow()));
    assertEquals(apart, planned(sheets));
  }

  /** Two strips 77 × 144 mm that are 40 g/m² heavier: area times the difference (ISO 536). */
  @Test
  void weight_countsEachRoleByItsOwnPaper() {
    Job strips = woven.withPapers(woven.papers().with(STRIPS, Paper.PATTERNED.weighing(160)));
    double heavier = 2 * 0.077 * 0.144 * 40;
    assertEquals(grams(woven) + heavier, grams(strips), 1e-9);
  }

  private static double grams(Job job) {
    Derivation folded = Jobs.derive(job).folded(() -> false);
    return folded.thickness().orElseThrow().grams();
  }

  @Test
  void value_thatNamesNoRole_isLocated() {
    String text =
        PatternLibrary.resource("woven-panel.yaml")
            .replace("weave strip, paper: strips", "weave strip, paper: stripes");
    assertEquals(
        List.of("stripes"),
        PatternFile.read("trial.yaml", text).mistakes().stream()
            .map(each -> each.sentence().say(cufflink.files.Spoken.ENGLISH))
            .filter(each -> each.contains("cardstock, patterned, ribbon, strips"))
            .map(each -> each.substring(each.indexOf('“') + 1, each.indexOf('”')))
            .toList());
  }
}

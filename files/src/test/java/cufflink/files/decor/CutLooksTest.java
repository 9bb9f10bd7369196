package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.cut.CutSheet;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Stock;
import cufflink.core.cut.Watch;
import cufflink.core.design.Design;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Tint;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import cufflink.files.size.StandardSizes;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Papers of one weight that look otherwise lie in different packets. */
class CutLooksTest {
  /** What looks otherwise is cut from sheets of its own, however much it weighs. */
  @Test
  void papersThatLookOtherwise_shareNoSheet() {
    Job job = Jobs.job("diamond-stack", Values.NONE);
    Design design = Jobs.derive(job).made().orElseThrow().design();
    List<PaperRole> patterned =
        design.roles().stream().filter(role -> role.kind() == PaperKind.PATTERNED).toList();
    assertTrue(patterned.size() > 1, "the card has patterned paper of two roles");
    assertTrue(together(job, patterned), "they are cut together while they look alike");
    Papers papers = job.papers();
    Papers.Colours colours = Jobs.derive(job).look().colours(patterned.get(1));
    Job other = job.withPapers(papers.looking(patterned.get(1), colours.on(Tint.NIGHT)));
    assertFalse(together(other, patterned));
    // An off-cut that would do for either is used once.
    Length wide = Length.ofMillimetres(200);
    Length high = Length.ofMillimetres(290);
    Paper paper = papers.of(PaperRole.PATTERNED);
    Stock left = new Stock("off-cut-1", "left", wide, high, 1, true, paper);
    PaperPlan.Supplies supplies =
        new PaperPlan.Supplies(
            new Drawer(List.of(left), Map.of()),
            StandardSizes.usualSheet(Marks.MILLIMETRES),
            StandardSizes.sheets());
    long used =
        PaperPlan.of(PaperPlan.Question.of(design, other, supplies), Watch.NOBODY).stream()
            .flatMap(plan -> plan.plan().sheets().stream())
            .filter(sheet -> sheet.stock().id().equals("off-cut-1"))
            .mapToInt(CutSheet::times)
            .sum();
    assertEquals(1, used);
  }

  private static boolean together(Job job, List<PaperRole> roles) {
    return Jobs.plans(Jobs.derive(job)).stream()
        .anyMatch(plan -> plan.roles().containsAll(roles.subList(0, 2)));
  }
}

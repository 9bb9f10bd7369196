package cufflink.desktop.slip;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.Part;
import cufflink.core.cut.TrimRun;
import cufflink.core.cut.TrimStep;
import cufflink.core.job.Derivation;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.LengthFormat;
import cufflink.core.run.PlanWords;
import cufflink.core.run.TrimDirections;
import cufflink.core.scene.Ref;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Writes the cuts on the slip: where the fence stands, and what is cut there. */
final class CutSlip {
  private final Derivation derivation;
  private final LengthFormat format;

  CutSlip(Derivation derivation, LengthFormat format) {
    this.derivation = derivation;
    this.format = format;
  }

  List<SlipSection> write(List<PaperPlan> plans, Drawer drawer) {
    List<SlipSection> sections = new ArrayList<>();
    List<SlipRow> shared =
        plans.stream()
            .flatMap(plan -> plan.question().parts().stream())
            .filter(PaperPlan::isOfAnother)
            .map(this::shared)
            .toList();
    if (!shared.isEmpty()) {
      sections.add(new SlipSection(Words.say("slip.together"), "", shared));
    }
    for (int i = 0; i < plans.size(); i++) {
      PaperPlan plan = plans.get(i);
      plan.plan()
          .problems()
          .forEach(each -> sections.add(new SlipSection("", each.say(format), List.of())));
      if (!plan.plan().sheets().isEmpty()) {
        String title = Words.say("slip.trim", PlanWords.title(plan.role(), plan.isTrial()));
        sections.add(
            new SlipSection(title, Words.say(PlanWords.sheets(plan.plan())), fences(i, plan)));
      }
    }
    List<String> shopping = shopping(plans, drawer);
    if (!shopping.isEmpty()) {
      String list = String.join(", ", shopping);
      sections.add(new SlipSection(Words.say("slip.shopping"), list, List.of()));
    }
    return sections;
  }

  private SlipRow shared(Part part) {
    String label =
        part.count() == 1 ? part.label() : Words.say("slip.times", part.count(), part.label());
    return SlipRow.read(
        new Subject.CutPart(part.id(), ""),
        List.of(part.width(), part.height(), part.count()),
        format.size(part.width(), part.height()),
        label,
        Lights.NONE);
  }

  private List<SlipRow> fences(int number, PaperPlan plan) {
    LengthFormat own = plan.format(format, derivation.job().rulers());
    List<SlipRow> rows = new ArrayList<>();
    for (TrimRun.Setting setting : plan.run().settings()) {
      Set<String> papers = new LinkedHashSet<>();
      Set<Ref> refs = new LinkedHashSet<>();
      for (TrimStep step : setting.steps()) {
        papers.add(Words.say(TrimDirections.paper(step)));
        for (TrimStep.Result result : List.of(step.first(), step.rest())) {
          result.part().map(Ref::of).ifPresent(refs::add);
        }
      }
      int cuts = setting.steps().size();
      String label = Words.say("slip.fence", cuts, String.join(", ", papers));
      rows.add(
          SlipRow.read(
              new Subject.Fence(number, rows.size()),
              setting.fence(),
              own.format(setting.fence()),
              label,
              Lights.of(refs)));
    }
    return rows;
  }

  private List<String> shopping(List<PaperPlan> plans, Drawer drawer) {
    List<String> lines = new ArrayList<>();
    for (PaperPlan plan : plans) {
      drawer
          .shortfalls(derivation.job().title(), plan.plan())
          .forEach(each -> lines.add(Words.say(PlanWords.buy(each))));
    }
    return lines;
  }
}

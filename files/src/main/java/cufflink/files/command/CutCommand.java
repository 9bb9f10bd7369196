package cufflink.files.command;

import cufflink.core.cut.TrimRun;
import cufflink.core.cut.TrimStep;
import cufflink.core.fit.Fitter;
import cufflink.core.fit.NearMiss;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Rulers;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Sheet;
import cufflink.core.run.Hand;
import cufflink.core.run.PlanWords;
import cufflink.core.run.TrimDirections;
import cufflink.core.words.Message;
import cufflink.files.export.CutJson;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.io.PrintWriter;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParentCommand;
import picocli.CommandLine.Spec;

/** Prints how the sheets are cut. */
@Command(name = "cut", mixinStandardHelpOptions = true)
final class CutCommand implements Callable<Integer> {
  @ParentCommand private Cufflink parent;
  @Spec private CommandSpec spec;
  @Mixin private Request request;
  @Mixin private CutOptions options;

  @Option(names = "--json")
  private boolean json;

  @Override
  public Integer call() {
    Request.Answer answer = request.answer(parent.library());
    List<PaperPlan> plans = options.plans(answer, parent.library());
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.println(new CutJson(answer.format(), rulers(answer), hand(answer)).write(plans));
    } else {
      plans.forEach(
          plan -> print(plan, hand(answer), plan.format(answer.format(), rulers(answer)), out));
      near(answer).ifPresent(told -> out.println(told.say(answer.format())));
    }
    out.flush();
    boolean works = plans.stream().allMatch(each -> each.plan().problems().isEmpty());
    return works ? PlanCommand.exitCode(answer.derivation()) : Cufflink.FINDINGS;
  }

  /** Says what a slightly smaller card would save. */
  private Optional<Message> near(Request.Answer answer) {
    Job job = options.asked(answer);
    Sheet sheet = PaperPlan.sheet(job, PaperRole.CARDSTOCK, StandardSizes.usualSheet(job.marks()));
    Fitter.Manner manner = new Fitter.Manner(job.rulers(), job.keepsProportions(), job.pinned());
    return NearMiss.of(
            answer.derivation().pattern(), job.onBench(), manner, sheet, job.order().copies())
        .map(near -> near.told(sheet));
  }

  private static Rulers rulers(Request.Answer answer) {
    return answer.derivation().job().rulers();
  }

  private static Hand hand(Request.Answer answer) {
    return answer.derivation().job().habit().hand();
  }

  private static void print(PaperPlan plan, Hand hand, LengthFormat format, PrintWriter out) {
    out.println(Words.say(PlanWords.title(plan.role(), plan.isTrial())));
    plan.plan().problems().forEach(problem -> out.println(problem.say(format)));
    if (plan.plan().sheets().isEmpty()) {
      return;
    }
    out.println(Words.say(PlanWords.sheets(plan.plan())));
    for (TrimRun.Setting setting : plan.run().settings()) {
      out.println(Words.say("trim.fence", format.formatWithUnit(setting.fence())));
      for (TrimStep step : setting.steps()) {
        out.println("  " + TrimDirections.move(step, hand).words().say(format));
      }
    }
  }
}

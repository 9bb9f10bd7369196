package cufflink.files.command;

import cufflink.core.finding.Finding;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.files.export.PlanJson;
import cufflink.files.inspect.Answer;
import cufflink.files.inspect.Answers;
import cufflink.files.size.Post;
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

/** Prints what would go wrong at the table. */
@Command(name = "check", mixinStandardHelpOptions = true)
final class CheckCommand implements Callable<Integer> {
  @ParentCommand private Cufflink parent;
  @Spec private CommandSpec spec;
  @Mixin private Request request;

  @Option(names = "--json")
  private boolean json;

  @Override
  public Integer call() {
    Request.Answer answer = request.judged(parent.library());
    Derivation asked = answer.derivation();
    Optional<FoldReport> report =
        asked.made().map(made -> FoldReport.of(made.card(), asked.job().materials(), () -> false));
    Derivation derivation = report.map(asked::folded).orElse(asked).cured(() -> false);
    List<Finding> findings = derivation.findings();
    List<Answer> answers =
        report
            .map(
                each ->
                    Answers.of(derivation, each, answer.format(), OwnLog.chartIfAny().envelopes()))
            .orElse(List.of());
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.println(new PlanJson(answer.format()).check(derivation, Post.of(derivation), answers));
    } else {
      if (findings.isEmpty()) {
        out.println(Words.say("command.nothing-wrong"));
      }
      PlanCommand.printFindings(derivation, answer.format(), out);
      for (Answer each : answers) {
        out.println(each.about().label().say(answer.format()));
        each.lines().forEach(line -> out.println("  " + line.say(answer.format())));
      }
    }
    out.flush();
    return findings.stream().anyMatch(Finding::isError) ? Cufflink.FINDINGS : Cufflink.GOOD;
  }
}

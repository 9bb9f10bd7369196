package cufflink.files.command;

import cufflink.core.finding.Finding;
import cufflink.core.job.Derivation;
import cufflink.files.export.PlanJson;
import cufflink.files.size.Post;
import cufflink.files.words.Words;
import java.io.PrintWriter;
import java.util.List;
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
    Request.Answer answer = request.judged(parent.library()).folded();
    Derivation derivation = answer.derivation();
    List<Finding> findings = derivation.findings();
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.println(new PlanJson(answer.format()).check(derivation, Post.of(derivation)));
    } else if (findings.isEmpty()) {
      out.println(Words.say("command.nothing-wrong"));
    } else {
      PlanCommand.printFindings(findings, answer.format(), out);
    }
    if (!json) {
      Post.of(derivation)
          .ifPresent(
              posted -> {
                out.println(Words.say("post.heading", posted.envelope().label()));
                posted
                    .postings()
                    .forEach(each -> out.println("  " + each.told().say(answer.format())));
              });
    }
    out.flush();
    return findings.stream().anyMatch(Finding::isError) ? Cufflink.FINDINGS : Cufflink.GOOD;
  }
}

package cufflink.files.command;

import cufflink.core.finding.Finding;
import cufflink.core.finding.Trouble;
import cufflink.core.job.Derivation;
import cufflink.core.measure.LengthFormat;
import cufflink.files.export.PlanJson;
import cufflink.files.words.Words;
import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParentCommand;
import picocli.CommandLine.Spec;

/** Prints what to cut and where to score. */
@Command(name = "plan", mixinStandardHelpOptions = true)
final class PlanCommand implements Callable<Integer> {
  @ParentCommand private Cufflink parent;
  @Spec private CommandSpec spec;
  @Mixin private Request request;

  @Option(names = "--json")
  private boolean json;

  @Override
  public Integer call() {
    Request.Answer answer = request.answer(parent.library()).folded();
    PrintWriter out = spec.commandLine().getOut();
    Derivation derivation = answer.derivation();
    if (json) {
      out.println(new PlanJson(answer.format()).plan(derivation, answer.reason()));
    } else {
      print(answer, out);
    }
    out.flush();
    return exitCode(derivation);
  }

  static int exitCode(Derivation derivation) {
    boolean works = derivation.findings().stream().noneMatch(Finding::isError);
    return works ? Cufflink.GOOD : Cufflink.FINDINGS;
  }

  private static void print(Request.Answer answer, PrintWriter out) {
    LengthFormat format = answer.format();
    Derivation derivation = answer.derivation();
    out.println(derivation.pattern().name());
    if (!answer.reason().isEmpty()) {
      out.println(answer.reason());
    }
    new PlanText(derivation, format, out).print();
    printFindings(derivation, format, out);
  }

  /** The dearest first, those of one cause together, each with its cure. */
  static void printFindings(Derivation derivation, LengthFormat format, PrintWriter out) {
    for (Trouble trouble : Trouble.of(derivation.findings(), derivation.settled())) {
      Finding finding = trouble.first();
      String severity = Words.say(finding.isError() ? "severity.error" : "severity.warning");
      out.println(severity + ": " + finding.sentence().say(format));
      for (Finding other : trouble.others()) {
        out.println("  " + Words.say("command.also", other.sentence().say(format)));
      }
      out.println("  " + Words.say("command.cost", trouble.cost().label().say(format)));
      finding
          .fix()
          .ifPresent(fix -> out.println("  " + Words.say("command.cure", fix.label().say(format))));
      trouble
          .mend()
          .ifPresent(mend -> out.println("  " + Words.say("command.mend", mend.say(format))));
    }
  }
}

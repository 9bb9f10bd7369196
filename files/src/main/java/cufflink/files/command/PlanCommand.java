package cufflink.files.command;

import cufflink.core.finding.Finding;
import cufflink.core.job.Derivation;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.LengthFormat;
import cufflink.core.run.Move;
import cufflink.core.run.Moves;
import cufflink.files.export.PlanJson;
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

/** Prints what to cut and where to score. */
@Command(
    name = "plan",
    description = "Prints the pieces, scores, cuts and layers of a construction.",
    mixinStandardHelpOptions = true)
final class PlanCommand implements Callable<Integer> {
  @ParentCommand private Cufflink parent;
  @Spec private CommandSpec spec;
  @Mixin private Request request;

  @Option(names = "--json", description = "Print JSON instead of words.")
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
    derivation.made().ifPresent(made -> print(made, derivation, format, out));
    printFindings(derivation.findings(), format, out);
  }

  private static void print(
      Derivation.Made made, Derivation derivation, LengthFormat format, PrintWriter out) {
    made.closed()
        .filter(ClosedState::isFlat)
        .ifPresent(
            closed ->
                out.println(
                    Words.say(
                        "command.closed",
                        format.size(closed.width(), closed.height()),
                        closed.mostPlies())));
    made.design()
        .pieces()
        .forEach(
            piece ->
                out.println(
                    Words.say(
                        "command.cut",
                        piece.count(),
                        piece.label(),
                        format.size(piece.width(), piece.height()))));
    made.design()
        .layers()
        .forEach(
            layer ->
                out.println(
                    Words.say(
                        "command.cut",
                        1,
                        layer.label(),
                        format.size(layer.width(), layer.height()))));
    Moves.of(made.design(), derivation.job().habit(), derivation.job().order().copies())
        .forEach(move -> out.println(line(move, format)));
  }

  private static String line(Move move, LengthFormat format) {
    String words = move.words().say(format);
    return move instanceof Move.Lay lay
        ? Words.say("command.lay", lay.piece().label(), words)
        : "  " + words;
  }

  static void printFindings(List<Finding> findings, LengthFormat format, PrintWriter out) {
    for (Finding finding : findings) {
      String severity = Words.say(finding.isError() ? "severity.error" : "severity.warning");
      out.println(severity + ": " + finding.sentence().say(format));
    }
  }
}

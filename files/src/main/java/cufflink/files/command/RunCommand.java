package cufflink.files.command;

import cufflink.core.design.Piece;
import cufflink.core.job.Derivation;
import cufflink.core.job.PaperPlan;
import cufflink.core.make.School;
import cufflink.core.make.Task;
import cufflink.core.make.Work;
import cufflink.files.export.RunJson;
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

/** Prints a whole job as one run. */
@Command(name = "run", mixinStandardHelpOptions = true)
final class RunCommand implements Callable<Integer> {
  @ParentCommand private Cufflink parent;
  @Spec private CommandSpec spec;
  @Mixin private Request request;
  @Mixin private CutOptions cutting;

  @Option(names = "--school", paramLabel = "ORDER", defaultValue = "by-tool")
  private String school;

  @Option(names = "--json")
  private boolean json;

  @Override
  public Integer call() {
    Request.Answer answer = request.answer(parent.library()).folded();
    Derivation derivation = answer.derivation();
    PrintWriter out = spec.commandLine().getOut();
    Work work = work(answer);
    if (json) {
      out.println(RunJson.write(derivation.pattern(), work, answer.format()));
    } else {
      print(work, answer, out);
    }
    out.flush();
    return PlanCommand.exitCode(derivation);
  }

  private Work work(Request.Answer answer) {
    School order =
        switch (school) {
          case "by-tool" -> School.BY_TOOL;
          case "by-piece" -> School.BY_PIECE;
          default -> throw BadInputException.of("run.school", school);
        };
    Optional<Derivation.Made> made = answer.derivation().made();
    if (made.isEmpty()) {
      return new Work(List.of());
    }
    List<PaperPlan> plans = cutting.plans(answer, parent.library());
    return Work.of(Work.Asked.of(made.get().design(), cutting.asked(answer), plans, order));
  }

  private static void print(Work work, Request.Answer answer, PrintWriter out) {
    out.println(answer.derivation().pattern().name());
    Optional<Task.Phase> phase = Optional.empty();
    String about = "";
    int number = 0;
    for (Task task : work.tasks()) {
      if (!phase.equals(Optional.of(task.phase()))) {
        phase = Optional.of(task.phase());
        out.println(Words.say(task.phase().heading()));
      }
      String now = phase.get() + " " + task.piece();
      Optional<String> piece =
          answer
              .derivation()
              .made()
              .flatMap(made -> made.design().piece(task.piece()))
              .map(Piece::label);
      boolean many = task.count() > 1;
      if (!now.equals(about) && (many || piece.isPresent())) {
        String label = piece.orElseGet(() -> answer.derivation().pattern().name());
        out.println(" " + (many ? Words.say("make.count", label, task.count()) : label));
      }
      about = now;
      number++;
      String words = task.words().say(answer.format());
      out.println(
          "  "
              + number
              + ". "
              + (task.isSame() && many ? Words.say("share.times", words, task.count()) : words));
    }
    if (!work.tasks().isEmpty()) {
      out.println(Words.say("make.total", work.minutes()));
    }
    PlanCommand.printFindings(answer.derivation(), answer.format(), out);
  }
}

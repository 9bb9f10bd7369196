package cufflink.files.command;

import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.files.export.PlanJson;
import cufflink.files.words.Words;
import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParentCommand;
import picocli.CommandLine.Spec;

/** Prints the constructions at hand. */
@Command(name = "list", mixinStandardHelpOptions = true)
final class ListCommand implements Callable<Integer> {
  @ParentCommand private Cufflink parent;
  @Spec private CommandSpec spec;

  @Option(names = "--json")
  private boolean json;

  @Override
  public Integer call() {
    PrintWriter out = spec.commandLine().getOut();
    LengthFormat format = Words.on(Marks.HALF_MILLIMETRES, Fractions.PLAIN);
    if (json) {
      out.println(new PlanJson(format).list(parent.library().patterns()));
    } else {
      parent.library().patterns().forEach(each -> out.println(each.id() + "  " + each.name()));
    }
    out.flush();
    parent.library().problems().stream()
        .map(problem -> Words.say(problem))
        .forEach(spec.commandLine().getErr()::println);
    return Cufflink.GOOD;
  }
}

package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;

import cufflink.files.log.LogStore;
import cufflink.files.project.UserFolders;
import java.io.PrintWriter;
import java.util.List;
import java.util.function.Function;
import picocli.CommandLine.Model.CommandSpec;

/** The log in the maker's own folder, as commands use it. */
final class OwnLog {
  private OwnLog() {}

  /** Does something with the log, which is closed again whatever happens. */
  static <T> T with(Function<LogStore, T> use) {
    try (LogStore store = orBad(LogStore.open(UserFolders.current().log()))) {
      return use.apply(store);
    }
  }

  /** Prints lines, and says that all went well. */
  static int print(CommandSpec spec, List<String> lines) {
    PrintWriter out = spec.commandLine().getOut();
    lines.forEach(out::println);
    out.flush();
    return Cufflink.GOOD;
  }
}

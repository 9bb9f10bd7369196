package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;

import cufflink.core.decor.Chart;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.Sheet;
import cufflink.files.log.LogStore;
import cufflink.files.project.UserFolders;
import cufflink.files.size.StandardSizes;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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

  /** Returns what is owned; nothing where there is no log yet. */
  static Chart chart() {
    return Files.isRegularFile(UserFolders.current().log())
        ? with(store -> orBad(store.chart()))
        : Chart.NONE;
  }

  /** Returns what is owned, for what can do without: a log that cannot be read stops nothing. */
  static Chart chartIfAny() {
    try {
      return chart();
    } catch (BadInputException unreadable) {
      return Chart.NONE;
    }
  }

  /** Finds a sheet by the name of its size, or by what its owner calls it. */
  static Sheet sheet(String name) {
    return StandardSizes.sheet(name)
        .or(() -> named(chart().sheets(), Sheet::label, name))
        .orElseThrow(
            () ->
                BadInputException.of(
                    "command.sheet",
                    name,
                    known(StandardSizes.sheets(), Sheet::id, chart().sheets(), Sheet::label)));
  }

  /** Finds an envelope by the name of its size, or by what its owner calls it. */
  static Envelope envelope(String name) {
    return StandardSizes.envelope(name)
        .or(() -> named(chart().envelopes(), Envelope::label, name))
        .orElseThrow(
            () ->
                BadInputException.of(
                    "command.envelope",
                    name,
                    known(
                        StandardSizes.envelopes(),
                        Envelope::id,
                        chart().envelopes(),
                        Envelope::label)));
  }

  private static <T> Optional<T> named(List<T> all, Function<T, String> label, String name) {
    return all.stream()
        .filter(each -> label.apply(each).equalsIgnoreCase(name.strip()))
        .findFirst();
  }

  private static <T> String known(
      List<T> usual, Function<T, String> id, List<T> own, Function<T, String> label) {
    return Stream.concat(usual.stream().map(id), own.stream().map(label))
        .collect(Collectors.joining(", "));
  }

  /** Prints lines, and says that all went well. */
  static int print(CommandSpec spec, List<String> lines) {
    PrintWriter out = spec.commandLine().getOut();
    lines.forEach(out::println);
    out.flush();
    return Cufflink.GOOD;
  }
}

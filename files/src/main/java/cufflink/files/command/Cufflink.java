package cufflink.files.command;

import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.FaultLog;
import cufflink.files.project.UserFolders;
import cufflink.files.text.TerminalWriter;
import cufflink.files.words.Words;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command line. */
@Command(
    name = "cufflink",
    mixinStandardHelpOptions = true,
    version = "Cufflink 0.1.0",
    subcommands = {
      PlanCommand.class,
      AheadCommand.class,
      OwnCommand.class,
      CheckCommand.class,
      CutCommand.class,
      ExportCommand.class,
      FindCommand.class,
      ImportCommand.class,
      ListCommand.class,
      LogCommand.class,
      RunCommand.class,
      SessionCommand.class
    })
public final class Cufflink {
  /** Everything is in order. */
  public static final int GOOD = 0;

  /** There are findings of severity error. */
  public static final int FINDINGS = 1;

  /** The input cannot be used; one sentence says why. */
  public static final int BAD_INPUT = 2;

  /** Something went wrong inside; it is written in the log. */
  public static final int INNER_FAULT = 3;

  private static final Set<String> OPTIONS = Set.of("--help", "-h", "--version", "-V");

  private final PatternLibrary library;
  private final OutputStream raw;

  private Cufflink(PatternLibrary library, OutputStream raw) {
    this.library = library;
    this.raw = raw;
  }

  PatternLibrary library() {
    return library;
  }

  /** Writes a file's bytes to standard output. */
  void write(byte[] bytes) throws IOException {
    raw.write(bytes);
    raw.flush();
  }

  /**
   * Says whether arguments are for the command line and not for the window.
   *
   * @param arguments as given to the program
   * @return true if the first is a command
   */
  public static boolean isCommand(String... arguments) {
    return arguments.length > 0
        && (OPTIONS.contains(arguments[0]) || names().contains(arguments[0]));
  }

  /**
   * Returns the names of the commands.
   *
   * @return such as “plan”, in the order of the help
   */
  public static List<String> names() {
    return Arrays.stream(Cufflink.class.getAnnotation(Command.class).subcommands())
        .map(each -> each.getAnnotation(Command.class).name())
        .toList();
  }

  /**
   * Runs a command with the patterns of the user's folder.
   *
   * @param arguments as given to the program
   * @return the exit code
   */
  public static int run(String... arguments) {
    OutputStream raw = new FileOutputStream(FileDescriptor.out);
    UserFolders folders = UserFolders.current();
    return run(
        PatternLibrary.with(folders.patterns()),
        new Streams(raw, new FileOutputStream(FileDescriptor.err)),
        new FaultLog(folders),
        arguments);
  }

  /**
   * Where a command's words go.
   *
   * @param out what was asked for
   * @param err what is wrong
   */
  record Streams(OutputStream out, OutputStream err) {}

  static int run(PatternLibrary library, Streams streams, FaultLog log, String... arguments) {
    // Names come from files and are shown in a terminal, which must not take them for commands.
    WatchedStream watched = new WatchedStream(streams.out());
    PrintWriter out = terminal(watched);
    PrintWriter err = terminal(streams.err());
    int code = run(library, out, err, watched, log, arguments);
    boolean lost = out.checkError() && !watched.isReaderGone();
    if (lost) {
      err.println(Words.say("command.unwritten"));
    }
    err.flush();
    return lost && code != INNER_FAULT ? BAD_INPUT : code;
  }

  private static PrintWriter terminal(OutputStream stream) {
    return new PrintWriter(
        new TerminalWriter(new OutputStreamWriter(stream, StandardCharsets.UTF_8)), true);
  }

  private static int run(
      PatternLibrary library,
      PrintWriter out,
      PrintWriter err,
      OutputStream raw,
      FaultLog log,
      String... arguments) {
    CommandLine line = new CommandLine(new Cufflink(library, raw));
    line.setResourceBundle(new UsageWords());
    line.setExpandAtFiles(false);
    line.setOut(out);
    line.setErr(err);
    line.setParameterExceptionHandler(
        (mistake, given) -> {
          err.println(Words.say("command.arguments", firstLine(mistake.getMessage())));
          return BAD_INPUT;
        });
    line.setExecutionExceptionHandler(
        (problem, command, result) -> {
          if (problem instanceof BadInputException) {
            err.println(problem.getMessage());
            return BAD_INPUT;
          }
          return fault(problem, err, log, arguments);
        });
    try {
      return line.execute(arguments);
    } catch (RuntimeException | StackOverflowError | OutOfMemoryError fault) {
      return fault(fault, err, log, arguments);
    }
  }

  private static int fault(Throwable fault, PrintWriter err, FaultLog log, String... arguments) {
    if (fault instanceof IOException) {
      err.println(Words.say("command.unwritten"));
      return BAD_INPUT;
    }
    err.println(Words.say("fault.told", log.note(String.join(" ", arguments), fault)));
    return INNER_FAULT;
  }

  private static String firstLine(String text) {
    return text.lines().findFirst().orElse("");
  }
}

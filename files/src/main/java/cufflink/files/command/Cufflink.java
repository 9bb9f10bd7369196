package cufflink.files.command;

import cufflink.core.words.Words;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.UserFolders;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command line. */
@Command(
    name = "cufflink",
    description = "Lays out, scales, folds and checks fancy-fold cards.",
    mixinStandardHelpOptions = true,
    version = "Cufflink 0.1.0",
    subcommands = {
      PlanCommand.class,
      CheckCommand.class,
      CutCommand.class,
      ExportCommand.class,
      FindCommand.class,
      ImportCommand.class,
      ListCommand.class
    })
public final class Cufflink {
  /** Everything is in order. */
  public static final int GOOD = 0;

  /** There are findings of severity error. */
  public static final int FINDINGS = 1;

  /** The input cannot be used; one sentence says why. */
  public static final int BAD_INPUT = 2;

  private static final Set<String> COMMANDS =
      Set.of(
          "plan",
          "check",
          "cut",
          "export",
          "find",
          "import",
          "list",
          "--help",
          "-h",
          "--version",
          "-V");

  private final PatternLibrary library;

  private Cufflink(PatternLibrary library) {
    this.library = library;
  }

  PatternLibrary library() {
    return library;
  }

  /**
   * Says whether arguments are for the command line and not for the window.
   *
   * @param arguments as given to the program
   * @return true if the first is a command
   */
  public static boolean isCommand(String... arguments) {
    return arguments.length > 0 && COMMANDS.contains(arguments[0]);
  }

  /**
   * Runs a command with the patterns of the user's folder.
   *
   * @param arguments as given to the program
   * @return the exit code
   */
  public static int run(String... arguments) {
    return run(
        PatternLibrary.with(UserFolders.current().patterns()),
        new PrintWriter(System.out, true, StandardCharsets.UTF_8),
        new PrintWriter(System.err, true, StandardCharsets.UTF_8),
        arguments);
  }

  static int run(PatternLibrary library, PrintWriter out, PrintWriter err, String... arguments) {
    CommandLine line = new CommandLine(new Cufflink(library));
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
          throw problem;
        });
    return line.execute(arguments);
  }

  private static String firstLine(String text) {
    return text.lines().findFirst().orElse("");
  }
}

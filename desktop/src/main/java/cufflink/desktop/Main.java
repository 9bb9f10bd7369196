package cufflink.desktop;

import cufflink.core.measure.Parsed;
import cufflink.core.words.Words;
import cufflink.files.command.Cufflink;
import java.nio.file.InvalidPathException;
import java.util.List;
import javafx.application.Application;

/** Where the program begins. It does not touch JavaFX when only a command is run. */
public final class Main {
  private Main() {}

  /**
   * Starts the application or runs a command.
   *
   * @param arguments see the README
   */
  public static void main(String[] arguments) {
    try {
      begin(arguments);
    } catch (InvalidPathException unreadable) {
      System.err.println(Words.say("command.home"));
      System.exit(Cufflink.BAD_INPUT);
    }
  }

  private static void begin(String... arguments) {
    if (Cufflink.isCommand(arguments)) {
      System.exit(Cufflink.run(arguments));
    }
    Parsed<StartOptions> options = StartOptions.check(List.of(arguments));
    if (options.value().isEmpty()) {
      System.err.println(options.problem());
      System.exit(Cufflink.BAD_INPUT);
    }
    Preload.begin(List.of(arguments));
    Application.launch(CufflinkApp.class, arguments);
  }
}

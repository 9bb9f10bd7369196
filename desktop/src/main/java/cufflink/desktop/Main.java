package cufflink.desktop;

import cufflink.core.measure.Parsed;
import cufflink.core.words.Message;
import cufflink.files.command.Cufflink;
import cufflink.files.words.Words;
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
    Parsed<List<String>> chosen = Words.choose(List.of(arguments));
    if (chosen.value().isEmpty()) {
      refuse(chosen.problem());
      return;
    }
    String[] rest = chosen.orElseThrow().toArray(String[]::new);
    if (Cufflink.isCommand(rest)) {
      System.exit(Cufflink.run(rest));
    }
    Parsed<StartOptions> options = StartOptions.check(List.of(rest));
    if (options.value().isEmpty()) {
      refuse(options.problem());
      return;
    }
    Preload.begin(List.of(rest));
    Application.launch(CufflinkApp.class, rest);
  }

  private static void refuse(Message problem) {
    System.err.println(Words.say(problem));
    System.exit(Cufflink.BAD_INPUT);
  }
}

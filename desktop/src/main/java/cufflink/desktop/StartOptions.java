package cufflink.desktop;

import cufflink.core.measure.Parsed;
import cufflink.files.command.Cufflink;
import java.util.List;
import java.util.Optional;

/**
 * What the application is started with.
 *
 * @param demo whether the demonstration is shown
 * @param file the project to open, if one is named
 */
record StartOptions(boolean demo, Optional<String> file) {
  private static final String DEMO = "--demo";

  /** Reads arguments that {@link #check} has found good. */
  static StartOptions of(List<String> arguments) {
    return check(arguments).orElseThrow();
  }

  /** Reads arguments, or says in one sentence what is wrong with them. */
  static Parsed<StartOptions> check(List<String> arguments) {
    boolean demo = false;
    Optional<String> file = Optional.empty();
    for (String argument : arguments) {
      if (argument.equals(DEMO)) {
        demo = true;
      } else if (argument.startsWith("-") || argument.isBlank() || file.isPresent()) {
        return Parsed.bad("start.argument", argument, String.join(", ", Cufflink.names()));
      } else {
        file = Optional.of(argument);
      }
    }
    return Parsed.good(new StartOptions(demo, file));
  }
}

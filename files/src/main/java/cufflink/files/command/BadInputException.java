package cufflink.files.command;

import cufflink.core.measure.Parsed;
import cufflink.files.words.Words;

/** Ends a command whose input cannot be used. */
final class BadInputException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private BadInputException(String sentence) {
    super(sentence);
  }

  static BadInputException of(String key, Object... details) {
    return new BadInputException(Words.say(key, details));
  }

  static BadInputException saying(String sentence) {
    return new BadInputException(sentence);
  }

  /** Returns a value that was read, or ends the command with what is wrong. */
  static <T> T orBad(Parsed<T> parsed) {
    return parsed.value().orElseThrow(() -> new BadInputException(Words.say(parsed.problem())));
  }

  /** As {@link #orBad(Parsed)}, with the place of the mistake before it. */
  static <T> T orBad(String place, Parsed<T> parsed) {
    return parsed
        .value()
        .orElseThrow(
            () ->
                new BadInputException(Words.say("command.at", place, Words.say(parsed.problem()))));
  }
}

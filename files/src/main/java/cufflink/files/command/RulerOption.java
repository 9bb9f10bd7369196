package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;

import cufflink.core.measure.Marks;
import picocli.CommandLine.Option;

/** The ruler that numbers are written and laid out on. */
final class RulerOption {
  private static final String NAME = "--marks";

  @Option(names = NAME, paramLabel = "MARKS")
  private String marks = "1mm";

  /** Returns its marks. */
  Marks ruler() {
    return orBad(NAME, Marks.parse(marks));
  }
}

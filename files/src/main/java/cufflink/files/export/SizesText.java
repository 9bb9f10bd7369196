package cufflink.files.export;

import cufflink.core.job.Derivation;
import cufflink.files.text.Printable;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;

/** Writes all sizes of a card as plain text, to be copied. */
final class SizesText {
  private SizesText() {}

  /** Writes a line for each size, on both rulers. */
  static String write(Derivation derivation) {
    Instruction instruction = Instructor.sizes(derivation);
    List<String> lines = new ArrayList<>();
    lines.add(instruction.title());
    lines.add(instruction.subtitle());
    for (Instruction.Size size : instruction.sizes()) {
      lines.add(
          size.other().isEmpty()
              ? Words.say("make.about", size.label(), size.own())
              : Words.say(
                  "share.line",
                  size.label(),
                  size.own(),
                  size.other(),
                  instruction.rulers().other()));
    }
    return String.join("\n", lines.stream().map(Printable::line).toList()) + "\n";
  }
}

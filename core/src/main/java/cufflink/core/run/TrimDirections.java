package cufflink.core.run;

import cufflink.core.cut.TrimStep;
import cufflink.core.cut.TrimStep.Becomes;
import cufflink.core.cut.TrimStep.Result;
import cufflink.core.measure.LengthFormat;
import cufflink.core.words.Words;

/** Says in words what to do with the hands at the trimmer. */
public final class TrimDirections {
  private final LengthFormat format;

  /**
   * Prepares to speak.
   *
   * @param format how lengths are written
   */
  public TrimDirections(LengthFormat format) {
    this.format = format;
  }

  /**
   * Names what is cut.
   *
   * @param step the cut
   * @return such as "Sheet 1" or "Strip 1 A"
   */
  public String paper(TrimStep step) {
    return paper(step.paper());
  }

  private static String paper(String name) {
    boolean several = name.contains("–");
    if (name.contains(" ")) {
      return Words.say(several ? "trim.strips" : "trim.strip", name);
    }
    return Words.say(several ? "trim.several" : "trim.sheet", name);
  }

  /**
   * Says how to lay the paper.
   *
   * @param step the cut
   * @return one sentence
   */
  public String lay(TrimStep step) {
    String side = format.format(step.along());
    String key = step.turned() ? "trim.lay-turned" : "trim.lay";
    String edge =
        Words.say(edge(step), Words.say(step.factory() ? "trim.factory" : "trim.cut-edge"));
    String words = Words.say(key, paper(step), side, edge);
    if (step.times() > 1) {
      words = Words.say("trim.each", words, step.times());
    }
    return step.narrow() ? words + " " + Words.say("trim.narrow") : words;
  }

  /** The quarter turn to the left takes the sheet's top edge to the left. */
  private static String edge(TrimStep step) {
    return step.farEdge() ? "trim.far" : "trim.near";
  }

  /**
   * Says what the cut makes.
   *
   * @param step the cut
   * @return one sentence, what lies at the fence first
   */
  public String makes(TrimStep step) {
    Result atFence = step.farEdge() ? step.rest() : step.first();
    Result beyond = step.farEdge() ? step.first() : step.rest();
    return Words.say("trim.makes", name(atFence), name(beyond));
  }

  /**
   * Names what a cut makes.
   *
   * @param result one of its two papers
   * @return what it becomes
   */
  public String name(Result result) {
    String size = format.size(result.width(), result.height());
    if (result.becomes() == Becomes.PART) {
      return Words.say(result.partTurned() ? "trim.part-turned" : "trim.part", result.name());
    }
    return switch (result.becomes()) {
      case PAPER -> Words.say("trim.goes-on", paper(result.name()));
      case OFF_CUT -> Words.say("trim.off-cut", size);
      default -> Words.say("trim.waste");
    };
  }
}

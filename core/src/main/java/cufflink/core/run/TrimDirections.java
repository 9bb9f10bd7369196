package cufflink.core.run;

import cufflink.core.cut.TrimStep;
import cufflink.core.cut.TrimStep.Becomes;
import cufflink.core.cut.TrimStep.Result;
import cufflink.core.measure.Length;
import cufflink.core.measure.Written;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;

/** Says in words what to do with the hands at the trimmer. */
public final class TrimDirections {
  private TrimDirections() {}

  /**
   * Names what is cut.
   *
   * @param step the cut
   * @return such as "Sheet 1" or "Strip 1 A"
   */
  public static Message paper(TrimStep step) {
    return paper(step.paper());
  }

  private static Message paper(String name) {
    boolean several = name.contains("–");
    if (name.contains(" ")) {
      return Message.of(several ? "trim.strips" : "trim.strip", name);
    }
    return Message.of(several ? "trim.several" : "trim.sheet", name);
  }

  /**
   * Returns what the hands do.
   *
   * @param step the cut
   * @param hand at which side the fence lies
   * @return the move; its words are two or three sentences
   */
  public static Move.Trim move(TrimStep step, Hand hand) {
    Length blade = hand == Hand.RIGHT ? step.fence() : step.along().minus(step.fence());
    Segment line = new Segment(new Point(blade, Length.ZERO), new Point(blade, step.cut()));
    return new Move.Trim(step, top(step, hand), line, lay(step).followedBy(makes(step)));
  }

  /**
   * Says in one line how to lay the paper and what the cut makes.
   *
   * @param step the cut
   * @return which side is along the top, then what lies at the fence and what beyond the blade
   */
  public static Message brief(TrimStep step) {
    Result atFence = step.farEdge() ? step.rest() : step.first();
    Result beyond = step.farEdge() ? step.first() : step.rest();
    String key =
        step.turned()
            ? step.farEdge() ? "trim.brief-turned-far" : "trim.brief-turned"
            : step.farEdge() ? "trim.brief-far" : "trim.brief";
    Message words = Message.of(key, paper(step), step.along(), briefly(atFence), briefly(beyond));
    if (step.placed()) {
      words = words.followedBy(Message.of(ofPicture(step)));
    }
    return step.narrow() ? words.followedBy(Message.of("trim.narrow")) : words;
  }

  private static Message briefly(Result result) {
    return switch (result.becomes()) {
      case PART -> Message.plain(result.name());
      case PAPER -> paper(result.name());
      case OFF_CUT -> Message.of("trim.keep");
      default -> Message.of("trim.bin");
    };
  }

  /** Which edge lies on top, with another at the fence: the next one clockwise, or the last. */
  private static Side top(TrimStep step, Hand hand) {
    boolean fenceLeft = hand == Hand.RIGHT;
    boolean near = !step.farEdge();
    if (step.down()) {
      return fenceLeft == near ? Side.TOP : Side.BOTTOM;
    }
    return fenceLeft == near ? Side.RIGHT : Side.LEFT;
  }

  /**
   * Says how to lay the paper.
   *
   * @param step the cut
   * @return one sentence
   */
  public static Message lay(TrimStep step) {
    Length side = step.along();
    String key = step.turned() ? "trim.lay-turned" : "trim.lay";
    Message edge =
        Message.of(edge(step), Message.of(step.factory() ? "trim.factory" : "trim.cut-edge"));
    Message words = Message.of(key, paper(step), side, edge);
    if (step.times() > 1) {
      words = Message.of("trim.each", words, step.times());
    }
    if (step.placed()) {
      words = words.followedBy(Message.of(ofPicture(step)));
    }
    return step.narrow() ? words.followedBy(Message.of("trim.narrow")) : words;
  }

  /** Where parts are placed on a picture it tells which edge lies at the fence. */
  private static String ofPicture(TrimStep step) {
    if (step.down()) {
      return step.farEdge() ? "trim.picture-right" : "trim.picture-left";
    }
    return step.farEdge() ? "trim.picture-bottom" : "trim.picture-top";
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
  public static Message makes(TrimStep step) {
    Result atFence = step.farEdge() ? step.rest() : step.first();
    Result beyond = step.farEdge() ? step.first() : step.rest();
    return Message.of("trim.makes", name(atFence), name(beyond));
  }

  /**
   * Names what a cut makes.
   *
   * @param result one of its two papers
   * @return what it becomes
   */
  public static Message name(Result result) {
    Message size = Written.size(result.width(), result.height());
    if (result.becomes() == Becomes.PART) {
      return Message.of(result.partTurned() ? "trim.part-turned" : "trim.part", result.name());
    }
    return switch (result.becomes()) {
      case PAPER -> Message.of("trim.goes-on", paper(result.name()));
      case OFF_CUT -> Message.of("trim.off-cut", size);
      default -> Message.of("trim.waste");
    };
  }
}

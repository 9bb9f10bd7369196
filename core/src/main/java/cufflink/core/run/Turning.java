package cufflink.core.run;

import cufflink.core.design.Piece;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;

/**
 * One movement of a piece that lies on the table.
 *
 * @param act what is done
 * @param then how it lies afterwards
 */
public record Turning(Act act, Lie then) {
  /** What is done. */
  public enum Act {
    /** A quarter, so that what was at the left is on top. */
    CLOCKWISE,
    /** A quarter, so that what was at the right is on top. */
    ANTICLOCKWISE,
    /** Over like a page, so that what is on top stays there. */
    OVER
  }

  /**
   * Finds the fewest movements from one way of lying to another.
   *
   * @param from how the piece lies
   * @param to how it is to lie
   * @return at most three movements, turning over first
   */
  public static List<Turning> between(Lie from, Lie to) {
    List<Turning> turnings = new ArrayList<>();
    Lie now = from;
    if (now.up() != to.up()) {
      now = now.over();
      turnings.add(new Turning(Act.OVER, now));
    }
    boolean once = now.clockwise().equals(to);
    while (!now.equals(to)) {
      now = once ? now.clockwise() : now.anticlockwise();
      turnings.add(new Turning(once ? Act.CLOCKWISE : Act.ANTICLOCKWISE, now));
    }
    return turnings;
  }

  /**
   * Says what to do.
   *
   * @param piece the piece
   * @return one sentence
   */
  Message said(Piece piece) {
    return switch (act) {
      case CLOCKWISE -> Message.of("score.clockwise", then.along(piece));
      case ANTICLOCKWISE -> Message.of("score.anticlockwise", then.along(piece));
      case OVER -> Message.of("score.over", Directions.face(then.up()));
    };
  }
}

package cufflink.core.run;

import cufflink.core.design.Face;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.words.Words;

/** Says in words what to do with the hands while scoring. */
public final class Directions {
  private final LengthFormat format;
  private final ScoringHabit habit;

  /**
   * Prepares to speak.
   *
   * @param format how lengths are written
   * @param habit how the maker scores, and on which board
   */
  public Directions(LengthFormat format, ScoringHabit habit) {
    this.format = format;
    this.habit = habit;
  }

  /**
   * Says how to lay a piece on the board.
   *
   * @param run the piece's run
   * @param setup the way it lies
   * @return one or two sentences
   */
  public String lay(ScoreRun run, ScoreRun.Setup setup) {
    int index = run.setups().indexOf(setup);
    boolean isWidth = setup.side() == ScoreRun.Side.WIDTH;
    String side = format.format(isWidth ? run.piece().width() : run.piece().height());
    boolean inside = setup.faceUp() == Face.INSIDE;
    String face = Words.say(inside ? "score.inside-up" : "score.outside-up");
    if (index == 0) {
      return Words.say("score.lay", side, face);
    }
    ScoreRun.Setup before = run.setups().get(index - 1);
    if (before.side() == setup.side()) {
      return Words.say("score.over", face);
    }
    // The top edge as described lies at the left in either case, but the sheet lies face down.
    String turn =
        before.faceUp() == setup.faceUp()
            ? inside ? "score.turn" : "score.turn-right"
            : inside ? "score.turn-over" : "score.turn-over-right";
    return Words.say(turn, side, face);
  }

  /**
   * Says what to score at a stop.
   *
   * @param stop the stop
   * @return what it is for, and how it lies to the board's grooves and edges
   */
  public String stop(ScoreRun.Stop stop) {
    String purpose =
        Words.say(
            switch (stop.score().fold()) {
              case VALLEY -> "score.valley";
              case MOUNTAIN -> "score.mountain";
              case DECORATIVE -> "score.decorative";
            },
            stop.score().label());
    String text = groove(stop.at()).isEmpty() ? purpose : purpose + "; " + groove(stop.at());
    if (stop.stopsShort()) {
      text += "; " + Words.say("score.short", format.format(stop.from()), format.format(stop.to()));
    }
    return text;
  }

  /**
   * Says how a place lies to the board's grooves.
   *
   * @param at the distance from the left edge
   * @return the nearest groove and how far it is off, empty if the place is on a groove
   */
  public String groove(Length at) {
    Length groove = habit.grooves().nearest(at);
    Length off = at.minus(groove);
    if (off.equals(Length.ZERO)) {
      return "";
    }
    LengthFormat board = LengthFormat.of(habit.grooves(), Fractions.TYPESET);
    String rest = board.remainder(off.abs());
    return Words.say(
        off.isPositive() ? "score.groove-right" : "score.groove-left",
        board.formatWithUnit(groove),
        rest);
  }

  /**
   * Says how a batch of pieces is laid and scored.
   *
   * @param item the pieces and how they lie
   * @return one or two sentences
   */
  public String lay(ScoreJob.Item item) {
    String words = lay(item.run(), item.setup());
    if (item.count() > 1) {
      words = Words.say("score.count", words, item.count());
    }
    return item.dot().map(this::dot).map((words + " ")::concat).orElse(words);
  }

  private String dot(ScoreJob.Dot dot) {
    String corner = Words.say(dot.top() ? "score.dot-top" : "score.dot-foot");
    if (dot.isFirst() && dot.faceUp()) {
      return Words.say("score.dot-draw", corner);
    }
    String face = Words.say(dot.faceUp() ? "score.dot-up" : "score.dot-below");
    return Words.say(dot.isFirst() ? "score.dot-draw-face" : "score.dot-lies", corner, face);
  }

  /**
   * Says how often to go over a score.
   *
   * @param passes a number from 1 up
   * @return a remark, empty if once is enough
   */
  public String passes(int passes) {
    return passes == 1 ? "" : Words.say("score.passes", passes);
  }

  /**
   * Says how to draw a score that runs neither along nor across.
   *
   * @param slanted the score
   * @return one sentence, measured with the inside up
   */
  public String slanted(ScoreJob.Slanted slanted) {
    var line = slanted.score().line();
    return Words.say(
        "score.slanted",
        slanted.score().label(),
        format.format(line.from().x()),
        format.format(line.from().y()),
        format.format(line.to().x()),
        format.format(line.to().y()),
        Words.say(slanted.faceUp() == Face.INSIDE ? "score.inside-up" : "score.outside-up"));
  }
}

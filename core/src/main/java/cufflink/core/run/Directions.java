package cufflink.core.run;

import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Written;
import cufflink.core.measure.Written.Style;
import cufflink.core.plane.Segment;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;

/** Says what to do with the hands while scoring and folding. */
public final class Directions {
  private final ScoringHabit habit;

  /**
   * Prepares to speak.
   *
   * @param habit how the maker scores, and on which board
   */
  public Directions(ScoringHabit habit) {
    this.habit = habit;
  }

  /**
   * Says how to lay a piece on the board.
   *
   * @param run the piece's run
   * @param setup the way it lies
   * @return one or two sentences
   */
  public Message lay(ScoreRun run, ScoreRun.Setup setup) {
    int index = run.setups().indexOf(setup);
    if (index == 0) {
      return lay("score.lay", run.piece(), setup.lie());
    }
    return turned(run.piece(), run.setups().get(index - 1).lie(), setup.lie());
  }

  /** Says how to lay a piece that is only cut. */
  Message lay(Piece piece, Lie lie) {
    return lay("score.lay-piece", piece, lie);
  }

  /**
   * Says how to lay a scored piece that was laid aside.
   *
   * @param run the scoring of the piece
   * @param lie how it is to lie
   * @return a sentence
   */
  public Message takeUp(ScoreRun run, Lie lie) {
    return TakeUp.words(run, lie);
  }

  private static Message lay(String key, Piece piece, Lie lie) {
    return Message.of(key, lie.along(piece), face(lie.up()), piece.label());
  }

  static Message face(Face up) {
    return Message.of(up == Face.INSIDE ? "score.inside-up" : "score.outside-up");
  }

  /** Says how a piece gets from one way of lying to another. */
  private static Message turned(Piece piece, Lie from, Lie to) {
    return Turning.between(from, to).stream()
        .map(turning -> turning.said(piece))
        .reduce(Message.NONE, Message::followedBy);
  }

  /**
   * Says how a piece comes to lie as it is described, to be cut or folded after it is scored.
   *
   * @param run its scoring
   * @return a few sentences
   */
  public Message layForCutting(ScoreRun run) {
    if (run.setups().isEmpty()) {
      return lay("score.lay-piece", run.piece(), Lie.DESCRIBED);
    }
    Lie last = run.setups().get(run.setups().size() - 1).lie();
    Message turned = turned(run.piece(), last, Lie.DESCRIBED);
    Message named = Message.of("score.take", run.piece().label(), face(last.up()));
    return named.followedBy(turned);
  }

  /**
   * Says what to score at a stop.
   *
   * @param stop the stop
   * @return what it is for, and how it lies to the board's grooves and edges
   */
  public Message stop(ScoreRun.Stop stop) {
    Message text = purpose(stop.stroke());
    Optional<Message> groove = groove(stop.at());
    if (groove.isPresent()) {
      text = Message.of("list.also", text, groove.get());
    }
    if (stop.stopsShort()) {
      text = Message.of("list.also", text, Message.of("score.short", stop.from(), stop.to()));
    }
    return text;
  }

  /**
   * Says what a line is for, and which of its parts then folds against the habit.
   *
   * @param stroke the line
   * @return a remark
   */
  public Message purpose(Stroke stroke) {
    Message purpose =
        Message.of(
            switch (stroke.main().fold()) {
              case VALLEY -> "score.valley";
              case MOUNTAIN -> "score.mountain";
              case DECORATIVE -> "score.decorative";
            },
            names(stroke));
    List<String> against = stroke.against().stream().map(Score::label).distinct().toList();
    if (against.isEmpty()) {
      return purpose;
    }
    Message other =
        Message.of(
            stroke.against().get(0).fold() == Fold.VALLEY
                ? "score.against-valley"
                : "score.against-mountain",
            Message.list("list.comma", against));
    return Message.of("list.also", purpose, other);
  }

  /** Names what is on a line and folds the way its longest part does. */
  private static Message names(Stroke stroke) {
    return Message.list(
        "list.comma",
        stroke.parts().stream()
            .filter(part -> part.fold() == stroke.main().fold())
            .map(Score::label)
            .distinct()
            .toList());
  }

  /**
   * Says how a place lies to the board's grooves.
   *
   * @param at the distance from the fence
   * @return the nearest groove and how far it is off, nothing if the place is on a groove
   */
  public Optional<Message> groove(Length at) {
    Length groove = habit.grooves().nearest(at);
    Length off = at.minus(groove);
    if (off.equals(Length.ZERO)) {
      return Optional.empty();
    }
    boolean right = off.isPositive() == (habit.hand() == Hand.RIGHT);
    Optional<Marks> board = Optional.of(habit.grooves());
    return Optional.of(
        Message.of(
            right ? "score.groove-right" : "score.groove-left",
            new Written(groove, Style.WITH_UNIT, board),
            new Written(off.abs(), Style.REMAINDER, board)));
  }

  /**
   * Says how a batch of pieces is laid and scored.
   *
   * @param item the pieces and how they lie
   * @return one or two sentences
   */
  public Message lay(ScoreJob.Item item) {
    Message words = lay(item.run(), item.setup());
    if (item.count() > 1) {
      words = Message.of("score.count", words, item.count());
    }
    return item.dot().map(this::dot).map(words::followedBy).orElse(words);
  }

  /** Says where the dot is drawn or lies. */
  Message dot(ScoreJob.Dot dot) {
    Message corner =
        Message.of(
            dot.top()
                ? dot.left() ? "corner.top-left" : "corner.top-right"
                : dot.left() ? "corner.bottom-left" : "corner.bottom-right");
    if (dot.isFirst() && dot.faceUp()) {
      return Message.of("score.dot-draw", corner);
    }
    Message face = Message.of(dot.faceUp() ? "score.dot-up" : "score.dot-below");
    return Message.of(dot.isFirst() ? "score.dot-draw-face" : "score.dot-lies", corner, face);
  }

  /**
   * Says how often to go over a line.
   *
   * @param words what is said of it
   * @param passes a number from 1 up
   * @return the same with a remark, unless once is enough
   */
  public Message often(Message words, int passes) {
    return passes == 1 ? words : Message.of("list.also", words, Message.of("score.passes", passes));
  }

  /**
   * Says in full where to score.
   *
   * @param stop the stop
   * @return a sentence
   */
  Message atStop(ScoreRun.Stop stop) {
    String key = habit.hand() == Hand.RIGHT ? "score.at-left" : "score.at-right";
    return Message.of("score.at", Message.of(key, stop.at()), stop(stop));
  }

  /**
   * Says how to fold a line.
   *
   * @param piece the piece
   * @param lie how it lies, inside up
   * @param stroke the line
   * @return a sentence
   */
  Message crease(Piece piece, Lie lie, Stroke stroke) {
    boolean towards = stroke.main().fold() == Fold.VALLEY;
    Message way = Message.of(towards ? "fold.towards-you" : "fold.away-from-you");
    return Message.of("fold.crease", names(stroke), where(piece, lie, stroke.line()), way);
  }

  static Message where(Piece piece, Lie lie, Segment described) {
    Segment line = lie.apply(piece, described);
    if (line.isVertical()) {
      Length top = line.from().y().min(line.to().y());
      Length foot = line.from().y().max(line.to().y());
      return top.isPositive() || foot.compareTo(lie.deep(piece)) < 0
          ? Message.of("fold.upright-part", line.from().x(), top, foot)
          : Message.of("fold.upright", line.from().x());
    }
    if (line.isLevel()) {
      Length left = line.from().x().min(line.to().x());
      Length right = line.from().x().max(line.to().x());
      return left.isPositive() || right.compareTo(lie.along(piece)) < 0
          ? Message.of("fold.level-part", line.from().y(), left, right)
          : Message.of("fold.level", line.from().y());
    }
    return Message.of(
        "fold.slanted", line.from().x(), line.from().y(), line.to().x(), line.to().y());
  }

  /**
   * Says how to score along a rule.
   *
   * @param piece the piece
   * @param lie how it lies
   * @param stroke the line
   * @return one sentence, measured from the top left corner of the paper as it lies
   */
  public Message ruled(Piece piece, Lie lie, Stroke stroke) {
    Segment line = lie.apply(piece, stroke.line());
    return Message.of(
        "score.ruled",
        purpose(stroke),
        line.from().x(),
        line.from().y(),
        line.to().x(),
        line.to().y());
  }
}

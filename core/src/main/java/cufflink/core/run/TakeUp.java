package cufflink.core.run;

import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How a piece that was laid aside is taken up again: the words say which way round it lies by
 * something that is on it by then, its pencil dot or a score.
 */
final class TakeUp {
  private TakeUp() {}

  /**
   * Says how a scored piece is to lie.
   *
   * @param run the scoring of the piece, which is done
   * @param lie how it is to lie
   * @return a sentence that leaves no choice, but between ways of lying that are the same
   */
  static Message words(ScoreRun run, Lie lie) {
    Piece piece = run.piece();
    Message face = Directions.face(lie.up());
    if (ScoreJob.needsDot(run)) {
      Point corner = lie.apply(piece, new Point(Length.ZERO, Length.ZERO));
      boolean top = corner.y().equals(Length.ZERO);
      boolean left = corner.x().equals(Length.ZERO);
      String key =
          top
              ? left ? "corner.top-left" : "corner.top-right"
              : left ? "corner.bottom-left" : "corner.bottom-right";
      return Message.of(
          "make.take-dot", piece.label(), face, lie.along(piece), Message.of(key), dotted(lie));
    }
    return telling(run, lie)
        .map(score -> Message.of("make.take-score", piece.label(), face, lie.along(piece), score))
        .orElseGet(() -> Message.of("score.lay-piece", lie.along(piece), face, piece.label()));
  }

  private static Message dotted(Lie lie) {
    return Message.of(lie.up() == Face.INSIDE ? "score.dot-up" : "score.dot-below");
  }

  /** A score that lies elsewhere when the piece lies otherwise; any, if none does. */
  private static Optional<Message> telling(ScoreRun run, Lie lie) {
    Piece piece = run.piece();
    List<Segment> lines = strokes(run);
    List<Lie> others = new ArrayList<>();
    for (Side side : List.of(Side.TOP, Side.RIGHT, Side.BOTTOM, Side.LEFT)) {
      Lie other = new Lie(lie.up(), side);
      if (!other.equals(lie) && other.along(piece).equals(lie.along(piece))) {
        others.add(other);
      }
    }
    return lines.stream()
        .filter(
            line -> others.stream().noneMatch(other -> isOn(run, other, lie.apply(piece, line))))
        .findFirst()
        .or(() -> lines.stream().findFirst())
        .map(line -> Directions.where(piece, lie, line));
  }

  private static List<Segment> strokes(ScoreRun run) {
    List<Segment> lines = new ArrayList<>();
    for (ScoreRun.Setup setup : run.setups()) {
      setup.stops().forEach(stop -> lines.add(stop.stroke().line()));
      setup.ruled().forEach(stroke -> lines.add(stroke.line()));
    }
    return lines;
  }

  private static boolean isOn(ScoreRun run, Lie lie, Segment line) {
    return strokes(run).stream()
        .map(each -> lie.apply(run.piece(), each))
        .anyMatch(
            each ->
                each.from().equals(line.from()) && each.to().equals(line.to())
                    || each.from().equals(line.to()) && each.to().equals(line.from()));
  }
}

package cufflink.core.run;

import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.measure.Tolerance;
import cufflink.core.measure.Tolerances;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BiPredicate;

/**
 * One movement of the scoring tool: all scores that follow each other on one line. They may fold
 * either way, but are pressed from one face.
 *
 * @param line from end to end, as the piece is described
 * @param parts the scores on it, the longest first
 */
public record Stroke(Segment line, List<Score> parts) {
  /** Copies the list. */
  public Stroke {
    parts = List.copyOf(parts);
  }

  /**
   * Returns the score that decides from which face the line is pressed.
   *
   * @return the longest part, or the first of the longest
   */
  public Score main() {
    return parts.get(0);
  }

  /**
   * Returns the face that lies up.
   *
   * @param habit how the maker scores
   * @return the face that the longest part asks for
   */
  public Face faceUp(ScoringHabit habit) {
    return habit.faceUp(main().fold());
  }

  /**
   * Returns what is folded against the maker's habit, since it is pressed from the other face.
   *
   * @return the parts that fold the other way than the longest
   */
  public List<Score> against() {
    return parts.stream().filter(part -> part.fold() != main().fold()).toList();
  }

  /**
   * Says whether the line runs neither along nor across the piece.
   *
   * @return true if it is drawn along a rule
   */
  public boolean isSlanted() {
    return !line.isVertical() && !line.isLevel();
  }

  /**
   * Finds the strokes that make the scores of a piece.
   *
   * @param piece the piece
   * @return the strokes, in the order of their first scores
   */
  public static List<Stroke> of(Piece piece) {
    return of(piece, Tolerances.USUAL.folded());
  }

  /** Finds the strokes, where lines may bend by as little as rounding leaves. */
  static List<Stroke> of(Piece piece, Tolerance near) {
    return joined(piece.scores(), (a, b) -> follows(a, b, near));
  }

  /**
   * Finds the lines along which a piece is folded.
   *
   * @param piece the piece
   * @return what is folded one way in one movement, in the order of the first scores
   */
  static List<Stroke> creases(Piece piece) {
    Tolerance near = Tolerances.USUAL.folded();
    return joined(
        piece.scores().stream().filter(Score::folds).toList(),
        (a, b) -> a.fold() == b.fold() && follows(a, b, near));
  }

  private static List<Stroke> joined(List<Score> scores, BiPredicate<Score, Score> follows) {
    List<List<Score>> strokes = new ArrayList<>();
    for (Score score : scores) {
      List<Score> joined = new ArrayList<>(List.of(score));
      strokes.removeIf(
          stroke ->
              stroke.stream().anyMatch(part -> follows.test(part, score)) && joined.addAll(stroke));
      strokes.add(joined);
    }
    return strokes.stream()
        .sorted(Comparator.comparingInt(stroke -> first(scores, stroke)))
        .map(Stroke::joined)
        .toList();
  }

  private static int first(List<Score> scores, List<Score> stroke) {
    return stroke.stream().mapToInt(scores::indexOf).min().orElse(0);
  }

  private static boolean follows(Score a, Score b, Tolerance near) {
    boolean alike = (a.fold() == Fold.DECORATIVE) == (b.fold() == Fold.DECORATIVE);
    return alike && isOneLine(a.line(), b.line(), near) && touch(a.line(), b.line(), near);
  }

  private static boolean isOneLine(Segment a, Segment b, Tolerance near) {
    return isOn(a, b.from(), near)
        && isOn(a, b.to(), near)
        && isOn(b, a.from(), near)
        && isOn(b, a.to(), near);
  }

  /** Places are rounded to an eighth of a micrometre each, so a line may bend by very little. */
  private static boolean isOn(Segment line, Point point, Tolerance near) {
    double across = across(line.from(), line.to(), point);
    return Math.abs(across) <= near.length() * line.millimetres();
  }

  private static double across(Point from, Point to, Point point) {
    double x = to.x().minus(from.x()).toMillimetres();
    double y = to.y().minus(from.y()).toMillimetres();
    double left = point.x().minus(from.x()).toMillimetres();
    double down = point.y().minus(from.y()).toMillimetres();
    return x * down - y * left;
  }

  private static boolean touch(Segment a, Segment b, Tolerance tolerance) {
    double first = along(a, b.from());
    double last = along(a, b.to());
    double near = tolerance.length();
    return Math.max(first, last) >= -near && Math.min(first, last) <= a.millimetres() + near;
  }

  /** How far a place lies along a line from its beginning, millimetres. */
  private static double along(Segment line, Point point) {
    double x = line.to().x().minus(line.from().x()).toMillimetres();
    double y = line.to().y().minus(line.from().y()).toMillimetres();
    double left = point.x().minus(line.from().x()).toMillimetres();
    double down = point.y().minus(line.from().y()).toMillimetres();
    return (x * left + y * down) / Math.hypot(x, y);
  }

  private static Stroke joined(List<Score> scores) {
    List<Score> parts = new ArrayList<>(scores);
    parts.sort(Comparator.comparingDouble(part -> -part.line().millimetres()));
    Segment longest = parts.get(0).line();
    List<Point> ends =
        parts.stream()
            .flatMap(part -> List.of(part.line().from(), part.line().to()).stream())
            .sorted(Comparator.comparingDouble(point -> along(longest, point)))
            .toList();
    return new Stroke(new Segment(ends.get(0), ends.get(ends.size() - 1)), parts);
  }
}

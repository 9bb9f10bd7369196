package cufflink.core.run;

import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How to score one piece: lay it so, score at these stops, turn it, go on.
 *
 * @param piece the piece
 * @param setups how it lies, one after another
 */
public record ScoreRun(Piece piece, List<Setup> setups) {
  /**
   * The piece lying on the board in one way.
   *
   * @param lie how it lies
   * @param stops where to score from the fence, nearest first
   * @param ruled what is drawn along a rule between two marks
   */
  public record Setup(Lie lie, List<Stop> stops, List<Stroke> ruled) {
    /** Copies the lists. */
    public Setup {
      stops = List.copyOf(stops);
      ruled = List.copyOf(ruled);
    }

    /**
     * Says whether a score is made at a stop of this setting.
     *
     * @param score the score
     * @return true if it is part of a line scored at a stop
     */
    public boolean scores(Score score) {
      return stops.stream().anyMatch(stop -> stop.stroke().parts().contains(score));
    }
  }

  /**
   * One place to score.
   *
   * @param stroke what is scored
   * @param at the distance from the fence as the piece lies
   * @param from where the line starts, down from the top edge as the piece lies
   * @param to where it ends
   * @param stopsShort whether it does not run from edge to edge
   */
  public record Stop(Stroke stroke, Length at, Length from, Length to, boolean stopsShort) {}

  /** Copies the list. */
  public ScoreRun {
    setups = List.copyOf(setups);
  }

  /**
   * Plans the scoring of a piece. It is turned over once at most, and a quarter once on either
   * face.
   *
   * @param piece the piece
   * @param habit how the maker scores
   * @return the run; without setups if the piece has no scores
   */
  public static ScoreRun of(Piece piece, ScoringHabit habit) {
    List<Stroke> strokes = Stroke.of(piece);
    List<Setup> setups = new ArrayList<>();
    for (Face face : Face.values()) {
      List<Stroke> here = strokes.stream().filter(each -> each.faceUp(habit) == face).toList();
      if (!here.isEmpty()) {
        addFace(setups, piece, here, habit);
      }
    }
    return new ScoreRun(piece, setups);
  }

  /** What runs along the side that already lies on top comes first, what is ruled last. */
  private static void addFace(
      List<Setup> setups, Piece piece, List<Stroke> strokes, ScoringHabit habit) {
    Face face = strokes.get(0).faceUp(habit);
    Hand hand = habit.hand();
    Lie first =
        setups.isEmpty()
            ? atFence(piece, new Lie(face, Lie.DESCRIBED.top()), strokes, hand)
            : last(setups).lie().over();
    int before = setups.size();
    addStops(setups, piece, first, strokes, hand);
    Lie second = hand.quarter(first);
    addStops(
        setups,
        piece,
        setups.isEmpty() ? atFence(piece, second, strokes, hand) : second,
        strokes,
        hand);
    List<Stroke> ruled = strokes.stream().filter(Stroke::isSlanted).toList();
    if (ruled.isEmpty()) {
      return;
    }
    if (setups.size() == before) {
      setups.add(new Setup(first, List.of(), ruled));
    } else {
      Setup last = setups.remove(setups.size() - 1);
      setups.add(new Setup(last.lie(), last.stops(), ruled));
    }
  }

  /**
   * A blank may first lie with either of two edges on top. It lies so that stops are the numbers
   * with which the piece is described; where they are the same either way it is turned least.
   */
  private static Lie atFence(Piece piece, Lie lie, List<Stroke> strokes, Hand hand) {
    Lie round = lie.clockwise().clockwise();
    List<Length> places = places(piece, lie, strokes, hand);
    if (!places.isEmpty() && places.equals(places(piece, round, strokes, hand))) {
      return lie;
    }
    Length corner = lie.apply(piece, new Point(Length.ZERO, Length.ZERO)).x();
    Length fence = hand == Hand.RIGHT ? Length.ZERO : lie.along(piece);
    return corner.equals(fence) ? lie : round;
  }

  private static List<Length> places(Piece piece, Lie lie, List<Stroke> strokes, Hand hand) {
    return strokes.stream()
        .filter(stroke -> lie.apply(piece, stroke.line()).isVertical())
        .map(stroke -> stop(piece, lie, stroke, hand).at())
        .sorted()
        .toList();
  }

  private static void addStops(
      List<Setup> setups, Piece piece, Lie lie, List<Stroke> strokes, Hand hand) {
    List<Stop> stops =
        strokes.stream()
            .filter(stroke -> lie.apply(piece, stroke.line()).isVertical())
            .map(stroke -> stop(piece, lie, stroke, hand))
            .sorted(Comparator.comparing(Stop::at).thenComparing(Stop::from))
            .toList();
    if (!stops.isEmpty()) {
      setups.add(new Setup(lie, stops, List.of()));
    }
  }

  private static Setup last(List<Setup> setups) {
    return setups.get(setups.size() - 1);
  }

  private static Stop stop(Piece piece, Lie lie, Stroke stroke, Hand hand) {
    Segment line = lie.apply(piece, stroke.line());
    Length fromLeft = line.from().x();
    Length at = hand == Hand.RIGHT ? fromLeft : lie.along(piece).minus(fromLeft);
    Length top = line.from().y().min(line.to().y());
    Length bottom = line.from().y().max(line.to().y());
    boolean stopsShort = top.isPositive() || bottom.compareTo(lie.deep(piece)) < 0;
    return new Stop(stroke, at, top, bottom, stopsShort);
  }
}

package cufflink.core.run;

import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * How to score one piece: lay it so, score at these stops, turn it, go on.
 *
 * @param piece the piece
 * @param setups how it lies, one after another
 * @param slanted the scores that run neither along nor across, marked by their ends
 */
public record ScoreRun(Piece piece, List<Setup> setups, List<Score> slanted) {

  /** Which side lies along the top of the board. */
  public enum Side {
    /** The width, as the piece is described. */
    WIDTH,
    /** The height: the piece is turned a quarter to the left, its top edge to the left. */
    HEIGHT
  }

  /**
   * The piece lying on the board in one way.
   *
   * <p>To lay the outside up the piece is turned over about the line that keeps its left edge left,
   * so that stops are the same on both faces.
   *
   * @param side the side along the top
   * @param faceUp the face that lies up
   * @param stops where to score, from left to right
   */
  public record Setup(Side side, Face faceUp, List<Stop> stops) {
    /** Copies the stops. */
    public Setup {
      stops = List.copyOf(stops);
    }
  }

  /**
   * One place to score.
   *
   * @param score the score
   * @param at the distance from the left edge as the piece lies
   * @param from where the score starts, down from the top edge as the piece lies
   * @param to where it ends
   * @param stopsShort whether it does not run from edge to edge
   */
  public record Stop(Score score, Length at, Length from, Length to, boolean stopsShort) {}

  /** Copies the lists. */
  public ScoreRun {
    setups = List.copyOf(setups);
    slanted = List.copyOf(slanted);
  }

  /**
   * Plans the scoring of a piece.
   *
   * @param piece the piece
   * @param habit how the maker scores
   * @return the run; without setups if the piece has no scores
   */
  public static ScoreRun of(Piece piece, ScoringHabit habit) {
    Map<Integer, Setup> setups = new TreeMap<>();
    List<Score> slanted = new ArrayList<>();
    for (Score score : piece.scores()) {
      boolean upright = score.line().isVertical();
      if (!upright && !score.line().isLevel()) {
        slanted.add(score);
        continue;
      }
      Side side = upright ? Side.WIDTH : Side.HEIGHT;
      Face face = habit.faceUp(score.fold());
      int order = 2 * side.ordinal() + face.ordinal();
      Setup setup = setups.getOrDefault(order, new Setup(side, face, List.of()));
      List<Stop> stops = new ArrayList<>(setup.stops());
      stops.add(stop(piece, score, side, face));
      stops.sort(Comparator.comparing(Stop::at).thenComparing(Stop::from));
      setups.put(order, new Setup(side, face, stops));
    }
    return new ScoreRun(piece, List.copyOf(setups.values()), slanted);
  }

  private static Stop stop(Piece piece, Score score, Side side, Face face) {
    boolean upright = side == Side.WIDTH;
    var from = score.line().from();
    var to = score.line().to();
    Length depth = upright ? piece.height() : piece.width();
    // The quarter turn to the left takes the right edge to the top; turning over swaps top and
    // foot.
    boolean fromFoot = upright == (face == Face.OUTSIDE);
    Length start = upright ? from.y() : from.x();
    Length end = upright ? to.y() : to.x();
    Length first = fromFoot ? depth.minus(start) : start;
    Length last = fromFoot ? depth.minus(end) : end;
    Length top = first.min(last);
    Length bottom = first.max(last);
    boolean stopsShort = top.isPositive() || bottom.compareTo(depth) < 0;
    return new Stop(score, upright ? from.x() : from.y(), top, bottom, stopsShort);
  }
}

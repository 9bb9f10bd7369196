package cufflink.core.run;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.run.ScoreRun.Setup;
import cufflink.core.run.ScoreRun.Stop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The scoring of a whole job: what has the same stops is scored together, all copies of it.
 *
 * @param batches what is scored together, one after another
 */
public record ScoreJob(List<Batch> batches) {
  /**
   * Pieces that are scored at the same stops.
   *
   * @param stops the places from the left, in order
   * @param items what is scored there
   */
  public record Batch(List<Length> stops, List<Item> items) {
    /** Copies the lists. */
    public Batch {
      stops = List.copyOf(stops);
      items = List.copyOf(items);
    }
  }

  /**
   * A piece lying on the board in one way.
   *
   * @param run the scoring of the piece
   * @param setup the way it lies
   * @param count how many of it, all copies together
   * @param dot where a dot in the piece's top left corner lies now, if one is needed to tell its
   *     ends apart
   */
  public record Item(ScoreRun run, Setup setup, int count, Optional<Dot> dot) {}

  /**
   * Where a pencil dot lies that is drawn in the top left corner of the inside, as the piece is
   * described.
   *
   * @param top whether at the top now, and not at the foot
   * @param left whether at the left now, and not at the right
   * @param faceUp whether on the face that is up
   * @param isFirst whether it is drawn now
   */
  public record Dot(boolean top, boolean left, boolean faceUp, boolean isFirst) {
    static Dot of(Piece piece, Lie lie, boolean isFirst) {
      Point corner = lie.apply(piece, new Point(Length.ZERO, Length.ZERO));
      return new Dot(
          corner.y().equals(Length.ZERO),
          corner.x().equals(Length.ZERO),
          lie.up() == Face.INSIDE,
          isFirst);
    }
  }

  /** Copies the list. */
  public ScoreJob {
    batches = List.copyOf(batches);
  }

  /**
   * Plans the scoring of a job.
   *
   * @param runs the scoring of each piece
   * @param copies how many cards, above zero
   * @return the plan; pieces that are turned come up again at each of their settings
   */
  public static ScoreJob of(List<ScoreRun> runs, int copies) {
    List<Item> items = new ArrayList<>();
    for (ScoreRun run : runs) {
      int count = run.piece().total(copies);
      boolean dotted = needsDot(run);
      for (Setup setup : run.setups()) {
        boolean isFirst = setup == run.setups().get(0);
        Optional<Dot> dot =
            dotted ? Optional.of(Dot.of(run.piece(), setup.lie(), isFirst)) : Optional.empty();
        items.add(new Item(run, setup, count, dot));
      }
    }
    return new ScoreJob(Batches.of(items));
  }

  /**
   * A blank rectangle turned end for end is the same piece as long as it is worked on once; when it
   * is laid again, its ends must be told apart if what is done both times is not symmetric.
   */
  static boolean needsDot(ScoreRun run) {
    long lopsided = run.setups().stream().filter(setup -> !isSymmetric(run, setup)).count();
    boolean cutsToo = !Symmetry.isEndForEnd(run.piece(), Symmetry.cuts(run.piece()));
    return lopsided + (cutsToo ? 1 : 0) > 1;
  }

  private static boolean isSymmetric(ScoreRun run, Setup setup) {
    List<Segment> lines =
        Stream.concat(setup.stops().stream().map(Stop::stroke), setup.ruled().stream())
            .map(Stroke::line)
            .toList();
    return Symmetry.isEndForEnd(run.piece(), lines);
  }

  /**
   * Returns how often a line must be gone over: once, and once more for each layer that is glued
   * over it before, since a score does not reach through laminated paper.
   *
   * @param design the card
   * @param piece the piece
   * @param stroke the line
   * @return a number from 1 up; common practice, no source
   */
  public static int passes(Design design, Piece piece, Stroke stroke) {
    Segment line = stroke.line();
    long over =
        design.layers().stream()
            .filter(layer -> layer.on().equals(piece.id()))
            .filter(layer -> covers(layer, line))
            .count();
    return Math.toIntExact(1 + over);
  }

  private static boolean covers(Layer layer, Segment line) {
    Length left = line.from().x().min(line.to().x());
    Length right = line.from().x().max(line.to().x());
    Length top = line.from().y().min(line.to().y());
    Length bottom = line.from().y().max(line.to().y());
    return layer.at().x().compareTo(right) < 0
        && left.compareTo(layer.right()) < 0
        && layer.at().y().compareTo(bottom) < 0
        && top.compareTo(layer.bottom()) < 0;
  }
}

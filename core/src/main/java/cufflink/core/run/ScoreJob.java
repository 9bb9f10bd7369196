package cufflink.core.run;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.measure.Length;
import cufflink.core.plane.Segment;
import cufflink.core.run.ScoreRun.Setup;
import cufflink.core.run.ScoreRun.Stop;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The scoring of a whole job: what has the same stops is scored together, all copies of it.
 *
 * @param batches what is scored together, one after another
 * @param slanted the scores that are drawn between two marks, with their pieces
 */
public record ScoreJob(List<Batch> batches, List<Slanted> slanted) {
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
   * Where a pencil dot lies.
   *
   * @param top whether at the top, and not at the foot
   * @param faceUp whether on the face that is up
   * @param isFirst whether it is drawn now
   */
  public record Dot(boolean top, boolean faceUp, boolean isFirst) {}

  /**
   * A score that runs neither along nor across.
   *
   * @param piece its piece
   * @param score the score
   * @param faceUp the face that lies up
   * @param count how many pieces, all copies together
   */
  public record Slanted(Piece piece, Score score, Face faceUp, int count) {}

  /** Copies the lists. */
  public ScoreJob {
    batches = List.copyOf(batches);
    slanted = List.copyOf(slanted);
  }

  /**
   * Plans the scoring of a job.
   *
   * @param runs the scoring of each piece
   * @param habit how the maker scores
   * @param copies how many cards, above zero
   * @return the plan; pieces that are turned come up again at each of their settings
   */
  public static ScoreJob of(List<ScoreRun> runs, ScoringHabit habit, int copies) {
    Map<List<Length>, List<Item>> items = new LinkedHashMap<>();
    List<Slanted> slanted = new ArrayList<>();
    for (ScoreRun run : runs) {
      int count = Math.multiplyExact(run.piece().count(), copies);
      boolean dotted = needsDot(run);
      for (Setup setup : run.setups()) {
        List<Length> stops = setup.stops().stream().map(Stop::at).distinct().toList();
        boolean isFirst = setup == run.setups().get(0);
        Optional<Dot> dot = dotted ? Optional.of(dot(setup, isFirst)) : Optional.empty();
        items
            .computeIfAbsent(stops, each -> new ArrayList<>())
            .add(new Item(run, setup, count, dot));
      }
      for (Score score : run.slanted()) {
        slanted.add(new Slanted(run.piece(), score, habit.faceUp(score.fold()), count));
      }
    }
    List<Batch> batches = new ArrayList<>();
    items.forEach((stops, together) -> batches.add(new Batch(stops, together)));
    batches.sort(Comparator.comparingInt(batch -> order(batch.items())));
    return new ScoreJob(batches, slanted);
  }

  /** A piece is scored on its width before it is turned, so a batch waits for its last turning. */
  private static int order(List<Item> items) {
    return items.stream()
        .mapToInt(item -> item.run().setups().indexOf(item.setup()))
        .max()
        .orElse(0);
  }

  /**
   * A blank rectangle turned end for end is the same piece as long as it is scored once; when it is
   * laid again, its ends must be told apart if the stops of both times are not symmetric.
   */
  private static boolean needsDot(ScoreRun run) {
    return run.setups().stream().filter(setup -> !isSymmetric(run.piece(), setup)).count() > 1;
  }

  private static boolean isSymmetric(Piece piece, Setup setup) {
    boolean isWidth = setup.side() == ScoreRun.Side.WIDTH;
    Length along = isWidth ? piece.width() : piece.height();
    Length deep = isWidth ? piece.height() : piece.width();
    return setup.stops().stream()
        .allMatch(
            stop ->
                setup.stops().stream()
                    .anyMatch(
                        other ->
                            other.at().equals(along.minus(stop.at()))
                                && other.from().equals(deep.minus(stop.to()))
                                && other.to().equals(deep.minus(stop.from()))));
  }

  /** A dot in the top left corner goes to the foot by a quarter turn left, and by turning over. */
  private static Dot dot(Setup setup, boolean isFirst) {
    boolean turned = setup.side() == ScoreRun.Side.HEIGHT;
    boolean over = setup.faceUp() == Face.OUTSIDE;
    return new Dot(turned == over, !over, isFirst);
  }

  /**
   * Returns how often a score must be gone over: once, and once more for each layer that is glued
   * over it before, since a score does not reach through laminated paper.
   *
   * @param design the card
   * @param piece the piece
   * @param score the score
   * @return a number from 1 up; common practice, no source
   */
  public static int passes(Design design, Piece piece, Score score) {
    Segment line = score.line();
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

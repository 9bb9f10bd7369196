package cufflink.core.run;

import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Opening;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What the hands do with a piece once it is cut out: score it, cut it again, crease it. Whoever
 * obeys the moves one after another, knowing nothing of the design, ends with the piece.
 */
public final class Moves {
  private final Design design;
  private final ScoreRun run;
  private final Directions directions;
  private final int count;
  private final List<Move> moves = new ArrayList<>();

  private Moves(Design design, ScoreRun run, ScoringHabit habit, int copies) {
    this.design = design;
    this.run = run;
    this.directions = new Directions(habit);
    this.count = Math.multiplyExact(run.piece().count(), copies);
  }

  /**
   * Lists the moves of a job.
   *
   * @param design the card
   * @param habit how the maker scores
   * @param copies how many cards, above zero
   * @return the moves, piece by piece; a piece that is only cut out has none
   */
  public static List<Move> of(Design design, ScoringHabit habit, int copies) {
    return design.pieces().stream()
        .flatMap(
            piece -> new Moves(design, ScoreRun.of(piece, habit), habit, copies).ofPiece().stream())
        .toList();
  }

  private List<Move> ofPiece() {
    run.setups().forEach(this::score);
    List<SecondCut> cuts =
        SecondCut.of(design).stream().filter(cut -> cut.piece().equals(run.piece())).toList();
    List<Stroke> folds = Stroke.creases(run.piece());
    if (!cuts.isEmpty() || !folds.isEmpty()) {
      layAsDescribed();
      cuts.forEach(this::cut);
      folds.forEach(this::crease);
    }
    return moves;
  }

  private void score(ScoreRun.Setup setup) {
    int index = run.setups().indexOf(setup);
    Lie lie = setup.lie();
    if (index == 0) {
      moves.add(new Move.Lay(run.piece(), lie, count, counted(directions.lay(run, setup))));
    } else {
      turn(run.setups().get(index - 1).lie(), lie);
    }
    for (ScoreRun.Stop stop : setup.stops()) {
      press(lie, stop.stroke(), Optional.of(stop), directions.atStop(stop));
    }
    for (Stroke stroke : setup.ruled()) {
      press(lie, stroke, Optional.empty(), directions.ruled(run.piece(), lie, stroke));
    }
  }

  private Message counted(Message words) {
    return count == 1 ? words : Message.of("score.count", words, count);
  }

  private void press(Lie lie, Stroke stroke, Optional<ScoreRun.Stop> stop, Message words) {
    int passes = ScoreJob.passes(design, run.piece(), stroke);
    Segment line = lie.apply(run.piece(), stroke.line());
    Message whole = Message.of("list.sentence", directions.often(words, passes));
    moves.add(new Move.Press(stroke, line, stop, passes, whole));
  }

  private void turn(Lie from, Lie to) {
    Turning.between(from, to)
        .forEach(turning -> moves.add(new Move.Turn(turning, turning.said(run.piece()))));
  }

  /** What is cut and creased after scoring is told as the piece is described. */
  private void layAsDescribed() {
    if (run.setups().isEmpty()) {
      Message words = counted(directions.layForCutting(run));
      moves.add(new Move.Lay(run.piece(), Lie.DESCRIBED, count, words));
    } else {
      turn(run.setups().get(run.setups().size() - 1).lie(), Lie.DESCRIBED);
    }
  }

  private void cut(SecondCut cut) {
    Message words = cut.told();
    List<Point> path = cut.mark().path();
    Segment line = new Segment(path.get(0), path.get(path.size() - 1));
    moves.add(
        switch (cut.mark().kind()) {
          case SLIT -> new Move.Cut(cut.id(), line, true, words);
          case THROUGH, TRIM -> new Move.Cut(cut.id(), line, false, words);
          case OUTLINE -> new Move.CutOut(path, words);
          case OPENING -> new Move.Open(opening(cut), path, words);
        });
  }

  private static Opening opening(SecondCut cut) {
    return cut.piece().openings().stream()
        .filter(each -> each.id().equals(cut.id()))
        .findFirst()
        .orElseThrow();
  }

  private void crease(Stroke stroke) {
    boolean towards = stroke.main().fold() == Fold.VALLEY;
    Message words = directions.crease(run.piece(), stroke);
    moves.add(new Move.Crease(stroke, stroke.line(), towards, words));
  }
}

package cufflink.core.run;

import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
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
  private Optional<Folded> folded = Optional.empty();
  private boolean isDescribed;

  /** How the piece lies to be folded. */
  private Lie rests = Lie.DESCRIBED;

  private Moves(Design design, ScoreRun run, ScoringHabit habit, int copies) {
    this.design = design;
    this.run = run;
    this.directions = new Directions(habit);
    this.count = run.piece().total(copies);
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

  /**
   * Lists the moves of one piece.
   *
   * @param design the card
   * @param habit how the maker scores
   * @param copies how many cards, above zero
   * @param piece one of its pieces
   * @return its moves, none if it is only cut out
   */
  public static List<Move> of(Design design, ScoringHabit habit, int copies, Piece piece) {
    return new Moves(design, ScoreRun.of(piece, habit), habit, copies).ofPiece();
  }

  private List<Move> ofPiece() {
    run.setups().forEach(this::score);
    List<SecondCut> all = SecondCut.of(design);
    List<SecondCut> cuts =
        all.stream()
            .filter(cut -> cut.piece().equals(run.piece()) && cut.with().isEmpty())
            .filter(cut -> cut.flush().isEmpty())
            .toList();
    List<SecondCut> shared =
        all.stream().filter(cut -> cut.with().equals(Optional.of(run.piece()))).toList();
    List<Stroke> folds = Stroke.creases(run.piece());
    if (!shared.isEmpty()) {
      cutTogether(shared);
    }
    if (cuts.isEmpty() && !isDescribed && !run.setups().isEmpty() && !folds.isEmpty()) {
      // Only folded: it stays as it lies, its inside up.
      Lie last = run.setups().get(run.setups().size() - 1).lie();
      rests = last.up() == Lie.DESCRIBED.up() ? last : last.over();
      turn(last, rests);
      folds.forEach(this::crease);
    } else if (!cuts.isEmpty() || !folds.isEmpty()) {
      layAsDescribed();
      cuts.forEach(this::cut);
      lieFolded(Optional.empty());
      folds.forEach(this::crease);
    }
    trimFlush(all);
    return moves;
  }

  private void score(ScoreRun.Setup setup) {
    int index = run.setups().indexOf(setup);
    Lie lie = setup.lie();
    if (index == 0) {
      moves.add(laid(lie, Optional.empty(), counted(directions.lay(run, setup))));
      if (ScoreJob.needsDot(run)) {
        dot(lie);
      }
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

  private void dot(Lie lie) {
    Point corner = lie.apply(run.piece(), new Point(Length.ZERO, Length.ZERO));
    ScoreJob.Dot dot = ScoreJob.Dot.of(run.piece(), lie, true);
    moves.add(new Move.Dot(corner, dot.faceUp(), directions.dot(dot)));
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

  /** The piece is laid on the one it mirrors, turned over, and the same cuts serve both. */
  private void cutTogether(List<SecondCut> shared) {
    Lie over = Lie.DESCRIBED.over();
    if (run.setups().isEmpty()) {
      moves.add(laid(over, Optional.empty(), counted(directions.lay(run.piece(), over))));
    } else {
      turn(run.setups().get(run.setups().size() - 1).lie(), over);
    }
    Piece under = shared.get(0).piece();
    Message words = Message.of("cut.stack", under.label());
    moves.add(new Move.Stack(under, run.piece(), over, words));
    shared.forEach(this::cut);
    Message apart = Message.of("cut.apart", run.piece().label());
    Message turned = new Turning(Turning.Act.OVER, Lie.DESCRIBED).said(run.piece());
    moves.add(laid(Lie.DESCRIBED, Optional.empty(), apart.followedBy(turned)));
    isDescribed = true;
  }

  /** What is glued onto a paper and trimmed to its edge is so trimmed when all else is done. */
  private void trimFlush(List<SecondCut> all) {
    List<SecondCut> cuts =
        all.stream()
            .filter(cut -> cut.piece().equals(run.piece()) && cut.flush().isPresent())
            .toList();
    if (cuts.isEmpty()) {
      return;
    }
    if (moves.isEmpty()) {
      layAsDescribed();
    }
    Lie lie = cuts.get(0).flush().orElseThrow().lie();
    turn(rests, lie);
    Message words = cuts.get(0).flush().orElseThrow().words();
    for (SecondCut cut : cuts) {
      Segment line = lie.apply(run.piece(), trim(cut));
      Message told = words.followedBy(cut.done());
      moves.add(new Move.TrimTo(cut.flush().orElseThrow().id(), line, told));
      words = Message.NONE;
    }
  }

  private static Segment trim(SecondCut cut) {
    List<Point> path = cut.mark().path();
    return new Segment(path.get(0), path.get(path.size() - 1));
  }

  /** What is cut and creased after scoring is told as the piece is described. */
  private void layAsDescribed() {
    if (isDescribed) {
      return;
    }
    if (run.setups().isEmpty()) {
      Message words = counted(directions.layForCutting(run));
      moves.add(laid(Lie.DESCRIBED, Optional.empty(), words));
    } else {
      turn(run.setups().get(run.setups().size() - 1).lie(), Lie.DESCRIBED);
    }
  }

  private Move laid(Lie lie, Optional<Folded> folded, Message words) {
    return new Move.Lay(run.piece(), lie, count, folded, words);
  }

  /** Folds the piece for the next cut, or opens it again. */
  private void lieFolded(Optional<Folded> next) {
    if (!next.equals(folded)) {
      Message open = Message.of("fold.open-again");
      Message words =
          next.map(Folded::words)
              .map(each -> folded.isPresent() ? open.followedBy(each) : each)
              .orElse(open);
      folded = next;
      moves.add(laid(Lie.DESCRIBED, next, words));
    }
  }

  private void cut(SecondCut cut) {
    lieFolded(cut.folded());
    Message words = cut.done();
    List<Point> path = cut.mark().path();
    Segment flat = trim(cut);
    Segment line = folded.map(each -> each.kept(flat)).orElse(flat);
    moves.add(
        switch (cut.mark().kind()) {
          case SLIT -> new Move.Cut(cut.id(), line, true, isWide(cut), words);
          case THROUGH, TRIM -> new Move.Cut(cut.id(), line, false, false, words);
          case OUTLINE -> new Move.CutOut(path, words);
          case OPENING -> new Move.Open(opening(cut), path, words);
        });
  }

  private static boolean isWide(SecondCut cut) {
    return cut.piece().slits().stream().anyMatch(slit -> slit.id().equals(cut.id()) && slit.wide());
  }

  private static Opening opening(SecondCut cut) {
    return cut.piece().openings().stream()
        .filter(each -> each.id().equals(cut.id()))
        .findFirst()
        .orElseThrow();
  }

  private void crease(Stroke stroke) {
    boolean towards = stroke.main().fold() == Fold.VALLEY;
    Message words = directions.crease(run.piece(), rests, stroke);
    Segment line = rests.apply(run.piece(), stroke.line());
    moves.add(new Move.Crease(stroke, line, towards, words));
  }
}

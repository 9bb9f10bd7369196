package cufflink.core.make;

import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.make.Task.Phase;
import cufflink.core.run.Lie;
import cufflink.core.run.Move;
import cufflink.core.run.Moves;
import cufflink.core.run.ScoringHabit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The moves of one piece with one tool, before it is laid aside. */
record Bout(Phase phase, Piece piece, List<Move> moves) {
  /** What is done to a piece, divided where one tool is laid down for another. */
  static List<Bout> of(Design design, ScoringHabit habit, int copies, Piece piece) {
    List<Bout> bouts = new ArrayList<>();
    List<Move> waiting = new ArrayList<>();
    for (Move move : Moves.of(design, habit, copies, piece)) {
      Optional<Phase> phase = phase(move);
      Bout last = bouts.isEmpty() ? null : bouts.get(bouts.size() - 1);
      if (move instanceof Move.Lay && last != null && last.isStacked()) {
        // What lies on each other is taken apart before it is laid aside.
        last.moves().add(move);
        continue;
      }
      if (phase.isEmpty()) {
        waiting.add(move);
        continue;
      }
      if (last == null || last.phase() != phase.get()) {
        last = new Bout(phase.get(), piece, new ArrayList<>());
        bouts.add(last);
      }
      last.moves().addAll(waiting);
      last.moves().add(move);
      waiting.clear();
    }
    return bouts;
  }

  private boolean isStacked() {
    return moves.stream().anyMatch(move -> move instanceof Move.Stack);
  }

  private static Optional<Phase> phase(Move move) {
    if (move instanceof Move.Press || move instanceof Move.Dot) {
      return Optional.of(Phase.SCORE);
    }
    if (move instanceof Move.Crease) {
      return Optional.of(Phase.CREASE);
    }
    boolean lies = move instanceof Move.Lay || move instanceof Move.Turn;
    return lies ? Optional.empty() : Optional.of(Phase.SECOND_CUT);
  }

  /** How the piece lies once it has been turned for this. */
  Lie lie(Design design, ScoringHabit habit, int copies) {
    Lie lie = Lie.DESCRIBED;
    for (Move move : Moves.of(design, habit, copies, piece)) {
      if (move instanceof Move.Lay lay) {
        lie = lay.lie();
      } else if (move instanceof Move.Turn turn) {
        lie = turn.turning().then();
      } else if (moves.contains(move)) {
        return lie;
      }
    }
    return lie;
  }
}

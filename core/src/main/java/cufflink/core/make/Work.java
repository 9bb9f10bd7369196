package cufflink.core.make;

import cufflink.core.card.StageOrder;
import cufflink.core.cut.TrimStep;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Stage;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.make.Task.Phase;
import cufflink.core.make.Task.Shown;
import cufflink.core.measure.Length;
import cufflink.core.plane.Side;
import cufflink.core.run.Directions;
import cufflink.core.run.Gluing;
import cufflink.core.run.Lie;
import cufflink.core.run.Move;
import cufflink.core.run.Moves;
import cufflink.core.run.ScoreRun;
import cufflink.core.run.Stroke;
import cufflink.core.run.TrimDirections;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A whole job as one run of tasks.
 *
 * @param tasks the tasks in their order
 */
public record Work(List<Task> tasks) {
  /**
   * How long a move takes once, in seconds: our guess, until a maker's own times are known. Common
   * practice, no source.
   */
  private static final Map<Phase, Double> SECONDS = seconds();

  private static final double TURNING = 4;
  private static final double MINUTE = 60;

  /** Copies the list. */
  public Work {
    tasks = List.copyOf(tasks);
  }

  private static Map<Phase, Double> seconds() {
    Map<Phase, Double> seconds = new EnumMap<>(Phase.class);
    seconds.put(Phase.CUT, 25.0);
    seconds.put(Phase.SCORE, 10.0);
    seconds.put(Phase.SECOND_CUT, 30.0);
    seconds.put(Phase.CREASE, 8.0);
    seconds.put(Phase.LAYER, 40.0);
    seconds.put(Phase.ASSEMBLE, 60.0);
    seconds.put(Phase.FOLD, 15.0);
    seconds.put(Phase.FILL, 20.0);
    seconds.put(Phase.INSPECT, 20.0);
    return seconds;
  }

  /**
   * Orders a job.
   *
   * @param design the card
   * @param job how many, and how the maker scores
   * @param plans how its papers are cut
   * @param school in which order the maker works
   * @return the run
   */
  public static Work of(Design design, Job job, List<PaperPlan> plans, School school) {
    Work.Builder builder = new Builder(design, job);
    plans.forEach(builder::cut);
    builder.pieces(school);
    design.layers().forEach(builder::layer);
    List<Stage> stages =
        new ArrayList<>(StageOrder.of(design).stream().filter(Stage::isFolding).toList());
    for (Joint joint : design.joints()) {
      // What is glued on is folded first.
      for (Stage stage : List.copyOf(stages)) {
        boolean first = stage.piece().equals(joint.piece()) && !joint.piece().equals(joint.on());
        if (first && !stage.piece().equals(design.base().id())) {
          builder.stage(stage, Phase.ASSEMBLE);
          stages.remove(stage);
        }
      }
      builder.joint(joint);
    }
    stages.forEach(stage -> builder.stage(stage, Phase.FOLD));
    builder.end();
    return new Work(builder.tasks);
  }

  /**
   * Returns about how long it takes.
   *
   * @return whole minutes, one at the least
   */
  public int minutes() {
    double seconds = tasks.stream().mapToDouble(Task::all).sum();
    return (int) Math.max(1, Math.ceil(seconds / MINUTE));
  }

  /**
   * Returns the first task that is not done.
   *
   * @param done says which are, by their ids
   * @return its place, the number of tasks if all are done
   */
  public int next(Set<String> done) {
    int next = 0;
    while (next < tasks.size() && done.contains(tasks.get(next).id())) {
      next++;
    }
    return next;
  }

  /** Takes the tasks down one after another. */
  private static final class Builder {
    private final Design design;
    private final Job job;
    private final int copies;
    private final Directions directions;
    private final List<Task> tasks = new ArrayList<>();
    private final Map<String, Integer> numbers = new HashMap<>();

    /** How the paper lies that the next task is about. */
    private Optional<Shown> shown = Optional.empty();

    /** The moves of one piece with one tool. */
    private record Bout(Phase phase, Piece piece, List<Move> moves) {}

    Builder(Design design, Job job) {
      this.design = design;
      this.job = job;
      this.copies = job.order().copies();
      this.directions = new Directions(job.habit());
    }

    private void add(Phase phase, String piece, int count, Message words, Optional<Length> number) {
      add(phase, piece, count, words, number, SECONDS.get(phase));
    }

    private void add(
        Phase phase,
        String piece,
        int count,
        Message words,
        Optional<Length> number,
        double seconds) {
      String kind = phase.name().toLowerCase(Locale.ROOT).replace('_', '-');
      String about = piece.isEmpty() ? kind : kind + " " + piece;
      int nth = numbers.merge(about, 1, Integer::sum);
      tasks.add(new Task(about + " " + nth, phase, piece, count, words, number, shown, seconds));
    }

    void cut(PaperPlan plan) {
      for (TrimStep step : plan.run().steps()) {
        Move move = TrimDirections.move(step, job.habit().hand());
        add(Phase.CUT, plan.role().id(), 1, move.words(), Optional.of(step.fence()));
      }
    }

    void pieces(School school) {
      List<Bout> bouts = new ArrayList<>();
      for (Piece piece : design.pieces()) {
        bouts.addAll(bouts(piece));
      }
      if (school == School.BY_TOOL) {
        bouts.sort(Comparator.comparing(Bout::phase));
      }
      Piece before = null;
      for (Bout bout : bouts) {
        bout(bout, before == bout.piece(), school);
        before = bout.piece();
      }
    }

    /** What is done to a piece, divided where one tool is laid down for another. */
    private List<Bout> bouts(Piece piece) {
      List<Bout> bouts = new ArrayList<>();
      List<Move> waiting = new ArrayList<>();
      for (Move move : Moves.of(design, job.habit(), copies, piece)) {
        Optional<Phase> phase = phase(move);
        Bout last = bouts.isEmpty() ? null : bouts.get(bouts.size() - 1);
        if (move instanceof Move.Lay && last != null && isStacked(last)) {
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

    private static boolean isStacked(Bout bout) {
      return bout.moves().stream().anyMatch(move -> move instanceof Move.Stack);
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

    /** A piece that was laid aside is taken up as it has to lie, not turned from where it was. */
    private void bout(Bout bout, boolean isAtHand, School school) {
      List<Move> moves = new ArrayList<>(bout.moves());
      Piece piece = bout.piece();
      int count = piece.count() * copies;
      if (!isAtHand && !(moves.get(0) instanceof Move.Lay)) {
        Lie lie = lie(bout);
        while (moves.get(0) instanceof Move.Turn) {
          moves.remove(0);
        }
        takeUp(bout.phase(), piece, lie);
      }
      Lie now = lie(bout);
      for (Move move : moves) {
        now = after(now, move);
        shown = Optional.of(new Shown(piece.id(), now, lines(move)));
        if (move instanceof Move.Stack stack && school == School.BY_TOOL) {
          takeUp(bout.phase(), stack.under(), Lie.DESCRIBED);
        }
        boolean turns = move instanceof Move.Turn || move instanceof Move.Lay;
        double seconds = turns ? TURNING : SECONDS.get(bout.phase()) * passes(move);
        add(bout.phase(), piece.id(), count, move.words(), number(move), seconds);
      }
    }

    private static Lie after(Lie lie, Move move) {
      if (move instanceof Move.Lay lay) {
        return lay.lie();
      }
      return move instanceof Move.Turn turn ? turn.turning().then() : lie;
    }

    private static Set<String> lines(Move move) {
      if (move instanceof Move.Press press) {
        return ids(press.stroke());
      }
      if (move instanceof Move.Crease crease) {
        return ids(crease.stroke());
      }
      if (move instanceof Move.Open open) {
        return Set.of(open.opening().id());
      }
      return move instanceof Move.Cut cut && !cut.id().isEmpty() ? Set.of(cut.id()) : Set.of();
    }

    private static Set<String> ids(Stroke stroke) {
      return stroke.parts().stream().map(Score::id).collect(Collectors.toSet());
    }

    private void takeUp(Phase phase, Piece piece, Lie lie) {
      shown = Optional.of(new Shown(piece.id(), lie, Set.of()));
      Message words = directions.takeUp(ScoreRun.of(piece, job.habit()), lie);
      add(phase, piece.id(), piece.count() * copies, words, Optional.empty(), TURNING);
    }

    /** How a piece lies once it has been turned for a bout. */
    private Lie lie(Bout bout) {
      Lie lie = Lie.DESCRIBED;
      for (Move move : Moves.of(design, job.habit(), copies, bout.piece())) {
        if (move instanceof Move.Lay lay) {
          lie = lay.lie();
        } else if (move instanceof Move.Turn turn) {
          lie = turn.turning().then();
        } else if (bout.moves().contains(move)) {
          return lie;
        }
      }
      return lie;
    }

    private static int passes(Move move) {
      return move instanceof Move.Press press ? press.passes() : 1;
    }

    private static Optional<Length> number(Move move) {
      return move instanceof Move.Press press
          ? press.stop().map(ScoreRun.Stop::at)
          : Optional.empty();
    }

    void layer(Layer layer) {
      shown = onFace(layer.on(), layer.face(), layer.id());
      int count = copies * design.piece(layer.on()).map(Piece::count).orElse(1);
      Message words = Message.of("make.layer", Gluing.of(layer, design, job.order().raised()));
      add(Phase.LAYER, layer.on(), count, words, Optional.empty());
    }

    void joint(Joint joint) {
      shown = onFace(joint.on(), joint.face(), joint.id());
      String key = joint.movement().isFast() ? "make.joint" : "make.loose";
      Message words = Message.of(key, Gluing.of(joint, design));
      add(Phase.ASSEMBLE, joint.piece(), copies, words, Optional.empty());
    }

    private static Optional<Shown> onFace(String piece, Face face, String line) {
      return Optional.of(new Shown(piece, new Lie(face, Side.TOP), Set.of(line)));
    }

    void stage(Stage stage, Phase phase) {
      shown = Optional.empty();
      Message words = Message.of("make.stage", stage.title());
      add(phase, stage.piece(), copies, words, Optional.empty());
    }

    void end() {
      shown = Optional.empty();
      job.item()
          .ifPresent(
              item ->
                  add(
                      Phase.FILL,
                      "",
                      copies,
                      Message.of("make.fill", item.label()),
                      Optional.empty()));
      add(Phase.INSPECT, "", copies, Message.of("make.inspect"), Optional.empty());
    }
  }
}

package cufflink.core.make;

import cufflink.core.cut.CutSheet;
import cufflink.core.cut.Layout;
import cufflink.core.cut.Part;
import cufflink.core.cut.Stock;
import cufflink.core.cut.TrimStep;
import cufflink.core.decor.Treated;
import cufflink.core.decor.Treatment;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Stage;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.PaperPlan;
import cufflink.core.log.Done;
import cufflink.core.make.Task.Phase;
import cufflink.core.make.Task.Shown;
import cufflink.core.make.Task.Trim;
import cufflink.core.measure.Length;
import cufflink.core.measure.Written;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Side;
import cufflink.core.run.Directions;
import cufflink.core.run.Gluing;
import cufflink.core.run.Lie;
import cufflink.core.run.Move;
import cufflink.core.run.PlanWords;
import cufflink.core.run.ScoreRun;
import cufflink.core.run.ScoringHabit;
import cufflink.core.run.Stroke;
import cufflink.core.run.TrimDirections;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Takes the tasks of one portion of the work down one after another. */
final class WorkBuilder {
  private final Work.Asked asked;
  private final Design design;
  private final ScoringHabit habit;
  private final Piece.Lot lot;

  /** The cards that are put together; the others stay kits. */
  private Piece.Lot cards;

  private final String portion;
  private final Directions directions;
  private final List<Task> tasks = new ArrayList<>();
  private final Map<String, Integer> numbers = new HashMap<>();
  private final Wet wet = new Wet();

  /** How the paper lies that the next task is about. */
  private Optional<Shown> shown = Optional.empty();

  WorkBuilder(Work.Asked asked, Piece.Lot lot, String portion) {
    this.asked = asked;
    this.design = asked.design();
    this.habit = asked.job().habit();
    this.lot = lot;
    this.cards = lot;
    this.portion = portion;
    this.directions = new Directions(habit);
  }

  void putsTogether(int number) {
    cards = new Piece.Lot(lot.before(), number);
  }

  boolean putsTogether() {
    return cards.cards() > 0;
  }

  List<Task> tasks() {
    return tasks;
  }

  private void add(Phase phase, String piece, int count, Told told) {
    add(phase, phase.word() + " " + piece, piece, count, told, Optional.empty());
  }

  private void add(
      Phase phase, String about, String piece, int count, Told told, Optional<Trim> trim) {
    if (count == 0) {
      // It is on cards of another portion only.
      return;
    }
    int nth = numbers.merge(about.strip(), 1, Integer::sum);
    // What is said tells whether it is still the same once the job has changed.
    String content = Integer.toHexString(told.words().toString().hashCode());
    String id = portion + about.strip() + " " + nth + " " + content;
    double seconds = told.seconds() * asked.times().factor(phase);
    tasks.add(
        new Task(
            id,
            phase,
            piece,
            count,
            told.words(),
            told.number(),
            shown,
            trim,
            seconds,
            told.reasons(),
            told.tooling(
                phase, trim.map(it -> it.plan().role().id()).orElse(""), wet.waits(phase, piece))));
  }

  void cut(PaperPlan plan) {
    shown = Optional.empty();
    takeSheets(plan);
    List<TrimStep> steps = plan.run().steps();
    for (int i = 0; i < steps.size(); i++) {
      TrimStep step = steps.get(i);
      List<Done.Cut> ready =
          Stream.of(step.first(), step.rest())
              .flatMap(result -> result.part().stream())
              .map(part -> new Done.Cut(part.id(), part.width(), part.height(), step.times()))
              .toList();
      Message words = TrimDirections.move(step, habit.hand()).words();
      Told told = new Told(words, Optional.of(step.fence()), Times.usual(Phase.CUT));
      addCut(plan, told, new Trim(plan, i, ready));
    }
    cutFromLarger(plan);
  }

  /** What is larger than all there is has still to be cut from something. */
  private void cutFromLarger(PaperPlan plan) {
    for (Part part : plan.question().parts()) {
      long planned =
          plan.plan().sheets().stream()
              .mapToLong(
                  sheet ->
                      sheet.times()
                          * sheet.layout().parts().stream()
                              .filter(each -> each.id().equals(part.id()))
                              .count())
              .sum();
      int left = (int) (part.count() - planned);
      if (left > 0) {
        Message size = Written.size(part.width(), part.height());
        Message words = Message.of("make.larger", left, part.label(), size);
        Done.Cut ready = new Done.Cut(part.id(), part.width(), part.height(), left);
        addCut(plan, Told.of(Phase.CUT, words), new Trim(plan, -1, List.of(ready)));
      }
    }
  }

  private void addCut(PaperPlan plan, Told told, Trim trim) {
    String role = plan.role().id();
    add(Phase.CUT, Phase.CUT.word() + " " + role, role, 1, told, Optional.of(trim));
  }

  /** Ribbon comes from no sheet: each is cut to its length. */
  void ribbons() {
    shown = Optional.empty();
    for (Piece piece : design.pieces()) {
      if (piece.paper() == PaperKind.RIBBON) {
        Length length = piece.width().max(piece.height());
        Length wide = piece.width().min(piece.height());
        Message words = Message.of("make.ribbon", piece.label(), length, wide);
        Told told = new Told(words, Optional.of(length), Times.usual(Phase.CUT));
        add(Phase.CUT, piece.id(), piece.of(lot), told);
      }
    }
  }

  /** What is needed of the paper is laid ready; some of it may need no cut. */
  private void takeSheets(PaperPlan plan) {
    if (plan.plan().sheets().isEmpty()) {
      return;
    }
    List<Message> taken = new ArrayList<>();
    plan.plan().takes().forEach((stock, count) -> taken.add(taken(stock, count)));
    Message words = Message.of("make.lay-ready", Message.list("list.comma", taken));
    List<Done.Cut> ready = new ArrayList<>();
    for (CutSheet sheet : plan.plan().sheets()) {
      if (sheet.layout() instanceof Layout.Cut whole) {
        var part = whole.part();
        ready.add(new Done.Cut(part.id(), part.width(), part.height(), sheet.times()));
        words = words.followedBy(Message.of("make.whole", sheet.times(), part.label()));
      }
    }
    addCut(plan, Told.of(Phase.CUT, words), new Trim(plan, -1, ready));
  }

  private static Message taken(Stock stock, int count) {
    if (!stock.offCut() && stock.label().equals(stock.paper().name())) {
      Message size = Written.briefSize(stock.width(), stock.height());
      return Message.of("make.lay-sheet", count, stock.label(), size);
    }
    Message paper = PlanWords.paper(stock.paper());
    return stock.offCut()
        ? Message.of(
            "make.lay-off-cut", count, Written.briefSize(stock.width(), stock.height()), paper)
        : Message.of("make.lay-sheet", count, stock.label(), paper);
  }

  /** What is stamped or inked lies flat and loose, with its face up. */
  void treat(Treated treated) {
    Treatment treatment = treated.treatment();
    Lie lie = new Lie(treatment.face(), Side.TOP);
    shown =
        treated.isPiece()
            ? Optional.of(new Shown(treatment.part(), lie, Set.of()))
            : Optional.empty();
    Told told = Told.of(treated);
    add(Phase.TREAT, treatment.part(), treated.times(lot), told);
  }

  void pieces(School school) {
    List<Bout> bouts = new ArrayList<>();
    for (Piece piece : design.pieces()) {
      if (piece.of(lot) > 0) {
        bouts.addAll(Bout.of(design, habit, 1, piece));
      }
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

  /**
   * A piece that was laid aside is taken up as it has to lie, not turned from where it was. The
   * first of several is done move by move, and then the others like it.
   */
  private void bout(Bout bout, boolean isAtHand, School school) {
    List<Move> moves = new ArrayList<>(bout.moves());
    Piece piece = bout.piece();
    int begin = tasks.size();
    Lie now = bout.lie(design, habit, 1);
    if (!isAtHand && !(moves.get(0) instanceof Move.Lay)) {
      while (moves.get(0) instanceof Move.Turn) {
        moves.remove(0);
      }
      takeUp(bout, piece, now);
    }
    for (Move move : moves) {
      now = after(now, move);
      shown = Optional.of(new Shown(piece.id(), now, lines(move)));
      if (move instanceof Move.Stack stack && school == School.BY_TOOL) {
        takeUp(bout, stack.under(), Lie.DESCRIBED);
      }
      boolean turns = move instanceof Move.Turn || move instanceof Move.Lay;
      double seconds = turns ? Times.TURNING : Times.usual(bout.phase()) * passes(move);
      add(bout.phase(), piece.id(), 1, new Told(move.words(), number(move), seconds));
    }
    same(bout.phase(), piece, List.copyOf(tasks.subList(begin, tasks.size())));
  }

  private void same(Phase phase, Piece piece, List<Task> first) {
    int others = piece.of(lot) - 1;
    if (others == 0) {
      return;
    }
    List<Message> each = first.stream().map(Task::words).toList();
    Message words = Message.of("make.same", Message.list("list.space", each));
    double seconds = first.stream().mapToDouble(Task::seconds).sum();
    Set<String> lines =
        first.stream()
            .flatMap(task -> task.shown().stream())
            .flatMap(it -> it.lines().stream())
            .collect(Collectors.toSet());
    shown = shown.map(last -> new Shown(last.piece(), last.lie(), lines));
    // Its time follows from the others', which are as the maker takes them already.
    Told told = new Told(words, Optional.empty(), seconds / asked.times().factor(phase));
    String about = phase.word() + Task.SAME + " " + piece.id();
    add(phase, about, piece.id(), others, told, Optional.empty());
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

  private void takeUp(Bout bout, Piece piece, Lie lie) {
    shown = Optional.of(new Shown(piece.id(), lie, Set.of()));
    Message words = directions.takeUp(ScoreRun.of(piece, habit), lie);
    Told told = new Told(words, Optional.empty(), Times.TURNING);
    add(bout.phase(), bout.piece().id(), 1, told);
  }

  private static int passes(Move move) {
    return move instanceof Move.Press press ? press.passes() : 1;
  }

  private static Optional<Length> number(Move move) {
    return move instanceof Move.Press press
        ? press.stop().map(ScoreRun.Stop::at)
        : Optional.empty();
  }

  /** Puts the card together; where no order works, in that of the pattern, and that is told. */
  void together(GluingOrder order, int from, int to, Phase phase) {
    for (GluingOrder.Step step : order.steps().subList(from, to)) {
      for (Layer layer : step.act().layers()) {
        layer(layer, step, order);
      }
      // What is glued to itself takes its glue first, and is folded onto it.
      Optional<Joint> seam = step.act().joint().filter(design::isSeam);
      seam.ifPresent(joint -> joint(joint, step, phase));
      step.folds().forEach(stage -> stage(stage, phase));
      step.act()
          .joint()
          .filter(joint -> seam.isEmpty())
          .ifPresent(joint -> joint(joint, step, phase));
    }
  }

  private void layer(Layer layer, GluingOrder.Step step, GluingOrder order) {
    shown = onFace(layer.on(), layer.face(), layer.id());
    int count = design.piece(layer.on()).map(piece -> piece.of(cards)).orElse(cards.cards());
    Message glued = order.glued(layer, design, asked.job().order().raised());
    Message words = Message.of("make.layer", glued);
    add(Phase.LAYER, layer.on(), count, told(Phase.LAYER, words, step));
  }

  private void joint(Joint joint, GluingOrder.Step step, Phase phase) {
    shown = onFace(joint.on(), joint.face(), joint.id());
    Message place = Gluing.of(joint, design);
    boolean isSlipped = joint.movement().isFast() && !joint.isStuck();
    String key = joint.isStuck() ? "make.joint" : isSlipped ? "make.slip" : "make.loose";
    Message words = Gluing.isSentence(joint, design) ? place : Message.of(key, place);
    if (joint.isStuck()) {
      words = words.followedBy(step.choice().told());
    }
    int first = design.piece(joint.piece()).map(Piece::cards).orElse(0);
    add(phase, joint.piece(), cards.with(first), told(phase, words, step));
  }

  private static Told told(Phase phase, Message words, GluingOrder.Step step) {
    return new Told(
        words,
        Optional.empty(),
        Times.usual(phase),
        step.reasons(),
        Told.InHand.of(step.choice().adhesive()));
  }

  private static Optional<Shown> onFace(String piece, Face face, String line) {
    return Optional.of(new Shown(piece, new Lie(face, Side.TOP), Set.of(line)));
  }

  void stage(Stage stage, Phase phase) {
    shown = Optional.empty();
    add(
        phase,
        stage.piece(),
        cards.cards(),
        Told.of(phase, Message.of("make.stage", stage.title())));
  }

  void fill() {
    shown = Optional.empty();
    asked
        .job()
        .item()
        .map(item -> Message.of("make.fill", item.label()))
        .ifPresent(words -> add(Phase.FILL, "", cards.cards(), Told.of(Phase.FILL, words)));
  }

  void end() {
    shown = Optional.empty();
    add(Phase.INSPECT, "", cards.cards(), Told.of(Phase.INSPECT, Message.of("make.inspect")));
  }
}

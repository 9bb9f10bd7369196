package cufflink.files.export;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.drawing.Portrait;
import cufflink.core.drawing.TaskDrawing;
import cufflink.core.fit.Relayer;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.AtHand;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.LayerRow;
import cufflink.core.job.Order;
import cufflink.core.make.School;
import cufflink.core.make.Task;
import cufflink.core.make.Task.Phase;
import cufflink.core.make.Work;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.run.Moves;
import cufflink.core.run.ScoreRun;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.core.space.Viewpoint;
import cufflink.core.words.Message;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Writes down for others how one card is made, with every size on two rulers. */
final class Instructor {
  private static final Viewpoint FROM_THE_FRONT = new Viewpoint(-18, 48);

  private final Derivation derivation;
  private final Derivation.Made made;
  private final Job job;
  private final LengthFormat format;
  private final GluingOrder order;
  private final Surface small;
  private final Surface large;

  private Instructor(Derivation derivation, TextMeasure measure, Room room) {
    this.derivation = derivation;
    this.made = derivation.made().orElseThrow();
    this.job = derivation.job().withOrder(forOne(derivation.job().order()));
    this.format = Words.on(job.marks(), Fractions.TYPESET);
    this.order = GluingOrder.of(made.design(), job.order().wish());
    this.small = new Surface(room.width, room.height, job.marks(), format, measure, room.letters);
    this.large =
        new Surface(room.width, room.height * 1.4, job.marks(), format, measure, room.letters);
  }

  /** How large a drawing is, and its letters. */
  record Room(double width, double height, double letters) {}

  private static Order forOne(Order order) {
    return order.withCopies(1).withTrialFirst(false);
  }

  /** Returns the instruction for a job, told for one card. */
  static Instruction of(Derivation derivation, TextMeasure measure, Room room) {
    return new Instructor(derivation, measure, room).instruction(true);
  }

  /** Returns the sizes alone, without drawing anything. */
  static Instruction sizes(Derivation derivation) {
    Room none = new Room(1, 1, 1);
    return new Instructor(derivation, TextMeasure.GUESS, none).instruction(false);
  }

  private Instruction instruction(boolean shows) {
    Design design = made.design();
    String subtitle =
        Words.say(
            "sheet.subtitle",
            derivation.pattern().name(),
            format.size(design.finishedWidth(), design.finishedHeight()),
            unit(job.marks()));
    Optional<Derivation.Made> other = onTheOther();
    List<Instruction.Size> sizes = new ArrayList<>();
    design.pieces().forEach(piece -> sizes(piece, other, sizes));
    layers(other, sizes);
    Instruction.Rulers rulers =
        new Instruction.Rulers(unit(job.marks()), other.isPresent() ? unit(otherMarks()) : "");
    return new Instruction(
        job.title(),
        subtitle,
        shows ? picture() : Optional.empty(),
        needs(),
        rulers,
        sizes,
        shows ? parts() : List.of(),
        tips());
  }

  private static String unit(Marks marks) {
    return Words.say(marks.inInches() ? "unit.inches" : "unit.millimetres");
  }

  private Optional<Drawing> picture() {
    FoldModel model = made.card().whole();
    var look = derivation.look();
    return model.isReady()
        ? Optional.of(Portrait.of(model, made.design(), look, Portrait.moment(model, look), large))
        : Optional.empty();
  }

  private List<String> needs() {
    List<String> needs = new ArrayList<>();
    Set<String> papers = new LinkedHashSet<>();
    made.design().roles().forEach(role -> papers.add(JobSheet.paper(role)));
    needs.addAll(papers);
    var moves = Moves.of(made.design(), job.habit(), 1);
    AtHand.of(made.design(), moves, job.order(), job.marks())
        .told()
        .forEach(each -> needs.add(each.say(format)));
    return needs;
  }

  private Marks otherMarks() {
    return job.marks().inInches() ? Marks.MILLIMETRES : Marks.SIXTEENTHS;
  }

  private LengthFormat otherFormat() {
    return Words.on(otherMarks(), Fractions.TYPESET);
  }

  /** The card laid out again on the other ruler, not converted. */
  private Optional<Derivation.Made> onTheOther() {
    Rulers rulers = Rulers.one(otherMarks());
    var values = Relayer.relay(derivation.pattern(), job.values(), rulers, Set.of());
    Job other = job.withRulers(rulers).withValues(values);
    return Derivation.of(derivation.pattern(), other).made();
  }

  private void sizes(Piece piece, Optional<Derivation.Made> other, List<Instruction.Size> sizes) {
    Optional<Piece> same = other.flatMap(it -> it.design().piece(piece.id()));
    sizes.add(
        new Instruction.Size(
            counted(piece.count(), piece.label()),
            format.size(piece.width(), piece.height()),
            same.map(it -> otherFormat().size(it.width(), it.height())).orElse("")));
    ScoreRun run = ScoreRun.of(piece, job.habit());
    Optional<ScoreRun> otherRun = same.map(it -> ScoreRun.of(it, job.habit()));
    for (int i = 0; i < run.setups().size(); i++) {
      ScoreRun.Setup setup = run.setups().get(i);
      if (setup.stops().isEmpty()) {
        continue;
      }
      int nth = i;
      Optional<ScoreRun.Setup> otherSetup =
          otherRun.filter(it -> nth < it.setups().size()).map(it -> it.setups().get(nth));
      String scored = scored(piece, setup);
      sizes.add(
          new Instruction.Size(
              scored,
              stops(setup, format),
              otherSetup.map(it -> stops(it, otherFormat())).orElse("")));
    }
  }

  /** A piece may be scored on both faces, and with either side along the top. */
  private static String scored(Piece piece, ScoreRun.Setup setup) {
    boolean wide = setup.lie().along(piece).equals(piece.width());
    if (setup.lie().up() == Face.INSIDE) {
      return Words.say(wide ? "share.inside" : "share.inside-other", piece.label());
    }
    return Words.say(wide ? "share.outside" : "share.outside-other", piece.label());
  }

  private static String stops(ScoreRun.Setup setup, LengthFormat format) {
    List<String> all =
        setup.stops().stream().map(ScoreRun.Stop::at).distinct().map(format::format).toList();
    return String.join(", ", all);
  }

  private void layers(Optional<Derivation.Made> other, List<Instruction.Size> sizes) {
    List<LayerRow> others = other.map(it -> LayerRow.of(it.design())).orElse(List.of());
    for (LayerRow row : LayerRow.of(made.design())) {
      String own = format.onLayers(job.rulers()).size(row.width(), row.height());
      String there =
          others.stream()
              .filter(it -> it.labels().equals(row.labels()))
              .findFirst()
              .map(it -> otherFormat().size(it.width(), it.height()))
              .orElse("");
      String label = Message.list("list.comma", row.labels()).say(format);
      sizes.add(new Instruction.Size(counted(row.count(1), label), own, there));
    }
  }

  private static String counted(int count, String label) {
    return count == 1 ? label : Words.say("share.counted", count, label);
  }

  private List<Instruction.Part> parts() {
    List<Instruction.Part> parts = new ArrayList<>();
    List<Instruction.Step> steps = new ArrayList<>();
    Optional<String> heading = Optional.empty();
    Work work = Work.of(Work.Asked.of(made.design(), job, List.of(), School.BY_PIECE));
    for (Task task : work.tasks()) {
      String now = heading(task);
      if (!heading.equals(Optional.of(now))) {
        heading.ifPresent(it -> parts.add(new Instruction.Part(it, List.copyOf(steps))));
        steps.clear();
        heading = Optional.of(now);
      }
      steps.add(new Instruction.Step(text(task), drawing(task)));
    }
    heading.ifPresent(it -> parts.add(new Instruction.Part(it, List.copyOf(steps))));
    return parts;
  }

  private String heading(Task task) {
    String part = Words.say(task.phase().heading());
    boolean ofPiece = task.phase().compareTo(Phase.LAYER) <= 0;
    return made.design()
        .piece(task.piece())
        .filter(piece -> ofPiece)
        .map(piece -> Words.say("make.about", part, piece.label()))
        .orElse(part);
  }

  private String text(Task task) {
    String words = drawn(task).words().say(format);
    return task.count() == 1 ? words : Words.say("share.times", words, task.count());
  }

  private TaskDrawing drawn(Task task) {
    return new TaskDrawing(made.design(), job, task, Optional.of(order), Optional.empty());
  }

  private Optional<Drawing> drawing(Task task) {
    TaskDrawing drawing = drawn(task);
    return drawing.fold(made.card().whole(), FROM_THE_FRONT, small).or(() -> drawing.draw(small));
  }

  private List<String> tips() {
    List<String> tips = new ArrayList<>();
    made.design().notes().forEach(note -> tips.add(note.say(format)));
    if (!job.notes().isBlank()) {
      tips.add(job.notes());
    }
    return tips;
  }
}

package cufflink.desktop.shell;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.drawing.FlatDrawing;
import cufflink.core.drawing.Lying;
import cufflink.core.drawing.Portrait;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Marks;
import cufflink.core.run.Directions;
import cufflink.core.run.Hand;
import cufflink.core.run.ScoreJob;
import cufflink.core.run.ScoreRun;
import cufflink.core.run.ScoringHabit;
import cufflink.core.run.Stroke;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.words.Message;
import cufflink.desktop.slip.SlipSection;
import cufflink.desktop.slip.SlipWriter;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Where to score? The piece as it lies on the board, one way of lying after another. */
final class ScoreStation implements StationView {
  /** Room for a number of two figures and a fraction, so that the words stay where they are. */
  private static final double NUMBER = 104;

  private final Workbench bench;
  private final Runnable redraw;
  private final PerJob<Integer> place = new PerJob<>(0);

  /** One stop of a piece that lies on the board, or a score drawn between two marks. */
  private record Step(ScoreJob.Item item, Stroke stroke, Optional<ScoreRun.Stop> stop) {
    Piece piece() {
      return item.run().piece();
    }

    Set<Ref> refs() {
      return stroke.parts().stream()
          .map(part -> new Ref(piece().id(), part.id()))
          .collect(Collectors.toSet());
    }
  }

  ScoreStation(Workbench bench, Runnable redraw) {
    this.bench = bench;
    this.redraw = redraw;
  }

  private static List<Step> steps(Derivation derivation) {
    List<Step> steps = new ArrayList<>();
    ScoreJob job =
        ScoreJob.of(
            derivation.made().map(Derivation.Made::scoring).orElse(List.of()),
            derivation.job().order().copies());
    for (ScoreJob.Batch batch : job.batches()) {
      for (ScoreJob.Item item : batch.items()) {
        item.setup()
            .stops()
            .forEach(stop -> steps.add(new Step(item, stop.stroke(), Optional.of(stop))));
        item.setup().ruled().forEach(stroke -> steps.add(new Step(item, stroke, Optional.empty())));
      }
    }
    return steps;
  }

  private Optional<Step> current(Derivation derivation) {
    List<Step> steps = steps(derivation);
    int index = Math.max(0, Math.min(place.at(derivation), steps.size() - 1));
    place.set(index);
    return steps.isEmpty() ? Optional.empty() : Optional.of(steps.get(index));
  }

  @Override
  public Station station() {
    return Station.SCORE;
  }

  @Override
  public List<SlipSection> slip(Derivation derivation) {
    return new SlipWriter(derivation, bench.format()).scores();
  }

  @Override
  public Node sentence(Derivation derivation) {
    ScoringHabit habit = derivation.job().habit();
    Sentence sentence = new Sentence();
    return sentence.show(
        Message.of(
            "score.sentence",
            sentence.choice(
                Words.say(habit.ridgeInside() ? "score.ridge" : "score.dent"),
                Words.say("score.ridge-hint"),
                () ->
                    List.of(
                        Sentence.item(
                            Words.say("score.ridge"),
                            () -> bench.making().score(habit.withRidgeInside(true))),
                        Sentence.item(
                            Words.say("score.dent"),
                            () -> bench.making().score(habit.withRidgeInside(false))))),
            sentence.choice(
                SizeStation.marksWord(habit.grooves()),
                Words.say("score.board-hint"),
                () -> boards(habit)),
            sentence.choice(hand(habit.hand()), Words.say("score.hand-hint"), () -> hands(habit))));
  }

  private static String hand(Hand hand) {
    return Words.say(hand == Hand.RIGHT ? "score.right-hand" : "score.left-hand");
  }

  private List<MenuItem> hands(ScoringHabit habit) {
    return Stream.of(Hand.values())
        .map(each -> Sentence.item(hand(each), () -> bench.making().score(habit.withHand(each))))
        .toList();
  }

  private List<MenuItem> boards(ScoringHabit habit) {
    return Marks.COMMON.stream()
        .map(
            marks ->
                Sentence.item(
                    SizeStation.marksWord(marks),
                    () -> bench.making().score(habit.withGrooves(marks))))
        .toList();
  }

  @Override
  public Set<FirstTimes.Mark> signs(Derivation derivation) {
    boolean hatched =
        current(derivation)
            .filter(step -> step.item().setup().lie().up() == Face.OUTSIDE)
            .isPresent();
    return hatched
        ? EnumSet.of(FirstTimes.Mark.CARET, FirstTimes.Mark.HATCH)
        : EnumSet.of(FirstTimes.Mark.CARET);
  }

  @Override
  public Optional<Drawing> draw(Derivation derivation, Surface surface) {
    return current(derivation)
        .map(
            step -> {
              Lying lie = new Lying(step.piece(), step.item().setup().lie());
              Drawing flat =
                  FlatDrawing.of(
                      lie,
                      surface,
                      new FlatDrawing.Options(
                          List.of(),
                          Optional.empty(),
                          step.item().setup()::scores,
                          false,
                          false,
                          Optional.of(derivation.job().habit())));
              Design design = derivation.made().orElseThrow().design();
              return Portrait.dressed(flat, design, derivation.look(), Optional.of(lie));
            });
  }

  @Override
  public Optional<Node> foot(Derivation derivation) {
    return current(derivation).map(step -> foot(derivation, step));
  }

  private Node foot(Derivation derivation, Step step) {
    Directions directions = new Directions(derivation.job().habit());
    String at = step.stop().map(stop -> bench.format().format(stop.at())).orElse("");
    Label number = new Label(at);
    number.getStyleClass().add("huge");
    number.setMinWidth(NUMBER);
    int passes =
        derivation
            .made()
            .map(made -> ScoreJob.passes(made.design(), step.piece(), step.stroke()))
            .orElse(1);
    Message told =
        step.stop()
            .map(directions::stop)
            .orElseGet(
                () -> directions.ruled(step.piece(), step.item().setup().lie(), step.stroke()));
    String what = directions.often(told, passes).say(bench.format());
    String lay = directions.lay(step.item()).say(bench.format());
    Label words = new Label(Words.say("score.now", step.piece().label(), lay) + "\n" + what);
    words.getStyleClass().add("direction");
    words.setWrapText(true);
    words.setMinHeight(Label.USE_PREF_SIZE);
    HBox.setHgrow(words, Priority.ALWAYS);
    words.setMaxWidth(Double.MAX_VALUE);
    int count = steps(derivation).size();
    Label where = new Label(Words.say("score.step", place.now() + 1, count));
    Steady.width(where, Words.say("score.step", count, count));
    where.setAlignment(Pos.CENTER);
    HBox above = new HBox(number, words);
    above.getStyleClass().add("told");
    HBox foot = new HBox(button("step.back", -1), where, button("step.on", 1));
    foot.getStyleClass().addAll("foot", "at-right");
    return count > 1 ? new VBox(above, foot) : new VBox(above);
  }

  private Button button(String key, int direction) {
    Button button = new Button(Words.say(key));
    button.setMinWidth(HBox.USE_PREF_SIZE);
    button.setOnAction(event -> step(direction));
    return button;
  }

  @Override
  public void step(int direction) {
    place.change(index -> index + direction);
    redraw.run();
    bench
        .derivation()
        .get()
        .flatMap(this::current)
        .ifPresent(now -> bench.chosen().set(now.refs()));
  }

  @Override
  public void act() {
    step(1);
  }
}

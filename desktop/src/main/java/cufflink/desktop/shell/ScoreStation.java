package cufflink.desktop.shell;

import cufflink.core.drawing.FlatDrawing;
import cufflink.core.drawing.Lie;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Marks;
import cufflink.core.run.Directions;
import cufflink.core.run.ScoreJob;
import cufflink.core.run.ScoreRun;
import cufflink.core.run.ScoringHabit;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.words.Words;
import cufflink.desktop.slip.SlipSection;
import cufflink.desktop.slip.SlipWriter;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** Where to score? The piece as it lies on the board, one way of lying after another. */
final class ScoreStation implements StationView {
  private final Workbench bench;
  private final Runnable redraw;
  private int index;

  /** One stop of a piece that lies on the board, or a score drawn between two marks. */
  private record Step(ScoreJob.Item item, int stop) {
    ScoreRun.Setup setup() {
      return item.setup();
    }

    Ref ref() {
      return new Ref(item.run().piece().id(), setup().stops().get(stop).score().id());
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
            derivation.job().habit(),
            derivation.job().order().copies());
    for (ScoreJob.Batch batch : job.batches()) {
      for (ScoreJob.Item item : batch.items()) {
        for (int i = 0; i < item.setup().stops().size(); i++) {
          steps.add(new Step(item, i));
        }
      }
    }
    return steps;
  }

  private Optional<Step> current(Derivation derivation) {
    List<Step> steps = steps(derivation);
    index = Math.max(0, Math.min(index, steps.size() - 1));
    return steps.isEmpty() ? Optional.empty() : Optional.of(steps.get(index));
  }

  @Override
  public Station station() {
    return Station.SCORE;
  }

  @Override
  public List<SlipSection> slip(Derivation derivation) {
    return new SlipWriter(derivation).scores();
  }

  @Override
  public Node sentence(Derivation derivation) {
    ScoringHabit habit = derivation.job().habit();
    return new Sentence()
        .say(Words.say("score.sentence"))
        .choice(
            Words.say(habit.ridgeInside() ? "score.ridge" : "score.dent"),
            Words.say("score.ridge-hint"),
            () ->
                List.of(
                    Sentence.item(
                        Words.say("score.ridge"),
                        () -> bench.making().score(new ScoringHabit(true, habit.grooves()))),
                    Sentence.item(
                        Words.say("score.dent"),
                        () -> bench.making().score(new ScoringHabit(false, habit.grooves())))))
        .say(Words.say("score.board"))
        .choice(
            SizeStation.marksWord(habit.grooves()),
            Words.say("score.board-hint"),
            () -> boards(habit));
  }

  private List<MenuItem> boards(ScoringHabit habit) {
    return Marks.COMMON.stream()
        .map(
            marks ->
                Sentence.item(
                    SizeStation.marksWord(marks),
                    () -> bench.making().score(new ScoringHabit(habit.ridgeInside(), marks))))
        .toList();
  }

  @Override
  public Optional<Drawing> draw(Derivation derivation, Surface surface) {
    return current(derivation)
        .map(
            step -> {
              Lie lie =
                  new Lie(step.item().run().piece(), step.setup().side(), step.setup().faceUp());
              return FlatDrawing.of(
                  lie,
                  surface,
                  new FlatDrawing.Options(
                      List.of(),
                      Optional.empty(),
                      score ->
                          step.setup().stops().stream()
                              .anyMatch(stop -> stop.score().equals(score)),
                      false,
                      false,
                      Optional.of(derivation.job().habit().grooves())));
            });
  }

  @Override
  public Optional<Node> foot(Derivation derivation) {
    return current(derivation).map(step -> foot(derivation, step));
  }

  private Node foot(Derivation derivation, Step step) {
    Directions directions = new Directions(bench.format(), derivation.job().habit());
    ScoreRun.Stop stop = step.setup().stops().get(step.stop());
    Label number = new Label(bench.format().format(stop.at()));
    number.getStyleClass().add("huge");
    number.setMinWidth(HBox.USE_PREF_SIZE);
    String often =
        derivation
            .made()
            .map(made -> ScoreJob.passes(made.design(), step.item().run().piece(), stop.score()))
            .map(directions::passes)
            .orElse("");
    String what = directions.stop(stop) + (often.isEmpty() ? "" : "; " + often);
    String name = step.item().run().piece().label();
    Label words =
        new Label(Words.say("score.now", name, directions.lay(step.item())) + "\n" + what);
    words.getStyleClass().add("direction");
    words.setWrapText(true);
    words.setMinHeight(Label.USE_PREF_SIZE);
    HBox.setHgrow(words, Priority.ALWAYS);
    words.setMaxWidth(Double.MAX_VALUE);
    int count = steps(derivation).size();
    Label where = new Label(Words.say("score.step", index + 1, count));
    where.setMinWidth(HBox.USE_PREF_SIZE);
    HBox foot = new HBox(number, words);
    if (count > 1) {
      foot.getChildren().addAll(button("step.back", -1), where, button("step.on", 1));
    }
    foot.getStyleClass().add("foot");
    return foot;
  }

  private Button button(String key, int direction) {
    Button button = new Button(Words.say(key));
    button.setMinWidth(HBox.USE_PREF_SIZE);
    button.setOnAction(event -> step(direction));
    return button;
  }

  @Override
  public void step(int direction) {
    index += direction;
    redraw.run();
    bench
        .derivation()
        .get()
        .flatMap(this::current)
        .ifPresent(now -> bench.chosen().set(Set.of(now.ref())));
  }

  @Override
  public void act() {
    step(1);
  }
}

package cufflink.desktop.shell;

import cufflink.core.drawing.Drawing;
import cufflink.core.drawing.FlatDrawing;
import cufflink.core.drawing.Lie;
import cufflink.core.drawing.Surface;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Marks;
import cufflink.core.run.Directions;
import cufflink.core.run.ScoreRun;
import cufflink.core.run.ScoringHabit;
import cufflink.core.words.Words;
import cufflink.desktop.work.Workbench;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

  /** One way a piece lies while it is scored. */
  private record Step(ScoreRun run, ScoreRun.Setup setup) {}

  ScoreStation(Workbench bench, Runnable redraw) {
    this.bench = bench;
    this.redraw = redraw;
  }

  private static List<Step> steps(Derivation derivation) {
    List<Step> steps = new ArrayList<>();
    for (ScoreRun run : derivation.made().map(Derivation.Made::scoring).orElse(List.of())) {
      run.setups().forEach(setup -> steps.add(new Step(run, setup)));
    }
    return steps;
  }

  private Optional<Step> current(Derivation derivation) {
    List<Step> steps = steps(derivation);
    index = Math.max(0, Math.min(index, steps.size() - 1));
    return steps.isEmpty() ? Optional.empty() : Optional.of(steps.get(index));
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
                        () -> bench.score(new ScoringHabit(true, habit.grooves()))),
                    Sentence.item(
                        Words.say("score.dent"),
                        () -> bench.score(new ScoringHabit(false, habit.grooves())))))
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
                    () -> bench.score(new ScoringHabit(habit.ridgeInside(), marks))))
        .toList();
  }

  @Override
  public Optional<Drawing> draw(Derivation derivation, Surface surface) {
    return current(derivation)
        .map(
            step -> {
              Lie lie = new Lie(step.run().piece(), step.setup().side(), step.setup().faceUp());
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
                      false));
            });
  }

  @Override
  public Optional<Node> foot(Derivation derivation) {
    Directions directions = new Directions(bench.format(), derivation.job().habit());
    return current(derivation)
        .map(
            step -> {
              Label words = new Label(directions.lay(step.run(), step.setup()));
              words.getStyleClass().add("direction");
              words.setWrapText(true);
              HBox.setHgrow(words, Priority.ALWAYS);
              words.setMaxWidth(Double.MAX_VALUE);
              int count = steps(derivation).size();
              Label where = new Label(Words.say("score.step", index + 1, count));
              where.setMinWidth(HBox.USE_PREF_SIZE);
              HBox foot = new HBox(words);
              if (count > 1) {
                foot.getChildren().addAll(button("step.back", -1), where, button("step.on", 1));
              }
              foot.getStyleClass().add("foot");
              return foot;
            });
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
  }

  @Override
  public void act() {
    step(1);
  }
}

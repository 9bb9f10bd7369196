package cufflink.desktop.shell;

import cufflink.core.design.Stage;
import cufflink.files.words.Words;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polygon;

/**
 * A slider through the folding and what comes after it, each stage named over its stretch. Small
 * pennants stand where paper catches.
 */
final class FoldScrubber extends VBox {
  /** Part of the first fold is made, so that one sees which it is. */
  static final double BEGINNING = 0.62;

  private static final int MOST_NAMES = 3;
  private static final double STRETCH = 100;

  /** Half the slider's thumb: its middle runs from there to as far from the other end. */
  private static final double THUMB = 6;

  private final Slider slider = new Slider(0, 1, 0);
  private final HBox phases = new HBox();
  private final HBox names = new HBox();
  private final Pane pennants = new Pane();
  private final Label now = new Label();
  private List<Stage> stages = List.of();
  private List<Integer> numbers = List.of();
  private String shown = "";

  FoldScrubber(Runnable redraw) {
    getStyleClass().add("fold-scrubber");
    names.getStyleClass().add("stage-names");
    phases.getStyleClass().add("stage-phases");
    slider.setMajorTickUnit(1);
    slider.setMinorTickCount(3);
    slider.setShowTickMarks(true);
    slider.setBlockIncrement(0.1);
    slider.setAccessibleText(Words.say("fold.scrubber"));
    slider
        .valueProperty()
        .addListener(
            (property, before, after) -> {
              tell();
              redraw.run();
            });
    now.getStyleClass().add("stage-now");
    now.managedProperty().bind(now.textProperty().isNotEmpty());
    getChildren().addAll(now, phases, names, pennants, slider);
  }

  private String number(int index, Stage stage) {
    int number = numbers.get(index);
    return hasRoom() ? number + ". " + stage.title() : Integer.toString(number);
  }

  double moment() {
    return slider.getValue();
  }

  double stages() {
    return slider.getMax();
  }

  /** Returns the moment at which the card is folded and closed. */
  double closing() {
    return stages.stream().filter(Stage::isFolding).count();
  }

  void setMoment(double moment) {
    slider.setValue(Math.max(0, Math.min(slider.getMax(), moment)));
  }

  /** Many stages have no room for their names; the present one is told above their numbers. */
  private void tell() {
    int stage = (int) Math.max(0, Math.min(stages.size() - 1, Math.ceil(slider.getValue()) - 1));
    now.setText(
        hasRoom() || stages.isEmpty() ? "" : numbers.get(stage) + ". " + stages.get(stage).title());
  }

  private boolean hasRoom() {
    return stages.size() <= MOST_NAMES;
  }

  /**
   * Shows the stages of another folding; the moment stays where it is if they are the same.
   *
   * @param newStages the stages
   * @param newNumbers the number of each, as the slip tells it
   */
  void show(List<Stage> newStages, List<Integer> newNumbers) {
    stages = List.copyOf(newStages);
    numbers = List.copyOf(newNumbers);
    tell();
    String titles = stages.stream().map(Stage::title).collect(Collectors.joining("\n")) + numbers;
    if (titles.equals(shown)) {
      return;
    }
    shown = titles;
    names.getChildren().clear();
    for (Stage stage : stages) {
      Label name = label(number(names.getChildren().size(), stage), 1);
      name.setWrapText(hasRoom());
      name.setTextOverrun(OverrunStyle.CLIP);
      name.setMinHeight(Label.USE_PREF_SIZE);
      names.getChildren().add(name);
    }
    phases.getChildren().clear();
    int folding = (int) closing();
    addPhase("fold.phase-folding", folding);
    addPhase("fold.phase-opening", stages.size() - folding);
    slider.setMax(Math.max(1, stages.size()));
    slider.setValue(Math.min(slider.getMax(), BEGINNING));
  }

  private void addPhase(String key, int count) {
    if (count > 0) {
      Label phase = label(Words.say(key), count);
      phase.getStyleClass().add("stage-phase");
      phases.getChildren().add(phase);
    }
  }

  /** A label as wide as so many stages on the slider. */
  private Label label(String text, int count) {
    Label label = new Label(text);
    label.setMinWidth(0);
    label.setMaxWidth(Double.MAX_VALUE);
    label
        .prefWidthProperty()
        .bind(widthProperty().multiply(count / (double) Math.max(1, stages.size())));
    HBox.setHgrow(label, Priority.NEVER);
    return label;
  }

  /** Plants a pennant at each of these moments. */
  void mark(List<Double> moments) {
    pennants.getChildren().clear();
    pennants.setMinHeight(moments.isEmpty() ? 0 : STRETCH / 10);
    pennants.setMaxHeight(Region.USE_PREF_SIZE);
    for (double moment : moments) {
      Polygon pennant = new Polygon(-5, 0, 5, 0, 0, 9);
      pennant.getStyleClass().add("pennant");
      pennant
          .layoutXProperty()
          .bind(
              pennants
                  .widthProperty()
                  .subtract(2 * THUMB)
                  .multiply(moment / slider.getMax())
                  .add(THUMB));
      pennants.getChildren().add(pennant);
    }
  }
}

package cufflink.desktop.shell;

import cufflink.core.design.Stage;
import cufflink.core.words.Words;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A slider through the folding, each stage named over its stretch. */
final class FoldScrubber extends VBox {
  private static final int MOST_NAMES = 3;

  private final Slider slider = new Slider(0, 1, 0);
  private final HBox names = new HBox();
  private final Label now = new Label();
  private List<Stage> stages = List.of();
  private String shown = "";

  FoldScrubber(Runnable redraw) {
    getStyleClass().add("fold-scrubber");
    names.getStyleClass().add("stage-names");
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
    now.managedProperty().bind(now.textProperty().isNotEmpty());
    getChildren().addAll(now, names, slider);
  }

  private String number(int index, Stage stage) {
    return hasRoom() ? index + 1 + ". " + stage.title() : Integer.toString(index + 1);
  }

  double moment() {
    return slider.getValue();
  }

  double stages() {
    return slider.getMax();
  }

  void setMoment(double moment) {
    slider.setValue(Math.max(0, Math.min(slider.getMax(), moment)));
  }

  /** Many stages have no room for their names; the present one is told above their numbers. */
  private void tell() {
    int stage = (int) Math.max(0, Math.min(stages.size() - 1, Math.ceil(slider.getValue()) - 1));
    now.setText(hasRoom() ? "" : stage + 1 + ". " + stages.get(stage).title());
  }

  private boolean hasRoom() {
    return stages.size() <= MOST_NAMES;
  }

  /** Shows the stages of another folding; the moment stays where it is if they are the same. */
  void show(List<Stage> newStages) {
    stages = List.copyOf(newStages);
    tell();
    String titles = stages.stream().map(Stage::title).collect(Collectors.joining("\n"));
    if (titles.equals(shown)) {
      return;
    }
    shown = titles;
    names.getChildren().clear();
    for (Stage stage : stages) {
      Label name = new Label(number(names.getChildren().size(), stage));
      name.setMaxWidth(Double.MAX_VALUE);
      name.setPrefWidth(100);
      name.setWrapText(true);
      name.setMinHeight(Label.USE_PREF_SIZE);
      HBox.setHgrow(name, Priority.ALWAYS);
      names.getChildren().add(name);
    }
    slider.setMax(Math.max(1, stages.size()));
    slider.setValue(Math.min(slider.getMax(), 0.62));
  }
}

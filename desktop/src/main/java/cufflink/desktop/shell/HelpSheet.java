package cufflink.desktop.shell;

import cufflink.files.words.Words;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Lists what the keys do, over the table. */
final class HelpSheet extends StackPane {
  private static final List<String> KEYS =
      List.of(
          "stations",
          "fields",
          "nudge",
          "leave",
          "step",
          "space",
          "pull",
          "undo",
          "save",
          "open",
          "print",
          "pin",
          "owned",
          "find",
          "snap",
          "units",
          "theme",
          "help");

  private final int stations;

  HelpSheet(int stations) {
    this.stations = stations;
    getStyleClass().add("help-veil");
    setOnMouseClicked(event -> hide());
    hide();
  }

  private VBox sheet() {
    GridPane grid = new GridPane();
    grid.getStyleClass().add("help-grid");
    for (int i = 0; i < KEYS.size(); i++) {
      Label key = new Label(Words.say("help." + KEYS.get(i) + ".key", stations % 10));
      key.getStyleClass().add("help-key");
      key.setMinWidth(USE_PREF_SIZE);
      Label words = new Label(Words.say("help." + KEYS.get(i)));
      words.setWrapText(true);
      grid.addRow(i, key, words);
    }
    Label title = new Label(Words.say("help.title"));
    title.getStyleClass().add("help-title");
    Button close = new Button(Words.say("help.close"));
    close.setOnAction(event -> hide());
    VBox sheet = new VBox(title, grid, close);
    sheet.getStyleClass().add("help-sheet");
    return sheet;
  }

  void toggle() {
    if (getChildren().isEmpty()) {
      getChildren().add(sheet());
    }
    setVisible(!isVisible());
    setManaged(isVisible());
  }

  void hide() {
    setVisible(false);
    setManaged(false);
  }
}

package cufflink.desktop.shell;

import cufflink.desktop.wait.Latest;
import cufflink.files.words.Words;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;

/**
 * Says what is being worked out once that takes longer than half a second, and how far it has got.
 * There is one for each place, which lives as long as the window.
 */
final class WaitingLine extends HBox {
  private static final Insets BESIDE = new Insets(8, 0, 0, 24);

  /**
   * Makes the line.
   *
   * @param latest what is waited for
   * @param sentence what to say while there is nothing yet
   */
  WaitingLine(Latest<?, ?> latest, String sentence) {
    Label told = new Label();
    told.setWrapText(true);
    told.textProperty()
        .bind(Bindings.when(latest.soFar().isEmpty()).then(sentence).otherwise(latest.soFar()));
    getStyleClass().add("waiting-line");
    getChildren().add(told);
    visibleProperty().bind(latest.slow());
    managedProperty().bind(visibleProperty());
    setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
    StackPane.setMargin(this, BESIDE);
  }

  /** Offers to take the best so far. */
  WaitingLine stoppedBy(Runnable enough) {
    Button stop = new Button(Words.say("trim.stop"));
    stop.setMinWidth(HBox.USE_PREF_SIZE);
    stop.setOnAction(event -> enough.run());
    getChildren().add(stop);
    return this;
  }
}

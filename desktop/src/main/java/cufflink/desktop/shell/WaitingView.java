package cufflink.desktop.shell;

import cufflink.files.project.Drafts.Draft;
import cufflink.files.words.Words;
import javafx.beans.InvalidationListener;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

/** What is not saved and does not lie on the table, to be taken up again or put away. */
final class WaitingView extends FlowPane {
  private final Projects projects;

  WaitingView(Projects projects) {
    this.projects = projects;
    getStyleClass().add("waiting");
    // The list and this view both live as long as the window.
    projects.waiting().addListener((InvalidationListener) list -> show());
    show();
  }

  private void show() {
    getChildren().clear();
    setVisible(!projects.waiting().isEmpty());
    setManaged(isVisible());
    if (isVisible()) {
      Label head = new Label(Words.say("draft.waiting"));
      head.getStyleClass().add("waiting-head");
      getChildren().add(head);
      projects.waiting().forEach(draft -> getChildren().add(row(draft)));
    }
  }

  private HBox row(Draft draft) {
    Label title = new Label(draft.job().title());
    title.getStyleClass().add("waiting-title");
    Button up = button("draft.take-up", draft);
    up.setOnAction(event -> projects.takeUp(draft));
    Button away = button("draft.put-away", draft);
    away.setOnAction(event -> projects.putAway(draft));
    HBox row = new HBox(title, up, away);
    row.getStyleClass().add("waiting-row");
    return row;
  }

  private static Button button(String key, Draft draft) {
    Button button = new Button(Words.say(key));
    button.setAccessibleText(draft.job().title() + ": " + button.getText());
    button.getStyleClass().add("waiting-act");
    return button;
  }
}

package cufflink.desktop.slip;

import cufflink.core.expression.Kind;
import cufflink.core.pattern.Parameter;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.application.Platform;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** One line of the slip on the screen. */
final class RowView extends VBox {
  private final BiFunction<String, String, Optional<String>> type;
  private final Actions actions;
  private final Label trouble = new Label();
  private final Label label = new Label();
  private SlipRow row;
  private boolean isTyping;
  private Optional<TextField> field = Optional.empty();
  private Optional<Label> number = Optional.empty();
  private Optional<MenuButton> menu = Optional.empty();

  /** What a row asks for beside being typed over. */
  interface Actions {
    /** The maker looks at the row. */
    void look();

    /** The maker looks elsewhere. */
    void lookAway();

    /** The number is to move by whole marks. */
    void nudge(int steps);

    /** Another word is chosen. */
    void choose(Parameter.Choice choice);

    /** Typing has come to an end. */
    void finish();

    /** What was typed is not meant. */
    void cancel();

    /** The number is to stay as it is, or may move again. */
    void pin();

    /** The row is pressed. */
    void press();
  }

  RowView(SlipRow row, BiFunction<String, String, Optional<String>> type, Actions actions) {
    this.row = row;
    this.type = type;
    this.actions = actions;
    getStyleClass().add("slip-row");
    label.getStyleClass().add("slip-label");
    label.setWrapText(true);
    trouble.getStyleClass().add("slip-trouble");
    trouble.setWrapText(true);
    HBox line = new HBox();
    line.getStyleClass().add("slip-line");
    row.parameter().ifPresentOrElse(each -> addEditor(line, each), () -> addNumber(line));
    HBox.setHgrow(label, Priority.ALWAYS);
    line.getChildren().add(label);
    getChildren().add(line);
    setOnMouseEntered(event -> actions.look());
    setOnMouseExited(event -> actions.lookAway());
    setOnMouseClicked(event -> actions.press());
    show(row);
  }

  SlipRow row() {
    return row;
  }

  /**
   * Shows other numbers in the same line. A number that changes while its field is open, as by
   * undoing, changes there too, unless it is just this that is being typed.
   */
  void show(SlipRow changed) {
    row = changed;
    label.setText(changed.label());
    number.ifPresent(each -> each.setText(changed.number()));
    menu.ifPresent(each -> each.setText(changed.number()));
    field
        .filter(each -> !isTyping)
        .ifPresent(
            each -> {
              getChildren().remove(trouble);
              each.setText(changed.number());
            });
  }

  private void addNumber(HBox line) {
    Label text = new Label();
    text.getStyleClass().add("slip-number");
    text.setMinWidth(USE_PREF_SIZE);
    number = Optional.of(text);
    line.getChildren().add(text);
  }

  private void addEditor(HBox line, Parameter parameter) {
    if (parameter.kind() == Kind.WORD) {
      MenuButton button = new MenuButton();
      button.getStyleClass().add("slip-choice");
      for (Parameter.Choice choice : parameter.choices()) {
        MenuItem item = new MenuItem(choice.label());
        item.setOnAction(event -> actions.choose(choice));
        button.getItems().add(item);
      }
      menu = Optional.of(button);
      line.getChildren().add(button);
      return;
    }
    addRest(line, parameter);
  }

  /**
   * Shows the number as plain text until the maker goes to it: a field to type in is costly to
   * make, and most numbers of a slip are read and not typed over.
   */
  private void addRest(HBox line, Parameter parameter) {
    Label rest = new Label();
    rest.getStyleClass().addAll("slip-number", "slip-field");
    rest.setFocusTraversable(true);
    rest.setAccessibleRole(AccessibleRole.TEXT_FIELD);
    rest.setAccessibleText(parameter.label());
    rest.setMinWidth(USE_PREF_SIZE);
    rest.setOnMousePressed(event -> rest.requestFocus());
    rest.focusedProperty()
        .addListener(
            (property, before, focused) -> {
              if (focused) {
                Platform.runLater(() -> openField(line, rest, parameter));
              }
            });
    number = Optional.of(rest);
    line.getChildren().add(rest);
  }

  private void openField(HBox line, Label rest, Parameter parameter) {
    int place = line.getChildren().indexOf(rest);
    if (place < 0) {
      return;
    }
    TextField text = field(parameter);
    text.setText(row.number());
    number = Optional.empty();
    field = Optional.of(text);
    line.getChildren().set(place, text);
    text.requestFocus();
  }

  private TextField field(Parameter parameter) {
    TextField text = new TextField();
    text.getStyleClass().addAll("slip-number", "slip-field");
    text.setAccessibleText(parameter.label());
    text.focusedProperty().addListener((property, before, focused) -> focusChanged(text, focused));
    text.textProperty()
        .addListener(
            (property, before, now) -> {
              if (text.isFocused()) {
                typed(now);
              }
            });
    text.addEventFilter(KeyEvent.KEY_PRESSED, event -> key(text, event));
    return text;
  }

  private void focusChanged(TextField text, boolean focused) {
    if (focused) {
      actions.look();
      text.selectAll();
    } else {
      actions.finish();
      settle(text);
    }
  }

  private void settle(TextField text) {
    getChildren().remove(trouble);
    text.setText(row.number());
  }

  private void typed(String now) {
    if (now.equals(row.number())) {
      return;
    }
    isTyping = true;
    Optional<String> problem = row.parameter().flatMap(each -> type.apply(each.id(), now));
    isTyping = false;
    getChildren().remove(trouble);
    problem.ifPresent(
        sentence -> {
          trouble.setText(sentence);
          getChildren().add(trouble);
        });
  }

  private void key(TextField text, KeyEvent event) {
    if (event.getCode() == KeyCode.L && event.isShortcutDown()) {
      actions.pin();
      event.consume();
      return;
    }
    boolean up = event.getCode() == KeyCode.UP;
    if (up || event.getCode() == KeyCode.DOWN) {
      getChildren().remove(trouble);
      actions.nudge(up ? 1 : -1);
      setQuietly(text);
      event.consume();
    } else if (event.getCode() == KeyCode.ENTER) {
      settle(text);
      text.selectAll();
      actions.finish();
      event.consume();
    } else if (event.getCode() == KeyCode.ESCAPE) {
      actions.cancel();
      settle(text);
      getParent().requestFocus();
      event.consume();
    }
  }

  private void setQuietly(TextField text) {
    text.setText(row.number());
    text.selectAll();
  }
}

package cufflink.desktop.slip;

import cufflink.core.expression.Kind;
import cufflink.core.pattern.Parameter;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.application.Platform;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** One line of the slip on the screen. */
final class RowView extends VBox {
  private final BiFunction<String, String, Optional<String>> type;
  private final Actions actions;
  private final Label trouble = new Label();
  private final Label label = new Label();
  private final Button press = new Button();
  private SlipRow row;
  private Optional<NumberField> field = Optional.empty();
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

    /** What the maker owns is offered, to take its size. */
    List<MenuItem> offers();

    /** Typing has come to an end. */
    void finish();

    /** What was typed is not meant. */
    void cancel();

    /** The number is to stay as it is, or may move again. */
    void pin();

    /** The row is pressed. */
    void press();

    /** What was typed cannot be used, or can again. */
    void trouble(Optional<String> sentence);
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
    press.getStyleClass().add("cure");
    press.setWrapText(true);
    press.setOnAction(event -> this.row.press().ifPresent(each -> each.act().run()));
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
    changed.press().ifPresent(each -> press.setText(each.label()));
    if (changed.press().isEmpty()) {
      getChildren().remove(press);
    } else if (!getChildren().contains(press)) {
      // It stays where it is while it is pressed.
      getChildren().add(press);
    }
    number.ifPresent(each -> each.setText(changed.number()));
    menu.ifPresent(each -> each.setText(changed.number()));
    field.ifPresent(each -> each.show(changed.number()));
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
    NumberField text =
        new NumberField(row.number(), typed -> type.apply(parameter.id(), typed), actions);
    text.setAccessibleText(parameter.label());
    number = Optional.empty();
    field = Optional.of(text);
    line.getChildren().set(place, text);
    text.requestFocus();
  }

  /** Tells below the line why what was typed cannot be used. */
  void trouble(Optional<String> sentence) {
    getChildren().remove(trouble);
    sentence.ifPresent(
        words -> {
          trouble.setText(words);
          getChildren().add(trouble);
        });
  }
}

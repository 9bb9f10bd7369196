package cufflink.desktop.slip;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.ContextMenuEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/**
 * A number that is typed over. What is typed is text until Enter or Tab; the paper may answer
 * meanwhile. What cannot be used keeps its sentence until it is mended or given up.
 */
public final class NumberField extends TextField {
  private final Function<String, Optional<String>> type;
  private final RowView.Actions actions;
  private String number;
  private boolean isTelling;
  private boolean isTyped;
  private boolean isFresh = true;
  private Optional<String> problem = Optional.empty();

  NumberField(String number, Function<String, Optional<String>> type, RowView.Actions actions) {
    super(number);
    this.number = number;
    this.type = type;
    this.actions = actions;
    getStyleClass().addAll("slip-number", "slip-field");
    focusedProperty().addListener((property, before, focused) -> focusChanged(focused));
    textProperty()
        .addListener(
            (property, before, now) -> {
              if (isFocused() && !isTelling) {
                typed(now);
              }
            });
    addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    addEventFilter(MouseEvent.MOUSE_CLICKED, this::click);
    addEventFilter(ContextMenuEvent.CONTEXT_MENU_REQUESTED, this::offer);
  }

  /** Shows another number, as after undoing, unless it is just this that is being typed. */
  void show(String now) {
    number = now;
    boolean isOurs = isTelling || isTyped && problem.isPresent();
    if (!isOurs) {
      isTyped = isTyped && getText().equals(now);
      tell(now);
    }
  }

  /** Says whether something was typed that is not in the job: what is taken back first. */
  public boolean isTyping() {
    return isTyped;
  }

  /** Takes back what was typed since the number was visited. */
  public void takeBack() {
    actions.cancel();
    settle();
    isFresh = true;
    selectAll();
  }

  private void tell(String text) {
    boolean before = isTelling;
    isTelling = true;
    if (!getText().equals(text)) {
      setText(text);
    }
    isTelling = before;
  }

  private void settle() {
    isTyped = false;
    trouble(Optional.empty());
    tell(number);
  }

  private void trouble(Optional<String> sentence) {
    problem = sentence;
    actions.trouble(sentence);
  }

  private void typed(String now) {
    isTyped = true;
    isFresh = false;
    isTelling = true;
    Optional<String> told = type.apply(now);
    isTelling = false;
    trouble(told);
  }

  private void focusChanged(boolean focused) {
    if (focused) {
      isFresh = true;
      actions.look();
      selectAll();
    } else if (problem.isEmpty()) {
      actions.finish();
      settle();
    } else {
      // The sentence stays until somebody comes back and mends the number.
      actions.finish();
    }
  }

  /** A second click must not put the cursor between figures that were meant to be typed over. */
  private void click(MouseEvent event) {
    if (isFresh && getSelectedText().isEmpty()) {
      selectAll();
    }
  }

  /** By the right button or the menu key; where nothing is owned, cut and paste are offered. */
  private void offer(ContextMenuEvent event) {
    List<MenuItem> offers = actions.offers();
    if (!offers.isEmpty()) {
      ContextMenu menu = new ContextMenu();
      menu.getItems().addAll(offers);
      menu.show(this, event.getScreenX(), event.getScreenY());
      event.consume();
    }
  }

  private void key(KeyEvent event) {
    boolean up = event.getCode() == KeyCode.UP;
    if (event.getCode() == KeyCode.L && event.isShortcutDown()) {
      actions.pin();
    } else if (up || event.getCode() == KeyCode.DOWN) {
      isTyped = false;
      trouble(Optional.empty());
      actions.nudge(up ? 1 : -1);
      tell(number);
      isFresh = true;
      selectAll();
    } else if (event.getCode() == KeyCode.ENTER) {
      enter();
    } else if (event.getCode() == KeyCode.ESCAPE) {
      takeBack();
    } else {
      return;
    }
    event.consume();
  }

  private void enter() {
    if (problem.isEmpty()) {
      settle();
      actions.finish();
    }
    isFresh = true;
    selectAll();
  }
}

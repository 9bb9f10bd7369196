package cufflink.desktop.shell;

import java.util.List;
import java.util.function.Supplier;
import javafx.event.Event;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;

/**
 * A word in a sentence that opens a list of others. The list is made when it is asked for: a window
 * has many such words, and most lists are never opened.
 */
final class WordButton extends Button {
  private static final String CHOSEN = "chosen";

  private final Supplier<List<MenuItem>> items;

  WordButton(String word, String hint, Supplier<List<MenuItem>> items) {
    super(word);
    this.items = items;
    Region arrow = new Region();
    arrow.getStyleClass().add("word-arrow");
    setGraphic(arrow);
    setContentDisplay(ContentDisplay.RIGHT);
    getStyleClass().add("word");
    setAccessibleText(hint + " " + word);
    setOnKeyPressed(this::walk);
    setOnAction(
        event -> {
          ContextMenu menu = new ContextMenu();
          menu.getItems().setAll(items.get());
          menu.show(this, Side.BOTTOM, 0, 0);
          goTo(menu, word);
        });
  }

  /** Says that an item stands for what is chosen now, though it says more than the word does. */
  static MenuItem chosen(MenuItem item) {
    item.getProperties().put(CHOSEN, true);
    return item;
  }

  /** Goes from word to word of the sentence, where the arrows are for nothing else. */
  private void walk(KeyEvent event) {
    List<WordButton> words = words(getParent());
    int here = words.indexOf(this);
    int to =
        switch (event.getCode()) {
          case LEFT -> here - 1;
          case RIGHT -> here + 1;
          case HOME -> 0;
          case END -> words.size() - 1;
          default -> -1;
        };
    if (to >= 0 && to < words.size()) {
      words.get(to).requestFocus();
      event.consume();
    }
  }

  /** Goes to the word that is chosen now, as arrow keys would. */
  private static void goTo(ContextMenu menu, String word) {
    List<MenuItem> items = menu.getItems();
    int steps = 0;
    for (MenuItem item : items) {
      steps += item.isDisable() ? 0 : 1;
      if (word.equals(item.getText()) || item.getProperties().containsKey(CHOSEN)) {
        for (int i = 0; i < steps; i++) {
          Event.fireEvent(
              menu.getSkin().getNode(),
              new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.DOWN, false, false, false, false));
        }
        return;
      }
    }
  }

  /** Returns which word has the keyboard, counted from 0; -1 if none has. */
  static int focused(Node sentence) {
    return words(sentence).stream().map(Node::isFocused).toList().indexOf(true);
  }

  /** Gives the keyboard to a word again, which was put into the sentence anew. */
  static void focus(Node sentence, int index) {
    List<WordButton> words = words(sentence);
    if (index >= 0 && !words.isEmpty()) {
      words.get(Math.min(index, words.size() - 1)).requestFocus();
    }
  }

  private static List<WordButton> words(Node node) {
    if (node instanceof WordButton word) {
      return List.of(word);
    }
    return node instanceof Parent parent
        ? parent.getChildrenUnmodifiable().stream().flatMap(each -> words(each).stream()).toList()
        : List.of();
  }

  /** Returns what there is to choose from now. */
  List<MenuItem> items() {
    return items.get();
  }
}

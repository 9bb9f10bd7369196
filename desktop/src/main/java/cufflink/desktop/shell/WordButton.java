package cufflink.desktop.shell;

import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.Region;

/**
 * A word in a sentence that opens a list of others. The list is made when it is asked for: a window
 * has many such words, and most lists are never opened.
 */
final class WordButton extends Button {
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
    setOnAction(
        event -> {
          ContextMenu menu = new ContextMenu();
          menu.getItems().setAll(items.get());
          menu.show(this, Side.BOTTOM, 0, 0);
        });
  }

  /** Returns what there is to choose from now. */
  List<MenuItem> items() {
    return items.get();
  }
}

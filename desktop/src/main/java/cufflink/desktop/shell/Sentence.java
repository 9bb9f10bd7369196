package cufflink.desktop.shell;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;

/** A sentence whose underlined words can be changed: the way a station's question is answered. */
final class Sentence extends FlowPane {
  Sentence() {
    getStyleClass().add("sentence");
  }

  /** Adds words that stay. */
  Sentence say(String words) {
    Label label = new Label(words);
    if (words.startsWith(",")) {
      label.getStyleClass().add("comma");
    }
    getChildren().add(label);
    return this;
  }

  /** Adds a word that opens a list of others. */
  Sentence choice(String word, String hint, Supplier<List<MenuItem>> items) {
    getChildren().add(new WordButton(word, hint, items));
    return this;
  }

  /** Adds something else. */
  Sentence add(Node node) {
    getChildren().add(node);
    return this;
  }

  static MenuItem item(String text, Runnable action) {
    MenuItem item = new MenuItem(text);
    item.setOnAction(event -> action.run());
    return item;
  }
}

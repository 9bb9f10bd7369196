package cufflink.desktop.shell;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
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

  /** Makes an item in which something that is on no list can be typed. */
  static MenuItem typed(String prompt, Consumer<String> action) {
    TextField field = new TextField();
    field.setPromptText(prompt);
    field.setPrefColumnCount(20);
    field.setOnAction(event -> action.accept(field.getText()));
    return new CustomMenuItem(field, false);
  }

  /** Makes an item that is either ticked or not. */
  static MenuItem tick(String text, boolean ticked, Runnable action) {
    CheckMenuItem item = new CheckMenuItem(text);
    item.setSelected(ticked);
    item.setOnAction(event -> action.run());
    return item;
  }

  static MenuItem item(String text, Runnable action) {
    MenuItem item = new MenuItem(text);
    item.setOnAction(event -> action.run());
    return item;
  }
}

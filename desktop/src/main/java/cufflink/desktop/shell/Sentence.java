package cufflink.desktop.shell;

import cufflink.core.words.Message;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

/** A sentence whose underlined words can be changed: the way a station's question is answered. */
final class Sentence extends FlowPane {
  /** Stands in the text for the first place; letters of nobody's language. */
  private static final char FIRST_PLACE = '\uE000';

  private final List<Node> places = new ArrayList<>();

  Sentence() {
    getStyleClass().add("sentence");
  }

  /**
   * Makes a word that opens a list of others.
   *
   * @param word what is chosen now
   * @param hint what can be chosen there, for those who hear it
   * @param items what to choose from
   * @return its place, to be put into the message that is shown
   */
  String choice(String word, String hint, Supplier<List<MenuItem>> items) {
    return place(new WordButton(word, hint, items));
  }

  /** Makes a place for something else in the message that is shown. */
  String place(Node node) {
    places.add(node);
    return Character.toString((char) (FIRST_PLACE + places.size() - 1));
  }

  /** Shows a message; each language puts the words that can be changed where it wants them. */
  Sentence show(Message message) {
    int from = 0;
    String text = Words.say(message);
    for (int i = 0; i <= text.length(); i++) {
      int place = i == text.length() ? places.size() : text.charAt(i) - FIRST_PLACE;
      boolean ends = i == text.length() || place >= 0 && place < places.size();
      if (ends) {
        words(text.substring(from, i).strip());
        from = i + 1;
      }
      if (ends && place < places.size()) {
        getChildren().add(places.get(place));
      }
    }
    return this;
  }

  /** Each word may go to the next line, but no line begins with a comma. */
  private void words(String words) {
    if (words.isEmpty()) {
      return;
    }
    String rest = words;
    if (",;:.".indexOf(words.charAt(0)) >= 0 && !getChildren().isEmpty()) {
      Label mark = new Label(words.substring(0, 1));
      HBox together = new HBox();
      together.getStyleClass().add("sentence-word");
      together.getChildren().addAll(getChildren().remove(getChildren().size() - 1), mark);
      getChildren().add(together);
      rest = words.substring(1);
    }
    Stream.of(rest.strip().split(" "))
        .filter(each -> !each.isEmpty())
        .map(Label::new)
        .forEach(getChildren()::add);
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

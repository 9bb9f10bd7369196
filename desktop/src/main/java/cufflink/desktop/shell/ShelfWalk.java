package cufflink.desktop.shell;

import java.util.List;
import javafx.event.EventHandler;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;

/** Lets the arrow keys go from card to card on the shelf. */
final class ShelfWalk {
  private ShelfWalk() {}

  /** Returns what moves the focus between the children of a pane. */
  static EventHandler<KeyEvent> along(Pane table, Node sentence) {
    return event -> {
      walk(table.getChildren(), event);
      boolean above = event.getCode() == KeyCode.UP && !event.isConsumed();
      if (above) {
        WordButton.focus(sentence, 0);
        event.consume();
      }
    };
  }

  /** Goes from card to card: left and right in a row, up and down between rows. */
  private static void walk(List<Node> cards, KeyEvent event) {
    int from = cards.stream().map(Node::isFocused).toList().indexOf(true);
    if (from < 0) {
      return;
    }
    int to =
        switch (event.getCode()) {
          case LEFT -> from - 1;
          case RIGHT -> from + 1;
          case UP -> inRow(cards, from, -1);
          case DOWN -> inRow(cards, from, 1);
          case HOME -> 0;
          case END -> cards.size() - 1;
          default -> -1;
        };
    if (to >= 0 && to < cards.size()) {
      cards.get(to).requestFocus();
      event.consume();
    }
  }

  /** Finds the card nearest above or below another. */
  private static int inRow(List<Node> cards, int from, int direction) {
    Bounds here = cards.get(from).getBoundsInParent();
    int best = -1;
    double least = Double.MAX_VALUE;
    for (int i = 0; i < cards.size(); i++) {
      Bounds there = cards.get(i).getBoundsInParent();
      double down = direction * (there.getMaxY() - here.getMaxY());
      double away = 4 * down + Math.abs(there.getCenterX() - here.getCenterX());
      if (down > 1 && away < least) {
        least = away;
        best = i;
      }
    }
    return best;
  }
}

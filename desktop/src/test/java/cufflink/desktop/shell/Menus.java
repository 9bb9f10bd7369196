package cufflink.desktop.shell;

import java.util.List;
import java.util.function.Predicate;
import javafx.event.ActionEvent;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** Words of the window and what they offer, as a hand finds them. */
final class Menus {
  private Menus() {}

  /** Returns what a word offers; the word itself, or the first that begins so. */
  static List<MenuItem> items(FxRobot robot, String word) {
    WaitForAsyncUtils.waitForFxEvents();
    List<WordButton> words = List.copyOf(robot.lookup(".word").queryAllAs(WordButton.class));
    return words.stream()
        .filter(each -> each.getText().equals(word))
        .findFirst()
        .or(() -> words.stream().filter(each -> each.getText().startsWith(word)).findFirst())
        .orElseThrow(() -> new AssertionError("no word " + word))
        .items();
  }

  /** Chooses from a word, menu by menu. */
  static void press(FxRobot robot, String word, String... path) {
    List<MenuItem> all = items(robot, word);
    for (String name : path) {
      MenuItem item = named(all, name);
      if (item instanceof Menu menu) {
        all = menu.getItems();
      } else {
        robot.interact(item::fire);
      }
    }
    WaitForAsyncUtils.waitForFxEvents();
  }

  /** Types into the last place for it that a word offers, and presses Enter. */
  static void type(FxRobot robot, String word, String text) {
    List<MenuItem> all = items(robot, word);
    TextField field = (TextField) ((CustomMenuItem) all.get(all.size() - 1)).getContent();
    robot.interact(
        () -> {
          field.setText(text);
          field.fireEvent(new ActionEvent());
        });
    WaitForAsyncUtils.waitForFxEvents();
  }

  private static MenuItem named(List<MenuItem> all, String name) {
    Predicate<MenuItem> isTold = each -> each.getText() != null;
    return all.stream()
        .filter(isTold.and(each -> each.getText().equals(name)))
        .findFirst()
        .or(
            () ->
                all.stream()
                    .filter(isTold.and(each -> each.getText().startsWith(name)))
                    .findFirst())
        .orElseThrow(() -> new AssertionError("no " + name));
  }
}

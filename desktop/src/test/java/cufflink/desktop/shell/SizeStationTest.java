package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What the size station offers. */
@ExtendWith(ApplicationExtension.class)
class SizeStationTest {
  private OpenWindow window;

  @Start
  void start(Stage stage) throws IOException {
    window = OpenWindow.withAJob(stage);
  }

  @AfterEach
  void close() {
    window.projects().close();
  }

  private static List<String> items(FxRobot robot) {
    robot.clickOn("another size");
    WaitForAsyncUtils.waitForFxEvents();
    List<String> texts =
        robot.lookup(".menu-item .label").queryAllAs(Label.class).stream()
            .map(Label::getText)
            .filter(text -> !text.isEmpty())
            .toList();
    robot.type(KeyCode.ESCAPE);
    WaitForAsyncUtils.waitForFxEvents();
    return texts;
  }

  /** They are looked for beside the window, while the maker is still reading. */
  @Test
  void otherSizes_areThereOnceTheyAreFound(FxRobot robot) {
    OpenWindow.waitFor(
        () -> items(robot).stream().anyMatch(text -> text.matches(".+ for .+, \\d+ from .+")));
    List<String> found = items(robot);
    assertTrue(found.size() > 2 && found.size() <= 10, found::toString);
    assertTrue(
        found.stream().allMatch(text -> text.matches(".+ for .+, \\d+ from .+")), found::toString);
  }
}

package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Marks;
import cufflink.desktop.paper.FontBook;
import cufflink.desktop.work.Workbench;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.Settings;
import cufflink.files.project.UserFolders;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The shelf while it looks, and once it has looked. */
@ExtendWith(ApplicationExtension.class)
class ShelfViewTest {
  @TempDir private Path folder;
  private Projects projects;
  private String atFirst;
  private boolean toldAtFirst;

  @Start
  void start(Stage stage) {
    FontBook.prepare();
    Workbench bench = new Workbench(PatternLibrary.shipped(), Marks.MILLIMETRES);
    projects = new Projects(bench, new UserFolders(folder), Settings.NEW);
    ShelfView shelf = new ShelfView(bench, projects);
    stage.setScene(new Scene(shelf, 900, 600));
    stage.show();
    Label note = (Label) shelf.lookup(".shelf-none");
    atFirst = note.getText();
    toldAtFirst = note.isVisible();
  }

  @AfterEach
  void close() {
    projects.close();
  }

  /** Nothing has been looked at yet, so nothing can be said about what there is. */
  @Test
  void shelf_beforeItHasLooked_doesNotSayThatNothingWillDo(FxRobot robot) throws TimeoutException {
    assertTrue(atFirst.isEmpty(), atFirst);
    assertFalse(toldAtFirst);
    WaitForAsyncUtils.waitFor(
        30, TimeUnit.SECONDS, () -> !robot.lookup(".stand").queryAll().isEmpty());
    Label note = robot.lookup(".shelf-none").queryAs(Label.class);
    assertFalse(note.isVisible(), note.getText());
  }

  /** What no longer answers to the words lies there no longer, before the search has answered. */
  @Test
  void typing_leavesAtOnceOnlyWhatAnswersToTheWords(FxRobot robot) throws TimeoutException {
    WaitForAsyncUtils.waitFor(
        30, TimeUnit.SECONDS, () -> robot.lookup(".stand").queryAll().size() > 1);
    List<String> left = new ArrayList<>();
    robot.interact(
        () -> {
          robot.lookup(".shelf-search").queryAs(TextField.class).setText("squash");
          robot.lookup(".stand").queryAll().forEach(each -> left.add(each.getAccessibleText()));
        });
    assertEquals(1, left.size(), left.toString());
    assertTrue(left.get(0).toLowerCase(Locale.ROOT).contains("squash"), left.get(0));
  }
}

package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.job.Job;
import cufflink.core.measure.Marks;
import cufflink.desktop.CufflinkApp;
import cufflink.desktop.paper.FontBook;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.DemoProjects;
import cufflink.files.project.Settings;
import cufflink.files.project.UserFolders;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The window with an empty table: the shelf. */
@ExtendWith(ApplicationExtension.class)
class ShelfWindowTest {
  private final PatternLibrary library = PatternLibrary.shipped();
  private final List<Job> demonstration = DemoProjects.all();
  private Workbench bench;
  private Projects projects;

  @Start
  void start(Stage stage) throws IOException {
    Path folder = Files.createTempDirectory("cufflink-window");
    FontBook.prepare();
    bench = new Workbench(library, Marks.MILLIMETRES);
    projects = new Projects(bench, new UserFolders(folder), Settings.NEW);
    Scene scene = new Scene(new MainWindow(bench, projects, demonstration, () -> {}), 1280, 800);
    scene
        .getStylesheets()
        .addAll(
            CufflinkApp.class.getResource("theme-light.css").toExternalForm(),
            CufflinkApp.class.getResource("cufflink.css").toExternalForm());
    stage.setScene(scene);
    stage.show();
  }

  @AfterEach
  void close() {
    projects.close();
  }

  @Test
  void empty_teachesWhatToDo(FxRobot robot) {
    assertTrue(texts(robot).contains("What are you making? Pick it up from the table."));
    assertTrue(robot.lookup(".station").queryAll().stream().skip(1).allMatch(Node::isDisabled));
  }

  @Test
  void shelf_clickOnAConstruction_laysItOnTheTable(FxRobot robot) {
    robot.push(KeyCode.SHORTCUT, KeyCode.F).write("zig-zag");
    waitFor(() -> robot.lookup(".stand").queryAll().size() == 1);
    robot.clickOn("Stepped accordion");
    assertEquals("stepped-accordion", bench.job().orElseThrow().patternId());
    assertEquals(Station.SIZE, bench.station().get());
  }

  @Test
  void shelf_wordsThatFitNothing_areAnsweredInWords(FxRobot robot) {
    robot.push(KeyCode.SHORTCUT, KeyCode.F).write("harbour crane");
    waitFor(
        () ->
            texts(robot).stream()
                .anyMatch(text -> text.startsWith("Nothing on the shelf will do")));
    assertTrue(robot.lookup(".stand").queryAll().isEmpty());
  }

  private static void waitFor(java.util.concurrent.Callable<Boolean> condition) {
    try {
      WaitForAsyncUtils.waitFor(10, java.util.concurrent.TimeUnit.SECONDS, condition);
      WaitForAsyncUtils.waitForFxEvents();
    } catch (java.util.concurrent.TimeoutException late) {
      throw new AssertionError(late);
    }
  }

  private static List<String> texts(FxRobot robot) {
    WaitForAsyncUtils.waitForFxEvents();
    return robot
        .lookup(node -> node instanceof Labeled && node.isVisible())
        .queryAllAs(Labeled.class)
        .stream()
        .map(Labeled::getText)
        .toList();
  }
}

package cufflink.desktop.shell;

import static cufflink.desktop.shell.OpenWindow.waitFor;
import static cufflink.desktop.shell.OpenWindow.waitForWords;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.fit.Goal;
import cufflink.core.measure.Length;
import cufflink.core.paper.Envelope;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.log.LogStore;
import cufflink.files.project.UserFolders;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** The window with an empty table: the shelf. */
@ExtendWith(ApplicationExtension.class)
class ShelfWindowTest {
  private OpenWindow window;
  private Workbench bench;
  private Projects projects;

  @Start
  void start(Stage stage) throws IOException {
    window = OpenWindow.empty(stage);
    bench = window.bench();
    projects = window.projects();
  }

  @AfterEach
  void close() {
    projects.close();
  }

  @Test
  void empty_teachesWhatToDo(FxRobot robot) {
    waitForWords(robot, "What are you making? Pick it up from the table.");
    // Without a job one can begin one, or look at what was made before.
    assertEquals(
        List.of("Choose", "Log"),
        robot.lookup(".station").queryAllAs(ToggleButton.class).stream()
            .filter(each -> !each.isDisabled())
            .map(ToggleButton::getText)
            .toList());
  }

  @Test
  void shelf_clickOnAConstruction_laysItOnTheTable(FxRobot robot) {
    robot.push(KeyCode.SHORTCUT, KeyCode.F).write("zig-zag");
    waitFor(() -> robot.lookup(".stand").queryAll().size() == 1);
    robot.clickOn("Stepped accordion");
    assertEquals("stepped-accordion", bench.job().orElseThrow().patternId());
    assertEquals(Station.SIZE, bench.station().get());
  }

  /** An envelope that is typed with a name is owned: kept, offered anywhere, and then forgotten. */
  @Test
  void shelf_envelopeOfOnesOwn_isKept(FxRobot robot) {
    Menus.type(robot, "any envelope", "moss = 141 x 217");
    waitForWords(robot, "moss");
    waitFor(() -> kept().equals(List.of("moss")));
    robot.push(KeyCode.SHORTCUT, KeyCode.F).write("zig-zag");
    waitFor(() -> robot.lookup(".stand").queryAll().size() == 1);
    robot.clickOn("Stepped accordion");
    Menus.press(robot, "moss", "For an envelope", "moss");
    Goal.ForEnvelope wanted = (Goal.ForEnvelope) bench.job().orElseThrow().goal();
    assertEquals(Length.ofMillimetres(217), wanted.envelope().height());
    robot.interact(() -> bench.station().set(Station.LAYER));
    Menus.press(robot, "a piece of your own", "Owned no longer", "moss");
    waitFor(() -> kept().isEmpty());
    assertEquals(List.of(), bench.papers().owned().get().all());
  }

  private List<String> kept() {
    Path file = new UserFolders(window.folder()).log();
    try (LogStore store = LogStore.open(file).orElseThrow()) {
      return store.chart().orElseThrow().envelopes().stream().map(Envelope::label).toList();
    }
  }

  @Test
  void shelf_wordsThatFitNothing_areAnsweredInWords(FxRobot robot) {
    robot.push(KeyCode.SHORTCUT, KeyCode.F).write("harbour crane");
    waitForWords(robot, "Nothing on the shelf will do");
    assertTrue(robot.lookup(".stand").queryAll().isEmpty());
  }
}

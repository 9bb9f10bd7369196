package cufflink.desktop.shell;

import static cufflink.desktop.shell.OpenWindow.waitFor;
import static cufflink.desktop.shell.OpenWindow.waitForWords;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import cufflink.core.design.Piece;
import cufflink.core.job.Job;
import cufflink.core.make.AtTable;
import cufflink.core.make.Task;
import cufflink.core.measure.Length;
import cufflink.core.paper.Sundries;
import cufflink.core.paper.Sundries.Kind;
import cufflink.core.paper.Sundries.Material;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.log.LogStore;
import cufflink.files.project.UserFolders;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** At the table something runs out, and something does not fit. */
@ExtendWith(ApplicationExtension.class)
class MisfitWindowTest {
  private OpenWindow window;
  private Workbench bench;

  @Start
  void start(Stage stage) throws IOException {
    window = OpenWindow.withAJob(stage);
    bench = window.bench();
    try (LogStore store = LogStore.open(new UserFolders(window.folder()).log()).orElseThrow()) {
      store.put(new Sundries(Map.of(Kind.of(Material.TAPE), 80_000L))).orElseThrow();
    }
  }

  @AfterEach
  void close() {
    window.projects().close();
  }

  private AtTable table() {
    return bench
        .making()
        .maker()
        .at(bench.derivation().get().orElseThrow(), bench.drawer())
        .orElse(null);
  }

  /** By tool all is scored before anything is creased; piece by piece each is finished first. */
  @Test
  void theMakersSchool_ordersTheRun_andIsRemembered(FxRobot robot) {
    robot.interact(
        () -> {
          bench.lay(several(), Optional.empty());
          bench.making().order(bench.job().orElseThrow().order().withCopies(3));
          bench.station().set(Station.MAKE);
        });
    waitFor(() -> !bench.cutter().planner().busy().get() && table() != null);
    List<Task.Phase> byTool = phases();
    assertEquals(byTool.stream().sorted().toList(), byTool);
    robot.clickOn("Piece by piece");
    waitFor(() -> !bench.cutter().planner().busy().get() && table() != null);
    assertNotEquals(byTool, phases());
    assertEquals(true, window.projects().settings().own().byPiece());
  }

  /** A card of several pieces that are scored. */
  private Job several() {
    return window.demonstration().stream()
        .filter(each -> each.patternId().equals("two-way-flap"))
        .findFirst()
        .orElseThrow();
  }

  private List<Task.Phase> phases() {
    return table().work().tasks().stream()
        .map(Task::phase)
        .filter(phase -> phase.compareTo(Task.Phase.CREASE) <= 0)
        .toList();
  }

  @Test
  void whatRunsOut_isForetold_andWhatDoesNotFit_isFollowed(FxRobot robot) {
    robot.interact(() -> bench.station().set(Station.MAKE));
    waitFor(() -> !bench.cutter().planner().busy().get() && table() != null);
    waitForWords(robot, "This will not last in the drawer; missing: ");
    while (table().task().orElseThrow().phase() == Task.Phase.CUT) {
      robot.type(KeyCode.SPACE);
    }
    Piece base = table().design().base();
    Length width = base.width().minus(Length.ofMillimetres(2));
    robot.clickOn("Spoilt or lost one");
    robot.clickOn("One does not fit");
    waitForWords(robot, "Which one does not fit? Measure it.");
    robot.clickOn(base.label());
    waitForWords(robot, "measure? It was to be ");
    TextField field = robot.lookup(node -> node instanceof TextField).queryAs(TextField.class);
    robot.interact(() -> field.setText("nothing"));
    robot.clickOn("Make the card fit it");
    robot.interact(
        () ->
            robot
                .lookup(node -> node instanceof TextField)
                .queryAs(TextField.class)
                .setText(width.toString() + " x " + base.height()));
    robot.clickOn("Make the card fit it");
    waitForWords(robot, "What is not cut yet fits it now; other than before: ");
    waitFor(() -> !bench.cutter().planner().busy().get() && table() != null);
    assertEquals(width, table().design().base().width());
    assertFalse(table().round().only().orElse(Map.of()).containsKey(base.id()));
  }
}

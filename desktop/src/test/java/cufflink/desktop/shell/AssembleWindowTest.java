package cufflink.desktop.shell;

import static cufflink.desktop.shell.OpenWindow.waitFor;
import static cufflink.desktop.shell.OpenWindow.waitForWords;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.job.Job;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Putting together and inspecting, by the keyboard and by the hand. */
@ExtendWith(ApplicationExtension.class)
class AssembleWindowTest {
  private OpenWindow window;
  private Workbench bench;

  @Start
  void start(Stage stage) throws IOException {
    window = OpenWindow.empty(stage);
    bench = window.bench();
  }

  @AfterEach
  void close() {
    window.projects().close();
  }

  private void lay(FxRobot robot, String pattern, Station station) {
    Job job =
        window.demonstration().stream()
            .filter(each -> each.patternId().equals(pattern))
            .findFirst()
            .orElseThrow();
    robot.interact(
        () -> {
          bench.lay(job, Optional.empty());
          bench.station().set(station);
        });
  }

  private List<String> own() {
    return bench.job().orElseThrow().order().own().order();
  }

  @Test
  void everyStep_isToldInItsOrder_andArrowsGoThroughThem(FxRobot robot) {
    lay(robot, "stacked-pocket-folio", Station.ASSEMBLE);
    waitForWords(robot, "Put together in this order");
    waitForWords(robot, "the leaf, 2 of 3");
    robot.type(KeyCode.RIGHT).type(KeyCode.RIGHT);
    waitForWords(robot, "First: Fold each leaf over its hinge.");
    waitForWords(robot, "Glue the leaf onto the folio base: ");
    robot.type(KeyCode.SPACE).type(KeyCode.SPACE).type(KeyCode.SPACE);
    waitForWords(robot, "Glue the tab onto the sleeve: ");
    robot.type(KeyCode.SPACE).type(KeyCode.SPACE).type(KeyCode.SPACE);
    waitForWords(robot, "This is the seam of the sleeve: put the glue where it is hatched");
    robot.type(KeyCode.SPACE).type(KeyCode.SPACE).type(KeyCode.SPACE);
    waitForWords(robot, "Before the glue sets, put a finger in: the mouth must be open.");
  }

  /** What cannot be is told with what would happen; what can be is done, and taken back. */
  @Test
  void stepMoved_isDoneOrForbidden_andTakenBack(FxRobot robot) {
    lay(robot, "stacked-pocket-folio", Station.ASSEMBLE);
    waitForWords(robot, "the leaf, 2 of 3");
    robot.type(KeyCode.RIGHT).type(KeyCode.RIGHT);
    robot.press(KeyCode.ALT).type(KeyCode.LEFT).release(KeyCode.ALT);
    waitForWords(robot, "First the papers on the inside of the folio base. It lies under ");
    assertEquals(List.of(), own());
    robot.type(KeyCode.LEFT).type(KeyCode.LEFT);
    robot.press(KeyCode.ALT).type(KeyCode.RIGHT).release(KeyCode.ALT);
    waitFor(() -> own().size() == 23);
    assertEquals("base inside", own().get(0));
    waitForWords(robot, "your own order");
    robot.interact(bench::undo);
    assertEquals(List.of(), own());
  }

  @Test
  void stepDragged_goesWhereItIsDropped(FxRobot robot) {
    lay(robot, "stacked-pocket-folio", Station.ASSEMBLE);
    waitForWords(robot, "the leaf, 2 of 3");
    List<Node> rows = OpenWindow.seen(() -> List.copyOf(robot.lookup(".slip-step").queryAll()));
    robot.drag(rows.get(0)).dropTo(rows.get(1));
    waitFor(() -> !own().isEmpty());
    assertEquals("base inside", own().get(0));
  }

  @Test
  void whatIsWrong_isToldByWhatItCosts_andCuredByAPress(FxRobot robot) {
    lay(robot, "off-centre-gate", Station.INSPECT);
    waitForWords(robot, "Nothing wrong");
    robot.interact(() -> bench.sizing().type("left", "200"));
    waitForWords(robot, "Would cost you to ");
    assertTrue(bench.derivation().get().orElseThrow().findings().size() > 0);
    waitFor(() -> OpenWindow.seen(() -> cure(robot).isPresent()));
    // The rows are put up anew as more is found out.
    robot.interact(() -> cure(robot).orElseThrow().fire());
    waitFor(
        () ->
            OpenWindow.texts(robot).stream()
                .noneMatch(text -> text.contains("covers the whole middle")));
  }

  /** The cure of what the flap does wrong, on the slip. */
  private static Optional<Button> cure(FxRobot robot) {
    return robot.lookup(".slip-row .cure").queryAllAs(Button.class).stream()
        .filter(each -> each.getText().startsWith("Make the left flap "))
        .findFirst();
  }

  @Test
  void inspected_answersWhetherItIsPosted_andTurnsTheCard(FxRobot robot) {
    lay(robot, "off-centre-gate", Station.INSPECT);
    waitForWords(robot, "plies at the thickest");
    waitForWords(robot, "from the front");
    robot.type(KeyCode.SPACE);
    waitForWords(robot, "from behind");
    robot.type(KeyCode.RIGHT);
    waitForWords(robot, "after “");
    assertFalse(bench.job().orElseThrow().order().raised());
  }

  /** With the keyboard and with a finger; what is found wrong is put right for the whole job. */
  @Test
  void face_isPointedAt_andAllOnItGoesOntoTheOther(FxRobot robot) {
    lay(robot, "off-centre-gate", Station.INSPECT);
    waitForWords(robot, "plies at the thickest");
    waitForWords(robot, "Press a face of the card");
    robot.press(KeyCode.ALT).type(KeyCode.RIGHT).release(KeyCode.ALT);
    waitForWords(robot, "Panel 1, outside: it lies up when the card is closed");
    robot.press(KeyCode.ALT).type(KeyCode.RIGHT).release(KeyCode.ALT);
    waitForWords(robot, "Panel 3, outside: ");
    robot.type(KeyCode.RIGHT);
    waitForWords(robot, "Press a face of the card");
    robot.type(KeyCode.LEFT);
    robot.clickOn(".paper-view");
    waitForWords(robot, "The label, outside: ");
    robot.moveBy(0, 130).clickOn();
    waitForWords(robot, "Panel 3, outside: ");
    waitForWords(robot, "On it: right flap layer");
    robot.clickOn("Glue all of this onto the other face");
    waitFor(() -> !bench.job().orElseThrow().order().own().faces().isEmpty());
    robot.interact(bench::undo);
    assertTrue(bench.job().orElseThrow().order().own().faces().isEmpty());
  }
}

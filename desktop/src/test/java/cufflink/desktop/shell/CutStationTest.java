package cufflink.desktop.shell;

import static cufflink.desktop.shell.OpenWindow.paper;
import static cufflink.desktop.shell.OpenWindow.waitFor;
import static cufflink.desktop.shell.OpenWindow.waitForWords;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.cut.Part;
import cufflink.core.job.PaperPlan;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import java.io.IOException;
import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Cutting, in the window: one cut after another, and what goes on no sheet. */
@ExtendWith(ApplicationExtension.class)
class CutStationTest {
  private OpenWindow window;
  private Workbench bench;
  private Projects projects;

  @Start
  void start(Stage stage) throws IOException {
    window = OpenWindow.withAJob(stage);
    bench = window.bench();
    projects = window.projects();
  }

  @AfterEach
  void close() {
    projects.close();
  }

  @Test
  void cutting_spaceMakesTheNextCut(FxRobot robot) {
    window.lay(robot, 0);
    robot.interact(() -> bench.station().set(Station.CUT));
    waitFor(
        () -> !bench.cutter().planner().busy().get() && !bench.cutter().plans().get().isEmpty());
    waitForWords(robot, "Sheet 1: the ");
    robot.interact(() -> paper(robot).requestFocus());
    int cuts = bench.cutter().plans().get().get(0).run().steps().size();
    for (int left = cuts; left > 0; left--) {
      waitForWords(robot, "Cardstock: " + left + " cut");
      robot.type(KeyCode.SPACE);
    }
    // One of two papers is cut: not everything.
    waitForWords(robot, "This paper is cut. Next: Patterned paper.");
    int before = bench.drawer().stock().size();
    robot.clickOn("All is cut");
    assertEquals(before + 1, bench.drawer().stock().size());
    // What is cut stays cut: it is not planned again from the off-cut just put in.
    List<PaperPlan> plans = bench.cutter().plans().get();
    robot.clickOn("Patterned paper: " + plans.get(1).run().steps().size() + " cuts left");
    robot.interact(() -> paper(robot).requestFocus());
    for (int i = 0; i < plans.get(1).run().steps().size(); i++) {
      robot.type(KeyCode.SPACE);
    }
    assertEquals(plans, bench.cutter().plans().get());
    waitForWords(robot, "Everything is cut; go on to score. Left over, ");
  }

  @Test
  void cutting_moreCopies_areCountedOnTheSlip(FxRobot robot) {
    window.lay(robot, 0);
    robot.interact(() -> bench.station().set(Station.CUT));
    robot.interact(() -> bench.making().order(bench.job().orElseThrow().order().withCopies(12)));
    waitFor(() -> !bench.cutter().planner().busy().get());
    waitForWords(robot, "12 × card base");
    waitForWords(robot, "buy 12 × A4");
  }

  @Test
  void cutting_togetherWithAnotherProject(FxRobot robot) {
    window.lay(robot, 0);
    robot.interact(() -> bench.station().set(Station.CUT));
    waitFor(
        () -> !bench.cutter().planner().busy().get() && !bench.cutter().plans().get().isEmpty());
    waitForWords(robot, "by itself");
    org.testfx.util.WaitForAsyncUtils.waitForFxEvents(20);
    robot.clickOn("by itself");
    robot.clickOn("Route map for the volunteers’ ride");
    waitForWords(robot, "together with Route map for the volunteers’ ride");
    waitFor(() -> !bench.cutter().planner().busy().get());
    List<String> cut =
        bench.cutter().plans().get().stream()
            .flatMap(plan -> plan.question().parts().stream())
            .map(Part::label)
            .toList();
    assertTrue(cut.contains("Route map for the volunteers’ ride: left piece"), cut::toString);
    assertTrue(cut.contains("card base"), cut::toString);
    // The other project itself is not offered to be cut with itself.
    robot.clickOn("together with Route map for the volunteers’ ride");
    assertTrue(robot.lookup("Route map for the volunteers’ ride").tryQuery().isPresent());
    robot.clickOn("Route map for the volunteers’ ride");
    waitForWords(robot, "by itself");
  }

  @Test
  void cutting_whatGoesOnNoSheet_isToldAboveThePaper(FxRobot robot) {
    robot.interact(
        () ->
            bench
                .choosing()
                .choose(OpenWindow.LIBRARY.pattern("stacked-pocket-folio").orElseThrow()));
    robot.interact(() -> bench.station().set(Station.CUT));
    waitFor(
        () -> !bench.cutter().planner().busy().get() && !bench.cutter().plans().get().isEmpty());
    List<String> told =
        robot.lookup(".trouble").queryAll().stream()
            .map(node -> ((javafx.scene.control.Label) node).getText())
            .toList();
    assertEquals(1, told.size());
    assertTrue(
        told.get(0).startsWith("The folio base, 336 × 126, goes on no sheet"), told::toString);
  }
}

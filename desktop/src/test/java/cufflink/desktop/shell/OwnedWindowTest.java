package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.decor.Owned;
import cufflink.core.decor.Owned.Use;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.measure.Length;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.ContextMenuEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.PickResult;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What one owns is offered where a size is asked. */
@ExtendWith(ApplicationExtension.class)
class OwnedWindowTest {
  private Workbench bench;
  private Projects projects;

  @Start
  void start(Stage stage) throws IOException {
    OpenWindow window = OpenWindow.withAJob(stage);
    bench = window.bench();
    projects = window.projects();
  }

  @AfterEach
  void close() {
    projects.close();
  }

  /** By the menu key a number takes the size of what is owned. */
  @Test
  void number_takesTheSizeOfWhatIsOwned(FxRobot robot) {
    robot.interact(() -> bench.station().set(Station.SIZE));
    Length across = Length.ofMillimetres(61);
    robot.interact(
        () -> {
          bench.papers().note(new Owned("tall die", Shape.RECTANGLE, across, across.plus(across)));
          bench.papers().note(new Owned("pad", Use.SHEET, Shape.RECTANGLE, across, across));
        });
    String label = "Left flap";
    robot.clickOn(robot.lookup(node -> label.equals(node.getAccessibleText())).<Node>query());
    WaitForAsyncUtils.waitForFxEvents();
    TextField left =
        robot
            .lookup(node -> node instanceof TextField && label.equals(node.getAccessibleText()))
            .query();
    EventType<ContextMenuEvent> asked = ContextMenuEvent.CONTEXT_MENU_REQUESTED;
    robot.interact(
        () ->
            left.fireEvent(
                new ContextMenuEvent(asked, 1, 1, 1, 1, true, new PickResult(left, 1, 1))));
    ContextMenu menu =
        (ContextMenu)
            robot.listWindows().stream()
                .filter(ContextMenu.class::isInstance)
                .findFirst()
                .orElseThrow();
    assertEquals(List.of("tall die, 61"), menu.getItems().stream().map(MenuItem::getText).toList());
    robot.interact(() -> menu.getItems().get(0).fire());
    assertEquals(Optional.of(across), bench.job().orElseThrow().values().length("left"));
    assertEquals("61", left.getText());
    robot.push(KeyCode.SHORTCUT, KeyCode.Z);
    assertEquals(
        Optional.of(Length.ofMillimetres(77)), bench.job().orElseThrow().values().length("left"));
  }
}

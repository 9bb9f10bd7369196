package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.export.JobSheet;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** From the empty table to the printed sheet with the keyboard alone, its keys counted. */
@ExtendWith(ApplicationExtension.class)
class KeyboardWindowTest {
  private static final int MOST_KEYS = 30;

  private OpenWindow window;
  private Workbench bench;
  private int keys;

  @Start
  void start(Stage stage) throws IOException {
    window = OpenWindow.empty(stage);
    bench = window.bench();
  }

  @AfterEach
  void close() {
    window.projects().close();
  }

  /** A key pressed while others are held counts as one. */
  private void press(FxRobot robot, KeyCode... together) {
    keys++;
    robot.push(together);
    WaitForAsyncUtils.waitForFxEvents();
  }

  private void type(FxRobot robot, String text) {
    keys += text.length();
    robot.write(text, 0);
    WaitForAsyncUtils.waitForFxEvents();
  }

  private Node focus(FxRobot robot) {
    return robot.window(0).getScene().getFocusOwner();
  }

  @Test
  void fromChoosingToPaper_takesFewerThanThirtyKeys(FxRobot robot) throws Exception {
    Path pdf = window.folder().resolve("gate.pdf");
    window.projects().askWith((chooser, above) -> confirmed(pdf));

    press(robot, KeyCode.CONTROL, KeyCode.F);
    type(robot, "gate");
    press(robot, KeyCode.ENTER);
    OpenWindow.waitFor(() -> bench.job().isPresent());
    assertEquals("off-centre-gate", bench.job().orElseThrow().patternId());

    press(robot, KeyCode.DIGIT2);
    assertEquals(Station.SIZE, bench.station().get());
    for (int tabs = 0; tabs < 8 && !isNumber(robot, "66"); tabs++) {
      press(robot, KeyCode.TAB);
    }
    type(robot, "70");
    press(robot, KeyCode.ENTER);
    assertEquals(
        Optional.of(Length.ofMillimetres(70)), bench.job().orElseThrow().values().length("left"));

    for (Station station : new Station[] {Station.CUT, Station.SCORE, Station.FOLD}) {
      // Nothing is typed into after Escape, so that digits are stations again.
      press(robot, KeyCode.ESCAPE);
      press(robot, KeyCode.getKeyCode(Integer.toString(station.ordinal() + 1)));
      assertEquals(station, bench.station().get());
      press(robot, KeyCode.SPACE);
    }
    press(robot, KeyCode.CONTROL, KeyCode.P);
    // Which paper is in the printer is asked, once.
    assertEquals(Optional.empty(), window.projects().printer());
    press(robot, KeyCode.DOWN);
    press(robot, KeyCode.ENTER);
    assertEquals(Optional.of(JobSheet.Printer.A4), window.projects().printer());
    OpenWindow.waitFor(() -> Files.isRegularFile(pdf) && Files.size(pdf) > 0);
    byte[] start = Arrays.copyOf(Files.readAllBytes(pdf), 5);
    assertArrayEquals("%PDF-".getBytes(StandardCharsets.US_ASCII), start);
    assertTrue(keys < MOST_KEYS, keys + " keys were pressed");
    Files.delete(pdf);
    press(robot, KeyCode.CONTROL, KeyCode.P);
    OpenWindow.waitFor(() -> Files.isRegularFile(pdf) && Files.size(pdf) > 0);
  }

  @Test
  void anEndingThatIsTypedThoughTheDialogKeepsIt_isThereOnce(FxRobot robot) throws Exception {
    List<File> opened = new ArrayList<>();
    window
        .projects()
        .askWith(
            (chooser, above) -> {
              opened.add(chooser.getInitialDirectory());
              return window.folder().resolve("gate.cufflink.cufflink").toFile();
            });
    press(robot, KeyCode.CONTROL, KeyCode.F);
    type(robot, "gate");
    press(robot, KeyCode.ENTER);
    OpenWindow.waitFor(() -> bench.job().isPresent());

    press(robot, KeyCode.CONTROL, KeyCode.S);

    OpenWindow.waitFor(() -> Files.isRegularFile(window.folder().resolve("gate.cufflink")));
    Path home = Path.of(System.getProperty("user.home"));
    assertTrue(opened.get(0).toPath().startsWith(home), "asked in " + opened);
  }

  private File confirmed(Path file) {
    keys++;
    return file.toFile();
  }

  private boolean isNumber(FxRobot robot, String text) {
    return focus(robot) instanceof TextField field && field.getText().equals(text);
  }
}

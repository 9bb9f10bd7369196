package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.scene.Ref;
import cufflink.desktop.paper.PaperView;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.project.DemoProjects;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The paper obeys the hand, and what is drawn on it explains itself. */
@ExtendWith(ApplicationExtension.class)
class PaperWindowTest {
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

  private Job job() {
    return bench.job().orElseThrow();
  }

  /** At the end of every stage something under the pointer can be led on or back by hand. */
  @Test
  void fold_atEveryStage_isLedByHand(FxRobot robot) {
    for (int job = 0; job < window.demonstration().size(); job++) {
      window.lay(robot, job);
      robot.interact(() -> bench.station().set(Station.FOLD));
      WaitForAsyncUtils.waitForFxEvents();
      FoldScrubber scrubber = robot.lookup(".fold-scrubber").query();
      PaperView paper = OpenWindow.paper(robot);
      for (int stage = 0; stage <= scrubber.stages(); stage++) {
        int at = stage;
        robot.interact(() -> scrubber.setMoment(at));
        assertTrue(
            isLed(robot, scrubber, paper, at), job().title() + ": nothing moves at stage " + at);
      }
    }
  }

  /** Most is found by a rough look; a tab of a few millimetres needs a closer one. */
  private boolean isLed(FxRobot robot, FoldScrubber scrubber, PaperView paper, int stage) {
    return isLed(robot, scrubber, paper, stage, 0.05)
        || isLed(robot, scrubber, paper, stage, 0.0125);
  }

  private boolean isLed(
      FxRobot robot, FoldScrubber scrubber, PaperView paper, int stage, double step) {
    Station here = bench.station().get();
    boolean[] led = {false};
    robot.interact(
        () -> {
          FoldStation fold = ((MainWindow) paper.getScene().getRoot()).foldStation();
          for (double x = step; x < 1 && !led[0]; x += step) {
            for (double y = step; y < 1 && !led[0]; y += step) {
              for (double way : new double[] {-9, 9}) {
                fold.press(x * paper.getWidth(), y * paper.getHeight());
                if (fold.isHeld()) {
                  fold.drag(way, 0);
                  fold.drag(0, way);
                  led[0] |= scrubber.moment() != stage;
                }
                scrubber.setMoment(stage);
              }
            }
          }
        });
    assertEquals(Station.FOLD, here);
    return led[0];
  }

  /** What is drawn and not written is explained once, and is known the next time. */
  @Test
  void mark_metForTheFirstTime_isExplainedOnce(FxRobot robot) {
    window.lay(robot, 0);
    robot.interact(() -> bench.station().set(Station.SCORE));
    WaitForAsyncUtils.waitForFxEvents();
    assertTrue(bench.notice().get().contains("outside up"), bench.notice().get());
    robot.interact(() -> bench.station().set(Station.FOLD));
    robot.interact(() -> bench.station().set(Station.SCORE));
    WaitForAsyncUtils.waitForFxEvents();
    assertTrue(bench.notice().get().contains("where the stop stands"), bench.notice().get());
    robot.interact(() -> bench.station().set(Station.FOLD));
    robot.interact(() -> bench.station().set(Station.SCORE));
    WaitForAsyncUtils.waitForFxEvents();
    assertEquals("", bench.notice().get());
    assertTrue(window.projects().settings().met().contains("first.caret"));
  }

  /** Where layers are placed one looks first at the face that something is glued to. */
  @Test
  void layer_beginsAtTheFaceThatSomethingIsGluedTo(FxRobot robot) {
    robot.interact(
        () -> bench.choosing().choose(bench.library().pattern("turn-back-pocket").orElseThrow()));
    robot.interact(() -> bench.station().set(Station.LAYER));
    OpenWindow.waitForWords(robot, "inside");
    robot.push(javafx.scene.input.KeyCode.SPACE);
    OpenWindow.waitForWords(robot, "outside");
  }

  /** However far something is pulled, it is one change, and what was not pulled stays. */
  @Test
  void layer_isPulledAlongThePaper(FxRobot robot) {
    robot.interact(
        () -> bench.choosing().choose(bench.library().pattern("criss-cross-pocket").orElseThrow()));
    robot.interact(() -> bench.station().set(Station.LAYER));
    WaitForAsyncUtils.waitForFxEvents();
    Job before = job();
    robot.moveTo(OpenWindow.paper(robot));
    robot.interact(() -> bench.chosen().set(Set.of(new Ref("base", "label"))));
    Node question = robot.lookup(".question").query();
    robot.press(MouseButton.PRIMARY).moveBy(-20, 0).moveBy(-20, 0);
    WaitForAsyncUtils.waitForFxEvents();
    assertSame(question, robot.lookup(".question").query(), "no frame waits for words");
    robot.release(MouseButton.PRIMARY);
    WaitForAsyncUtils.waitForFxEvents();
    assertNotSame(question, robot.lookup(".question").query(), "the words are those of now");
    assertNotEquals(before.values().get("label_from"), job().values().get("label_from"));
    assertEquals(before.values().get("label_down"), job().values().get("label_down"));
    robot.interact(bench::undo);
    assertEquals(before.values(), job().values());
  }

  /**
   * Numbers are written a few times in a second while something is pulled, and last of all then.
   */
  @Test
  void slip_catchesUpWithWhatIsPulled(FxRobot robot) {
    Job voucher =
        DemoProjects.all().stream()
            .filter(each -> each.values().get("own1_left").isPresent())
            .findFirst()
            .orElseThrow();
    robot.interact(() -> bench.lay(voucher, Optional.empty()));
    robot.interact(() -> bench.station().set(Station.LAYER));
    robot.moveTo(OpenWindow.paper(robot));
    robot.interact(() -> bench.chosen().set(Set.of(new Ref("base", "own1"))));
    List<String> before = written(robot);
    robot.press(MouseButton.PRIMARY).moveBy(-9, 0).moveBy(-9, 0).release(MouseButton.PRIMARY);
    WaitForAsyncUtils.waitForFxEvents();
    Length left = job().values().length("own1_left").orElseThrow();
    assertNotEquals(voucher.values().length("own1_left").orElseThrow(), left);
    List<String> after = written(robot);
    assertNotEquals(before, after);
    assertTrue(after.contains(bench.format().format(left)), after::toString);
    robot.interact(bench::undo);
    assertEquals(before, written(robot));
    robot.press(MouseButton.PRIMARY).moveBy(-9, 0);
    Node question = robot.lookup(".question").query();
    robot.interact(() -> bench.station().set(Station.SCORE));
    assertNotSame(question, robot.lookup(".question").query(), "the words are of this station");
    robot.release(MouseButton.PRIMARY);
  }

  private static List<String> written(FxRobot robot) {
    return robot.lookup(".slip-number").queryAllAs(Labeled.class).stream()
        .map(Labeled::getText)
        .toList();
  }
}

package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.desktop.CufflinkApp;
import cufflink.desktop.paper.PaperView;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.image.PixelFormat;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The window obeys the hand: typing, taking back, the keyboard and where one was. */
@ExtendWith(ApplicationExtension.class)
class HandWindowTest {
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

  private static TextField field(FxRobot robot, String label) {
    WaitForAsyncUtils.waitForFxEvents();
    Labeled words =
        robot
            .lookup(
                node ->
                    node.getStyleClass().contains("slip-label")
                        && ((Labeled) node).getText().equals(label))
            .query();
    Node number = words.getParent().lookup(".slip-number");
    robot.clickOn(number);
    WaitForAsyncUtils.waitForFxEvents();
    return (TextField) words.getParent().lookup(".slip-number");
  }

  private static Node focus(FxRobot robot) {
    WaitForAsyncUtils.waitForFxEvents();
    return focusOwner(robot);
  }

  private static Node focusOwner(FxRobot robot) {
    return robot.window(0).getScene().getFocusOwner();
  }

  private static boolean says(FxRobot robot, String words) {
    return OpenWindow.texts(robot).stream().anyMatch(text -> text.contains(words));
  }

  @Test
  void nonsense_keepsItsSentenceUntilItIsMendedOrGivenUp(FxRobot robot) {
    window.lay(robot, 0);
    Job before = job();
    TextField left = field(robot, "Left flap");
    robot.write("abc").type(KeyCode.ENTER);
    assertEquals("abc", left.getText());
    OpenWindow.waitForWords(robot, "is not a length");
    assertEquals(before, job());
    robot.type(KeyCode.TAB);
    assertEquals("abc", left.getText());
    OpenWindow.waitForWords(robot, "is not a length");
    robot.clickOn(left).write("80").type(KeyCode.ENTER);
    assertEquals("80", left.getText());
    assertFalse(says(robot, "is not a length"));
    robot.clickOn(left).write("x").type(KeyCode.ESCAPE);
    assertEquals("80", left.getText());
    assertFalse(says(robot, "is not a length"));
  }

  @Test
  void whateverIsTyped_nothingIsLost(FxRobot robot) {
    window.lay(robot, 0);
    Job before = job();
    TextField left = field(robot, "Left flap");
    for (String text :
        List.of("", " ", "0", "-3", "1e9", "99999999999", "1/0", "7\n7", "½", "5,5", "٣", "mm")) {
      robot.interact(left::requestFocus);
      robot.interact(left::selectAll);
      robot.interact(() -> left.replaceSelection(text));
      robot.type(KeyCode.ENTER);
      robot.type(KeyCode.ESCAPE);
      robot.interact(
          () -> {
            while (bench.history().canUndo().get()) {
              bench.undo();
            }
          });
      assertEquals(before, job(), "after “" + text + "”");
      assertEquals("77", left.getText(), "after “" + text + "”");
    }
  }

  /** What is too large to be made keeps its figures and says so; it does not leave some of them. */
  @Test
  void whatCannotBeUsed_isNotUsedInPart(FxRobot robot) {
    window.lay(robot, 0);
    TextField left = field(robot, "Left flap");
    robot.write("99999").type(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertEquals("99999", left.getText());
    robot.type(KeyCode.ESCAPE);
    assertEquals("77", left.getText());
    assertEquals(Optional.of(Length.ofMillimetres(77)), job().values().length("left"));
  }

  @Test
  void takingBack_takesBackTypingFirst(FxRobot robot) {
    window.lay(robot, 0);
    robot.interact(() -> bench.sizing().nudge("right", 1));
    robot.interact(() -> bench.sizing().finish());
    Job before = job();
    TextField left = field(robot, "Left flap");
    robot.write("abc").push(KeyCode.SHORTCUT, KeyCode.Z);
    assertEquals("77", left.getText());
    assertEquals(before, job());
    robot.write("60").push(KeyCode.SHORTCUT, KeyCode.Z);
    assertEquals("77", left.getText());
    assertEquals(before, job());
    robot.push(KeyCode.SHORTCUT, KeyCode.Z);
    assertNotEquals(before, job());
  }

  @Test
  void secondClick_selectsAllAgain(FxRobot robot) {
    window.lay(robot, 0);
    TextField left = field(robot, "Left flap");
    robot.clickOn(left, MouseButton.PRIMARY).sleep(600).clickOn(left, MouseButton.PRIMARY);
    WaitForAsyncUtils.waitForFxEvents();
    assertEquals("77", left.getSelectedText());
    robot.write("6");
    assertEquals("6", left.getText());
  }

  @Test
  void arrowsHeldDown_areOneChange(FxRobot robot) {
    window.lay(robot, 0);
    TextField left = field(robot, "Left flap");
    for (int i = 0; i < 9; i++) {
      robot.type(KeyCode.UP);
    }
    assertEquals("86", left.getText());
    robot.push(KeyCode.SHORTCUT, KeyCode.Z);
    assertEquals("77", left.getText());
  }

  @Test
  void wordThatWasChosen_keepsTheKeyboard(FxRobot robot) {
    window.lay(robot, 0);
    // The pointer chooses as well where it hovers over a list.
    robot.moveTo(".slip");
    robot.interact(() -> words(robot).get(2).requestFocus());
    robot.type(KeyCode.SPACE).type(KeyCode.DOWN).type(KeyCode.ENTER);
    OpenWindow.waitFor(() -> !job().keepsProportions());
    // The sentence is put up anew with each derivation: looked at whole, in one moment.
    OpenWindow.waitFor(
        () -> OpenWindow.seen(() -> sentence(robot).indexOf(focusOwner(robot)) == 2));
  }

  /** A list opens on what is chosen now: Enter at once changes nothing. */
  @Test
  void list_opensOnWhatIsChosen(FxRobot robot) {
    window.lay(robot, 0);
    robot.interact(() -> bench.sizing().keepProportions(false));
    // A slow machine looks for the sizes beside the window, and answers later.
    OpenWindow.waitFor(() -> !job().keepsProportions());
    Job before = job();
    // The pointer chooses as well where it hovers over a list.
    robot.moveTo(".slip");
    robot.interact(() -> words(robot).get(2).requestFocus());
    robot.type(KeyCode.SPACE).type(KeyCode.ENTER);
    OpenWindow.waitFor(() -> !bench.sizing().search().busy().get());
    assertEquals(before, job());
  }

  private static List<WordButton> words(FxRobot robot) {
    WaitForAsyncUtils.waitForFxEvents();
    return sentence(robot);
  }

  private static List<WordButton> sentence(FxRobot robot) {
    return robot
        .lookup(node -> node instanceof WordButton && isInASentence(node))
        .queryAllAs(WordButton.class)
        .stream()
        .toList();
  }

  @Test
  void station_opensOnItsMainAct(FxRobot robot) {
    window.lay(robot, 0);
    robot.interact(() -> bench.station().set(Station.FOLD));
    assertTrue(focus(robot) instanceof PaperView, "" + focus(robot));
    Slider slider = robot.lookup(".fold-scrubber .slider").query();
    double before = slider.getValue();
    robot.type(KeyCode.SPACE).sleep(400);
    assertNotEquals(before, slider.getValue());
    robot.interact(() -> bench.station().set(Station.CHOOSE));
    assertTrue(focus(robot) instanceof Stand, "" + focus(robot));
  }

  @Test
  void shelf_isWalkedWithTheArrows(FxRobot robot) {
    robot.interact(() -> bench.station().set(Station.CHOOSE));
    OpenWindow.waitFor(() -> robot.lookup(node -> node instanceof Stand).queryAll().size() > 15);
    List<Stand> stands =
        robot.lookup(node -> node instanceof Stand).queryAllAs(Stand.class).stream().toList();
    robot.interact(() -> stands.get(0).requestFocus());
    robot.type(KeyCode.RIGHT).type(KeyCode.RIGHT);
    assertEquals(stands.get(2), focus(robot));
    robot.type(KeyCode.DOWN);
    int below = stands.indexOf(focus(robot));
    assertTrue(below > 3, "" + below);
    robot.type(KeyCode.UP);
    assertEquals(stands.get(2), focus(robot));
    robot.type(KeyCode.ENTER);
    OpenWindow.waitFor(() -> bench.job().isPresent());
  }

  /** Figures typed into a list are copies, and no stations. */
  @Test
  void figuresInAList_goToNoStation(FxRobot robot) {
    robot.interact(() -> bench.station().set(Station.CHOOSE));
    // Behind what it is for, does and holds, and the sheet it is from.
    WordButton copies = words(robot).get(4);
    robot.clickOn(copies);
    WaitForAsyncUtils.waitForFxEvents();
    TextField typed =
        robot
            .lookup(node -> node instanceof TextField text && text.getPromptText().contains("25"))
            .query();
    robot.clickOn(typed).write("12").type(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertEquals(Station.CHOOSE, bench.station().get());
    assertTrue(words(robot).get(4).getText().contains("12"), words(robot).get(4).getText());
  }

  @Test
  void scoring_beginsAtItsFirstStepAndIsFoundWhereItWasLeft(FxRobot robot) {
    window.lay(robot, 0);
    Job first = job();
    robot.interact(() -> bench.station().set(Station.SCORE));
    robot.type(KeyCode.RIGHT);
    OpenWindow.waitForWords(robot, "2 of 2");
    window.lay(robot, 1);
    robot.interact(() -> bench.station().set(Station.SCORE));
    OpenWindow.waitForWords(robot, "1 of ");
    robot.interact(() -> bench.lay(first, Optional.empty()));
    robot.interact(() -> bench.station().set(Station.SCORE));
    OpenWindow.waitForWords(robot, "2 of 2");
  }

  @Test
  void message_staysAtItsStation(FxRobot robot) {
    window.lay(robot, 0);
    robot.interact(() -> bench.tell("Saved as a trial."));
    OpenWindow.waitForWords(robot, "Saved as a trial.");
    robot.interact(() -> bench.station().set(Station.SCORE));
    assertFalse(says(robot, "Saved as a trial."));
    robot.interact(() -> bench.tell("Saved as a trial."));
    robot.interact(() -> bench.sizing().nudge("left", 1));
    assertFalse(says(robot, "Saved as a trial."));
  }

  @Test
  void otherUnits_areOnlyShown(FxRobot robot) {
    window.lay(robot, 0);
    Job before = job();
    robot.push(KeyCode.SHORTCUT, KeyCode.U);
    assertEquals(before, job());
    assertFalse(bench.history().canUndo().get());
    OpenWindow.waitForWords(robot, "Shown in inches");
    TextField left = field(robot, "Left flap");
    assertTrue(left.getText().startsWith("3"), left.getText());
    robot.write("3").type(KeyCode.ENTER);
    assertEquals(Optional.of(Length.ofInches(3, 1)), job().values().length("left"));
    robot.push(KeyCode.SHORTCUT, KeyCode.Z);
    robot.interact(() -> bench.station().set(Station.SIZE));
    robot.push(KeyCode.SHORTCUT, KeyCode.U);
    assertEquals(before, job());
    assertEquals("77", field(robot, "Left flap").getText());
  }

  private static boolean isInASentence(Node node) {
    for (Node each = node; each != null; each = each.getParent()) {
      if (each instanceof Sentence) {
        return true;
      }
    }
    return false;
  }

  /** Light or dark: what is painted has the colours of the theme in the very next frame. */
  @Test
  void theme_recoloursThePaperAtOnce(FxRobot robot) {
    window.lay(robot, 0);
    int[] before = pixels(robot);
    robot.interact(
        () ->
            robot
                .window(0)
                .getScene()
                .getStylesheets()
                .set(0, CufflinkApp.class.getResource("theme-dark.css").toExternalForm()));
    int[] dark = pixels(robot);
    robot.sleep(500);
    robot.interact(() -> OpenWindow.paper(robot).redraw());
    assertArrayEquals(pixels(robot), dark);
    assertFalse(java.util.Arrays.equals(before, dark));
  }

  private static int[] pixels(FxRobot robot) {
    int[] pixels = new int[800 * 500];
    robot.interact(
        () ->
            OpenWindow.paper(robot)
                .snapshot(null, null)
                .getPixelReader()
                .getPixels(0, 0, 800, 500, PixelFormat.getIntArgbInstance(), pixels, 0, 800));
    return pixels;
  }
}

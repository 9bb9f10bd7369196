package cufflink.desktop.shell;

import static cufflink.desktop.shell.OpenWindow.texts;
import static cufflink.desktop.shell.OpenWindow.waitFor;
import static cufflink.desktop.shell.OpenWindow.waitForWords;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.log.CardMade;
import cufflink.core.log.Done;
import cufflink.core.make.AtTable;
import cufflink.core.make.Task;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.log.LogStore;
import cufflink.files.log.Workplace;
import cufflink.files.project.UserFolders;
import java.io.IOException;
import java.util.List;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
class MakeStationTest {
  private OpenWindow window;
  private Workbench bench;

  @Start
  void start(Stage stage) throws IOException {
    window = OpenWindow.withAJob(stage);
    bench = window.bench();
  }

  @AfterEach
  void close() {
    window.projects().close();
  }

  private void goThere(FxRobot robot) {
    robot.interact(() -> bench.station().set(Station.MAKE));
    waitFor(() -> !bench.cutter().planner().busy().get() && tasks() > 12);
    waitForWords(robot, "1 of " + tasks());
  }

  private AtTable table() {
    return bench
        .making()
        .maker()
        .at(bench.derivation().get().orElseThrow(), bench.drawer())
        .orElse(null);
  }

  private int tasks() {
    return OpenWindow.seen(() -> table() == null ? 0 : table().work().tasks().size());
  }

  private LogStore log() {
    return LogStore.open(new UserFolders(window.folder()).log()).orElseThrow();
  }

  @Test
  void everyKeyThatGoesOn_goesOn_andWhatIsDoneStaysDone(FxRobot robot) {
    goThere(robot);
    int all = tasks();
    robot.type(KeyCode.SPACE);
    waitForWords(robot, "2 of " + all);
    robot.type(KeyCode.RIGHT);
    waitForWords(robot, "3 of " + all);
    robot.type(KeyCode.PAGE_DOWN);
    waitForWords(robot, "4 of " + all);
    robot.type(KeyCode.PAGE_UP);
    waitForWords(robot, "3 of " + all);
    robot.clickOn("Done");
    waitForWords(robot, "4 of " + all);
    // Leaving, and taking something back elsewhere, undoes nothing that was done at the table.
    robot.interact(() -> bench.station().set(Station.SIZE));
    robot.interact(() -> bench.sizing().type("left", "78"));
    robot.interact(bench::undo);
    robot.interact(() -> bench.station().set(Station.MAKE));
    waitForWords(robot, "4 of " + all);
    String job = bench.job().orElseThrow().id();
    waitFor(
        () -> {
          try (LogStore store = log()) {
            return store.done(job).orElseThrow().size() == 5;
          }
        });
    try (LogStore store = log()) {
      List<Done> done = store.done(job).orElseThrow();
      assertEquals(Done.Kind.TAKEN_BACK, done.get(3).kind());
      // Another window, or this one tomorrow, finds the same place.
      Workbench later = new Workbench(OpenWindow.LIBRARY, bench.job().orElseThrow().marks());
      later.making().maker().learn(job, done);
      assertEquals(bench.making().maker().done(job), later.making().maker().done(job));
    }
  }

  /** Of twelve cards one is spoilt; the others are counted on meanwhile. */
  @Test
  void twelveCards_areCounted_andOneThatIsSpoiltIsMadeAgain(FxRobot robot) {
    robot.interact(() -> bench.making().order(bench.job().orElseThrow().order().withCopies(12)));
    goThere(robot);
    while (OpenWindow.seen(() -> table().task().orElseThrow().count()) == 1) {
      robot.type(KeyCode.SPACE);
    }
    // What stands on the labels is written before anything is scored.
    waitForWords(robot, "1 of 12");
    robot.clickOn("All 12 done");
    while (OpenWindow.seen(() -> table().task().orElseThrow().count()) == 1) {
      robot.type(KeyCode.SPACE);
    }
    waitForWords(robot, "1 of 11");
    robot.type(KeyCode.SPACE);
    robot.type(KeyCode.SPACE);
    waitForWords(robot, "3 of 11");
    int place = OpenWindow.seen(() -> table().progress().next());
    robot.clickOn("Spoilt or lost one");
    waitForWords(robot, "Which piece is spoilt or lost?");
    String piece = OpenWindow.seen(() -> table().design().base().label());
    robot.clickOn(piece);
    waitForWords(robot, "One " + piece + " is to be made again");
    assertTrue(texts(robot).stream().anyMatch(each -> each.startsWith("Lay ready: ")));
    // It was a mistake, and is taken back; then it was none.
    robot.type(KeyCode.LEFT);
    waitForWords(robot, "3 of 11");
    robot.clickOn("Spoilt or lost one");
    waitForWords(robot, "Which piece is spoilt or lost?");
    robot.clickOn(piece);
    while (OpenWindow.seen(() -> table().task().orElseThrow().phase()) == Task.Phase.CUT) {
      robot.type(KeyCode.SPACE);
    }
    waitForWords(robot, "3 of 11");
    assertTrue(OpenWindow.seen(() -> table().progress().next()) > place);
    robot.clickOn("All 9 done");
    assertTrue(OpenWindow.seen(() -> table().task().orElseThrow().count()) == 1);
  }

  /** In a second window it is looked at; once the first is closed, it goes on here. */
  @Test
  void aJobOnAnotherTable_isOnlyLookedAt(FxRobot robot) {
    String job = bench.job().orElseThrow().id();
    Workplace other =
        new Workplace(new UserFolders(window.folder()).log().resolveSibling("tables"));
    assertTrue(other.take(job));
    goThere(robot);
    waitForWords(robot, "This job is being made in another window.");
    robot.type(KeyCode.SPACE);
    robot.type(KeyCode.RIGHT);
    assertTrue(texts(robot).contains("1 of " + tasks()));
    other.close();
    robot.interact(() -> bench.station().set(Station.SIZE));
    robot.interact(() -> bench.station().set(Station.MAKE));
    waitFor(() -> texts(robot).stream().noneMatch(it -> it.startsWith("This job is being made")));
    robot.type(KeyCode.RIGHT);
    waitForWords(robot, "2 of " + tasks());
  }

  @Test
  void theEnd_goesNoFurther_andPutsTheCardsIntoTheLog(FxRobot robot) {
    goThere(robot);
    int all = tasks();
    for (int i = 0; i < all + 3; i++) {
      robot.type(KeyCode.RIGHT);
    }
    waitForWords(robot, "Put it into the log");
    assertTrue(texts(robot).stream().anyMatch(each -> each.startsWith("One card is made")));
    TextField person =
        robot
            .lookup(
                node ->
                    node instanceof TextField field
                        && "For whom?".equals(field.getAccessibleText()))
            .queryAs(TextField.class);
    robot.interact(() -> person.setText("the Tuesday menders"));
    TextField next =
        robot
            .lookup(
                node ->
                    node instanceof TextField field
                        && "What to change next time?".equals(field.getAccessibleText()))
            .queryAs(TextField.class);
    robot.interact(() -> next.setText("left flap 2 mm wider"));
    robot.clickOn("Put it into the log");
    waitForWords(robot, "It is in the log.");
    try (LogStore store = log()) {
      List<CardMade> cards = store.find("menders", 9).orElseThrow();
      assertEquals(1, cards.size());
      assertEquals(bench.job().orElseThrow().values(), cards.get(0).job().values());
    }
    robot.clickOn("Make it again");
    waitForWords(robot, "1 of " + all);
    opensAgainFromTheLog(robot);
  }

  /** Opened from the log, it is a new job with the same values. */
  private void opensAgainFromTheLog(FxRobot robot) {
    var before = bench.job().orElseThrow();
    robot.interact(() -> bench.sizing().type("left", "70"));
    robot.interact(() -> bench.station().set(Station.LOG));
    waitForWords(robot, "for the Tuesday menders");
    // The rows are laid out anew while the log is read: a click may meet one that is on its way
    // out.
    waitFor(
        () -> {
          if (bench.station().get() == Station.LOG) {
            robot.clickOn("for the Tuesday menders");
          }
          return bench.station().get() != Station.LOG;
        });
    waitForWords(robot, "As it was made on ");
    assertEquals(before.values(), bench.job().orElseThrow().values());
    assertTrue(!before.id().equals(bench.job().orElseThrow().id()));
    robot.interact(() -> bench.station().set(Station.LOG));
    // A digit leads away from here too, and is not typed.
    waitForWords(robot, "for the Tuesday menders");
    robot.type(KeyCode.DIGIT2);
    assertEquals(Station.SIZE, bench.station().get());
    robot.interact(() -> bench.station().set(Station.LOG));
    waitForWords(robot, "for the Tuesday menders");
    TextField words =
        robot
            .lookup(
                node ->
                    node instanceof TextField field
                        && "Find by any word".equals(field.getPromptText()))
            .queryAs(TextField.class);
    robot.interact(() -> words.setText("nobody"));
    waitForWords(robot, "No card is found by “nobody”; try fewer words.");
    // Chosen from the shelf, the construction says what was learned of it.
    robot.interact(() -> bench.station().set(Station.CHOOSE));
    waitForWords(robot, "Off-centre gate");
    waitFor(() -> robot.lookup(node -> node instanceof Stand).queryAll().size() > 15);
    robot.interact(
        () ->
            robot.lookup(node -> node instanceof Stand).queryAllAs(Stand.class).stream()
                .filter(each -> each.getAccessibleText().startsWith("Off-centre gate"))
                .findFirst()
                .orElseThrow()
                .takeUp());
    waitForWords(robot, "you said: left flap 2 mm wider");
    // One press begins with what was made then.
    var proposed = bench.job().orElseThrow().values();
    robot.clickOn("Start as then");
    waitForWords(robot, "Begun as on ");
    assertEquals(before.values(), bench.job().orElseThrow().values());
    assertFalse(OpenWindow.seen(() -> robot.lookup("Start as then").query().isVisible()));
    robot.interact(bench::undo);
    assertEquals(proposed, bench.job().orElseThrow().values());
  }
}

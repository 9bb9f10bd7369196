package cufflink.desktop.shell;

import static cufflink.desktop.shell.OpenWindow.seen;
import static cufflink.desktop.shell.OpenWindow.texts;
import static cufflink.desktop.shell.OpenWindow.waitFor;
import static cufflink.desktop.shell.OpenWindow.waitForWords;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.ahead.Ready;
import cufflink.core.job.Job;
import cufflink.core.log.CardMade;
import cufflink.core.log.CardMade.Memory;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.log.LogStore;
import cufflink.files.log.WholeLog;
import cufflink.files.project.UserFolders;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.shape.Rectangle;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
class LogWindowTest {
  private static final int MANY = 700;

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

  private LogStore log() {
    return LogStore.open(new UserFolders(window.folder()).log()).orElseThrow();
  }

  private void fill(int count) {
    List<CardMade> cards = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Job job = window.demonstration().get(i % 3).withTitle("Card " + i).withId("job" + i);
      LocalDate day = LocalDate.of(2026, 11, 1).minusDays(i);
      cards.add(new CardMade("id" + i, day, job, "Construction", Memory.of(2)));
    }
    try (LogStore store = log()) {
      store.putAll(WholeLog.of(cards)).orElseThrow();
    }
  }

  private static TextField field(FxRobot robot, String prompt) {
    return seen(
        () ->
            robot
                .lookup(
                    node -> node instanceof TextField field && prompt.equals(field.getPromptText()))
                .queryAs(TextField.class));
  }

  private static void type(FxRobot robot, String prompt, String text) {
    TextField field = field(robot, prompt);
    robot.interact(() -> field.setText(text));
  }

  @Test
  void manyCards_areWalkedThroughByKeys_andOnlyThoseSeenAreThere(FxRobot robot) {
    fill(MANY);
    robot.interact(() -> bench.station().set(Station.LOG));
    waitForWords(robot, "Card 0");
    waitForWords(robot, "November 2026");
    assertTrue(texts(robot).stream().filter(each -> each.startsWith("Card ")).count() < 40);
    robot.interact(() -> robot.lookup(".log-rows").query().requestFocus());
    robot.type(KeyCode.END);
    waitForWords(robot, "Card " + (MANY - 1));
    robot.type(KeyCode.HOME);
    waitForWords(robot, "Card 0");
    robot.type(KeyCode.RIGHT, KeyCode.RIGHT, KeyCode.ENTER);
    waitForWords(robot, "As it was made on 2026-10-30.");
    assertEquals("Card 2", bench.job().orElseThrow().title());
  }

  /** What a card taught is put into the notes of another, and so among the tips that are shared. */
  @Test
  void whatACardTaught_goesIntoTheNotes_byOneKey(FxRobot robot) {
    Memory taught = new Memory(1, "", "", 0, 0, "", "sleeve 2 narrower");
    Job job = window.demonstration().get(0).withTitle("Taught").withId("t");
    CardMade card = new CardMade("t", LocalDate.of(2026, 5, 1), job, "Construction", taught);
    try (LogStore store = log()) {
      store.put(card).orElseThrow();
    }
    robot.interact(() -> bench.station().set(Station.LOG));
    waitForWords(robot, "Taught");
    robot.interact(() -> robot.lookup(".log-rows").query().requestFocus());
    robot.type(KeyCode.N);
    waitForWords(robot, "It is in the notes of this job");
    robot.type(KeyCode.N);
    String notes = bench.job().orElseThrow().notes();
    assertTrue(notes.endsWith("sleeve 2 narrower"), notes);
    assertEquals(notes.indexOf("sleeve 2"), notes.lastIndexOf("sleeve 2"));
  }

  @Test
  void aPhotograph_isShownInPlaceOfTheDrawing_andAWrongFileIsTold(FxRobot robot) throws Exception {
    fill(1);
    Path picture = window.folder().resolve("folio.png");
    ImageIO.write(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
    robot.interact(
        () -> {
          window.projects().log().photo("id0", picture, () -> bench.tell("It is there."));
          bench.station().set(Station.LOG);
        });
    waitForWords(robot, "It is there.");
    robot.interact(() -> bench.station().set(Station.SIZE));
    robot.interact(() -> bench.station().set(Station.LOG));
    waitForWords(robot, "Card 0");
    waitFor(() -> seen(() -> robot.lookup(".image-view").tryQuery().isPresent()));
    robot.interact(
        () -> window.projects().log().photo("id0", window.folder(), () -> bench.tell("no")));
    waitForWords(robot, "look at whether it is still there.");
  }

  @Test
  void aDay_aPlan_andACardGivenAway_areNoted_andTakenOutAndPutBack(FxRobot robot) {
    fill(1);
    robot.interact(() -> bench.station().set(Station.LOG));
    waitForWords(robot, "Card 0");
    robot.clickOn("Ahead");
    waitForWords(robot, "2 cards of Card 0");
    type(robot, "for whom", "Nell");
    type(robot, "what for", "birthday");
    type(robot, "day, such as 06-09", "31-31");
    robot.clickOn("Note it");
    waitForWords(robot, "“31-31” is no day; write one such as 06-09.");
    type(robot, "day, such as 06-09", "06-09");
    robot.clickOn("Note it");
    waitForWords(robot, "-06-09: Nell, birthday");
    waitForWords(robot, "one card; one lies ready.");
    type(robot, "who gets it", "Nell");
    robot.clickOn("Give one away");
    waitForWords(robot, "One is for Nell.");
    waitForWords(robot, "Nell had before: Construction");
    waitForWords(robot, "One card of Card 0");
    robot.clickOn("Put it back");
    waitForWords(robot, "2 cards of Card 0");
    type(robot, "by, such as 2027-06-09", "2030-01-02");
    robot.clickOn("Plan it");
    waitForWords(robot, "2030-01-02; one of ");
    waitForWords(robot, "of work, at an hour a day.");
    try (LogStore store = log()) {
      var known = store.ahead().orElseThrow();
      assertEquals(bench.job().orElseThrow(), known.planned().get(0).job());
      assertEquals(2, Ready.of(known.made(), known.given()).get(0).cards());
    }
    robot.clickOn("To buy");
    waitForWords(robot, "× A4");
    type(robot, "tape, dots, pads, ribbon=7mm", "string");
    robot.interact(() -> field(robot, "how much: 12 m, 40 ft, 60").setText("3"));
    robot.clickOn("Note it");
    waitForWords(robot, "cannot lie in the drawer");
    type(robot, "tape, dots, pads, ribbon=7mm", "tape");
    type(robot, "how much: 12 m, 40 ft, 60", "50 m");
    robot.clickOn("Note it");
    waitForWords(robot, "50 m of adhesive to lay in a line");
    assertTrue(texts(robot).stream().filter(each -> each.contains("of adhesive")).count() == 1);
  }

  /**
   * Exif 2.32, tag 274, says on which side the first row and the first column of a picture are
   * seen: top and left for 1, and so on.
   */
  @ParameterizedTest
  @CsvSource({
    "1,top,left", "2,top,right", "3,bottom,right", "4,bottom,left",
    "5,left,top", "6,right,top", "7,right,bottom", "8,left,bottom"
  })
  void pictures_areTurned_soThatRowsAndColumnsAreSeenWhereTheCameraSaw(
      int orientation, String firstRow, String firstColumn) {
    Rectangle picture = new Rectangle(30, 20);
    LogTile.turn(picture, orientation);
    Point2D middle = picture.localToParent(15, 10);
    assertEquals(firstRow, side(picture.localToParent(15, 0).subtract(middle)));
    assertEquals(firstColumn, side(picture.localToParent(0, 10).subtract(middle)));
  }

  private static String side(Point2D from) {
    if (Math.abs(from.getX()) > Math.abs(from.getY())) {
      return from.getX() < 0 ? "left" : "right";
    }
    return from.getY() < 0 ? "top" : "bottom";
  }
}

package cufflink.desktop.shell;

import static cufflink.desktop.shell.OpenWindow.paper;
import static cufflink.desktop.shell.OpenWindow.seen;
import static cufflink.desktop.shell.OpenWindow.texts;
import static cufflink.desktop.shell.OpenWindow.waitFor;
import static cufflink.desktop.shell.OpenWindow.waitForWords;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.project.ProjectStore;
import cufflink.files.project.Settings;
import cufflink.files.project.UserFolders;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
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

/** The window without a display: keys, typing, flags and lights. */
@ExtendWith(ApplicationExtension.class)
class MainWindowTest {
  private OpenWindow window;
  private Workbench bench;
  private Projects projects;
  private Path folder;

  @Start
  void start(Stage stage) throws IOException {
    window = OpenWindow.withAJob(stage);
    bench = window.bench();
    projects = window.projects();
    folder = window.folder();
  }

  @AfterEach
  void close() {
    projects.close();
  }

  @Test
  void digits_goToTheStationsInWorkingOrder(FxRobot robot) {
    window.lay(robot, 0);
    for (Station station : Station.values()) {
      robot.interact(() -> paper(robot).requestFocus());
      robot.type(KeyCode.getKeyCode(Integer.toString((station.ordinal() + 1) % 10)));
      assertEquals(station, bench.station().get());
      robot.interact(() -> bench.station().set(Station.SIZE));
    }
  }

  @Test
  void typing_overANumber_movesEverythingAtOnce(FxRobot robot) {
    window.lay(robot, 0);
    TextField left = field(robot, "Left flap");
    robot.doubleClickOn(left).push(KeyCode.SHORTCUT, KeyCode.A).write("60");
    WaitForAsyncUtils.waitForFxEvents();
    assertEquals(
        Optional.of(Length.ofMillimetres(60)), bench.job().orElseThrow().values().length("left"));
    robot.type(KeyCode.UP);
    assertEquals("61", left.getText());
    robot.push(KeyCode.SHORTCUT, KeyCode.Z);
    assertEquals(
        Optional.of(Length.ofMillimetres(77)), bench.job().orElseThrow().values().length("left"));
  }

  /** The field shows what the plan says: also what was undone while it is open. */
  @Test
  void typing_theFieldFollowsUndoAndEscape(FxRobot robot) {
    window.lay(robot, 0);
    TextField left = field(robot, "Left flap");
    robot.doubleClickOn(left).push(KeyCode.SHORTCUT, KeyCode.A).write("60");
    robot.interact(bench::undo);
    assertEquals("77", left.getText());
    robot.push(KeyCode.SHORTCUT, KeyCode.A).write("61");
    robot.type(KeyCode.ESCAPE);
    assertEquals("77", left.getText());
    assertEquals(
        Optional.of(Length.ofMillimetres(77)), bench.job().orElseThrow().values().length("left"));
  }

  @Test
  void typing_noughtFirst_isNoFault(FxRobot robot) {
    robot.interact(
        () ->
            bench
                .choosing()
                .choose(OpenWindow.LIBRARY.pattern("ridge-pocket-holder").orElseThrow()));
    Job before = bench.job().orElseThrow();
    robot.interact(() -> assertTrue(bench.sizing().type("thumb", "0").value().isEmpty()));
    assertEquals(before, bench.job().orElseThrow());
  }

  /** Another job laid down: the changed one waits on the shelf, and comes back from there. */
  @Test
  void unsavedWork_waitsOnTheShelfUntilPutAway(FxRobot robot) throws IOException {
    window.lay(robot, 0);
    robot.interact(() -> bench.sizing().type("left", "60"));
    window.lay(robot, 1);
    window.lay(robot, 2);
    assertEquals(1, projects.waiting().size());
    robot.interact(() -> bench.station().set(Station.CHOOSE));
    robot.clickOn("Take it up again");
    assertEquals(
        Optional.of(Length.ofMillimetres(60)), bench.job().orElseThrow().values().length("left"));
    assertTrue(projects.waiting().isEmpty());
    window.lay(robot, 1);
    robot.interact(() -> bench.station().set(Station.CHOOSE));
    robot.clickOn("Put it away");
    waitFor(() -> bench.notice().get().contains("is put away"));
    assertTrue(projects.waiting().isEmpty());
  }

  /**
   * A demonstration that was only looked at leaves nothing behind; what was changed in it stays.
   */
  @Test
  void demonstration_onlyLookedAt_leavesNoDraft(FxRobot robot) throws IOException {
    robot.interact(() -> projects.demonstrate());
    window.lay(robot, 0);
    window.lay(robot, 1);
    robot.interact(() -> projects.close());
    assertEquals(0, drafts());
    Projects again = new Projects(bench, new UserFolders(folder), Settings.NEW);
    again.demonstrate();
    window.lay(robot, 0);
    robot.interact(() -> bench.sizing().nudge("left", 1));
    robot.interact(again::close);
    assertEquals(1, drafts());
  }

  private long drafts() throws IOException {
    if (!Files.isDirectory(folder.resolve("drafts"))) {
      return 0;
    }
    try (var files = Files.walk(folder.resolve("drafts"))) {
      return files.filter(each -> each.toString().endsWith(".draft")).count();
    }
  }

  /** Changes that never cease for long are on the disk all the same. */
  @Test
  void steadyNudging_isKeptOnTheWay(FxRobot robot) throws IOException {
    window.lay(robot, 0);
    for (int i = 0; i < 10; i++) {
      robot.interact(() -> bench.sizing().nudge("left", 1));
      robot.sleep(200);
    }
    try (var files = Files.walk(folder.resolve("drafts"))) {
      assertTrue(files.anyMatch(each -> each.toString().endsWith(".draft")));
    }
  }

  /** What every value moves is found when it is pointed at, not for each key that is pressed. */
  @Test
  void typing_lightsItsOwnLine_andLooksForNoOther(FxRobot robot) {
    window.lay(robot, 0);
    robot.doubleClickOn(field(robot, "Left flap")).push(KeyCode.SHORTCUT, KeyCode.A).write("61");
    WaitForAsyncUtils.waitForFxEvents();
    Set<Node> lit =
        robot.lookup(".slip-row").queryAll().stream()
            .filter(
                node ->
                    node.getPseudoClassStates().stream()
                        .anyMatch(each -> each.getPseudoClassName().equals("lit")))
            .collect(java.util.stream.Collectors.toSet());
    assertEquals(1, lit.size());
    assertTrue(lit.iterator().next().lookupAll(".slip-field").size() > 0);
  }

  @Test
  void typing_nonsense_saysSoBelowTheNumber(FxRobot robot) {
    window.lay(robot, 0);
    robot.doubleClickOn(field(robot, "Left flap")).push(KeyCode.SHORTCUT, KeyCode.A).write("x");
    waitForWords(robot, "“x” is not a length; type one such as 5 3/8, 5.375 in or 137 mm.");
    robot.type(KeyCode.ESCAPE);
    assertEquals("77", field(robot, "Left flap").getText());
    assertFalse(texts(robot).stream().anyMatch(text -> text.startsWith("“x”")));
  }

  @Test
  void flag_isPlantedAndItsCureHelps(FxRobot robot) {
    window.lay(robot, 0);
    robot.interact(() -> bench.sizing().type("left", "140"));
    waitForWords(robot, "The left flap is 140");
    // Flags are planted anew as more is found out.
    robot.interact(
        () ->
            robot
                .lookup(
                    node ->
                        node instanceof Button cure
                            && cure.getText().equals("Make the left flap 118"))
                .queryButton()
                .fire());
    assertEquals(
        Optional.of(Length.ofMillimetres(118)), bench.job().orElseThrow().values().length("left"));
    assertTrue(
        bench.derivation().get().orElseThrow().findings().stream()
            .noneMatch(finding -> finding.place().parameters().contains("left")));
  }

  @Test
  void hovering_aNumber_lightsItsPanel(FxRobot robot) {
    window.lay(robot, 0);
    robot.moveTo("Left flap");
    assertEquals(
        Set.of("panel-across-1"),
        bench.chosen().get().stream()
            .map(ref -> ref.line())
            .collect(java.util.stream.Collectors.toSet()));
  }

  @Test
  void scoring_spaceGoesToTheNextStop(FxRobot robot) {
    window.lay(robot, 1);
    robot.interact(() -> bench.station().set(Station.SCORE));
    int stops =
        bench.derivation().get().orElseThrow().made().orElseThrow().scoring().stream()
            .flatMap(run -> run.setups().stream())
            .mapToInt(setup -> setup.stops().size())
            .sum();
    waitForWords(robot, "1 of " + stops);
    robot.interact(() -> paper(robot).requestFocus());
    robot.type(KeyCode.SPACE);
    waitForWords(robot, "2 of " + stops);
    robot.type(KeyCode.LEFT);
    waitForWords(robot, "1 of " + stops);
  }

  @Test
  void units_areShownOtherwiseByOneKey(FxRobot robot) {
    window.lay(robot, 0);
    robot.interact(() -> paper(robot).requestFocus());
    robot.push(KeyCode.SHORTCUT, KeyCode.U);
    assertEquals(Marks.SIXTEENTHS, bench.shownMarks());
    assertEquals(Marks.MILLIMETRES, bench.marks());
    robot.push(KeyCode.SHORTCUT, KeyCode.U);
    assertEquals(window.demonstration().get(0).values(), bench.job().orElseThrow().values());
  }

  @Test
  void help_opensAndClosesByKey(FxRobot robot) {
    Node help = robot.lookup(".help-veil").query();
    assertFalse(help.isVisible());
    robot.type(KeyCode.F1);
    assertTrue(help.isVisible());
    robot.type(KeyCode.ESCAPE);
    assertFalse(help.isVisible());
  }

  @Test
  void folding_arrowsMoveAndSpacePlays(FxRobot robot) {
    window.lay(robot, 0);
    robot.interact(() -> bench.station().set(Station.FOLD));
    robot.interact(() -> paper(robot).requestFocus());
    FoldScrubber scrubber = robot.lookup(".fold-scrubber").query();
    double before = scrubber.moment();
    robot.type(KeyCode.RIGHT);
    assertTrue(scrubber.moment() > before);
    robot.clickOn("Fold the right flap over");
    assertEquals(2, scrubber.moment(), 1e-9);
    var place = paper(robot).localToScreen(paper(robot).getBoundsInLocal());
    robot.drag(place.getMinX() + 12, place.getMinY() + 12).moveBy(60, -20).drop();
    assertEquals(2, scrubber.moment(), 1e-9, "the table turns and nothing folds");
    robot.drag(paper(robot)).moveBy(60, -20).drop();
    assertTrue(scrubber.moment() > 2, "the flap of the closed card is taken hold of and opens");
  }

  @Test
  void allTexts_stayWithinTheirWindow(FxRobot robot) {
    for (int job = 0; job < window.demonstration().size(); job++) {
      window.lay(robot, job);
      for (Station station : Station.values()) {
        robot.interact(() -> bench.station().set(station));
        WaitForAsyncUtils.waitForFxEvents();
        List<String> cut =
            seen(
                () ->
                    robot.lookup(".label").queryAllAs(Label.class).stream()
                        .filter(label -> isShown(label) && isCutOff(label))
                        .map(Label::getText)
                        .toList());
        assertEquals(List.of(), cut, station + " is cut off");
      }
    }
  }

  private static boolean isShown(Node node) {
    return node.isVisible() && (node.getParent() == null || isShown(node.getParent()));
  }

  /** A label is cut off when it shows an ellipsis instead of its whole text. */
  private static boolean isCutOff(Label label) {
    return label.lookupAll(".text").stream()
        .filter(javafx.scene.text.Text.class::isInstance)
        .map(each -> ((javafx.scene.text.Text) each).getText())
        .anyMatch(text -> text.endsWith("...") && !label.getText().endsWith("..."));
  }

  @Test
  void saving_opening_andRecoveringAfterACrash(FxRobot robot) throws IOException {
    window.lay(robot, 0);
    Path file = folder.resolve("Tide ½.cufflink");
    assertTrue(
        new ProjectStore(
                new cufflink.files.project.AtomicFile(cufflink.files.project.AtomicFile.Disk.REAL))
            .save(window.demonstration().get(2), file)
            .value()
            .isPresent());
    robot.interact(() -> projects.open(file));
    assertEquals(window.demonstration().get(2), asRead(bench.job().orElseThrow()));
    assertFalse(bench.keeping().unsaved().get());
    robot.interact(() -> bench.sizing().type("first", "30"));
    robot.interact(() -> projects.save(null));
    assertTrue(bench.notice().get().startsWith("Saved as Tide ½.cufflink"), bench.notice().get());
    assertTrue(Files.exists(folder.resolve("Tide ½.cufflink~")));
    robot.interact(() -> projects.open(folder.resolve("none.cufflink")));
    assertTrue(bench.notice().get().contains("cannot be read"));
    leaveADraft();
    robot.interact(() -> assertTrue(projects.recover(true)));
    assertEquals(window.demonstration().get(1), asRead(bench.job().orElseThrow()));
    assertEquals("Your unsaved work is back on the table.", bench.notice().get());
  }

  /** Returns a job without what it was given when it was laid on the table. */
  private static Job asRead(Job job) {
    return job.withId("").withEdition(Edition.atHand(job.patternId()));
  }

  private void leaveADraft() {
    var writer = new cufflink.files.project.AtomicFile(cufflink.files.project.AtomicFile.Disk.REAL);
    try (var gone = new cufflink.files.project.Drafts(folder.resolve("drafts"), writer)) {
      gone.keep(
          new cufflink.files.project.Drafts.Draft(
              "left", Optional.empty(), Optional.empty(), window.demonstration().get(1)));
    }
  }

  private static TextField field(FxRobot robot, String label) {
    robot.clickOn(robot.lookup(node -> label.equals(node.getAccessibleText())).<Node>query());
    WaitForAsyncUtils.waitForFxEvents();
    return robot
        .lookup(node -> node instanceof TextField && label.equals(node.getAccessibleText()))
        .query();
  }
}

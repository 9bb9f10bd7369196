package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Measure;
import cufflink.core.design.Face;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Pieces of one's own are put on, changed and taken off in the window. */
@ExtendWith(ApplicationExtension.class)
class DecorateWindowTest {
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

  private List<Topper> toppers() {
    return job().order().toppers();
  }

  private void begin(FxRobot robot) {
    robot.interact(
        () -> bench.choosing().choose(bench.library().pattern("banded-half-fold").orElseThrow()));
    robot.interact(() -> bench.station().set(Station.LAYER));
    WaitForAsyncUtils.waitForFxEvents();
  }

  /** What is put on is a row of the slip, is taken back and comes again, and leaves nothing. */
  @Test
  void piece_isPutOn_takenBack_andTakenOff(FxRobot robot) {
    begin(robot);
    Job before = job();
    Menus.press(robot, "a piece of your own", "a circle");
    assertEquals(1, toppers().size());
    Length across = job().values().length(toppers().get(0).value(Measure.ACROSS)).orElseThrow();
    assertTrue(across.isPositive());
    assertTrue(OpenWindow.texts(robot).contains("Your own pieces"));
    Menus.press(robot, "round", "Stuck on with", "foam pads");
    assertEquals(Adhesive.FOAM, toppers().get(0).fixing().with());
    Menus.press(robot, "round", "Shape", "an oval");
    assertEquals(across, job().values().length("own1_down").orElseThrow());
    Menus.press(robot, "round", "Put it on the other face");
    assertEquals(Face.INSIDE, toppers().get(0).face());
    for (int i = 0; i < 4; i++) {
      robot.interact(() -> bench.undo());
    }
    WaitForAsyncUtils.waitForFxEvents();
    assertEquals(before, job());
    robot.interact(() -> bench.redo());
    WaitForAsyncUtils.waitForFxEvents();
    Menus.press(robot, "round", "Take the round off");
    assertEquals(before, job());
  }

  /** Of several cards one may have it alone, or so many as are typed; taken back like the rest. */
  @Test
  void piece_isOnSomeOfTheCards(FxRobot robot) {
    begin(robot);
    robot.interact(() -> bench.making().order(job().order().withCopies(5)));
    Menus.press(robot, "a piece of your own", "a circle");
    Menus.press(robot, "round", "On how many of the 5 cards", "On one card");
    assertEquals(1, toppers().get(0).cards());
    Menus.press(robot, "round", "On how many of the 5 cards", "On all of them");
    assertEquals(0, toppers().get(0).cards());
    robot.interact(() -> bench.undo());
    assertEquals(1, toppers().get(0).cards());
  }

  /** A size that is noted is offered the next time, and a piece of it is as large. */
  @Test
  void sizeThatIsNoted_isOffered(FxRobot robot) {
    begin(robot);
    Menus.press(robot, "a piece of your own", "a rectangle");
    Menus.press(robot, "label", "Note its size among what you own");
    OpenWindow.waitFor(() -> bench.notice().get().startsWith("Noted: label,"));
    String size = bench.notice().get().replace("Noted: ", "").replaceAll("\\.$", "");
    Menus.press(robot, "another piece", size);
    assertEquals(2, toppers().size());
    assertEquals(job().values().length("own1_across"), job().values().length("own2_across"));
    assertEquals(job().values().length("own1_top"), job().values().length("own2_top"));
  }

  /**
   * A figure is called after its file, as large as there is room for, and upright; or it is told.
   */
  @Test
  void figure_isTakenFromItsFile_orTold(FxRobot robot, @TempDir Path folder) throws IOException {
    begin(robot);
    String open = "<svg xmlns='http://www.w3.org/2000/svg'>";
    Path house =
        Files.writeString(
            folder.resolve("house.svg"), open + "<path d='M50 0 L100 40 V200 H0 V40 Z'/></svg>");
    Path crossed =
        Files.writeString(
            folder.resolve("crossed.svg"), open + "<path d='M0 0 L9 9 L9 0 L0 9 Z'/></svg>");
    FigureChoice figures =
        ((MainWindow) robot.lookup(".paper-view").query().getScene().getRoot())
            .decorate()
            .figures();
    robot.interact(() -> figures.askWith(chooser -> crossed.toFile()));
    Menus.press(robot, "a piece of your own", "a figure from an SVG file …");
    OpenWindow.waitFor(() -> bench.notice().get().contains("crosses itself"));
    assertEquals(List.of(), toppers());
    robot.interact(() -> figures.askWith(chooser -> house.toFile()));
    Menus.press(robot, "a piece of your own", "a figure from an SVG file …");
    OpenWindow.waitFor(() -> toppers().size() == 1);
    assertEquals("house", toppers().get(0).label());
    double across = job().values().length("own1_across").orElseThrow().toMillimetres();
    double down = job().values().length("own1_down").orElseThrow().toMillimetres();
    assertEquals(2, down / across, 0.05, "twice as high as wide");
    robot.interact(() -> bench.undo());
    assertEquals(List.of(), toppers());
  }

  /** What is stamped is said, is chosen and left again, and is taken back. */
  @Test
  void paper_isStampedAndEmbossed_andTakenBack(FxRobot robot) {
    begin(robot);
    Job before = job();
    Menus.press(robot, "nothing", "card base, outside", "embossed");
    Menus.press(robot, "card base (embossed)", "card base, inside", "stamped");
    assertEquals(2, job().order().treatments().size());
    String said = String.join(" ", OpenWindow.texts(robot));
    assertTrue(said.contains("card base (embossed), card base (stamped)"), said);
    Menus.press(
        robot, "card base (embossed), card base (stamped)", "card base, outside", "embossed");
    assertEquals(1, job().order().treatments().size());
    while (!job().equals(before)) {
      robot.interact(() -> bench.undo());
    }
  }
}

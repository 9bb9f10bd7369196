package cufflink.desktop.shell;

import cufflink.core.job.Job;
import cufflink.core.measure.Marks;
import cufflink.desktop.CufflinkApp;
import cufflink.desktop.paper.FontBook;
import cufflink.desktop.paper.PaperView;
import cufflink.desktop.work.PaperDrawer;
import cufflink.desktop.work.Workbench;
import cufflink.files.figure.PictureShelf;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.DemoProjects;
import cufflink.files.project.DrawerStore;
import cufflink.files.project.Settings;
import cufflink.files.project.UserFolders;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.stage.Stage;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** The window of the application, opened for a test. */
record OpenWindow(Workbench bench, Projects projects, List<Job> demonstration, Path folder) {
  static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  /** Opens it with an empty table. */
  static OpenWindow empty(Stage stage) throws IOException {
    return on(stage, false, LIBRARY);
  }

  /** Opens it with a job laid before there is a window, as at every start. */
  static OpenWindow withAJob(Stage stage) throws IOException {
    return on(stage, true, LIBRARY);
  }

  /** Opens it with a job, the constructions read anew in the language that is spoken now. */
  static OpenWindow spoken(Stage stage) throws IOException {
    return on(stage, true, PatternLibrary.shipped());
  }

  private static OpenWindow on(Stage stage, boolean isLaid, PatternLibrary library)
      throws IOException {
    FontBook.prepare();
    Path folder = Files.createTempDirectory(Path.of("target"), "window");
    AtomicFile writer = new AtomicFile(AtomicFile.Disk.REAL);
    UserFolders folders = new UserFolders(folder);
    PaperDrawer drawer =
        new PaperDrawer(
            new DrawerStore(folders.drawer(), writer),
            Optional.of(new PictureShelf(folders, writer)));
    Workbench bench = new Workbench(library, Marks.MILLIMETRES, drawer);
    Projects projects = new Projects(bench, new UserFolders(folder), Settings.NEW);
    List<Job> demonstration = DemoProjects.all();
    if (isLaid) {
      bench.lay(demonstration.get(0), Optional.empty());
    }
    Scene scene = new Scene(new MainWindow(bench, projects, demonstration, () -> {}), 1280, 800);
    scene
        .getStylesheets()
        .addAll(
            CufflinkApp.class.getResource("theme-light.css").toExternalForm(),
            CufflinkApp.class.getResource("cufflink.css").toExternalForm());
    stage.setScene(scene);
    stage.show();
    return new OpenWindow(bench, projects, demonstration, folder);
  }

  void lay(FxRobot robot, int number) {
    robot.interact(() -> bench.lay(demonstration.get(number), Optional.empty()));
    WaitForAsyncUtils.waitForFxEvents();
  }

  static void waitFor(Callable<Boolean> condition) {
    try {
      WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, condition);
      WaitForAsyncUtils.waitForFxEvents();
    } catch (TimeoutException late) {
      throw new AssertionError(late);
    }
  }

  static PaperView paper(FxRobot robot) {
    return seen(
        () ->
            robot.lookup(node -> node instanceof PaperView && !node.isMouseTransparent()).query());
  }

  /**
   * Looks at the window on its own thread: a bound that is asked for lays the text out, and text
   * that is laid out by two threads at once is broken for good.
   */
  static <T> T seen(Callable<T> look) {
    return WaitForAsyncUtils.waitForAsyncFx(10_000, look);
  }

  /** What is said once all that was begun has come to rest. */
  static List<String> texts(FxRobot robot) {
    WaitForAsyncUtils.waitForFxEvents();
    return seen(
        () ->
            robot
                .lookup(node -> node instanceof Labeled && node.isVisible())
                .queryAllAs(Labeled.class)
                .stream()
                .map(Labeled::getText)
                .toList());
  }

  /** Waits until the window says these words; a slow machine says them later. */
  static void waitForWords(FxRobot robot, String words) {
    List<String> said = new ArrayList<>();
    try {
      WaitForAsyncUtils.waitFor(
          10,
          TimeUnit.SECONDS,
          () -> {
            said.clear();
            said.addAll(texts(robot));
            return said.stream().anyMatch(text -> text.contains(words));
          });
    } catch (TimeoutException late) {
      throw new AssertionError("“" + words + "” is not said, but " + said, late);
    }
  }
}

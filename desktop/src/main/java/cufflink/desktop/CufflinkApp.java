package cufflink.desktop;

import cufflink.core.job.Job;
import cufflink.desktop.paper.FontBook;
import cufflink.desktop.shell.MainWindow;
import cufflink.desktop.shell.Projects;
import cufflink.desktop.work.PaperDrawer;
import cufflink.desktop.work.Workbench;
import cufflink.files.figure.PictureShelf;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.DrawerStore;
import cufflink.files.project.FaultLog;
import cufflink.files.project.Settings;
import cufflink.files.project.UserFolders;
import cufflink.files.words.Words;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.stage.Screen;
import javafx.stage.Stage;

/** The application with its window. */
public class CufflinkApp extends Application {
  private static final double WIDTH = 1280;
  private static final double HEIGHT = 800;
  private static final double LEAST_WIDTH = 1000;
  private static final double LEAST_HEIGHT = 640;

  private static final String STYLES = "/cufflink/desktop/";

  private Optional<Projects> projects = Optional.empty();

  @Override
  public void start(Stage stage) {
    StartOptions options = StartOptions.of(getParameters().getRaw());
    Preload preload = Preload.begun(options);
    UserFolders folders = preload.folders();
    Settings settings = Settings.read(folders.settings());
    FontBook.prepare();
    Workbench bench = new Workbench(preload.library().join(), settings.marks(), drawer(folders));
    new FaultTeller(new FaultLog(folders), bench).listen();
    Projects files = new Projects(bench, folders, settings);
    projects = Optional.of(files);
    if (options.demo()) {
      files.demonstrate();
    }
    List<Job> demonstration = preload.demonstration().join();
    // Laid before there is a window, so that the window is built once, as it will be seen.
    lay(bench, files, options, demonstration);
    Scene[] holder = new Scene[1];
    Runnable toggleTheme =
        () -> {
          files.remember(now -> now.withDark(!now.dark()));
          dress(holder[0], files.settings().dark());
        };
    MainWindow window = new MainWindow(bench, files, demonstration, toggleTheme);
    Scene scene = new Scene(window);
    holder[0] = scene;
    dress(scene, settings.dark());
    stage.setScene(scene);
    stage.setTitle(Words.say("window.title"));
    stage.setMinWidth(LEAST_WIDTH);
    stage.setMinHeight(LEAST_HEIGHT);
    place(stage, settings.window());
    stage.setOnHiding(event -> remember(stage, bench, files));
    stage.show();
    Platform.runLater(() -> place(stage, settings.window()));
    window.focusMain();
    // Plurals are known by a library that is large, and needed by nothing in the first frame.
    CompletableFuture.runAsync(() -> Words.say("shelf.count", 1));
  }

  private static void lay(
      Workbench bench, Projects files, StartOptions options, List<Job> demonstration) {
    boolean recovered = files.recover(!options.demo() && options.file().isEmpty());
    if (options.file().isPresent()) {
      files.open(Path.of(options.file().get()));
    } else if (!recovered && !demonstration.isEmpty()) {
      bench.lay(demonstration.get(0), Optional.empty());
    }
  }

  private static void dress(Scene scene, boolean dark) {
    scene
        .getStylesheets()
        .setAll(
            CufflinkApp.class
                .getResource(STYLES + (dark ? "theme-dark.css" : "theme-light.css"))
                .toExternalForm(),
            CufflinkApp.class.getResource(STYLES + "cufflink.css").toExternalForm());
  }

  /**
   * Puts the window where it was, if that is still on a screen; else as large as the screen allows,
   * with its title bar: one that is larger is cut by each window manager in its own way, and one
   * that is maximised comes undone when the system's dialog is shown over it. Told before it is
   * shown, for those without a manager, and after: some open a window at its least size.
   */
  private static void place(Stage stage, List<Double> window) {
    Rectangle2D screen = Screen.getPrimary().getVisualBounds();
    stage.setWidth(Math.min(WIDTH, screen.getWidth()));
    stage.setHeight(Math.min(HEIGHT, screen.getHeight()));
    stage.setX(screen.getMinX() + (screen.getWidth() - stage.getWidth()) / 2);
    stage.setY(screen.getMinY() + (screen.getHeight() - stage.getHeight()) / 3);
    if (window.size() != 4) {
      return;
    }
    Rectangle2D before =
        new Rectangle2D(
            window.get(0),
            window.get(1),
            Math.max(LEAST_WIDTH, window.get(2)),
            Math.max(LEAST_HEIGHT, window.get(3)));
    if (!Screen.getScreensForRectangle(before).isEmpty()) {
      stage.setX(before.getMinX());
      stage.setY(before.getMinY());
      stage.setWidth(before.getWidth());
      stage.setHeight(before.getHeight());
    }
  }

  private static PaperDrawer drawer(UserFolders folders) {
    AtomicFile writer = new AtomicFile(AtomicFile.Disk.REAL);
    return new PaperDrawer(
        new DrawerStore(folders.drawer(), writer), Optional.of(new PictureShelf(folders, writer)));
  }

  private static void remember(Stage stage, Workbench bench, Projects files) {
    List<Double> window = List.of(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight());
    files.remember(now -> now.left(bench.marks(), window));
  }

  @Override
  public void stop() {
    projects.ifPresent(Projects::close);
  }
}

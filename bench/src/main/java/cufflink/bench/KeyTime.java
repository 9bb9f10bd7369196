package cufflink.bench;

import cufflink.core.measure.Marks;
import cufflink.desktop.CufflinkApp;
import cufflink.desktop.paper.FontBook;
import cufflink.desktop.shell.MainWindow;
import cufflink.desktop.shell.Projects;
import cufflink.desktop.work.Workbench;
import cufflink.files.project.DemoProjects;
import cufflink.files.project.Settings;
import cufflink.files.project.UserFolders;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;

/**
 * Presses keys in the window and tells how long each takes to its first picture: from the key to
 * the frame after the one that it changes. Run with -Djavafx.animation.fullspeed=true.
 */
public final class KeyTime extends Application {
  private static final int WARM_UP = 4;
  private static final int ROUNDS = 24;
  private static final int REST = 30;
  private static final double NANOS_PER_MILLISECOND = 1e6;

  private final Map<String, List<Long>> times = new LinkedHashMap<>();
  private final List<Press> presses = new ArrayList<>();
  private Scene scene;
  private boolean dark;

  /** A key and what it is counted as. */
  private record Press(String title, Runnable press) {}

  /** Starts beside the application. */
  public static final class Main {
    private Main() {}

    /**
     * Starts.
     *
     * @param arguments none
     */
    public static void main(String[] arguments) {
      Application.launch(KeyTime.class, arguments);
    }
  }

  @Override
  public void start(Stage stage) throws IOException {
    FontBook.prepare();
    Workbench bench = new Workbench(Cards.LIBRARY, Marks.MILLIMETRES);
    UserFolders folders = new UserFolders(Files.createTempDirectory("cufflink-keys"));
    Projects projects = new Projects(bench, folders, Settings.NEW);
    bench.lay(DemoProjects.all().get(0), Optional.empty());
    MainWindow window = new MainWindow(bench, projects, DemoProjects.all(), this::toggleTheme);
    scene = new Scene(window, 1280, 800);
    scene.getStylesheets().setAll(sheet("theme-light.css"), sheet("cufflink.css"));
    stage.setScene(scene);
    stage.show();
    for (int station = 1; station <= 6; station++) {
      KeyCode digit = KeyCode.getKeyCode(Integer.toString(station));
      String text = Integer.toString(station);
      presses.add(new Press("a digit, to a station", () -> press(digit, text, false)));
      if (station > 2) {
        presses.add(new Press("an arrow or space there", () -> press(KeyCode.RIGHT, "", false)));
        presses.add(new Press("an arrow or space there", () -> press(KeyCode.LEFT, "", false)));
      }
    }
    presses.add(new Press("the other units", () -> press(KeyCode.U, "", true)));
    presses.add(new Press("light or dark", () -> press(KeyCode.T, "", true)));
    new Presser(projects).start();
  }

  private static String sheet(String name) {
    return CufflinkApp.class.getResource(name).toExternalForm();
  }

  private void toggleTheme() {
    dark = !dark;
    scene
        .getStylesheets()
        .setAll(sheet(dark ? "theme-dark.css" : "theme-light.css"), sheet("cufflink.css"));
  }

  private void press(KeyCode code, String text, boolean shortcut) {
    Node focus = scene.getFocusOwner();
    Event.fireEvent(
        focus == null ? scene.getRoot() : focus,
        new KeyEvent(KeyEvent.KEY_PRESSED, text, text, code, false, shortcut, false, false));
  }

  /** Presses one key after another, with a rest between them. */
  private final class Presser extends AnimationTimer {
    private final Projects projects;
    private int frame;
    private int pressed;
    private long at;

    Presser(Projects projects) {
      this.projects = projects;
    }

    @Override
    public void handle(long ignored) {
      Press press = presses.get(pressed % presses.size());
      if (frame == REST) {
        at = System.nanoTime();
        press.press().run();
      } else if (frame > REST) {
        int round = pressed / presses.size();
        if (round >= WARM_UP) {
          times
              .computeIfAbsent(press.title(), each -> new ArrayList<>())
              .add(System.nanoTime() - at);
        }
        pressed++;
        frame = 0;
        if (round >= WARM_UP + ROUNDS) {
          stop();
          tell();
          projects.close();
          Platform.exit();
        }
      }
      frame++;
    }
  }

  private void tell() {
    times.forEach(
        (title, all) -> {
          Collections.sort(all);
          System.out.printf(
              "%s: median %.1f ms, 95%% under %.1f ms (%d)%n",
              title,
              all.get(all.size() / 2) / NANOS_PER_MILLISECOND,
              all.get(all.size() * 95 / 100) / NANOS_PER_MILLISECOND,
              all.size());
        });
  }
}

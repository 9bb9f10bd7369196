package cufflink.bench;

import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import cufflink.desktop.CufflinkApp;
import cufflink.desktop.paper.FontBook;
import cufflink.desktop.shell.MainWindow;
import cufflink.desktop.shell.Projects;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.project.DemoProjects;
import cufflink.files.project.Settings;
import cufflink.files.project.UserFolders;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;

/**
 * Drags a label over each card of the demonstration that has one on it, in the window and with
 * papers on, and tells how long a frame takes, beside deriving the card alone. Run with
 * -Djavafx.animation.fullspeed=true.
 */
public final class DragTime extends Application {
  private static final String VALUE = "own1_left";
  private static final int WARM_UP = 100;
  private static final int FRAMES = 300;
  private static final double NANOS_PER_MILLISECOND = 1e6;

  /** Starts beside the application. */
  public static final class Main {
    private Main() {}

    /**
     * Starts.
     *
     * @param arguments none
     */
    public static void main(String[] arguments) {
      Application.launch(DragTime.class, arguments);
    }
  }

  @Override
  public void start(Stage stage) throws IOException {
    FontBook.prepare();
    Workbench bench = new Workbench(Cards.LIBRARY, Marks.MILLIMETRES);
    UserFolders folders = new UserFolders(Files.createTempDirectory("cufflink-drag"));
    Projects projects = new Projects(bench, folders, Settings.NEW);
    List<Job> jobs =
        DemoProjects.all().stream().filter(job -> job.values().get(VALUE).isPresent()).toList();
    bench.lay(jobs.get(0), Optional.empty());
    Scene scene = new Scene(new MainWindow(bench, projects, jobs, () -> {}), 1280, 800);
    for (String sheet : List.of("theme-light.css", "cufflink.css")) {
      scene.getStylesheets().add(CufflinkApp.class.getResource(sheet).toExternalForm());
    }
    stage.setScene(scene);
    stage.show();
    new Dragger(bench, projects, jobs).start();
  }

  private static double median(List<Long> times) {
    Collections.sort(times);
    return times.get(times.size() / 2) / NANOS_PER_MILLISECOND;
  }

  /** Drags to and fro, one card after another. */
  private static final class Dragger extends AnimationTimer {
    private final Workbench bench;
    private final Projects projects;
    private final List<Job> jobs;
    private final List<Long> times = new ArrayList<>();
    private int now = -1;
    private Job before;
    private double from;
    private long last;

    Dragger(Workbench bench, Projects projects, List<Job> jobs) {
      this.bench = bench;
      this.projects = projects;
      this.jobs = jobs;
      next();
    }

    private void next() {
      now++;
      times.clear();
      if (now < jobs.size()) {
        bench.lay(jobs.get(now), Optional.empty());
        bench.station().set(Station.LAYER);
        before = bench.job().orElseThrow();
        from = before.values().length(VALUE).orElseThrow().toMillimetres();
      }
    }

    @Override
    public void handle(long ignored) {
      long time = System.nanoTime();
      times.add(time - last);
      last = time;
      double to = from + times.size() % 20 - 10;
      bench.sizing().pull(before, Map.of(VALUE, Length.fromMillimetres(Math.max(1, to))));
      if (times.size() == WARM_UP + FRAMES) {
        bench.sizing().finish();
        List<Long> measured = new ArrayList<>(times.subList(WARM_UP, times.size()));
        System.out.printf(
            "%s: median %.1f ms, 95%% under %.1f ms; deriving %.2f ms%n",
            before.title(),
            median(measured),
            measured.get(FRAMES * 95 / 100) / NANOS_PER_MILLISECOND,
            deriving());
        next();
        if (now == jobs.size()) {
          stop();
          projects.close();
          Platform.exit();
        }
      }
    }

    private double deriving() {
      Pattern pattern = Cards.LIBRARY.pattern(before).orElseThrow();
      List<Long> alone = new ArrayList<>();
      for (int i = 0; i < FRAMES; i++) {
        long begun = System.nanoTime();
        Derivation.of(pattern, before);
        alone.add(System.nanoTime() - begun);
      }
      return median(alone);
    }
  }
}

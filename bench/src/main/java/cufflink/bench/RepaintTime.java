package cufflink.bench;

import cufflink.core.card.FoldModel;
import cufflink.core.drawing.FoldDrawing;
import cufflink.core.drawing.Patch;
import cufflink.core.job.Derivation;
import cufflink.core.space.Viewpoint;
import cufflink.desktop.CufflinkApp;
import cufflink.desktop.paper.FontBook;
import cufflink.desktop.paper.PaperView;
import cufflink.desktop.work.Workbench;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/**
 * Folds a card a little further in every frame and tells how long a frame takes, from the change to
 * the next frame. Run with -Djavafx.animation.fullspeed=true, which lets frames follow each other
 * as fast as they are painted.
 */
public final class RepaintTime extends Application {
  private static final int WARM_UP = 200;
  private static final int FRAMES = 600;
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
      Application.launch(RepaintTime.class, arguments);
    }
  }

  @Override
  public void start(Stage stage) {
    FontBook.prepare();
    PaperView paper = new PaperView();
    Scene scene = new Scene(new StackPane(paper), 924, 640);
    for (String sheet : List.of("theme-light.css", "cufflink.css")) {
      scene.getStylesheets().add(CufflinkApp.class.getResource(sheet).toExternalForm());
    }
    stage.setScene(scene);
    stage.show();
    Workbench bench = new Workbench(Cards.LIBRARY, Cards.accordion().marks());
    bench.lay(Cards.accordion(), Optional.empty());
    Derivation.Made made = bench.derivation().get().orElseThrow().made().orElseThrow();
    FoldBenchmark sixty = new FoldBenchmark();
    FoldModel large = sixty.model();
    List<Series> series =
        List.of(
            new Series("drag to repaint", made.card().base(), Patch.of(made.design()), 0),
            new Series(
                sixty.facets() + " facets, frame by frame",
                large,
                List.of(),
                large.stages().size() - 1));
    new Frames(series, paper, bench).start();
  }

  /** What is folded in one go of the measurement: one stage of a card. */
  private record Series(String title, FoldModel model, List<Patch> patches, int stage) {}

  /** Shows a series frame by frame, then the next one. */
  private static final class Frames extends AnimationTimer {
    private final List<Series> series;
    private final PaperView paper;
    private final Workbench bench;
    private final List<Long> times = new ArrayList<>();
    private int now;
    private long last;

    Frames(List<Series> series, PaperView paper, Workbench bench) {
      this.series = series;
      this.paper = paper;
      this.bench = bench;
    }

    @Override
    public void handle(long ignored) {
      long time = System.nanoTime();
      times.add(time - last);
      last = time;
      Series shown = series.get(now);
      double moment = shown.stage() + times.size() % 100 / 100.0;
      paper.show(
          surface ->
              Optional.of(
                  FoldDrawing.of(
                      shown.model(), shown.patches(), moment, new Viewpoint(-16, 42), surface)),
          bench.marks(),
          bench.format());
      if (times.size() == WARM_UP + FRAMES) {
        List<Long> measured = new ArrayList<>(times.subList(WARM_UP, times.size()));
        Collections.sort(measured);
        System.out.printf(
            "%s: median %.1f ms, 95%% under %.1f ms%n",
            shown.title(),
            measured.get(FRAMES / 2) / NANOS_PER_MILLISECOND,
            measured.get(FRAMES * 95 / 100) / NANOS_PER_MILLISECOND);
        times.clear();
        now++;
        if (now == series.size()) {
          stop();
          Platform.exit();
        }
      }
    }
  }
}

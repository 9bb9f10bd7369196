package cufflink.bench;

import cufflink.core.card.FoldModel;
import cufflink.core.drawing.FoldDrawing;
import cufflink.core.drawing.Patch;
import cufflink.core.drawing.Portrait;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.space.Viewpoint;
import cufflink.desktop.CufflinkApp;
import cufflink.desktop.paper.FontBook;
import cufflink.desktop.paper.PaperView;
import cufflink.desktop.paper.PictureBook;
import cufflink.desktop.work.Workbench;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BiFunction;
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
    BufferedImage noise = noise();
    PaperView paper = new PaperView(new PictureBook(name -> Optional.of(noise), Runnable::run));
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
    FoldModel base = made.card().base();
    List<Patch> patches = Patch.of(made.design());
    Viewpoint viewpoint = new Viewpoint(-16, 42);
    List<Series> series =
        List.of(
            new Series(
                "drag to repaint",
                (share, surface) -> FoldDrawing.of(base, patches, share, viewpoint, surface)),
            new Series(
                sixty.facets() + " facets, frame by frame",
                (share, surface) ->
                    FoldDrawing.of(
                        large, List.of(), large.stages().size() - 1 + share, viewpoint, surface)),
            pictured("folio", "stacked-pocket-folio", false),
            pictured("folio", "stacked-pocket-folio", true),
            pictured("album", "concertina-album", true));
    new Frames(series, paper, bench).start();
  }

  /** A card as its receiver sees it, its papers printed or as in pictures. */
  private static Series pictured(String title, String id, boolean isPictured) {
    Job job = Cards.job(id);
    Pattern pattern = Cards.LIBRARY.pattern(job).orElseThrow();
    Derivation plain = Derivation.of(pattern, job);
    Length side = Length.ofMillimetres(305);
    Picture picture = new Picture("0123456789abcdef.jpg", "noise", side, side, 0x808080);
    for (PaperRole role : plain.made().orElseThrow().design().roles()) {
      Papers.Colours colours = plain.look().colours(role);
      job = job.withPapers(job.papers().looking(role, isPictured ? colours.as(picture) : colours));
    }
    Derivation derivation = Derivation.of(pattern, job);
    Derivation.Made made = derivation.made().orElseThrow();
    FoldModel model = made.card().whole();
    model.prepare(() -> false);
    Viewpoint viewpoint = new Viewpoint(-16, 42);
    return new Series(
        title + (isPictured ? " with pictures on all papers" : " with prints"),
        (share, surface) ->
            Portrait.moving(
                model,
                made.design(),
                derivation.look(),
                model.stages().size() - 1 + share,
                viewpoint,
                surface));
  }

  /** Noise is the worst there is to paint. */
  private static BufferedImage noise() {
    BufferedImage image = new BufferedImage(2_000, 2_000, BufferedImage.TYPE_INT_ARGB_PRE);
    Random random = new Random(1);
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        image.setRGB(x, y, 0xFF000000 | random.nextInt(0x1000000));
      }
    }
    return image;
  }

  /** What is folded in one go of the measurement: one stage of a card, by the share of it. */
  private record Series(String title, BiFunction<Double, Surface, Drawing> draw) {}

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
      double share = times.size() % 100 / 100.0;
      paper.show(
          surface -> Optional.of(shown.draw().apply(share, surface)),
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

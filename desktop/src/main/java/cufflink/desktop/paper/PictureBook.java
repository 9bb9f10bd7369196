package cufflink.desktop.paper;

import cufflink.files.figure.Pictures;
import cufflink.files.figure.Raster;
import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/**
 * Pictures of papers on the screen, each in several sizes, so that it may be painted small without
 * flickering. They are read beside the window's own thread. Used on the window's thread.
 */
public final class PictureBook {
  private final Pictures pictures;
  private final Executor beside;
  private final Map<String, List<Image>> sizes = new HashMap<>();
  private final Map<String, List<Runnable>> waiting = new HashMap<>();

  /**
   * Prepares to show pictures.
   *
   * @param pictures where they are found
   * @param beside does what takes long
   */
  public PictureBook(Pictures pictures, Executor beside) {
    this.pictures = pictures;
    this.beside = beside;
  }

  /** Returns a book without pictures. */
  public static PictureBook empty() {
    return new PictureBook(Pictures.NONE, Runnable::run);
  }

  /**
   * Returns a picture of about a size.
   *
   * @param name the name under which it is kept
   * @param pixels how long its longer side is painted
   * @param ready told once it can be shown, if it cannot yet
   * @return the smallest that is no smaller than that; empty while it is not read, or if it is gone
   */
  Optional<Image> image(String name, double pixels, Runnable ready) {
    List<Image> known = sizes.get(name);
    if (known == null) {
      read(name, ready);
      return Optional.empty();
    }
    Optional<Image> best = Optional.empty();
    for (Image each : known) {
      boolean isLarge = Math.max(each.getWidth(), each.getHeight()) >= pixels;
      best = best.isEmpty() || isLarge ? Optional.of(each) : best;
    }
    return best;
  }

  private void read(String name, Runnable ready) {
    List<Runnable> others = waiting.get(name);
    if (others != null) {
      others.add(ready);
      return;
    }
    waiting.put(name, new ArrayList<>(List.of(ready)));
    beside.execute(
        () -> {
          List<Image> read = pictures.sizes(name).stream().map(PictureBook::shown).toList();
          Platform.runLater(
              () -> {
                sizes.put(name, read);
                waiting.remove(name).forEach(Runnable::run);
              });
        });
  }

  /**
   * Forgets what was not found, as a picture may have come since.
   *
   * @param name the name under which it is kept
   */
  public void again(String name) {
    sizes.remove(name, List.of());
  }

  /** The pixels are shared, not copied. */
  private static Image shown(Raster raster) {
    IntBuffer pixels = IntBuffer.wrap(raster.pixels());
    return new WritableImage(
        new PixelBuffer<>(
            raster.width(), raster.height(), pixels, PixelFormat.getIntArgbPreInstance()));
  }
}

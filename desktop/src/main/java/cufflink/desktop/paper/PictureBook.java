package cufflink.desktop.paper;

import cufflink.files.figure.Pictures;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
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
  /** The longer side of the largest, in pixels; finer ones are for what is exported. */
  private static final int LARGEST = 1_000;

  private static final int SMALLEST = 60;

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
          List<Image> read = pictures.image(name).map(PictureBook::sized).orElse(List.of());
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

  /** Halves a picture, from the largest size down. */
  private static List<Image> sized(BufferedImage image) {
    List<Image> sizes = new ArrayList<>();
    BufferedImage now = image;
    while (Math.max(now.getWidth(), now.getHeight()) > LARGEST) {
      now = half(now);
    }
    while (Math.min(now.getWidth(), now.getHeight()) > SMALLEST || sizes.isEmpty()) {
      sizes.add(shown(now));
      now = half(now);
    }
    return sizes;
  }

  /** Bilinear sampling at half the size is the mean of four pixels. */
  private static BufferedImage half(BufferedImage image) {
    int wide = Math.max(1, image.getWidth() / 2);
    int high = Math.max(1, image.getHeight() / 2);
    BufferedImage half = new BufferedImage(wide, high, BufferedImage.TYPE_INT_ARGB_PRE);
    Graphics2D graphics = half.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    graphics.drawImage(image, 0, 0, wide, high, null);
    graphics.dispose();
    return half;
  }

  /** The pixels are shared, not copied. */
  private static Image shown(BufferedImage image) {
    IntBuffer pixels =
        IntBuffer.wrap(((DataBufferInt) image.getRaster().getDataBuffer()).getData());
    return new WritableImage(
        new PixelBuffer<>(
            image.getWidth(), image.getHeight(), pixels, PixelFormat.getIntArgbPreInstance()));
  }
}

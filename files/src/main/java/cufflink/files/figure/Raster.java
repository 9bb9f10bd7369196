package cufflink.files.figure;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.ArrayList;
import java.util.List;

/**
 * Pixels, row by row from the top.
 *
 * @param width how many in a row, above nought
 * @param height how many rows, above nought
 * @param pixels opaque, alpha in the highest eight bits, then red, green and blue; not to be
 *     changed
 */
public record Raster(int width, int height, int[] pixels) {
  /** The longer side of the largest that is shown; finer ones are for what is exported. */
  private static final int LARGEST = 1_000;

  private static final int SMALLEST = 60;

  /** Halves a picture again and again, so that it can be painted small without flickering. */
  static List<Raster> sizes(BufferedImage image) {
    List<Raster> sizes = new ArrayList<>();
    BufferedImage now = half(image, 1);
    while (Math.max(now.getWidth(), now.getHeight()) > LARGEST) {
      now = half(now, 2);
    }
    while (Math.min(now.getWidth(), now.getHeight()) > SMALLEST || sizes.isEmpty()) {
      int[] pixels = ((DataBufferInt) now.getRaster().getDataBuffer()).getData();
      sizes.add(new Raster(now.getWidth(), now.getHeight(), pixels));
      now = half(now, 2);
    }
    return sizes;
  }

  /** Bilinear sampling at half the size is the mean of four pixels. */
  private static BufferedImage half(BufferedImage image, int by) {
    int wide = Math.max(1, image.getWidth() / by);
    int high = Math.max(1, image.getHeight() / by);
    BufferedImage half = new BufferedImage(wide, high, BufferedImage.TYPE_INT_ARGB_PRE);
    Graphics2D graphics = half.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    graphics.drawImage(image, 0, 0, wide, high, null);
    graphics.dispose();
    return half;
  }
}

package cufflink.files.figure;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;

/** Where pictures of papers are found by the names under which they are kept. */
@FunctionalInterface
public interface Pictures {
  /** There are none; what they would show is painted in its colour. */
  Pictures NONE = name -> Optional.empty();

  /**
   * Finds a picture.
   *
   * @param name the name under which it is kept
   * @return opaque pixels; empty if it is not there
   */
  Optional<BufferedImage> image(String name);

  /**
   * Finds a picture in several sizes, for the screen.
   *
   * @param name the name under which it is kept
   * @return each half as large as the one before; empty if it is not there
   */
  default List<Raster> sizes(String name) {
    return image(name).map(Raster::sizes).orElse(List.of());
  }

  /**
   * Returns a picture without alpha, which JPEG does not know.
   *
   * @param image opaque pixels
   * @return the same in red, green and blue
   */
  static BufferedImage opaque(BufferedImage image) {
    BufferedImage plain =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
    plain.createGraphics().drawImage(image, 0, 0, null);
    return plain;
  }
}

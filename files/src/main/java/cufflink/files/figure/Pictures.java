package cufflink.files.figure;

import java.awt.image.BufferedImage;
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
}

package cufflink.files.figure;

import cufflink.core.decor.Outline;
import cufflink.core.measure.Length;
import cufflink.core.measure.Parsed;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * The outline of the largest shape in an SVG file, and how large it is there.
 *
 * @param label what the file is called
 * @param outline its outline
 * @param across its width
 * @param down its height
 */
public record Figure(String label, Outline outline, Length across, Length down) {
  /** No larger file is read, in bytes. */
  private static final int LARGEST = 5_000_000;

  /**
   * Reads a file. Nothing outside it is looked at.
   *
   * @param file the file
   * @return the figure, or one sentence about why there is none
   */
  public static Parsed<Figure> read(Path file) {
    String name = String.valueOf(file.getFileName());
    try (InputStream in = Files.newInputStream(file)) {
      byte[] bytes = in.readNBytes(LARGEST + 1);
      return bytes.length > LARGEST
          ? Parsed.bad("figure.large", name, Integer.toString(LARGEST / 1_000_000))
          : new SvgReader(name).read(bytes);
    } catch (IOException gone) {
      return Parsed.bad("figure.gone", name);
    }
  }

  /**
   * Returns its height at another width, in its own proportions.
   *
   * @param width the width
   * @return the height
   */
  public Length downAt(Length width) {
    return Length.fromMillimetres(
        width.toMillimetres() * down.toMillimetres() / across.toMillimetres());
  }
}

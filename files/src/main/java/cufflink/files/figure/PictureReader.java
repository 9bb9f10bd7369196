package cufflink.files.figure;

import com.drew.imaging.FileType;
import com.drew.imaging.FileTypeDetector;
import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import cufflink.core.measure.Length;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Sheet;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Reads picture files of whole sheets: reduced, upright, and at the true size of their paper. */
final class PictureReader {
  /** A sheet of which nothing is known. */
  static final Sheet ANY = new Sheet("", "", Length.ofMillimetres(300), Length.ofMillimetres(300));

  /** More pixels than these are not read, in millions. */
  private static final int MOST = 100;

  private static final long MILLION = 1_000_000;

  /** Pixels are left out while reading as long as so many times what is kept are left. */
  private static final double SPARE = 1.5;

  /**
   * A picture that was read.
   *
   * @param image its pixels, opaque
   * @param wide how wide the paper is
   * @param high how high
   */
  record Read(BufferedImage image, Length wide, Length high) {}

  private PictureReader() {}

  static Parsed<Read> read(byte[] bytes, String label, Sheet sheet) {
    try (ImageInputStream stream =
        ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
      if (!readers.hasNext()) {
        return refused(bytes, label);
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(stream, true, true);
        return read(reader, bytes, label, sheet);
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException torn) {
      // Readers throw whatever a torn file makes them stumble over.
      return Parsed.bad("picture.broken", label);
    }
  }

  private static Parsed<Read> read(ImageReader reader, byte[] bytes, String label, Sheet sheet)
      throws IOException {
    long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
    if (pixels > MOST * MILLION) {
      return Parsed.bad("picture.pixels", label, pixels / MILLION, MOST);
    }
    int longest = Math.max(reader.getWidth(0), reader.getHeight(0));
    int every = Math.max(1, (int) (longest / (PictureShelf.LONGEST * SPARE)));
    ImageReadParam param = reader.getDefaultReadParam();
    param.setSourceSubsampling(every, every, 0, 0);
    boolean[] isTorn = new boolean[1];
    reader.addIIOReadWarningListener((source, warning) -> isTorn[0] |= isTorn(warning));
    BufferedImage read = reader.read(0, param);
    if (isTorn[0]) {
      return Parsed.bad("picture.broken", label);
    }
    Optional<Metadata> metadata = metadata(bytes);
    int held = metadata.map(PictureReader::orientation).orElse(1);
    BufferedImage image = upright(read, held);
    boolean isAcross = held > 4;
    int across = isAcross ? reader.getHeight(0) : reader.getWidth(0);
    int down = isAcross ? reader.getWidth(0) : reader.getHeight(0);
    return Parsed.good(TrueSize.of(image, across, down, metadata.flatMap(TrueSize::fine), sheet));
  }

  private static boolean isTorn(String warning) {
    return warning.contains("Premature") || warning.contains("orrupt");
  }

  /** What is a picture, but of a kind that is not read, is called by its name. */
  private static Parsed<Read> refused(byte[] bytes, String label) throws IOException {
    FileType type =
        FileTypeDetector.detectFileType(new BufferedInputStream(new ByteArrayInputStream(bytes)));
    return type == FileType.Unknown
        ? Parsed.bad("picture.none", label)
        : Parsed.bad("picture.type", label, type.getName());
  }

  private static Optional<Metadata> metadata(byte[] bytes) {
    try {
      return Optional.of(ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes)));
    } catch (ImageProcessingException | IOException none) {
      return Optional.empty();
    }
  }

  /** What the camera noted of how it was held, from 1 to 8 (Exif 2.3, 4.6.4). */
  private static int orientation(Metadata metadata) {
    int noted = number(metadata, ExifIFD0Directory.class, ExifIFD0Directory.TAG_ORIENTATION);
    return noted >= 1 && noted <= 8 ? noted : 1;
  }

  static int number(Metadata metadata, Class<? extends Directory> where, int tag) {
    Directory directory = metadata.getFirstDirectoryOfType(where);
    Integer noted = directory == null ? null : directory.getInteger(tag);
    return noted == null ? 0 : noted;
  }

  /** Reduces a picture, lays it on white and turns it upright. */
  private static BufferedImage upright(BufferedImage read, int held) {
    double scale =
        Math.min(1, PictureShelf.LONGEST / (double) Math.max(read.getWidth(), read.getHeight()));
    int wide = Math.max(1, (int) Math.round(read.getWidth() * scale));
    int high = Math.max(1, (int) Math.round(read.getHeight() * scale));
    boolean isAcross = held > 4;
    BufferedImage image =
        new BufferedImage(
            isAcross ? high : wide, isAcross ? wide : high, BufferedImage.TYPE_INT_ARGB_PRE);
    Graphics2D graphics = image.createGraphics();
    graphics.setColor(Color.WHITE);
    graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    graphics.transform(turned(held, wide, high));
    graphics.drawImage(read, 0, 0, wide, high, null);
    graphics.dispose();
    return image;
  }

  /** The eight ways a camera can have been held (Exif 2.3, 4.6.4). */
  private static AffineTransform turned(int held, double wide, double high) {
    return switch (held) {
      case 2 -> new AffineTransform(-1, 0, 0, 1, wide, 0);
      case 3 -> new AffineTransform(-1, 0, 0, -1, wide, high);
      case 4 -> new AffineTransform(1, 0, 0, -1, 0, high);
      case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
      case 6 -> new AffineTransform(0, 1, -1, 0, high, 0);
      case 7 -> new AffineTransform(0, -1, -1, 0, high, wide);
      case 8 -> new AffineTransform(0, -1, 1, 0, 0, wide);
      default -> new AffineTransform();
    };
  }

  /** Returns the mean colour, from every few pixels. */
  static int mean(BufferedImage image) {
    long red = 0;
    long green = 0;
    long blue = 0;
    long count = 0;
    int step = Math.max(1, Math.min(image.getWidth(), image.getHeight()) / 64);
    for (int y = 0; y < image.getHeight(); y += step) {
      for (int x = 0; x < image.getWidth(); x += step) {
        int rgb = image.getRGB(x, y);
        red += rgb >> 16 & 0xFF;
        green += rgb >> 8 & 0xFF;
        blue += rgb & 0xFF;
        count++;
      }
    }
    return (int) (red / count) << 16 | (int) (green / count) << 8 | (int) (blue / count);
  }
}

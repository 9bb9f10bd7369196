package cufflink.files.figure;

import cufflink.core.measure.Parsed;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Sheet;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.UserFolders;
import cufflink.files.text.ContentName;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.ref.SoftReference;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import javax.imageio.ImageIO;

/**
 * Pictures of the maker's own papers, kept reduced in a folder of their own, each named after what
 * was in its file: so they stay when the file is moved or deleted. May be used by several threads.
 */
public final class PictureShelf implements Pictures {
  /** The longer side of a picture as it is kept, in pixels: 167 to the inch on a 12 in sheet. */
  public static final int LONGEST = 2_000;

  /** The largest file that is taken, in bytes. */
  private static final long LARGEST = 120_000_000;

  private static final int NAME = 32;

  private final Path folder;
  private final AtomicFile writer;

  /** Read again when the room is needed for something else. */
  private final Map<String, SoftReference<BufferedImage>> images = new ConcurrentHashMap<>();

  /**
   * Keeps pictures.
   *
   * @param folders where a maker's things are kept; a folder is made when the first picture comes
   * @param writer writes files
   */
  public PictureShelf(UserFolders folders, AtomicFile writer) {
    this.folder = folders.pictures();
    this.writer = writer;
  }

  /**
   * Copies a picture in.
   *
   * @param file a JPEG, PNG, GIF, BMP or TIFF file of a whole sheet
   * @param sheet the sheet that the paper comes in, by which its size is reckoned where the file
   *     does not say it
   * @return the picture, or one sentence about why it is not taken
   */
  public Parsed<Picture> take(Path file, Sheet sheet) {
    byte[] bytes;
    try {
      if (Files.size(file) > LARGEST) {
        return Parsed.bad("photo.huge", file.getFileName(), LARGEST / 1_000_000);
      }
      bytes = Files.readAllBytes(file);
    } catch (IOException | SecurityException gone) {
      return Parsed.bad("photo.unreadable", file);
    }
    String label = file.getFileName().toString();
    return PictureReader.read(bytes, label, sheet).then(read -> keep(read, bytes, label));
  }

  private Parsed<Picture> keep(PictureReader.Read read, byte[] bytes, String label) {
    String name = ContentName.of(bytes).substring(0, NAME) + ".jpg";
    Picture picture =
        new Picture(name, label, read.wide(), read.high(), PictureReader.mean(read.image()));
    Path kept = folder.resolve(name);
    try {
      Files.createDirectories(folder);
      if (!Files.exists(kept)) {
        ByteArrayOutputStream reduced = new ByteArrayOutputStream();
        ImageIO.write(Pictures.opaque(read.image()), "jpg", reduced);
        Parsed<Path> written = writer.replace(kept, reduced.toByteArray());
        if (written.value().isEmpty()) {
          return written.then(it -> Parsed.good(picture));
        }
      }
    } catch (IOException | SecurityException refused) {
      return Parsed.bad("photo.no-room", folder);
    }
    remember(name, read.image());
    return Parsed.good(picture);
  }

  /** Returns a picture as it is kept. This reads the disk the first time. */
  @Override
  public Optional<BufferedImage> image(String name) {
    Optional<BufferedImage> known = Optional.ofNullable(images.get(name)).map(SoftReference::get);
    if (known.isPresent()) {
      return known;
    }
    Optional<BufferedImage> read = read(name);
    read.ifPresent(image -> remember(name, image));
    return read;
  }

  private Optional<BufferedImage> read(String name) {
    Optional<BufferedImage> shipped =
        PrintedSheet.named(name)
            .map(PrintedSheet::paint)
            .or(() -> ShippedSheet.named(name).map(ShippedSheet::paint));
    if (shipped.isPresent()) {
      return shipped;
    }
    try {
      byte[] bytes = Files.readAllBytes(folder.resolve(name));
      return PictureReader.read(bytes, name, PictureReader.ANY)
          .value()
          .map(PictureReader.Read::image);
    } catch (IOException | SecurityException gone) {
      return Optional.empty();
    }
  }

  /**
   * Says whether a picture is there.
   *
   * @param name the name under which it is kept
   * @return whether its file is
   */
  public boolean has(String name) {
    return ShippedSheet.named(name).isPresent()
        || PrintedSheet.named(name).isPresent()
        || Files.isRegularFile(folder.resolve(name));
  }

  private void remember(String name, BufferedImage image) {
    images.put(name, new SoftReference<>(image));
  }
}

package cufflink.files.log;

import com.drew.imaging.FileType;
import com.drew.imaging.FileTypeDetector;
import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.exif.ExifIFD0Directory;
import cufflink.core.log.CardMade.Photo;
import cufflink.core.measure.Parsed;
import cufflink.files.project.AtomicFile;
import cufflink.files.text.ContentName;
import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;

/**
 * Pictures of cards, copied into a folder beside the log. Each is named after what is in it, so
 * that the same picture lies there once, and stays when the maker moves or deletes the original.
 */
public final class Photos {
  /** The largest file that is taken, in bytes; a camera's best pictures are smaller. */
  private static final long LARGEST = 60_000_000;

  private static final Map<FileType, String> TYPES =
      Map.of(FileType.Jpeg, "jpg", FileType.Png, "png", FileType.Gif, "gif");
  private static final int AS_IT_STANDS = 1;
  private static final int MOST_ORIENTATIONS = 8;

  private final Path folder;
  private final AtomicFile writer;

  /**
   * Keeps pictures.
   *
   * @param folder where they lie; made when the first one comes
   * @param writer writes files
   */
  public Photos(Path folder, AtomicFile writer) {
    this.folder = folder;
    this.writer = writer;
  }

  /**
   * Copies a picture in.
   *
   * @param picture a JPEG, PNG or GIF file
   * @return how it is kept, or one sentence about why it is not
   */
  public Parsed<Photo> take(Path picture) {
    byte[] bytes;
    FileType type;
    try {
      if (Files.size(picture) > LARGEST) {
        return Parsed.bad("photo.huge", picture.getFileName(), LARGEST / 1_000_000);
      }
      bytes = Files.readAllBytes(picture);
      type = FileTypeDetector.detectFileType(stream(bytes));
    } catch (IOException | SecurityException gone) {
      return Parsed.bad("photo.unreadable", picture);
    }
    String ending = TYPES.get(type);
    if (ending == null) {
      return Parsed.bad("photo.type", picture.getFileName());
    }
    Photo photo = new Photo(ContentName.of(bytes) + "." + ending, orientation(bytes));
    Path file = folder.resolve(photo.name());
    if (Files.exists(file)) {
      return Parsed.good(photo);
    }
    try {
      Files.createDirectories(folder);
    } catch (IOException | SecurityException refused) {
      return Parsed.bad("photo.no-room", folder);
    }
    return writer.replace(file, bytes).then(kept -> Parsed.good(photo));
  }

  /**
   * Finds a picture again.
   *
   * @param photo how it is kept
   * @return its file; empty if it is no longer there
   */
  public Optional<Path> file(Photo photo) {
    Path file = folder.resolve(photo.name());
    return Files.isRegularFile(file) ? Optional.of(file) : Optional.empty();
  }

  /** What the camera noted of how it was held; as it stands if it noted nothing. */
  private static int orientation(byte[] bytes) {
    try {
      Directory directory =
          ImageMetadataReader.readMetadata(stream(bytes))
              .getFirstDirectoryOfType(ExifIFD0Directory.class);
      Integer noted =
          directory == null ? null : directory.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
      boolean known = noted != null && noted >= 1 && noted <= MOST_ORIENTATIONS;
      return known ? noted : AS_IT_STANDS;
    } catch (ImageProcessingException | IOException torn) {
      return AS_IT_STANDS;
    }
  }

  private static InputStream stream(byte[] bytes) {
    return new BufferedInputStream(new ByteArrayInputStream(bytes));
  }
}

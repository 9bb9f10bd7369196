package cufflink.files.log;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.log.CardMade.Photo;
import cufflink.core.measure.Parsed;
import cufflink.files.Spoken;
import cufflink.files.project.AtomicFile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HexFormat;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PhotosTest {
  @TempDir private Path folder;

  private Photos photos() {
    return new Photos(folder.resolve("photos"), new AtomicFile(AtomicFile.Disk.REAL));
  }

  private static byte[] picture(String format) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(8, 6, BufferedImage.TYPE_INT_RGB), format, out);
    return out.toByteArray();
  }

  /**
   * Puts the segment into a JPEG by which a camera notes how it was held, byte by byte as Exif 2.32
   * has it: a TIFF header and one directory with the tag 274.
   */
  private static byte[] held(int orientation) throws IOException {
    byte[] plain = picture("jpg");
    String segment =
        "ffe10022457869660000"
            + "4d4d002a00000008"
            + "0001"
            + "011200030000000100"
            + String.format("%02x", orientation)
            + "0000"
            + "00000000";
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(plain, 0, 2);
    out.write(HexFormat.of().parseHex(segment));
    out.write(plain, 2, plain.length - 2);
    return out.toByteArray();
  }

  private Path file(String name, byte[] bytes) throws IOException {
    return Files.write(folder.resolve(name), bytes);
  }

  @Test
  void take_keepsItOnce_underWhatIsInIt_turnedAsItWasHeld() throws Exception {
    Path one = file("one.jpg", held(6));
    Photo photo = photos().take(one).orElseThrow();
    assertEquals(6, photo.orientation());
    Files.delete(one);
    assertArrayEquals(held(6), Files.readAllBytes(photos().file(photo).orElseThrow()));
    assertEquals(photo, photos().take(file("again.jpg", held(6))).orElseThrow());
    assertEquals(1, Files.list(folder.resolve("photos")).count());
    assertEquals(1, photos().take(file("plain.jpg", picture("jpg"))).orElseThrow().orientation());
    // A type is what is in the file, not what it is called.
    assertTrue(photos().take(file("x.jpg", picture("png"))).orElseThrow().name().endsWith(".png"));
    Files.delete(photos().file(photo).orElseThrow());
    assertTrue(photos().file(photo).isEmpty());
  }

  @Test
  void take_whatCannotBeShown_isToldInOneSentence() throws Exception {
    assertEquals(
        "note.jpg is no picture that can be shown; take a JPEG, PNG or GIF file.",
        told(photos().take(file("note.jpg", "Dear Nell".getBytes()))));
    assertTrue(told(photos().take(folder.resolve("gone.jpg"))).endsWith("it is still there."));
    Path huge = folder.resolve("huge.jpg");
    try (RandomAccessFile file = new RandomAccessFile(huge.toFile(), "rw")) {
      file.setLength(500_000_000L);
    }
    assertEquals(
        "huge.jpg is larger than 60 MB; save it smaller and take that.", told(photos().take(huge)));
    assertEquals(1, photos().take(file("held9.jpg", held(9))).orElseThrow().orientation());
  }

  private static String told(Parsed<Photo> refused) {
    return refused.problem().say(Spoken.ENGLISH);
  }
}

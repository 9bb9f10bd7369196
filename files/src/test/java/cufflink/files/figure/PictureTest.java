package cufflink.files.figure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Sheet;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.UserFolders;
import cufflink.files.words.Words;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Picture files of papers: read, reduced, turned upright, at their true size, or told of. */
class PictureTest {
  private static final Sheet A4 =
      new Sheet("a4", "A4", Length.ofMillimetres(210), Length.ofMillimetres(297));
  private static final int NEAR = 40;

  @TempDir private Path folder;

  private PictureShelf shelf() {
    return new PictureShelf(
        new UserFolders(folder.resolve("home")), new AtomicFile(AtomicFile.Disk.REAL));
  }

  private Parsed<Picture> take(String name, byte[] bytes) throws IOException {
    return shelf().take(Files.write(folder.resolve(name), bytes), A4);
  }

  /** Red at the upper left, green at the upper right, blue at the lower left, white. */
  private static BufferedImage corners(int wide, int high) {
    BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = image.createGraphics();
    Color[] colours = {Color.RED, Color.GREEN, Color.BLUE, Color.WHITE};
    for (int i = 0; i < colours.length; i++) {
      graphics.setColor(colours[i]);
      graphics.fillRect(i % 2 * wide / 2, i / 2 * high / 2, wide / 2, high / 2);
    }
    return image;
  }

  private static byte[] written(BufferedImage image, String format) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    assertTrue(ImageIO.write(image, format, bytes));
    return bytes.toByteArray();
  }

  /** Puts a segment behind the first two bytes of a JPEG file (ITU-T T.81, B.1.1.4). */
  private static byte[] with(byte[] jpeg, int marker, byte[] content) {
    ByteBuffer all = ByteBuffer.allocate(jpeg.length + content.length + 4);
    all.put(jpeg, 0, 2);
    all.put((byte) 0xFF).put((byte) marker).putShort((short) (content.length + 2)).put(content);
    all.put(jpeg, 2, jpeg.length - 2);
    return all.array();
  }

  /** What a camera notes of how it was held (Exif 2.3, 4.6.4: tag 0x0112, one short). */
  private static byte[] held(byte[] jpeg, int orientation) {
    ByteBuffer exif = ByteBuffer.allocate(32);
    exif.put("Exif\0\0MM\0*".getBytes(StandardCharsets.ISO_8859_1)).putInt(8).putShort((short) 1);
    exif.putShort((short) 0x0112).putShort((short) 3).putInt(1);
    exif.putShort((short) orientation).putShort((short) 0).putInt(0);
    return with(jpeg, 0xE1, exif.array());
  }

  /** JFIF 1.02: version, unit of an inch, how fine both ways, no small picture. */
  private static byte[] fine(byte[] jpeg, int perInch) {
    return fine(jpeg, 1, perInch);
  }

  private static byte[] fine(byte[] jpeg, int unit, int fine) {
    // ImageIO has written its own, which says nothing; the new one comes in its place.
    int length = 2 + 2 + (jpeg[4] << 8 | jpeg[5] & 0xFF);
    byte[] bare = Arrays.copyOf(jpeg, 2 + jpeg.length - length);
    System.arraycopy(jpeg, length, bare, 2, jpeg.length - length);
    ByteBuffer jfif = ByteBuffer.allocate(14);
    jfif.put("JFIF\0".getBytes(StandardCharsets.ISO_8859_1)).put((byte) 1).put((byte) 2);
    jfif.put((byte) unit).putShort((short) fine).putShort((short) fine).putShort((short) 0);
    return with(bare, 0xE0, jfif.array());
  }

  private static boolean isNear(Color expected, int rgb) {
    Color found = new Color(rgb);
    return Math.abs(expected.getRed() - found.getRed()) < NEAR
        && Math.abs(expected.getGreen() - found.getGreen()) < NEAR
        && Math.abs(expected.getBlue() - found.getBlue()) < NEAR;
  }

  /**
   * Where the first row and the first column of the file are seen (the table of Exif 2.3 for tag
   * 0x0112); so red is at the corner that both share, green at the row's end, blue at the column's.
   */
  @ParameterizedTest
  @CsvSource({
    "1,red,green,blue",
    "2,green,red,white",
    "3,white,blue,green",
    "4,blue,white,red",
    "5,red,blue,green",
    "6,blue,red,white",
    "7,white,green,blue",
    "8,green,white,red"
  })
  void asTheCameraWasHeld_itIsTurnedUpright(int orientation, String first, String right, String low)
      throws IOException {
    byte[] jpeg = held(written(corners(160, 80), "jpg"), orientation);
    Picture picture = take("held.jpg", jpeg).value().orElseThrow();
    BufferedImage image = shelf().image(picture.name()).orElseThrow();
    boolean isTall = orientation > 4;
    assertEquals(isTall ? 80 : 160, image.getWidth());
    assertEquals(isTall, picture.high().compareTo(picture.wide()) > 0);
    int x = image.getWidth() / 4;
    int y = image.getHeight() / 4;
    assertTrue(isNear(colour(first), image.getRGB(x, y)));
    assertTrue(isNear(colour(right), image.getRGB(3 * x, y)));
    assertTrue(isNear(colour(low), image.getRGB(x, 3 * y)));
  }

  private static Color colour(String name) {
    return switch (name) {
      case "red" -> Color.RED;
      case "green" -> Color.GREEN;
      case "blue" -> Color.BLUE;
      default -> Color.WHITE;
    };
  }

  /** By dots to the inch where a scanner or a printer said so; a camera says 72 of anything. */
  @Test
  void trueSize_isWhatTheFileSays_orTheSheetsOwn() throws IOException {
    byte[] jpeg = written(corners(600, 300), "jpg");
    Picture scanned = take("scan.jpg", fine(jpeg, 300)).value().orElseThrow();
    assertEquals(Length.ofInches(2, 1), scanned.wide());
    assertEquals(Length.ofInches(1, 1), scanned.high());
    Picture metric = take("metric.jpg", fine(jpeg, 2, 100)).value().orElseThrow();
    assertEquals(60, metric.wide().toMillimetres(), 0.01, "100 to the centimetre");
    Picture camera = take("photo.jpg", fine(jpeg, 72)).value().orElseThrow();
    assertEquals(Length.ofMillimetres(297), camera.wide());
    assertEquals(148.5, camera.high().toMillimetres(), 0.01);
    // A sheet of A4 scanned a hair too small is a sheet of A4.
    byte[] sheet = written(corners(1240, 1750), "jpg");
    Picture whole = take("a4.jpg", fine(sheet, 150)).value().orElseThrow();
    assertEquals(A4.width(), whole.wide());
    assertEquals(A4.height(), whole.high());
    // PNG 1.2, 11.3.5.3: pixels per metre.
    byte[] png = written(corners(600, 300), "png");
    ByteBuffer chunk = ByteBuffer.allocate(9).putInt(11_811).putInt(11_811).put((byte) 1);
    Picture drawn = take("drawn.png", inserted(png, "pHYs", chunk.array())).value().orElseThrow();
    assertEquals(50.8, drawn.wide().toMillimetres(), 0.01);
    // No sheet is a hundred times as long as wide, and none is lost for it either.
    Picture strip = take("strip.png", written(corners(4000, 8), "png")).value().orElseThrow();
    assertTrue(Picture.isSheet(strip.wide()) && Picture.isSheet(strip.high()));
  }

  private static byte[] inserted(byte[] png, String type, byte[] content) {
    int behindHead = 8 + 25;
    ByteBuffer all = ByteBuffer.allocate(png.length + content.length + 12);
    all.put(png, 0, behindHead);
    byte[] typed =
        ByteBuffer.allocate(4 + content.length)
            .put(type.getBytes(StandardCharsets.US_ASCII))
            .put(content)
            .array();
    CRC32 crc = new CRC32();
    crc.update(typed);
    all.putInt(content.length).put(typed).putInt((int) crc.getValue());
    all.put(png, behindHead, png.length - behindHead);
    return all.array();
  }

  /** The file may go: what was taken is kept, reduced, and found by another window. */
  @Test
  void kept_itOutlivesItsFile_andIsReduced() throws IOException {
    Path file = Files.write(folder.resolve("large.jpg"), written(corners(5000, 2500), "jpg"));
    Picture picture = shelf().take(file, A4).value().orElseThrow();
    Files.delete(file);
    BufferedImage image = shelf().image(picture.name()).orElseThrow();
    assertEquals(PictureShelf.LONGEST, Math.max(image.getWidth(), image.getHeight()));
    assertTrue(isNear(Color.BLUE, image.getRGB(20, image.getHeight() - 20)));
    assertTrue(shelf().has(picture.name()));
    assertFalse(shelf().has("0000000000000000.jpg"));
    assertTrue(shelf().image("0000000000000000.jpg").isEmpty());
    assertTrue(isNear(new Color(128, 128, 128), picture.mean()));
    List<Raster> sizes = shelf().sizes(picture.name());
    assertEquals(1000, sizes.get(0).width());
    for (int i = 1; i < sizes.size(); i++) {
      assertEquals(sizes.get(i - 1).width() / 2, sizes.get(i).width());
    }
  }

  /** One sentence for each, which names the file and what to do. */
  @Test
  void whatIsNoPicture_isTold() throws IOException {
    byte[] jpeg = written(corners(400, 400), "jpg");
    assertEquals("picture.none", problem("a.jpg", "hello".getBytes(StandardCharsets.UTF_8)));
    assertEquals("picture.none", problem("empty.jpg", new byte[0]));
    assertEquals("picture.broken", problem("torn.jpg", Arrays.copyOf(jpeg, jpeg.length / 3)));
    assertEquals("picture.broken", problem("torn.png", torn()));
    byte[] webp = "RIFF\0\0\0\0WEBPVP8 ".getBytes(StandardCharsets.ISO_8859_1);
    assertEquals("picture.type", problem("x.webp", webp));
    byte[] heic = "\0\0\0\u0018ftypheic\0\0\0\0mif1heic".getBytes(StandardCharsets.ISO_8859_1);
    assertEquals("picture.type", problem("x.heic", heic));
    assertEquals("picture.pixels", problem("huge.png", head(20_000, 10_000)));
    assertEquals("photo.unreadable", shelf().take(folder.resolve("gone.jpg"), A4).problem().key());
    String told = Words.say(take("x.webp", webp).problem());
    assertTrue(told.contains("WebP") && told.contains("x.webp"), told);
  }

  private String problem(String name, byte[] bytes) throws IOException {
    Parsed<Picture> taken = take(name, bytes);
    assertTrue(taken.value().isEmpty(), name);
    return taken.problem().key();
  }

  private static byte[] torn() throws IOException {
    byte[] png = written(corners(400, 400), "png");
    return Arrays.copyOf(png, png.length / 2);
  }

  /** A PNG file of so many pixels that ends after its head (PNG 1.2, 11.2.2). */
  private static byte[] head(int wide, int high) {
    byte[] typed =
        ByteBuffer.allocate(17)
            .put("IHDR".getBytes(StandardCharsets.US_ASCII))
            .putInt(wide)
            .putInt(high)
            .put(new byte[] {8, 2, 0, 0, 0})
            .array();
    CRC32 crc = new CRC32();
    crc.update(typed);
    return ByteBuffer.allocate(33)
        .put(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10})
        .putInt(13)
        .put(typed)
        .putInt((int) crc.getValue())
        .array();
  }

  /** Bytes at random, and good files with some bytes spoilt, are a picture or a sentence. */
  @ParameterizedTest
  @ValueSource(strings = {"jpg", "png", "gif", "bmp"})
  void spoiltFiles_neverThrow(String format) throws IOException {
    byte[] good = written(corners(120, 90), format);
    Random random = new Random(format.hashCode());
    for (int trial = 0; trial < 60; trial++) {
      byte[] spoilt = good.clone();
      for (int i = 0; i < 8; i++) {
        spoilt[random.nextInt(spoilt.length)] = (byte) random.nextInt(256);
      }
      Parsed<Picture> taken = take("spoilt." + format, spoilt);
      assertTrue(taken.value().isPresent() || !Words.say(taken.problem()).isEmpty());
    }
  }
}

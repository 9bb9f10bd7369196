package cufflink.files.figure;

import com.drew.metadata.Metadata;
import com.drew.metadata.jfif.JfifDirectory;
import com.drew.metadata.png.PngDirectory;
import cufflink.core.measure.Length;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Sheet;
import cufflink.files.figure.PictureReader.Read;
import java.awt.image.BufferedImage;
import java.util.Optional;

/** How large the paper in a picture is: by what its file says, or else as the sheet it comes in. */
final class TrueSize {
  /** Scanners and printers are finer than this; cameras note what means nothing, such as 72. */
  private static final double COARSEST = 150;

  private static final double FINEST = 2_400;
  private static final double INCH = 25.4;
  private static final double CENTIMETRES = 2.54;

  /** What is so nearly a sheet is one, in millimetres. */
  private static final double NEARLY = 2;

  private TrueSize() {}

  /** Returns how many pixels make an inch, if the file says so and it can be meant. */
  static Optional<Double> fine(Metadata metadata) {
    double fine = 0;
    int unit = PictureReader.number(metadata, JfifDirectory.class, JfifDirectory.TAG_UNITS);
    int noted = PictureReader.number(metadata, JfifDirectory.class, JfifDirectory.TAG_RESX);
    if (unit == 1 || unit == 2) {
      fine = unit == 1 ? noted : noted * CENTIMETRES;
    }
    for (PngDirectory png : metadata.getDirectoriesOfType(PngDirectory.class)) {
      Integer perMetre = png.getInteger(PngDirectory.TAG_PIXELS_PER_UNIT_X);
      Integer isMetre = png.getInteger(PngDirectory.TAG_UNIT_SPECIFIER);
      if (perMetre != null && isMetre != null && isMetre == 1) {
        fine = perMetre * INCH / 1000;
      }
    }
    return fine >= COARSEST && fine <= FINEST ? Optional.of(fine) : Optional.empty();
  }

  static Read of(BufferedImage image, int across, int down, Optional<Double> fine, Sheet sheet) {
    double wide = fine.map(dots -> across / dots * INCH).orElse(0.0);
    double high = fine.map(dots -> down / dots * INCH).orElse(0.0);
    if (!isSheet(wide) || !isSheet(high)) {
      boolean lies = across > down;
      boolean sheetLies = sheet.width().compareTo(sheet.height()) > 0;
      wide = (lies == sheetLies ? sheet.width() : sheet.height()).toMillimetres();
      high = wide * down / across;
    }
    // A strip of a picture is taken for as long as paper may be.
    double most = Picture.LARGEST.toMillimetres() / Math.max(wide, high);
    double least = Picture.SMALLEST.toMillimetres() / Math.min(wide, high);
    double scale = Math.max(least, Math.min(1, most));
    Length first = side(wide * scale);
    Length second = side(high * scale);
    for (boolean turned : new boolean[] {false, true}) {
      Length sheetWide = turned ? sheet.height() : sheet.width();
      Length sheetHigh = turned ? sheet.width() : sheet.height();
      if (isNearly(first, sheetWide) && isNearly(second, sheetHigh)) {
        return new Read(image, sheetWide, sheetHigh);
      }
    }
    return new Read(image, first, second);
  }

  private static Length side(double millimetres) {
    return Length.fromMillimetres(millimetres).min(Picture.LARGEST).max(Picture.SMALLEST);
  }

  private static boolean isSheet(double millimetres) {
    return Picture.isSheet(Length.fromMillimetres(millimetres));
  }

  private static boolean isNearly(Length one, Length other) {
    return Math.abs(one.minus(other).toMillimetres()) <= NEARLY;
  }
}

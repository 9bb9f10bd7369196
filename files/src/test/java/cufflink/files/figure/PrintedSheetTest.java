package cufflink.files.figure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Motif;
import cufflink.core.paper.Paper;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Tint;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Plain prints as whole sheets at their true size. */
class PrintedSheetTest {
  private static final Tint GROUND = Tint.CREAM;
  private static final Tint INK = Tint.NIGHT;

  private static BufferedImage painted(Motif motif) {
    return new PrintedSheet(motif, GROUND, INK).paint();
  }

  private static boolean isInked(int rgb) {
    return (rgb >> 8 & 0xFF) < 140;
  }

  /** What a project file keeps is all that is needed to print the same sheet again. */
  @Test
  void name_saysAll() {
    for (Motif motif : Motif.values()) {
      for (Tint ground : Tint.values()) {
        for (Tint ink : Tint.values()) {
          if (motif != Motif.PLAIN) {
            PrintedSheet sheet = new PrintedSheet(motif, ground, ink);
            String name = sheet.picture(Marks.MILLIMETRES).name();
            assertEquals(Optional.of(sheet), PrintedSheet.named(name));
            assertTrue(ShippedSheet.named(name).isEmpty());
          }
        }
      }
    }
    assertTrue(PrintedSheet.named("5ed0f3e8cf22384c.jpg").isEmpty(), "nothing is printed on it");
    assertTrue(PrintedSheet.named("5ed1f3e8cf000001.jpg").isEmpty(), "no such ink");
  }

  /** From afar the eye mixes what is printed with what is not: the mean of all pixels. */
  @ParameterizedTest
  @EnumSource(value = Motif.class, names = "PLAIN", mode = EnumSource.Mode.EXCLUDE)
  void mean_isThatOfAllPixels(Motif motif) {
    BufferedImage image = painted(motif);
    Picture picture = new PrintedSheet(motif, GROUND, INK).picture(Marks.MILLIMETRES);
    for (int shift = 0; shift <= 16; shift += 8) {
      double sum = 0;
      for (int y = 0; y < image.getHeight(); y++) {
        for (int x = 0; x < image.getWidth(); x++) {
          sum += image.getRGB(x, y) >> shift & 0xFF;
        }
      }
      double mean = sum / image.getWidth() / image.getHeight();
      assertEquals(mean, picture.mean() >> shift & 0xFF, 5, motif + " " + shift);
    }
  }

  /** With a ruler on the sheet: where one figure begins, and the next. */
  @ParameterizedTest
  @CsvSource({"STRIPES, 12, 4.8", "CHECKS, 10, 5", "DOTS, 10, 4"})
  void figures_areAsLargeOnPaper(Motif motif, double pitch, double wide) {
    BufferedImage image = painted(motif);
    double pixel = 300.0 / image.getWidth();
    int row = (int) (5 / pixel);
    List<Double> begins = new ArrayList<>();
    List<Double> widths = new ArrayList<>();
    for (int x = 1; x < image.getWidth(); x++) {
      boolean before = isInked(image.getRGB(x - 1, row));
      boolean now = isInked(image.getRGB(x, row));
      if (now && !before) {
        begins.add(x * pixel);
      } else if (before && !now && !begins.isEmpty()) {
        widths.add(x * pixel - begins.get(begins.size() - 1));
      }
    }
    assertTrue(begins.size() > 20, "only " + begins.size());
    for (int i = 1; i < begins.size(); i++) {
      assertEquals(pitch, begins.get(i) - begins.get(i - 1), 0.45);
    }
    widths.forEach(each -> assertEquals(wide, each, 0.45));
  }

  /** Leaves grow upwards from a foot: more ink is in the upper half of a figure. */
  @Test
  void onlyLeaves_haveATop() {
    for (Motif motif : Motif.values()) {
      if (motif != Motif.PLAIN) {
        boolean isUpright = new PrintedSheet(motif, GROUND, INK).print() == Paper.Print.UPRIGHT;
        assertEquals(motif == Motif.SPRIGS, isUpright, motif.toString());
      }
    }
    BufferedImage image = painted(Motif.SPRIGS);
    int first = rows(image).stream().findFirst().orElseThrow();
    List<Integer> figure = rows(image).stream().filter(row -> row < first + 50).toList();
    int last = figure.get(figure.size() - 1);
    int foot = inked(image, last - 2);
    int tips = inked(image, first + (last - first) / 3);
    assertTrue(foot < tips, foot + " " + tips);
  }

  private static List<Integer> rows(BufferedImage image) {
    List<Integer> rows = new ArrayList<>();
    for (int y = 0; y < image.getHeight(); y++) {
      if (inked(image, y) > 0) {
        rows.add(y);
      }
    }
    return rows;
  }

  private static int inked(BufferedImage image, int row) {
    int inked = 0;
    for (int x = 0; x < image.getWidth(); x++) {
      inked += isInked(image.getRGB(x, row)) ? 1 : 0;
    }
    return inked;
  }

  /** About a foot square, on the ruler in hand. */
  @Test
  void sheet_isAFootSquare() {
    Picture inches = new PrintedSheet(Motif.DOTS, GROUND, INK).picture(Marks.EIGHTHS);
    assertEquals(Length.ofInches(12, 1), inches.wide());
    assertEquals(inches.wide(), inches.high());
  }
}

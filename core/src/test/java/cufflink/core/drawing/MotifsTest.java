package cufflink.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.flat.Spot;
import cufflink.core.paper.Motif;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What is printed on a part is what is printed on the whole sheet there, as Java2D clips it pixel
 * by pixel.
 */
class MotifsTest {
  private static final double PITCH = 7;
  private static final int WIDE = 130;
  private static final int HIGH = 150;

  /** So many pixels for a millimetre. */
  private static final int SCALE = 4;

  static Stream<Arguments> parts() {
    List<Spot> slanted = ring(9, 11, 60, 3, 84, 70, 31, 96);
    List<Spot> backwards = ring(9, 11, 31, 96, 84, 70, 60, 3);
    List<Spot> hollow = ring(5, 5, 100, 5, 100, 30, 40, 40, 33, 120, 5, 120);
    List<Spot> whole = ring(2, 3, 124, 3, 124, 140, 2, 140);
    List<Spot> wide = ring(22, 33, 95, 33, 95, 60, 22, 60);
    List<Spot> round = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      double angle = 2 * Math.PI * i / 40;
      round.add(new Spot(60 + 31 * Math.cos(angle), 98 + 24 * Math.sin(angle)));
    }
    List<Spot> thin = ring(50.2, 4, 51.6, 4, 51.6, 140, 50.2, 140);
    List<List<List<Spot>>> papers =
        List.of(
            List.of(slanted),
            List.of(backwards),
            List.of(hollow),
            List.of(whole, wide, round),
            List.of(round),
            List.of(thin));
    return papers.stream()
        .flatMap(paper -> Stream.of(Motif.values()).map(motif -> Arguments.of(motif, paper)));
  }

  @ParameterizedTest
  @MethodSource("parts")
  void whatIsPrintedOnAPart_isWhatIsOnTheSheetThere(Motif motif, List<List<Spot>> paper) {
    List<List<Spot>> sheet =
        Motifs.of(motif, List.of(ring(0, 0, WIDE, 0, WIDE, HIGH, 0, HIGH)), PITCH);
    BufferedImage clipped = painted(sheet, paper);
    BufferedImage trimmed = painted(Motifs.of(motif, paper, PITCH), List.of());
    int inked = 0;
    for (int y = 0; y < HIGH * SCALE; y++) {
      for (int x = 0; x < WIDE * SCALE; x++) {
        inked += clipped.getRGB(x, y) == Color.WHITE.getRGB() ? 0 : 1;
        if (clipped.getRGB(x, y) != trimmed.getRGB(x, y)) {
          assertTrue(isRim(clipped, x, y) || isRim(trimmed, x, y), motif + " at " + x + ", " + y);
        }
      }
    }
    assertEquals(motif == Motif.PLAIN, inked == 0);
  }

  /** Paper that is seen along its edge, or has no width, has no print. */
  @Test
  void paperWithoutWidth_hasNoPrint() {
    for (Motif motif : Motif.values()) {
      assertEquals(List.of(), Motifs.of(motif, List.of(ring(3, 4, 60, 4, 60, 4, 3, 4)), PITCH));
    }
  }

  /** Two ways of reckoning may round a pixel otherwise only along a rim. */
  private static boolean isRim(BufferedImage image, int x, int y) {
    for (int i = 0; i < 9; i++) {
      int right = Math.min(image.getWidth() - 1, Math.max(0, x + i % 3 - 1));
      int down = Math.min(image.getHeight() - 1, Math.max(0, y + i / 3 - 1));
      if (image.getRGB(right, down) != image.getRGB(x, y)) {
        return true;
      }
    }
    return false;
  }

  private static BufferedImage painted(List<List<Spot>> figures, List<List<Spot>> clip) {
    BufferedImage image = new BufferedImage(WIDE * SCALE, HIGH * SCALE, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = image.createGraphics();
    graphics.setColor(Color.WHITE);
    graphics.fillRect(0, 0, WIDE * SCALE, HIGH * SCALE);
    graphics.scale(SCALE, SCALE);
    if (!clip.isEmpty()) {
      graphics.clip(shape(clip, Path2D.WIND_EVEN_ODD));
    }
    graphics.setColor(Color.BLACK);
    graphics.fill(shape(figures, Path2D.WIND_NON_ZERO));
    graphics.dispose();
    return image;
  }

  private static Shape shape(List<List<Spot>> rings, int rule) {
    Path2D path = new Path2D.Double(rule);
    for (List<Spot> ring : rings) {
      path.moveTo(ring.get(0).x(), ring.get(0).y());
      ring.forEach(spot -> path.lineTo(spot.x(), spot.y()));
      path.closePath();
    }
    return path;
  }

  private static List<Spot> ring(double... xys) {
    List<Spot> ring = new ArrayList<>();
    for (int i = 0; i < xys.length; i += 2) {
      ring.add(new Spot(xys[i], xys[i + 1]));
    }
    return ring;
  }
}

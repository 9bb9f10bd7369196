package cufflink.files.figure;

import cufflink.core.paper.Tint;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Random;

/** Paints a sheet as if it were printed: a ground with the grain of paper, and figures on it. */
final class SheetPainter {
  private static final int SIDE = 1_500;
  private static final int GRAIN = 5;

  private final BufferedImage image =
      new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_ARGB_PRE);
  private final Graphics2D graphics = image.createGraphics();
  private final Random random;

  /** Paints a figure about the origin, about a hundred pixels large. */
  interface Motif {
    void paint(Tint[] tints, int number);
  }

  SheetPainter(Tint ground, int seed) {
    random = new Random(seed + 1L);
    graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    graphics.setColor(new Color(ground.rgb()));
    graphics.fillRect(0, 0, SIDE, SIDE);
  }

  BufferedImage image() {
    grain();
    graphics.dispose();
    return image;
  }

  /** Fibres make paper a little lighter and darker from place to place. */
  private void grain() {
    for (int y = 0; y < SIDE; y++) {
      for (int x = 0; x < SIDE; x++) {
        int by = random.nextInt(2 * GRAIN + 1) - GRAIN;
        int rgb = image.getRGB(x, y);
        int red = near(rgb >> 16 & 0xFF, by);
        int green = near(rgb >> 8 & 0xFF, by);
        int blue = near(rgb & 0xFF, by);
        image.setRGB(x, y, 0xFF000000 | red << 16 | green << 8 | blue);
      }
    }
  }

  private static int near(int channel, int by) {
    return Math.max(0, Math.min(255, channel + by));
  }

  /** Figures in staggered rows, each turned and sized a little otherwise. */
  void scatter(double pitch, Tint[] tints, Motif motif) {
    int number = 0;
    for (double y = -pitch / 2; y < SIDE + pitch; y += pitch * 0.8) {
      double aside = number % 2 * pitch / 2;
      for (double x = aside - pitch; x < SIDE + pitch; x += pitch) {
        AffineTransform before = graphics.getTransform();
        graphics.translate(
            x + (random.nextDouble() - 0.5) * pitch * 0.3,
            y + (random.nextDouble() - 0.5) * pitch * 0.3);
        double size = 0.62 + random.nextDouble() * 0.5;
        graphics.scale(size, size);
        graphics.rotate(random.nextDouble() * 2 * Math.PI);
        motif.paint(tints, random.nextInt(6));
        graphics.setTransform(before);
      }
      number++;
    }
  }

  /** Figures in rows that stand upright, from the top down so that lower ones lie over. */
  void rows(double across, double down, Tint[] tints, Motif motif) {
    int number = 0;
    for (double y = 0; y < SIDE + 2 * across; y += down) {
      double aside = number % 2 * across / 2;
      for (double x = aside - across; x < SIDE + across; x += across) {
        AffineTransform before = graphics.getTransform();
        graphics.translate(x, y);
        motif.paint(tints, number);
        graphics.setTransform(before);
      }
      number++;
    }
  }

  /** Upright stripes that begin at the left edge. */
  void stripes(double pitch, double wide, Tint ink) {
    graphics.setColor(new Color(ink.rgb()));
    for (double x = 0; x < SIDE; x += pitch) {
      graphics.fill(new Rectangle2D.Double(x, 0, wide, SIDE));
    }
  }

  /** Figures of one ink in rows, each row half a step aside. */
  void staggered(double across, double down, Tint ink, Runnable figure) {
    graphics.setColor(new Color(ink.rgb()));
    int row = 0;
    for (double y = down / 2; y < SIDE + down; y += down) {
      for (double x = row % 2 * across / 2; x < SIDE + across; x += across) {
        AffineTransform before = graphics.getTransform();
        graphics.translate(x, y);
        figure.run();
        graphics.setTransform(before);
      }
      row++;
    }
  }

  /** Waves from side to side. */
  void waves(double pitch, Tint ink) {
    pen(ink, pitch * 0.3);
    for (double y = pitch / 2; y < SIDE + pitch; y += pitch) {
      Path2D wave = new Path2D.Double();
      wave.moveTo(-pitch, y);
      for (double x = 0; x < SIDE + 2 * pitch; x += pitch) {
        wave.quadTo(x - pitch * 0.75, y - pitch * 0.3, x - pitch * 0.5, y);
        wave.quadTo(x - pitch * 0.25, y + pitch * 0.3, x, y);
      }
      graphics.draw(wave);
    }
  }

  /** A dot of about four millimetres. */
  void spot() {
    dot(0, 0, 10);
  }

  /** A square of five millimetres. */
  void square() {
    graphics.fill(new Rectangle2D.Double(-12.5, -12.5, 25, 25));
  }

  /** Three leaves on a foot. */
  void sprig() {
    for (double lean : new double[] {-0.7, 0, 0.7}) {
      AffineTransform before = graphics.getTransform();
      graphics.translate(0, 16);
      graphics.rotate(lean);
      Path2D leaf = new Path2D.Double();
      leaf.moveTo(0, 0);
      leaf.quadTo(8, -18, 0, -34);
      leaf.quadTo(-8, -18, 0, 0);
      graphics.fill(leaf);
      graphics.setTransform(before);
    }
  }

  private void pen(Tint tint, double wide) {
    graphics.setColor(new Color(tint.rgb()));
    graphics.setStroke(
        new BasicStroke((float) wide, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
  }

  private void ring(double radius) {
    graphics.draw(new Ellipse2D.Double(-radius, -radius, 2 * radius, 2 * radius));
  }

  private void dot(double x, double y, double radius) {
    graphics.fill(new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius));
  }

  /** A wheel with its spokes, a cog with its teeth, or a few dots. */
  void wheel(Tint[] tints, int number) {
    if (number > 3) {
      pen(tints[number % tints.length], 2);
      dot(0, 0, 7);
      dot(26, 10, 4);
      dot(-18, 20, 5);
      return;
    }
    boolean isCog = number == 3;
    pen(tints[isCog ? 1 : 0], isCog ? 5 : 6);
    ring(isCog ? 26 : 46);
    int rays = isCog ? 10 : 16;
    for (int i = 0; i < rays; i++) {
      double angle = 2 * Math.PI * i / rays;
      double from = isCog ? 28 : 7;
      double to = isCog ? 36 : 44;
      pen(tints[isCog ? 1 : 0], isCog ? 7 : 1.6);
      graphics.draw(
          new Line2D.Double(
              from * Math.cos(angle),
              from * Math.sin(angle),
              to * Math.cos(angle),
              to * Math.sin(angle)));
    }
    pen(tints[isCog ? 1 : 2], 4);
    ring(8);
  }

  /** Three blades and two bulrushes. */
  void reeds(Tint[] tints, int row) {
    double lean = (random.nextDouble() - 0.5) * 16;
    for (int i = -2; i <= 2; i++) {
      double tip = i * 13 + lean;
      double high = 70 + random.nextDouble() * 34 - Math.abs(i) * 8;
      pen(tints[Math.floorMod(i, 2)], 3.4);
      Path2D blade = new Path2D.Double();
      blade.moveTo(i * 4, 0);
      blade.quadTo(i * 5, -high * 0.6, tip, -high);
      graphics.draw(blade);
      if (Math.floorMod(i + row, 3) == 0) {
        pen(tints[2], 9);
        graphics.draw(new Line2D.Double(tip, -high, tip - i * 0.8, -high + 20));
      }
    }
  }

  /** Arcs within arcs, as water is drawn. */
  void scale(Tint[] tints, int row) {
    graphics.setColor(new Color(row % 2 == 0 ? 0xBFDCE2 : Tint.SKY.rgb()));
    dot(0, 0, 50);
    for (int i = 0; i < 4; i++) {
      double radius = 48 - i * 12;
      pen(tints[i == 0 ? 1 : 0], i == 0 ? 3 : 2.2);
      graphics.draw(new Arc2D.Double(-radius, -radius, 2 * radius, 2 * radius, 0, 180, Arc2D.OPEN));
    }
  }

  /** Two bent wings. */
  void gull(Tint[] tints, int number) {
    if (number == 0) {
      return;
    }
    pen(tints[number % tints.length], number % 2 == 0 ? 4 : 5.5);
    double wide = 30 + number * 4;
    Path2D wings = new Path2D.Double();
    wings.moveTo(-wide, -4);
    wings.quadTo(-wide * 0.45, -26, 0, 6);
    wings.quadTo(wide * 0.5, -28, wide, -8);
    graphics.draw(wings);
  }
}

package cufflink.desktop.paper;

import cufflink.core.flat.Spot;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Caption;
import cufflink.core.scene.Drawing.Mark;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Ref;
import java.util.List;
import java.util.Set;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.TextAlignment;

/** Paints a drawing on a canvas. */
final class CanvasPainter {
  private static final double DARKEST = 0.72;
  private static final int GRAIN = 9;
  private static final int HATCH = 14;
  private static final ImagePattern LAID = laid();

  private final GraphicsContext graphics;
  private final Palette palette;
  private final FontBook fonts;
  private final Set<Ref> chosen;

  CanvasPainter(GraphicsContext graphics, Palette palette, FontBook fonts, Set<Ref> chosen) {
    this.graphics = graphics;
    this.palette = palette;
    this.fonts = fonts;
    this.chosen = chosen;
  }

  void paint(Drawing drawing) {
    for (Mark mark : drawing.marks()) {
      boolean lit = chosen.contains(mark.ref());
      if (mark instanceof Shape shape) {
        paint(shape, lit);
      } else if (mark instanceof Printed printed) {
        paint(printed);
      } else if (mark instanceof Stroke stroke) {
        paint(stroke, lit);
      } else if (mark instanceof Caption caption) {
        paint(caption, lit);
      }
    }
  }

  private void paint(Shape shape, boolean lit) {
    if (shape.fill() == Fill.GLUE) {
      graphics.setFill(hatch(palette.fill(Fill.GLUE)));
      trace(shape.corners());
      graphics.closePath();
      graphics.fill();
      return;
    }
    Color plain = palette.fill(shape.fill());
    double light = DARKEST + (1 - DARKEST) * shape.light();
    Color shaded = plain.deriveColor(0, 1, light, 1);
    graphics.setFill(lit ? shaded.interpolate(palette.chosenColour(), 0.25) : shaded);
    trace(shape.corners());
    graphics.closePath();
    graphics.fill();
    if (shape.fill() == Fill.OUTSIDE) {
      grain(shape.corners());
    }
  }

  /** Gives the outside of the paper a faint laid texture, so that it is told from the inside. */
  private void grain(List<Spot> corners) {
    graphics.setFill(LAID);
    trace(corners);
    graphics.closePath();
    graphics.fill();
  }

  /** A small tile with one slanting line, which repeats over any shape at the cost of a fill. */
  private static ImagePattern laid() {
    WritableImage tile = new WritableImage(GRAIN, GRAIN);
    for (int i = 0; i < GRAIN; i++) {
      tile.getPixelWriter().setColor(i, GRAIN - 1 - i, Color.rgb(0, 0, 0, 0.07));
    }
    return new ImagePattern(tile, 0, 0, GRAIN, GRAIN, false);
  }

  /** Glue is a wide hatch that leaves what lies under it to be seen. */
  private static ImagePattern hatch(Color colour) {
    WritableImage tile = new WritableImage(HATCH, HATCH);
    for (int i = 0; i < HATCH; i++) {
      tile.getPixelWriter().setColor(i, i, colour);
    }
    return new ImagePattern(tile, 0, 0, HATCH, HATCH, false);
  }

  /** Paper with its holes, and what is printed on it. */
  private void paint(Printed printed) {
    graphics.save();
    graphics.setFillRule(FillRule.EVEN_ODD);
    graphics.beginPath();
    printed.rings().forEach(this::ring);
    graphics.setFill(shaded(printed.ground(), printed.light()));
    graphics.fill();
    if (!printed.figures().isEmpty()) {
      graphics.clip();
      graphics.setFillRule(FillRule.NON_ZERO);
      graphics.beginPath();
      printed.figures().forEach(this::ring);
      graphics.setFill(shaded(printed.ink(), printed.light()));
      graphics.fill();
    }
    graphics.restore();
  }

  private static Color shaded(int rgb, double light) {
    Color plain = Color.rgb(rgb >> 16 & 0xFF, rgb >> 8 & 0xFF, rgb & 0xFF);
    return plain.deriveColor(0, 1, DARKEST + (1 - DARKEST) * light, 1);
  }

  private void ring(List<Spot> corners) {
    Spot first = corners.get(0);
    graphics.moveTo(first.x(), first.y());
    corners.forEach(corner -> graphics.lineTo(corner.x(), corner.y()));
    graphics.closePath();
  }

  private void paint(Stroke stroke, boolean lit) {
    Ink ink = stroke.ink();
    graphics.setStroke(lit ? palette.chosenColour() : palette.ink(ink));
    graphics.setLineWidth(lit ? ink.weight() + 1.6 : ink.weight());
    graphics.setLineDashes(ink.dashes());
    graphics.setLineCap(ink == Ink.DECORATIVE ? StrokeLineCap.ROUND : StrokeLineCap.BUTT);
    trace(stroke.path());
    graphics.stroke();
  }

  private void trace(List<Spot> path) {
    graphics.beginPath();
    boolean first = true;
    for (Spot spot : path) {
      if (first) {
        graphics.moveTo(spot.x(), spot.y());
      } else {
        graphics.lineTo(spot.x(), spot.y());
      }
      first = false;
    }
  }

  private void paint(Caption caption, boolean lit) {
    graphics.setTextAlign(TextAlignment.LEFT);
    graphics.setTextBaseline(VPos.CENTER);
    graphics.setFont(
        caption.tone().isRemark() ? FontBook.plain(caption.size()) : FontBook.bold(caption.size()));
    graphics.setFill(lit ? palette.chosenColour() : palette.tone(caption.tone()));
    graphics.fillText(caption.text(), caption.box(fonts).left(), caption.at().y());
  }
}

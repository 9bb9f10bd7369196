package cufflink.desktop.paper;

import cufflink.core.flat.Spot;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Caption;
import cufflink.core.scene.Drawing.Imprint;
import cufflink.core.scene.Drawing.Mark;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Ref;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.TextAlignment;
import javafx.scene.transform.Affine;
import javafx.scene.transform.NonInvertibleTransformException;

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
  private final Shown shown;

  /** Finds a picture about as large as it is painted. */
  interface Shown {
    Optional<Image> image(String name, double pixels);
  }

  CanvasPainter(
      GraphicsContext graphics, Palette palette, FontBook fonts, Set<Ref> chosen, Shown shown) {
    this.graphics = graphics;
    this.shown = shown;
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
    if (!printed.imprints().isEmpty()) {
      printed.imprints().forEach(imprint -> show(printed, imprint));
      veil(printed);
    }
    if (!printed.figures().isEmpty()) {
      graphics.setFillRule(FillRule.NON_ZERO);
      graphics.beginPath();
      printed.figures().forEach(this::ring);
      graphics.setFill(shaded(printed.ink(), printed.light()));
      graphics.fill();
    }
    graphics.restore();
  }

  /**
   * Fills paper with a picture, seen straight or askew: the paper is taken back to where the
   * picture lies straight. What a sheet holds once is painted as often as the paper is larger.
   */
  private void show(Printed printed, Imprint imprint) {
    Spot corner = imprint.corners().get(0);
    Spot right = imprint.corners().get(1);
    Spot below = imprint.corners().get(2);
    Affine onto =
        new Affine(
            right.x() - corner.x(),
            below.x() - corner.x(),
            corner.x(),
            right.y() - corner.y(),
            below.y() - corner.y(),
            corner.y());
    if (Math.abs(onto.determinant()) < 1) {
      return;
    }
    double pixels = Math.max(corner.distance(right), corner.distance(below));
    shown
        .image(imprint.name(), pixels)
        .ifPresent(
            image -> {
              onto.appendScale(1 / image.getWidth(), 1 / image.getHeight());
              graphics.save();
              graphics.transform(onto);
              graphics.beginPath();
              printed.rings().forEach(ring -> ring(back(onto, ring)));
              graphics.setFill(
                  new ImagePattern(image, 0, 0, image.getWidth(), image.getHeight(), false));
              graphics.fill();
              graphics.restore();
            });
  }

  private static List<Spot> back(Affine onto, List<Spot> ring) {
    try {
      Affine back = onto.createInverse();
      return ring.stream()
          .map(spot -> back.transform(spot.x(), spot.y()))
          .map(at -> new Spot(at.getX(), at.getY()))
          .toList();
    } catch (NonInvertibleTransformException edgeOn) {
      throw new IllegalStateException("seen along its edge it is not painted", edgeOn);
    }
  }

  /** Lays what is in the shade under a grey veil, and what is to be written on under a white. */
  private void veil(Printed printed) {
    double white = printed.imprints().get(0).white();
    double black = (1 - DARKEST) * (1 - printed.light());
    graphics.beginPath();
    printed.rings().forEach(this::ring);
    graphics.setFill(white > 0 ? Color.rgb(255, 255, 255, white) : Color.rgb(0, 0, 0, black));
    graphics.fill();
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

package cufflink.files.export;

import cufflink.core.flat.Spot;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Caption;
import cufflink.core.scene.Drawing.Imprint;
import cufflink.core.scene.Drawing.Mark;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Ink;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.util.Matrix;

/** Paints on a PDF page with y down from the top, in points. */
final class PdfPen {
  /** Points in one millimetre: 72 to the inch. */
  static final double POINTS = 72 / 25.4;

  private static final float QUIET_GREY = 0.35f;

  private final PDPageContentStream content;
  private final PdfFonts fonts;
  private final double pageHeight;
  private final PdfImages images;

  PdfPen(PDPageContentStream content, PdfFonts fonts, PdfImages images, double pageHeight) {
    this.content = content;
    this.images = images;
    this.fonts = fonts;
    this.pageHeight = pageHeight;
  }

  /** Paints a drawing made in points with its top left corner at a place on the page. */
  void paint(Drawing drawing, double left, double top) throws IOException {
    for (Mark mark : drawing.marks()) {
      if (mark instanceof Shape shape) {
        fill(shape, left, top);
      } else if (mark instanceof Printed printed) {
        print(printed, left, top);
      } else if (mark instanceof Stroke stroke) {
        stroke(stroke.path(), stroke.ink(), left, top);
      } else if (mark instanceof Caption caption) {
        caption(caption, left, top);
      }
    }
  }

  private void fill(Shape shape, double left, double top) throws IOException {
    content.setNonStrokingColor((float) Tones.of(shape));
    path(shape.corners(), left, top);
    content.closePath();
    content.fill();
  }

  /** Paper with its print, which is clipped to it. */
  private void print(Printed printed, double left, double top) throws IOException {
    content.saveGraphicsState();
    for (List<Spot> ring : printed.rings()) {
      path(ring, left, top);
      content.closePath();
    }
    content.clipEvenOdd();
    content.setNonStrokingColor(Tones.shaded(printed.ground(), printed.light()));
    for (List<Spot> ring : printed.rings()) {
      path(ring, left, top);
      content.closePath();
    }
    content.fillEvenOdd();
    for (Imprint imprint : printed.imprints()) {
      show(imprint, left, top);
    }
    if (!printed.imprints().isEmpty()) {
      shade(printed, left, top);
    }
    content.setNonStrokingColor(Tones.shaded(printed.ink(), printed.light()));
    for (List<Spot> figure : printed.figures()) {
      path(figure, left, top);
      content.closePath();
      content.fill();
    }
    content.restoreGraphicsState();
  }

  /** A picture of PDF is a square of one that stands on its lower edge. */
  private void show(Imprint imprint, double left, double top) throws IOException {
    Optional<PDImageXObject> image = images.of(imprint.name());
    if (image.isPresent()) {
      AffineTransform onto = new AffineTransform(1, 0, 0, -1, left, pageHeight - top);
      onto.concatenate(Shades.onto(imprint));
      onto.concatenate(new AffineTransform(1, 0, 0, -1, 0, 1));
      content.drawImage(image.get(), new Matrix(onto));
    }
  }

  /** Lays what is in the shade under a grey veil, and what is to be written on under a white. */
  private void shade(Printed printed, double left, double top) throws IOException {
    double white = printed.imprints().get(0).white();
    PDExtendedGraphicsState veil = new PDExtendedGraphicsState();
    veil.setNonStrokingAlphaConstant((float) Math.max(white, Shades.black(printed.light())));
    content.setGraphicsStateParameters(veil);
    content.setNonStrokingColor(white > 0 ? 1f : 0f);
    for (List<Spot> ring : printed.rings()) {
      path(ring, left, top);
      content.closePath();
    }
    content.fillEvenOdd();
  }

  void stroke(List<Spot> path, Ink ink, double left, double top) throws IOException {
    double[] dashes = ink.dashes();
    float[] pattern = new float[dashes.length];
    for (int i = 0; i < dashes.length; i++) {
      pattern[i] = (float) (dashes[i] * 0.6);
    }
    content.setLineDashPattern(pattern, 0);
    content.setLineWidth((float) (ink.weight() * 0.5));
    content.setStrokingColor(0f);
    path(path, left, top);
    content.stroke();
  }

  private void path(List<Spot> path, double left, double top) throws IOException {
    boolean first = true;
    for (Spot spot : path) {
      float x = (float) (left + spot.x());
      float y = (float) (pageHeight - top - spot.y());
      if (first) {
        content.moveTo(x, y);
      } else {
        content.lineTo(x, y);
      }
      first = false;
    }
  }

  private void caption(Caption caption, double left, double top) throws IOException {
    double x = left + caption.box(fonts).left();
    double y = top + caption.at().y() + caption.size() * 0.35;
    boolean quiet = caption.tone().isRemark();
    text(quiet ? fonts.plain() : fonts.bold(), caption.size(), x, y, caption.text(), quiet);
  }

  /** Sets a line of text with its foot at a place on the page. */
  void text(PDFont font, double size, double x, double y, String text, boolean quiet)
      throws IOException {
    content.beginText();
    content.setNonStrokingColor(quiet ? QUIET_GREY : 0f);
    content.setFont(font, (float) size);
    content.newLineAtOffset((float) x, (float) (pageHeight - y));
    content.showText(PdfFonts.settable(font, text));
    content.endText();
  }

  /** Keeps what follows inside a rectangle until {@link #unclip()}. */
  void clip(double left, double top, double width, double height) throws IOException {
    content.saveGraphicsState();
    content.addRect(
        (float) left, (float) (pageHeight - top - height), (float) width, (float) height);
    content.clip();
  }

  void unclip() throws IOException {
    content.restoreGraphicsState();
  }
}

package cufflink.files.export;

import cufflink.core.card.FoldModel;
import cufflink.core.drawing.Portrait;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.paper.Look;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Imprint;
import cufflink.core.scene.Drawing.Mark;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.files.figure.Pictures;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Pictures of the finished card as its receiver will hold it, to be shown or sent. */
final class CardPictures {
  /** The longer side, in pixels. */
  private static final int LONG = 1600;

  private static final double PIXELS_PER_MILLIMETRE = 8;

  /** What is left free around the card, as a share of its larger side. */
  private static final double AROUND = 0.12;

  private static final Color EDGE = new Color(60, 50, 40, 130);
  private static final Color SHADE = new Color(40, 36, 30, 30);

  private CardPictures() {}

  /** Writes a PNG on a white ground. */
  static byte[] png(ExportSubject subject) throws IOException {
    Drawing drawing = draw(subject);
    BufferedImage image =
        new BufferedImage(
            (int) drawing.width(), (int) drawing.height(), BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = image.createGraphics();
    graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    graphics.setColor(Color.WHITE);
    graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
    drawing.marks().forEach(mark -> paint(graphics, mark, subject.pictures()));
    graphics.dispose();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(image, "png", bytes);
    return bytes.toByteArray();
  }

  /** Writes an SVG 1.1 document with a title. */
  static String svg(ExportSubject subject) {
    Drawing drawing = draw(subject);
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
      String width = number(drawing.width() / PIXELS_PER_MILLIMETRE);
      String height = number(drawing.height() / PIXELS_PER_MILLIMETRE);
      SvgDocument.begin(xml, width, height, subject.title());
      new SvgPen(xml, subject.pictures()).paint(drawing, subject.title());
      xml.writeEndElement();
      xml.writeEndDocument();
    } catch (XMLStreamException reason) {
      throw new IllegalStateException("writing XML to memory cannot fail", reason);
    }
    return text.toString();
  }

  private static Drawing draw(ExportSubject subject) {
    Derivation.Made made = subject.made();
    FoldModel model = made.card().whole();
    model.prepare(() -> false);
    Look look = subject.look();
    double moment = Portrait.moment(model, look);
    Spot extent = Portrait.extent(model, made.design(), look);
    double around = 1 + 2 * AROUND;
    double wide = extent.x() + (around - 1) * Math.max(extent.x(), extent.y());
    double high = extent.y() + (around - 1) * Math.max(extent.x(), extent.y());
    double scale = LONG / Math.max(wide, high);
    Surface surface =
        new Surface(
            Math.rint(wide * scale),
            Math.rint(high * scale),
            subject.derivation().job().marks(),
            subject.format(),
            TextMeasure.GUESS,
            1);
    return Portrait.of(model, made.design(), look, moment, surface);
  }

  private static void paint(Graphics2D graphics, Mark mark, Pictures pictures) {
    if (mark instanceof Shape shape) {
      graphics.setColor(SHADE);
      graphics.fill(path(List.of(shape.corners()), true));
    } else if (mark instanceof Printed printed) {
      Path2D paper = path(printed.rings(), true);
      graphics.setColor(Tones.shaded(printed.ground(), printed.light()));
      graphics.fill(paper);
      printed.imprints().forEach(imprint -> show(graphics, paper, imprint, pictures));
      if (!printed.imprints().isEmpty()) {
        graphics.setColor(new Color(0, 0, 0, (float) Shades.black(printed.light())));
        graphics.fill(paper);
      }
      java.awt.Shape before = graphics.getClip();
      graphics.clip(paper);
      graphics.setColor(Tones.shaded(printed.ink(), printed.light()));
      printed.figures().forEach(figure -> graphics.fill(path(List.of(figure), true)));
      graphics.setClip(before);
    } else if (mark instanceof Stroke stroke) {
      graphics.setColor(EDGE);
      graphics.setStroke(new BasicStroke((float) stroke.ink().weight()));
      graphics.draw(path(List.of(stroke.path()), false));
    }
  }

  /** Fills paper with a picture as it lies there. */
  private static void show(Graphics2D graphics, Path2D paper, Imprint imprint, Pictures pictures) {
    AffineTransform onto = Shades.onto(imprint);
    if (onto.getDeterminant() == 0) {
      // Seen along its edge it shows nothing.
      return;
    }
    pictures
        .image(imprint.name())
        .ifPresent(
            image -> {
              java.awt.Shape before = graphics.getClip();
              graphics.clip(paper);
              AffineTransform pixels = new AffineTransform(onto);
              pixels.scale(1.0 / image.getWidth(), 1.0 / image.getHeight());
              graphics.drawImage(image, pixels, null);
              graphics.setClip(before);
            });
  }

  private static Path2D path(List<List<Spot>> rings, boolean closes) {
    Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
    for (List<Spot> ring : rings) {
      path.moveTo(ring.get(0).x(), ring.get(0).y());
      ring.forEach(each -> path.lineTo(each.x(), each.y()));
      if (closes) {
        path.closePath();
      }
    }
    return path;
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, "%.2f", value);
  }
}

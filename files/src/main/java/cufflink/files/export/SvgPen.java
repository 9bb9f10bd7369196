package cufflink.files.export;

import cufflink.core.flat.Spot;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Caption;
import cufflink.core.scene.Drawing.Imprint;
import cufflink.core.scene.Drawing.Mark;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.files.figure.Pictures;
import cufflink.files.text.Printable;
import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Paints a drawing as SVG inside a page. */
final class SvgPen {
  private static final int BRIGHTEST = 255;

  private static final String LINK = "http://www.w3.org/1999/xlink";

  private final XMLStreamWriter xml;
  private final Pictures pictures;

  /** Each picture is embedded once, and is known by its number. */
  private final Map<String, Integer> embedded = new HashMap<>();

  private int clips;

  SvgPen(XMLStreamWriter xml, Pictures pictures) {
    this.xml = xml;
    this.pictures = pictures;
  }

  /** Paints a drawing that says what it shows to those who cannot see it. */
  void paint(Drawing drawing, String says) throws XMLStreamException {
    xml.writeStartElement("svg");
    xml.writeDefaultNamespace(SvgDocument.SPACE);
    xml.writeAttribute(
        "viewBox", "0 0 " + number(drawing.width()) + " " + number(drawing.height()));
    xml.writeAttribute("role", "img");
    xml.writeAttribute("aria-label", Printable.line(says));
    for (Mark mark : drawing.marks()) {
      if (mark instanceof Shape shape) {
        int grey = (int) Math.round(BRIGHTEST * Tones.of(shape));
        polygon(shape.corners(), colour(grey, grey, grey));
      } else if (mark instanceof Printed printed) {
        printed(printed);
      } else if (mark instanceof Stroke stroke) {
        stroke(stroke);
      } else if (mark instanceof Caption caption) {
        caption(caption);
      }
    }
    xml.writeEndElement();
  }

  private void polygon(List<Spot> corners, String fill) throws XMLStreamException {
    xml.writeEmptyElement("polygon");
    xml.writeAttribute("points", points(corners));
    xml.writeAttribute("fill", fill);
  }

  private void printed(Printed printed) throws XMLStreamException {
    String paper =
        printed.rings().stream()
            .map(ring -> "M" + points(ring).replace(" ", "L") + "Z")
            .collect(Collectors.joining());
    xml.writeEmptyElement("path");
    xml.writeAttribute("d", paper);
    xml.writeAttribute("fill-rule", "evenodd");
    xml.writeAttribute("fill", shaded(printed.ground(), printed.light()));
    if (!printed.imprints().isEmpty()) {
      show(printed, paper);
    } else if (!printed.figures().isEmpty()) {
      xml.writeEmptyElement("path");
      xml.writeAttribute(
          "d",
          printed.figures().stream()
              .map(figure -> "M" + points(figure).replace(" ", "L") + "Z")
              .collect(Collectors.joining()));
      xml.writeAttribute("fill", shaded(printed.ink(), printed.light()));
    }
  }

  private void show(Printed printed, String paper) throws XMLStreamException {
    String clip = "print-" + ++clips;
    xml.writeStartElement("clipPath");
    xml.writeAttribute("id", clip);
    xml.writeEmptyElement("path");
    xml.writeAttribute("d", paper);
    xml.writeAttribute("clip-rule", "evenodd");
    xml.writeEndElement();
    xml.writeStartElement("g");
    xml.writeAttribute("clip-path", "url(#" + clip + ")");
    for (Imprint imprint : printed.imprints()) {
      show(imprint);
    }
    xml.writeEndElement();
    veil(printed, paper);
  }

  /** The picture is as large as its pixels, and is laid where it belongs. */
  private void show(Imprint imprint) throws XMLStreamException {
    Optional<BufferedImage> image = pictures.image(imprint.name());
    if (image.isEmpty()) {
      return;
    }
    boolean isNew = !embedded.containsKey(imprint.name());
    int number = embedded.computeIfAbsent(imprint.name(), name -> embedded.size() + 1);
    if (isNew) {
      xml.writeStartElement("defs");
      xml.writeEmptyElement("image");
      xml.writeAttribute("id", "picture-" + number);
      xml.writeAttribute("width", Integer.toString(image.get().getWidth()));
      xml.writeAttribute("height", Integer.toString(image.get().getHeight()));
      xml.writeAttribute("preserveAspectRatio", "none");
      link("data:image/jpeg;base64," + encoded(image.get()));
      xml.writeEndElement();
    }
    AffineTransform placed = Shades.onto(imprint);
    placed.scale(1.0 / image.get().getWidth(), 1.0 / image.get().getHeight());
    double[] onto = new double[6];
    placed.getMatrix(onto);
    xml.writeEmptyElement("use");
    xml.writeAttribute(
        "transform",
        Arrays.stream(onto)
            .mapToObj(each -> String.format(Locale.ROOT, "%.6f", each))
            .collect(Collectors.joining(" ", "matrix(", ")")));
    link("#picture-" + number);
  }

  private void link(String to) throws XMLStreamException {
    xml.writeAttribute("xmlns:xlink", LINK);
    xml.writeAttribute("xlink:href", to);
  }

  private static String encoded(BufferedImage image) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      ImageIO.write(Pictures.opaque(image), "jpg", bytes);
    } catch (IOException never) {
      throw new UncheckedIOException(never);
    }
    return Base64.getEncoder().encodeToString(bytes.toByteArray());
  }

  /** Lays what is in the shade under a grey veil, and what is to be written on under a white. */
  private void veil(Printed printed, String paper) throws XMLStreamException {
    double white = printed.imprints().get(0).white();
    xml.writeEmptyElement("path");
    xml.writeAttribute("d", paper);
    xml.writeAttribute("fill-rule", "evenodd");
    xml.writeAttribute("fill", white > 0 ? "#ffffff" : "#000000");
    xml.writeAttribute(
        "fill-opacity",
        String.format(Locale.ROOT, "%.3f", Math.max(white, Shades.black(printed.light()))));
  }

  private static String shaded(int colour, double light) {
    Color shaded = Tones.shaded(colour, light);
    return colour(shaded.getRed(), shaded.getGreen(), shaded.getBlue());
  }

  private static String colour(int red, int green, int blue) {
    return String.format(Locale.ROOT, "#%02x%02x%02x", red, green, blue);
  }

  private void stroke(Stroke stroke) throws XMLStreamException {
    xml.writeEmptyElement("polyline");
    xml.writeAttribute("points", points(stroke.path()));
    xml.writeAttribute("fill", "none");
    xml.writeAttribute("stroke", "#222222");
    xml.writeAttribute("stroke-width", number(stroke.ink().weight()));
    double[] dashes = stroke.ink().dashes();
    if (dashes.length > 0) {
      xml.writeAttribute(
          "stroke-dasharray",
          Arrays.stream(dashes).mapToObj(SvgPen::number).collect(Collectors.joining(" ")));
    }
  }

  private void caption(Caption caption) throws XMLStreamException {
    xml.writeStartElement("text");
    xml.writeAttribute("x", number(caption.at().x()));
    xml.writeAttribute("y", number(caption.at().y() + caption.size() * 0.35));
    xml.writeAttribute("font-size", number(caption.size()));
    xml.writeAttribute(
        "text-anchor",
        switch (caption.anchor()) {
          case START -> "start";
          case MIDDLE -> "middle";
          case END -> "end";
        });
    xml.writeAttribute("font-weight", caption.tone().isRemark() ? "400" : "600");
    xml.writeCharacters(Printable.line(caption.text()));
    xml.writeEndElement();
  }

  private static String points(List<Spot> places) {
    return places.stream()
        .map(place -> number(place.x()) + "," + number(place.y()))
        .collect(Collectors.joining(" "));
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, "%.1f", value);
  }
}

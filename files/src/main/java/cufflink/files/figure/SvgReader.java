package cufflink.files.figure;

import cufflink.core.decor.Outline;
import cufflink.core.measure.Length;
import cufflink.core.measure.Parsed;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.AWTPolygonProducer;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/** Finds the largest shape of an SVG 1.1 file: paths and basic shapes, as they are transformed. */
final class SvgReader {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /** More corners than this no hand has drawn. */
  private static final int MOST_POINTS = 50_000;

  /** Curves are followed to this share of a shape. */
  private static final double FLAT = 0.0005;

  /** What is narrower than this share of its length is no figure. */
  private static final double THIN = 0.02;

  private static final double MILLIMETRES = 25.4;

  /** CSS 2.1 has so many of its pixels in an inch. */
  private static final double PIXELS = 96;

  private static final double POINTS = 72;

  /** What is drawn only where something refers to it, or is no shape. */
  private static final Set<String> ASIDE =
      Set.of("defs", "clipPath", "mask", "symbol", "pattern", "marker", "text", "metadata");

  private static final Pattern NUMBER =
      Pattern.compile("\\s*([-+]?[0-9]*\\.?[0-9]+(?:[eE][-+]?[0-9]+)?)\\s*([a-z%]*)\\s*");

  private static final Pattern RULE = Pattern.compile("fill-rule\\s*:\\s*([a-z]+)");

  private final String name;
  private final Deque<AffineTransform> transforms = new ArrayDeque<>();

  /** Whether what lies in an even number of lines is left out; else their directions tell. */
  private final Deque<Boolean> evenOdd = new ArrayDeque<>();

  private double scale = MILLIMETRES / PIXELS;
  private final LargestShape largest = new LargestShape();
  private int points;

  SvgReader(String name) {
    this.name = name;
    transforms.push(new AffineTransform());
    evenOdd.push(false);
  }

  /** Ends the reading of a file of which too much is drawn. */
  private static final class TooMuchException extends RuntimeException {
    private static final long serialVersionUID = 1L;
  }

  Parsed<Figure> read(byte[] bytes) {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    try {
      XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(bytes));
      boolean isSvg = false;
      while (xml.hasNext()) {
        int event = xml.next();
        if (event == XMLStreamConstants.START_ELEMENT) {
          String element = xml.getLocalName();
          isSvg = isSvg || element.equals("svg");
          if (ASIDE.contains(element)) {
            skip(xml);
            continue;
          }
          begin(xml, element);
        } else if (event == XMLStreamConstants.END_ELEMENT) {
          transforms.pop();
          evenOdd.pop();
        }
      }
      return isSvg ? figure() : Parsed.bad("figure.no-svg", name);
    } catch (XMLStreamException broken) {
      return Parsed.bad("figure.no-svg", name);
    } catch (ParseException unreadable) {
      return Parsed.bad("figure.unreadable", name);
    } catch (TooMuchException tooMuch) {
      return Parsed.bad("figure.points", name, Integer.toString(MOST_POINTS));
    }
  }

  private static void skip(XMLStreamReader xml) throws XMLStreamException {
    int depth = 1;
    while (depth > 0) {
      int event = xml.next();
      if (event == XMLStreamConstants.START_ELEMENT) {
        depth++;
      } else if (event == XMLStreamConstants.END_ELEMENT) {
        depth--;
      }
    }
  }

  private void begin(XMLStreamReader xml, String element) {
    AffineTransform now = new AffineTransform(transforms.element());
    String transform = xml.getAttributeValue(null, "transform");
    if (transform != null) {
      now.concatenate(AWTTransformProducer.createAffineTransform(transform));
    }
    if (element.equals("svg") && transforms.size() == 1) {
      measure(xml);
    }
    transforms.push(now);
    Matcher style =
        RULE.matcher(Optional.ofNullable(xml.getAttributeValue(null, "style")).orElse(""));
    String rule = style.find() ? style.group(1) : xml.getAttributeValue(null, "fill-rule");
    evenOdd.push(rule == null ? evenOdd.element() : rule.equals("evenodd"));
    shape(xml, element).ifPresent(shape -> take(shape, now));
  }

  /** The size of the picture, against the numbers in it. */
  private void measure(XMLStreamReader xml) {
    String box = xml.getAttributeValue(null, "viewBox");
    String width = xml.getAttributeValue(null, "width");
    double units = 0;
    if (box != null) {
      String[] numbers = box.strip().split("[\\s,]+");
      units = numbers.length == 4 ? number(numbers[2]) : 0;
    }
    Matcher wide = NUMBER.matcher(width == null ? "" : width);
    if (units > 0 && wide.matches() && !wide.group(2).equals("%")) {
      scale = millimetres(wide) / units;
    }
  }

  private static double millimetres(Matcher size) {
    double number = Double.parseDouble(size.group(1));
    return switch (size.group(2)) {
      case "mm" -> number;
      case "cm" -> number * 10;
      case "in" -> number * MILLIMETRES;
      case "pt" -> number * MILLIMETRES / POINTS;
      case "pc" -> number * 12 * MILLIMETRES / POINTS;
      default -> number * MILLIMETRES / PIXELS;
    };
  }

  private static double number(String text) {
    Matcher matcher = NUMBER.matcher(text == null ? "" : text);
    if (!matcher.matches()) {
      return 0;
    }
    boolean isPlain = matcher.group(2).isEmpty() || matcher.group(2).equals("px");
    double units = Double.parseDouble(matcher.group(1));
    return isPlain ? units : millimetres(matcher) * PIXELS / MILLIMETRES;
  }

  private static Optional<Shape> shape(XMLStreamReader xml, String element) {
    switch (element.toLowerCase(Locale.ROOT)) {
      case "path":
        return attribute(xml, "d")
            .map(d -> made(() -> AWTPathProducer.createShape(new StringReader(d), winding())));
      case "polygon":
      case "polyline":
        return attribute(xml, "points")
            .map(at -> made(() -> AWTPolygonProducer.createShape(new StringReader(at), winding())));
      case "rect":
        double round = Math.max(number(xml, "rx"), number(xml, "ry"));
        double wide = number(xml, "width");
        double high = number(xml, "height");
        return Optional.of(
            round > 0
                ? new RoundRectangle2D.Double(
                    number(xml, "x"), number(xml, "y"), wide, high, 2 * round, 2 * round)
                : new Rectangle2D.Double(number(xml, "x"), number(xml, "y"), wide, high));
      case "circle":
        return Optional.of(ellipse(xml, number(xml, "r"), number(xml, "r")));
      case "ellipse":
        return Optional.of(ellipse(xml, number(xml, "rx"), number(xml, "ry")));
      default:
        return Optional.empty();
    }
  }

  private static int winding() {
    return PathIterator.WIND_NON_ZERO;
  }

  /** A reading that may fail. */
  private interface Reading {
    Shape read() throws IOException;
  }

  private static Shape made(Reading reading) {
    try {
      return reading.read();
    } catch (IOException impossible) {
      throw new IllegalStateException(impossible);
    }
  }

  private static Optional<String> attribute(XMLStreamReader xml, String key) {
    return Optional.ofNullable(xml.getAttributeValue(null, key)).filter(each -> !each.isBlank());
  }

  private static double number(XMLStreamReader xml, String key) {
    return number(xml.getAttributeValue(null, key));
  }

  private static Shape ellipse(XMLStreamReader xml, double across, double down) {
    double x = number(xml, "cx") - across;
    return new Ellipse2D.Double(x, number(xml, "cy") - down, 2 * across, 2 * down);
  }

  private void take(Shape shape, AffineTransform transform) {
    Rectangle2D bounds = transform.createTransformedShape(shape).getBounds2D();
    double size = Math.max(bounds.getWidth(), bounds.getHeight());
    if (!(size > 0) || Double.isInfinite(size)) {
      return;
    }
    List<Polygon> rings = new ArrayList<>();
    List<Coordinate> ring = new ArrayList<>();
    double[] at = new double[6];
    for (PathIterator path = shape.getPathIterator(transform, size * FLAT);
        !path.isDone();
        path.next()) {
      int step = path.currentSegment(at);
      if (step != PathIterator.SEG_LINETO) {
        close(ring).ifPresent(rings::add);
        ring.clear();
      }
      if (step != PathIterator.SEG_CLOSE) {
        ring.add(new Coordinate(at[0], at[1]));
      }
      if (++points > MOST_POINTS) {
        throw new TooMuchException();
      }
    }
    close(ring).ifPresent(rings::add);
    largest.take(rings, evenOdd.element(), size * THIN);
  }

  private static Optional<Polygon> close(List<Coordinate> ring) {
    List<Coordinate> corners = new ArrayList<>();
    for (Coordinate each : ring) {
      if (corners.isEmpty() || !corners.get(corners.size() - 1).equals2D(each)) {
        corners.add(each);
      }
    }
    if (corners.size() > 1 && corners.get(0).equals2D(corners.get(corners.size() - 1))) {
      corners.remove(corners.size() - 1);
    }
    if (corners.size() < 3) {
      return Optional.empty();
    }
    corners.add(corners.get(0).copy());
    return Optional.of(GEOMETRY.createPolygon(corners.toArray(new Coordinate[0])));
  }

  private Parsed<Figure> figure() {
    if (largest.shape().isEmpty()) {
      return Parsed.bad("figure.nothing", name);
    }
    if (largest.isCrossed()) {
      return Parsed.bad("figure.crossed", name);
    }
    Polygon found = largest.shape().get();
    Envelope box = found.getEnvelopeInternal();
    List<Outline.Corner> corners = simple(found.getExteriorRing(), box, Outline.MOST);
    int many = found.getNumInteriorRing();
    if (many > Outline.MOST_HOLES) {
      return Parsed.bad("figure.holes", name, Integer.toString(Outline.MOST_HOLES));
    }
    List<List<Outline.Corner>> holes = new ArrayList<>();
    for (int i = 0; i < many; i++) {
      holes.add(simple(found.getInteriorRingN(i), box, Outline.MOST / many));
    }
    Length across = Length.fromMillimetres(box.getWidth() * scale);
    Length down = Length.fromMillimetres(box.getHeight() * scale);
    boolean isThin = LargestShape.isThin(corners, holes, box, THIN);
    if (isThin || !Outline.isSound(corners, holes) || !across.isPositive() || !down.isPositive()) {
      return Parsed.bad("figure.thin", name);
    }
    return Parsed.good(
        new Figure(
            name.replaceFirst("(?i)\\.svg$", ""),
            new Outline(corners, holes, false),
            across,
            down));
  }

  /** Corners that a hand with scissors does not follow are left out. */
  private static List<Outline.Corner> simple(LinearRing line, Envelope box, int most) {
    Polygon shape = GEOMETRY.createPolygon(line);
    double size = Math.max(box.getWidth(), box.getHeight());
    double apart = size * FLAT;
    Geometry left = TopologyPreservingSimplifier.simplify(shape, apart);
    while (left.getNumPoints() > most && apart < size) {
      apart *= 1.5;
      left = TopologyPreservingSimplifier.simplify(shape, apart);
    }
    List<Outline.Corner> corners = new ArrayList<>();
    Coordinate[] ring = left.getCoordinates();
    for (int i = 0; i < ring.length - 1; i++) {
      corners.add(
          new Outline.Corner(
              share(ring[i].x - box.getMinX(), box.getWidth()),
              share(ring[i].y - box.getMinY(), box.getHeight())));
    }
    return corners;
  }

  private static double share(double part, double whole) {
    return Math.max(0, Math.min(1, part / whole));
  }
}

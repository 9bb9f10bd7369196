package cufflink.files.pattern;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.awt.ShapeReader;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Letters of the shipped typeface as outlines without holes, so that they can be drawn on paper
 * that lies at any angle.
 */
final class LetterOutlines {
  private static final String FONT = "/cufflink/files/fonts/SourceSans3_600SemiBold.ttf";

  /** A line is so many units high, and curves are drawn to so many. */
  private static final float UNITS = 1000;

  private static final double FLAT = 12;

  /** From line to line. */
  private static final double PITCH = 1.15 * UNITS;

  private static final GeometryFactory GEOMETRY = new GeometryFactory();
  private static final Font TYPE = type();

  private LetterOutlines() {}

  private static Font type() {
    try (InputStream in = LetterOutlines.class.getResourceAsStream(FONT)) {
      return Font.createFont(Font.TRUETYPE_FONT, in).deriveFont(UNITS);
    } catch (IOException | FontFormatException reason) {
      throw new IllegalStateException("the shipped typeface is broken", reason);
    }
  }

  /**
   * Draws words.
   *
   * @param words what stands there; a slash begins a new line
   * @return nothing if there are none; else their width and height, then a ring of numbers for each
   *     part of a letter, x before y, in thousandths of a line from the upper left corner
   */
  static List<String> of(String words) {
    List<Polygon> letters = new ArrayList<>();
    String[] lines = words.split("/");
    for (int i = 0; i < lines.length; i++) {
      line(lines[i].strip(), i * PITCH, letters);
    }
    Envelope box = new Envelope();
    letters.forEach(each -> box.expandToInclude(each.getEnvelopeInternal()));
    if (letters.isEmpty()) {
      return List.of();
    }
    List<String> written = new ArrayList<>();
    written.add(Math.round(box.getWidth()) + " " + Math.round(box.getHeight()));
    letters.forEach(each -> written.add(ring(each, box)));
    return written;
  }

  /** Each line stands in the middle. */
  private static void line(String text, double down, List<Polygon> letters) {
    FontRenderContext plain = new FontRenderContext(null, true, true);
    GlyphVector glyphs = TYPE.createGlyphVector(plain, text);
    double middle = glyphs.getVisualBounds().getCenterX();
    Shape outline = glyphs.getOutline((float) -middle, (float) down);
    // It reads them upside down, as its own y goes up.
    Geometry read = ShapeReader.read(outline, FLAT, GEOMETRY);
    Geometry all = AffineTransformation.scaleInstance(1, -1).transform(read).buffer(0);
    for (int i = 0; i < all.getNumGeometries(); i++) {
      if (all.getGeometryN(i) instanceof Polygon letter && !letter.isEmpty()) {
        open(letter, letters);
      }
    }
  }

  /** A letter with holes is cut through the middle of the first, until none is left. */
  private static void open(Polygon letter, List<Polygon> parts) {
    if (letter.getNumInteriorRing() == 0) {
      parts.add(letter);
      return;
    }
    Envelope box = letter.getEnvelopeInternal();
    double through = letter.getInteriorRingN(0).getEnvelopeInternal().centre().x;
    for (double[] half :
        new double[][] {{box.getMinX() - 1, through}, {through, box.getMaxX() + 1}}) {
      Envelope side = new Envelope(half[0], half[1], box.getMinY() - 1, box.getMaxY() + 1);
      Geometry left = letter.intersection(GEOMETRY.toGeometry(side));
      for (int i = 0; i < left.getNumGeometries(); i++) {
        if (left.getGeometryN(i) instanceof Polygon part) {
          open(part, parts);
        }
      }
    }
  }

  private static String ring(Polygon letter, Envelope box) {
    StringBuilder numbers = new StringBuilder();
    Coordinate[] corners = letter.getExteriorRing().getCoordinates();
    for (int i = 0; i + 1 < corners.length; i++) {
      numbers
          .append(numbers.isEmpty() ? "" : " ")
          .append(Math.round(corners[i].x - box.getMinX()))
          .append(' ')
          .append(Math.round(corners[i].y - box.getMinY()));
    }
    return numbers.toString();
  }
}

package cufflink.files.export;

import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.flat.PaperLeft;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/**
 * Writes a design as SVG 1.1 in true millimetres, one group for each kind of line.
 *
 * <p>Pieces and layers stand side by side, 10 mm apart, inside up, each as often as it is cut, one
 * below another. Beyond 400 in all each is drawn once, and its title says how often it is cut.
 */
public final class SvgExport {
  private static final Length GAP = Length.ofMillimetres(10);
  private static final int MOST = 400;

  private final Design design;
  private final boolean once;
  private final int copies;
  private final Map<String, List<Path>> groups = new LinkedHashMap<>();
  private Length right = GAP;
  private Length bottom = Length.ZERO;

  /** One path of a group: its id and its places. */
  private record Path(String id, List<Point> places, boolean closed) {}

  private SvgExport(Design design, int copies) {
    this.copies = copies;
    this.design = design;
    long all = design.layers().stream().mapToInt(design::count).sum();
    for (Piece piece : design.pieces()) {
      all += piece.count();
    }
    this.once = all * copies > MOST;
    for (String name :
        List.of("cut", "slit", "score-mountain", "score-valley", "score-decorative")) {
      groups.put(name, new ArrayList<>());
    }
  }

  /**
   * Writes a design.
   *
   * @param design the design
   * @param copies how many cards are cut
   * @return the SVG document
   */
  public static String write(Design design, int copies) {
    SvgExport export = new SvgExport(design, copies);
    design.pieces().forEach(export::add);
    design.layers().forEach(export::add);
    try {
      return export.document(design.patternId());
    } catch (XMLStreamException reason) {
      throw new IllegalStateException("writing XML to memory cannot fail", reason);
    }
  }

  private void add(Piece piece) {
    repeat(piece.id(), piece.total(copies), piece.width(), piece.height(), at -> add(piece, at));
  }

  private void add(Layer layer) {
    repeat(
        layer.id(),
        design.count(layer) * copies,
        layer.width(),
        layer.height(),
        at -> add(layer, at));
  }

  /** Where one of several alike stands, and what its ids begin with. */
  private record Stand(String id, Point at) {}

  private void repeat(String id, int times, Length width, Length height, Consumer<Stand> draw) {
    Length top = GAP;
    for (int i = 0; i < (once ? 1 : times); i++) {
      String name = once && times > 1 ? times + "x-" + id : i == 0 ? id : id + "." + (i + 1);
      draw.accept(new Stand(name, new Point(right, top)));
      top = top.plus(height).plus(GAP);
    }
    right = right.plus(width).plus(GAP);
    bottom = bottom.max(top.minus(GAP.times(2)));
  }

  private void add(Piece piece, Stand stand) {
    PaperLeft paper = PaperLeft.of(piece);
    for (List<Point> outline : paper.outlines()) {
      group("cut", "", outline, stand, true);
    }
    for (Score score : piece.scores()) {
      group(name(score.fold()), "." + score.id(), ends(score.line()), stand, false);
    }
    for (Slit cut : piece.cuts()) {
      group("cut", "." + cut.id(), ends(cut.line()), stand, false);
    }
    for (Opening opening : paper.holes()) {
      group("cut", "." + opening.id(), opening.outline(), stand, true);
    }
    for (Slit slit : piece.slits()) {
      group("slit", "." + slit.id(), ends(slit.line()), stand, false);
    }
  }

  private void add(Layer layer, Stand stand) {
    List<Point> corners = Piece.rectangle(layer.width(), layer.height());
    group("cut", "", corners, stand, true);
    if (layer.shape().isHalf()) {
      Layer.Shape shape = layer.shape().straight();
      boolean rising = shape == Layer.Shape.TOP_LEFT || shape == Layer.Shape.BOTTOM_RIGHT;
      List<Point> diagonal =
          rising
              ? List.of(corners.get(1), corners.get(3))
              : List.of(corners.get(0), corners.get(2));
      group("cut", ".corner-to-corner", diagonal, stand, false);
    }
  }

  private static String name(Fold fold) {
    return switch (fold) {
      case MOUNTAIN -> "score-mountain";
      case VALLEY -> "score-valley";
      case DECORATIVE -> "score-decorative";
    };
  }

  private static List<Point> ends(Segment line) {
    return List.of(line.from(), line.to());
  }

  private void group(String name, String id, List<Point> places, Stand stand, boolean closed) {
    Point by = stand.at();
    List<Point> moved =
        places.stream().map(at -> new Point(at.x().plus(by.x()), at.y().plus(by.y()))).toList();
    groups.get(name).add(new Path(stand.id() + id, moved, closed));
  }

  private String document(String title) throws XMLStreamException {
    StringWriter text = new StringWriter();
    XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
    String width = number(right);
    String height = number(bottom.plus(GAP.times(2)));
    SvgDocument.begin(xml, width, height, title);
    for (var group : groups.entrySet()) {
      xml.writeStartElement(SvgDocument.SPACE, "g");
      SvgDocument.layer(xml, group.getKey(), group.getKey());
      xml.writeAttribute("fill", "none");
      xml.writeAttribute("stroke", "black");
      xml.writeAttribute("stroke-width", "0.2");
      dashes(xml, group.getKey());
      SvgDocument.title(xml, group.getKey());
      for (Path path : group.getValue()) {
        xml.writeEmptyElement(SvgDocument.SPACE, "path");
        xml.writeAttribute("id", path.id());
        xml.writeAttribute("d", data(path));
      }
      xml.writeEndElement();
    }
    xml.writeEndElement();
    xml.writeEndDocument();
    return text.toString();
  }

  private static void dashes(XMLStreamWriter xml, String group) throws XMLStreamException {
    String dashes =
        switch (group) {
          case "score-valley" -> "3 1.5";
          case "score-mountain" -> "4 1 0.5 1 0.5 1";
          case "score-decorative" -> "0.3 1";
          default -> "";
        };
    if (!dashes.isEmpty()) {
      xml.writeAttribute("stroke-dasharray", dashes);
    }
  }

  private static String data(Path path) {
    StringBuilder data = new StringBuilder();
    for (Point place : path.places()) {
      data.append(data.isEmpty() ? "M" : " L");
      data.append(number(place.x())).append(' ').append(number(place.y()));
    }
    return path.closed() ? data.append(" Z").toString() : data.toString();
  }

  private static String number(Length length) {
    return length.toExactMillimetres().stripTrailingZeros().toPlainString();
  }
}

package cufflink.files.export;

import cufflink.files.text.Printable;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** What all our SVG 1.1 documents begin with: their size in true millimetres, and a title. */
final class SvgDocument {
  static final String SPACE = "http://www.w3.org/2000/svg";

  /** SVG 1.1 knows no layers; drawing programs read this namespace for them. */
  private static final String LAYERS = "http://www.inkscape.org/namespaces/inkscape";

  private SvgDocument() {}

  /** Opens the root, one unit in a millimetre. */
  static void begin(XMLStreamWriter xml, String width, String height, String title)
      throws XMLStreamException {
    xml.writeStartDocument("UTF-8", "1.0");
    xml.setDefaultNamespace(SPACE);
    xml.writeStartElement(SPACE, "svg");
    xml.writeDefaultNamespace(SPACE);
    xml.setPrefix("inkscape", LAYERS);
    xml.writeNamespace("inkscape", LAYERS);
    xml.writeAttribute("version", "1.1");
    xml.writeAttribute("width", width + "mm");
    xml.writeAttribute("height", height + "mm");
    xml.writeAttribute("viewBox", "0 0 " + width + " " + height);
    title(xml, title);
  }

  /** Makes the group that is open one that drawing programs list as a layer. */
  static void layer(XMLStreamWriter xml, String id, String label) throws XMLStreamException {
    xml.writeAttribute("id", id);
    xml.writeAttribute(LAYERS, "groupmode", "layer");
    xml.writeAttribute(LAYERS, "label", Printable.line(label));
  }

  /** Names the element that is open. */
  static void title(XMLStreamWriter xml, String text) throws XMLStreamException {
    xml.writeStartElement(SPACE, "title");
    xml.writeCharacters(Printable.line(text));
    xml.writeEndElement();
  }
}

package cufflink.files.export;

import cufflink.core.cut.CutSheet;
import cufflink.core.cut.Layout;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import java.io.StringWriter;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes sheets with their parts nested on them as SVG 1.1 in true millimetres. */
public final class SheetsSvg {
  private static final Length GAP = Length.ofMillimetres(10);

  private final XMLStreamWriter xml;

  private SheetsSvg(XMLStreamWriter xml) {
    this.xml = xml;
  }

  /**
   * Writes the sheets of a job beside each other, 10 mm apart, sheets cut alike once.
   *
   * @param title the job's title
   * @param plans how each paper is cut
   * @return the SVG document
   */
  public static String write(String title, List<PaperPlan> plans) {
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
      new SheetsSvg(xml).document(title, plans.stream().flatMap(SheetsSvg::sheets).toList());
    } catch (XMLStreamException reason) {
      throw new IllegalStateException("writing XML to memory cannot fail", reason);
    }
    return text.toString();
  }

  private static java.util.stream.Stream<CutSheet> sheets(PaperPlan plan) {
    return plan.plan().sheets().stream();
  }

  private void document(String title, List<CutSheet> sheets) throws XMLStreamException {
    Length right = GAP;
    Length bottom = Length.ZERO;
    for (CutSheet sheet : sheets) {
      right = right.plus(sheet.stock().width()).plus(GAP);
      bottom = bottom.max(sheet.stock().height());
    }
    String width = number(right);
    String height = number(bottom.plus(GAP.times(2)));
    SvgDocument.begin(xml, width, height, title);
    Length left = GAP;
    int number = 1;
    for (CutSheet sheet : sheets) {
      sheet(sheet, left, number);
      left = left.plus(sheet.stock().width()).plus(GAP);
      number += sheet.times();
    }
    xml.writeEndElement();
    xml.writeEndDocument();
  }

  private void sheet(CutSheet sheet, Length left, int number) throws XMLStreamException {
    xml.writeStartElement(SvgDocument.SPACE, "g");
    String label = sheet.times() + " × " + sheet.stock().label();
    SvgDocument.layer(xml, "sheet-" + number, label);
    xml.writeAttribute("fill", "none");
    xml.writeAttribute("stroke", "black");
    xml.writeAttribute("stroke-width", "0.2");
    SvgDocument.title(xml, label);
    rectangle(left, GAP, sheet.layout(), "sheet");
    for (Layout.Placed placed : sheet.layout().leaves()) {
      if (placed.what() instanceof Layout.Cut cut) {
        rectangle(left.plus(placed.x()), GAP.plus(placed.y()), cut, cut.part().id());
      }
    }
    xml.writeEndElement();
  }

  private void rectangle(Length x, Length y, Layout what, String name) throws XMLStreamException {
    xml.writeStartElement(SvgDocument.SPACE, "rect");
    xml.writeAttribute("x", number(x));
    xml.writeAttribute("y", number(y));
    xml.writeAttribute("width", number(what.width()));
    xml.writeAttribute("height", number(what.height()));
    xml.writeAttribute("class", name.equals("sheet") ? "sheet" : "part");
    SvgDocument.title(xml, name);
    xml.writeEndElement();
  }

  private static String number(Length length) {
    return length.toExactMillimetres().stripTrailingZeros().toPlainString();
  }
}

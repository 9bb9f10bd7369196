package cufflink.files.export;

import cufflink.core.job.Derivation;
import cufflink.core.scene.TextMeasure;
import cufflink.files.figure.Pictures;
import cufflink.files.text.Printable;
import cufflink.files.words.Words;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/**
 * Writes an instruction as one page of HTML that needs nothing besides itself, reads well on a
 * telephone and prints.
 */
final class InstructionHtml {
  private static final Instructor.Room ROOM = new Instructor.Room(420, 250, 14);

  private final XMLStreamWriter xml;
  private final SvgPen pen;

  private InstructionHtml(XMLStreamWriter xml, Pictures pictures) {
    this.xml = xml;
    this.pen = new SvgPen(xml, pictures);
  }

  /** Writes the instruction for a job. */
  static String write(Derivation derivation, Pictures pictures) {
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
      new InstructionHtml(xml, pictures).page(Instructor.of(derivation, TextMeasure.GUESS, ROOM));
    } catch (XMLStreamException reason) {
      throw new IllegalStateException("writing to memory cannot fail", reason);
    }
    return text.toString();
  }

  private void page(Instruction instruction) throws XMLStreamException {
    xml.writeDTD("<!DOCTYPE html>");
    xml.writeStartElement("html");
    xml.writeAttribute("lang", Words.language().name());
    head(instruction.title());
    xml.writeStartElement("body");
    xml.writeStartElement("main");
    element("h1", "", instruction.title());
    element("p", "size", instruction.subtitle());
    if (instruction.picture().isPresent()) {
      xml.writeStartElement("figure");
      pen.paint(instruction.picture().get(), instruction.subtitle());
      xml.writeEndElement();
    }
    list(Words.say("share.needs"), instruction.needs());
    sizes(instruction);
    int number = 1;
    for (Instruction.Part part : instruction.parts()) {
      part(part, number);
      number += part.steps().size();
    }
    list(Words.say("sheet.worth"), instruction.tips());
    xml.writeEndElement();
    xml.writeEndElement();
    xml.writeEndElement();
    xml.writeEndDocument();
  }

  private void head(String title) throws XMLStreamException {
    xml.writeStartElement("head");
    xml.writeEmptyElement("meta");
    xml.writeAttribute("charset", "utf-8");
    xml.writeEmptyElement("meta");
    xml.writeAttribute("name", "viewport");
    xml.writeAttribute("content", "width=device-width, initial-scale=1");
    element("title", "", title);
    element("style", "", style());
    xml.writeEndElement();
  }

  private static String style() {
    try (InputStream style = InstructionHtml.class.getResourceAsStream("instruction.css")) {
      return new String(style.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException reason) {
      throw new IllegalStateException("the application's own files can be read", reason);
    }
  }

  /** A whole number and its fraction stay together at the end of a line. */
  private static String kept(String text) {
    return Printable.line(text).replace('\u2009', '\u202F');
  }

  private void element(String name, String style, String text) throws XMLStreamException {
    xml.writeStartElement(name);
    if (!style.isEmpty()) {
      xml.writeAttribute("class", style);
    }
    xml.writeCharacters(kept(text));
    xml.writeEndElement();
  }

  private void list(String heading, List<String> lines) throws XMLStreamException {
    if (lines.isEmpty()) {
      return;
    }
    xml.writeStartElement("section");
    element("h2", "", heading);
    xml.writeStartElement("ul");
    for (String line : lines) {
      element("li", "", line);
    }
    xml.writeEndElement();
    xml.writeEndElement();
  }

  private void sizes(Instruction instruction) throws XMLStreamException {
    boolean two = !instruction.rulers().other().isEmpty();
    xml.writeStartElement("section");
    element("h2", "", Words.say("share.sizes"));
    if (two) {
      element("p", "", Words.say("share.relaid"));
    }
    xml.writeStartElement("table");
    xml.writeStartElement("thead");
    xml.writeStartElement("tr");
    heading(Words.say("share.what"));
    heading(instruction.rulers().own());
    if (two) {
      heading(instruction.rulers().other());
    }
    xml.writeEndElement();
    xml.writeEndElement();
    xml.writeStartElement("tbody");
    for (Instruction.Size size : instruction.sizes()) {
      xml.writeStartElement("tr");
      xml.writeStartElement("th");
      xml.writeAttribute("scope", "row");
      xml.writeCharacters(kept(size.label()));
      xml.writeEndElement();
      element("td", "", size.own());
      if (two) {
        element("td", "", size.other());
      }
      xml.writeEndElement();
    }
    xml.writeEndElement();
    xml.writeEndElement();
    xml.writeEndElement();
  }

  private void heading(String text) throws XMLStreamException {
    xml.writeStartElement("th");
    xml.writeAttribute("scope", "col");
    xml.writeCharacters(kept(text));
    xml.writeEndElement();
  }

  private void part(Instruction.Part part, int first) throws XMLStreamException {
    xml.writeStartElement("section");
    element("h2", "", part.heading());
    xml.writeStartElement("ol");
    xml.writeAttribute("start", Integer.toString(first));
    for (Instruction.Step step : part.steps()) {
      xml.writeStartElement("li");
      element("p", "", step.text());
      if (step.drawing().isPresent()) {
        pen.paint(step.drawing().get(), step.text());
      }
      xml.writeEndElement();
    }
    xml.writeEndElement();
    xml.writeEndElement();
  }
}

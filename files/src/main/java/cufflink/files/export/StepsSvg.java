package cufflink.files.export;

import cufflink.core.card.FoldModel;
import cufflink.core.drawing.FoldDrawing;
import cufflink.core.drawing.Patch;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.core.space.Viewpoint;
import cufflink.files.text.Printable;
import cufflink.files.words.Words;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/**
 * Writes the steps of folding and opening a card as SVG 1.1, three beside each other: the paper
 * before each step with arrows for what moves, and last the card closed again. They are the same
 * polygons as on the screen and on the job sheet.
 */
public final class StepsSvg {
  private static final Viewpoint FROM_THE_FRONT = new Viewpoint(-18, 48);
  private static final int IN_A_ROW = 3;

  /** The side of the square for one step, in millimetres. */
  private static final double STEP = 60;

  private static final double GAP = 6;
  private static final double CAPTION = 12;
  private static final double LETTERS = 3.2;
  private static final double LINE = 0.12;
  private static final double PIXELS_PER_MILLIMETRE = 4;
  private static final int LONGEST_LINE = 34;
  private static final int WHITE = 255;

  private final XMLStreamWriter xml;

  /** A step with what is written under it. */
  private record Step(String title, Drawing drawing) {}

  private StepsSvg(XMLStreamWriter xml) {
    this.xml = xml;
  }

  /**
   * Writes all steps of a card.
   *
   * @param made the card
   * @param title what the document is called
   * @param format how lengths are written
   * @return the SVG document
   */
  public static String write(Derivation.Made made, String title, LengthFormat format) {
    FoldModel model = made.card().whole();
    List<Patch> patches = Patch.of(made.design());
    double side = STEP * PIXELS_PER_MILLIMETRE;
    Surface surface =
        new Surface(side, side, Marks.MILLIMETRES, format, TextMeasure.GUESS, LETTERS);
    List<Step> steps = new ArrayList<>();
    int stages = model.stages().size();
    for (int stage = 0; stage < stages; stage++) {
      String name = stage + 1 + ". " + model.stages().get(stage).title();
      steps.add(new Step(name, FoldDrawing.step(model, patches, stage, FROM_THE_FRONT, surface)));
    }
    steps.add(
        new Step(
            Words.say("sheet.closed"),
            FoldDrawing.after(model, patches, stages, FROM_THE_FRONT, surface)));
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
      new StepsSvg(xml).document(title, steps);
    } catch (XMLStreamException reason) {
      throw new IllegalStateException("writing XML to memory cannot fail", reason);
    }
    return text.toString();
  }

  private void document(String title, List<Step> steps) throws XMLStreamException {
    int rows = (steps.size() + IN_A_ROW - 1) / IN_A_ROW;
    String width = number(GAP + Math.min(IN_A_ROW, steps.size()) * (STEP + GAP));
    String height = number(GAP + rows * (STEP + CAPTION + GAP));
    SvgDocument.begin(xml, width, height, title);
    for (int i = 0; i < steps.size(); i++) {
      double left = GAP + i % IN_A_ROW * (STEP + GAP);
      double top = GAP + i / IN_A_ROW * (STEP + CAPTION + GAP);
      step(steps.get(i), i + 1, left, top);
    }
    xml.writeEndElement();
    xml.writeEndDocument();
  }

  private void step(Step step, int number, double left, double top) throws XMLStreamException {
    xml.writeStartElement(SvgDocument.SPACE, "g");
    xml.writeAttribute("id", "step-" + number);
    xml.writeAttribute("transform", "translate(" + number(left) + " " + number(top) + ")");
    xml.writeAttribute("stroke-linejoin", "round");
    for (Drawing.Mark mark : step.drawing().marks()) {
      if (mark instanceof Shape shape) {
        int grey = (int) Math.round(WHITE * Tones.of(shape));
        xml.writeEmptyElement(SvgDocument.SPACE, "polygon");
        xml.writeAttribute("points", points(shape.corners()));
        xml.writeAttribute("fill", String.format(Locale.ROOT, "#%02x%02x%02x", grey, grey, grey));
        xml.writeAttribute("stroke", "none");
      } else if (mark instanceof Stroke stroke) {
        xml.writeEmptyElement(SvgDocument.SPACE, "polyline");
        xml.writeAttribute("points", points(stroke.path()));
        xml.writeAttribute("fill", "none");
        xml.writeAttribute("stroke", "black");
        xml.writeAttribute("stroke-width", number(stroke.ink().weight() * LINE));
        dashes(stroke);
      }
    }
    caption(step.title());
    xml.writeEndElement();
  }

  private void dashes(Stroke stroke) throws XMLStreamException {
    double[] dashes = stroke.ink().dashes();
    if (dashes.length > 0) {
      xml.writeAttribute(
          "stroke-dasharray",
          java.util.Arrays.stream(dashes)
              .mapToObj(each -> number(each / PIXELS_PER_MILLIMETRE))
              .collect(Collectors.joining(" ")));
    }
  }

  /** Writes a title on as many lines as it needs. */
  private void caption(String title) throws XMLStreamException {
    double line = STEP + LETTERS + 1;
    StringBuilder row = new StringBuilder();
    for (String word : title.split(" ")) {
      if (row.length() + word.length() > LONGEST_LINE) {
        text(row.toString(), line);
        row.setLength(0);
        line += LETTERS * 1.2;
      }
      row.append(row.isEmpty() ? "" : " ").append(word);
    }
    text(row.toString(), line);
  }

  private void text(String words, double line) throws XMLStreamException {
    xml.writeStartElement(SvgDocument.SPACE, "text");
    xml.writeAttribute("x", "0");
    xml.writeAttribute("y", number(line));
    xml.writeAttribute("font-family", "sans-serif");
    xml.writeAttribute("font-size", number(LETTERS));
    xml.writeAttribute("fill", "black");
    xml.writeAttribute("stroke", "none");
    xml.writeCharacters(Printable.line(words));
    xml.writeEndElement();
  }

  private static String points(List<Spot> places) {
    return places.stream()
        .map(
            place ->
                number(place.x() / PIXELS_PER_MILLIMETRE)
                    + ","
                    + number(place.y() / PIXELS_PER_MILLIMETRE))
        .collect(Collectors.joining(" "));
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, "%.3f", value);
  }
}

package cufflink.files.export;

import cufflink.core.job.Derivation;
import cufflink.core.scene.Drawing;
import cufflink.files.figure.Pictures;
import cufflink.files.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Writes an instruction to be printed. */
final class InstructionPdf {
  private static final double GAP = 8;

  private final PdfPages pages;
  private final PdfFonts fonts;

  private InstructionPdf(PdfPages pages, PdfFonts fonts) {
    this.pages = pages;
    this.fonts = fonts;
  }

  /** Writes the instruction for a job. */
  static byte[] write(Derivation derivation, JobSheet.Printer printer, Pictures pictures)
      throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (PDDocument document = new PDDocument();
        PdfFonts fonts = new PdfFonts(document)) {
      document.getDocumentInformation().setTitle(derivation.job().title());
      PdfImages images = new PdfImages(document, pictures);
      try (PdfPages pages = new PdfPages(document, fonts, images, printer.size())) {
        double wide = pages.width() - 2 * PdfPages.MARGIN;
        Instructor.Room room = new Instructor.Room(wide * 0.7, 170, 10);
        new InstructionPdf(pages, fonts).write(Instructor.of(derivation, fonts, room));
      }
      PageNumbers.write(document, fonts);
      document.save(bytes);
    }
    return bytes.toByteArray();
  }

  private void write(Instruction instruction) throws IOException {
    pages.newPage();
    pages.title(instruction.title());
    pages.line(instruction.subtitle());
    if (instruction.picture().isPresent()) {
      draw(instruction.picture().get());
    }
    pages.heading(Words.say("share.needs"));
    for (String need : instruction.needs()) {
      pages.step("", need);
    }
    sizes(instruction);
    int number = 1;
    for (Instruction.Part part : instruction.parts()) {
      pages.heading(part.heading());
      for (Instruction.Step step : part.steps()) {
        if (step.drawing().isPresent()) {
          pages.need(step.drawing().get().height() + 5 * GAP);
        }
        pages.step(Integer.toString(number), step.text());
        if (step.drawing().isPresent()) {
          draw(step.drawing().get());
        }
        number++;
      }
    }
    if (!instruction.tips().isEmpty()) {
      pages.heading(Words.say("sheet.worth"));
      for (String tip : instruction.tips()) {
        pages.line(tip);
      }
    }
  }

  private void sizes(Instruction instruction) throws IOException {
    boolean two = !instruction.rulers().other().isEmpty();
    pages.heading(Words.say("share.sizes"));
    if (two) {
      pages.line(Words.say("share.relaid"));
    }
    for (Instruction.Size size : instruction.sizes()) {
      boolean both = two && !size.other().isEmpty();
      pages.row(
          size.own(),
          both
              ? Words.say("share.or", size.label(), size.other(), instruction.rulers().other())
              : size.label());
    }
  }

  private void draw(Drawing drawing) throws IOException {
    pages.need(drawing.height());
    pages.pen().paint(drawing, PdfPages.MARGIN + PdfPages.FOOT, pages.y());
    pages.skip(drawing.height() + GAP);
  }
}

package cufflink.files.export;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Zone;
import cufflink.core.drawing.FlatDrawing;
import cufflink.core.drawing.Lying;
import cufflink.core.drawing.Patch;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Trouble;
import cufflink.core.flat.CutAway;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.AtHand;
import cufflink.core.job.Derivation;
import cufflink.core.job.LayerRow;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.plane.Side;
import cufflink.core.run.Directions;
import cufflink.core.run.Gluing;
import cufflink.core.run.Lie;
import cufflink.core.run.Move;
import cufflink.core.run.Moves;
import cufflink.core.run.ScoreJob;
import cufflink.core.run.ScoreRun;
import cufflink.core.run.SecondCut;
import cufflink.core.run.Stroke;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.words.Message;
import cufflink.files.inspect.Answer;
import cufflink.files.words.Amounts;
import cufflink.files.words.Words;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * The sheet a maker lays beside the work: cut list, scoring run, folding stages, findings, and each
 * piece at its true size.
 */
public final class JobSheet {
  private static final double BOARD_HEIGHT = 170;
  private static final double PICTURE_HEIGHT = 190;
  private static final double PICTURE_LETTERS = 9;
  private static final double HEADED = 70;

  private final Derivation derivation;
  private final LengthFormat format;
  private final PdfFonts fonts;
  private final PdfPages pages;

  /** The paper in the printer. */
  public enum Printer {
    /** 210 × 297 mm (ISO 216). */
    A4(PDRectangle.A4),
    /** 8 1/2 × 11 in (ANSI/ASME Y14.1). */
    LETTER(PDRectangle.LETTER);

    private final PDRectangle size;

    Printer(PDRectangle size) {
      this.size = size;
    }

    PDRectangle size() {
      return size;
    }
  }

  private JobSheet(Derivation derivation, PdfFonts fonts, PdfPages pages) {
    this.derivation = derivation;
    this.format = Words.on(derivation.job().marks(), Fractions.TYPESET);
    this.fonts = fonts;
    this.pages = pages;
  }

  /**
   * Writes the sheet.
   *
   * @param derivation what follows from the job; it must have a design
   * @param answers what is answered about the card
   * @param plans how each paper is cut
   * @param printer the paper in the printer
   * @param out where the PDF goes; it is not closed
   * @throws IOException if writing fails
   * @throws IllegalArgumentException if there is no design to print
   */
  public static void write(
      Derivation derivation,
      List<Answer> answers,
      List<PaperPlan> plans,
      Printer printer,
      OutputStream out)
      throws IOException {
    Derivation.Made made =
        derivation
            .made()
            .orElseThrow(() -> new IllegalArgumentException("a job sheet needs a design"));
    try (PDDocument document = new PDDocument();
        PdfFonts fonts = new PdfFonts(document)) {
      document.getDocumentInformation().setTitle(derivation.job().title());
      try (PdfPages pages = new PdfPages(document, fonts, printer.size())) {
        JobSheet sheet = new JobSheet(derivation, fonts, pages);
        sheet.writeSummary(made, answers, plans);
      }
      new PdfTemplate(document, fonts, printer.size(), derivation.job()).write(made.design());
      PageNumbers.write(document, fonts);
      document.save(out);
    }
  }

  private void writeSummary(Derivation.Made made, List<Answer> answers, List<PaperPlan> plans)
      throws IOException {
    pages.newPage();
    pages.title(derivation.job().title());
    pages.line(
        Words.say(
            "sheet.subtitle",
            derivation.pattern().name(),
            format.size(made.design().finishedWidth(), made.design().finishedHeight()),
            Words.say(derivation.job().marks().inInches() ? "unit.inches" : "unit.millimetres")));
    if (derivation.thickness().isPresent()) {
      pages.line(Amounts.of(derivation.thickness().get(), format));
    }
    writeFindings();
    for (Answer answer : answers) {
      pages.heading(answer.about().label().say(format));
      for (Message line : answer.lines()) {
        pages.line(line.say(format));
      }
    }
    writePiece(made.design().base());
    writeCuts(made.design());
    writeAtHand(made.design());
    var job = derivation.job();
    new CutPages(pages, fonts, job.rulers(), job.habit().hand(), format).write(plans);
    TreatPages.write(pages, derivation, made.design());
    writeScoring(made);
    writeSecondCuts(made);
    new FoldPages(pages, fonts, surface(FoldPages.STEP, FoldPages.STEP)).write(made);
    writeGluing(made.design());
    if (!derivation.job().notes().isBlank()) {
      pages.heading(Words.say("sheet.notes"));
      pages.line(derivation.job().notes());
    }
  }

  private void writeFindings() throws IOException {
    if (!derivation.findings().isEmpty()) {
      pages.heading(Words.say("sheet.findings"));
      for (Trouble trouble : Trouble.of(derivation.findings(), derivation.settled())) {
        Finding finding = trouble.first();
        pages.row(
            Words.say(finding.isError() ? "severity.error" : "severity.warning"),
            finding.sentence().say(format));
        for (Finding other : trouble.others()) {
          pages.row("", other.sentence().say(format));
        }
        if (trouble.mend().isPresent()) {
          pages.row("", trouble.mend().get().say(format));
        }
      }
    }
  }

  private void writePiece(Piece piece) throws IOException {
    double room = pages.width() - 2 * PdfPages.MARGIN;
    Surface surface = surface(room, 250);
    Drawing drawing =
        FlatDrawing.of(
            FlatDrawing.asDescribed(piece),
            surface,
            new FlatDrawing.Options(List.of(), Optional.empty(), score -> true, true, false));
    pages.need(surface.height());
    pages.pen().paint(drawing, PdfPages.MARGIN, pages.y());
    pages.skip(surface.height());
  }

  private Surface surface(double width, double height) {
    return new Surface(width, height, derivation.job().marks(), format, fonts, 12);
  }

  private void writeCuts(Design design) throws IOException {
    pages.heading(Words.say("sheet.cut"));
    for (Piece piece : design.pieces()) {
      int count = piece.total(copies());
      pages.row(
          on(piece.paper()).size(piece.width(), piece.height()),
          design
              .source(piece)
              .filter(host -> CutAway.serves(design, piece))
              .map(host -> Words.say("sheet.piece-away", count, piece.label(), host.label()))
              .orElseGet(
                  () -> Words.say("sheet.piece", count, piece.label(), paper(piece.role()))));
    }
    for (LayerRow row : LayerRow.of(design)) {
      pages.row(
          onLayers().size(row.width(), row.height()),
          Words.say("sheet.piece", row.count(copies()), named(row), paper(row.role())));
    }
  }

  private String named(LayerRow row) {
    String labels = Message.list("list.comma", row.labels()).say(format);
    return row.halved() ? Words.say("sheet.halved", labels) : labels;
  }

  private LengthFormat on(PaperKind kind) {
    return kind == PaperKind.PATTERNED ? onLayers() : format;
  }

  private LengthFormat onLayers() {
    return format.onLayers(derivation.job().rulers());
  }

  private void writeAtHand(Design design) throws IOException {
    pages.heading(Words.say("sheet.at-hand"));
    List<Move> moves = Moves.of(design, derivation.job().habit(), copies());
    for (Message each :
        AtHand.of(design, moves, derivation.job().order(), derivation.job().marks()).told()) {
      pages.step("", each.say(format));
    }
  }

  static String paper(PaperRole role) {
    if (!role.isUsual()) {
      return role.label();
    }
    return Words.say(
        switch (role.kind()) {
          case CARDSTOCK -> "paper.cardstock";
          case PATTERNED -> "paper.patterned";
          case RIBBON -> "paper.ribbon";
        });
  }

  /** Draws a piece as it lies on the scoring board, with the stops of this setting. */
  private void writeBoard(ScoreJob.Item item) throws IOException {
    ScoreRun.Setup setup = item.setup();
    Lying lie = new Lying(item.run().piece(), setup.lie());
    Surface surface = surface(pages.width() - 2 * PdfPages.MARGIN, BOARD_HEIGHT);
    Drawing drawing =
        FlatDrawing.of(
            lie,
            surface,
            new FlatDrawing.Options(
                List.of(),
                Optional.empty(),
                setup::scores,
                false,
                false,
                Optional.of(derivation.job().habit())));
    pages.need(BOARD_HEIGHT);
    pages.pen().paint(drawing, PdfPages.MARGIN, pages.y());
    pages.skip(BOARD_HEIGHT + 6);
  }

  /** Draws a piece as it lies, with what is glued onto the face that is up. */
  private void writePicture(Lying lie, List<Patch> patches) throws IOException {
    double wide = pages.width() - 2 * PdfPages.MARGIN;
    Surface surface =
        new Surface(wide, PICTURE_HEIGHT, derivation.job().marks(), format, fonts, PICTURE_LETTERS);
    Drawing drawing =
        FlatDrawing.of(
            lie,
            surface,
            new FlatDrawing.Options(patches, Optional.empty(), score -> false, false, true));
    pages.need(PICTURE_HEIGHT);
    pages.pen().paint(drawing, PdfPages.MARGIN, pages.y());
    pages.skip(PICTURE_HEIGHT + 6);
  }

  /** Draws each face of each piece that something is glued to. */
  private void writeFaces(Design design) throws IOException {
    List<Patch> patches = Patch.of(design);
    for (Piece piece : design.pieces()) {
      for (Face face : Face.values()) {
        boolean carries =
            patches.stream()
                .anyMatch(patch -> patch.face() == face && patch.ref().piece().equals(piece.id()));
        if (carries) {
          pages.need(PICTURE_HEIGHT + HEADED);
          String key = face == Face.INSIDE ? "sheet.face-inside" : "sheet.face-outside";
          pages.line(Words.say(key, piece.label()));
          writePicture(new Lying(piece, new Lie(face, Side.TOP)), patches);
        }
      }
    }
  }

  private int copies() {
    return derivation.job().order().copies();
  }

  private void writeScoring(Derivation.Made made) throws IOException {
    Directions directions = new Directions(derivation.job().habit());
    ScoreJob job = ScoreJob.of(made.scoring(), copies());
    for (ScoreJob.Batch batch : job.batches()) {
      for (ScoreJob.Item item : batch.items()) {
        pages.need(BOARD_HEIGHT + HEADED);
        pages.heading(Words.say("sheet.score", item.run().piece().label()));
        pages.line(directions.lay(item).say(format));
        writeBoard(item);
        Piece piece = item.run().piece();
        for (ScoreRun.Stop stop : item.setup().stops()) {
          int passes = ScoreJob.passes(made.design(), piece, stop.stroke());
          pages.step(
              format.format(stop.at()),
              directions.often(directions.stop(stop), passes).say(format));
        }
        for (Stroke stroke : item.setup().ruled()) {
          int passes = ScoreJob.passes(made.design(), piece, stroke);
          Message ruled = directions.ruled(piece, item.setup().lie(), stroke);
          pages.step(Words.say("sheet.rule"), directions.often(ruled, passes).say(format));
        }
      }
    }
  }

  private void writeSecondCuts(Derivation.Made made) throws IOException {
    List<SecondCut> cuts = SecondCut.of(made.design());
    if (cuts.isEmpty()) {
      return;
    }
    Directions directions = new Directions(derivation.job().habit());
    pages.heading(Words.say("sheet.second"));
    for (Piece piece : made.design().pieces()) {
      List<SecondCut> here = cuts.stream().filter(cut -> cut.piece().equals(piece)).toList();
      if (!here.isEmpty()) {
        ScoreRun run = ScoreRun.of(piece, derivation.job().habit());
        pages.need(PICTURE_HEIGHT + HEADED);
        pages.line(directions.layForCutting(run).say(format));
        writePicture(FlatDrawing.asDescribed(piece), List.of());
      }
      for (SecondCut cut : here) {
        pages.step(piece.label(), cut.told().say(format));
      }
    }
  }

  private void writeGluing(Design design) throws IOException {
    if (!design.layers().isEmpty() || !design.joints().isEmpty()) {
      pages.heading(Words.say("sheet.where"));
      writeFaces(design);
    }
    if (!design.layers().isEmpty()) {
      pages.heading(Words.say("sheet.layers"));
      boolean raised = derivation.job().order().raised();
      for (Layer layer : design.layers()) {
        pages.row(
            format.size(layer.width(), layer.height()),
            Gluing.of(layer, design, raised).say(format));
      }
    }
    GluingOrder order = GluingOrder.of(design, derivation.job().order().wish());
    if (!order.steps().isEmpty()) {
      new GluePages(pages, fonts, surface(GluePages.WIDE, GluePages.HIGH)).write(order, design);
    }
    if (!design.joints().isEmpty()) {
      pages.heading(Words.say("sheet.glue"));
      for (GluingOrder.Step step : order.steps()) {
        if (step.act().joint().isPresent()) {
          Joint joint = step.act().joint().get();
          pages.row(size(joint, format), step.told(design).say(format));
        }
      }
      for (Zone zone : design.zones()) {
        pages.line(Words.say("sheet.zone", zone.label()));
      }
    }
    if (!design.notes().isEmpty()) {
      pages.heading(Words.say("sheet.worth"));
      for (Message note : design.notes()) {
        pages.line(note.say(format));
      }
    }
  }

  /** A ribbon is as long as it is cut, whatever part of the card it is led over. */
  private String size(Joint joint, LengthFormat format) {
    Optional<Piece> ribbon =
        derivation
            .made()
            .flatMap(made -> made.design().piece(joint.piece()))
            .filter(piece -> joint.movement().led().isPresent());
    return ribbon
        .map(piece -> format.size(piece.width(), piece.height()))
        .orElseGet(() -> format.size(joint.area().width(), joint.area().height()));
  }
}

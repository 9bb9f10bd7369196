package cufflink.files.export;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.flat.Arrangement;
import cufflink.core.flat.Spot;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.run.Stroke;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Tiling;
import cufflink.core.scene.Tiling.Tile;
import cufflink.files.words.Words;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Draws pieces at their true size, spread over pages, each with a bar to check the printer by. */
final class PdfTemplate {
  private static final double FOOT = 16 * PdfPen.POINTS;

  /** What neighbouring parts both show, millimetres, so that they can be laid on each other. */
  private static final double OVERLAP = 10;

  private static final double CROSS = 3;
  private static final double CROSSES_APART = 60;
  private static final double LETTERS = 8;

  private static final int LEVELS = 3;

  private final PDDocument document;
  private final PdfFonts fonts;
  private final PDRectangle paper;
  private final Job job;
  private final LengthFormat format;

  PdfTemplate(PDDocument document, PdfFonts fonts, PDRectangle paper, Job job) {
    this.document = document;
    this.fonts = fonts;
    this.paper = paper;
    this.job = job;
    this.format = Words.on(job.marks(), Fractions.TYPESET);
  }

  void write(Design design) throws IOException {
    for (Piece piece : design.pieces()) {
      if (piece == design.base() || hasLines(piece)) {
        write(piece);
      }
    }
  }

  /** A plain rectangle is cut by its numbers and needs no template. */
  private static boolean hasLines(Piece piece) {
    return piece.isTrimmed()
        || !piece.scores().isEmpty()
        || !piece.slits().isEmpty()
        || !piece.cuts().isEmpty()
        || !piece.openings().isEmpty();
  }

  private void write(Piece piece) throws IOException {
    Tiling upright = tiling(piece, paper);
    PDRectangle turned = new PDRectangle(paper.getHeight(), paper.getWidth());
    Tiling sideways = tiling(piece, turned);
    boolean turn = sideways.count() < upright.count();
    Tiling tiling = turn ? sideways : upright;
    for (Tile tile : tiling.tiles()) {
      try (PdfPages page = new PdfPages(document, fonts, turn ? turned : paper)) {
        page.newPage();
        write(piece, tiling, tile, page);
      }
    }
  }

  private static Tiling tiling(Piece piece, PDRectangle page) {
    return Tiling.of(
        piece.width().toMillimetres(),
        piece.height().toMillimetres(),
        (page.getWidth() - 2 * PdfPages.MARGIN) / PdfPen.POINTS,
        (page.getHeight() - 2 * PdfPages.MARGIN - FOOT) / PdfPen.POINTS,
        OVERLAP);
  }

  private void write(Piece piece, Tiling tiling, Tile tile, PdfPages page) throws IOException {
    double wide = tiling.tileWidth() * PdfPen.POINTS;
    double high = tiling.tileHeight() * PdfPen.POINTS;
    double left = PdfPages.MARGIN - tile.left() * PdfPen.POINTS;
    double top = PdfPages.MARGIN - tile.top() * PdfPen.POINTS;
    PdfPen pen = page.pen();
    // Half a line's thickness beyond the tile, so that an edge along its border is printed whole.
    pen.clip(PdfPages.MARGIN - 1, PdfPages.MARGIN - 1, wide + 2, high + 2);
    List<Spot> outline = piece.outline().stream().map(PdfTemplate::points).toList();
    pen.stroke(Arrangement.ring(outline), Ink.CUT, left, top);
    for (Score score : piece.scores()) {
      pen.stroke(points(score.line()), Ink.of(score.fold()), left, top);
    }
    for (var slit : piece.slits()) {
      pen.stroke(points(slit.line()), Ink.SLIT, left, top);
    }
    for (var cut : piece.cuts()) {
      pen.stroke(points(cut.line()), Ink.CUT, left, top);
    }
    for (var opening : piece.openings()) {
      List<Spot> corners = opening.outline().stream().map(PdfTemplate::points).toList();
      pen.stroke(Arrangement.ring(corners), Ink.CUT, left, top);
    }
    // Scores near each other have their words one below the other.
    int level = 0;
    for (Stroke stroke : Stroke.of(piece)) {
      Spot origin = new Spot(left, top + (stroke.line().isVertical() ? 2 * LETTERS * level : 0));
      writeNumber(stroke, tiling, tile, pen, origin);
      level = (level + 1) % LEVELS;
    }
    drawCrosses(piece, tiling, pen, new Spot(left, top));
    pen.unclip();
    writeFoot(piece, tiling, tile, page);
  }

  /** Writes beside a score how far it is from the edge, and which face is up to press it. */
  private void writeNumber(Stroke stroke, Tiling tiling, Tile tile, PdfPen pen, Spot origin)
      throws IOException {
    if (stroke.isSlanted()) {
      return;
    }
    Segment line = stroke.line();
    boolean upright = line.isVertical();
    Length at = upright ? line.from().x() : line.from().y();
    String face =
        stroke.faceUp(job.habit()) == Face.INSIDE ? "template.inside" : "template.outside";
    String text = Words.say(face, format.format(at));
    Spot first = points(line.from());
    Spot last = points(line.to());
    double from = tile.left() * PdfPen.POINTS;
    double to = from + tiling.tileWidth() * PdfPen.POINTS;
    double top = tile.top() * PdfPen.POINTS;
    double foot = top + tiling.tileHeight() * PdfPen.POINTS;
    double x = Math.max(Math.min(first.x(), last.x()), from);
    double y = Math.max(Math.min(first.y(), last.y()), top);
    boolean shown = upright ? first.x() >= from && first.x() <= to : first.y() >= top;
    if (!shown || y + 2 * LETTERS > foot) {
      return;
    }
    double wide = fonts.width(text, LETTERS) + LETTERS;
    double right = x + wide > to ? x - wide : x + LETTERS / 2;
    double down = y + (upright ? 2 * LETTERS : -LETTERS / 2);
    pen.text(fonts.plain(), LETTERS, origin.x() + right, origin.y() + down, text, false);
  }

  /** What two pages both show has crosses along its middle, to lay them on each other. */
  private static void drawCrosses(Piece piece, Tiling tiling, PdfPen pen, Spot origin)
      throws IOException {
    for (double x : tiling.seamsAcross()) {
      for (double y = CROSSES_APART / 2; y < piece.height().toMillimetres(); y += CROSSES_APART) {
        cross(pen, x, y, origin);
      }
    }
    for (double y : tiling.seamsDown()) {
      for (double x = CROSSES_APART / 2; x < piece.width().toMillimetres(); x += CROSSES_APART) {
        cross(pen, x, y, origin);
      }
    }
  }

  private static void cross(PdfPen pen, double x, double y, Spot origin) throws IOException {
    double at = x * PdfPen.POINTS;
    double down = y * PdfPen.POINTS;
    double arm = CROSS * PdfPen.POINTS;
    List<Spot> level = List.of(new Spot(at - arm, down), new Spot(at + arm, down));
    List<Spot> upright = List.of(new Spot(at, down - arm), new Spot(at, down + arm));
    pen.stroke(level, Ink.DIMENSION, origin.x(), origin.y());
    pen.stroke(upright, Ink.DIMENSION, origin.x(), origin.y());
  }

  private static Spot points(Point point) {
    return new Spot(
        point.x().toMillimetres() * PdfPen.POINTS, point.y().toMillimetres() * PdfPen.POINTS);
  }

  private static List<Spot> points(Segment line) {
    return List.of(points(line.from()), points(line.to()));
  }

  /** Writes which part this is, and a bar of a known length to hold the ruler against. */
  private void writeFoot(Piece piece, Tiling tiling, Tile tile, PdfPages page) throws IOException {
    double length = (job.marks().inInches() ? 4 * 25.4 : 100) * PdfPen.POINTS;
    double y = page.height() - PdfPages.MARGIN;
    double left = PdfPages.MARGIN;
    PdfPen pen = page.pen();
    pen.stroke(List.of(new Spot(left, y), new Spot(left + length, y)), Ink.CUT, 0, 0);
    for (double x : List.of(left, left + length)) {
      pen.stroke(List.of(new Spot(x, y - 6), new Spot(x, y)), Ink.CUT, 0, 0);
    }
    String bar = Words.say(job.marks().inInches() ? "template.bar-inches" : "template.bar-metric");
    pen.text(fonts.plain(), 10, left + 6, y - 5, bar, false);
    String part =
        Words.say(
            "template.part",
            piece.label(),
            tile.row() + 1,
            tiling.down(),
            tile.column() + 1,
            tiling.across());
    pen.text(fonts.plain(), 10, left, y - 18, part, false);
  }
}

package cufflink.files.export;

import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.flat.Arrangement;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Marks;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
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

  private final PDDocument document;
  private final PdfFonts fonts;
  private final PDRectangle paper;
  private final Marks marks;

  private PdfTemplate(PDDocument document, PdfFonts fonts, PDRectangle paper, Marks marks) {
    this.document = document;
    this.fonts = fonts;
    this.paper = paper;
    this.marks = marks;
  }

  static void write(
      PDDocument document, PdfFonts fonts, PDRectangle paper, Design design, Marks marks)
      throws IOException {
    PdfTemplate template = new PdfTemplate(document, fonts, paper, marks);
    for (Piece piece : design.pieces()) {
      if (piece == design.base() || hasLines(piece)) {
        template.write(piece);
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
        (page.getHeight() - 2 * PdfPages.MARGIN - FOOT) / PdfPen.POINTS);
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
    pen.unclip();
    writeFoot(piece, tiling, tile, page);
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
    double length = (marks.inInches() ? 4 * 25.4 : 100) * PdfPen.POINTS;
    double y = page.height() - PdfPages.MARGIN;
    double left = PdfPages.MARGIN;
    PdfPen pen = page.pen();
    pen.stroke(List.of(new Spot(left, y), new Spot(left + length, y)), Ink.CUT, 0, 0);
    for (double x : List.of(left, left + length)) {
      pen.stroke(List.of(new Spot(x, y - 6), new Spot(x, y)), Ink.CUT, 0, 0);
    }
    String bar = Words.say(marks.inInches() ? "template.bar-inches" : "template.bar-metric");
    pen.text(fonts.plain(), 10, left + 6, y - 5, bar, false);
    String part =
        Words.say(
            "template.part",
            piece.label(),
            tile.row() + 1,
            tiling.down(),
            tile.column() + 1,
            tiling.across());
    pen.text(fonts.plain(), 10, left + length + 14, y - 5, part, false);
  }
}

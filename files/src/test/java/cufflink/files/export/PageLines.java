package cufflink.files.export;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;

/** Reads the stroked lines back from a PDF page, in millimetres from its top left corner. */
final class PageLines extends PDFGraphicsStreamEngine {
  private static final double POINTS = 72 / 25.4;

  private final List<Line> lines = new ArrayList<>();
  private final List<Line> path = new ArrayList<>();
  private Point2D.Float at = new Point2D.Float();

  /** A straight stroke. */
  record Line(double fromX, double fromY, double toX, double toY) {
    double length() {
      return Math.hypot(toX - fromX, toY - fromY);
    }
  }

  private PageLines(PDPage page) {
    super(page);
  }

  static List<Line> of(PDPage page) throws IOException {
    PageLines reader = new PageLines(page);
    reader.processPage(page);
    return reader.lines;
  }

  @Override
  public void moveTo(float x, float y) {
    at = new Point2D.Float(x, y);
  }

  @Override
  public void lineTo(float x, float y) {
    double height = getPage().getMediaBox().getHeight();
    path.add(new Line(at.x / POINTS, (height - at.y) / POINTS, x / POINTS, (height - y) / POINTS));
    at = new Point2D.Float(x, y);
  }

  @Override
  public void strokePath() {
    lines.addAll(path);
    path.clear();
  }

  @Override
  public void fillPath(int rule) {
    path.clear();
  }

  @Override
  public void endPath() {
    path.clear();
  }

  @Override
  public Point2D getCurrentPoint() {
    return at;
  }

  @Override
  public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
    // Rectangles are only used to clip.
  }

  @Override
  public void clip(int rule) {
    path.clear();
  }

  @Override
  public void closePath() {
    // Outlines are drawn closed.
  }

  @Override
  public void curveTo(float a, float b, float c, float d, float e, float f) {
    at = new Point2D.Float(e, f);
  }

  @Override
  public void fillAndStrokePath(int rule) {
    strokePath();
  }

  @Override
  public void drawImage(PDImage image) {
    throw new AssertionError("a job sheet has no images");
  }

  @Override
  public void shadingFill(COSName name) {
    throw new AssertionError("a job sheet has no shadings");
  }
}

package cufflink.core.scene;

import cufflink.core.flat.Spot;
import cufflink.core.scene.Drawing.Anchor;
import cufflink.core.scene.Drawing.Caption;
import cufflink.core.scene.Drawing.Mark;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Drawing.Tone;
import java.util.ArrayList;
import java.util.List;

/** Collects the marks of a drawing and converts millimetres of paper to surface units. */
public final class Pen {
  private final List<Mark> marks;
  private final double scale;
  private final double left;
  private final double top;

  /**
   * Prepares to draw.
   *
   * @param scale pixels for a millimetre, above zero
   * @param left where the paper begins, in pixels from the left
   * @param top where it begins, in pixels from the top
   */
  public Pen(double scale, double left, double top) {
    this(new ArrayList<>(), scale, left, top);
  }

  private Pen(List<Mark> marks, double scale, double left, double top) {
    this.marks = marks;
    this.scale = scale;
    this.left = left;
    this.top = top;
  }

  /** Returns a pen that adds to the same drawing, with its paper at another place and scale. */
  public Pen elsewhere(double otherScale, double otherLeft, double otherTop) {
    return new Pen(marks, otherScale, otherLeft, otherTop);
  }

  /**
   * Returns how large paper is drawn.
   *
   * @return pixels for a millimetre
   */
  public double scale() {
    return scale;
  }

  /**
   * Finds a place of the paper on the surface.
   *
   * @param paper millimetres from the paper's upper left corner
   * @return pixels
   */
  public Spot place(Spot paper) {
    return new Spot(x(paper.x()), y(paper.y()));
  }

  /** Takes a place on the surface back to the paper. */
  public Spot back(Spot surface) {
    return new Spot((surface.x() - left) / scale, (surface.y() - top) / scale);
  }

  /**
   * Finds how far to the right a place is.
   *
   * @param millimetres from the paper's left edge
   * @return pixels
   */
  public double x(double millimetres) {
    return left + millimetres * scale;
  }

  /**
   * Finds how far down a place is.
   *
   * @param millimetres from the paper's top edge
   * @return pixels
   */
  public double y(double millimetres) {
    return top + millimetres * scale;
  }

  /**
   * Fills a shape.
   *
   * @param surface its corners in pixels
   * @param fill with what
   * @param light how light it is, from 0 to 1
   * @param ref what it stands for
   */
  public void shape(List<Spot> surface, Fill fill, double light, Ref ref) {
    marks.add(new Shape(surface, fill, light, ref));
  }

  /**
   * Lays printed paper down.
   *
   * @param paper the paper, in pixels
   */
  public void printed(Drawing.Printed paper) {
    marks.add(paper);
  }

  /**
   * Draws a line.
   *
   * @param ink with which ink
   * @param ref what it stands for
   * @param surface its places in pixels, two or more
   */
  public void stroke(Ink ink, Ref ref, Spot... surface) {
    marks.add(new Stroke(List.of(surface), ink, ref));
  }

  /**
   * Draws a line that ends where it begins.
   *
   * @param surface its corners in pixels
   * @param ink with which ink
   * @param ref what it stands for
   */
  public void outline(List<Spot> surface, Ink ink, Ref ref) {
    List<Spot> closed = new ArrayList<>(surface);
    closed.add(surface.get(0));
    marks.add(new Stroke(closed, ink, ref));
  }

  /** Writes a text at a place in pixels and returns it. */
  public Caption caption(Spot at, String text, double size, Anchor anchor, Tone tone, Ref ref) {
    Caption caption = new Caption(at, text, size, anchor, tone, ref);
    marks.add(caption);
    return caption;
  }

  /**
   * Returns what was drawn.
   *
   * @param surface what it was drawn for
   * @return the drawing
   */
  public Drawing drawing(Surface surface) {
    return new Drawing(surface.width(), surface.height(), scale, marks);
  }
}

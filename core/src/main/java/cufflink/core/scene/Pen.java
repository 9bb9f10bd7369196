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

  public double scale() {
    return scale;
  }

  public Spot place(Spot paper) {
    return new Spot(x(paper.x()), y(paper.y()));
  }

  /** Takes a place on the surface back to the paper. */
  public Spot back(Spot surface) {
    return new Spot((surface.x() - left) / scale, (surface.y() - top) / scale);
  }

  public double x(double millimetres) {
    return left + millimetres * scale;
  }

  public double y(double millimetres) {
    return top + millimetres * scale;
  }

  public void shape(List<Spot> surface, Fill fill, double light, Ref ref) {
    marks.add(new Shape(surface, fill, light, ref));
  }

  public void stroke(Ink ink, Ref ref, Spot... surface) {
    marks.add(new Stroke(List.of(surface), ink, ref));
  }

  public void outline(List<Spot> surface, Ink ink, Ref ref) {
    List<Spot> closed = new ArrayList<>(surface);
    closed.add(surface.get(0));
    marks.add(new Stroke(closed, ink, ref));
  }

  public Caption caption(
      double x, double y, String text, double size, Anchor anchor, Tone tone, Ref ref) {
    Caption caption = new Caption(new Spot(x, y), text, size, anchor, tone, ref);
    marks.add(caption);
    return caption;
  }

  public Drawing drawing(Surface surface) {
    return new Drawing(surface.width(), surface.height(), scale, marks);
  }
}

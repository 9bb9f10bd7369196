package cufflink.core.scene;

import cufflink.core.flat.Spot;
import java.util.List;

/**
 * A drawing in the units of the surface it is painted on, pixels or points, y down.
 *
 * @param width the width of the surface
 * @param height the height of the surface
 * @param scale surface units in one millimetre of paper
 * @param marks what to paint, in order
 */
public record Drawing(double width, double height, double scale, List<Mark> marks) {
  /** Copies the list. */
  public Drawing {
    marks = List.copyOf(marks);
  }

  /**
   * Puts a picture at the right of this drawing, half way down; it is only looked at, and nothing
   * in it is taken hold of.
   *
   * @param picture the picture
   * @return both on one surface, as high as this drawing
   */
  public Drawing beside(Drawing picture) {
    return Beside.of(this, picture);
  }

  /**
   * Puts a picture below this drawing, in the middle; it is only looked at.
   *
   * @param picture the picture
   * @return both on one surface, as wide as this drawing
   */
  public Drawing above(Drawing picture) {
    return Beside.below(this, picture);
  }

  /** Something to paint. */
  public sealed interface Mark {
    /**
     * Returns what the mark stands for.
     *
     * @return the reference, or {@link Ref#NONE}
     */
    Ref ref();
  }

  /**
   * A filled shape.
   *
   * @param corners its corners in order
   * @param fill what it is
   * @param light how bright it is, from 0 to 1
   * @param ref what it stands for
   */
  public record Shape(List<Spot> corners, Fill fill, double light, Ref ref) implements Mark {
    /** Copies the corners. */
    public Shape {
      corners = List.copyOf(corners);
    }
  }

  /**
   * A line of one or more straight parts.
   *
   * @param path its places in order
   * @param ink what it means
   * @param ref what it stands for
   */
  public record Stroke(List<Spot> path, Ink ink, Ref ref) implements Mark {
    /** Copies the path. */
    public Stroke {
      path = List.copyOf(path);
    }
  }

  /**
   * Paper with a print, as a receiver sees it.
   *
   * @param rings its edge, and the edges of holes in it, corner by corner
   * @param ground its colour, red, green and blue, eight bits each
   * @param figures what is printed, trimmed to the paper
   * @param ink the colour of these
   * @param light how bright it is, from 0 to 1
   * @param imprints pictures that show on it, clipped to it; what cannot be found shows the ground
   * @param ref what it stands for
   */
  public record Printed(
      List<List<Spot>> rings,
      int ground,
      List<List<Spot>> figures,
      int ink,
      double light,
      List<Imprint> imprints,
      Ref ref)
      implements Mark {
    /** Copies the lists. */
    public Printed {
      rings = rings.stream().map(List::copyOf).toList();
      figures = figures.stream().map(List::copyOf).toList();
      imprints = List.copyOf(imprints);
    }

    /** Makes paper that is in no picture. */
    public Printed(
        List<List<Spot>> rings,
        int ground,
        List<List<Spot>> figures,
        int ink,
        double light,
        Ref ref) {
      this(rings, ground, figures, ink, light, List.of(), ref);
    }
  }

  /**
   * A picture on paper, seen straight or askew.
   *
   * @param name the name under which it is kept
   * @param corners where its upper left, upper right and lower left corners come to lie
   * @param white how much white is laid over it, from 0 to 1
   */
  public record Imprint(String name, List<Spot> corners, double white) {
    /** Copies the list. */
    public Imprint {
      corners = List.copyOf(corners);
      if (corners.size() != 3 || !(white >= 0 && white <= 1)) {
        throw new IllegalArgumentException(corners + " of a picture, " + white + " white");
      }
    }
  }

  /** Which place of a caption its position is. */
  public enum Anchor {
    /** The middle of its left edge. */
    START,
    /** Its centre. */
    MIDDLE,
    /** The middle of its right edge. */
    END
  }

  /** How much a caption matters. */
  public enum Tone {
    /** A number to work by, beside the paper. */
    NUMBER,
    /** A remark beside the paper. */
    QUIET,
    /** A number on the paper itself. */
    PRINTED,
    /** A remark on the paper or the ruler. */
    FAINT;

    /**
     * Says whether the caption is a remark.
     *
     * @return false for numbers to work by
     */
    public boolean isRemark() {
      return this == QUIET || this == FAINT;
    }
  }

  /**
   * A short text.
   *
   * @param at where its anchor is
   * @param text what it says
   * @param size its letter height in surface units
   * @param anchor which place of it that is
   * @param tone how much it matters
   * @param ref what it stands for
   */
  public record Caption(Spot at, String text, double size, Anchor anchor, Tone tone, Ref ref)
      implements Mark {

    /**
     * Returns the rectangle the caption covers.
     *
     * @param measure how wide texts are
     * @return left, top, right and bottom as two corners
     */
    public Box box(TextMeasure measure) {
      double wide = measure.width(text, size);
      double left =
          switch (anchor) {
            case START -> at.x();
            case MIDDLE -> at.x() - wide / 2;
            case END -> at.x() - wide;
          };
      return new Box(left, at.y() - size / 2, left + wide, at.y() + size / 2);
    }
  }

  /**
   * A rectangle on the surface.
   *
   * @param left its left edge
   * @param top its top edge
   * @param right its right edge
   * @param bottom its bottom edge
   */
  public record Box(double left, double top, double right, double bottom) {

    /**
     * Says whether two rectangles share more than an edge.
     *
     * @param other the other rectangle
     * @return true if they overlap
     */
    public boolean overlaps(Box other) {
      return left < other.right && other.left < right && top < other.bottom && other.top < bottom;
    }
  }
}

package cufflink.core.design;

import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.plane.Point;
import java.util.List;

/**
 * A rectangle of paper glued flat onto one panel of a piece.
 *
 * @param id unique within the design
 * @param label the maker's name for it
 * @param role what its paper is for
 * @param on the piece it is glued to
 * @param face the face it is glued to
 * @param at its top left corner on the piece, seen with the piece inside up
 * @param width the side along the top
 * @param height the other side
 * @param border how much smaller it is than its panel, in each dimension in total
 * @param shape what becomes of the rectangle
 */
public record Layer(
    String id,
    String label,
    PaperRole role,
    String on,
    Face face,
    Point at,
    Length width,
    Length height,
    Length border,
    Shape shape) {

  /** What becomes of the rectangle that is cut. */
  public enum Shape {
    /** It stays whole. */
    WHOLE,
    /** It is cut corner to corner, and the half with the top left corner is used. */
    TOP_LEFT,
    /** It is cut corner to corner, and the half with the top right corner is used. */
    TOP_RIGHT,
    /** It is cut corner to corner, and the half with the bottom right corner is used. */
    BOTTOM_RIGHT,
    /** It is cut corner to corner, and the half with the bottom left corner is used. */
    BOTTOM_LEFT,
    /** It is a square that stands on its point. */
    ON_POINT,
    /** It is a square that stands on its point, cut from the top to the foot; its left half. */
    POINT_LEFT,
    /** It is a square that stands on its point, cut from the top to the foot; its right half. */
    POINT_RIGHT;

    /**
     * Says whether only half of the rectangle is used.
     *
     * @return true for the halves
     */
    public boolean isHalf() {
      return this != WHOLE && this != ON_POINT;
    }

    /**
     * Says whether it stands on a point of the square that it is cut from.
     *
     * @return true for the square on its point and for its halves
     */
    public boolean isTurned() {
      return this == ON_POINT || this == POINT_LEFT || this == POINT_RIGHT;
    }

    /**
     * Returns what it is while its paper lies straight, before it is turned by an eighth.
     *
     * @return the same for all that does not stand on a point
     */
    public Shape straight() {
      return switch (this) {
        case ON_POINT -> WHOLE;
        case POINT_LEFT -> TOP_LEFT;
        case POINT_RIGHT -> BOTTOM_RIGHT;
        default -> this;
      };
    }
  }

  /**
   * Makes a layer that is a whole rectangle.
   *
   * @param id unique within the design
   * @param label the maker's name for it
   * @param paper what it is cut from
   * @param on the piece it is glued to
   * @param face the face it is glued to
   * @param at its top left corner on the piece
   * @param width the side along the top
   * @param height the other side
   * @param border how much smaller it is than its panel
   */
  public Layer(
      String id,
      String label,
      PaperKind paper,
      String on,
      Face face,
      Point at,
      Length width,
      Length height,
      Length border) {
    this(id, label, PaperRole.of(paper), on, face, at, width, height, border, Shape.WHOLE);
  }

  /**
   * Returns the same layer on a face.
   *
   * @param now the face
   * @return the layer in the same place of it
   */
  public Layer facing(Face now) {
    return new Layer(id, label, role, on, now, at, width, height, border, shape);
  }

  /**
   * Returns what kind of paper it is cut from.
   *
   * @return the kind of its role
   */
  public PaperKind paper() {
    return role.kind();
  }

  /**
   * Returns the corners as the layer lies on its piece.
   *
   * @return three or four corners in order; those of a square on its point are to the nearest unit
   */
  public List<Point> outline() {
    Point topRight = new Point(right(), at.y());
    Point bottomRight = new Point(right(), bottom());
    Point bottomLeft = new Point(at.x(), bottom());
    return switch (shape) {
      case WHOLE -> List.of(at, topRight, bottomRight, bottomLeft);
      case TOP_LEFT -> List.of(at, topRight, bottomLeft);
      case TOP_RIGHT -> List.of(at, topRight, bottomRight);
      case BOTTOM_RIGHT -> List.of(topRight, bottomRight, bottomLeft);
      case BOTTOM_LEFT -> List.of(at, bottomRight, bottomLeft);
      case ON_POINT -> onPoint();
      case POINT_LEFT -> List.of(onPoint().get(0), onPoint().get(2), onPoint().get(3));
      case POINT_RIGHT -> onPoint().subList(0, 3);
    };
  }

  private List<Point> onPoint() {
    Length x = at.x().plus(Length.ofUnits(width.units() / 2));
    Length y = at.y().plus(Length.ofUnits(height.units() / 2));
    Length reach = Length.fromMillimetres(width.toMillimetres() / Math.sqrt(2));
    return List.of(
        new Point(x, y.minus(reach)),
        new Point(x.plus(reach), y),
        new Point(x, y.plus(reach)),
        new Point(x.minus(reach), y));
  }

  /**
   * Returns the right edge on the piece.
   *
   * @return the distance from the piece's left edge
   */
  public Length right() {
    return at.x().plus(width);
  }

  /**
   * Returns the bottom edge on the piece.
   *
   * @return the distance from the piece's top edge
   */
  public Length bottom() {
    return at.y().plus(height);
  }
}

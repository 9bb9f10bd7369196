package cufflink.core.run;

import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;

/**
 * How a piece lies on the table.
 *
 * @param up the face that lies up
 * @param top the edge of the piece, named as it is described inside up, that is away from the maker
 */
public record Lie(Face up, Side top) {
  /** As pieces are described. */
  public static final Lie DESCRIBED = new Lie(Face.INSIDE, Side.TOP);

  /** The edges of a piece that lies inside up, clockwise. */
  private static final Side[] ROUND = {Side.TOP, Side.RIGHT, Side.BOTTOM, Side.LEFT};

  /** Checks that some edge is on top. */
  public Lie {
    if (top == Side.NONE) {
      throw new IllegalArgumentException("a piece has one of its edges on top, not " + top);
    }
  }

  /**
   * Turns the piece a quarter.
   *
   * @return how it lies with the edge on top that was at the left
   */
  public Lie clockwise() {
    return new Lie(up, next(up == Face.INSIDE ? -1 : 1));
  }

  /**
   * Turns the piece a quarter.
   *
   * @return how it lies with the edge on top that was at the right
   */
  public Lie anticlockwise() {
    return new Lie(up, next(up == Face.INSIDE ? 1 : -1));
  }

  /**
   * Turns the piece over like a page, from left to right.
   *
   * @return how it lies with the same edge on top and the other face up
   */
  public Lie over() {
    return new Lie(up.other(), top);
  }

  private Side next(int steps) {
    return ROUND[Math.floorMod(top.ordinal() + steps, ROUND.length)];
  }

  /**
   * Says which side runs along the top.
   *
   * @return true if it is the piece's width
   */
  public boolean isWidthAlong() {
    return top == Side.TOP || top == Side.BOTTOM;
  }

  /**
   * Returns the side along the top.
   *
   * @param piece the piece
   * @return its length
   */
  public Length along(Piece piece) {
    return isWidthAlong() ? piece.width() : piece.height();
  }

  /**
   * Returns the side that runs towards the maker.
   *
   * @param piece the piece
   * @return its length
   */
  public Length deep(Piece piece) {
    return isWidthAlong() ? piece.height() : piece.width();
  }

  /**
   * Takes a place on the piece to where it lies.
   *
   * @param piece the piece
   * @param place the place, from the top left corner of the piece as it is described
   * @return the place from the top left corner of the paper as it lies
   */
  public Point apply(Piece piece, Point place) {
    Length right = piece.width().minus(place.x());
    Length down = piece.height().minus(place.y());
    Length x = up == Face.INSIDE ? place.x() : right;
    Length far = up == Face.INSIDE ? right : place.x();
    return switch (shown()) {
      case TOP -> new Point(x, place.y());
      case RIGHT -> new Point(place.y(), far);
      case BOTTOM -> new Point(far, down);
      default -> new Point(down, x);
    };
  }

  /** Where the edge on top would be if the piece were turned back until its own top is on top. */
  private Side shown() {
    boolean sideways = !isWidthAlong();
    return up == Face.OUTSIDE && sideways ? top == Side.LEFT ? Side.RIGHT : Side.LEFT : top;
  }

  /**
   * Takes a line on the piece to where it lies.
   *
   * @param piece the piece
   * @param line the line, from the top left corner of the piece as it is described
   * @return the line from the top left corner of the paper as it lies
   */
  public Segment apply(Piece piece, Segment line) {
    return new Segment(apply(piece, line.from()), apply(piece, line.to()));
  }
}

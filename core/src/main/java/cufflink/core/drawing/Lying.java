package cufflink.core.drawing;

import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.run.Lie;

/**
 * A piece as it lies on the table.
 *
 * @param piece the piece
 * @param lie how it lies
 */
public record Lying(Piece piece, Lie lie) {

  /**
   * Returns the face that is up.
   *
   * @return the face
   */
  public Face faceUp() {
    return lie.up();
  }

  /**
   * Returns the side along the top.
   *
   * @return its length
   */
  public Length width() {
    return lie.along(piece);
  }

  /**
   * Returns the other side.
   *
   * @return its length
   */
  public Length height() {
    return lie.deep(piece);
  }

  /**
   * Takes a place on the piece to where it lies.
   *
   * @param spot the place, the piece lying inside up with its width along the top
   * @return the place as it lies, millimetres from the top left corner
   */
  public Spot apply(Spot spot) {
    double right = piece.width().toMillimetres() - spot.x();
    double below = piece.height().toMillimetres() - spot.y();
    boolean inside = lie.up() == Face.INSIDE;
    return switch (lie.top()) {
      case TOP -> new Spot(inside ? spot.x() : right, spot.y());
      case RIGHT -> new Spot(inside ? spot.y() : below, right);
      case BOTTOM -> new Spot(inside ? right : spot.x(), below);
      default -> new Spot(inside ? below : spot.y(), spot.x());
    };
  }

  /**
   * Says whether panels that follow each other on the piece do so the other way as it lies.
   *
   * @param along whether those along the top are meant, and not those towards the maker
   * @return true if the last one as the piece is described comes first
   */
  boolean isBackwards(boolean along) {
    boolean inside = lie.up() == Face.INSIDE;
    return switch (lie.top()) {
      case TOP -> along && !inside;
      case RIGHT -> along ? !inside : true;
      case BOTTOM -> along ? inside : true;
      default -> along && inside;
    };
  }
}

package cufflink.core.drawing;

import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.run.ScoreRun.Side;

/**
 * How a piece lies on the table, as in a scoring run.
 *
 * @param piece the piece
 * @param side the side along the top
 * @param faceUp the face that is up
 */
public record Lie(Piece piece, Side side, Face faceUp) {

  /**
   * Returns the side along the top.
   *
   * @return its length
   */
  public Length width() {
    return side == Side.WIDTH ? piece.width() : piece.height();
  }

  /**
   * Returns the other side.
   *
   * @return its length
   */
  public Length height() {
    return side == Side.WIDTH ? piece.height() : piece.width();
  }

  /**
   * Takes a place on the piece to where it lies.
   *
   * @param spot the place, the piece lying inside up with its width along the top
   * @return the place as it lies, millimetres from the top left corner
   */
  public Spot apply(Spot spot) {
    boolean turned = side == Side.HEIGHT;
    double across = turned ? spot.y() : spot.x();
    double down = turned ? piece.width().toMillimetres() - spot.x() : spot.y();
    double depth = height().toMillimetres();
    return new Spot(across, faceUp == Face.OUTSIDE ? depth - down : down);
  }
}

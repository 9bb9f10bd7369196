package cufflink.core.decor;

import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation.Reads;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.plane.Area;
import java.util.Optional;

/**
 * How large the words on a piece are set: as large as it has room for.
 *
 * @param width how wide they are
 * @param height how high all their lines are together
 */
public record Greeting(Length width, Length height) {
  /** Words take so much of a rectangle, across and down. */
  private static final double ACROSS = 0.84;

  private static final double DOWN = 0.62;

  /** Their corners come so near to the edge of what is round, as a share of its radius. */
  private static final double ROUND = 0.86;

  /**
   * Measures the words on a piece that is read as it lies.
   *
   * @param design the card
   * @param piece the id of the piece
   * @return their size; empty if nothing stands on it
   */
  public static Optional<Greeting> on(Design design, String piece) {
    return design.relations(Reads.class).stream()
        .filter(each -> each.piece().equals(piece))
        .findFirst()
        .flatMap(reads -> design.piece(piece).map(it -> on(reads, it)));
  }

  private static Greeting on(Reads reads, Piece piece) {
    double scale = scale(reads, piece, false);
    return new Greeting(
        Length.fromMillimetres(reads.width().toMillimetres() * scale),
        Length.fromMillimetres(reads.height().toMillimetres() * scale));
  }

  /**
   * Returns by how much words are made smaller than they are drawn.
   *
   * @param reads the words
   * @param piece what they stand on
   * @param turned whether they run along its height
   * @return the factor, above nought
   */
  public static double scale(Reads reads, Piece piece, boolean turned) {
    double wide = reads.room().map(Area::width).orElse(piece.width()).toMillimetres();
    double high = reads.room().map(Area::height).orElse(piece.height()).toMillimetres();
    double across = turned ? high : wide;
    double down = turned ? wide : high;
    double w = reads.width().toMillimetres();
    double h = reads.height().toMillimetres();
    return reads.room().isEmpty() && piece.isTrimmed()
        ? ROUND / Math.hypot(w / across, h / down)
        : Math.min(across * ACROSS / w, down * DOWN / h);
  }
}

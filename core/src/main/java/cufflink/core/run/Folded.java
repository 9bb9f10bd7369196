package cufflink.core.run;

import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;
import java.util.Optional;

/**
 * How a piece is folded, lying as it is described, while it is cut through both plies. The smaller
 * part is turned behind the other or over it, so that the larger one shows where all is measured.
 *
 * @param score the score it is folded along, which runs from edge to edge
 * @param part the part that is turned: the one at the right or below if both are alike
 */
public record Folded(Score score, Side part) {

  /**
   * Says how a piece must be folded for a slit.
   *
   * @param piece the piece
   * @param slit the slit
   * @return nothing if it is cut flat, or if it would not come out alike on both plies
   */
  public static Optional<Folded> of(Piece piece, Slit slit) {
    return piece
        .score(slit.folded())
        .filter(score -> score.folds() && runsAcross(piece, score))
        .map(score -> new Folded(score, part(piece, score)))
        .filter(folded -> folded.mirrors(slit.line()));
  }

  private static boolean runsAcross(Piece piece, Score score) {
    Segment line = score.line();
    if (!line.isVertical() && !line.isLevel()) {
      return false;
    }
    // A fold that slits divide is one line all the same.
    Length reach =
        piece.scores().stream()
            .filter(each -> each.fold() == score.fold() && inLine(each.line(), line))
            .map(each -> length(each.line()))
            .reduce(Length.ZERO, Length::plus);
    return reach.equals(line.isVertical() ? piece.height() : piece.width());
  }

  private static boolean inLine(Segment one, Segment line) {
    return line.isVertical()
        ? one.isVertical() && one.from().x().equals(line.from().x())
        : one.isLevel() && one.from().y().equals(line.from().y());
  }

  private static Length length(Segment line) {
    Length across = line.from().x().minus(line.to().x()).abs();
    return across.plus(line.from().y().minus(line.to().y()).abs());
  }

  private static Side part(Piece piece, Score score) {
    boolean upright = score.line().isVertical();
    Length before = upright ? score.line().from().x() : score.line().from().y();
    Length after = (upright ? piece.width() : piece.height()).minus(before);
    boolean last = after.compareTo(before) <= 0;
    return upright ? last ? Side.RIGHT : Side.LEFT : last ? Side.BOTTOM : Side.TOP;
  }

  private boolean isUpright() {
    return score.line().isVertical();
  }

  private Length at() {
    return isUpright() ? score.line().from().x() : score.line().from().y();
  }

  private boolean mirrors(Segment line) {
    boolean square = isUpright() ? line.isLevel() : line.isVertical();
    Length from = isUpright() ? line.from().x() : line.from().y();
    Length to = isUpright() ? line.to().x() : line.to().y();
    return square && from.plus(to).equals(at().times(2));
  }

  /**
   * Returns what is cut of a slit while the piece is folded.
   *
   * @param line the slit as the piece is described
   * @return from the folded edge to its end, from the top left corner of the folded piece
   */
  public Segment kept(Segment line) {
    boolean first = part == Side.RIGHT || part == Side.BOTTOM;
    Length from = isUpright() ? line.from().x() : line.from().y();
    Length to = isUpright() ? line.to().x() : line.to().y();
    Length low = from.min(to);
    Length end = first ? low : from.max(to);
    // The folded edge is at the right or below, or else where measuring begins.
    Length begin = first ? Length.ZERO : at();
    return new Segment(place(line, at().minus(begin)), place(line, end.minus(begin)));
  }

  private Point place(Segment line, Length at) {
    return isUpright() ? new Point(at, line.from().y()) : new Point(line.from().x(), at);
  }

  /**
   * Says how to fold the piece.
   *
   * @return a sentence
   */
  public Message words() {
    String which =
        switch (part) {
          case LEFT -> "fold.part-left";
          case TOP -> "fold.part-upper";
          case BOTTOM -> "fold.part-lower";
          default -> "fold.part-right";
        };
    Message way =
        Message.of(score.fold() == Fold.VALLEY ? "fold.over-the-other" : "fold.behind-the-other");
    Message where = Message.of(isUpright() ? "fold.upright" : "fold.level", at());
    return Message.of("fold.kept", Message.of(which), way, score.label(), where);
  }
}

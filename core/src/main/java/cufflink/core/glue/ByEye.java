package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.measure.Length;
import cufflink.core.words.Message;

/**
 * Says where something goes to whoever places by eye: against the edges of its panel, with a number
 * only where nothing else says it.
 *
 * @param left how far it is from the left edge of its panel, in millimetres
 * @param top how far from the top
 * @param right how far from the right edge
 * @param bottom how far from the foot
 */
public record ByEye(double left, double top, double right, double bottom) {
  /** Nobody sees less, in millimetres. */
  private static final double SEEN = 0.75;

  /**
   * Finds how a layer lies on its panel.
   *
   * @param layer the layer
   * @param design the card
   * @return how far it is from the folds and edges around it, as its face lies up
   */
  public static ByEye of(Layer layer, Design design) {
    Piece piece = design.piece(layer.on()).orElseThrow();
    double x = middle(layer.at().x(), layer.right());
    double y = middle(layer.at().y(), layer.bottom());
    double[] panel = {
      0, 0, piece.width().toMillimetres(), piece.height().toMillimetres(),
    };
    for (Score score : piece.scores()) {
      if (score.folds() && score.line().isVertical() && spans(score, y, false)) {
        narrow(panel, 0, score.line().from().x().toMillimetres(), x);
      } else if (score.folds() && score.line().isLevel() && spans(score, x, true)) {
        narrow(panel, 1, score.line().from().y().toMillimetres(), y);
      }
    }
    double before = layer.at().x().toMillimetres() - panel[0];
    double after = panel[2] - layer.right().toMillimetres();
    boolean inside = layer.face() == Face.INSIDE;
    return new ByEye(
        inside ? before : after,
        layer.at().y().toMillimetres() - panel[1],
        inside ? after : before,
        panel[3] - layer.bottom().toMillimetres());
  }

  private static double middle(Length from, Length to) {
    return (from.toMillimetres() + to.toMillimetres()) / 2;
  }

  private static boolean spans(Score score, double at, boolean across) {
    Length from = across ? score.line().from().x() : score.line().from().y();
    Length to = across ? score.line().to().x() : score.line().to().y();
    return Math.min(from.toMillimetres(), to.toMillimetres()) <= at
        && at <= Math.max(from.toMillimetres(), to.toMillimetres());
  }

  private static void narrow(double[] panel, int side, double fold, double middle) {
    if (fold <= middle) {
      panel[side] = Math.max(panel[side], fold);
    } else {
      panel[side + 2] = Math.min(panel[side + 2], fold);
    }
  }

  /** Returns it in words, to follow what is placed. */
  public Message words() {
    boolean isMidway = isNear(left, right);
    boolean isMidHeight = isNear(top, bottom);
    if (isMidway && isMidHeight) {
      return Message.of(isNear(left, top) ? "eye.border" : "eye.middle");
    }
    return Message.of(
        "eye.both",
        isMidway ? Message.of("eye.midway") : along(left, right, "eye.left", "eye.right"),
        isMidHeight ? Message.of("eye.mid-height") : along(top, bottom, "eye.top", "eye.foot"));
  }

  private static Message along(double before, double after, String first, String last) {
    boolean isBefore = Math.abs(before) <= Math.abs(after);
    double gap = isBefore ? before : after;
    Message side = Message.of(isBefore ? first : last);
    if (isNear(gap, 0)) {
      return Message.of("eye.flush", side);
    }
    return Message.of(
        gap > 0 ? "eye.near" : "eye.past", Length.fromMillimetres(Math.abs(gap)), side);
  }

  private static boolean isNear(double one, double other) {
    return Math.abs(one - other) <= SEEN;
  }
}

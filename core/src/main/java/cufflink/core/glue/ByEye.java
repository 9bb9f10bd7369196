package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Polygon;

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
   * @return how far it is from the folds and edges around it, as its face lies up; empty if it has
   *     no panel that an eye finds
   */
  public static Optional<ByEye> of(Layer layer, Design design) {
    Piece piece = design.piece(layer.on()).orElseThrow();
    double x = (layer.at().x().toMillimetres() + layer.right().toMillimetres()) / 2;
    double y = (layer.at().y().toMillimetres() + layer.bottom().toMillimetres()) / 2;
    return panel(piece, new Spot(x, y)).map(panel -> of(layer, panel)).filter(ByEye::isWithin);
  }

  private static ByEye of(Layer layer, List<Spot> panel) {
    double before = layer.at().x().toMillimetres() - panel.get(0).x();
    double after = panel.get(2).x() - layer.right().toMillimetres();
    boolean inside = layer.face() == Face.INSIDE;
    return new ByEye(
        inside ? before : after,
        layer.at().y().toMillimetres() - panel.get(0).y(),
        inside ? after : before,
        panel.get(2).y() - layer.bottom().toMillimetres());
  }

  /** Says whether it lies on its panel: what reaches past a fold or an edge needs its marks. */
  public boolean isWithin() {
    return Math.min(Math.min(left, right), Math.min(top, bottom)) >= -SEEN;
  }

  /**
   * Finds the panel round a place: as far as there is no fold and no edge.
   *
   * @param piece the piece
   * @param place a place on it
   * @return the four corners in the frame of the piece, the upper left first, clockwise; empty if
   *     not all of that is paper, as beside a slanted edge
   */
  public static Optional<List<Spot>> panel(Piece piece, Spot place) {
    double[] panel = {0, 0, piece.width().toMillimetres(), piece.height().toMillimetres()};
    for (Score score : piece.scores()) {
      if (score.folds() && score.line().isVertical() && spans(score, place.y(), false)) {
        narrow(panel, 0, score.line().from().x().toMillimetres(), place.x());
      } else if (score.folds() && score.line().isLevel() && spans(score, place.x(), true)) {
        narrow(panel, 1, score.line().from().y().toMillimetres(), place.y());
      }
    }
    List<Spot> corners =
        List.of(
            new Spot(panel[0], panel[1]),
            new Spot(panel[2], panel[1]),
            new Spot(panel[2], panel[3]),
            new Spot(panel[0], panel[3]));
    Polygon paper = Facet.polygon(piece.outline().stream().map(Spot::from).toList());
    return Optional.of(corners).filter(each -> paper.buffer(SEEN).covers(Facet.polygon(each)));
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
    return Message.of("eye.near", Length.fromMillimetres(gap), side);
  }

  private static boolean isNear(double one, double other) {
    return Math.abs(one - other) <= SEEN;
  }
}

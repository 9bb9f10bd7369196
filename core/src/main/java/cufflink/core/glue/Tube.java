package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.plane.Area;
import java.util.ArrayList;
import java.util.List;

/**
 * A piece that is glued to itself so that it becomes a tube, and what is then still reached in it
 * through its ends; common practice, no source.
 */
final class Tube {
  /** A mouth narrower than this lets no finger in. */
  static final Length MOUTH = Length.ofMillimetres(16);

  /** Nor one narrower than this a brush with liquid glue. */
  private static final Length BRUSH = Length.ofMillimetres(6);

  /** Nothing deeper than this is pressed down. */
  static final Length DEEP = Length.ofMillimetres(70);

  private Tube() {}

  /**
   * Says whether something can no longer be done once a piece has been glued to itself.
   *
   * @param one what is done
   * @param seam the joint that glues the piece to itself
   * @param design the card
   */
  static boolean closesOver(Act one, Joint seam, Design design) {
    Piece piece = design.piece(seam.on()).orElseThrow();
    List<Score> folds = piece.scores().stream().filter(Score::folds).toList();
    long valleys = folds.stream().filter(each -> each.fold() == Fold.VALLEY).count();
    Face inner = 2 * valleys >= folds.size() ? Face.INSIDE : Face.OUTSIDE;
    boolean isInner = one.host().equals(piece.id()) && one.face() == inner;
    boolean isSeam = one.joint().filter(each -> each.piece().equals(each.on())).isPresent();
    // What is slid in afterwards goes in by the mouth.
    if (!isInner || isSeam || !one.isGlued() || folds.size() < 2) {
      return false;
    }
    boolean isUpright = folds.stream().allMatch(each -> each.line().isVertical());
    boolean isBrushed = Choice.of(one, design, GluingOrder.Wish.NONE).adhesive() == Adhesive.LIQUID;
    return widest(piece, folds, isUpright).compareTo(isBrushed ? BRUSH : MOUTH) < 0
        || areas(one).stream().anyMatch(each -> deep(each, piece, isUpright).compareTo(DEEP) > 0);
  }

  private static List<Area> areas(Act act) {
    List<Area> areas = new ArrayList<>();
    act.joint().ifPresent(joint -> areas.add(joint.area()));
    for (Layer layer : act.layers()) {
      areas.add(new Area(layer.at(), layer.width(), layer.height()));
    }
    return areas;
  }

  /** How far in its far edge is from the nearer end of the tube. */
  private static Length deep(Area area, Piece piece, boolean isUpright) {
    return isUpright
        ? area.bottom().min(piece.height().minus(area.at().y()))
        : area.right().min(piece.width().minus(area.at().x()));
  }

  /** Its widest side, which is how far its mouth can be opened. */
  private static Length widest(Piece piece, List<Score> folds, boolean isUpright) {
    List<Length> at = new ArrayList<>();
    at.add(Length.ZERO);
    folds.stream()
        .map(each -> isUpright ? each.line().from().x() : each.line().from().y())
        .sorted()
        .forEach(at::add);
    at.add(isUpright ? piece.width() : piece.height());
    Length widest = Length.ZERO;
    for (int i = 1; i < at.size(); i++) {
      widest = widest.max(at.get(i).minus(at.get(i - 1)));
    }
    return widest;
  }
}

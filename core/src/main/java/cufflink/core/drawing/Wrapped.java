package cufflink.core.drawing;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.scene.Ref;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.locationtech.jts.geom.Polygon;

/**
 * A band or ribbon round the closed card, as it is seen from the front or the back: across its
 * middle, the middle of its length in the middle of the front. Its places are those of the piece as
 * it lies inside up.
 */
final class Wrapped {
  /** What is no more than this larger than the finished card is closed, in millimetres. */
  private static final double NEAR = 2;

  private final Piece piece;
  private final Design.Relation.Wraps wraps;
  private final Extent card;
  private final double level;
  private final double floor;
  private final boolean isFront;

  private Wrapped(
      Piece piece, Design.Relation.Wraps wraps, Extent card, List<Vec> places, boolean isFront) {
    this.piece = piece;
    this.wraps = wraps;
    this.card = card;
    this.level = places.stream().mapToDouble(Vec::z).max().orElse(0);
    this.floor = places.stream().mapToDouble(Vec::z).min().orElse(0);
    this.isFront = isFront;
  }

  /**
   * Finds all that goes round a card.
   *
   * @param design the card
   * @param model it, put together
   * @param moment as for {@link FoldModel#pose(double)}
   * @param viewpoint from where it is seen
   * @return nothing as long as it is not closed
   */
  static List<Wrapped> of(Design design, FoldModel model, double moment, Viewpoint viewpoint) {
    List<Wrapped> all = new ArrayList<>();
    List<Design.Relation.Wraps> relations = design.relations(Design.Relation.Wraps.class);
    if (relations.isEmpty() || moment < model.closing() || moment != Math.rint(moment)) {
      return all;
    }
    List<Vec> places = FoldFrame.places(model, moment);
    Extent card = Extent.of(places, Viewpoint.ABOVE);
    double wide = design.finishedWidth().toMillimetres();
    double high = design.finishedHeight().toMillimetres();
    boolean isClosed = isNear(card, wide, high) || isNear(card, high, wide);
    boolean isFront = viewpoint.apply(new Vec(0, 0, 1)).z() > 0;
    for (Design.Relation.Wraps each : isClosed ? relations : List.<Design.Relation.Wraps>of()) {
      design
          .piece(each.piece())
          .map(piece -> new Wrapped(piece, each, card, places, isFront))
          .ifPresent(all::add);
    }
    return all;
  }

  private static boolean isNear(Extent card, double wide, double high) {
    return Math.abs(card.wide() - wide) < NEAR && Math.abs(card.high() - high) < NEAR;
  }

  Piece piece() {
    return piece;
  }

  /** Says whether it goes round the height of the card, and so lies upright. */
  private boolean isUpright() {
    double around = wraps.around().toMillimetres();
    return Math.abs(around - card.high()) <= Math.abs(around - card.wide()) + NEAR;
  }

  private double length() {
    return piece.width().toMillimetres();
  }

  private double wide() {
    return piece.height().toMillimetres();
  }

  /** Returns the corners of what is seen of it, in order. */
  private List<Spot> seen() {
    double half = (isUpright() ? card.high() : card.wide()) / 2;
    double from = length() / 2 - half;
    double to = length() / 2 + half;
    return List.of(
        new Spot(from, 0), new Spot(to, 0), new Spot(to, wide()), new Spot(from, wide()));
  }

  /** Draws it with all that is put on it. */
  void draw(Onto onto, Prints prints, List<Patch> patches, Consumer<Patch> say) {
    Ref ref = new Ref(piece.id(), "");
    List<Spot> seen = seen();
    onto.cover(List.of(seen), prints.own(piece, Face.OUTSIDE), ref);
    onto.edge(seen.get(0), seen.get(1), ref);
    onto.edge(seen.get(2), seen.get(3), ref);
    for (Patch patch : patches) {
      if (shows(patch)) {
        Polygon shape = Facet.polygon(seen);
        onto.cover(
            List.of(patch.corners()), prints.of(patch, shape, Face.OUTSIDE, false), patch.ref());
        say.accept(patch);
      }
    }
  }

  /** Says whether something on its outside is seen: only the front has room for it. */
  private boolean shows(Patch patch) {
    List<Spot> seen = seen();
    return isFront
        && patch.face() == Face.OUTSIDE
        && patch.ref().piece().equals(piece.id())
        && patch.corners().stream()
            .allMatch(at -> at.x() >= seen.get(0).x() && at.x() <= seen.get(1).x());
  }

  /** Returns where a place of it is; its outside is seen, and so from the right to the left. */
  Vec place(Spot at) {
    double along = length() / 2 - at.x();
    double across = at.y() - wide() / 2;
    double x = (card.left() + card.right()) / 2;
    double y = (card.top() + card.bottom()) / 2;
    return isUpright()
        ? new Vec(x - across, y + along, level)
        : new Vec(x + along, y + across, level);
  }

  /** Returns what is seen of it on the near side of a card that is a box; empty if it is flat. */
  List<Vec> side() {
    if (!isUpright() || level - floor < NEAR / 2) {
      return List.of();
    }
    Vec left = place(new Spot(seen().get(0).x(), wide()));
    Vec right = place(seen().get(0));
    return List.of(
        left, right, new Vec(right.x(), right.y(), floor), new Vec(left.x(), left.y(), floor));
  }

  /** Returns the bow that it is tied to on the front, shape by shape, as the card lies. */
  List<List<Spot>> bow() {
    if (!wraps.tied() || !isFront) {
      return List.of();
    }
    double half = (isUpright() ? card.high() : card.wide()) / 2;
    double tail = length() / 2 - 2 * half;
    Spot middle = new Spot((card.left() + card.right()) / 2, (card.top() + card.bottom()) / 2);
    return RibbonEnds.bow(middle, new Spot(1, 0), new Spot(0, 1), wide(), tail);
  }

  /** Returns where a place of the closed card is. */
  Vec onCard(Spot at) {
    return new Vec(at.x(), at.y(), level);
  }

  /** Returns where all of it is, so that there is room for it. */
  static List<Vec> places(Design design, FoldModel model, double moment, Viewpoint viewpoint) {
    return of(design, model, moment, viewpoint).stream()
        .flatMap(each -> each.bow().stream().flatMap(List::stream).map(each::onCard))
        .toList();
  }
}

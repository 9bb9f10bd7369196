package cufflink.core.drawing;

import cufflink.core.assembly.Assembly;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Pocket;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.paper.HeldItem;
import cufflink.core.plane.Area;
import cufflink.core.plane.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What peeps out of the pocket of a card, or lies loose in it. */
final class Holding {
  /** Drawn out it lies clear of its pocket, by a share of its length. */
  private static final double WHOLLY = 1.1;

  /** From where to where the stripe goes that most cards of plastic have, as shares. */
  private static final double STRIPE_FROM = 0.1;

  private static final double STRIPE_TO = 0.22;

  /** What is held clears the foot of its pocket by this, in millimetres. */
  private static final double FOOT = 1;

  private Holding() {}

  /**
   * What is held, where it is seen.
   *
   * @param face the face of the facet it lies on
   * @param outline its outline in the frame of that facet's piece; it may reach past the facet
   * @param stripe a stripe on it
   */
  record Held(Face face, List<Spot> outline, List<Spot> stripe) {}

  /** Returns what is held on a facet at a moment, in the pocket that holds it best. */
  static Optional<Held> on(
      int facet,
      Design design,
      FoldModel model,
      Optional<HeldItem> item,
      double drawn,
      double[] turns) {
    Optional<Pocket> best = item.flatMap(each -> pocket(design, each));
    if (best.isEmpty()) {
      return Optional.empty();
    }
    Assembly assembly = model.assembly();
    for (Pocket.Inside place : best.get().places()) {
      Optional<Assembly.Member> host = assembly.copy(best.get().on(), place.by());
      int first = assembly.members().get(assembly.memberOf(facet)).firstFacet();
      boolean lies =
          host.filter(each -> each.firstFacet() == first).isPresent()
              && Ribbon.isOpen(place.during(), assembly, turns)
              && Facet.holds(assembly.facets().get(facet).polygon(), middle(place.area()));
      if (lies) {
        return Optional.of(lay(item.get(), best.get(), place, drawn));
      }
    }
    return Optional.empty();
  }

  /** Returns the pocket that holds something best, if it goes in and the pattern shows it there. */
  static Optional<Pocket> pocket(Design design, HeldItem item) {
    return Pocket.best(design.pockets(), item)
        .filter(each -> each.clearance(item).compareTo(Length.ZERO) >= 0);
  }

  private static Spot middle(Area area) {
    return new Spot(
        area.at().x().toMillimetres() + area.width().toMillimetres() / 2,
        area.at().y().toMillimetres() + area.height().toMillimetres() / 2);
  }

  /** Lays it with its longer side along the mouth, if that is wide enough. */
  private static Held lay(HeldItem item, Pocket pocket, Pocket.Inside place, double drawn) {
    double longer = item.width().max(item.height()).toMillimetres();
    double shorter = item.width().min(item.height()).toMillimetres();
    boolean isLying = longer <= pocket.width().toMillimetres();
    double along = isLying ? longer : shorter;
    double deep = isLying ? shorter : longer;
    double out = 0;
    if (place.mouth() != Side.NONE) {
      double proud = Math.max(deep - pocket.depth().toMillimetres(), 0);
      out = proud + drawn * Math.max(0, deep * WHOLLY - proud);
    }
    List<Spot> outline = new ArrayList<>();
    List<Spot> stripe = new ArrayList<>();
    for (double[] corner : new double[][] {{-1, 0}, {1, 0}, {1, 1}, {-1, 1}}) {
      double across = corner[0] * along / 2;
      double share = corner[1] == 0 ? STRIPE_FROM : STRIPE_TO;
      outline.add(at(place, across, out - corner[1] * deep, deep));
      stripe.add(at(place, across, out - share * deep, deep));
    }
    return new Held(place.face(), outline, stripe);
  }

  /** Returns a place so far beside the middle of the mouth and so far out of it. */
  private static Spot at(Pocket.Inside place, double across, double out, double deep) {
    Area area = place.area();
    Spot middle = middle(area);
    return switch (place.mouth()) {
      case TOP -> new Spot(middle.x() + across, area.at().y().toMillimetres() - out + FOOT);
      case BOTTOM -> new Spot(middle.x() - across, area.bottom().toMillimetres() + out - FOOT);
      case LEFT -> new Spot(area.at().x().toMillimetres() - out + FOOT, middle.y() - across);
      case RIGHT -> new Spot(area.right().toMillimetres() + out - FOOT, middle.y() + across);
      case NONE -> new Spot(middle.x() + across, middle.y() - deep / 2 - out);
    };
  }
}

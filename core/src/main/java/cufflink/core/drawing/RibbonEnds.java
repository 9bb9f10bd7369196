package cufflink.core.drawing;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Movement;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.paper.PaperRole;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The ends of a ribbon that hang free, tied in a bow where they meet. */
final class RibbonEnds {
  /** So much of an end goes into its loop, there and back, and so much hangs below the knot. */
  private static final double LOOP = 0.26;

  private static final double HANGS = 0.42;

  /** How far an end bends over, in radians. */
  private static final double BEND = Math.PI / 3;

  /** An end that is not tied is drawn no longer than this, in millimetres. */
  private static final double FREE = 45;

  private RibbonEnds() {}

  /** The end of a ribbon: where it stops to lie on the card, and the way it was led there. */
  private record End(int host, Face face, Spot at, Spot way) {
    static Optional<End> of(Movement.Leg leg, boolean first, FoldModel model, double[] turns) {
      Spot at = Spot.from(first ? leg.middle().from() : leg.middle().to());
      Spot from = Spot.from(first ? leg.middle().to() : leg.middle().from());
      Spot way = Loose.unit(from, at);
      Optional<Assembly.Member> host = model.assembly().copy(leg.on(), leg.by());
      return host.flatMap(
          member ->
              member.flat().facets().stream()
                  .filter(facet -> Facet.holds(facet.polygon(), Loose.from(at, way, -1)))
                  .map(facet -> member.firstFacet() + facet.index())
                  .filter(facet -> Ribbon.lies(leg, model, facet, turns))
                  .findFirst()
                  .map(facet -> new End(facet, leg.face(), at, way)));
    }

    Vec place(Pose pose) {
      return pose.place(host, at);
    }
  }

  static List<Loose> of(
      Joint joint, Design design, FoldModel model, Pose pose, double[] turns, Loose.Down down) {
    Movement.Led led = joint.movement().led().orElseThrow();
    List<Movement.Leg> legs = led.taken();
    Optional<End> first = End.of(legs.get(0), true, model, turns);
    Optional<End> last = End.of(legs.get(legs.size() - 1), false, model, turns);
    Optional<Piece> ribbon = design.piece(joint.piece());
    if (first.isEmpty() || last.isEmpty() || ribbon.isEmpty()) {
      return List.of();
    }
    double wide = ribbon.get().width().min(ribbon.get().height()).toMillimetres();
    double tail = led.tail().toMillimetres();
    PaperRole role = ribbon.get().role();
    double apart = first.get().place(pose).minus(last.get().place(pose)).length();
    List<Loose> hanging = new ArrayList<>();
    boolean meet = Movement.Led.meets(apart, wide);
    if (meet && led.isTied()) {
      End at = first.get();
      hanging.add(new Loose(at.host(), at.face(), role, bow(at, model, wide, tail, down)));
    } else {
      for (End end : List.of(first.get(), last.get())) {
        boolean rises = meet && end.equals(last.get());
        List<Spot> free = free(end, Math.min(FREE, tail), wide, rises, down);
        hanging.add(new Loose(end.host(), end.face(), role, List.of(free)));
      }
    }
    return hanging;
  }

  /** Two loops, two ends and a knot; tied at an edge, the loops lie along that. */
  private static List<List<Spot>> bow(
      End end, FoldModel model, double wide, double tail, Loose.Down down) {
    Facet facet = model.assembly().facets().get(end.host());
    boolean isAtEdge = Loose.reach(facet, end.at(), end.way()) < wide;
    Spot across = new Spot(-end.way().y(), end.way().x());
    Spot loops = isAtEdge ? across : end.way();
    Spot ends = isAtEdge ? end.way() : lower(end, across, down);
    return bow(end.at(), loops, ends, wide, tail);
  }

  /**
   * Ties a bow.
   *
   * @param at where the knot is
   * @param loops the way in which one of the loops lies
   * @param ends the way in which the ends hang
   * @param wide how wide the ribbon is
   * @param tail how long each end is before it is tied
   * @return the shapes of its parts, the knot over all others
   */
  static List<List<Spot>> bow(Spot at, Spot loops, Spot ends, double wide, double tail) {
    List<List<Spot>> shapes = new ArrayList<>();
    for (int side = -1; side <= 1; side += 2) {
      Spot tip = Loose.from(Loose.from(at, ends, tail * HANGS), loops, side * tail * HANGS / 2);
      Spot way = Loose.unit(at, tip);
      shapes.add(notched(List.of(at, tip), way, wide));
    }
    for (int side = -1; side <= 1; side += 2) {
      List<Spot> loop = new ArrayList<>();
      for (int i = 0; i <= 2 * Loose.PARTS; i++) {
        double angle = Math.PI * i / Loose.PARTS;
        double out = (1 - Math.cos(angle)) / 2 * tail * LOOP;
        double high = Math.sin(angle) * Math.sin(angle / 2) * wide * 1.1;
        loop.add(Loose.from(Loose.from(at, loops, side * out), ends, high - out / 4));
      }
      shapes.add(loop);
    }
    Spot left = Loose.from(at, loops, -wide * 0.45);
    Spot right = Loose.from(at, loops, wide * 0.45);
    shapes.add(Loose.band(List.of(left, right), wide));
    return shapes;
  }

  /** An end that is not tied falls over in an arc; of two beside each other one does not. */
  private static List<Spot> free(
      End end, double length, double wide, boolean rises, Loose.Down down) {
    Spot across = new Spot(-end.way().y(), end.way().x());
    Spot lower = lower(end, across, down);
    Spot low = rises ? new Spot(-lower.x(), -lower.y()) : lower;
    List<Spot> line = new ArrayList<>();
    Spot way = end.way();
    for (int i = 0; i <= Loose.PARTS; i++) {
      double angle = BEND * i / Loose.PARTS;
      double bend = length / BEND;
      Spot out = Loose.from(end.at(), end.way(), Math.sin(angle) * bend);
      line.add(Loose.from(out, low, (1 - Math.cos(angle)) * bend));
      way =
          new Spot(
              Math.cos(angle) * end.way().x() + Math.sin(angle) * low.x(),
              Math.cos(angle) * end.way().y() + Math.sin(angle) * low.y());
    }
    return notched(line, way, wide);
  }

  private static Spot lower(End end, Spot across, Loose.Down down) {
    double here = down.at(end.host(), Loose.from(end.at(), across, 1));
    double there = down.at(end.host(), Loose.from(end.at(), across, -1));
    return here >= there ? across : new Spot(-across.x(), -across.y());
  }

  /** A ribbon is cut with a notch, so that it does not fray. */
  private static List<Spot> notched(List<Spot> line, Spot way, double wide) {
    List<Spot> band = new ArrayList<>(Loose.band(line, wide));
    band.add(line.size(), Loose.from(line.get(line.size() - 1), way, -wide / 2));
    return band;
  }
}

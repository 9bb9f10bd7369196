package cufflink.core.fold;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Fold;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.layers.LayerOrder;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/**
 * A crease that is missing because a fold has to go through two plies: another part of the piece
 * lies over it and is in its way. On that part it is the image of the fold in all folds between
 * them.
 *
 * @param stage the stage in which the fold is made, from 0
 * @param crease the fold, by its number
 * @param facet the facet that lies over it, by its number
 * @param from one end of the missing crease, on its piece
 * @param to the other end
 * @param fold which way it folds
 */
public record MirroredCrease(int stage, int crease, int facet, Spot from, Spot to, Fold fold) {
  /**
   * How much of a facet must lie on each side of a fold to be in its way, in square millimetres.
   */
  private static final double LEAST_AREA = 4;

  /** How far beside a fold is looked, in millimetres: farther than any card reaches. */
  private static final double FAR = 1e4;

  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /**
   * Looks at all stages that begin with the card lying flat.
   *
   * @param model the folded card
   * @return what is missing, stage by stage
   */
  public static List<MirroredCrease> of(FoldModel model) {
    List<MirroredCrease> missing = new ArrayList<>();
    for (int stage = 0; stage < model.closing(); stage++) {
      Optional<LayerOrder.Stack> stack =
          model.layering().isFlat(stage) ? model.layering().stack(stage) : Optional.empty();
      if (stack.isPresent()) {
        new Search(model, stage, stack.get()).addTo(missing);
      }
    }
    return missing;
  }

  /** The search at one stage. */
  private record Search(FoldModel model, int stage, LayerOrder.Stack stack) {
    void addTo(List<MirroredCrease> missing) {
      double[] before = model.turns(stage);
      double[] after = model.turns(stage + 1.0);
      List<Crease> creases = model.assembly().creases();
      for (int i = 0; i < creases.size(); i++) {
        double turn = after[i] - before[i];
        if (Math.abs(turn) > model.assembly().tolerances().folded().angle()) {
          for (Facet facet : model.assembly().facets()) {
            find(i, turn, facet).ifPresent(missing::add);
          }
        }
      }
    }

    private Optional<MirroredCrease> find(int index, double turn, Facet facet) {
      Assembly assembly = model.assembly();
      Crease crease = assembly.creases().get(index);
      boolean isOther =
          !crease.joins(facet.index())
              && assembly.memberOf(facet.index()) == assembly.memberOf(crease.first());
      if (!isOther) {
        return Optional.empty();
      }
      Pose pose = model.pose(stage);
      Motion host = pose.motions().get(crease.first());
      Motion over = pose.motions().get(facet.index());
      Spot from = flat(host.apply(crease.from()));
      Spot to = flat(host.apply(crease.to()));
      Polygon shape =
          Facet.polygon(pose.corners(facet.index()).stream().map(Search::flat).toList());
      boolean rises = turn > 0 == host.up().z() > 0;
      if (!isInTheWay(crease, facet.index(), rises) || !liesAcross(shape, from, to)) {
        return Optional.empty();
      }
      Geometry common = shape.intersection(line(from, to));
      if (!(common instanceof LineString part) || part.isEmpty()) {
        return Optional.empty();
      }
      boolean valley = rises == over.up().z() > 0;
      return Optional.of(
          new MirroredCrease(
              stage,
              index,
              facet.index(),
              back(over, part.getCoordinateN(0)),
              back(over, part.getCoordinateN(part.getNumPoints() - 1)),
              valley ? Fold.VALLEY : Fold.MOUNTAIN));
    }

    /** Of what lies above the fold, only what rises meets it; of what lies below, what sinks. */
    private boolean isInTheWay(Crease crease, int facet, boolean rises) {
      int side = stack.side(facet, crease.first());
      side = side == 0 ? stack.side(facet, crease.second()) : side;
      return side != 0 && side > 0 == rises;
    }

    private static boolean liesAcross(Polygon shape, Spot from, Spot to) {
      return shape.intersection(beside(from, to, 1)).getArea() > LEAST_AREA
          && shape.intersection(beside(from, to, -1)).getArea() > LEAST_AREA;
    }

    /** The strip on one side of a fold, as long as the fold. */
    private static Polygon beside(Spot from, Spot to, int side) {
      double length = from.distance(to);
      double x = -(to.y() - from.y()) / length * FAR * side;
      double y = (to.x() - from.x()) / length * FAR * side;
      return Facet.polygon(
          List.of(
              from, to, new Spot(to.x() + x, to.y() + y), new Spot(from.x() + x, from.y() + y)));
    }

    private static LineString line(Spot from, Spot to) {
      return GEOMETRY.createLineString(
          new Coordinate[] {new Coordinate(from.x(), from.y()), new Coordinate(to.x(), to.y())});
    }

    private static Spot back(Motion motion, Coordinate at) {
      Vec place = motion.back(new Vec(at.getX(), at.getY(), motion.origin().z()));
      return new Spot(place.x(), place.y());
    }

    private static Spot flat(Vec place) {
      return new Spot(place.x(), place.y());
    }
  }
}

package cufflink.core.glue;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.layers.Areas;
import cufflink.core.measure.Length;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * What can no longer be reached, however the card is opened, once a folded part has been put on
 * that is held in more than one place: a spot over which something of it lies in every state,
 * opened by less than 45 degrees and with no way in for a finger; common practice, no source. What
 * is held in one place only is turned aside by its own folds.
 */
final class Covered {
  /** What is opened this far is out of the way: the cosine of 45 degrees. */
  private static final double OPENED = Math.sqrt(0.5);

  /** What is as near as this lies flat on the place, in millimetres. */
  private static final double FLAT = 0.5;

  private final Design design;
  private final Act put;
  private final FoldModel model;
  private final int ready;
  private final Map<Integer, Pose> poses = new HashMap<>();
  private final Map<Integer, Geometry> ways = new HashMap<>();

  private Covered(Design design, Act put, FoldModel model) {
    this.design = design;
    this.put = put;
    this.model = model;
    // It is folded before it is put on; only after that the card can be opened round it.
    int folded = 0;
    String piece = put.piece().orElseThrow();
    for (int i = 0; i < model.stages().size(); i++) {
      if (model.stages().get(i).piece().equals(piece)) {
        folded = i + 1;
      }
    }
    this.ready = folded;
  }

  private Pose pose(int half) {
    return poses.computeIfAbsent(half, at -> model.pose(model.shown(at / 2.0)));
  }

  /** Says whether something is done to the same face, no farther away than the part reaches. */
  static boolean isNear(Act one, Act put, Design design) {
    boolean isSameFace = one.host().equals(put.host()) && one.face() == put.face();
    if (!isSameFace || put.joint().isEmpty() || !put.isJoining()) {
      return false;
    }
    Area area = put.joint().get().area();
    Length reach =
        design
            .piece(put.joint().get().piece())
            .map(piece -> piece.width().max(piece.height()))
            .orElse(Length.ZERO);
    Area near =
        new Area(
            new Point(area.at().x().minus(reach), area.at().y().minus(reach)),
            area.width().plus(reach.times(2)),
            area.height().plus(reach.times(2)));
    return areas(one).stream().anyMatch(near::overlaps);
  }

  /**
   * Prepares to look what a part covers; empty if it is not folded, or stands off like a handle.
   */
  static Optional<Covered> by(Act put, Design design) {
    Optional<Joint> joint = put.joint().filter(it -> it.movement().isFast() && put.isJoining());
    boolean isFolded =
        joint.filter(it -> !Reach.folds(design, it.piece()).isEmpty()).isPresent()
            && joint.get().glue().size() > 1
            && !design.relations().contains(new Relation.Arched(joint.get().id()));
    return isFolded
        ? HalfBuilt.chain(design, joint.get())
            .map(HalfBuilt::model)
            .filter(model -> !model.isTooLarge())
            .map(model -> new Covered(design, put, model))
            .filter(Covered::isHeldTwice)
        : Optional.empty();
  }

  private boolean isHeldTwice() {
    return model.assembly().members().stream()
        .filter(each -> each.joint().equals(put.joint()))
        .anyMatch(each -> each.glue().stream().map(Assembly.Glue::facet).distinct().count() > 1);
  }

  /** Says whether a place is out of reach in every state. */
  boolean covers(Act one) {
    Optional<Assembly.Member> host =
        one.host().equals(put.piece().orElseThrow())
            ? Optional.empty()
            : model.assembly().members().stream()
                .filter(each -> each.flat().piece().id().equals(one.host()))
                .findFirst();
    boolean isSure = host.isPresent() && !Copies.isSeveral(design, one.host());
    return isSure
        && IntStream.rangeClosed(2 * ready, 2 * model.stages().size())
            .noneMatch(half -> isFree(one, host.get(), pose(half)));
  }

  private boolean isFree(Act one, Assembly.Member host, Pose pose) {
    for (Area area : areas(one)) {
      for (Spot place : places(area)) {
        for (Facet facet : host.flat().facets()) {
          int index = host.firstFacet() + facet.index();
          if (Facet.holds(facet.polygon(), place) && isCovered(index, place, one.face(), pose)) {
            return false;
          }
        }
      }
    }
    return true;
  }

  private static List<Area> areas(Act act) {
    List<Area> areas = new ArrayList<>();
    act.joint().ifPresent(it -> areas.addAll(it.glue().isEmpty() ? List.of(it.area()) : it.glue()));
    for (Layer layer : act.layers()) {
      areas.add(new Area(layer.at(), layer.width(), layer.height()));
    }
    return areas;
  }

  /** Its middle, and places near its corners. */
  private static List<Spot> places(Area area) {
    List<Spot> places = new ArrayList<>();
    for (double[] share :
        new double[][] {{.5, .5}, {.15, .15}, {.85, .15}, {.15, .85}, {.85, .85}}) {
      places.add(
          new Spot(
              area.at().x().toMillimetres() + share[0] * area.width().toMillimetres(),
              area.at().y().toMillimetres() + share[1] * area.height().toMillimetres()));
    }
    return places;
  }

  private boolean isCovered(int index, Spot place, Face face, Pose pose) {
    Vec up = pose.motions().get(index).up();
    Vec at = pose.place(index, place);
    Vec out = face == Face.INSIDE ? up : up.times(-1);
    for (Assembly.Member member : model.assembly().members()) {
      if (!member.flat().piece().id().equals(put.piece().orElseThrow())) {
        continue;
      }
      Geometry in = ways.computeIfAbsent(member.firstFacet(), first -> ways(member));
      for (Facet facet : member.flat().facets()) {
        Motion lies = pose.motions().get(member.firstFacet() + facet.index());
        if (isOver(facet, in, lies, at, out)) {
          return true;
        }
      }
    }
    return false;
  }

  /** The edges of a part past which a finger gets in: those of what of it is not stuck down. */
  private static Geometry ways(Assembly.Member member) {
    Polygon whole =
        Facet.polygon(member.flat().piece().outline().stream().map(Spot::from).toList());
    Set<Integer> stuck =
        member.glue().stream()
            .map(each -> each.facet() - member.firstFacet())
            .collect(Collectors.toSet());
    List<Polygon> free =
        member.flat().facets().stream()
            .filter(each -> !stuck.contains(each.index()))
            .map(Facet::polygon)
            .toList();
    return whole.getExteriorRing().intersection(Areas.union(free).buffer(FLAT));
  }

  /** A finger goes in past the part's own edge, and not through a fold of it. */
  private static boolean isOver(Facet facet, Geometry ways, Motion motion, Vec at, Vec out) {
    double slope = motion.up().dot(out);
    if (Math.abs(slope) < OPENED) {
      return false;
    }
    Vec from = motion.back(at);
    double far = -from.z() / slope;
    Vec hit = motion.back(at.plus(out.times(far)));
    Spot there = new Spot(hit.x(), hit.y());
    if (far < -FLAT || !Facet.holds(facet.polygon(), there)) {
      return false;
    }
    var middle = ways.getFactory().createPoint(new Coordinate(there.x(), there.y()));
    boolean isReached =
        far >= Tube.MOUTH.toMillimetres()
            && !ways.isEmpty()
            && ways.distance(middle) <= Tube.DEEP.toMillimetres();
    return !isReached;
  }
}

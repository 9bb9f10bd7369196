package cufflink.core.fold;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.layers.Areas;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * What sticks out of a closed card: a part of a piece that lies beside the base, seen from above.
 *
 * @param member the piece, by its index in the assembly
 * @param amount how far it sticks out of the closed card, in millimetres
 * @param moment since when it does while the card is folded, as for {@link FoldModel#pose(double)}
 * @param degrees how far the card is still open then
 */
public record Outside(int member, double amount, double moment, double degrees) {
  private static final int POSES = 16;

  /** What a maker would not notice, in millimetres. */
  private static final double NOTICEABLE = 0.4;

  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /**
   * Looks at a card as it closes, and while something is pulled through it.
   *
   * @param model the folded card
   * @return each piece that sticks out, with the most it does; empty for a card that stands
   */
  public static List<Outside> of(FoldModel model) {
    List<Outside> found = new ArrayList<>();
    if (!model.layering().lies(model.closing())) {
      return found;
    }
    for (int member = 1; member < model.assembly().members().size(); member++) {
      int index = member;
      closed(model, member).or(() -> worked(model, index)).ifPresent(found::add);
    }
    return found;
  }

  private static Optional<Outside> closed(FoldModel model, int member) {
    double closed = model.closing();
    double amount = amount(model, closed, member);
    if (amount <= NOTICEABLE) {
      return Optional.empty();
    }
    double since = closed;
    for (int i = model.closing() * POSES - 1; i >= 0; i--) {
      double moment = i / (double) POSES;
      if (model.shown(moment) == moment) {
        if (amount(model, moment, member) <= NOTICEABLE) {
          break;
        }
        since = moment;
      }
    }
    return Optional.of(new Outside(member, amount, since, open(model, since)));
  }

  /**
   * What is carried along by something that slides stays on the card; what slides itself may not.
   */
  private static Optional<Outside> worked(FoldModel model, int member) {
    Outside worst = null;
    for (int i = model.closing() * POSES + 1; i <= model.stages().size() * POSES; i++) {
      double moment = i / (double) POSES;
      boolean looksAt = model.shown(moment) == moment && isCarried(model, moment, member);
      double amount = looksAt ? amount(model, moment, member) : 0;
      if (amount > NOTICEABLE && (worst == null || amount > worst.amount())) {
        worst = new Outside(member, amount, moment, open(model, moment));
      }
    }
    return Optional.ofNullable(worst);
  }

  private static boolean isCarried(FoldModel model, double moment, int member) {
    Assembly assembly = model.assembly();
    int stage = (int) Math.ceil(moment) - 1;
    boolean slides =
        assembly.slides().stream()
            .anyMatch(slide -> model.stages().get(stage).moves().containsKey(slide.mover()));
    return slides
        && assembly.slides().stream()
            .noneMatch(
                slide ->
                    assembly.memberOf(slide.facet()) == member
                        || isOn(assembly, member, slide.facet()));
  }

  /** What is glued to what is pulled goes along with it. */
  private static boolean isOn(Assembly assembly, int member, int facet) {
    return hosts(assembly, member).contains(facet);
  }

  /** Returns the facets that something flat is glued to, over other pieces too. */
  private static List<Integer> hosts(Assembly assembly, int member) {
    List<Integer> hosts = new ArrayList<>();
    List<Assembly.Glue> glue = assembly.members().get(member).glue();
    while (!glue.isEmpty()) {
      int host = glue.get(0).host();
      hosts.add(host);
      glue = assembly.members().get(assembly.memberOf(host)).glue();
    }
    return hosts;
  }

  private static List<Integer> under(Assembly assembly, int member) {
    boolean isFlat = assembly.members().get(member).flat().facets().size() == 1;
    return isFlat
        ? hosts(assembly, member).stream().map(assembly::memberOf).distinct().toList()
        : List.of();
  }

  /**
   * Looks how far a layer reaches past the closed card.
   *
   * @param model the folded card
   * @param layer a layer on any piece that is folded with it
   * @return millimetres; nought if it does not, or nobody would notice
   */
  public static double amount(FoldModel model, Layer layer) {
    if (!model.layering().lies(model.closing())) {
      return 0;
    }
    Pose pose = model.pose(model.closing());
    Assembly assembly = model.assembly();
    List<Spot> corners = layer.outline().stream().map(Spot::from).toList();
    Geometry middle = Facet.polygon(corners).getCentroid();
    Optional<Facet> carrier =
        assembly.facets().stream()
            .filter(facet -> assembly.pieceOf(facet.index()).id().equals(layer.on()))
            .min(Comparator.comparingDouble(facet -> facet.polygon().distance(middle)));
    if (carrier.isEmpty()) {
      return 0;
    }
    // What its piece hangs over by is told of the piece.
    int own = assembly.memberOf(carrier.get().index());
    Geometry outline = outline(pose).union(outline(pose, own));
    double most = 0;
    for (Spot corner : corners) {
      Vec at = pose.place(carrier.get().index(), corner);
      most = Math.max(most, outline.distance(GEOMETRY.createPoint(new Coordinate(at.x(), at.y()))));
    }
    return most > NOTICEABLE ? most : 0;
  }

  private static Geometry outline(Pose pose) {
    return outline(pose, 0);
  }

  /** What is behind a window, even one that opens a fold, does not stick out. */
  private static Geometry outline(Pose pose, int member) {
    List<Polygon> base = new ArrayList<>();
    Assembly.Member of = pose.assembly().members().get(member);
    for (Facet facet : of.flat().facets()) {
      int index = of.firstFacet() + facet.index();
      base.add(Facet.polygon(pose.corners(index).stream().map(Outside::above).toList()));
      for (Opening opening : of.flat().piece().openings()) {
        if (opening.kind() == Opening.Kind.WINDOW) {
          Polygon whole =
              Facet.polygon(opening.outline().stream().map(each -> Spot.from(each)).toList());
          Geometry open = Areas.common(facet.polygon().convexHull(), whole);
          List<Spot> corners =
              Arrays.stream(open.convexHull().getCoordinates())
                  .limit(Math.max(0, open.convexHull().getNumPoints() - 1))
                  .map(at -> above(pose.place(index, new Spot(at.x, at.y))))
                  .toList();
          if (corners.size() > 2) {
            base.add(Facet.polygon(corners));
          }
        }
      }
    }
    return Areas.union(base);
  }

  private static Spot above(Vec at) {
    return new Spot(at.x(), at.y());
  }

  private static double amount(FoldModel model, double moment, int member) {
    Pose pose = model.pose(moment);
    Assembly assembly = model.assembly();
    Geometry outline = outline(pose);
    if (moment <= model.closing()) {
      // What it is glued to may hang over as well, which is told of that.
      for (int under : under(assembly, member)) {
        outline = outline.union(outline(pose, under));
      }
    }
    double most = 0;
    for (Facet facet : assembly.facets()) {
      if (assembly.memberOf(facet.index()) == member) {
        for (Vec corner : pose.corners(facet.index())) {
          Coordinate at = new Coordinate(corner.x(), corner.y());
          most = Math.max(most, outline.distance(GEOMETRY.createPoint(at)));
        }
      }
    }
    return most;
  }

  private static double open(FoldModel model, double moment) {
    return model.turned(Math.ceil(moment)) - model.turned(moment);
  }
}

package cufflink.core.fold;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Link;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;

/**
 * Where paper would pass through paper while a card is folded.
 *
 * <p>Each stage is looked at in a number of poses. Two facets catch where an edge of one goes
 * through the other, clear of both their edges; facets that touch, or share a crease, do not catch.
 */
public final class Catches {
  private static final int POSES = 16;

  /** How far an edge must be through, and from the rim of what it goes through, in millimetres. */
  private static final double THROUGH = 0.4;

  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private final FoldModel model;
  private final List<Polygon> polygons;
  private final Set<List<Integer>> joined = new HashSet<>();

  /**
   * Two facets in each other's way.
   *
   * @param moment when they first meet, as for {@link FoldModel#pose(double)}
   * @param facet the facet whose edge goes through
   * @param other the facet it goes through
   * @param amount how far it is through in that pose, in millimetres
   * @param place where it goes through, on the other facet
   */
  public record Catch(double moment, int facet, int other, double amount, Spot place) {}

  /** How far an edge goes through a facet, and where. */
  private record Through(double amount, Spot place) {}

  private Catches(FoldModel model) {
    this.model = model;
    this.polygons = model.assembly().facets().stream().map(Facet::polygon).toList();
    for (Link link : model.assembly().links()) {
      joined.add(List.of(link.first(), link.second()));
      joined.add(List.of(link.second(), link.first()));
    }
  }

  /**
   * Looks at a whole folding.
   *
   * @param model the folded card
   * @param stops asked between poses; true ends the search
   * @return the first catch of each two facets
   */
  public static List<Catch> of(FoldModel model, BooleanSupplier stops) {
    return new Catches(model).find(stops);
  }

  private List<Catch> find(BooleanSupplier stops) {
    List<Catch> catches = new ArrayList<>();
    Set<List<Integer>> found = new HashSet<>();
    int poses = POSES * model.stages().size();
    for (int i = 1; i < poses && !stops.getAsBoolean(); i++) {
      double moment = i / (double) POSES;
      if (model.shown(moment) != moment) {
        continue;
      }
      Pose pose = model.pose(moment);
      List<List<Vec>> corners = new ArrayList<>();
      for (int facet = 0; facet < polygons.size(); facet++) {
        corners.add(pose.corners(facet));
      }
      for (int facet = 0; facet < polygons.size(); facet++) {
        for (int other = 0; other < polygons.size(); other++) {
          List<Integer> pair = List.of(Math.min(facet, other), Math.max(facet, other));
          boolean meets = facet != other && !joined.contains(pair) && meets(facet, other, moment);
          if (meets && !found.contains(pair)) {
            Optional<Through> through = through(pose, corners.get(facet), other);
            if (through.isPresent()) {
              found.add(pair);
              double amount = through.get().amount();
              catches.add(new Catch(moment, facet, other, amount, through.get().place()));
            }
          }
        }
      }
    }
    return catches;
  }

  /** What is folded before it is glued on meets nothing but itself until then. */
  private boolean meets(int facet, int other, double moment) {
    Assembly assembly = model.assembly();
    boolean alone = assembly.memberOf(facet) == assembly.memberOf(other);
    return alone || model.isPut(facet, moment) && model.isPut(other, moment);
  }

  /** Finds the edge of one facet that goes farthest through another. */
  private Optional<Through> through(Pose pose, List<Vec> corners, int other) {
    Motion motion = pose.motions().get(other);
    Through most = new Through(0, new Spot(0, 0));
    Vec before = motion.back(corners.get(corners.size() - 1));
    for (Vec corner : corners) {
      Vec now = motion.back(corner);
      double amount = Math.min(Math.abs(before.z()), Math.abs(now.z()));
      if (before.z() * now.z() < 0 && amount > THROUGH && amount > most.amount()) {
        double share = before.z() / (before.z() - now.z());
        Spot place =
            new Spot(
                before.x() + (now.x() - before.x()) * share,
                before.y() + (now.y() - before.y()) * share);
        most = isClear(polygons.get(other), place) ? new Through(amount, place) : most;
      }
      before = now;
    }
    return Optional.of(most).filter(each -> each.amount() > 0);
  }

  private static boolean isClear(Polygon polygon, Spot place) {
    if (!Facet.holds(polygon, place)) {
      return false;
    }
    Point point = GEOMETRY.createPoint(new Coordinate(place.x(), place.y()));
    return polygon.getBoundary().distance(point) > THROUGH;
  }
}

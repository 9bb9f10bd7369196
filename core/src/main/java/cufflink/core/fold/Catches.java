package cufflink.core.fold;

import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
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
   */
  public record Catch(double moment, int facet, int other, double amount) {}

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
          if (facet != other && !joined.contains(pair) && !found.contains(pair)) {
            double amount = through(pose, corners.get(facet), other);
            if (amount > 0) {
              found.add(pair);
              catches.add(new Catch(moment, facet, other, amount));
            }
          }
        }
      }
    }
    return catches;
  }

  /** Returns how far an edge of one facet goes through another, 0 if none does. */
  private double through(Pose pose, List<Vec> corners, int other) {
    Motion motion = pose.motions().get(other);
    double most = 0;
    Vec before = motion.back(corners.get(corners.size() - 1));
    for (Vec corner : corners) {
      Vec now = motion.back(corner);
      double amount = Math.min(Math.abs(before.z()), Math.abs(now.z()));
      if (before.z() * now.z() < 0 && amount > THROUGH && amount > most) {
        double share = before.z() / (before.z() - now.z());
        Spot place =
            new Spot(
                before.x() + (now.x() - before.x()) * share,
                before.y() + (now.y() - before.y()) * share);
        most = isClear(polygons.get(other), place) ? amount : most;
      }
      before = now;
    }
    return most;
  }

  private static boolean isClear(Polygon polygon, Spot place) {
    if (!Facet.holds(polygon, place)) {
      return false;
    }
    Point point = GEOMETRY.createPoint(new Coordinate(place.x(), place.y()));
    return polygon.getBoundary().distance(point) > THROUGH;
  }
}

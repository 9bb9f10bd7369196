package cufflink.core.fold;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Face;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.layers.LayerOrder;
import cufflink.core.layers.Overlap;
import cufflink.core.layers.PlyOrder;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/**
 * A folded card as polygons to be painted one after another, the farthest first.
 *
 * <p>Of any two facets that overlap to the eye the nearer is painted later; where they touch, the
 * ply order decides. Should these demands run in a ring, which no real stack does, the facet that
 * is farthest on the whole goes first.
 *
 * @param plies the polygons in painting order
 */
public record FoldedView(List<Ply> plies) {
  private static final Vec LIGHT = new Vec(-0.35, -0.45, 0.82);
  private static final double SMALLEST_AREA = 1e-3;
  private static final double TOUCHING = 1e-3;

  /**
   * One facet as the eye sees it.
   *
   * @param facet its index
   * @param corners its corners in order, millimetres to the right and down
   * @param face the face that shows
   * @param light how bright it is, from 0 to 1
   */
  public record Ply(int facet, List<Spot> corners, Face face, double light) {
    /** Copies the corners. */
    public Ply {
      corners = List.copyOf(corners);
    }
  }

  /** A facet turned to the eye. */
  private record Seen(
      int facet, Overlap.Outline shape, Envelope extent, Vec corner, Vec normal, double depth) {
    double depthAt(double x, double y) {
      double slope = normal.x() * (x - corner.x()) + normal.y() * (y - corner.y());
      return corner.z() - slope / normal.z();
    }
  }

  /** Copies the list. */
  public FoldedView {
    plies = List.copyOf(plies);
  }

  /**
   * Looks at a card.
   *
   * @param model the folded piece
   * @param moment as for {@link FoldModel#pose(double)}
   * @param viewpoint from where
   * @return the polygons to paint
   */
  public static FoldedView of(FoldModel model, double moment, Viewpoint viewpoint) {
    return of(model, moment, model.pose(moment), viewpoint);
  }

  /**
   * Looks at a card whose facets have been moved a little, such as spread apart.
   *
   * @param model the folded piece
   * @param moment the moment whose layer order holds
   * @param pose where the facets are
   * @param viewpoint from where
   * @return the polygons to paint
   */
  public static FoldedView of(FoldModel model, double moment, Pose pose, Viewpoint viewpoint) {
    PlyOrder order = new PlyOrder(model, moment, pose, model.assembly().tolerances().folded());
    Optional<LayerOrder.Stack> stack =
        moment == Math.rint(moment) && model.layering().isFlat((int) moment)
            ? model.layering().stack((int) moment)
            : Optional.empty();
    boolean fromAbove = viewpoint.apply(new Vec(0, 0, 1)).z() > 0;
    List<Seen> seen = new ArrayList<>();
    for (Facet facet : model.assembly().facets()) {
      seen.add(seen(pose, facet.index(), viewpoint));
    }
    int count = seen.size();
    if (model.isTooLarge()) {
      seen.sort(Comparator.comparingDouble(Seen::depth));
      return new FoldedView(seen.stream().map(FoldedView::ply).toList());
    }
    boolean[][] behind = new boolean[count][count];
    for (int i = 0; i < count; i++) {
      for (int j = i + 1; j < count; j++) {
        int side = stack.isPresent() ? stack.get().side(i, j) : 0;
        int nearer = fromAbove ? side : -side;
        if (stack.isEmpty()) {
          nearer = nearer(seen.get(i), seen.get(j), order, viewpoint);
        }
        behind[i][j] = nearer < 0;
        behind[j][i] = nearer > 0;
      }
    }
    return new FoldedView(paintingOrder(seen, behind).stream().map(each -> ply(each)).toList());
  }

  private static Seen seen(Pose pose, int facet, Viewpoint viewpoint) {
    List<Vec> corners = pose.corners(facet).stream().map(viewpoint::apply).toList();
    List<Spot> shape = corners.stream().map(corner -> new Spot(corner.x(), corner.y())).toList();
    Envelope extent = new Envelope();
    shape.forEach(corner -> extent.expandToInclude(corner.x(), corner.y()));
    double depth = corners.stream().mapToDouble(Vec::z).average().orElse(0);
    Vec normal = viewpoint.apply(pose.motions().get(facet).up());
    return new Seen(facet, Overlap.Outline.of(shape), extent, corners.get(0), normal, depth);
  }

  /** Returns 1 if the first is nearer to the eye, -1 if the second is, 0 if it does not matter. */
  private static int nearer(Seen first, Seen second, PlyOrder order, Viewpoint viewpoint) {
    if (isEdgeOn(first) || isEdgeOn(second) || !first.extent().intersects(second.extent())) {
      return 0;
    }
    Optional<Spot> common = Overlap.of(first.shape(), second.shape(), SMALLEST_AREA);
    if (common.isEmpty()) {
      return 0;
    }
    Spot place = common.get();
    double depth = second.depthAt(place.x(), place.y());
    double ahead = first.depthAt(place.x(), place.y()) - depth;
    if (Math.abs(ahead) > TOUCHING) {
      return ahead > 0 ? 1 : -1;
    }
    Vec touching = viewpoint.back(new Vec(place.x(), place.y(), depth));
    int side = order.side(first.facet(), second.facet(), touching);
    return second.normal().z() > 0 ? side : -side;
  }

  private static boolean isEdgeOn(Seen seen) {
    return Math.abs(seen.shape().area()) < SMALLEST_AREA;
  }

  private static List<Seen> paintingOrder(List<Seen> seen, boolean[][] behind) {
    List<Seen> painted = new ArrayList<>();
    List<Seen> waiting = new ArrayList<>(seen);
    while (!waiting.isEmpty()) {
      Seen next =
          waiting.stream()
              .filter(
                  each -> waiting.stream().noneMatch(other -> behind[other.facet()][each.facet()]))
              .findFirst()
              .orElseGet(
                  () ->
                      waiting.stream()
                          .min((a, b) -> Double.compare(a.depth(), b.depth()))
                          .orElseThrow());
      painted.add(next);
      waiting.remove(next);
    }
    return painted;
  }

  private static Ply ply(Seen seen) {
    Face face = seen.normal().z() >= 0 ? Face.INSIDE : Face.OUTSIDE;
    double facing = seen.normal().z() >= 0 ? 1 : -1;
    double light = Math.max(0, seen.normal().times(facing).dot(LIGHT));
    return new Ply(seen.facet(), seen.shape().corners(), face, Math.min(1, light / LIGHT.length()));
  }
}

package cufflink.core.pattern;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** What is left of a piece that is trimmed to the edge of the paper it is glued onto. */
final class Flush {
  private Flush() {}

  /**
   * Finds the edge that something is trimmed to.
   *
   * @param paper the id of a layer or joint
   * @param layers all layers
   * @param joints all joints
   * @return its corners on its host, if it is there
   */
  private static Optional<List<Point>> edge(String paper, List<Layer> layers, List<Joint> joints) {
    return joints.stream()
        .filter(joint -> joint.id().equals(paper))
        .map(Joint::outline)
        .findFirst()
        .or(
            () ->
                layers.stream()
                    .filter(layer -> layer.id().equals(paper))
                    .map(Layer::outline)
                    .findFirst());
  }

  /**
   * Trims a piece.
   *
   * @param piece the piece as it is cut first
   * @param flush to what it is trimmed
   * @param layers all layers
   * @param joints all joints
   * @return its corners as it is described, rounded to a unit of length; nothing if no paper of it
   *     is left; all of it if the other paper is not there
   */
  static Optional<List<Point>> trimmed(
      Piece piece, Design.Relation.Flush flush, List<Layer> layers, List<Joint> joints) {
    Optional<Joint> joint =
        joints.stream().filter(each -> each.id().equals(flush.joint())).findFirst();
    Optional<List<Point>> edge = edge(flush.paper(), layers, joints);
    if (joint.isEmpty() || edge.isEmpty()) {
      return Optional.of(piece.outline());
    }
    Point at = joint.get().area().at();
    // A piece lies on either face as its host lies, inside up.
    List<Point> own =
        edge.get().stream()
            .map(corner -> new Point(corner.x().minus(at.x()), corner.y().minus(at.y())))
            .toList();
    Geometry left = Outline.polygon(piece.outline()).intersection(Outline.polygon(own));
    return left instanceof Polygon paper && !paper.isEmpty()
        ? Optional.of(corners(paper))
        : Optional.empty();
  }

  private static List<Point> corners(Polygon paper) {
    List<Coordinate> all = Arrays.asList(paper.getExteriorRing().getCoordinates());
    List<Point> corners = new ArrayList<>();
    for (Coordinate each : all.subList(1, all.size())) {
      corners.add(
          new Point(Length.ofUnits(Math.round(each.x)), Length.ofUnits(Math.round(each.y))));
    }
    return corners;
  }
}

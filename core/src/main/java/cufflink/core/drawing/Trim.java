package cufflink.core.drawing;

import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.layers.Areas;
import cufflink.core.layers.Overlap;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.triangulate.polygon.PolygonHoleJoiner;

/**
 * Trims the figures of a print to the paper it is on, so that whoever paints them need not clip
 * them: on a screen a clip is many times as slow as what is painted through it.
 */
final class Trim {
  private Trim() {}

  /**
   * Trims figures.
   *
   * @param rings the rim of the paper, and its holes
   * @param figures what is printed, each without holes
   * @return what of them is on the paper, each still without holes
   */
  static List<List<Spot>> to(List<List<Spot>> rings, List<List<Spot>> figures) {
    Overlap.Outline rim = Overlap.Outline.of(rings.get(0));
    if (rim.area() == 0) {
      return List.of();
    }
    if (rings.size() == 1 && rim.convex()) {
      return figures.stream()
          .map(figure -> Overlap.within(figure, rim))
          .filter(left -> left.size() > 2)
          .toList();
    }
    Geometry paper = Facet.polygon(rings.get(0));
    for (List<Spot> hole : rings.subList(1, rings.size())) {
      paper = Areas.without(paper, Facet.polygon(hole));
    }
    PreparedGeometry prepared = PreparedGeometryFactory.prepare(paper);
    return figures.stream().flatMap(figure -> general(prepared, figure)).toList();
  }

  private static Stream<List<Spot>> general(PreparedGeometry paper, List<Spot> figure) {
    Polygon whole = Facet.polygon(figure);
    if (paper.covers(whole)) {
      return Stream.of(figure);
    }
    if (!paper.intersects(whole)) {
      return Stream.empty();
    }
    List<?> left = PolygonExtracter.getPolygons(Areas.common(paper.getGeometry(), whole));
    return left.stream().map(each -> ring((Polygon) each));
  }

  /** A figure with a hole is slit from its rim to the hole. */
  private static List<Spot> ring(Polygon figure) {
    Coordinate[] ring =
        figure.getNumInteriorRing() == 0
            ? figure.getExteriorRing().getCoordinates()
            : PolygonHoleJoiner.join(figure);
    return Arrays.stream(ring).limit(ring.length - 1L).map(at -> new Spot(at.x, at.y)).toList();
  }
}

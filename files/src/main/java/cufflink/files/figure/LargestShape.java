package cufflink.files.figure;

import cufflink.core.decor.Outline;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** The largest of the shapes of a drawing, with what is cut out of it. */
final class LargestShape {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private Optional<Polygon> largest = Optional.empty();
  private boolean isCrossed;
  private boolean isEvenOdd;

  Optional<Polygon> shape() {
    return largest;
  }

  boolean isCrossed() {
    return isCrossed;
  }

  /**
   * Keeps the largest outline, with the holes that were drawn with it.
   *
   * @param rings all lines of one shape
   * @param evenOdd whether what lies in an even number of them is left out; else their directions
   *     tell, as SVG 1.1 has it (11.3, fill-rule)
   * @param least what is narrower nobody cuts out
   */
  void take(List<Polygon> rings, boolean evenOdd, double least) {
    this.isEvenOdd = evenOdd;
    rings.sort(Comparator.comparingDouble((Polygon each) -> -each.getEnvelope().getArea()));
    double before = largest.map(each -> each.getEnvelope().getArea()).orElse(0.0);
    if (rings.isEmpty() || rings.get(0).getEnvelope().getArea() <= before) {
      return;
    }
    Polygon outer = rings.get(0);
    List<LinearRing> holes = new ArrayList<>();
    isCrossed = !outer.isValid();
    for (Polygon ring : isCrossed ? List.<Polygon>of() : rings.subList(1, rings.size())) {
      Envelope box = ring.getEnvelopeInternal();
      // What is not within it is another figure; what is tiny, nobody cuts out.
      if (Math.min(box.getWidth(), box.getHeight()) < least || outer.disjoint(ring)) {
        continue;
      }
      isCrossed |= !ring.isValid() || outer.getExteriorRing().intersects(ring.getExteriorRing());
      if (!isCrossed && isHole(ring, rings, holes)) {
        holes.add(ring.getExteriorRing());
      }
    }
    Polygon whole =
        GEOMETRY.createPolygon(outer.getExteriorRing(), holes.toArray(new LinearRing[0]));
    isCrossed |= !whole.isValid();
    largest = Optional.of(whole);
  }

  /**
   * Says whether a figure is nowhere as wide as a share of its length.
   *
   * @param corners its corners, as shares of a box
   * @param holes those of its holes
   * @param box the box
   * @param share the share
   */
  static boolean isThin(
      List<Outline.Corner> corners, List<List<Outline.Corner>> holes, Envelope box, double share) {
    double least = Math.max(box.getWidth(), box.getHeight()) * share;
    LinearRing[] inner = holes.stream().map(hole -> ring(hole, box)).toArray(LinearRing[]::new);
    Polygon shape = GEOMETRY.createPolygon(ring(corners, box), inner);
    return !shape.isValid()
        || MaximumInscribedCircle.getRadiusLine(shape, least / 10).getLength() * 2 < least;
  }

  private static LinearRing ring(List<Outline.Corner> corners, Envelope box) {
    Coordinate[] ring = new Coordinate[corners.size() + 1];
    for (int i = 0; i < ring.length; i++) {
      Outline.Corner corner = corners.get(i % corners.size());
      ring[i] = new Coordinate(corner.x() * box.getWidth(), corner.y() * box.getHeight());
    }
    return GEOMETRY.createLinearRing(ring);
  }

  /** A hole has paper round it and none in it; what lies in a hole falls out with that. */
  private boolean isHole(Polygon ring, List<Polygon> rings, List<LinearRing> holes) {
    int round = 0;
    for (Polygon each : rings) {
      if (each != ring && each.isValid() && each.contains(ring.getInteriorPoint())) {
        round += isEvenOdd ? 1 : turns(each);
      }
    }
    boolean isAlone =
        holes.stream()
            .noneMatch(hole -> GEOMETRY.createPolygon(hole).contains(ring.getInteriorPoint()));
    return isAlone && isFilled(round) && !isFilled(round + (isEvenOdd ? 1 : turns(ring)));
  }

  private boolean isFilled(int round) {
    return isEvenOdd ? round % 2 == 1 : round != 0;
  }

  private static int turns(Polygon ring) {
    return Orientation.isCCW(ring.getExteriorRing().getCoordinates()) ? 1 : -1;
  }
}

package cufflink.core.layers;

import cufflink.core.assembly.Pose;
import cufflink.core.flat.Arrangement;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerance;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.MinimumAreaRectangle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * The card after its last stage.
 *
 * @param isFlat whether every facet lies flat
 * @param width its extent from left to right, millimetres rounded to the nearest length; of a card
 *     that lies askew one side of the smallest rectangle round it
 * @param height its extent from top to bottom, or the other side
 * @param depth how high it stands from the table; nought if it lies flat
 * @param regions how many plies lie where; empty unless the card is flat
 */
public record ClosedState(
    boolean isFlat, Length width, Length height, Length depth, List<Region> regions) {
  /** What stands deeper is no letter; our decision. */
  public static final Length DEEPEST_LETTER = Length.ofMillimetres(15);

  /**
   * A region of the closed card over which the plies are the same in number.
   *
   * @param corners its corners in order, in the frame of the facet that stayed on the table
   * @param plies how many plies lie there, above zero
   */
  public record Region(List<Spot> corners, int plies) {
    /** Copies the corners. */
    public Region {
      corners = List.copyOf(corners);
    }
  }

  private static final double NOTICEABLY_SMALLER = 0.999;

  /** Copies the regions. */
  public ClosedState {
    regions = List.copyOf(regions);
  }

  /**
   * Returns the greatest number of plies.
   *
   * @return the number, or nought if the card is not flat
   */
  public int mostPlies() {
    return regions.stream().mapToInt(Region::plies).max().orElse(0);
  }

  /**
   * Measures a card as it lies.
   *
   * @param pose where its facets are
   * @param tolerance how near the table counts as lying on it
   * @return its size and plies
   */
  public static ClosedState of(Pose pose, Tolerance tolerance) {
    Envelope extent = new Envelope();
    boolean isFlat = true;
    double low = 0;
    double high = 0;
    List<List<Spot>> shapes = new ArrayList<>();
    for (Facet facet : pose.assembly().facets()) {
      List<Vec> corners = pose.corners(facet.index());
      corners.forEach(corner -> extent.expandToInclude(corner.x(), corner.y()));
      isFlat &= corners.stream().allMatch(corner -> Math.abs(corner.z()) <= tolerance.length());
      for (Vec corner : corners) {
        low = Math.min(low, corner.z());
        high = Math.max(high, corner.z());
      }
      shapes.add(corners.stream().map(corner -> new Spot(corner.x(), corner.y())).toList());
    }
    double[] sides = isFlat ? sides(shapes, extent) : sides(extent);
    return new ClosedState(
        isFlat,
        Length.fromMillimetres(sides[0]),
        Length.fromMillimetres(sides[1]),
        isFlat ? Length.ZERO : Length.fromMillimetres(high - low),
        isFlat ? regions(shapes, tolerance) : List.of());
  }

  /**
   * Returns the sides of a box round it.
   *
   * @return the longest first; the last is nought if it lies flat
   */
  public List<Length> box() {
    return Stream.of(width, height, depth).sorted(Comparator.reverseOrder()).toList();
  }

  /**
   * Measures shapes that lie on a table.
   *
   * @param shapes the corners of each, in millimetres
   * @return width and height; of what lies askew the sides of the smallest rectangle round it
   */
  public static List<Length> size(List<List<Spot>> shapes) {
    Envelope extent = new Envelope();
    shapes.forEach(shape -> shape.forEach(at -> extent.expandToInclude(at.x(), at.y())));
    double[] sides = sides(shapes, extent);
    return List.of(Length.fromMillimetres(sides[0]), Length.fromMillimetres(sides[1]));
  }

  private static double[] sides(Envelope extent) {
    return new double[] {extent.getWidth(), extent.getHeight()};
  }

  /** A card that lies on its point is as large as the smallest rectangle round it. */
  private static double[] sides(List<List<Spot>> shapes, Envelope extent) {
    Geometry all =
        new GeometryFactory().buildGeometry(shapes.stream().map(Facet::polygon).toList());
    Geometry smallest = MinimumAreaRectangle.getMinimumRectangle(all);
    if (smallest.getArea() > extent.getArea() * NOTICEABLY_SMALLER) {
      return sides(extent);
    }
    Coordinate[] corners = smallest.getCoordinates();
    return new double[] {corners[0].distance(corners[1]), corners[1].distance(corners[2])};
  }

  private static List<Region> regions(List<List<Spot>> shapes, Tolerance tolerance) {
    return Overlay.cells(shapes, tolerance).stream()
        .map(cell -> new Region(Arrangement.corners(cell.polygon()), cell.shapes().cardinality()))
        .toList();
  }
}

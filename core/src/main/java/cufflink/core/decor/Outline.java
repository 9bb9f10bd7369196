package cufflink.core.decor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** The outline of a figure that a maker brings: its corners as shares of its width and height. */
public final class Outline {
  /** The most corners; more are not cut by hand. */
  public static final int MOST = 160;

  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /** How near a middle is found, as a share of the figure. */
  private static final double FINE = 0.002;

  /** By so much the room for glue is widened at a time. */
  private static final double STEP = 0.01;

  /** The foot of a figure begins here, as a share of its height from the top. */
  private static final double FOOT = 0.62;

  /** The most holes; more are not cut by hand. */
  public static final int MOST_HOLES = 24;

  private final List<Corner> corners;
  private final List<List<Corner>> holes;
  private final boolean isPanel;
  private final Room whole;
  private final Room foot;

  /**
   * A corner.
   *
   * @param x from the left, 0 to 1
   * @param y from the top, 0 to 1
   */
  public record Corner(double x, double y) {}

  /**
   * A rectangle within the figure, where glue goes.
   *
   * @param left from the left, 0 to 1
   * @param top from the top, 0 to 1
   * @param wide its width
   * @param high its height
   */
  public record Room(double left, double top, double wide, double high) {}

  /**
   * Makes the outline of a figure.
   *
   * @param corners its corners in order, as for {@link #Outline(List, boolean)}
   */
  public Outline(List<Corner> corners) {
    this(corners, List.of(), false);
  }

  /**
   * Makes an outline.
   *
   * @param corners its corners in order, from 3 to {@link #MOST}, each from 0 to 1; it must not
   *     cross or touch itself
   * @param isPanel whether it follows the panel it lies on, so that none of its sides is its top
   */
  public Outline(List<Corner> corners, boolean isPanel) {
    this(corners, List.of(), isPanel);
  }

  /**
   * Makes an outline with holes.
   *
   * @param corners its corners in order
   * @param holes the corners of each hole in order, all of them together no more than {@link #MOST}
   * @param isPanel whether it follows the panel it lies on
   */
  public Outline(List<Corner> corners, List<List<Corner>> holes, boolean isPanel) {
    this.isPanel = isPanel;
    this.corners = List.copyOf(corners);
    this.holes = holes.stream().map(List::copyOf).toList();
    if (!isSound(this.corners, this.holes)) {
      throw new IllegalArgumentException("no outline: " + corners.size() + " corners");
    }
    Polygon shape = shape(this.corners, this.holes);
    this.whole = room(shape).orElseThrow();
    Geometry low = shape.intersection(GEOMETRY.toGeometry(new Envelope(0, 1, FOOT, 1)));
    this.foot = room(low).orElse(whole);
  }

  /**
   * Says whether corners make an outline.
   *
   * @param corners some corners in order
   * @return false if there are too few or too many, one lies beyond 0 to 1, or the line crosses or
   *     touches itself
   */
  public static boolean isSound(List<Corner> corners) {
    return isSound(corners, List.of());
  }

  /**
   * Says whether corners make an outline with holes.
   *
   * @param corners some corners in order
   * @param holes those of each hole
   * @return false if one of them makes no outline, there are too many, or a hole is not within it
   *     or meets it or another
   */
  public static boolean isSound(List<Corner> corners, List<List<Corner>> holes) {
    return holes.size() <= MOST_HOLES
        && holes.stream().mapToInt(List::size).sum() <= MOST
        && Stream.concat(Stream.of(corners), holes.stream()).allMatch(Outline::isRing)
        && shape(corners, holes).isValid()
        && room(shape(corners, holes)).isPresent();
  }

  private static boolean isRing(List<Corner> corners) {
    return corners.size() >= 3
        && corners.size() <= MOST
        && corners.stream().allMatch(each -> isWithin(each.x) && isWithin(each.y));
  }

  private static boolean isWithin(double share) {
    return share >= 0 && share <= 1;
  }

  private static Polygon shape(List<Corner> corners, List<List<Corner>> holes) {
    return GEOMETRY.createPolygon(
        ring(corners), holes.stream().map(Outline::ring).toArray(LinearRing[]::new));
  }

  private static LinearRing ring(List<Corner> corners) {
    List<Coordinate> ring = new ArrayList<>();
    corners.forEach(each -> ring.add(new Coordinate(each.x, each.y)));
    ring.add(ring.get(0).copy());
    return GEOMETRY.createLinearRing(ring.toArray(new Coordinate[0]));
  }

  /** A square about the middle of its widest part, widened as far as there is paper. */
  private static Optional<Room> room(Geometry shape) {
    Geometry widest = shape;
    for (int i = 0; i < shape.getNumGeometries(); i++) {
      Geometry part = shape.getGeometryN(i);
      widest = i == 0 || part.getArea() > widest.getArea() ? part : widest;
    }
    if (!(widest instanceof Polygon) || widest.getArea() < FINE) {
      return Optional.empty();
    }
    MaximumInscribedCircle circle = new MaximumInscribedCircle(widest, FINE);
    Coordinate middle = circle.getCenter().getCoordinate();
    double half = circle.getRadiusLine().getLength() * 0.7;
    double[] box = {middle.x - half, middle.y - half, middle.x + half, middle.y + half};
    boolean grows = true;
    while (grows) {
      grows = false;
      for (int side = 0; side < box.length; side++) {
        double before = box[side];
        box[side] += side < 2 ? -STEP : STEP;
        Envelope now = new Envelope(box[0], box[2], box[1], box[3]);
        if (widest.covers(GEOMETRY.toGeometry(now))) {
          grows = true;
        } else {
          box[side] = before;
        }
      }
    }
    return Optional.of(new Room(box[0], box[1], box[2] - box[0], box[3] - box[1]));
  }

  /** Returns its corners in order. */
  public List<Corner> corners() {
    return corners;
  }

  /** Returns the corners of its holes, each in order. */
  public List<List<Corner>> holes() {
    return holes;
  }

  /** Says whether it follows the panel it lies on; a figure has a top of its own. */
  public boolean isPanel() {
    return isPanel;
  }

  /** Returns where glue goes that holds all of it. */
  public Room whole() {
    return whole;
  }

  /** Returns where glue goes that holds it by its foot only. */
  public Room foot() {
    return foot;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Outline outline
        && outline.corners.equals(corners)
        && outline.holes.equals(holes)
        && outline.isPanel == isPanel;
  }

  @Override
  public int hashCode() {
    return corners.hashCode();
  }

  @Override
  public String toString() {
    return "Outline" + corners + holes;
  }
}

package cufflink.core.flat;

import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.measure.Tolerance;
import cufflink.core.measure.Tolerances;
import cufflink.core.plane.Segment;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/**
 * A piece divided into facets by its folding scores and slits.
 *
 * @param piece the piece
 * @param facets the facets, left to right and top to bottom
 * @param creases what joins them
 * @param tolerances how near is equal, for all that looks at it
 */
public record FlatPattern(
    Piece piece, List<Facet> facets, List<Crease> creases, Tolerances tolerances) {
  /** Copies the lists. */
  public FlatPattern {
    facets = List.copyOf(facets);
    creases = List.copyOf(creases);
  }

  /**
   * Divides a piece.
   *
   * <p>Decorative scores divide nothing. A score that ends inside a facet divides nothing either.
   * What is cut out is no facet; a facet round a hole is taken as if it were whole.
   *
   * @param piece the piece
   * @param tolerances how near is equal: exact for whether lines touch
   * @return the divided piece
   */
  public static FlatPattern of(Piece piece, Tolerances tolerances) {
    return of(piece, piece.scores().stream().filter(Score::folds).toList(), tolerances);
  }

  /**
   * Divides a piece by its decorative scores as well.
   *
   * @param piece the piece
   * @param tolerances how near is equal: exact for whether lines touch
   * @return the divided piece; over the decorative ones nothing folds
   */
  public static FlatPattern ruled(Piece piece, Tolerances tolerances) {
    return of(piece, piece.scores(), tolerances);
  }

  private static FlatPattern of(Piece piece, List<Score> scores, Tolerances tolerances) {
    Tolerance tolerance = tolerances.exact();
    List<Facet> facets = facets(piece, scores, tolerance);
    List<Crease> creases = new ArrayList<>();
    for (int first = 0; first < facets.size(); first++) {
      for (int second = first + 1; second < facets.size(); second++) {
        addCreases(scores, facets.get(first), facets.get(second), tolerance, creases);
      }
    }
    return new FlatPattern(piece, facets, creases, tolerances);
  }

  private static List<Facet> facets(Piece piece, List<Score> scores, Tolerance tolerance) {
    List<List<Spot>> lines = new ArrayList<>();
    lines.add(Arrangement.ring(spots(piece.outline())));
    scores.forEach(score -> lines.add(line(score.line())));
    piece.slits().forEach(slit -> lines.add(line(slit.line())));
    List<Polygon> openings =
        piece.openings().stream().map(opening -> polygon(opening.outline())).toList();
    piece.openings().forEach(each -> lines.add(Arrangement.ring(spots(each.outline()))));
    Polygon paper = polygon(piece.outline());
    List<Facet> facets = new ArrayList<>();
    for (Polygon cell : Arrangement.cells(lines, tolerance)) {
      Spot inside = Facet.inside(cell);
      boolean isOpen = openings.stream().anyMatch(each -> Facet.holds(each, inside));
      if (!isOpen && Facet.holds(paper, inside)) {
        facets.add(new Facet(facets.size(), Arrangement.corners(cell)));
      }
    }
    return facets;
  }

  private static List<Spot> spots(List<cufflink.core.plane.Point> points) {
    return points.stream().map(Spot::from).toList();
  }

  private static Polygon polygon(List<cufflink.core.plane.Point> corners) {
    return Facet.polygon(spots(corners));
  }

  private static List<Spot> line(Segment segment) {
    return List.of(Spot.from(segment.from()), Spot.from(segment.to()));
  }

  /** Two facets are joined where an edge of one lies along a score and is an edge of the other. */
  private static void addCreases(
      List<Score> scores, Facet first, Facet second, Tolerance tolerance, List<Crease> creases) {
    int count = first.corners().size();
    for (int i = 0; i < count; i++) {
      Spot from = first.corners().get(i);
      Spot to = first.corners().get((i + 1) % count);
      if (hasEdge(second, from, to, tolerance)) {
        scores.stream()
            .filter(score -> runsAlong(score.line(), from, to, tolerance))
            .findFirst()
            .ifPresent(
                score -> creases.add(new Crease(score, first.index(), second.index(), from, to)));
      }
    }
  }

  private static boolean hasEdge(Facet facet, Spot from, Spot to, Tolerance tolerance) {
    int count = facet.corners().size();
    for (int i = 0; i < count; i++) {
      Spot start = facet.corners().get(i);
      Spot end = facet.corners().get((i + 1) % count);
      boolean same = near(start, from, tolerance) && near(end, to, tolerance);
      boolean opposite = near(start, to, tolerance) && near(end, from, tolerance);
      if (same || opposite) {
        return true;
      }
    }
    return false;
  }

  private static boolean near(Spot a, Spot b, Tolerance tolerance) {
    return a.distance(b) <= tolerance.length();
  }

  private static boolean runsAlong(Segment line, Spot from, Spot to, Tolerance tolerance) {
    return distance(line, from) <= tolerance.length() && distance(line, to) <= tolerance.length();
  }

  private static double distance(Segment line, Spot spot) {
    Spot from = Spot.from(line.from());
    Spot to = Spot.from(line.to());
    return Distance.pointToSegment(
        new Coordinate(spot.x(), spot.y()),
        new Coordinate(from.x(), from.y()),
        new Coordinate(to.x(), to.y()));
  }
}

package cufflink.core.flat;

import cufflink.core.measure.Tolerance;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A place inside the paper in which creases meet and nothing is cut.
 *
 * @param place where it is
 * @param spokes the creases, turning from the right downwards
 */
public record Vertex(Spot place, List<Spoke> spokes) {
  /**
   * A crease that runs from the vertex.
   *
   * @param crease the index of the crease
   * @param direction which way it runs, radians from the right downwards, from −π to π
   */
  public record Spoke(int crease, double direction) {}

  /** Copies the list. */
  public Vertex {
    spokes = List.copyOf(spokes);
  }

  /**
   * Finds the vertices of a piece.
   *
   * @param flat the piece, divided into facets
   * @return those with paper all round, in the order in which their creases come
   */
  public static List<Vertex> of(FlatPattern flat) {
    Tolerance tolerance = flat.tolerances().exact();
    List<Spot> places = new ArrayList<>();
    for (Crease crease : flat.creases()) {
      for (Spot end : List.of(crease.from(), crease.to())) {
        if (places.stream().noneMatch(each -> each.distance(end) <= tolerance.length())) {
          places.add(end);
        }
      }
    }
    List<Vertex> vertices = new ArrayList<>();
    for (Spot place : places) {
      List<Spoke> spokes = spokes(flat, place, tolerance);
      if (spokes.size() > 1 && isWhole(flat, place, spokes.size(), tolerance)) {
        vertices.add(new Vertex(place, spokes));
      }
    }
    return vertices;
  }

  private static List<Spoke> spokes(FlatPattern flat, Spot place, Tolerance tolerance) {
    List<Spoke> spokes = new ArrayList<>();
    for (int i = 0; i < flat.creases().size(); i++) {
      Crease crease = flat.creases().get(i);
      boolean begins = crease.from().distance(place) <= tolerance.length();
      boolean ends = crease.to().distance(place) <= tolerance.length();
      if (begins || ends) {
        Spot other = begins ? crease.to() : crease.from();
        spokes.add(new Spoke(i, Math.atan2(other.y() - place.y(), other.x() - place.x())));
      }
    }
    spokes.sort(Comparator.comparingDouble(Spoke::direction));
    return spokes;
  }

  /** All round the place there must be paper, each facet joined to the next by a crease. */
  private static boolean isWhole(FlatPattern flat, Spot place, int creases, Tolerance tolerance) {
    double round = 0;
    int facets = 0;
    for (Facet facet : flat.facets()) {
      List<Spot> corners = facet.corners();
      for (int i = 0; i < corners.size(); i++) {
        if (corners.get(i).distance(place) <= tolerance.length()) {
          Spot before = corners.get((i + corners.size() - 1) % corners.size());
          Spot after = corners.get((i + 1) % corners.size());
          round += angle(place, before, after);
          facets++;
        }
      }
    }
    return facets == creases && Math.abs(round - 2 * Math.PI) < flat.tolerances().folded().angle();
  }

  private static double angle(Spot at, Spot one, Spot other) {
    double from = Math.atan2(one.y() - at.y(), one.x() - at.x());
    double to = Math.atan2(other.y() - at.y(), other.x() - at.x());
    double between = Math.abs(from - to);
    return Math.min(between, 2 * Math.PI - between);
  }

  /**
   * Returns the angles between neighbouring creases.
   *
   * @return radians, the first between the first crease and the second, the last between the last
   *     and the first; together one full turn
   */
  public List<Double> sectors() {
    List<Double> sectors = new ArrayList<>();
    for (int i = 0; i < spokes.size(); i++) {
      double from = spokes.get(i).direction();
      double to = spokes.get((i + 1) % spokes.size()).direction();
      sectors.add(to > from ? to - from : to - from + 2 * Math.PI);
    }
    return sectors;
  }
}

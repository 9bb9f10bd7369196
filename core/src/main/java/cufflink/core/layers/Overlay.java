package cufflink.core.layers;

import cufflink.core.flat.Arrangement;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Places;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerance;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Polygon;

/**
 * Flat shapes laid over each other, divided into cells over each of which the same shapes lie, and
 * the edges between cells.
 *
 * @param cells the cells that some shape covers
 * @param edges the edges of the cells
 */
public record Overlay(List<Cell> cells, List<Edge> edges) {
  /**
   * A part of the plane.
   *
   * @param polygon its outline
   * @param shapes the indices of the shapes that cover it
   */
  public record Cell(Polygon polygon, BitSet shapes) {}

  /**
   * A line between two cells.
   *
   * @param from one end
   * @param to the other end
   * @param one the shapes on one side
   * @param other the shapes on the other side
   */
  record Edge(Spot from, Spot to, BitSet one, BitSet other) {
    Spot middle() {
      return new Spot((from.x() + to.x()) / 2, (from.y() + to.y()) / 2);
    }
  }

  /** Lays shapes over each other. Corners nearer than the tolerance count as one. */
  public static Overlay of(List<List<Spot>> shapes, Tolerance tolerance) {
    List<Cell> cells = cells(shapes, tolerance);
    return new Overlay(cells, edges(cells));
  }

  /** Divides the plane by shapes, without the edges between its parts. */
  static List<Cell> cells(List<List<Spot>> shapes, Tolerance tolerance) {
    Places places = new Places(tolerance.length());
    Set<List<Spot>> lines = new LinkedHashSet<>();
    List<Polygon> polygons = new ArrayList<>();
    for (List<Spot> shape : shapes) {
      List<Spot> corners = shape.stream().map(places::of).toList();
      polygons.add(Facet.polygon(corners));
      for (int i = 0; i < corners.size(); i++) {
        Spot from = corners.get(i);
        Spot to = corners.get((i + 1) % corners.size());
        // Plies on each other share most edges; each is drawn once, whichever way it runs.
        if (!lines.contains(List.of(to, from)) && !from.equals(to)) {
          lines.add(List.of(from, to));
        }
      }
    }
    List<Cell> cells = new ArrayList<>();
    for (Polygon cell : Arrangement.cells(List.copyOf(lines), tolerance)) {
      BitSet over = over(polygons, Facet.inside(cell));
      if (!over.isEmpty()) {
        cells.add(new Cell(cell, over));
      }
    }
    return cells;
  }

  private static List<Edge> edges(List<Cell> cells) {
    Map<Set<Spot>, List<Integer>> sides = new HashMap<>();
    Map<Set<Spot>, List<Spot>> ends = new HashMap<>();
    for (int index = 0; index < cells.size(); index++) {
      List<List<Spot>> rings = new ArrayList<>(Arrangement.holes(cells.get(index).polygon()));
      rings.add(Arrangement.corners(cells.get(index).polygon()));
      for (List<Spot> corners : rings) {
        for (int i = 0; i < corners.size(); i++) {
          Spot from = corners.get(i);
          Spot to = corners.get((i + 1) % corners.size());
          sides.computeIfAbsent(Set.of(from, to), each -> new ArrayList<>()).add(index);
          ends.putIfAbsent(Set.of(from, to), List.of(from, to));
        }
      }
    }
    List<Edge> edges = new ArrayList<>();
    sides.forEach(
        (key, beside) -> {
          BitSet one = cells.get(beside.get(0)).shapes();
          BitSet other = beside.size() > 1 ? cells.get(beside.get(1)).shapes() : new BitSet();
          edges.add(new Edge(ends.get(key).get(0), ends.get(key).get(1), one, other));
        });
    return edges;
  }

  private static BitSet over(List<Polygon> polygons, Spot place) {
    BitSet over = new BitSet();
    for (int i = 0; i < polygons.size(); i++) {
      if (Facet.holds(polygons.get(i), place)) {
        over.set(i);
      }
    }
    return over;
  }
}

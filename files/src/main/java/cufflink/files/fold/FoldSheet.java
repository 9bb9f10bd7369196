package cufflink.files.fold;

import cufflink.core.assembly.Assembly;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Slit;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.plane.Point;
import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/**
 * One piece of a card as FOLD has it: numbered vertices, edges with what they are, and faces. A
 * facet over which decorative scores run is several faces.
 */
final class FoldSheet {
  /** How far pieces lie apart, in millimetres. */
  static final double APART = 20;

  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private final Assembly.Member member;
  private final FlatPattern ruled;
  private final double left;
  private final double near;
  private final List<Vertex> vertices = new ArrayList<>();
  private final List<Edge> edges = new ArrayList<>();
  private final List<List<Integer>> faces = new ArrayList<>();
  private final List<Integer> facets = new ArrayList<>();

  /**
   * A corner of a face.
   *
   * @param facet the facet of the card that it moves with
   * @param place where it is on its piece
   */
  record Vertex(int facet, Spot place) {}

  /**
   * An edge of a face.
   *
   * @param from the number of one vertex
   * @param to the number of the other, above
   * @param kind its assignment
   * @param crease the crease of the card whose angle it has; -1 if it has none
   */
  record Edge(int from, int to, String kind, int crease) {}

  FoldSheet(Assembly.Member member, int firstVertex, double left) {
    this.member = member;
    this.left = left;
    this.ruled = FlatPattern.ruled(member.flat().piece(), member.flat().tolerances());
    this.near = member.flat().tolerances().folded().length();
    for (Facet face : ruled.facets()) {
      facets.add(carrier(face));
    }
    List<int[]> corners = number(firstVertex);
    addEdges(corners);
    addHoles(firstVertex);
    addSlits(firstVertex);
    corners.forEach(ids -> faces.add(upright(ids, firstVertex)));
  }

  List<Vertex> vertices() {
    return vertices;
  }

  List<Edge> edges() {
    return edges;
  }

  List<List<Integer>> faces() {
    return faces;
  }

  /** Returns of each face the facet of the card that it is part of. */
  List<Integer> facets() {
    return facets;
  }

  double left() {
    return left;
  }

  private int carrier(Facet face) {
    return carrier(Facet.inside(face.polygon()));
  }

  private int carrier(Spot inside) {
    return member.flat().facets().stream()
        .filter(facet -> Facet.holds(facet.polygon(), inside))
        .findFirst()
        .map(facet -> member.firstFacet() + facet.index())
        .orElseThrow(() -> new IllegalStateException("no facet holds " + inside));
  }

  /** Gives corners that a score holds together one number. */
  private List<int[]> number(int firstVertex) {
    List<Facet> all = ruled.facets();
    int[] starts = new int[all.size()];
    int count = 0;
    for (Facet face : all) {
      starts[face.index()] = count;
      count += face.corners().size();
    }
    int[] same = new int[count];
    for (int i = 0; i < count; i++) {
      same[i] = i;
    }
    for (Crease crease : ruled.creases()) {
      for (Spot end : List.of(crease.from(), crease.to())) {
        int one = root(same, starts[crease.first()] + corner(crease.first(), end));
        int other = root(same, starts[crease.second()] + corner(crease.second(), end));
        same[Math.max(one, other)] = Math.min(one, other);
      }
    }
    Map<Integer, Integer> numbers = new TreeMap<>();
    List<int[]> corners = new ArrayList<>();
    for (Facet face : all) {
      int[] ids = new int[face.corners().size()];
      for (int i = 0; i < ids.length; i++) {
        int root = root(same, starts[face.index()] + i);
        if (!numbers.containsKey(root)) {
          numbers.put(root, firstVertex + vertices.size());
          vertices.add(new Vertex(facets.get(face.index()), face.corners().get(i)));
        }
        ids[i] = numbers.get(root);
      }
      corners.add(ids);
    }
    return corners;
  }

  private static int root(int[] same, int corner) {
    int root = corner;
    while (same[root] != root) {
      root = same[root];
    }
    return root;
  }

  private int corner(int face, Spot end) {
    List<Spot> all = ruled.facets().get(face).corners();
    for (int i = 0; i < all.size(); i++) {
      if (all.get(i).distance(end) <= ruled.tolerances().exact().length()) {
        return i;
      }
    }
    throw new IllegalStateException("the crease ends at " + end + ", which is no corner");
  }

  private void addEdges(List<int[]> corners) {
    Map<List<Integer>, Edge> found = new LinkedHashMap<>();
    for (int face = 0; face < corners.size(); face++) {
      int[] ids = corners.get(face);
      List<Spot> places = ruled.facets().get(face).corners();
      for (int i = 0; i < ids.length; i++) {
        int next = (i + 1) % ids.length;
        int from = Math.min(ids[i], ids[next]);
        int to = Math.max(ids[i], ids[next]);
        found.putIfAbsent(
            List.of(from, to), new Edge(from, to, rim(places.get(i), places.get(next)), -1));
      }
    }
    for (Crease crease : ruled.creases()) {
      int[] ids = corners.get(crease.first());
      int one = ids[corner(crease.first(), crease.from())];
      int other = ids[corner(crease.first(), crease.to())];
      int from = Math.min(one, other);
      int to = Math.max(one, other);
      found.put(List.of(from, to), new Edge(from, to, assignment(crease), turning(crease)));
    }
    edges.addAll(found.values());
  }

  private static String assignment(Crease crease) {
    int sign = crease.score().fold().sign();
    return sign == 0 ? "F" : sign > 0 ? "V" : "M";
  }

  /** Finds the crease of the card that a part of a score lies on. */
  private int turning(Crease part) {
    if (!part.score().folds()) {
      return -1;
    }
    Spot middle = middle(part.from(), part.to());
    List<Crease> own = member.flat().creases();
    for (int i = 0; i < own.size(); i++) {
      Crease whole = own.get(i);
      if (whole.score().id().equals(part.score().id())
          && distance(whole.from(), whole.to(), middle) <= near) {
        return member.firstCrease() + i;
      }
    }
    throw new IllegalStateException("no crease runs through " + middle);
  }

  /** Where a face ends it is the border of the sheet with its notches, or it is cut within. */
  private String rim(Spot from, Spot to) {
    Spot middle = middle(from, to);
    Piece piece = member.flat().piece();
    boolean isBorder =
        runsAlong(piece.outline(), middle)
            || piece.openings().stream()
                .filter(opening -> opening.kind() == Opening.Kind.NOTCH)
                .anyMatch(notch -> runsAlong(notch.outline(), middle));
    return isBorder ? "B" : "C";
  }

  /** A hole inside a face is no part of its edge; its rim is cut. */
  private void addHoles(int firstVertex) {
    for (Opening opening : member.flat().piece().openings()) {
      List<Spot> rim = opening.outline().stream().map(Spot::from).toList();
      boolean inOneFace =
          ruled.facets().stream().anyMatch(face -> face.polygon().contains(Facet.polygon(rim)));
      if (inOneFace) {
        int first = firstVertex + vertices.size();
        int carrier = carrier(rim.get(0));
        for (int i = 0; i < rim.size(); i++) {
          vertices.add(new Vertex(carrier, rim.get(i)));
          int next = first + (i + 1) % rim.size();
          edges.add(new Edge(Math.min(first + i, next), Math.max(first + i, next), "C", -1));
        }
      }
    }
  }

  /** A slit that ends inside a face parts nothing; it is an edge of no face. */
  private void addSlits(int firstVertex) {
    for (Slit slit : member.flat().piece().slits()) {
      Spot from = Spot.from(slit.line().from());
      Spot to = Spot.from(slit.line().to());
      LineString line =
          GEOMETRY.createLineString(
              new Coordinate[] {
                new Coordinate(from.x(), from.y()), new Coordinate(to.x(), to.y())
              });
      for (Facet face : ruled.facets()) {
        Polygon shape = face.polygon();
        Geometry inside = line.intersection(shape).difference(shape.getBoundary().buffer(near));
        if (inside.getLength() > 0) {
          Coordinate[] ends = line.intersection(shape).getCoordinates();
          int first = firstVertex + vertices.size();
          for (Coordinate end : List.of(ends[0], ends[ends.length - 1])) {
            vertices.add(new Vertex(facets.get(face.index()), new Spot(end.x, end.y)));
          }
          edges.add(new Edge(first, first + 1, "C", -1));
        }
      }
    }
  }

  private boolean runsAlong(List<Point> outline, Spot place) {
    for (int i = 0; i < outline.size(); i++) {
      Spot one = Spot.from(outline.get(i));
      Spot other = Spot.from(outline.get((i + 1) % outline.size()));
      if (distance(one, other, place) <= near) {
        return true;
      }
    }
    return false;
  }

  private static double distance(Spot from, Spot to, Spot place) {
    return Line2D.ptSegDist(from.x(), from.y(), to.x(), to.y(), place.x(), place.y());
  }

  private static Spot middle(Spot from, Spot to) {
    return new Spot((from.x() + to.x()) / 2, (from.y() + to.y()) / 2);
  }

  /** Faces run either way round on the piece; with y upwards they are to run to the left. */
  private List<Integer> upright(int[] ids, int firstVertex) {
    double area = 0;
    List<Integer> face = new ArrayList<>();
    for (int i = 0; i < ids.length; i++) {
      Spot from = vertices.get(ids[i] - firstVertex).place();
      Spot to = vertices.get(ids[(i + 1) % ids.length] - firstVertex).place();
      area -= from.x() * to.y() - to.x() * from.y();
      face.add(ids[i]);
    }
    if (area < 0) {
      Collections.reverse(face);
    }
    return face;
  }
}

package cufflink.files.fold;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.layers.LayerOrder;
import cufflink.core.plane.Point;
import cufflink.core.space.Vec;
import java.awt.geom.Line2D;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Writes the folding of a piece as a FOLD 1.2 file: the crease pattern, and one frame for the card
 * after each stage, with the order of its faces where it lies flat.
 *
 * <p>Millimetres, y upwards as usual in FOLD; valley angles above zero, mountain below. A place at
 * which paper is cut apart has one vertex for each part.
 */
public final class FoldWriter {
  private static final ObjectMapper MAPPER =
      new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);
  private static final double FULL = 1e-9;

  private final FoldModel model;
  private final List<Facet> facets;
  private final List<Crease> creases;
  private final int[][] vertices;
  private final List<int[]> corners = new ArrayList<>();

  /** Two vertices and what lies between them. */
  private record Edge(int from, int to, int crease) {}

  private FoldWriter(FoldModel model) {
    this.model = model;
    this.facets = model.flat().facets();
    this.creases = model.flat().creases();
    this.vertices = new int[facets.size()][];
    number();
  }

  /**
   * Writes a folding.
   *
   * @param model the piece and its stages
   * @param title what it is
   * @return the FOLD file's text
   */
  public static String write(FoldModel model, String title) {
    try {
      return MAPPER.writeValueAsString(new FoldWriter(model).file(title)) + "\n";
    } catch (JsonProcessingException reason) {
      throw new IllegalStateException("writing JSON to memory cannot fail", reason);
    }
  }

  /** Gives corners that a crease holds together one number. */
  private void number() {
    Map<Integer, Integer> same = new LinkedHashMap<>();
    int next = 0;
    int[] starts = new int[facets.size()];
    for (Facet facet : facets) {
      starts[facet.index()] = next;
      for (int i = 0; i < facet.corners().size(); i++) {
        same.put(next, next);
        next++;
      }
    }
    for (Crease crease : creases) {
      for (Spot end : List.of(crease.from(), crease.to())) {
        int one = root(same, starts[crease.first()] + corner(crease.first(), end));
        int other = root(same, starts[crease.second()] + corner(crease.second(), end));
        same.put(Math.max(one, other), Math.min(one, other));
      }
    }
    Map<Integer, Integer> numbers = new LinkedHashMap<>();
    for (Facet facet : facets) {
      int[] ids = new int[facet.corners().size()];
      for (int i = 0; i < ids.length; i++) {
        int root = root(same, starts[facet.index()] + i);
        int corner = i;
        ids[i] =
            numbers.computeIfAbsent(
                root,
                each -> {
                  corners.add(new int[] {facet.index(), corner});
                  return corners.size() - 1;
                });
      }
      vertices[facet.index()] = ids;
    }
  }

  private static int root(Map<Integer, Integer> same, int corner) {
    int root = corner;
    while (same.get(root) != root) {
      root = same.get(root);
    }
    return root;
  }

  private int corner(int facet, Spot end) {
    List<Spot> all = facets.get(facet).corners();
    for (int i = 0; i < all.size(); i++) {
      if (all.get(i).distance(end) <= model.assembly().tolerances().exact().length()) {
        return i;
      }
    }
    throw new IllegalStateException("the crease ends at " + end + ", which is no corner");
  }

  private ObjectNode file(String title) {
    ObjectNode root = MAPPER.createObjectNode();
    root.put("file_spec", 1.2);
    root.put("file_creator", "Cufflink");
    root.put("file_title", title);
    root.putArray("file_classes").add("singleModel").add("animation");
    root.putArray("frame_classes").add("creasePattern");
    root.putArray("frame_attributes").add("2D");
    root.put("frame_unit", "mm");
    ArrayNode places = root.putArray("vertices_coords");
    for (int[] corner : corners) {
      Spot spot = facets.get(corner[0]).corners().get(corner[1]);
      places.addArray().add(spot.x()).add(0.0 - spot.y());
    }
    List<Edge> edges = edges();
    ArrayNode ends = root.putArray("edges_vertices");
    ArrayNode kinds = root.putArray("edges_assignment");
    ArrayNode angles = root.putArray("edges_foldAngle");
    double[] closed = model.turns(model.closing());
    for (Edge edge : edges) {
      ends.addArray().add(edge.from()).add(edge.to());
      kinds.add(edge.crease() < 0 ? rim(edge) : assignment(edge.crease()));
      angles.add(edge.crease() < 0 ? 0 : Math.toDegrees(closed[edge.crease()]));
    }
    ArrayNode faces = root.putArray("faces_vertices");
    for (int[] ids : vertices) {
      ArrayNode face = faces.addArray();
      upright(ids).forEach(face::add);
    }
    ArrayNode frames = root.putArray("file_frames");
    for (int done = 1; done <= model.stages().size(); done++) {
      frame(frames.addObject(), done);
    }
    return root;
  }

  /** Facets run either way round on the piece; with y upwards, faces are to run to the left. */
  private List<Integer> upright(int[] ids) {
    double area = 0;
    List<Integer> face = new ArrayList<>();
    for (int i = 0; i < ids.length; i++) {
      Spot from = place(ids[i]);
      Spot to = place(ids[(i + 1) % ids.length]);
      area -= from.x() * to.y() - to.x() * from.y();
      face.add(ids[i]);
    }
    if (area < 0) {
      java.util.Collections.reverse(face);
    }
    return face;
  }

  private Spot place(int vertex) {
    int[] corner = corners.get(vertex);
    return facets.get(corner[0]).corners().get(corner[1]);
  }

  /** Where a facet ends it is the border of the sheet with its notches, or it is cut within. */
  private String rim(Edge edge) {
    Spot from = place(edge.from());
    Spot to = place(edge.to());
    Spot middle = new Spot((from.x() + to.x()) / 2, (from.y() + to.y()) / 2);
    Piece piece = model.flat().piece();
    boolean isBorder =
        runsAlong(piece.outline(), middle)
            || piece.openings().stream()
                .filter(opening -> opening.kind() == Opening.Kind.NOTCH)
                .anyMatch(notch -> runsAlong(notch.outline(), middle));
    return isBorder ? "B" : "C";
  }

  private boolean runsAlong(List<Point> outline, Spot place) {
    for (int i = 0; i < outline.size(); i++) {
      Spot one = Spot.from(outline.get(i));
      Spot other = Spot.from(outline.get((i + 1) % outline.size()));
      double beside =
          Line2D.ptSegDist(one.x(), one.y(), other.x(), other.y(), place.x(), place.y());
      if (beside <= model.assembly().tolerances().folded().length()) {
        return true;
      }
    }
    return false;
  }

  private String assignment(int crease) {
    return creases.get(crease).score().fold().sign() > 0 ? "V" : "M";
  }

  private List<Edge> edges() {
    Map<List<Integer>, Edge> edges = new LinkedHashMap<>();
    for (int[] ids : vertices) {
      for (int i = 0; i < ids.length; i++) {
        int from = Math.min(ids[i], ids[(i + 1) % ids.length]);
        int to = Math.max(ids[i], ids[(i + 1) % ids.length]);
        edges.putIfAbsent(List.of(from, to), new Edge(from, to, -1));
      }
    }
    for (int i = 0; i < creases.size(); i++) {
      Crease crease = creases.get(i);
      int[] ids = vertices[crease.first()];
      int one = ids[corner(crease.first(), crease.from())];
      int other = ids[corner(crease.first(), crease.to())];
      int from = Math.min(one, other);
      int to = Math.max(one, other);
      edges.put(List.of(from, to), new Edge(from, to, i));
    }
    return List.copyOf(edges.values());
  }

  private void frame(ObjectNode frame, int done) {
    frame.put("frame_title", model.stages().get(done - 1).title());
    frame.putArray("frame_classes").add("foldedForm");
    frame.putArray("frame_attributes").add("3D");
    frame.put("frame_parent", 0);
    frame.put("frame_inherit", true);
    Pose pose = model.pose(done);
    ArrayNode places = frame.putArray("vertices_coords");
    for (int vertex = 0; vertex < corners.size(); vertex++) {
      Vec at = pose.place(corners.get(vertex)[0], place(vertex));
      places.addArray().add(tidy(at.x())).add(tidy(-at.y())).add(tidy(at.z()));
    }
    Optional<LayerOrder.Stack> stack =
        model.layering().isFlat(done) ? model.layering().stack(done) : Optional.empty();
    if (stack.isEmpty()) {
      return;
    }
    ArrayNode orders = frame.putArray("faceOrders");
    for (int facet = 0; facet < facets.size(); facet++) {
      for (int other = facet + 1; other < facets.size(); other++) {
        int side = stack.get().side(facet, other);
        if (side != 0) {
          boolean facesUp = pose.motions().get(other).up().z() > 0;
          orders.addArray().add(facet).add(other).add(facesUp ? side : -side);
        }
      }
    }
  }

  private static double tidy(double number) {
    return Math.abs(number) < FULL ? 0 : number;
  }
}

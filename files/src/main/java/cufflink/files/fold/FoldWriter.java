package cufflink.files.fold;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.layers.LayerOrder;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.List;

/**
 * Writes a card as a FOLD file (FOLD specification 1.2): as the first frame the pieces beside each
 * other, flat, then one frame for each stage with all that is glued on.
 *
 * <p>Coordinates are millimetres with y upwards; where a slit or hole parts the paper both sides
 * have vertices of their own, which have the same numbers in every frame. Slits and holes are C,
 * decorative scores F.
 */
public final class FoldWriter {
  private static final ObjectMapper MAPPER =
      new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);
  private static final double FULL = 1e-9;

  private final FoldModel model;
  private final List<FoldSheet> sheets = new ArrayList<>();

  private FoldWriter(FoldModel model) {
    this.model = model;
    int vertices = 0;
    double right = 0;
    for (Assembly.Member member : model.assembly().members()) {
      FoldSheet sheet = new FoldSheet(member, vertices, right);
      sheets.add(sheet);
      vertices += sheet.vertices().size();
      right += member.flat().piece().width().toMillimetres() + FoldSheet.APART;
    }
  }

  /**
   * Writes a folding.
   *
   * @param model the card and its stages
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
    ArrayNode ends = root.putArray("edges_vertices");
    ArrayNode kinds = root.putArray("edges_assignment");
    ArrayNode faces = root.putArray("faces_vertices");
    for (FoldSheet sheet : sheets) {
      for (FoldSheet.Vertex vertex : sheet.vertices()) {
        places.addArray().add(vertex.place().x() + sheet.left()).add(0.0 - vertex.place().y());
      }
      for (FoldSheet.Edge edge : sheet.edges()) {
        ends.addArray().add(edge.from()).add(edge.to());
        kinds.add(edge.kind());
      }
      for (List<Integer> face : sheet.faces()) {
        ArrayNode written = faces.addArray();
        face.forEach(written::add);
      }
    }
    angles(root, model.closing());
    ArrayNode frames = root.putArray("file_frames");
    for (int done = 1; done <= model.stages().size(); done++) {
      frame(frames.addObject(), done);
    }
    return root;
  }

  private void angles(ObjectNode frame, int done) {
    double[] turns = model.turns(done);
    ArrayNode angles = frame.putArray("edges_foldAngle");
    for (FoldSheet sheet : sheets) {
      for (FoldSheet.Edge edge : sheet.edges()) {
        angles.add(edge.crease() < 0 ? 0 : tidy(Math.toDegrees(turns[edge.crease()])));
      }
    }
  }

  private void frame(ObjectNode frame, int done) {
    frame.put("frame_title", model.stages().get(done - 1).title());
    frame.putArray("frame_classes").add("foldedForm");
    frame.putArray("frame_attributes").add("3D");
    frame.put("frame_parent", 0);
    frame.put("frame_inherit", true);
    Pose pose = model.pose(done);
    ArrayNode places = frame.putArray("vertices_coords");
    for (FoldSheet sheet : sheets) {
      for (FoldSheet.Vertex vertex : sheet.vertices()) {
        Vec at = pose.place(vertex.facet(), vertex.place());
        places.addArray().add(tidy(at.x())).add(tidy(-at.y())).add(tidy(at.z()));
      }
    }
    angles(frame, done);
    if (model.layering().isFlat(done)) {
      model.layering().stack(done).ifPresent(stack -> orders(frame, pose, stack));
    }
  }

  /** Faces are ordered as the facets that they are parts of, where they lie over each other. */
  private void orders(ObjectNode frame, Pose pose, LayerOrder.Stack stack) {
    List<Integer> facets = sheets.stream().flatMap(sheet -> sheet.facets().stream()).toList();
    ArrayNode orders = frame.putArray("faceOrders");
    for (int face = 0; face < facets.size(); face++) {
      for (int other = face + 1; other < facets.size(); other++) {
        int side =
            facets.get(face).equals(facets.get(other))
                ? 0
                : stack.side(facets.get(face), facets.get(other));
        if (side != 0) {
          boolean facesUp = pose.motions().get(facets.get(other)).up().z() > 0;
          orders.addArray().add(face).add(other).add(facesUp ? side : -side);
        }
      }
    }
  }

  private static double tidy(double number) {
    return Math.abs(number) < FULL ? 0 : number;
  }
}

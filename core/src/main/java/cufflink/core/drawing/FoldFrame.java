package cufflink.core.drawing;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.fold.FoldedView;
import cufflink.core.fold.FoldedView.Ply;
import cufflink.core.paper.Look;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Surface;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** Where on a drawing of a folded card its paper is seen, and what is seen at a place of it. */
public final class FoldFrame {
  private static final double MARGIN = 16;

  /** What is narrower than this share of a drawing is hardly seen. */
  private static final int SLIVERS = 40;

  private FoldFrame() {}

  /** Returns where the corners of a card are at a moment. */
  static List<Vec> places(FoldModel model, double moment) {
    Pose pose = model.pose(model.shown(moment));
    return model.assembly().facets().stream()
        .flatMap(facet -> pose.corners(facet.index()).stream())
        .toList();
  }

  /**
   * How places of a drawing and places of what is folded find each other.
   *
   * @param model the folded piece
   * @param room all that the drawing has room for, as {@link FoldModel#reach} or {@link
   *     Portrait#room} returns it
   * @param viewpoint from where it is seen
   * @param surface what the drawing was made for
   */
  public record Aim(FoldModel model, List<Vec> room, Viewpoint viewpoint, Surface surface) {
    /** Aims at a drawing made by {@link FoldDrawing#of}. */
    public static Aim at(FoldModel model, Viewpoint viewpoint, Surface surface) {
      return new Aim(model, model.reach(), viewpoint, surface);
    }

    private Pen pen() {
      return FoldFrame.pen(room, viewpoint, surface);
    }

    /**
     * Returns the place on the table under a place of the drawing, which is not seen along it.
     *
     * @param at the place on the drawing
     * @return the place on the table
     */
    public Spot onTable(Spot at) {
      Spot seen = pen().back(at);
      // The eye sees the table's depth shortened by the cosine of its tilt.
      Vec right = viewpoint.apply(new Vec(1, 0, 0));
      Vec down = viewpoint.apply(new Vec(0, 1, 0));
      double area = right.x() * down.y() - right.y() * down.x();
      double x = (seen.x() * down.y() - seen.y() * down.x()) / area;
      double y = (seen.y() * right.x() - seen.x() * right.y()) / area;
      return new Spot(x, y);
    }

    /**
     * Returns where a place of a facet is on the drawing.
     *
     * @param moment as for {@link FoldModel#pose(double)}
     * @param facet the facet
     * @param place the place on it
     * @return the place on the drawing
     */
    public Spot seenAt(double moment, int facet, Spot place) {
      return seen(pen(), viewpoint, model.pose(moment), facet, place);
    }

    /**
     * Finds what lies at a place of the drawing.
     *
     * @param moment as for {@link FoldModel#pose(double)}
     * @param at the place on the drawing
     * @return the facets there and the places on them, the uppermost first
     */
    public List<Grip> grips(double moment, Spot at) {
      List<Ply> plies = FoldedView.of(model, moment, viewpoint).plies();
      return FoldFrame.grips(pen().back(at), plies, model.pose(moment), viewpoint);
    }
  }

  /** A facet and a place on it. */
  public record Grip(int facet, Spot place) {}

  private static List<Grip> grips(Spot seen, List<Ply> plies, Pose pose, Viewpoint viewpoint) {
    List<Grip> grips = new ArrayList<>();
    for (Ply ply : plies) {
      if (Facet.holds(Facet.polygon(ply.corners()), seen)) {
        Motion motion = pose.motions().get(ply.facet());
        Vec up = viewpoint.apply(motion.up());
        Vec corner = viewpoint.apply(pose.corners(ply.facet()).get(0));
        double slope = up.x() * (seen.x() - corner.x()) + up.y() * (seen.y() - corner.y());
        Vec there = new Vec(seen.x(), seen.y(), corner.z() - slope / up.z());
        Vec on = motion.back(viewpoint.back(there));
        grips.add(0, new Grip(ply.facet(), new Spot(on.x(), on.y())));
      }
    }
    return grips;
  }

  /** A face of a facet that is seen. */
  public record Seen(int facet, Face face) {}

  /**
   * Finds what is seen at a place of a drawing made by {@link Portrait#of}.
   *
   * @param model the card, put together
   * @param design its design
   * @param look from where it is seen
   * @param moment as for {@link FoldModel#pose(double)}
   * @param surface what the drawing was made for
   * @param at the place on the drawing
   * @return the uppermost face there; empty beside the card
   */
  public static Optional<Seen> seen(
      FoldModel model, Design design, Look look, double moment, Surface surface, Spot at) {
    return faces(model, design, look, moment, surface, List.of(at)).stream().findFirst();
  }

  /**
   * Finds all faces that are seen on a drawing made by {@link Portrait#of}.
   *
   * @param model the card, put together
   * @param design its design
   * @param look from where it is seen
   * @param moment as for {@link FoldModel#pose(double)}
   * @param surface what the drawing was made for
   * @return each that is more than a sliver, in the order of the card's parts
   */
  public static List<Seen> faces(
      FoldModel model, Design design, Look look, double moment, Surface surface) {
    List<Spot> places = new ArrayList<>();
    for (int i = 1; i < SLIVERS; i++) {
      for (int j = 1; j < SLIVERS; j++) {
        places.add(new Spot(surface.width() * j / SLIVERS, surface.height() * i / SLIVERS));
      }
    }
    return faces(model, design, look, moment, surface, places);
  }

  private static List<Seen> faces(
      FoldModel model,
      Design design,
      Look look,
      double moment,
      Surface surface,
      List<Spot> places) {
    Viewpoint viewpoint = Portrait.viewpoint(look);
    Pen pen = Portrait.pen(model, design, moment, viewpoint, surface);
    Pose pose = model.pose(model.shown(moment));
    List<Ply> plies = FoldedView.of(model, model.shown(moment), viewpoint).plies();
    Set<Seen> faces = new TreeSet<>(Comparator.comparingInt(Seen::facet).thenComparing(Seen::face));
    for (Spot place : places) {
      grips(pen.back(place), plies, pose, viewpoint).stream()
          .filter(grip -> !isCutOut(model, grip))
          .findFirst()
          .map(
              grip -> {
                Vec up = viewpoint.apply(pose.motions().get(grip.facet()).up());
                return new Seen(grip.facet(), up.z() > 0 ? Face.INSIDE : Face.OUTSIDE);
              })
          .ifPresent(faces::add);
    }
    return List.copyOf(faces);
  }

  private static boolean isCutOut(FoldModel model, Grip grip) {
    return model.assembly().pieceOf(grip.facet()).openings().stream()
        .map(opening -> opening.outline().stream().map(Spot::from).toList())
        .anyMatch(hole -> Facet.holds(Facet.polygon(hole), grip.place()));
  }

  /** Fits all of these places into the surface. */
  static Pen pen(List<Vec> places, Viewpoint viewpoint, Surface surface) {
    return pen(places, viewpoint, surface, MARGIN);
  }

  /** Fits all of these places into the surface, so far from its edges. */
  static Pen pen(List<Vec> places, Viewpoint viewpoint, Surface surface, double margin) {
    Extent all = Extent.of(places, viewpoint);
    double scale =
        Math.min(
            (surface.width() - 2 * margin) / all.wide(),
            (surface.height() - 2 * margin) / all.high());
    scale = Math.max(scale, Double.MIN_NORMAL);
    return new Pen(
        scale,
        (surface.width() - (all.right() + all.left()) * scale) / 2,
        (surface.height() - (all.bottom() + all.top()) * scale) / 2);
  }

  static Spot seen(Pen pen, Viewpoint viewpoint, Pose pose, int facet, Spot spot) {
    Vec place = viewpoint.apply(pose.place(facet, spot));
    return pen.place(new Spot(place.x(), place.y()));
  }
}

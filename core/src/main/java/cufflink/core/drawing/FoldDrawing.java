package cufflink.core.drawing;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Face;
import cufflink.core.design.Opening;
import cufflink.core.design.PaperKind;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.fold.FoldedView;
import cufflink.core.fold.FoldedView.Ply;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Draws a card at any moment of its folding. */
public final class FoldDrawing {
  private static final double MARGIN = 16;

  /** What may hang over its facet and still be drawn on it, in millimetres. */
  private static final double SLACK = 1;

  private final FoldModel model;
  private final List<Patch> patches;
  private final Viewpoint viewpoint;
  private final Surface surface;
  private double spread;

  private FoldDrawing(FoldModel model, List<Patch> patches, Viewpoint viewpoint, Surface surface) {
    this.model = model;
    this.patches = patches;
    this.viewpoint = viewpoint;
    this.surface = surface;
  }

  /**
   * Draws a card.
   *
   * @param model the folded piece
   * @param patches what lies on it
   * @param moment as for {@link FoldModel#pose(double)}
   * @param viewpoint from where it is seen
   * @param surface what the drawing is made for
   * @return the drawing; its scale is the same at every moment, so that the card does not jump
   */
  public static Drawing of(
      FoldModel model, List<Patch> patches, double moment, Viewpoint viewpoint, Surface surface) {
    FoldDrawing drawing = new FoldDrawing(model, patches, viewpoint, surface);
    return drawing.draw(moment, drawing.pen(model.reach()));
  }

  /**
   * Draws a card that will not move, as large as it is at that moment.
   *
   * @param model the folded piece
   * @param patches what lies on it
   * @param moment as for {@link FoldModel#pose(double)}
   * @param viewpoint from where it is seen
   * @param surface what the drawing is made for
   * @return the drawing
   */
  public static Drawing still(
      FoldModel model, List<Patch> patches, double moment, Viewpoint viewpoint, Surface surface) {
    FoldDrawing drawing = new FoldDrawing(model, patches, viewpoint, surface);
    return drawing.draw(moment, drawing.pen(places(model, moment)));
  }

  /**
   * Returns how much room a card takes at a moment.
   *
   * @param model the folded piece
   * @param moment as for {@link FoldModel#pose(double)}
   * @param viewpoint from where it is seen
   * @return its width and height to the eye, in millimetres
   */
  public static Spot extent(FoldModel model, double moment, Viewpoint viewpoint) {
    double[] box = box(places(model, moment), viewpoint);
    return new Spot(box[2] - box[0], box[3] - box[1]);
  }

  /** Returns where the corners of a card are at a moment. */
  private static List<Vec> places(FoldModel model, double moment) {
    Pose pose = model.pose(model.shown(moment));
    return model.assembly().facets().stream()
        .flatMap(facet -> pose.corners(facet.index()).stream())
        .toList();
  }

  /** Returns the left, top, right and bottom of places, to the eye. */
  private static double[] box(List<Vec> places, Viewpoint viewpoint) {
    double[] box = {Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
    for (Vec place : places) {
      Vec seen = viewpoint.apply(place);
      box[0] = Math.min(box[0], seen.x());
      box[1] = Math.min(box[1], seen.y());
      box[2] = Math.max(box[2], seen.x());
      box[3] = Math.max(box[3], seen.y());
    }
    return box;
  }

  /**
   * Draws a card with its layers spread apart, where it lies flat.
   *
   * @param model the folded piece
   * @param patches what lies on it
   * @param moment as for {@link FoldModel#pose(double)}
   * @param viewpoint from where it is seen
   * @param surface what the drawing is made for
   * @param spread how far each layer is lifted off the one below, in millimetres
   * @return the drawing
   */
  public static Drawing spread(
      FoldModel model,
      List<Patch> patches,
      double moment,
      Viewpoint viewpoint,
      Surface surface,
      double spread) {
    FoldDrawing drawing = new FoldDrawing(model, patches, viewpoint, surface);
    drawing.spread = spread;
    return drawing.draw(moment, drawing.pen(model.reach()));
  }

  /**
   * Draws a step of printed instructions: the card before a stage, and arrows for what moves in it.
   *
   * @param model the folded piece
   * @param patches what lies on it
   * @param stage which stage, from 0
   * @param viewpoint from where it is seen
   * @param surface what the drawing is made for
   * @return the drawing
   */
  public static Drawing step(
      FoldModel model, List<Patch> patches, int stage, Viewpoint viewpoint, Surface surface) {
    FoldDrawing drawing = new FoldDrawing(model, patches, viewpoint, surface);
    Pen pen = drawing.pen(rests(model));
    drawing.draw(stage, pen);
    new FoldArrows(model, viewpoint, pen::place).draw(pen, stage);
    return pen.drawing(surface);
  }

  /**
   * Draws the card after a step of printed instructions, as large as the steps are drawn.
   *
   * @param model the folded piece
   * @param patches what lies on it
   * @param done how many stages are done
   * @param viewpoint from where it is seen
   * @param surface what the drawing is made for
   * @return the drawing
   */
  public static Drawing after(
      FoldModel model, List<Patch> patches, int done, Viewpoint viewpoint, Surface surface) {
    FoldDrawing drawing = new FoldDrawing(model, patches, viewpoint, surface);
    return drawing.draw(done, drawing.pen(rests(model)));
  }

  /** Between stages the card may need more room, but there it is not printed. */
  private static List<Vec> rests(FoldModel model) {
    List<Vec> places = new ArrayList<>();
    for (int done = 0; done <= model.stages().size(); done++) {
      places.addAll(places(model, done));
    }
    return places;
  }

  /**
   * Returns the place on the table under a place of a drawing made by {@link #of}.
   *
   * @param model the folded piece
   * @param viewpoint from where it is seen; not along the table
   * @param surface what the drawing was made for
   * @param at the place on the drawing
   * @return the place on the table
   */
  public static Spot onTable(FoldModel model, Viewpoint viewpoint, Surface surface, Spot at) {
    Pen pen = new FoldDrawing(model, List.of(), viewpoint, surface).pen(model.reach());
    Spot seen = pen.back(at);
    // The eye sees the table's depth shortened by the cosine of its tilt.
    Vec right = viewpoint.apply(new Vec(1, 0, 0));
    Vec down = viewpoint.apply(new Vec(0, 1, 0));
    double area = right.x() * down.y() - right.y() * down.x();
    double x = (seen.x() * down.y() - seen.y() * down.x()) / area;
    double y = (seen.y() * right.x() - seen.x() * right.y()) / area;
    return new Spot(x, y);
  }

  /**
   * Returns where a place of a facet is on a drawing made by {@link #of}.
   *
   * @param model the folded piece
   * @param moment as for {@link FoldModel#pose(double)}
   * @param viewpoint from where it is seen
   * @param surface what the drawing is made for
   * @param facet the facet
   * @param place the place on it
   * @return the place on the drawing
   */
  public static Spot seenAt(
      FoldModel model, double moment, Viewpoint viewpoint, Surface surface, int facet, Spot place) {
    FoldDrawing drawing = new FoldDrawing(model, List.of(), viewpoint, surface);
    return drawing.seen(drawing.pen(model.reach()), model.pose(moment), facet, place);
  }

  /** A facet and a place on it. */
  public record Grip(int facet, Spot place) {}

  /**
   * Finds what is uppermost at a place of a drawing made by {@link #of}.
   *
   * @param model the folded piece
   * @param moment as for {@link FoldModel#pose(double)}
   * @param viewpoint from where it is seen
   * @param surface what the drawing was made for
   * @param at the place on the drawing
   * @return the facet there and the place on it, if there is paper
   */
  public static Optional<Grip> grip(
      FoldModel model, double moment, Viewpoint viewpoint, Surface surface, Spot at) {
    Pen pen = new FoldDrawing(model, List.of(), viewpoint, surface).pen(model.reach());
    Spot seen = pen.back(at);
    Pose pose = model.pose(moment);
    Optional<Grip> grip = Optional.empty();
    for (Ply ply : FoldedView.of(model, moment, viewpoint).plies()) {
      if (Facet.holds(Facet.polygon(ply.corners()), seen)) {
        Motion motion = pose.motions().get(ply.facet());
        Vec up = viewpoint.apply(motion.up());
        Vec corner = viewpoint.apply(pose.corners(ply.facet()).get(0));
        double slope = up.x() * (seen.x() - corner.x()) + up.y() * (seen.y() - corner.y());
        Vec there = new Vec(seen.x(), seen.y(), corner.z() - slope / up.z());
        Vec on = motion.back(viewpoint.back(there));
        grip = Optional.of(new Grip(ply.facet(), new Spot(on.x(), on.y())));
      }
    }
    return grip;
  }

  private Drawing draw(double asked, Pen pen) {
    double moment = model.shown(asked);
    Pose pose = spread > 0 ? model.spread(moment, spread) : model.pose(moment);
    List<Ply> plies = FoldedView.of(model, moment, pose, viewpoint).plies();
    for (Ply ply : plies) {
      List<Spot> corners = ply.corners().stream().map(pen::place).toList();
      pen.shape(corners, fill(ply), ply.light(), Ref.NONE);
      drawPatches(pen, pose, ply);
      drawScores(pen, pose, ply);
      drawEdges(pen, pose, ply);
      drawCreases(pen, pose, ply);
    }
    return pen.drawing(surface);
  }

  /** Patterned paper and ribbon look like a layer, whichever face is up. */
  private Fill fill(Ply ply) {
    boolean plain = model.assembly().pieceOf(ply.facet()).paper() == PaperKind.CARDSTOCK;
    return plain ? Fill.of(ply.face()) : Fill.LAYER;
  }

  /** Fits all of these places into the surface. */
  private Pen pen(List<Vec> places) {
    double[] box = box(places, viewpoint);
    double left = box[0];
    double top = box[1];
    double right = box[2];
    double bottom = box[3];
    double scale =
        Math.min(
            (surface.width() - 2 * MARGIN) / (right - left),
            (surface.height() - 2 * MARGIN) / (bottom - top));
    scale = Math.max(scale, Double.MIN_NORMAL);
    return new Pen(
        scale,
        (surface.width() - (right + left) * scale) / 2,
        (surface.height() - (bottom + top) * scale) / 2);
  }

  private Spot seen(Pen pen, Pose pose, int facet, Spot spot) {
    Vec place = viewpoint.apply(pose.place(facet, spot));
    return pen.place(new Spot(place.x(), place.y()));
  }

  private List<Spot> seen(Pen pen, Pose pose, int facet, List<Spot> spots) {
    return spots.stream().map(each -> seen(pen, pose, facet, each)).toList();
  }

  private static boolean holds(Polygon shape, List<Spot> corners) {
    return holds(shape, middle(corners)) && corners.stream().allMatch(each -> isNear(shape, each));
  }

  private void drawPatches(Pen pen, Pose pose, Ply ply) {
    Assembly assembly = model.assembly();
    String piece = assembly.pieceOf(ply.facet()).id();
    Polygon shape = assembly.facets().get(ply.facet()).polygon();
    for (Patch patch : patches) {
      boolean shows =
          patch.ref().piece().equals(piece) && patch.face() == ply.face() && !isMember(patch);
      if (shows && holds(shape, patch.corners())) {
        List<Spot> path = seen(pen, pose, ply.facet(), patch.corners());
        pen.shape(path, patch.fill(), ply.light(), patch.ref());
        pen.outline(path, patch.edge(), patch.ref());
      }
    }
    for (Opening opening : assembly.pieceOf(ply.facet()).openings()) {
      List<Spot> corners = opening.outline().stream().map(Spot::from).toList();
      if (holds(shape, corners)) {
        List<Spot> path = seen(pen, pose, ply.facet(), corners);
        Ref ref = new Ref(piece, opening.id());
        pen.shape(path, Fill.HOLE, 1, ref);
        pen.outline(path, Ink.CUT, ref);
      }
    }
  }

  /** What is put together as paper of its own needs no picture on its host. */
  private boolean isMember(Patch patch) {
    return model.assembly().members().stream()
        .flatMap(member -> member.joint().stream())
        .anyMatch(joint -> patch.ref().equals(new Ref(joint.on(), joint.id())));
  }

  private static Spot middle(List<Spot> corners) {
    double x = corners.stream().mapToDouble(Spot::x).average().orElse(0);
    double y = corners.stream().mapToDouble(Spot::y).average().orElse(0);
    return new Spot(x, y);
  }

  private static boolean holds(Polygon shape, Spot spot) {
    return Facet.holds(shape, spot);
  }

  private static boolean isNear(Polygon shape, Spot spot) {
    return Facet.holds(shape, spot)
        || shape.isWithinDistance(
            new GeometryFactory().createPoint(new Coordinate(spot.x(), spot.y())), SLACK);
  }

  private void drawScores(Pen pen, Pose pose, Ply ply) {
    Polygon shape = model.assembly().facets().get(ply.facet()).polygon();
    Piece piece = model.assembly().pieceOf(ply.facet());
    for (Score score : piece.scores()) {
      Spot from = Spot.from(score.line().from());
      Spot to = Spot.from(score.line().to());
      if (!score.folds() && holds(shape, middle(List.of(from, to)))) {
        pen.stroke(
            Ink.DECORATIVE,
            new Ref(piece.id(), score.id()),
            seen(pen, pose, ply.facet(), from),
            seen(pen, pose, ply.facet(), to));
      }
    }
  }

  /** Draws the edges of a ply that are no open crease. */
  private void drawEdges(Pen pen, Pose pose, Ply ply) {
    List<Spot> corners = model.assembly().facets().get(ply.facet()).corners();
    for (int i = 0; i < corners.size(); i++) {
      Spot from = corners.get(i);
      Spot to = corners.get((i + 1) % corners.size());
      boolean isCrease =
          model.assembly().creases().stream()
              .anyMatch(
                  crease ->
                      crease.joins(ply.facet()) && isOpen(pose, crease) && crease.runs(from, to));
      if (!isCrease) {
        pen.stroke(
            Ink.CUT,
            Ref.NONE,
            seen(pen, pose, ply.facet(), from),
            seen(pen, pose, ply.facet(), to));
      }
    }
  }

  private void drawCreases(Pen pen, Pose pose, Ply ply) {
    for (Crease crease : model.assembly().creases()) {
      if (crease.joins(ply.facet()) && isOpen(pose, crease)) {
        pen.stroke(
            Ink.of(
                ply.face() == Face.INSIDE
                    ? crease.score().fold()
                    : crease.score().fold().opposite()),
            new Ref(model.assembly().pieceOf(ply.facet()).id(), crease.score().id()),
            seen(pen, pose, ply.facet(), crease.from()),
            seen(pen, pose, ply.facet(), crease.to()));
      }
    }
  }

  /** A crease that is closed all the way is an edge of the card and drawn as one. */
  private static boolean isOpen(Pose pose, Crease crease) {
    Motion first = pose.motions().get(crease.first());
    Motion second = pose.motions().get(crease.second());
    return first.up().dot(second.up()) > -0.98;
  }
}

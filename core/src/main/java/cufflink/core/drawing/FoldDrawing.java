package cufflink.core.drawing;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Face;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.fold.FoldedView;
import cufflink.core.fold.FoldedView.Ply;
import cufflink.core.paper.PaperKind;
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
  private double spread;

  /** How its papers look, if that is to be seen. */
  private Optional<Dressing> papers = Optional.empty();

  private FoldDrawing(FoldModel model, List<Patch> patches, Viewpoint viewpoint) {
    this.model = model;
    this.patches = patches;
    this.viewpoint = viewpoint;
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
    FoldDrawing drawing = new FoldDrawing(model, patches, viewpoint);
    return drawing.draw(moment, FoldFrame.pen(model.reach(), viewpoint, surface), surface);
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
    FoldDrawing drawing = new FoldDrawing(model, patches, viewpoint);
    return drawing.draw(
        moment, FoldFrame.pen(FoldFrame.places(model, moment), viewpoint, surface), surface);
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
    FoldDrawing drawing = new FoldDrawing(model, patches, viewpoint);
    drawing.spread = spread;
    return drawing.draw(moment, FoldFrame.pen(model.reach(), viewpoint, surface), surface);
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
    FoldDrawing drawing = new FoldDrawing(model, patches, viewpoint);
    Pen pen = FoldFrame.pen(rests(model), viewpoint, surface);
    drawing.paint(stage, pen);
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
    FoldDrawing drawing = new FoldDrawing(model, patches, viewpoint);
    return drawing.draw(done, FoldFrame.pen(rests(model), viewpoint, surface), surface);
  }

  /** Draws a card with a pen that others draw with as well. */
  static void paint(
      Pen pen,
      FoldModel model,
      List<Patch> patches,
      double moment,
      Viewpoint viewpoint,
      Optional<Dressing> papers) {
    FoldDrawing drawing = new FoldDrawing(model, patches, viewpoint);
    drawing.papers = papers;
    drawing.paint(moment, pen);
  }

  /** Between stages the card may need more room, but there it is not printed. */
  private static List<Vec> rests(FoldModel model) {
    List<Vec> places = new ArrayList<>();
    for (int done = 0; done <= model.stages().size(); done++) {
      places.addAll(FoldFrame.places(model, done));
    }
    return places;
  }

  private Drawing draw(double asked, Pen pen, Surface surface) {
    paint(asked, pen);
    return pen.drawing(surface);
  }

  private void paint(double asked, Pen pen) {
    double moment = model.shown(asked);
    Pose pose = spread > 0 ? model.layering().spread(moment, spread) : model.pose(moment);
    List<Ply> plies = FoldedView.of(model, moment, pose, viewpoint).plies();
    double[] turns = model.turns(moment);
    for (Ply ply : plies) {
      List<Spot> corners = ply.corners().stream().map(pen::place).toList();
      Drawing.Shape bare = new Drawing.Shape(corners, fill(ply), ply.light(), Ref.NONE);
      papers
          .flatMap(
              it ->
                  it.paper(
                      model.assembly().pieceOf(ply.facet()),
                      ply.face(),
                      bare,
                      at -> seen(pen, pose, ply.facet(), at),
                      pen.scale()))
          .ifPresentOrElse(
              pen::printed, () -> pen.shape(corners, bare.fill(), bare.light(), bare.ref()));
      drawPatches(pen, pose, turns, ply);
      drawScores(pen, pose, ply);
      drawEdges(pen, pose, ply);
      drawCreases(pen, pose, ply);
      for (Overhead over : Overhead.of(ply, model, patches, List.of(), turns)) {
        pen.shape(seen(pen, pose, over.host(), over.ring()), Fill.LAYER, ply.light(), over.ref());
        for (List<Spot> rim : over.rims()) {
          pen.stroke(Ink.CUT, over.ref(), seen(pen, pose, over.host(), rim).toArray(new Spot[0]));
        }
      }
    }
  }

  /** Patterned paper and ribbon look like a layer, whichever face is up. */
  private Fill fill(Ply ply) {
    boolean plain = model.assembly().pieceOf(ply.facet()).paper() == PaperKind.CARDSTOCK;
    return plain ? Fill.of(ply.face()) : Fill.LAYER;
  }

  private Spot seen(Pen pen, Pose pose, int facet, Spot spot) {
    return FoldFrame.seen(pen, viewpoint, pose, facet, spot);
  }

  private List<Spot> seen(Pen pen, Pose pose, int facet, List<Spot> spots) {
    return spots.stream().map(each -> seen(pen, pose, facet, each)).toList();
  }

  /** Says whether something lies on a facet, or hangs over it by a little. */
  static boolean holds(Polygon shape, List<Spot> corners) {
    Spot middle =
        corners.size() > 4 ? Facet.inside(Facet.polygon(corners)) : FoldDrawing.middle(corners);
    return holds(shape, middle) && corners.stream().allMatch(each -> isNear(shape, each));
  }

  /** Says whether something that lies on a piece lies on a ply of it, on the face that is seen. */
  static boolean shows(FoldModel model, Patch patch, Ply ply, double[] turns) {
    Assembly assembly = model.assembly();
    return patch.ref().piece().equals(assembly.pieceOf(ply.facet()).id())
        && patch.face() == ply.face()
        && !isMember(model, patch)
        && (patch.isLayer() || isHost(assembly, patch, ply.facet()))
        && holds(assembly.facets().get(ply.facet()).polygon(), patch.corners())
        && patch.leg().map(leg -> Ribbon.lies(leg, model, ply.facet(), turns)).orElse(true);
  }

  /** Every copy of a piece has its layers; what else is glued on lies on one of them. */
  static boolean isHost(Assembly assembly, Patch patch, int facet) {
    Assembly.Member member = assembly.members().get(assembly.memberOf(facet));
    String piece = patch.ref().piece();
    return patch
        .by()
        .flatMap(by -> assembly.copy(piece, Optional.of(by)))
        .or(() -> assembly.copy(piece, Optional.empty()))
        .filter(host -> host.firstFacet() == member.firstFacet())
        .isPresent();
  }

  private void drawPatches(Pen pen, Pose pose, double[] turns, Ply ply) {
    Assembly assembly = model.assembly();
    String piece = assembly.pieceOf(ply.facet()).id();
    Polygon shape = assembly.facets().get(ply.facet()).polygon();
    for (Patch patch : patches) {
      if (shows(model, patch, ply, turns)) {
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
  static boolean isMember(FoldModel model, Patch patch) {
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

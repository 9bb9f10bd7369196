package cufflink.core.drawing;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.glue.GluingOrder;
import cufflink.core.glue.HalfBuilt;
import cufflink.core.plane.Area;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;

/**
 * A part beside what it is put on: as it will lie, or turned over like a page so that the side lies
 * up that takes the glue.
 */
abstract class GluePart {
  final Joint joint;
  private final boolean isTurnedOver;
  private final String label;

  private GluePart(Joint joint, boolean isTurnedOver, Design card) {
    this.joint = joint;
    this.isTurnedOver = isTurnedOver;
    this.label = card.piece(joint.piece()).map(Piece::label).orElse(joint.label());
  }

  /**
   * Takes up the part of a step.
   *
   * @return the part; empty for layers and for what is glued to itself
   */
  static Optional<GluePart> of(GluingOrder order, Design card, int index, GlueHost host) {
    GluingOrder.Step step = order.steps().get(index);
    Optional<Joint> joint = step.act().joint();
    boolean takesGlue =
        joint.filter(it -> it.movement().isFast()).isPresent() && !step.choice().isOnHost();
    boolean isOther = joint.filter(it -> !it.piece().equals(it.on())).isPresent();
    if (isOther && joint.get().shape().isHalf()) {
      return Optional.of(new Half(joint.get(), card, host));
    }
    boolean isCopy =
        joint
            .filter(it -> !card.isSeam(it))
            .flatMap(it -> card.piece(it.piece()))
            .filter(it -> it.count() > 1)
            .isPresent();
    return isOther || isCopy
        ? HalfBuilt.part(order, card, index)
            .flatMap(part -> Whole.of(joint.get(), card, host, part, takesGlue))
        : Optional.empty();
  }

  /** Returns the room it takes to the eye. */
  abstract Extent extent();

  /** Draws it with its glue, in its papers if those are given. */
  abstract void draw(Pen pen, Surface surface, Optional<Dressing> papers);

  /** Says whether the side lies up that takes the glue, and shows where. */
  boolean showsGlue() {
    return isTurnedOver;
  }

  /** Says which side of it lies up. */
  String remark(Surface surface) {
    return surface.say(Message.of(isTurnedOver ? "drawing.turned-over" : "drawing.as-it-lies"));
  }

  /** Writes below it what it is. */
  void write(Pen pen, Surface surface) {
    new GlueMarks(surface, GlueLayout.letters(surface))
        .below(pen, extent(), List.of(label, remark(surface)));
  }

  static List<Spot> corners(Area area) {
    return area.corners().stream().map(Spot::from).toList();
  }

  /** A piece, folded as it is put on, with all that is on it already. */
  private static final class Whole extends GluePart {
    private final HalfBuilt part;
    private final Viewpoint from;
    private final Optional<Motion> placed;
    private final int touching;

    private Whole(
        Joint joint,
        Design card,
        HalfBuilt part,
        Viewpoint from,
        Optional<Motion> placed,
        int touching) {
      super(joint, placed.isPresent(), card);
      this.part = part;
      this.from = from;
      this.placed = placed;
      this.touching = touching;
    }

    static Optional<GluePart> of(
        Joint joint, Design card, GlueHost host, HalfBuilt part, boolean takesGlue) {
      int touching = host.built().touching(joint, host.host(), part).orElse(0);
      Motion own = part.model().pose(part.model().closing()).motions().get(touching);
      if (!GlueHost.isLevel(own)) {
        return Optional.empty();
      }
      Optional<Motion> placed = host.built().placement(joint, host.host(), part);
      Viewpoint from = placed.map(it -> from(host, it, own, takesGlue)).orElse(Viewpoint.ABOVE);
      return Optional.of(
          new Whole(joint, card, part, from, placed.filter(it -> takesGlue), touching));
    }

    /** Returns from where it is seen as it will lie, or turned over like a page. */
    private static Viewpoint from(GlueHost host, Motion placed, Motion own, boolean over) {
      Motion there = host.motion().after(placed);
      Vec right = host.viewpoint().apply(there.right());
      Vec down = host.viewpoint().apply(there.down());
      int page = over ? -1 : 1;
      Vec x = new Vec(page * right.x(), right.y(), 0);
      Vec y = new Vec(page * down.x(), down.y(), 0);
      // Where the directions of the table go that the part lies on by itself.
      Vec ex = x.times(own.right().x()).plus(y.times(own.down().x()));
      Vec ey = x.times(own.right().y()).plus(y.times(own.down().y()));
      boolean below = ex.x() * ey.y() - ex.y() * ey.x() < 0;
      double turn = Math.toDegrees(Math.atan2(below ? -ex.y() : ex.y(), ex.x()));
      return new Viewpoint(turn, below ? 180 : 0);
    }

    @Override
    Extent extent() {
      return Extent.of(FoldFrame.places(part.model(), part.model().closing()), from);
    }

    @Override
    void draw(Pen pen, Surface surface, Optional<Dressing> papers) {
      FoldModel model = part.model();
      FoldDrawing.paint(pen, model, Patch.of(part.design()), model.closing(), from, papers);
      Pose alone = model.pose(model.closing());
      Optional<Motion> back = placed.map(Motion::inverse);
      Ref ref = new Ref(joint.piece(), joint.id());
      for (List<Spot> area : back.isPresent() ? Glued.glue(joint) : List.<List<Spot>>of()) {
        List<Spot> corners =
            area.stream()
                .map(back.get()::apply)
                .map(it -> new Spot(it.x(), it.y()))
                .map(it -> FoldFrame.seen(pen, from, alone, touching, it))
                .toList();
        Hatch.glue(pen, corners, corners, GlueLayout.letters(surface), ref);
      }
    }
  }

  /** Half of a piece, cut corner to corner, turned over like a page. */
  private static final class Half extends GluePart {
    private final GlueHost host;

    private Half(Joint joint, Design card, GlueHost host) {
      super(joint, true, card);
      this.host = host;
    }

    private List<Spot> overturned(List<Spot> onHost) {
      return host.onTable(onHost).stream()
          .map(host.viewpoint()::apply)
          .map(each -> new Spot(-each.x(), each.y()))
          .toList();
    }

    @Override
    Extent extent() {
      List<Vec> places =
          overturned(host.outlines().get(0)).stream()
              .map(each -> new Vec(each.x(), each.y(), 0))
              .toList();
      return Extent.of(places, Viewpoint.ABOVE);
    }

    @Override
    void draw(Pen pen, Surface surface, Optional<Dressing> papers) {
      Ref ref = new Ref(joint.piece(), joint.id());
      List<Spot> outline = onSurface(pen, host.outlines().get(0));
      pen.shape(outline, Fill.of(joint.touching()), 1, ref);
      for (List<Spot> area : Glued.glue(joint)) {
        List<Spot> glued = onSurface(pen, area);
        Hatch.glue(pen, glued, outline, GlueLayout.letters(surface), ref);
      }
      pen.outline(outline, Ink.CUT, ref);
    }

    private List<Spot> onSurface(Pen pen, List<Spot> onHost) {
      return overturned(onHost).stream().map(pen::place).toList();
    }
  }
}

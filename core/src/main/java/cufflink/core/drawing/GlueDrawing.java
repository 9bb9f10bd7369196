package cufflink.core.drawing;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Zone;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.glue.Act;
import cufflink.core.glue.GluingOrder;
import cufflink.core.paper.Look;
import cufflink.core.plane.Side;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Draws a step of putting a card together: what is there so far, as it lies with the face up that
 * is worked on, where the next part comes to lie with its measures from the edges of its host, and
 * that part beside it, turned over like a page so that the side lies up that takes the glue.
 */
public final class GlueDrawing {
  /** How far the arrow begins from the part, in pixels. */
  private static final double CLEAR = 4;

  private final Design card;
  private final GlueHost host;
  private final Optional<GluePart> part;
  private final Surface surface;
  private final boolean isMeasured;

  private GlueDrawing(
      GluingOrder order, Design card, GlueHost host, Optional<GluePart> part, Surface surface) {
    this.isMeasured = !order.wish().own().byEye() || host.eye().isEmpty();
    this.card = card;
    this.host = host;
    this.part = part;
    this.surface = surface;
  }

  /**
   * Draws a step.
   *
   * @param order how the card is put together
   * @param card the whole card
   * @param index which step, from 0
   * @param surface what the drawing is made for
   * @return the drawing; empty if nothing is left of what is worked on
   */
  public static Optional<Drawing> of(GluingOrder order, Design card, int index, Surface surface) {
    return of(order, card, index, surface, Optional.empty());
  }

  /**
   * Draws a step with the papers as they look, pale enough to read what is written on them.
   *
   * @param order how the card is put together
   * @param card the whole card
   * @param index which step, from 0
   * @param surface what the drawing is made for
   * @param look its colours, if they are to be seen
   * @return the drawing; empty if nothing is left of what is worked on
   */
  public static Optional<Drawing> of(
      GluingOrder order, Design card, int index, Surface surface, Optional<Look> look) {
    Optional<Dressing> papers = look.map(it -> new Dressing(card, it));
    return GlueHost.of(order, card, index)
        .map(
            host ->
                new GlueDrawing(order, card, host, GluePart.of(order, card, index, host), surface)
                    .draw(papers))
        .map(drawing -> papers.map(it -> it.dress(drawing, Optional.empty())).orElse(drawing));
  }

  /**
   * Says where a part goes, measured as all lies in the drawing.
   *
   * @param order how the card is put together
   * @param card the whole card
   * @param index which step, from 0
   * @return a sentence; empty for layers and for what takes no glue, which lie by themselves, and
   *     for what is glued to itself
   */
  public static Optional<Message> place(GluingOrder order, Design card, int index) {
    return order
        .steps()
        .get(index)
        .act()
        .joint()
        .filter(joint -> joint.movement().isFast() && !card.isSeam(joint))
        .flatMap(
            joint ->
                GlueHost.of(order, card, index)
                    .map(
                        host ->
                            Message.of(
                                "act.place",
                                joint.label(),
                                host.label(),
                                order.wish().own().byEye() ? host.byEye() : host.place())));
  }

  /**
   * Says where the sides of what is worked on lie in the drawing.
   *
   * @param order how the card is put together
   * @param card the whole card
   * @param index which step, from 0
   * @return for each side, as the piece is cut inside up, where it lies; empty if nothing is drawn
   */
  public static Optional<UnaryOperator<Side>> lies(GluingOrder order, Design card, int index) {
    return GlueHost.of(order, card, index).map(host -> host::lies);
  }

  private Drawing draw(Optional<Dressing> papers) {
    Extent room = host.room();
    Optional<Extent> beside = part.map(GluePart::extent);
    double words =
        part.map(each -> surface.measure().width(each.remark(surface), GlueLayout.letters(surface)))
            .orElse(0.0);
    GlueLayout layout = GlueLayout.of(surface, room, beside, words);
    Pen pen = layout.pen(room);
    FoldModel model = host.built().model();
    List<Patch> patches = Patch.of(host.built().design());
    FoldDrawing.paint(pen, model, patches, model.closing(), host.viewpoint(), papers);
    dry(pen);
    glue(pen);
    places(pen);
    part.ifPresent(
        each -> {
          Pen other = layout.beside(pen, beside.get());
          each.draw(other, surface, papers);
          each.write(other, surface);
          FoldArrows.arrow(
              pen, begin(layout, beside.get()), host.seen(pen, GlueHost.middle(host.act())));
        });
    return pen.drawing(surface);
  }

  private static Spot begin(GlueLayout layout, Extent part) {
    return layout.isBeside()
        ? new Spot(layout.partLeft() - CLEAR, layout.partTop() + part.high() * layout.scale() / 2)
        : new Spot(layout.partLeft() + part.wide() * layout.scale() / 2, layout.partTop() - CLEAR);
  }

  private void dry(Pen pen) {
    for (Zone zone : card.zones()) {
      if (zone.on().equals(host.act().host()) && zone.face() == host.act().face()) {
        Hatch.dry(
            pen,
            host.seen(pen, GluePart.corners(zone.area())),
            GlueLayout.letters(surface),
            new Ref(zone.on(), zone.id()));
      }
    }
  }

  /** Where glue goes on what lies there, unless it is shown on the part. */
  private void glue(Pen pen) {
    Optional<Joint> joint = host.act().joint().filter(each -> each.movement().isFast());
    if (joint.isEmpty() || part.filter(GluePart::showsGlue).isPresent()) {
      return;
    }
    List<Spot> place = host.seen(pen, host.outlines().get(0));
    Ref ref = new Ref(joint.get().on(), joint.get().id());
    for (List<Spot> area : Glued.glue(joint.get())) {
      List<Spot> corners = host.seen(pen, area);
      Hatch.glue(pen, corners, place, GlueLayout.letters(surface), ref);
    }
  }

  private void places(Pen pen) {
    GlueMarks marks = new GlueMarks(surface, GlueLayout.letters(surface));
    Act act = host.act();
    List<List<Spot>> outlines = host.outlines();
    if (act.joint().filter(joint -> joint.movement().led().isPresent()).isPresent()) {
      led(pen, act.joint().get());
      return;
    }
    for (int i = 0; i < outlines.size(); i++) {
      List<Spot> outline = host.seen(pen, outlines.get(i));
      if (host.isSeam()) {
        // Nothing is put there but the glue.
        continue;
      }
      if (act.joint().isPresent()) {
        pen.outline(outline, Ink.PLACE, new Ref(act.host(), act.joint().get().id()));
      } else {
        Layer layer = act.layers().get(i);
        pen.outline(outline, Ink.PLACE, new Ref(act.host(), layer.id()));
        if (!isUnderOthers(outlines.subList(i + 1, outlines.size()), outlines.get(i))) {
          marks.name(pen, layer, outline);
        }
      }
    }
    if (isMeasured && act.joint().filter(joint -> !joint.movement().isFast()).isEmpty()) {
      marks.measures(pen, host.edges(), host.measured(), host.room());
    }
  }

  /** All parts of a ribbon, those behind the card too; what tape holds is hatched. */
  private void led(Pen pen, Joint joint) {
    Ref ref = new Ref(joint.on(), joint.id());
    for (Ribbon.Part part : Ribbon.parts(joint, card, host.built().model())) {
      pen.outline(seen(pen, part, part.outline()), Ink.PLACE, ref);
      if (!part.taped().isEmpty()) {
        List<Spot> taped = seen(pen, part, part.taped());
        Hatch.glue(pen, taped, taped, GlueLayout.letters(surface), ref);
      }
    }
  }

  private List<Spot> seen(Pen pen, Ribbon.Part part, List<Spot> outline) {
    return outline.stream()
        .map(each -> FoldFrame.seen(pen, host.viewpoint(), host.pose(), part.facet(), each))
        .toList();
  }

  /** What another layer lies on is named by that one's place. */
  private static boolean isUnderOthers(List<List<Spot>> others, List<Spot> outline) {
    Spot middle = Facet.inside(Facet.polygon(outline));
    return others.stream().anyMatch(each -> Facet.holds(Facet.polygon(each), middle));
  }
}

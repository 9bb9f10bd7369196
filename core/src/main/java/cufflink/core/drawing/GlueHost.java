package cufflink.core.drawing;

import cufflink.core.assembly.Assembly.Member;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Movement;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.glue.Act;
import cufflink.core.glue.ByEye;
import cufflink.core.glue.GluingOrder;
import cufflink.core.glue.HalfBuilt;
import cufflink.core.measure.Length;
import cufflink.core.plane.Area;
import cufflink.core.plane.Side;
import cufflink.core.scene.Pen;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What a step of gluing is done to, as it lies: with the face up that is worked on, turned over
 * like a page if that is not the one that lies up by itself.
 *
 * @param act what is done
 * @param isSeam whether a piece is glued to itself
 * @param built all that hangs together so far
 * @param host the piece that is worked on
 * @param facet the part of it that is worked on, which lies level
 * @param viewpoint from where it is seen
 * @param part what is put on, if it lies there flat as it is cut
 */
record GlueHost(
    Act act,
    boolean isSeam,
    HalfBuilt built,
    Member host,
    Facet facet,
    Viewpoint viewpoint,
    Optional<Piece> part) {
  private static final Viewpoint TURNED_OVER = new Viewpoint(180, 180);

  /** A product of two sides this small is that of a square corner, in square millimetres. */
  private static final double SQUARE = 1e-3;

  /** A direction this level lies on the table. */
  private static final double LEVEL = 0.98;

  /** Lays it on the table; empty if nothing is left of what is worked on. */
  static Optional<GlueHost> of(GluingOrder order, Design card, int index) {
    Act act = order.steps().get(index).act();
    return HalfBuilt.of(order, card, index)
        .flatMap(built -> built.host(card, act).flatMap(host -> of(act, card, built, host)));
  }

  private static Optional<GlueHost> of(Act act, Design card, HalfBuilt built, Member host) {
    FoldModel model = built.model();
    Spot place = middle(act);
    return host.flat().facets().stream()
        .filter(each -> Facet.holds(each.polygon(), place))
        .findFirst()
        .or(() -> host.flat().facets().stream().findFirst())
        .map(each -> model.assembly().facets().get(host.firstFacet() + each.index()))
        .map(
            facet -> {
              Motion lies = model.pose(model.closing()).motions().get(facet.index());
              boolean isSeam = act.joint().filter(card::isSeam).isPresent();
              Optional<Piece> part =
                  act.joint()
                      .filter(joint -> joint.askew().isPresent() && joint.movement().isFast())
                      .flatMap(joint -> card.piece(joint.piece()))
                      .filter(piece -> piece.scores().isEmpty());
              Viewpoint from = facing(lies, act.face());
              return new GlueHost(act, isSeam, built, host, facet, from, part);
            });
  }

  /** What does not lie level, such as the wall of a box, is looked at straight, its top on top. */
  private static Viewpoint facing(Motion lies, Face face) {
    double side = face == Face.INSIDE ? 1 : -1;
    if (isLevel(lies)) {
      return lies.up().z() > 0 == (face == Face.INSIDE) ? Viewpoint.ABOVE : TURNED_OVER;
    }
    return Viewpoint.facing(lies.right().times(side), lies.down(), lies.up().times(side));
  }

  static boolean isLevel(Motion motion) {
    return Math.abs(motion.up().z()) > LEVEL;
  }

  /** Returns where a side of the host, as that is cut, lies on the table. */
  Side lies(Side side) {
    Spot way =
        switch (side) {
          case LEFT -> new Spot(-1, 0);
          case RIGHT -> new Spot(1, 0);
          case TOP, NONE -> new Spot(0, -1);
          case BOTTOM -> new Spot(0, 1);
        };
    Vec from = viewpoint.apply(onTable(new Spot(0, 0)));
    Vec seen = viewpoint.apply(onTable(way)).minus(from);
    if (Math.abs(seen.x()) > Math.abs(seen.y())) {
      return seen.x() < 0 ? Side.LEFT : Side.RIGHT;
    }
    return seen.y() < 0 ? Side.TOP : Side.BOTTOM;
  }

  /** Returns a place where the part meets its host. */
  static Spot middle(Act act) {
    if (act.joint().isPresent()) {
      Joint joint = act.joint().get();
      if (joint.movement().led().isPresent()) {
        return middle(joint.movement().led().get(), act.host());
      }
      return middle(joint.glue().isEmpty() ? joint.area() : joint.glue().get(0));
    }
    Layer first = act.layers().get(0);
    return Facet.inside(Facet.polygon(first.outline().stream().map(Spot::from).toList()));
  }

  /** The middle of the first long part of a ribbon that lies on its host. */
  private static Spot middle(Movement.Led led, String host) {
    List<Movement.Leg> here =
        led.taken().stream()
            .filter(leg -> leg.on().equals(host) && leg.face() == led.face())
            .toList();
    double longest = here.stream().mapToDouble(leg -> leg.middle().millimetres()).max().orElse(0);
    Movement.Leg first =
        here.stream()
            .filter(leg -> leg.middle().millimetres() >= longest / 2)
            .findFirst()
            .orElse(led.legs().get(0));
    return middle(Area.around(List.of(first.middle().from(), first.middle().to())));
  }

  private static Spot middle(Area area) {
    return new Spot(
        area.at().x().toMillimetres() + area.width().toMillimetres() / 2,
        area.at().y().toMillimetres() + area.height().toMillimetres() / 2);
  }

  Pose pose() {
    return built.model().pose(built.model().closing());
  }

  /** Returns how the part that is worked on lies. */
  Motion motion() {
    return pose().motions().get(facet.index());
  }

  /** Returns where a place of the host is on the table. */
  Vec onTable(Spot spot) {
    return pose().place(facet.index(), spot);
  }

  List<Vec> onTable(List<Spot> spots) {
    return spots.stream().map(this::onTable).toList();
  }

  Spot seen(Pen pen, Spot spot) {
    return FoldFrame.seen(pen, viewpoint, pose(), facet.index(), spot);
  }

  List<Spot> seen(Pen pen, List<Spot> spots) {
    return spots.stream().map(each -> seen(pen, each)).toList();
  }

  /** Returns the room that all takes, with what will hang over. */
  Extent room() {
    List<Vec> places = new ArrayList<>(FoldFrame.places(built.model(), built.model().closing()));
    outlines().forEach(outline -> places.addAll(onTable(outline)));
    return Extent.of(places, viewpoint);
  }

  /** Where what is put on comes to lie, on its host. */
  List<List<Spot>> outlines() {
    if (part.isPresent()) {
      return List.of(Glued.outline(act.joint().orElseThrow(), part.get()));
    }
    return act.joint().isPresent()
        ? List.of(act.joint().get().outline().stream().map(Spot::from).toList())
        : act.layers().stream()
            .map(layer -> layer.outline().stream().map(Spot::from).toList())
            .toList();
  }

  /** Returns the host as it lies: of what is folded only what lies there. */
  Extent edges() {
    List<Vec> edges = new ArrayList<>();
    Pose pose = pose();
    host.flat()
        .facets()
        .forEach(each -> edges.addAll(pose.corners(host.firstFacet() + each.index())));
    return Extent.of(edges, viewpoint);
  }

  /**
   * Returns what a part's place is measured by: its edges, of a triangle the square corner, of what
   * lies at an angle its middle, of what is glued to itself the glue.
   */
  Extent measured() {
    Optional<Joint.Askew> askew = tilted();
    if (askew.isPresent()) {
      return Extent.of(onTable(List.of(Spot.from(askew.get().at()))), viewpoint);
    }
    Optional<Area> glued =
        act.joint()
            .filter(joint -> isSeam && !joint.glue().isEmpty())
            .map(joint -> joint.glue().get(0));
    List<Spot> place = glued.map(GluePart::corners).orElseGet(() -> marked(outlines().get(0)));
    return Extent.of(onTable(place), viewpoint);
  }

  /** Names what is worked on; one of several equal pieces is named as it was put on. */
  String label() {
    return host.joint().map(Joint::label).orElse(host.flat().piece().label());
  }

  /** Says where the part goes, measured from the left and the top edge of its host as both lie. */
  Message place() {
    Extent there = measured();
    Extent whole = edges();
    double right = there.left() - whole.left();
    double down = there.top() - whole.top();
    Optional<Joint.Askew> askew = tilted();
    if (askew.isPresent()) {
      // Seen from the outside, it is turned the other way.
      double degrees = act.face() == Face.INSIDE ? askew.get().degrees() : -askew.get().degrees();
      return Message.of(
          degrees > 0 ? "sheet.tilted-right" : "sheet.tilted-left",
          Length.fromMillimetres(right),
          Length.fromMillimetres(down),
          Long.toString(Math.round(Math.abs(degrees))));
    }
    boolean isFlush =
        act.joint().filter(joint -> joint.shape() == Layer.Shape.WHOLE).isPresent()
            && isNear(right, 0)
            && isNear(down, 0)
            && isNear(there.right(), whole.right())
            && isNear(there.bottom(), whole.bottom());
    if (isFlush) {
      return Message.of("sheet.edges");
    }
    Length x = Length.fromMillimetres(Math.abs(right));
    Length y = Length.fromMillimetres(Math.abs(down));
    return Message.of(corner(right < -GlueMarks.FLUSH, down < -GlueMarks.FLUSH), x, y);
  }

  private Optional<Joint.Askew> tilted() {
    return part.isEmpty()
        ? Optional.empty()
        : act.joint().flatMap(Joint::askew).filter(each -> each.degrees() != 0);
  }

  /** Says where the part goes, by the edges of the panel that it lies on; else by its marks. */
  Message byEye() {
    return eye().orElseGet(this::place);
  }

  /** Says where an eye puts it; empty if it lies at an angle or has no panel of its own. */
  Optional<Message> eye() {
    boolean isAskew =
        act.joint().flatMap(Joint::askew).filter(each -> each.degrees() != 0).isPresent();
    Layer.Shape shape = act.joint().map(Joint::shape).orElseGet(() -> act.layers().get(0).shape());
    if (isAskew || isSeam || shape != Layer.Shape.WHOLE) {
      return Optional.empty();
    }
    Extent there = measured();
    Spot middle = Facet.inside(Facet.polygon(outlines().get(0)));
    return ByEye.panel(host.flat().piece(), middle)
        .map(corners -> Extent.of(onTable(corners), viewpoint))
        .map(
            panel ->
                new ByEye(
                    there.left() - panel.left(),
                    there.top() - panel.top(),
                    panel.right() - there.right(),
                    panel.bottom() - there.bottom()))
        .filter(ByEye::isWithin)
        .map(ByEye::words);
  }

  private String corner(boolean isBeyond, boolean isAbove) {
    Layer.Shape shape = act.joint().map(Joint::shape).orElse(Layer.Shape.WHOLE);
    if (shape == Layer.Shape.ON_POINT) {
      return "layer.point";
    }
    if (shape.isHalf()) {
      return "layer.square-corner";
    }
    if (isBeyond) {
      return isAbove ? "sheet.beyond-above" : "sheet.beyond";
    }
    return isAbove ? "sheet.above" : "layer.corner";
  }

  private static boolean isNear(double one, double other) {
    return Math.abs(one - other) <= GlueMarks.FLUSH;
  }

  private List<Spot> marked(List<Spot> outline) {
    Layer.Shape shape = act.joint().map(Joint::shape).orElseGet(() -> act.layers().get(0).shape());
    if (shape == Layer.Shape.WHOLE) {
      return outline;
    }
    if (shape == Layer.Shape.ON_POINT) {
      return outline.stream().min(Comparator.comparingDouble(Spot::y)).stream().toList();
    }
    int count = outline.size();
    for (int i = 0; i < count; i++) {
      Spot at = outline.get(i);
      Spot on = outline.get((i + 1) % count);
      Spot back = outline.get((i + count - 1) % count);
      double square =
          (on.x() - at.x()) * (back.x() - at.x()) + (on.y() - at.y()) * (back.y() - at.y());
      if (Math.abs(square) < SQUARE) {
        return List.of(at);
      }
    }
    return outline;
  }
}

package cufflink.core.drawing;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.card.Upright;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.fold.FoldedView;
import cufflink.core.fold.FoldedView.Ply;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Look;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Tint;
import cufflink.core.plane.Side;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Polygon;

/**
 * Draws a card as its receiver will hold it: its papers with their prints, edges of paper, a shadow
 * on the table, and none of the marks that it was made by.
 */
public final class Portrait {
  /** How many figures of a print go along the card. */
  private static final double FIGURES = 20;

  /** Words stand there in this colour. */

  /** So much of the width is left for the shadow, and at the least so many pixels. */
  private static final double SHADE = 0.035;

  /** How light the near side of a box is. */
  private static final double DARKER = 0.86;

  private static final double LEAST_MARGIN = 16;

  private final FoldModel model;
  private final Design design;
  private final Look look;
  private final Viewpoint viewpoint;
  private final Pen pen;
  private final Pose pose;
  private final Optional<HeldItem> item;
  private final double[] turns;
  private final double pitch;
  private final List<Patch> patches;
  private final Prints prints;
  private final List<Loose> loose;
  private final Map<String, Lettering.Written> words;

  private Portrait(
      FoldModel model, Design design, Look look, double moment, Viewpoint viewpoint, Pen pen) {
    this.model = model;
    this.design = design;
    this.look = look;
    this.viewpoint = viewpoint;
    this.pen = pen;
    this.pose = model.pose(model.shown(moment));
    // Nothing is put into it before it is made but for its last fold.
    this.item = look.held().filter(each -> moment > model.closing() - 1);
    this.turns = model.turns(model.shown(moment));
    this.patches =
        Patch.of(design).stream()
            .filter(
                each -> !design.relations().contains(new Design.Relation.Arched(each.ref().line())))
            .toList();
    this.prints = new Prints(design, look, patches);
    this.loose = loose(model, design, moment, viewpoint);
    this.words = Lettering.of(design, model, look);
    double wide = design.base().width().toMillimetres();
    double high = design.base().height().toMillimetres();
    this.pitch = Math.max(1, Math.sqrt(wide * high) / FIGURES);
  }

  /**
   * Draws a card.
   *
   * @param model the card, put together
   * @param design its design
   * @param look its colours
   * @param moment as for {@link FoldModel#pose(double)}
   * @param surface what the drawing is made for
   * @return the drawing
   */
  public static Drawing of(
      FoldModel model, Design design, Look look, double moment, Surface surface) {
    Viewpoint viewpoint = viewpoint(look);
    Pen pen = pen(model, design, moment, viewpoint, surface);
    return new Portrait(model, design, look, moment, viewpoint, pen).draw(moment, surface);
  }

  static Pen pen(
      FoldModel model, Design design, double moment, Viewpoint viewpoint, Surface surface) {
    double margin = Math.max(LEAST_MARGIN, surface.width() * SHADE);
    return FoldFrame.pen(places(model, design, moment, viewpoint), viewpoint, surface, margin);
  }

  /**
   * Draws a card as it is opened and worked, where {@link FoldDrawing#of} draws it at work.
   *
   * @param model the card, put together
   * @param design its design
   * @param look its colours
   * @param moment as for {@link FoldModel#pose(double)}
   * @param viewpoint from where it is seen
   * @param surface what the drawing is made for
   * @return the drawing
   */
  public static Drawing moving(
      FoldModel model,
      Design design,
      Look look,
      double moment,
      Viewpoint viewpoint,
      Surface surface) {
    Pen pen = FoldFrame.pen(room(model, design, viewpoint), viewpoint, surface);
    return new Portrait(model, design, look, moment, viewpoint, pen).draw(moment, surface);
  }

  /**
   * Returns all that the drawing of a card that is opened and worked has room for.
   *
   * @param model the card, put together
   * @param design its design
   * @param viewpoint from where it is seen
   * @return places in space, as {@link FoldFrame.Aim} asks for them
   */
  public static List<Vec> room(FoldModel model, Design design, Viewpoint viewpoint) {
    List<Vec> places = new ArrayList<>(model.reach());
    places.addAll(places(model, design, model.closing(), viewpoint));
    return places;
  }

  /**
   * Says whether something is seen in a pocket of a card that can be drawn out of it.
   *
   * @param design the card
   * @param look its look
   * @return true if it holds something, and its pocket has a mouth
   */
  public static boolean draws(Design design, Look look) {
    return look.held().flatMap(each -> Holding.pocket(design, each)).stream()
        .flatMap(pocket -> pocket.places().stream())
        .anyMatch(place -> place.mouth() != Side.NONE);
  }

  /**
   * Shows the papers of a working drawing in their colours, pale enough to read what is written.
   *
   * @param drawing the drawing
   * @param design what is drawn
   * @param look its colours
   * @param lying the piece that is drawn, as it lies; empty if it is put together already
   * @return the same drawing, what is cut from printed paper printed
   */
  public static Drawing dressed(Drawing drawing, Design design, Look look, Optional<Lying> lying) {
    return Dressing.dress(drawing, design, look, lying);
  }

  private Drawing draw(double moment, Surface surface) {
    CastShadow.draw(pen, pose, viewpoint);
    for (Ply ply : FoldedView.of(model, model.shown(moment), pose, viewpoint).plies()) {
      paper(ply);
    }
    Wrapped.of(design, model, model.shown(moment), viewpoint).forEach(this::wrap);
    return pen.drawing(surface);
  }

  /** What goes round the closed card lies over all of it. */
  private void wrap(Wrapped band) {
    Onto onto = new Onto(pen, at -> seen(band.place(at)), 1, pitch);
    Prints.Print ribbon = prints.own(band.piece(), Face.OUTSIDE);
    if (!band.side().isEmpty()) {
      List<List<Spot>> side = List.of(band.side().stream().map(this::seen).toList());
      pen.printed(
          new Drawing.Printed(side, ribbon.ground(), List.of(), ribbon.ink(), DARKER, Ref.NONE));
    }
    band.draw(onto, prints, patches, patch -> say(onto, patch));
    Onto card = new Onto(pen, at -> seen(band.onCard(at)), 1, pitch);
    band.bow().forEach(shape -> card.cover(List.of(shape), ribbon, Ref.NONE));
  }

  private Onto onto(Ply ply) {
    return onto(ply.facet(), ply.light());
  }

  private Onto onto(int facet, double light) {
    return new Onto(pen, at -> FoldFrame.seen(pen, viewpoint, pose, facet, at), light, pitch);
  }

  /**
   * Returns from where a card is pictured.
   *
   * @param look its look
   * @return the viewpoint
   */
  public static Viewpoint viewpoint(Look look) {
    return Upright.viewpoint(look);
  }

  /**
   * Returns at which moment a card is pictured.
   *
   * @param model the card
   * @param look its look
   * @return the moment that its look names, or one in which it is half folded
   */
  public static double moment(FoldModel model, Look look) {
    return Upright.moment(model, look);
  }

  /**
   * Returns how much room the picture of a card takes.
   *
   * @param model the card, put together
   * @param design its design
   * @param look from where it is seen, and when
   * @return its width and height to the eye, in millimetres
   */
  public static Spot extent(FoldModel model, Design design, Look look) {
    Viewpoint viewpoint = viewpoint(look);
    Extent extent = Extent.of(places(model, design, moment(model, look), viewpoint), viewpoint);
    return new Spot(extent.wide(), extent.high());
  }

  /** Returns where the corners of a card are, and of what hangs free of it. */
  private static List<Vec> places(
      FoldModel model, Design design, double moment, Viewpoint viewpoint) {
    List<Vec> places = new ArrayList<>(FoldFrame.places(model, moment));
    Pose pose = model.pose(model.shown(moment));
    for (Loose each : loose(model, design, moment, viewpoint)) {
      each.shapes().forEach(shape -> shape.forEach(at -> places.add(pose.place(each.host(), at))));
    }
    places.addAll(Wrapped.places(design, model, model.shown(moment), viewpoint));
    places.addAll(CastShadow.places(pose, viewpoint));
    return places;
  }

  private static List<Loose> loose(
      FoldModel model, Design design, double moment, Viewpoint viewpoint) {
    Pose pose = model.pose(model.shown(moment));
    return Loose.of(
        design,
        model,
        pose,
        model.turns(model.shown(moment)),
        (facet, at) -> viewpoint.apply(pose.place(facet, at)).y());
  }

  private void paper(Ply ply) {
    Facet facet = model.assembly().facets().get(ply.facet());
    Piece piece = model.assembly().pieceOf(ply.facet());
    List<List<Spot>> rings = new ArrayList<>(List.of(facet.corners()));
    Polygon shape = facet.polygon();
    piece.openings().stream()
        .map(opening -> opening.outline().stream().map(Spot::from).toList())
        .filter(hole -> hole.stream().allMatch(each -> Facet.holds(shape, each)))
        .forEach(rings::add);
    Ref ref = new Ref(piece.id(), "");
    Optional<Holding.Held> held = Holding.on(ply.facet(), design, model, item, look.drawn(), turns);
    held.filter(each -> each.face() != ply.face()).ifPresent(each -> hold(ply, each));
    hang(ply, false);
    onto(ply).cover(rings, prints.own(piece, ply.face()), ref);
    Assembly assembly = model.assembly();
    Assembly.Member member = assembly.members().get(assembly.memberOf(ply.facet()));
    member
        .joint()
        .flatMap(joint -> Optional.ofNullable(words.get(joint.id())))
        .filter(each -> each.face() == ply.face())
        .ifPresent(each -> each.letters().forEach(onto(ply)::write));
    drawPatches(ply, shape, held.filter(each -> each.face() == ply.face()));
    hang(ply, true);
    for (List<Spot> ring : rings) {
      edge(ply, ring, ref);
    }
    for (Overhead over : Overhead.of(ply, model, patches, loose, turns)) {
      onto(over.host(), ply.light()).lead(over, Prints.Print.of(look.colours(over.role())));
    }
  }

  private void hold(Ply ply, Holding.Held held) {
    pen.printed(
        new Drawing.Printed(
            List.of(seen(ply, held.outline())),
            Tint.WHITE.rgb(),
            List.of(seen(ply, held.stripe())),
            Tint.NIGHT.rgb(),
            ply.light(),
            Ref.NONE));
    edge(ply, held.outline(), Ref.NONE);
  }

  /** What hangs free from the far face of a paper is seen past its edges. */
  private void hang(Ply ply, boolean near) {
    for (Loose each : loose) {
      if (each.host() == ply.facet() && (each.face() == ply.face()) == near) {
        for (List<Spot> shape : each.shapes()) {
          cover(ply, shape, each.role(), Ref.NONE);
        }
      }
    }
  }

  private void cover(Ply ply, List<Spot> ring, PaperRole role, Ref ref) {
    onto(ply).cover(List.of(ring), Prints.Print.of(look.colours(role)), ref);
    edge(ply, ring, ref);
  }

  /** What is held lies over the papers of its pocket and under all ribbons. */
  private void drawPatches(Ply ply, Polygon shape, Optional<Holding.Held> held) {
    boolean isHeld = false;
    List<Polygon> covered = new ArrayList<>();
    for (Patch patch : patches) {
      if (!FoldDrawing.shows(model, patch, ply, turns)) {
        continue;
      }
      if (patch.leg().isPresent()) {
        if (!isHeld && design.layers().stream().noneMatch(it -> patch.liesUnder(it.id()))) {
          held.ifPresent(each -> hold(ply, each));
          isHeld = true;
        }
        cover(ply, patch.corners(), PaperRole.RIBBON, patch.ref());
        continue;
      }
      Polygon area = Facet.polygon(patch.corners());
      boolean onMat = covered.stream().anyMatch(mat -> mat.buffer(1).covers(area));
      covered.add(area);
      Prints.Print print = prints.of(patch, shape, ply.face(), onMat);
      onto(ply).cover(List.of(patch.corners()), print, patch.ref());
      edge(ply, patch.corners(), patch.ref());
      say(onto(ply), patch);
    }
    if (!isHeld) {
      held.ifPresent(each -> hold(ply, each));
    }
  }

  /** Draws what stands on a piece that is glued on. */
  private void say(Onto onto, Patch patch) {
    for (Joint joint : design.joints()) {
      Lettering.Written written = words.get(joint.id());
      if (written != null && patch.ref().equals(new Ref(joint.on(), joint.id()))) {
        for (List<Spot> letter : written.letters()) {
          onto.write(letter.stream().map(at -> Glued.place(joint, at)).toList());
        }
      }
    }
  }

  /** The edge of paper is a hair line; where it is folded there is none. */
  private void edge(Ply ply, List<Spot> ring, Ref ref) {
    for (int i = 0; i < ring.size(); i++) {
      Spot from = ring.get(i);
      Spot to = ring.get((i + 1) % ring.size());
      boolean folded =
          model.assembly().creases().stream()
              .anyMatch(crease -> crease.joins(ply.facet()) && isSoft(crease, from, to));
      if (!folded) {
        pen.stroke(Ink.PAPER_EDGE, ref, seen(ply, from), seen(ply, to));
      }
    }
  }

  private boolean isSoft(Crease crease, Spot from, Spot to) {
    Vec first = pose.motions().get(crease.first()).up();
    Vec second = pose.motions().get(crease.second()).up();
    return first.dot(second) > -0.98 && crease.runs(from, to);
  }

  private Spot seen(Ply ply, Spot spot) {
    return onto(ply).at(spot);
  }

  private Spot seen(Vec place) {
    Vec there = viewpoint.apply(place);
    return pen.place(new Spot(there.x(), there.y()));
  }

  private List<Spot> seen(Ply ply, List<Spot> spots) {
    return spots.stream().map(each -> seen(ply, each)).toList();
  }
}

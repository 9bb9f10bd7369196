package cufflink.core.card;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Assembly.Glue;
import cufflink.core.assembly.Assembly.Hinge;
import cufflink.core.assembly.Assembly.Hold;
import cufflink.core.assembly.Assembly.Member;
import cufflink.core.assembly.Assembly.Slide;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Movement;
import cufflink.core.design.Piece;
import cufflink.core.design.Stage;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.layers.Areas;
import cufflink.core.plane.Area;
import cufflink.core.plane.Side;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** Puts pieces together one after another. */
final class AssemblyBuilder {
  /** How far beside a line a place is taken to say which side is meant, in millimetres. */
  private static final double BESIDE = 0.5;

  /** What a strip covers of a facet at the least to be held by it, in square millimetres. */
  private static final double LEAST_CONTACT = 1;

  private final List<Member> members = new ArrayList<>();
  private final List<Facet> facets = new ArrayList<>();
  private final List<Crease> creases = new ArrayList<>();
  private final List<Hinge> hinges = new ArrayList<>();
  private final List<Slide> slides = new ArrayList<>();
  private final Map<String, FlatPattern> flats = new HashMap<>();
  private final List<Stage> stages;

  AssemblyBuilder(List<Stage> stages) {
    this.stages = stages;
  }

  /**
   * Puts a card together. A joint is left out if its piece is glued to itself, is only half used,
   * or fits its place neither whole nor with one of its facets.
   *
   * @param design the card
   * @param base its first piece, divided into facets
   * @return the base with all that is glued onto it, directly or over other pieces
   */
  static Assembly card(Design design, FlatPattern base) {
    AssemblyBuilder builder = new AssemblyBuilder(design.stages());
    builder.add(base, Optional.empty(), List.of());
    for (Joint joint : design.joints()) {
      Optional<Piece> piece =
          design
              .piece(joint.piece())
              .filter(each -> !joint.piece().equals(joint.on()) || isAnother(joint, each))
              .filter(each -> !design.isSeam(joint));
      piece.ifPresent(each -> builder.join(joint, each));
    }
    return builder.assembly();
  }

  /** A piece on one of its own kind is another copy of it, unless it is glued to itself. */
  private static boolean isAnother(Joint joint, Piece piece) {
    return piece.count() > 1 || !joint.movement().about().isEmpty();
  }

  void add(FlatPattern flat, Optional<Joint> joint, List<Glue> glue) {
    int first = facets.size();
    members.add(new Member(flat, first, creases.size(), joint, glue));
    flat.facets().forEach(each -> facets.add(new Facet(first + each.index(), each.corners())));
    flat.creases()
        .forEach(
            each ->
                creases.add(
                    new Crease(
                        each.score(),
                        first + each.first(),
                        first + each.second(),
                        each.from(),
                        each.to())));
  }

  void join(Joint joint, Piece piece) {
    Optional<Member> host = host(joint.on());
    if (host.isEmpty() || joint.movement().led().isPresent()) {
      return;
    }
    FlatPattern flat =
        flats.computeIfAbsent(
            piece.id(), each -> FlatPattern.of(piece, host.get().flat().tolerances()));
    Optional<Placement.Placed> placed =
        flat.facets().isEmpty() ? Optional.empty() : Placement.of(joint, flat);
    if (placed.isEmpty()) {
      return;
    }
    Movement movement = joint.movement();
    int before = members.size();
    if (!movement.about().isEmpty()) {
      hang(joint, host.get(), flat, placed.get().motion());
    } else if (movement.slide().isEmpty()) {
      List<Glue> glue =
          movement.through().isEmpty()
              ? glue(joint, host.get(), flat, placed.get())
              : weave(joint, host.get(), flat, placed.get().motion());
      if (!glue.isEmpty()) {
        add(flat, Optional.of(joint), glue);
      }
    }
    if (movement.slide().isPresent()) {
      slide(joint, host.get(), flat, placed.get(), members.size() == before);
    }
  }

  /**
   * Lets a piece slide on its host: with what covers the joint's area, or with the place that is
   * said once the piece has been folded by itself.
   */
  private void slide(
      Joint joint, Member host, FlatPattern flat, Placement.Placed placed, boolean alone) {
    Movement.Slide slide = joint.movement().slide().orElseThrow();
    Optional<Facet> facet =
        slide.at().isEmpty()
            ? Optional.of(flat.facets().get(placed.facet()))
            : at(flat, Spot.from(slide.at().get()));
    if (facet.isEmpty()) {
      return;
    }
    int index = facet.get().index();
    FoldedPiece folded = new FoldedPiece(flat, stages, placed.facet());
    Motion motion = placed.motion().after(folded.motion(index));
    Vec middle = motion.apply(slide.at().map(Spot::from).orElseGet(facet.get()::inside));
    Optional<Facet> hostFacet = at(host.flat(), new Spot(middle.x(), middle.y()));
    if (hostFacet.isEmpty()) {
      return;
    }
    int first = alone ? facets.size() : members.get(members.size() - 1).firstFacet();
    slides.add(
        new Slide(
            joint.sliding(),
            host.firstFacet() + hostFacet.get().index(),
            first + index,
            direction(slide.towards()),
            motion,
            joint.face() == Face.INSIDE,
            alone,
            slide.under()));
    if (alone) {
      add(flat, Optional.of(joint), List.of());
    }
  }

  private static Vec direction(Side side) {
    return switch (side) {
      case TOP -> new Vec(0, -1, 0);
      case BOTTOM -> new Vec(0, 1, 0);
      case LEFT -> new Vec(-1, 0, 0);
      case RIGHT, NONE -> new Vec(1, 0, 0);
    };
  }

  /** A woven strip keeps to every facet it runs over or under. */
  private List<Glue> weave(Joint joint, Member host, FlatPattern flat, Motion placement) {
    List<Glue> contacts = new ArrayList<>();
    Geometry there = areas(joint.movement().through());
    for (Facet facet : flat.facets()) {
      Polygon shape =
          Facet.polygon(
              facet.corners().stream()
                  .map(placement::apply)
                  .map(place -> new Spot(place.x(), place.y()))
                  .toList());
      for (Facet hostFacet : host.flat().facets()) {
        for (boolean behind : new boolean[] {false, true}) {
          Geometry over = Areas.common(hostFacet.polygon(), shape);
          Geometry common = behind ? Areas.common(over, there) : Areas.without(over, there);
          if (common.getArea() > LEAST_CONTACT) {
            contacts.add(
                new Glue(
                    host.firstFacet() + hostFacet.index(),
                    facets.size() + facet.index(),
                    joint.face() == Face.INSIDE != behind,
                    placement,
                    isLed(joint, hostFacet) ? Hold.WOVEN : Hold.LOOSE));
          }
        }
      }
    }
    return contacts;
  }

  /** A woven piece goes with all it touches, or with those bands that its pattern names. */
  private static boolean isLed(Joint joint, Facet hostFacet) {
    List<Area> follows = joint.movement().follows();
    return follows.isEmpty()
        || Areas.common(hostFacet.polygon(), areas(follows)).getArea() > LEAST_CONTACT;
  }

  private static Geometry areas(List<Area> areas) {
    List<Polygon> polygons =
        areas.stream()
            .map(area -> Facet.polygon(area.corners().stream().map(Spot::from).toList()))
            .toList();
    return Areas.union(polygons);
  }

  /** Hangs a piece on its host by the lines about which it turns. */
  private void hang(Joint joint, Member host, FlatPattern flat, Motion placement) {
    int first = facets.size();
    List<Hinge> lines = new ArrayList<>();
    for (int i = 0; i < joint.movement().about().size(); i++) {
      Spot from = Spot.from(joint.movement().about().get(i).from());
      Spot to = Spot.from(joint.movement().about().get(i).to());
      Spot middle = new Spot((from.x() + to.x()) / 2, (from.y() + to.y()) / 2);
      Spot inner = towards(middle, placement.apply(centre(flat)));
      Optional<Facet> hostFacet = at(host.flat(), inner).or(() -> at(host.flat(), middle));
      Optional<Facet> facet = at(flat, onPiece(placement, inner));
      if (hostFacet.isPresent() && facet.isPresent()) {
        lines.add(
            new Hinge(
                joint.hinge(i),
                host.firstFacet() + hostFacet.get().index(),
                first + facet.get().index(),
                onPiece(placement, from),
                onPiece(placement, to),
                onPiece(placement, inner),
                placement,
                joint.face() == Face.INSIDE,
                joint.movement().either()));
      }
    }
    if (lines.size() == joint.movement().about().size()) {
      add(flat, Optional.of(joint), List.of());
      hinges.addAll(lines);
    }
  }

  private static Spot centre(FlatPattern flat) {
    double width = flat.piece().width().toMillimetres();
    return new Spot(width / 2, flat.piece().height().toMillimetres() / 2);
  }

  /** Returns a place a little way from a line's middle towards the middle of the piece. */
  private static Spot towards(Spot middle, Vec centre) {
    double x = centre.x() - middle.x();
    double y = centre.y() - middle.y();
    double share = BESIDE / Math.max(BESIDE, Math.hypot(x, y));
    return new Spot(middle.x() + x * share, middle.y() + y * share);
  }

  private static Spot onPiece(Motion placement, Spot place) {
    Vec on = placement.inverse().apply(place);
    return new Spot(on.x(), on.y());
  }

  private Optional<Member> host(String piece) {
    return members.stream()
        .filter(each -> each.flat().piece().id().equals(piece))
        .reduce((first, last) -> last);
  }

  /** Finds which facets meet in the glue once the piece has been folded by itself. */
  private List<Glue> glue(Joint joint, Member host, FlatPattern flat, Placement.Placed placed) {
    boolean inside = joint.face() == Face.INSIDE;
    // Another copy of the base is folded together with it, and not before it is glued on.
    boolean isCopy = flat.piece().id().equals(members.get(0).flat().piece().id());
    List<Stage> before = isCopy ? List.of() : stages;
    FoldedPiece folded = new FoldedPiece(flat, before, placed.facet());
    Set<Glue> glue = new LinkedHashSet<>();
    for (Spot place : Placement.glued(joint)) {
      Vec on = placed.motion().inverse().apply(place);
      OptionalInt facet =
          folded.facetAt(new Spot(on.x(), on.y()), joint.touching() == Face.OUTSIDE);
      Optional<Facet> hostFacet = at(host.flat(), place);
      if (hostFacet.isPresent() && facet.isPresent()) {
        glue.add(
            new Glue(
                host.firstFacet() + hostFacet.get().index(),
                facets.size() + facet.getAsInt(),
                inside,
                placed.motion().after(folded.motion(facet.getAsInt())),
                Hold.GLUED));
      }
    }
    return List.copyOf(glue);
  }

  private static Optional<Facet> at(FlatPattern flat, Spot place) {
    return flat.facets().stream().filter(facet -> Facet.holds(facet.polygon(), place)).findFirst();
  }

  Assembly assembly() {
    return new Assembly(members, facets, creases, hinges, slides);
  }
}

package cufflink.core.fold;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Pocket;
import cufflink.core.flat.Arrangement;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.layers.ClosedState;
import cufflink.core.layers.Overlay;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerance;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Materials;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * How thick a card is where, as it lies closed.
 *
 * @param regions the parts over each of which the same papers lie
 * @param grams what all weighs that is made for the card, of each piece what is left of it after
 *     its cuts (grammage times area, ISO 536), without glue, ribbon and what it holds
 */
public record Thickness(List<Region> regions, double grams) {
  /** What a film of glue or tape adds; common practice, no source. */
  public static final Length GLUE = Length.fromMillimetres(0.05);

  /** What a foam pad adds; common practice, no source. */
  public static final Length FOAM = Length.ofMillimetres(2);

  /** How high paste stands that was pressed through a stencil; common practice, no source. */
  public static final Length PASTE = Length.fromMillimetres(0.5);

  private static final double SQUARE_METRE = 1e6;

  /**
   * A part of the card.
   *
   * @param corners its corners, as the card lies
   * @param holes the corners of what lies inside it and is another part
   * @param plies how many papers lie there, layers counted
   * @param thick how thick they are together
   */
  public record Region(List<Spot> corners, List<List<Spot>> holes, int plies, Length thick) {
    /** Copies the lists. */
    public Region {
      corners = List.copyOf(corners);
      holes = List.copyOf(holes);
    }

    /**
     * Says whether a place lies in the part.
     *
     * @param place a place as the card lies
     * @return true if it does
     */
    public boolean holds(Spot place) {
      return Facet.holds(Facet.polygon(corners), place)
          && holes.stream().noneMatch(hole -> Facet.holds(Facet.polygon(hole), place));
    }

    /**
     * Returns how large the part is.
     *
     * @return square millimetres
     */
    public double area() {
      double area = Facet.polygon(corners).getArea();
      return area - holes.stream().mapToDouble(hole -> Facet.polygon(hole).getArea()).sum();
    }
  }

  /**
   * Something that lies somewhere, how high its level is and how thick it is with its glue; what is
   * held is no ply.
   */
  private record Sheet(List<Spot> corners, double level, double caliper, boolean isPly) {}

  /** Copies the list. */
  public Thickness {
    regions = List.copyOf(regions);
  }

  /**
   * Measures a card.
   *
   * @param model the card, put together
   * @param moment a moment at which it lies on the table, see {@link FoldModel#lies}
   * @param design the design, for its layers and pockets
   * @param materials what goes into it
   * @return how thick it is where
   */
  public static Thickness of(FoldModel model, double moment, Design design, Materials materials) {
    return of(model, moment, design, materials, joint -> false);
  }

  /**
   * Measures a card as if some of it were glued flat.
   *
   * @param model the card, put together
   * @param moment a moment at which it lies on the table, see {@link FoldModel#lies}
   * @param design the design, for its layers and pockets
   * @param materials what goes into it
   * @param isFlat which joints have no foam, whatever they are glued with
   * @return how thick it is where
   */
  public static Thickness of(
      FoldModel model, double moment, Design design, Materials materials, Predicate<Joint> isFlat) {
    Papers papers = materials.papers();
    Pose pose = model.pose(moment);
    Assembly assembly = model.assembly();
    List<Sheet> sheets = new ArrayList<>();
    for (Facet facet : assembly.facets()) {
      if (!isLevel(pose, facet.index())) {
        continue;
      }
      PaperRole role = assembly.pieceOf(facet.index()).role();
      double caliper =
          caliper(role, papers)
              + glue(assembly, facet.index(), isFlat)
              + paste(materials, assembly.pieceOf(facet.index()).id());
      sheets.add(sheet(pose, facet.index(), facet.corners(), caliper));
    }
    double glue = (materials.raised() ? FOAM : GLUE).toMillimetres();
    for (Layer layer : design.layers()) {
      double paste = paste(materials, layer.on() + "." + layer.id());
      addLayer(sheets, pose, assembly, layer, caliper(layer.role(), papers) + glue + paste);
    }
    materials.item().flatMap(item -> held(pose, assembly, design, item)).ifPresent(sheets::add);
    return new Thickness(regions(sheets, assembly.tolerances().folded()), grams(design, papers));
  }

  /** What holds a facet to what it is glued to: a film, or a pad of foam. */
  private static double glue(Assembly assembly, int facet, Predicate<Joint> isFlat) {
    Assembly.Member member = assembly.members().get(assembly.memberOf(facet));
    boolean isGlued = member.glue().stream().anyMatch(glue -> glue.facet() == facet && !glue.dry());
    boolean isOnFoam =
        member
            .joint()
            .filter(joint -> !isFlat.test(joint))
            .flatMap(Joint::with)
            .filter(Adhesive.FOAM::equals)
            .isPresent();
    return isGlued ? (isOnFoam ? FOAM : GLUE).toMillimetres() : 0;
  }

  /** Where on a part paste stands is not known: it is reckoned with all over. */
  private static double paste(Materials materials, String part) {
    return materials.pasted().getOrDefault(part, 0) * PASTE.toMillimetres();
  }

  private static boolean isLevel(Pose pose, int facet) {
    return Math.abs(pose.motions().get(facet).up().z())
        > 1 - pose.assembly().tolerances().folded().angle();
  }

  private static Sheet sheet(Pose pose, int facet, List<Spot> corners, double caliper) {
    double level = pose.place(facet, corners.get(0)).z();
    return new Sheet(flat(pose, facet, corners), level, caliper, true);
  }

  /** What is held lies in the middle of the pocket with most room for it, turned the better way. */
  private static Optional<Sheet> held(Pose pose, Assembly assembly, Design design, HeldItem item) {
    List<Pocket> placed =
        design.pockets().stream().filter(pocket -> pocket.area().isPresent()).toList();
    return Pocket.best(placed, item).flatMap(pocket -> held(pose, assembly, pocket, item));
  }

  private static Optional<Sheet> held(Pose pose, Assembly assembly, Pocket pocket, HeldItem item) {
    Area area = pocket.area().orElseThrow();
    double wide = item.width().toMillimetres();
    double tall = item.height().toMillimetres();
    boolean areaIsWide = area.width().compareTo(area.height()) > 0;
    boolean turns = areaIsWide != wide > tall;
    double across = (turns ? tall : wide) / 2;
    double along = (turns ? wide : tall) / 2;
    double x = area.at().x().toMillimetres() + area.width().toMillimetres() / 2;
    double y = area.at().y().toMillimetres() + area.height().toMillimetres() / 2;
    List<Spot> corners =
        List.of(
            new Spot(x - across, y - along),
            new Spot(x + across, y - along),
            new Spot(x + across, y + along),
            new Spot(x - across, y + along));
    return assembly.facets().stream()
        .filter(facet -> assembly.pieceOf(facet.index()).id().equals(pocket.on()))
        .filter(facet -> Facet.holds(facet.polygon(), new Spot(x, y)))
        .filter(facet -> isLevel(pose, facet.index()))
        .map(facet -> sheet(pose, facet.index(), corners, item.thick().toMillimetres()))
        .map(all -> new Sheet(all.corners(), all.level(), all.caliper(), false))
        .findFirst();
  }

  private static double caliper(PaperRole role, Papers papers) {
    return papers.of(role).caliper().toMillimetres();
  }

  private static List<Spot> flat(Pose pose, int facet, List<Spot> corners) {
    return corners.stream()
        .map(corner -> pose.place(facet, corner))
        .map(place -> new Spot(place.x(), place.y()))
        .toList();
  }

  /** A layer bends with the facets under it, so it lies on each with what covers it. */
  private static void addLayer(
      List<Sheet> sheets, Pose pose, Assembly assembly, Layer layer, double caliper) {
    Polygon whole = Facet.polygon(layer.outline().stream().map(Spot::from).toList());
    for (Facet facet : assembly.facets()) {
      boolean carries = assembly.pieceOf(facet.index()).id().equals(layer.on());
      if (!carries || !isLevel(pose, facet.index())) {
        continue;
      }
      Geometry on = facet.polygon().intersection(whole);
      for (int i = 0; i < on.getNumGeometries(); i++) {
        if (on.getGeometryN(i) instanceof Polygon part && part.getArea() > 1) {
          sheets.add(sheet(pose, facet.index(), Arrangement.corners(part), caliper));
        }
      }
    }
  }

  private static List<Region> regions(List<Sheet> sheets, Tolerance near) {
    Overlay overlay = Overlay.of(sheets.stream().map(Sheet::corners).toList(), near);
    double lowest = sheets.stream().mapToDouble(Sheet::level).min().orElse(0);
    List<Region> regions = new ArrayList<>();
    for (Overlay.Cell cell : overlay.cells()) {
      List<Sheet> here = cell.shapes().stream().mapToObj(sheets::get).toList();
      regions.add(
          new Region(
              Arrangement.corners(cell.polygon()),
              Arrangement.holes(cell.polygon()),
              (int) here.stream().filter(Sheet::isPly).count(),
              Length.fromMillimetres(thick(here, lowest, near))));
    }
    return regions;
  }

  /**
   * Stacks what lies somewhere, level by level: what a gusset holds up lies at its height, or on
   * what is below it if that is thicker.
   */
  private static double thick(List<Sheet> here, double lowest, Tolerance near) {
    List<Sheet> upwards = new ArrayList<>(here);
    upwards.sort(Comparator.comparingDouble(Sheet::level));
    double thick = 0;
    double level = lowest;
    for (Sheet sheet : upwards) {
      if (sheet.level() - level > near.length()) {
        thick = Math.max(thick, sheet.level() - lowest);
        level = sheet.level();
      }
      thick += sheet.caliper();
    }
    return thick;
  }

  /** All that is made for the card is carried by the post with it, shown folded or not. */
  /**
   * Measures the whole closed card, with all that is on it and in it.
   *
   * @return its width and height; of a card that lies askew those of the smallest rectangle
   */
  public List<Length> size() {
    return ClosedState.size(regions.stream().map(Region::corners).toList());
  }

  /**
   * Adds what is made once the card has been folded, such as a band.
   *
   * @param all the card with it
   * @param papers what it is made from
   * @return the same with the weight of all
   */
  public Thickness weighing(Design all, Papers papers) {
    return new Thickness(regions, grams(all, papers));
  }

  private static double grams(Design design, Papers papers) {
    double grams = 0;
    for (Piece piece : design.pieces()) {
      if (piece.paper() != PaperKind.RIBBON) {
        grams += piece.count() * left(piece) * papers.of(piece.role()).grammage();
      }
    }
    for (Layer layer : design.layers()) {
      double area = polygon(layer.outline()).getArea() / SQUARE_METRE;
      grams += design.count(layer) * area * papers.of(layer.role()).grammage();
    }
    return grams;
  }

  /** Returns the paper that is left of a piece after all its cuts, square metres. */
  private static double left(Piece piece) {
    Geometry paper = polygon(piece.outline());
    for (Opening opening : piece.openings()) {
      paper = paper.difference(polygon(opening.outline()));
    }
    return paper.getArea() / SQUARE_METRE;
  }

  private static Polygon polygon(List<Point> outline) {
    return Facet.polygon(outline.stream().map(Spot::from).toList());
  }

  /**
   * Returns the thickest part.
   *
   * @return the region, if there is any
   */
  public Optional<Region> thickest() {
    return regions.stream().max(Comparator.comparing(Region::thick));
  }

  /**
   * Returns the part at a place.
   *
   * @param place a place as the card lies
   * @return the region, if the card is there
   */
  public Optional<Region> at(Spot place) {
    return regions.stream().filter(region -> region.holds(place)).findFirst();
  }
}

package cufflink.core.drawing;

import cufflink.core.assembly.Assembly;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.fold.FoldedView.Ply;
import cufflink.core.layers.Areas;
import cufflink.core.paper.PaperRole;
import cufflink.core.scene.Ref;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * What of a ribbon lies over something that was put on before it was led.
 *
 * @param host the facet in whose frame it is told
 * @param ring its outline, cut off at the edge of what it lies over
 * @param rims what of that outline is the ribbon's own edge, each from one end to the other
 * @param role what its paper is for
 * @param ref what it is
 */
record Overhead(int host, List<Spot> ring, List<List<Spot>> rims, PaperRole role, Ref ref) {
  /** Lines are so wide at the most, in millimetres. */
  private static final double HAIR = 0.5;

  /**
   * Finds what lies over a ply.
   *
   * @param ply what was put on before, seen from the side that does not meet its host
   * @param model the card
   * @param patches what lies on its pieces, in the order in which it comes there
   * @param loose the free ends of ribbons
   * @param turns how the card is folded
   * @return ribbons, and the bows that are tied of them
   */
  static List<Overhead> of(
      Ply ply, FoldModel model, List<Patch> patches, List<Loose> loose, double[] turns) {
    Assembly assembly = model.assembly();
    Optional<Joint> joint = assembly.members().get(assembly.memberOf(ply.facet())).joint();
    if (joint.isEmpty() || ply.face() == joint.get().touching()) {
      return List.of();
    }
    Ref own = new Ref(joint.get().on(), joint.get().id());
    int put =
        IntStream.range(0, patches.size())
            .filter(i -> patches.get(i).ref().equals(own))
            .findFirst()
            .orElse(patches.size());
    List<Overhead> over = new ArrayList<>();
    for (Patch ribbon : patches.subList(Math.min(put + 1, patches.size()), patches.size())) {
      boolean isLed =
          ribbon.leg().isPresent()
              && ribbon.ref().piece().equals(own.piece())
              && ribbon.face() == joint.get().face();
      if (isLed) {
        Patch under = patches.get(put);
        host(under, assembly)
            .filter(host -> Ribbon.lies(ribbon.leg().get(), model, host, turns))
            .map(host -> of(host, ribbon.corners(), under, PaperRole.RIBBON, ribbon.ref()))
            .ifPresent(over::addAll);
      }
    }
    return over.isEmpty() ? over : tied(over, patches.get(put), joint.get().face(), loose);
  }

  private static List<Overhead> tied(
      List<Overhead> ribbons, Patch under, Face face, List<Loose> loose) {
    List<Overhead> all = new ArrayList<>(ribbons);
    int host = ribbons.get(0).host;
    for (Loose each : loose) {
      if (each.host() == host && each.face() == face) {
        each.shapes().forEach(shape -> all.addAll(of(host, shape, under, each.role(), Ref.NONE)));
      }
    }
    return all;
  }

  private static Optional<Integer> host(Patch under, Assembly assembly) {
    Spot middle = Facet.inside(Facet.polygon(under.corners()));
    return IntStream.range(0, assembly.facets().size())
        .boxed()
        .filter(facet -> assembly.pieceOf(facet).id().equals(under.ref().piece()))
        .filter(facet -> FoldDrawing.isHost(assembly, under, facet))
        .filter(facet -> Facet.holds(assembly.facets().get(facet).polygon(), middle))
        .findFirst();
  }

  private static List<Overhead> of(
      int host, List<Spot> shape, Patch under, PaperRole role, Ref ref) {
    // The hair line along its edge is covered as well.
    Geometry paper = Facet.polygon(under.corners()).buffer(HAIR);
    Geometry ribbon = Facet.polygon(shape).buffer(0);
    Geometry shared = Areas.common(ribbon, paper);
    Geometry edges = ribbon.getBoundary();
    List<Overhead> over = new ArrayList<>();
    for (int i = 0; i < shared.getNumGeometries(); i++) {
      if (shared.getGeometryN(i) instanceof Polygon part && !part.isEmpty()) {
        Geometry own = edges.intersection(part);
        List<List<Spot>> rims =
            IntStream.range(0, own.getNumGeometries())
                .mapToObj(each -> spots(own.getGeometryN(each).getCoordinates()))
                .toList();
        List<Spot> ring = spots(part.getExteriorRing().getCoordinates());
        over.add(new Overhead(host, ring.subList(1, ring.size()), rims, role, ref));
      }
    }
    return over;
  }

  private static List<Spot> spots(Coordinate[] line) {
    return Arrays.stream(line).map(at -> new Spot(at.x, at.y)).toList();
  }
}

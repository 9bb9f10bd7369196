package cufflink.core.card;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.design.Mover;
import cufflink.core.design.Stage;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.layers.LayerOrder;
import cufflink.core.linkage.Linkage;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** A piece after its own stages, one of its facets lying as it did: what is glued onto a host. */
final class FoldedPiece {
  private final FlatPattern flat;
  private final Motion[] motions;
  private final double[] radians;

  FoldedPiece(FlatPattern flat, List<Stage> stages, int rest) {
    this.flat = flat;
    this.radians = new double[flat.creases().size()];
    for (Stage stage : stages) {
      if (stage.piece().equals(flat.piece().id()) && stage.isFolding()) {
        for (int i = 0; i < radians.length; i++) {
          Crease crease = flat.creases().get(i);
          Mover mover = new Mover.Crease(stage.piece(), crease.score().name());
          Double angle = stage.moves().get(mover);
          radians[i] = angle == null ? radians[i] : Math.toRadians(angle);
        }
      }
    }
    Linkage linkage =
        Linkage.of(
            flat.facets().size(),
            radians.length,
            rest,
            Assembly.of(flat).links(),
            flat.tolerances());
    this.motions = linkage.motions(radians);
  }

  /** Returns where a facet lies in the frame of the facet that did not move. */
  Motion motion(int facet) {
    return motions[facet];
  }

  /** Returns the facet nearest to the host at a place: the lowest if it is glued to an inside. */
  OptionalInt facetAt(Spot place, boolean lowest) {
    Optional<LayerOrder.Stack> stack = Optional.empty();
    int best = -1;
    for (Facet facet : flat.facets()) {
      Vec on = motions[facet.index()].back(new Vec(place.x(), place.y(), 0));
      boolean there =
          Math.abs(on.z()) < 1 && Facet.holds(facet.polygon(), new Spot(on.x(), on.y()));
      if (!there) {
        continue;
      }
      if (best < 0) {
        best = facet.index();
        continue;
      }
      if (stack.isEmpty()) {
        stack =
            LayerOrder.of(new Pose(Assembly.of(flat), List.of(motions)), radians, true)
                .find((one, other) -> 0);
      }
      int now = facet.index();
      int before = best;
      int side = stack.map(each -> each.side(now, before)).orElse(0);
      best = side < 0 == lowest && side != 0 ? now : best;
    }
    return best < 0 ? OptionalInt.empty() : OptionalInt.of(best);
  }
}

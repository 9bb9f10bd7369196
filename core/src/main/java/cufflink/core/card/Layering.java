package cufflink.core.card;

import cufflink.core.assembly.Pose;
import cufflink.core.flat.Facet;
import cufflink.core.layers.LayerOrder;
import cufflink.core.layers.PlyOrder;
import cufflink.core.layers.Spread;
import cufflink.core.space.Vec;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.locationtech.jts.geom.Envelope;

/** How a card lies after each stage, and which of its facets lies on which; each is found once. */
public final class Layering {
  /** A card that is this many times as wide as it is high lies and does not stand. */
  private static final double LYING = 4;

  private final FoldModel model;
  private final Map<Integer, Optional<LayerOrder.Stack>> stacks = new ConcurrentHashMap<>();
  private final Set<Integer> unknown = ConcurrentHashMap.newKeySet();

  Layering(FoldModel model) {
    this.model = model;
  }

  /**
   * Says whether every facet lies flat after a stage.
   *
   * @param done how many stages are done
   * @return true if it does
   */
  public boolean isFlat(int done) {
    Pose pose = model.pose(done);
    return model.assembly().facets().stream()
        .flatMap(facet -> pose.corners(facet.index()).stream())
        .allMatch(
            corner -> Math.abs(corner.z()) <= model.assembly().tolerances().folded().length());
  }

  /**
   * Says whether the card lies on the table after a stage: all its facets are level, but for narrow
   * ones such as a gusset that stand upright between them.
   *
   * @param done how many stages are done
   * @return true if it does; false for a card that stands, such as a bag
   */
  public boolean lies(int done) {
    Pose pose = model.pose(done);
    Envelope extent = new Envelope();
    double tall = 0;
    for (Facet facet : model.assembly().facets()) {
      Vec up = pose.motions().get(facet.index()).up();
      double tilt = Math.hypot(up.x(), up.y());
      if (Math.min(tilt, Math.abs(up.z())) > model.assembly().tolerances().folded().angle()) {
        return false;
      }
      for (Vec corner : pose.corners(facet.index())) {
        extent.expandToInclude(corner.x(), corner.y());
        tall = Math.max(tall, Math.abs(corner.z()));
      }
    }
    return tall <= Math.min(extent.getWidth(), extent.getHeight()) / LYING;
  }

  /**
   * Finds which facet lies on which after a stage at which the card lies on the table.
   *
   * @param done how many stages are done
   * @return the order of level facets; empty if the card does not lie then, or cannot be folded so
   *     without passing through itself
   */
  public Optional<LayerOrder.Stack> stack(int done) {
    return model.isTooLarge() || !model.isReady()
        ? Optional.empty()
        : stacks.computeIfAbsent(done, this::findStack);
  }

  /**
   * Says whether the layers after a stage were looked for in vain, without it being shown that they
   * cannot be.
   *
   * @param done how many stages are done
   * @return true if the search was given up
   */
  public boolean isOrderUnknown(int done) {
    return unknown.contains(done);
  }

  private Optional<LayerOrder.Stack> findStack(int done) {
    if (!lies(done) || !model.holds(done)) {
      return Optional.empty();
    }
    LayerOrder order = LayerOrder.of(model.pose(done), model.turns(done), true);
    PlyOrder plies =
        new PlyOrder(model, done, model.pose(done), model.assembly().tolerances().folded());
    Optional<LayerOrder.Stack> stack = order.find(order.hints(plies, model.pose(done)));
    if (order.isGivenUp()) {
      unknown.add(done);
    }
    return stack;
  }

  /**
   * Poses the facets with their layers lifted off each other, where the card lies flat.
   *
   * @param moment as for {@link FoldModel#pose(double)}
   * @param apart how far each layer is lifted off the one below, in millimetres
   * @return the pose; as it is where the card does not lie flat or the moment is within a stage
   */
  public Pose spread(double moment, double apart) {
    Pose pose = model.pose(moment);
    Optional<LayerOrder.Stack> stack =
        moment == Math.rint(moment) ? stack((int) moment) : Optional.empty();
    if (stack.isEmpty() || !isFlat((int) moment)) {
      return pose;
    }
    return Spread.of(pose, stack.get(), apart);
  }
}

package cufflink.core.glue;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Stage;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.plane.Area;
import cufflink.core.space.Vec;
import java.util.List;

/** Which folds bring the parts of a piece together that are glued to each other. */
final class Seam {
  /** How far parts that touch may be from each other, in millimetres. */
  private static final double NEAR = 0.5;

  private Seam() {}

  /**
   * Finds how far a piece is folded for a seam.
   *
   * @param design the card
   * @param joint what is glued to itself
   * @return its stages, up to the one from which on its glue lies on another part of it; all if
   *     there is none such
   */
  static List<Stage> folds(Design design, Joint joint) {
    List<Stage> all = Reach.folds(design, joint.piece());
    if (all.size() < 2) {
      return all;
    }
    return HalfBuilt.alone(design, joint.piece(), all)
        .map(HalfBuilt::model)
        .map(model -> all.subList(0, meeting(joint, model, all.size())))
        .orElse(all);
  }

  private static int meeting(Joint joint, FoldModel model, int stages) {
    int from = stages;
    for (int done = stages; done > 0; done--) {
      Pose pose = model.pose(done);
      if (!joint.glue().stream().allMatch(glue -> meets(glue, model.assembly(), pose))) {
        break;
      }
      from = done;
    }
    return from;
  }

  private static boolean meets(Area glue, Assembly assembly, Pose pose) {
    Spot place =
        new Spot(
            glue.at().x().toMillimetres() + glue.width().toMillimetres() / 2,
            glue.at().y().toMillimetres() + glue.height().toMillimetres() / 2);
    for (Facet own : assembly.facets()) {
      if (Facet.holds(own.polygon(), place)) {
        Vec at = pose.place(own.index(), place);
        return assembly.facets().stream()
            .filter(other -> other.index() != own.index())
            .anyMatch(other -> touches(other, pose.motions().get(other.index()).back(at)));
      }
    }
    return false;
  }

  private static boolean touches(Facet facet, Vec at) {
    return Math.abs(at.z()) < NEAR && Facet.holds(facet.polygon(), new Spot(at.x(), at.y()));
  }
}

package cufflink.core.job;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import java.util.List;
import java.util.Set;

/** A card some of whose parts go onto the other face than their pattern says. */
final class Swapped {
  private Swapped() {}

  /**
   * Swaps the faces of layers and of what is glued fast; what moves stays where it moves. What the
   * pattern says of when such a part is seen no longer holds: its maker has said otherwise.
   */
  static Design of(Design design, Set<String> faces) {
    if (faces.isEmpty()) {
      return design;
    }
    List<Layer> layers =
        design.layers().stream()
            .map(each -> faces.contains(each.id()) ? each.facing(each.face().other()) : each)
            .toList();
    List<Joint> joints =
        design.joints().stream()
            .map(each -> isSwapped(each, faces) ? each.facing(each.face().other()) : each)
            .toList();
    List<Design.Relation> relations =
        design.relations().stream().filter(each -> !isSeen(each, faces)).toList();
    return design.of(design.pieces(), layers, joints, relations);
  }

  private static boolean isSwapped(Joint joint, Set<String> faces) {
    return faces.contains(joint.id()) && joint.movement().isFast();
  }

  private static boolean isSeen(Design.Relation relation, Set<String> faces) {
    return relation instanceof Design.Relation.Seen seen && faces.contains(seen.part());
  }
}

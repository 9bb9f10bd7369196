package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Movement.Leg;
import cufflink.core.design.Stage;
import java.util.List;

/** What goes round the whole card, once that is folded, filled and closed: a band, or a ribbon. */
final class Round {
  private Round() {}

  /** Says whether something is done to the closed card. */
  static boolean is(Act act, Design design) {
    return act.joint()
        .filter(it -> isBand(it, design) || isTied(it, design) || isOver(it, design))
        .isPresent();
  }

  /** What is glued over such a ribbon, or slipped behind it, waits for that. */
  private static boolean isOver(Joint joint, Design design) {
    boolean isLater = false;
    for (Joint each : joint.movement().isFast() ? design.joints() : List.<Joint>of()) {
      isLater |= each.equals(joint);
      if (each.isLedOver(joint) && isTied(each, design) && (!isLater || !joint.isStuck())) {
        return true;
      }
    }
    return false;
  }

  /** What is on nothing and folded round nothing of its own, but is a ring. */
  private static boolean isBand(Joint seam, Design design) {
    String piece = seam.piece();
    return design.isSeam(seam)
        && !piece.equals(design.base().id())
        && design.joints().stream()
            .noneMatch(each -> each.piece().equals(piece) && !design.isSeam(each))
        && design.relations(Relation.Serves.class).stream()
            .noneMatch(each -> each.piece().equals(piece))
        && Reach.folds(design, piece).isEmpty();
  }

  /** A ribbon that is taped nowhere and led round the outside of a fold holds the card closed. */
  private static boolean isTied(Joint joint, Design design) {
    List<Leg> legs = joint.movement().led().map(led -> led.taken()).orElse(List.of());
    if (legs.stream().anyMatch(leg -> leg.taped().isPositive())) {
      return false;
    }
    for (int i = 1; i < legs.size(); i++) {
      if (isBase(legs.get(i - 1), design)
          && isBase(legs.get(i), design)
          && legs.get(i - 1).face() == Face.OUTSIDE
          && legs.get(i).face() == Face.OUTSIDE
          && legs.get(i - 1).middle().to().equals(legs.get(i).middle().from())) {
        return true;
      }
    }
    return false;
  }

  private static boolean isBase(Leg leg, Design design) {
    return leg.by().isEmpty() && leg.on().equals(design.base().id());
  }

  /** Returns how the card is closed for a ribbon that holds it closed; a band is made by itself. */
  static List<Stage> closing(Act act, Design design) {
    boolean isTied = act.joint().filter(joint -> isTied(joint, design)).isPresent();
    return isTied
        ? design.stages().stream()
            .filter(stage -> stage.isFolding() && stage.piece().equals(design.base().id()))
            .toList()
        : List.of();
  }
}

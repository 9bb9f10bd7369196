package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Movement;
import cufflink.core.design.Movement.Leg;
import cufflink.core.plane.Area;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What must be there before a ribbon is led over it, and what comes over its ends afterwards. */
final class Leading {
  private Leading() {}

  /** Says whether a ribbon is led. */
  static boolean isLed(Act act) {
    return led(act).isPresent();
  }

  /** Says whether one of two acts comes first because a ribbon lies over it or under the other. */
  static boolean comesFirst(Act one, Act other, Design design) {
    Optional<Movement.Led> first = led(one);
    Optional<Movement.Led> second = led(other);
    if (first.isPresent() && second.isPresent()) {
      return one.number() < other.number() && meet(first.get(), second.get());
    }
    if (second.isPresent() && isTiedOver(one, second.get(), design)) {
      return true;
    }
    if (first.isPresent() && isSlipped(other)) {
      return first.get().legs().stream().anyMatch(leg -> isOver(leg, one, other, design));
    }
    if (isSlipped(one)) {
      return false;
    }
    if (first.isPresent()) {
      return first.get().legs().stream()
          .anyMatch(
              leg -> isNamed(leg, other) || isOver(leg, one, other, design) && isLater(other, one));
    }
    return second.isPresent()
        && second.get().legs().stream()
            .anyMatch(
                leg ->
                    isOver(leg, other, one, design) && !isLater(one, other)
                        || copies(second.get()).count() > 1 && leadsTo(leg, one));
  }

  /** A ribbon on a single piece is put on while that lies bare, before it is slid in. */
  static boolean goesInWith(Act ribbon, Act piece) {
    return led(ribbon).filter(led -> copies(led).count() == 1).stream()
        .map(led -> led.legs().get(0))
        .anyMatch(
            leg ->
                piece
                    .joint()
                    .filter(joint -> joint.movement().slide().isPresent())
                    .filter(joint -> joint.piece().equals(leg.on()))
                    .filter(joint -> leg.by().isEmpty() || leg.by().equals(Optional.of(joint.id())))
                    .isPresent());
  }

  /** What is not glued is slipped behind a ribbon that is there. */
  private static boolean isSlipped(Act act) {
    return act.joint().filter(joint -> joint.movement().isFast() && !joint.isStuck()).isPresent();
  }

  /** What is tied round pieces, and taped nowhere, is tied once they are closed. */
  private static boolean isTiedOver(Act act, Movement.Led led, Design design) {
    return act.isSeam(design)
        && led.legs().stream().anyMatch(leg -> leg.on().equals(act.host()))
        && led.legs().stream().noneMatch(leg -> leg.taped().isPositive());
  }

  /** Which copies of which pieces a ribbon is led over; one on a single piece is put on that. */
  private static Stream<List<Object>> copies(Movement.Led led) {
    return led.legs().stream().map(leg -> List.<Object>of(leg.on(), leg.by())).distinct();
  }

  private static boolean meet(Movement.Led one, Movement.Led other) {
    return copies(one).anyMatch(copy -> copies(other).anyMatch(copy::equals));
  }

  /** A piece that is put on after a ribbon, as the pattern has them, goes over it. */
  private static boolean isLater(Act piece, Act ribbon) {
    return piece.joint().isPresent() && piece.number() > ribbon.number();
  }

  private static Optional<Movement.Led> led(Act act) {
    return act.joint().flatMap(joint -> joint.movement().led());
  }

  /** Says whether what is done comes over a part of a ribbon, as its pattern says, on its face. */
  private static boolean isNamed(Leg leg, Act act) {
    if (!act.host().equals(leg.on()) || act.face() != leg.face()) {
      return false;
    }
    return act.layers().stream().anyMatch(layer -> leg.under().contains(layer.id()))
        || act.joint().filter(joint -> leg.under().contains(joint.id())).isPresent();
  }

  /** What a ribbon is led to has been put there. */
  private static boolean leadsTo(Leg leg, Act act) {
    boolean isPut =
        act.joint().filter(each -> each.piece().equals(leg.on()) && act.isJoining()).isPresent();
    return leg.by().isPresent() ? act.joint().map(Joint::id).equals(leg.by()) : isPut;
  }

  private static boolean isOver(Leg leg, Act ribbon, Act act, Design design) {
    if (!act.host().equals(leg.on()) || act.face() != leg.face() || isNamed(leg, act)) {
      return false;
    }
    return act.joint()
            .filter(joint -> ribbon.joint().orElseThrow().legsOver(joint, design).contains(leg))
            .isPresent()
        || act.layers().stream().anyMatch(layer -> leg.crosses(area(layer)));
  }

  private static Area area(Layer layer) {
    return new Area(layer.at(), layer.width(), layer.height());
  }
}

package cufflink.core.run;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Movement;
import cufflink.core.design.Movement.Leg;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;

/** Says how a ribbon is led, part after part, each measured as its face lies up. */
final class LedWords {
  private LedWords() {}

  /** Says where a ribbon goes, from one end to the other. */
  static Message of(Joint joint, Design design) {
    Movement.Led led = joint.movement().led().orElseThrow();
    List<Message> parts = new ArrayList<>();
    for (Leg leg : led.taken()) {
      Message part = part(leg, design);
      // Round a fold it goes on as before.
      if (parts.isEmpty() || !parts.get(parts.size() - 1).equals(part)) {
        parts.add(part);
      }
    }
    Message words = Message.of("led.way", joint.label(), Message.list("led.then", parts));
    return led.tail().isPositive() ? words.followedBy(Message.of("led.tails", led.tail())) : words;
  }

  /** Says whether ribbons are led to a piece from the one it lies beside, and join them. */
  static boolean isJoined(Joint joint, Design design) {
    return design.joints().stream()
        .flatMap(each -> each.movement().led().stream())
        .flatMap(led -> led.legs().stream())
        .anyMatch(leg -> leg.by().filter(joint.id()::equals).isPresent());
  }

  private static Message part(Leg leg, Design design) {
    Message face = Message.of(leg.face() == Face.INSIDE ? "layer.inside" : "layer.outside");
    Message way = way(leg, design, Message.of("led.over", face, host(leg, design)));
    return leg.taped().isPositive() ? Message.of("led.taped", way, leg.taped()) : way;
  }

  private static Message way(Leg leg, Design design, Message place) {
    Length wide = design.piece(leg.on()).map(Piece::width).orElse(Length.ZERO);
    boolean isTurned = leg.face() == Face.OUTSIDE;
    Length first = isTurned ? wide.minus(leg.middle().from().x()) : leg.middle().from().x();
    Length second = isTurned ? wide.minus(leg.middle().to().x()) : leg.middle().to().x();
    if (leg.middle().isVertical()) {
      return Message.of("led.straight", place, first);
    }
    if (leg.middle().isLevel()) {
      return Message.of("led.level", place, leg.middle().from().y());
    }
    boolean isDown = leg.middle().from().y().compareTo(leg.middle().to().y()) < 0;
    return Message.of("led.slant", place, isDown ? first : second, isDown ? second : first);
  }

  private static String host(Leg leg, Design design) {
    return leg.by()
        .flatMap(by -> design.joints().stream().filter(each -> each.id().equals(by)).findFirst())
        .map(Joint::label)
        .orElseGet(() -> design.piece(leg.on()).map(Piece::label).orElse(leg.on()));
  }
}

package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;

/** How a part is brought to its place, where its pattern says more than that it is put there. */
final class Method {
  private Method() {}

  /** Says how it is offered up, and which side of it grips first. */
  static List<Message> of(Act act, Design design) {
    List<Message> lines = new ArrayList<>();
    act.joint()
        .ifPresent(
            joint -> {
              design.relations(Relation.Offered.class).stream()
                  .filter(each -> each.joint().equals(joint.id()))
                  .map(each -> offered(each.how(), joint))
                  .forEach(lines::add);
              design.relations(Relation.Grips.class).stream()
                  .filter(each -> each.joint().equals(joint.id()))
                  .map(each -> Message.of("act.grips", joint.label(), side(each.side(), joint)))
                  .forEach(lines::add);
            });
    return lines;
  }

  private static Message offered(Relation.Offered.How how, Joint joint) {
    return switch (how) {
      case DRY -> Message.of("act.dry-fit", joint.label());
      case CLOSED -> Message.of("act.close-on", joint.label());
    };
  }

  /** A face that is turned over like a page has its left where the piece has its right. */
  private static Message side(Side side, Joint joint) {
    boolean inside = joint.face() == Face.INSIDE;
    return switch (side) {
      case TOP -> Message.of("side.top");
      case RIGHT -> Message.of(inside ? "side.right" : "side.left");
      case LEFT -> Message.of(inside ? "side.left" : "side.right");
      case BOTTOM, NONE -> Message.of("side.bottom");
    };
  }
}

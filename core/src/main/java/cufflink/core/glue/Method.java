package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.plane.Side;
import cufflink.core.run.Gluing;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** How a part is brought to its place, where its pattern says more than that it is put there. */
final class Method {
  private Method() {}

  /** Says how it is offered up, and which side of it grips first. */
  static List<Message> of(Act act, Design design) {
    return of(act, design, Optional.empty());
  }

  /** Says it with sides named as they lie, if that is known; else as the host was cut. */
  static List<Message> of(Act act, Design design, Optional<UnaryOperator<Side>> lies) {
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
                  .map(each -> Message.of("act.grips", joint.label(), side(each, joint, lies)))
                  .forEach(lines::add);
            });
    return lines;
  }

  private static Message side(
      Relation.Grips grips, Joint joint, Optional<UnaryOperator<Side>> lies) {
    return lies.map(seen -> Gluing.side(seen.apply(grips.side()), Face.INSIDE))
        .orElseGet(() -> Gluing.side(grips.side(), joint.face()));
  }

  private static Message offered(Relation.Offered.How how, Joint joint) {
    return switch (how) {
      case DRY -> Message.of("act.dry-fit", joint.label());
      case CLOSED -> Message.of("act.close-on", joint.label());
    };
  }
}

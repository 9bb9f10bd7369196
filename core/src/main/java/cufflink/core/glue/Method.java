package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation;
import cufflink.core.design.Joint;
import cufflink.core.run.Gluing;
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
                  .map(
                      each ->
                          Message.of(
                              "act.grips", joint.label(), Gluing.side(each.side(), joint.face())))
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
}

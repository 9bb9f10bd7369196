package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.glue.GluingOrder.Step;
import cufflink.core.paper.Adhesive;
import cufflink.core.plane.Side;
import cufflink.core.run.Gluing;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * What is said while a card is put together, step by step.
 *
 * @param order how it is put together
 * @param design the card
 * @param raised whether layers stand on foam pads
 */
record WalkWords(GluingOrder order, Design design, boolean raised) {
  /** More papers of one name than this are told as one. */
  private static final int ALIKE = 3;

  /** Says all that is worth knowing while a step is done; how all lies may be known already. */
  List<Message> of(int index, Optional<Message> place, Optional<UnaryOperator<Side>> lies) {
    Step step = order.steps().get(index);
    List<Message> lines = new ArrayList<>();
    boolean isSeam = step.act().isSeam(design);
    if (Round.is(step.act(), design)) {
      lines.add(Message.of("act.closed-first"));
    }
    if (isSeam) {
      lines.add(seam(step));
    } else {
      step.folds().forEach(stage -> lines.add(Message.of("act.fold-first", stage.title())));
    }
    lines.addAll(layers(step.act().layers()));
    Pencilled.of(step.act(), design).ifPresent(lines::add);
    place
        .or(() -> step.act().joint().map(joint -> Gluing.of(joint, design)))
        .filter(each -> !isSeam)
        .ifPresent(lines::add);
    step.act().carried(design).ifPresent(lines::add);
    lines.addAll(Method.of(step.act(), design, lies));
    Message why = step.act().isGlued() ? step.choice().told() : Message.NONE;
    for (Message reason : step.reasons()) {
      why = why.isEmpty() ? reason : why.followedBy(reason);
    }
    if (!why.isEmpty()) {
      lines.add(why);
    }
    wet(index).or(() -> Trial.of(step.act(), step.choice(), design)).ifPresent(lines::add);
    return lines;
  }

  /** So many papers alike are told as one: the picture shows where each goes. */
  private List<Message> layers(List<Layer> layers) {
    List<Message> lines = new ArrayList<>();
    Set<String> told = new HashSet<>();
    for (Layer layer : layers) {
      long alike = layers.stream().filter(each -> each.label().equals(layer.label())).count();
      Message glued = order.glued(layer, design, raised);
      if (alike <= ALIKE) {
        lines.add(Message.of("act.layer", glued));
      } else if (told.add(layer.label())) {
        lines.add(Message.of("act.layers-alike", alike, layer.label(), glued));
      }
    }
    return lines;
  }

  /** A piece is glued to itself: the glue first, and then what brings the other part onto it. */
  private Message seam(Step step) {
    Joint joint = step.act().joint().orElseThrow();
    Message whole = Message.of("act.joint", joint.label());
    String piece = design.piece(joint.on()).map(Piece::label).orElse("");
    if (step.folds().isEmpty()) {
      return Message.of("act.seam", whole, piece);
    }
    Message then =
        Message.list(
            "list.comma",
            step.folds().stream().map(stage -> Message.plain(stage.title())).toList());
    boolean isFolded =
        !Copies.isSeveral(design, joint.on())
            && order.steps().subList(0, order.steps().indexOf(step)).stream()
                .flatMap(each -> each.folds().stream())
                .anyMatch(stage -> stage.piece().equals(joint.on()));
    return isFolded
        ? Message.of("act.seam-later", whole, then, piece)
        : Message.of("act.seam-folded", whole, then);
  }

  /** Parts that lie over each other in wet glue are slid straight together and pressed once. */
  private Optional<Message> wet(int index) {
    if (isWetWithNext(index)) {
      Message next = order.steps().get(index + 1).act().name(design);
      return Optional.of(Message.of("act.wet", next));
    }
    return index > 0 && isWetWithNext(index - 1)
        ? Optional.of(Message.of("act.wet-last"))
        : Optional.empty();
  }

  private boolean isWetWithNext(int index) {
    if (index + 1 >= order.steps().size()) {
      return false;
    }
    Step step = order.steps().get(index);
    Step next = order.steps().get(index + 1);
    return isWet(step)
        && isWet(next)
        && step.act().host().equals(next.act().host())
        && step.act().face() == next.act().face()
        && isOnSameCopy(step.act().joint().get(), next.act().joint().get())
        && step.act().joint().get().area().overlaps(next.act().joint().get().area());
  }

  private boolean isOnSameCopy(Joint one, Joint other) {
    return design.host(one).equals(design.host(other));
  }

  private static boolean isWet(Step step) {
    return step.act().joint().filter(joint -> joint.mouth() == Side.NONE).isPresent()
        && step.choice().adhesive() == Adhesive.LIQUID;
  }
}

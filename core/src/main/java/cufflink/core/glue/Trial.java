package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Movement;
import cufflink.core.design.Piece;
import cufflink.core.paper.Adhesive;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;

/** What to try after a step, before the glue has set; common practice, no source. */
public final class Trial {
  private Trial() {}

  /**
   * Says what to press, slide or open.
   *
   * @param act what was done
   * @param choice what it was glued with
   * @param design the card
   * @return a sentence; nothing for what needs no trying
   */
  public static Optional<Message> of(Act act, Choice choice, Design design) {
    if (act.joint().isEmpty()) {
      return Optional.empty();
    }
    Joint joint = act.joint().get();
    List<String> held =
        design.joints().stream()
            .filter(
                each ->
                    each.movement()
                        .slide()
                        .map(Movement.Slide::under)
                        .orElse(List.of())
                        .contains(joint.piece()))
            .map(each -> label(design, each.piece()))
            .distinct()
            .toList();
    if (!held.isEmpty()) {
      return Optional.of(Message.of("act.try-runs", Message.list("list.comma", held)));
    }
    if (joint.movement().slide().isPresent()) {
      return Optional.of(Message.of("act.try-slides", label(design, joint.piece())));
    }
    if (joint.movement().isFast() && joint.mouth() != Side.NONE) {
      return Optional.of(Message.of("act.try-mouth"));
    }
    boolean folds =
        design.piece(joint.piece()).filter(each -> !each.scores().isEmpty()).isPresent();
    if (act.isJoining() && act.isGlued() && folds) {
      return Optional.of(Message.of("act.try-closes"));
    }
    return choice.adhesive() == Adhesive.LIQUID
        ? Optional.of(Message.of("act.try-straight"))
        : Optional.empty();
  }

  private static String label(Design design, String piece) {
    return design.piece(piece).map(Piece::label).orElse(piece);
  }
}

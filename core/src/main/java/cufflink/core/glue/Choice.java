package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Area;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;

/**
 * What something is glued with, and why; common practice, no source.
 *
 * @param adhesive what it is glued with
 * @param why one clause; empty if nothing needs be said
 */
public record Choice(Adhesive adhesive, Message why) {
  /** Glue no longer than this either way is a dot. */
  private static final Length DOT = Length.ofMillimetres(13);

  /** A strip no wider than this holds what pulls at it only with strong glue. */
  private static final Length HINGE = Length.ofMillimetres(25);

  /**
   * Chooses what something is glued with.
   *
   * @param act what is done
   * @param design the card
   * @param raised whether layers stand on foam pads
   * @return the adhesive and the reason
   */
  public static Choice of(Act act, Design design, boolean raised) {
    if (act.joint().isEmpty()) {
      return raised
          ? new Choice(Adhesive.FOAM, Message.NONE)
          : new Choice(Adhesive.TAPE, Message.of("adhesive.why-flat"));
    }
    Joint joint = act.joint().get();
    if (!joint.movement().isFast()) {
      return new Choice(Adhesive.NONE, Message.NONE);
    }
    if (joint.with().isPresent()) {
      return new Choice(joint.with().get(), Message.NONE);
    }
    if (holdsDown(joint, design)) {
      return new Choice(Adhesive.TAPE, Message.of("adhesive.why-band"));
    }
    boolean isDots = !joint.glue().isEmpty() && joint.glue().stream().allMatch(Choice::isDot);
    if (isDots) {
      return new Choice(Adhesive.DOTS, Message.NONE);
    }
    boolean isRibbon =
        design.piece(joint.piece()).filter(it -> it.paper() == PaperKind.RIBBON).isPresent();
    if (isRibbon) {
      return new Choice(Adhesive.TAPE, Message.of("adhesive.why-ribbon"));
    }
    if (joint.mouth() != Side.NONE) {
      return new Choice(Adhesive.TAPE, Message.of("adhesive.why-pocket"));
    }
    boolean isHinge = !joint.glue().isEmpty() && joint.glue().stream().allMatch(Choice::isStrip);
    return isHinge
        ? new Choice(Adhesive.LIQUID, Message.of("adhesive.why-pull"))
        : new Choice(Adhesive.LIQUID, Message.of("adhesive.why-straight"));
  }

  /** Says it in a sentence of its own. */
  public Message told() {
    return why.isEmpty()
        ? Message.of("adhesive.with", adhesive.label())
        : Message.of("adhesive.with-why", adhesive.label(), why);
  }

  private static boolean holdsDown(Joint band, Design design) {
    return design.joints().stream()
        .flatMap(each -> each.movement().slide().stream())
        .anyMatch(slide -> slide.under().contains(band.piece()));
  }

  private static boolean isDot(Area area) {
    return area.width().max(area.height()).compareTo(DOT) <= 0;
  }

  private static boolean isStrip(Area area) {
    return area.width().min(area.height()).compareTo(HINGE) <= 0;
  }
}

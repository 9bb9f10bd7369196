package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Area;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;
import java.util.Optional;

/**
 * What something is glued with, and why; common practice, no source.
 *
 * @param adhesive what it is glued with
 * @param why one clause; empty if nothing needs be said
 * @param isOnHost whether it goes on the paper that lies there, and not on what is put on
 */
public record Choice(Adhesive adhesive, Message why, boolean isOnHost) {
  /** If its glue reaches over no more than this of a part, glue on the part would be seen. */
  private static final double STUCK = 0.5;

  /** Makes a choice of what goes on the part that is put on. */
  public Choice(Adhesive adhesive, Message why) {
    this(adhesive, why, false);
  }

  /** Glue no longer than this either way is a dot. */
  private static final Length DOT = Length.ofMillimetres(13);

  /** A strip no wider than this holds what pulls at it only with strong glue. */
  private static final Length HINGE = Length.ofMillimetres(25);

  /**
   * Chooses what something is glued with.
   *
   * @param act what is done
   * @param design the card
   * @param wish what the maker wishes
   * @return the adhesive and the reason
   */
  public static Choice of(Act act, Design design, GluingOrder.Wish wish) {
    Optional<Adhesive> own =
        Optional.ofNullable(wish.own().with().get(act.id())).filter(each -> act.isGlued());
    Choice choice =
        own.map(each -> new Choice(each, Message.of("adhesive.own")))
            .orElseGet(() -> chosen(act, design, wish.raised()));
    boolean isOnHost =
        act.joint()
            .filter(joint -> joint.movement().isFast() && isPartly(joint, design))
            .isPresent();
    return new Choice(choice.adhesive, choice.why, isOnHost);
  }

  /** Says whether only some of a part is stuck; of a pocket all that is not stuck is its room. */
  private static boolean isPartly(Joint joint, Design design) {
    if (joint.glue().isEmpty()
        || joint.mouth() != Side.NONE
        || joint.piece().equals(joint.on())
        || holdsDown(joint, design)) {
      return false;
    }
    double wide = span(joint, true);
    double high = span(joint, false);
    Area area = joint.area();
    return wide < STUCK * area.width().toMillimetres()
        || high < STUCK * area.height().toMillimetres();
  }

  /** Returns from where to where a joint is glued, across or down. */
  private static double span(Joint joint, boolean across) {
    double from = Double.MAX_VALUE;
    double to = -Double.MAX_VALUE;
    for (Area glue : joint.glue()) {
      from = Math.min(from, (across ? glue.at().x() : glue.at().y()).toMillimetres());
      to = Math.max(to, (across ? glue.right() : glue.bottom()).toMillimetres());
    }
    return to - from;
  }

  private static Choice chosen(Act act, Design design, boolean raised) {
    if (act.joint().isEmpty()) {
      return raised
          ? new Choice(Adhesive.FOAM, Message.NONE)
          : new Choice(Adhesive.TAPE, Message.of("adhesive.why-flat"));
    }
    Joint joint = act.joint().get();
    if (!joint.isStuck()) {
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
    if (adhesive.goesThrough()) {
      Message fixed = Message.of("adhesive.fix", adhesive.label());
      return adhesive == Adhesive.STAPLE ? fixed.followedBy(Message.of("adhesive.points")) : fixed;
    }
    Message words =
        why.isEmpty()
            ? Message.of("adhesive.with", adhesive.label())
            : Message.of("adhesive.with-why", adhesive.label(), why);
    return isOnHost ? words.followedBy(Message.of("adhesive.on-host")) : words;
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

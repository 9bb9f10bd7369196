package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Pocket;
import cufflink.core.finding.Cost;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.HeldItem;
import cufflink.core.plane.Area;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Something that can still be done with a card when a part was glued wrongly.
 *
 * @param cost what it costs
 * @param told what to do
 */
public record Repair(Cost cost, Message told) {
  /** Glue that ran along a mouth is about so wide; common practice, no source. */
  private static final Length STRIP = Length.ofMillimetres(6);

  /** What went wrong. */
  public enum Mistake {
    /** It is at the other end of its host. */
    WRONG_END("repair.wrong-end"),
    /** It is on the other face of its host. */
    WRONG_FACE("repair.wrong-face"),
    /** It lies upside down. */
    UPSIDE_DOWN("repair.upside-down"),
    /** Its mouth is glued shut. */
    SEALED("repair.sealed");

    private final String key;

    Mistake(String key) {
      this.key = key;
    }

    /** Says it in a few words. */
    public Message label() {
      return Message.of(key);
    }
  }

  /**
   * Says what can have gone wrong in a step.
   *
   * @param act what was done
   * @return the mistakes; none for what takes no glue
   */
  public static List<Mistake> possible(Act act) {
    // What is not glued, and a ribbon that is taped, comes off again.
    if (act.joint().filter(joint -> !joint.movement().isFast()).isPresent()) {
      return List.of();
    }
    List<Mistake> possible =
        new ArrayList<>(List.of(Mistake.WRONG_END, Mistake.WRONG_FACE, Mistake.UPSIDE_DOWN));
    if (act.joint().filter(joint -> joint.mouth() != Side.NONE).isPresent()) {
      possible.add(Mistake.SEALED);
    }
    return possible;
  }

  /** What is known where something went wrong. */
  private record Case(
      GluingOrder order, Design card, int index, Mistake mistake, Optional<HeldItem> item) {
    GluingOrder.Step step() {
      return order.steps().get(index);
    }

    Piece host() {
      return card.piece(step().act().host()).orElseThrow();
    }

    /** What was done to the host before, which would then be wrong as well. */
    boolean isHostBare() {
      return order.steps().subList(0, index).stream()
          .noneMatch(each -> each.act().host().equals(step().act().host()));
    }
  }

  /**
   * Finds what can still be done.
   *
   * @param order how the card is put together
   * @param card the whole card
   * @param index the step that went wrong, from 0
   * @param mistake how
   * @param item what the card is to hold, if anything
   * @return each way, the cheapest first; at least one
   */
  public static List<Repair> of(
      GluingOrder order, Design card, int index, Mistake mistake, Optional<HeldItem> item) {
    Case now = new Case(order, card, index, mistake, item);
    List<Repair> repairs = new ArrayList<>();
    lift(now).ifPresent(repairs::add);
    turn(now).ifPresent(repairs::add);
    same(now).ifPresent(repairs::add);
    trim(now).ifPresent(repairs::add);
    cover(now).ifPresent(repairs::add);
    repairs.add(again(now));
    repairs.sort(Comparator.comparing(Repair::cost).reversed());
    return List.copyOf(repairs);
  }

  /** What has not set yet comes off. */
  private static Optional<Repair> lift(Case now) {
    Adhesive adhesive = now.step().choice().adhesive();
    return switch (adhesive) {
      case LIQUID -> Optional.of(new Repair(Cost.LOOK, Message.of("repair.wet")));
      case TAPE, DOTS -> Optional.of(new Repair(Cost.APART, Message.of("repair.warm")));
      case FOAM -> Optional.of(new Repair(Cost.APART, Message.of("repair.thread")));
      default -> Optional.empty();
    };
  }

  /** A host that is the same the other way round is used the other way round. */
  private static Optional<Repair> turn(Case now) {
    Piece host = now.host();
    if (!now.isHostBare()) {
      return Optional.empty();
    }
    return switch (now.mistake()) {
      case WRONG_END ->
          Turned.isSameEndForEnd(host)
              ? Optional.of(new Repair(Cost.LOOK, Message.of("repair.end-for-end", host.label())))
              : Optional.empty();
      case WRONG_FACE ->
          Turned.isSameTurnedOver(host)
              ? Optional.of(new Repair(Cost.LOOK, Message.of("repair.over", host.label())))
              : Optional.empty();
      default -> Optional.empty();
    };
  }

  /** What is the same either way up may stay, if its print is. */
  private static Optional<Repair> same(Case now) {
    Act act = now.step().act();
    boolean isPlain =
        act.joint().isEmpty()
            || now.card()
                .piece(act.joint().get().piece())
                .filter(Turned::isSameEndForEnd)
                .isPresent();
    return now.mistake() == Mistake.UPSIDE_DOWN && isPlain
        ? Optional.of(new Repair(Cost.LOOK, Message.of("repair.same")))
        : Optional.empty();
  }

  /** A mouth that is sealed is cut open behind the glue; the pocket is then less deep. */
  private static Optional<Repair> trim(Case now) {
    if (now.mistake() != Mistake.SEALED) {
      return Optional.empty();
    }
    Joint joint = now.step().act().joint().orElseThrow();
    Pocket pocket = Pocket.of(joint, joint.label(), now.host());
    Length strip =
        joint.glue().stream()
            .map(area -> area.width().min(area.height()))
            .min(Comparator.naturalOrder())
            .orElse(STRIP);
    Length left = pocket.depth().minus(strip);
    if (!left.isPositive()) {
      return Optional.empty();
    }
    Message told = Message.of("repair.trim", strip, pocket.label(), left);
    if (now.item().isPresent()) {
      HeldItem item = now.item().get();
      Length spare = item.clearance(pocket.width(), left, pocket.room().minus(strip));
      told =
          told.followedBy(
              spare.compareTo(Length.ZERO) >= 0
                  ? Message.of("repair.still-holds", item.label())
                  : Message.of("repair.no-longer-holds", item.label(), spare.abs()));
    }
    return Optional.of(new Repair(Cost.TRIM, told));
  }

  /** What lies flat where it should not is covered. */
  private static Optional<Repair> cover(Case now) {
    Act act = now.step().act();
    if (now.mistake() == Mistake.SEALED) {
      return Optional.empty();
    }
    Optional<Area> area =
        act.joint().isPresent()
            ? act.joint()
                .filter(
                    joint ->
                        now.card()
                            .piece(joint.piece())
                            .filter(it -> it.scores().isEmpty())
                            .isPresent())
                .map(Joint::area)
            : act.layers().stream()
                .map(layer -> new Area(layer.at(), layer.width(), layer.height()))
                .findFirst();
    return area.map(
        it -> new Repair(Cost.CUT, Message.of("repair.cover", it.width(), it.height())));
  }

  /** Last of all, what is spoilt is cut again, and what hangs on it is lost or taken off. */
  private static Repair again(Case now) {
    Act act = now.step().act();
    boolean isPart = now.mistake() == Mistake.SEALED || now.mistake() == Mistake.UPSIDE_DOWN;
    if (isPart && act.joint().isPresent()) {
      Piece part = now.card().piece(act.joint().get().piece()).orElseThrow();
      return new Repair(
          Cost.CUT, Message.of("repair.part-again", part.label(), part.width(), part.height()));
    }
    if (isPart) {
      Layer layer = act.layers().get(0);
      return new Repair(
          Cost.CUT, Message.of("repair.part-again", layer.label(), layer.width(), layer.height()));
    }
    Piece host = now.host();
    List<Message> lost =
        now.order().steps().subList(0, now.index()).stream()
            .filter(each -> each.act().host().equals(act.host()))
            .map(each -> each.act().name(now.card()))
            .distinct()
            .toList();
    Message told = Message.of("repair.host-again", host.label(), host.width(), host.height());
    return new Repair(
        Cost.START,
        lost.isEmpty()
            ? told
            : told.followedBy(Message.of("repair.lost", Message.list("list.comma", lost))));
  }
}

package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Mover;
import cufflink.core.design.Piece;
import cufflink.core.design.Stage;
import cufflink.core.measure.Length;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What must be done before what, so that whatever is glued can still be reached: found from where
 * things lie, what covers them, and how the pieces are folded.
 */
final class Reach {
  private final Design design;
  private final List<Act> acts;
  private final List<Must> musts = new ArrayList<>();

  private Reach(Design design, List<Act> acts) {
    this.design = design;
    this.acts = acts;
  }

  /** Finds every reason for an order, each pair once. */
  static List<Must> of(Design design, List<Act> acts) {
    Reach reach = new Reach(design, acts);
    for (Act one : acts) {
      for (Act other : acts) {
        if (one != other) {
          reach.why(one, other).ifPresent(why -> reach.musts.add(new Must(one, other, why)));
        }
      }
    }
    reach.cover();
    return List.copyOf(reach.musts);
  }

  /** What comes to lie under a folded part that never opens far enough comes first. */
  private void cover() {
    for (Act put : acts) {
      List<Act> free =
          acts.stream()
              .filter(one -> !one.equals(put) && one.isGlued() && Covered.isNear(one, put, design))
              .filter(one -> !isTold(one, put))
              .toList();
      if (free.isEmpty()) {
        continue;
      }
      Covered.by(put, design)
          .ifPresent(
              covered ->
                  free.stream()
                      .filter(covered::covers)
                      .forEach(
                          one ->
                              musts.add(new Must(one, put, Message.of("act.covered", name(put))))));
    }
  }

  private boolean isTold(Act one, Act other) {
    return musts.stream()
        .anyMatch(
            must ->
                must.before().equals(one) && must.after().equals(other)
                    || must.before().equals(other) && must.after().equals(one));
  }

  /** Says why one must come before another, if it must. */
  private Optional<Message> why(Act one, Act other) {
    if (Round.is(other, design) && !Round.is(one, design)) {
      return Optional.of(Must.last(other.name(design)));
    }
    if (Round.is(one, design) && !Round.is(other, design)) {
      return Optional.empty();
    }
    if (Leading.goesInWith(one, other)) {
      return Optional.of(Message.of("act.lies-bare", label(other.piece().orElseThrow())));
    }
    if (Leading.isLed(one) || Leading.isLed(other)) {
      return Leading.comesFirst(one, other, design)
          ? Optional.of(Must.under(name(other)))
          : Optional.empty();
    }
    if (other.joint().isEmpty()) {
      return Optional.empty();
    }
    if (one.joint().filter(it -> holds(other, it)).isPresent()) {
      return Optional.of(Message.of("act.held-between", label(one.host())));
    }
    Joint joint = other.joint().get();
    if (!joint.movement().isFast()) {
      Optional<Message> why = whyBeforeLoose(one, joint);
      if (why.isPresent()) {
        return why;
      }
    }
    if (isUnder(one, other, joint)) {
      return Optional.of(Must.under(name(other)));
    }
    if (!joint.movement().isFast()) {
      return Optional.empty();
    }
    if (other.isSeam(design) && Tube.closesOver(one, joint, design)) {
      return Optional.of(Message.of("act.tube", label(joint.on())));
    }
    if (other.isJoining() && isHidden(one, joint) && isSeamOf(one, joint)) {
      return Optional.of(Message.of("act.hidden", label(joint.piece())));
    }
    if (other.isJoining() && stands(joint.piece()) && lies(one, joint)) {
      return Optional.of(Message.of("act.stands", name(other), label(joint.on())));
    }
    return Optional.empty();
  }

  /**
   * What lies in the same place of the same face lies under what comes later in the pattern; what
   * opens on either side leaves it free.
   */
  private boolean isUnder(Act one, Act other, Joint joint) {
    boolean sameFace = one.host().equals(joint.on()) && one.face() == joint.face();
    if (!sameFace || one.number() > other.number()) {
      return false;
    }
    return one.joint().isPresent()
        ? !isLoose(one)
            && !isOnAnother(one.joint().get(), joint)
            && !joint.movement().either()
            && one.joint().get().area().overlaps(joint.area())
        : one.layers().stream().anyMatch(layer -> area(layer).overlaps(joint.area()));
  }

  /** The same piece put on again goes on another of several hosts, and not upon itself. */
  private boolean isOnAnother(Joint one, Joint other) {
    boolean isSeveral = design.piece(one.on()).filter(each -> each.count() > 1).isPresent();
    return isSeveral && one.piece().equals(other.piece());
  }

  private static boolean isLoose(Act act) {
    return !act.isGlued();
  }

  private static Area area(Layer layer) {
    return new Area(layer.at(), layer.width(), layer.height());
  }

  /** What is put in, slid under or slotted without glue comes once all it meets is dry. */
  private Optional<Message> whyBeforeLoose(Act one, Joint loose) {
    if (loose.movement().slide().isPresent()) {
      boolean holdsDown =
          one.piece().filter(loose.movement().slide().get().under()::contains).isPresent();
      if (holdsDown) {
        return Optional.of(Message.of("act.slides-under", label(one.piece().get())));
      }
      // A pocket is made by all that glues its paper down, to itself or to what carries it.
      boolean makesPocket = one.isGlued() && one.piece().equals(Optional.of(loose.on()));
      boolean isFilled = !loose.piece().equals(loose.on()) && isPocket(loose);
      if (makesPocket && isFilled && isSameCopy(one.joint().get(), loose)) {
        return Optional.of(Message.of("act.fills", loose.label()));
      }
      return Optional.empty();
    }
    boolean decorates =
        one.joint().isEmpty()
            && !loose.movement().either()
            && (one.host().equals(loose.piece()) || one.host().equals(loose.on()));
    return decorates && !isWoven(loose)
        ? Optional.of(Message.of("act.apart", loose.label()))
        : Optional.empty();
  }

  /** Of several pockets each has what is put into it: the first the first, and so on. */
  private boolean isSameCopy(Joint pocket, Joint loose) {
    if (design.piece(loose.on()).filter(each -> each.count() > 1).isEmpty()) {
      return true;
    }
    List<Joint> pockets =
        design.joints().stream()
            .filter(each -> each.piece().equals(pocket.piece()) && each.on().equals(pocket.on()))
            .toList();
    List<Joint> fillings =
        design.joints().stream()
            .filter(each -> each.piece().equals(loose.piece()) && each.on().equals(loose.on()))
            .toList();
    return pockets.size() != fillings.size() || pockets.indexOf(pocket) == fillings.indexOf(loose);
  }

  private static boolean isWoven(Joint loose) {
    return !loose.movement().through().isEmpty();
  }

  /** What slides by itself and is held down by nothing else lies in a pocket. */
  private static boolean isPocket(Joint loose) {
    return loose.movement().slide().map(slide -> slide.under().isEmpty()).orElse(false);
  }

  /** A face that lies flat on its host all over is out of reach once it is glued there. */
  private boolean isHidden(Act one, Joint joint) {
    boolean isOnIt = one.host().equals(joint.piece());
    boolean isThere = one.face() == joint.touching();
    // Folded and glued on, its seam lies against the host; of a tube if that is turned over.
    return one.isSeam(design)
        ? isOnIt && (isThere || joint.over() && one.face() == Face.OUTSIDE)
        : isOnIt && isThere && isFlat(joint.piece()) && !holds(one, joint);
  }

  /**
   * Says whether something is glued to the back of a piece beside what that lies on, and so holds
   * it: a panel behind a label that is taller than its strap.
   */
  private boolean holds(Act one, Joint joint) {
    boolean isBehind = one.host().equals(joint.piece()) && one.face() == joint.touching();
    boolean isStraight =
        joint.turned().filter(each -> each == Joint.Turned.NONE).isPresent()
            && joint.askew().isEmpty()
            && !joint.over();
    List<Area> glue = one.joint().map(Joint::glue).orElse(List.of());
    if (!isBehind || !isStraight || glue.isEmpty()) {
      return false;
    }
    Point at = joint.area().at();
    return design
        .piece(joint.on())
        .map(host -> new Area(minus(at), host.width(), host.height()))
        .filter(host -> glue.stream().noneMatch(host::overlaps))
        .filter(host -> one.joint().get().area().overlaps(host))
        .isPresent();
  }

  private static Point minus(Point at) {
    return new Point(Length.ZERO.minus(at.x()), Length.ZERO.minus(at.y()));
  }

  /** Of several tubes each has its own seam: the first the first, and so on. */
  private boolean isSeamOf(Act one, Joint joint) {
    if (!one.isSeam(design)) {
      return true;
    }
    List<Joint> seams =
        design.joints().stream()
            .filter(each -> design.isSeam(each) && each.on().equals(joint.piece()))
            .toList();
    List<Joint> joints =
        design.joints().stream().filter(each -> isPut(each, joint.piece())).toList();
    return seams.size() != joints.size()
        || seams.indexOf(one.joint().get()) == joints.indexOf(joint);
  }

  private boolean isPut(Joint joint, String piece) {
    return joint.piece().equals(piece) && !design.isSeam(joint);
  }

  private boolean isFlat(String piece) {
    return design.piece(piece).filter(each -> each.scores().isEmpty()).isPresent();
  }

  /** A piece that is folded so that it stands up no longer lets its host lie flat. */
  private boolean stands(String piece) {
    if (piece.equals(design.base().id())) {
      return false;
    }
    return design.stages().stream()
        .filter(Stage::isFolding)
        .filter(stage -> stage.piece().equals(piece))
        .flatMap(stage -> stage.moves().entrySet().stream())
        .filter(move -> move.getKey() instanceof Mover.Crease)
        .anyMatch(move -> isOpen(Math.abs(move.getValue())));
  }

  private static boolean isOpen(double degrees) {
    return degrees > 1 && degrees < 179;
  }

  /** What is glued to the same piece, on either face. */
  private static boolean lies(Act one, Joint joint) {
    return one.host().equals(joint.on()) && one.isGlued();
  }

  private Message name(Act act) {
    return act.name(design);
  }

  private String label(String piece) {
    return design.piece(piece).map(Piece::label).orElse(piece);
  }

  /** Returns the folding that a piece needs before it is put on another one. */
  static List<Stage> folds(Design design, String piece) {
    if (piece.equals(design.base().id())) {
      return List.of();
    }
    return design.stages().stream()
        .filter(stage -> stage.isFolding() && stage.piece().equals(piece))
        .toList();
  }
}

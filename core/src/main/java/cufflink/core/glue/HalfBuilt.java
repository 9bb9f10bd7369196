package cufflink.core.glue;

import cufflink.core.assembly.Assembly.Glue;
import cufflink.core.assembly.Assembly.Member;
import cufflink.core.card.Card;
import cufflink.core.card.FoldModel;
import cufflink.core.card.StageOrder;
import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Movement;
import cufflink.core.design.Mover;
import cufflink.core.design.Piece;
import cufflink.core.design.Stage;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import cufflink.core.space.Motion;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What lies on the table while a card is put together: the pieces that hang together so far, with
 * all that has been glued onto them and folded.
 *
 * @param design what hangs together, its largest part first; nothing in it is still to be done
 * @param model the same, put together
 */
public record HalfBuilt(Design design, FoldModel model) {
  /**
   * Puts together what a step is done to.
   *
   * @param order how the card is put together
   * @param card the whole card
   * @param index which step, from 0
   * @return the piece that is worked on with all that hangs on it, and what it hangs on; empty if
   *     nothing is left of it after its cuts
   */
  public static Optional<HalfBuilt> of(GluingOrder order, Design card, int index) {
    Act act = order.steps().get(index).act();
    Copies copies = new Copies(card, joints(order, card, index));
    Optional<Joint> on =
        act.joint().isPresent() ? copies.host(act.joint().get()) : last(copies, act);
    List<Stage> folds = new ArrayList<>(opened(act, card));
    folds.addAll(Round.closing(act, card));
    return put(order, card, index, copies.root(on, act.host()), folds);
  }

  /** A ribbon that is led through a joint is led while the card lies open there. */
  private static List<Stage> opened(Act act, Design card) {
    Optional<Mover.Hinge> open =
        act.joint().flatMap(joint -> joint.movement().led()).flatMap(Movement.Led::open);
    return open.stream()
        .flatMap(
            hinge ->
                card.stages().stream()
                    .filter(stage -> stage.moves().getOrDefault(hinge, 0.0) != 0)
                    .limit(1)
                    .map(
                        stage ->
                            new Stage(
                                stage.title(),
                                stage.piece(),
                                Map.of(hinge, stage.moves().get(hinge)),
                                Stage.Phase.FOLDING)))
        .toList();
  }

  /** Layers go on every copy of a piece alike; any that is glued on already shows it. */
  private static Optional<Joint> last(Copies copies, Act act) {
    boolean isBase = act.host().equals(copies.card().base().id());
    return isBase
        ? Optional.empty()
        : copies.done().stream()
            .filter(each -> each.piece().equals(act.host()))
            .filter(each -> copies.card().isJoining(each))
            .findFirst();
  }

  /**
   * Folds a piece, with what hangs on it, as it must be before a step.
   *
   * @param order how the card is put together
   * @param card the whole card
   * @param index which step, from 0; it puts a piece on
   * @return the piece; empty if nothing is left of it after its cuts
   */
  public static Optional<HalfBuilt> part(GluingOrder order, Design card, int index) {
    Joint joint = order.steps().get(index).act().joint().orElseThrow();
    List<Stage> folds = Reach.folds(card, joint.piece());
    return put(order, card, index, new Copies.Copy(Optional.of(joint), joint.piece()), folds);
  }

  /** Puts a part on, with what carries it, and opens and closes all that. */
  static Optional<HalfBuilt> chain(Design card, Joint joint) {
    Copies copies = new Copies(card, card.joints());
    List<Joint> joints = new ArrayList<>(List.of(joint));
    List<Piece> pieces = new ArrayList<>(card.piece(joint.piece()).stream().toList());
    Optional<Joint> by = copies.host(joint);
    String on = joint.on();
    while (by.isPresent() && !joints.contains(by.get())) {
      joints.add(0, by.get());
      card.piece(on).ifPresent(piece -> pieces.add(0, piece));
      on = by.get().on();
      by = copies.host(by.get());
    }
    card.piece(on).filter(piece -> !pieces.contains(piece)).ifPresent(it -> pieces.add(0, it));
    return put(card, pieces, List.of(), joints, StageOrder.of(card));
  }

  /** Folds a piece by itself, with nothing on it. */
  static Optional<HalfBuilt> alone(Design card, String piece, List<Stage> folds) {
    return put(card, card.piece(piece).stream().toList(), List.of(), List.of(), folds);
  }

  private static List<Joint> joints(GluingOrder order, Design card, int done) {
    return order.steps().subList(0, done).stream()
        .map(GluingOrder.Step::act)
        .flatMap(act -> Stream.concat(act.joint().stream(), act.carries(card).stream()))
        .toList();
  }

  private static Optional<HalfBuilt> put(
      GluingOrder order, Design card, int done, Copies.Copy root, List<Stage> folds) {
    List<Joint> joints = new Copies(card, joints(order, card, done)).hanging(root);
    Set<String> together = new LinkedHashSet<>(Set.of(root.piece()));
    joints.forEach(each -> together.add(each.piece()));
    List<Piece> pieces = new ArrayList<>();
    card.piece(root.piece()).ifPresent(pieces::add);
    card.pieces().stream()
        .filter(each -> together.contains(each.id()) && !each.id().equals(root.piece()))
        .forEach(pieces::add);
    List<GluingOrder.Step> steps = order.steps().subList(0, done);
    List<Layer> layers =
        steps.stream()
            .flatMap(step -> step.act().layers().stream())
            .filter(layer -> together.contains(layer.on()))
            .toList();
    List<Stage> folded = new ArrayList<>(folds);
    // A seam is glued while its own copy is still flat, whatever was done to others.
    boolean isFlat = done < order.steps().size() && order.steps().get(done).act().isSeam(card);
    steps.stream()
        .flatMap(step -> step.folds().stream())
        .filter(stage -> !isFlat || !stage.piece().equals(root.piece()))
        .forEach(folded::add);
    return put(card, pieces, layers, joints, folded);
  }

  private static Optional<HalfBuilt> put(
      Design card, List<Piece> pieces, List<Layer> layers, List<Joint> joints, List<Stage> folded) {
    if (pieces.isEmpty()) {
      return Optional.empty();
    }
    Piece root = pieces.get(0);
    Set<String> ids = new LinkedHashSet<>(pieces.stream().map(Piece::id).toList());
    List<Stage> stages =
        folded.stream()
            .distinct()
            .filter(stage -> ids.contains(stage.piece()))
            .map(stage -> only(stage, ids, joints))
            .filter(stage -> !stage.moves().isEmpty())
            .toList();
    Point rest =
        root.equals(card.base()) ? card.rest() : new Point(half(root.width()), half(root.height()));
    // What is glued to itself stays that, though there are several alike.
    List<Design.Relation> seams =
        card.relations().stream().filter(Design.Relation.Closes.class::isInstance).toList();
    Design design =
        new Design(
            card.patternId(),
            pieces,
            layers,
            stages,
            rest,
            root.width(),
            root.height(),
            joints,
            List.of(),
            List.of(),
            List.of(),
            seams);
    return Card.of(design).map(whole -> new HalfBuilt(design, whole.whole()));
  }

  private static Length half(Length side) {
    return Length.ofUnits(side.units() / 2);
  }

  /** What is not there yet is not moved either. */
  private static Stage only(Stage stage, Set<String> pieces, List<Joint> joints) {
    Map<Mover, Double> moves = new HashMap<>();
    stage
        .moves()
        .forEach(
            (mover, angle) -> {
              boolean there =
                  mover instanceof Mover.Crease crease
                      ? pieces.contains(crease.piece())
                      : joints.stream().anyMatch(each -> mover.equals(each.sliding()))
                          || joints.stream()
                              .anyMatch(
                                  each ->
                                      mover instanceof Mover.Hinge hinge
                                          && hinge.joint().equals(each.id()));
              if (there) {
                moves.put(mover, angle);
              }
            });
    return new Stage(stage.title(), stage.piece(), moves, stage.phase());
  }

  /**
   * Finds the copy of a piece that a step works on.
   *
   * @param card the whole card
   * @param act what is done
   * @return the piece where it lies here; empty if it is not here
   */
  public Optional<Member> host(Design card, Act act) {
    Optional<Joint> placed =
        act.joint().flatMap(joint -> new Copies(card, design.joints()).host(joint));
    List<Member> copies =
        model.assembly().members().stream()
            .filter(each -> each.flat().piece().id().equals(act.host()))
            .toList();
    return copies.stream()
        .filter(each -> each.joint().equals(placed))
        .findFirst()
        .or(() -> copies.stream().findFirst());
  }

  /**
   * Returns how a part lies once it has been put on.
   *
   * @param joint where it is put
   * @param host the piece it is put on, as it lies here
   * @param part the part, as it is put on
   * @return where the facet that meets the host comes to lie, in the frame of the host; empty if
   *     the part is not put together with the card
   */
  public Optional<Motion> placement(Joint joint, Member host, HalfBuilt part) {
    return glue(joint, host, part).map(Glue::placement);
  }

  /**
   * Returns which facet of a part meets its host.
   *
   * @param joint where it is put
   * @param host the piece it is put on, as it lies here
   * @param part the part, as it is put on
   * @return its number in the part
   */
  public Optional<Integer> touching(Joint joint, Member host, HalfBuilt part) {
    return member(joint, host, part)
        .flatMap(
            each -> each.glue().stream().findFirst().map(glue -> glue.facet() - each.firstFacet()));
  }

  private Optional<Glue> glue(Joint joint, Member host, HalfBuilt part) {
    return member(joint, host, part).flatMap(each -> each.glue().stream().findFirst());
  }

  /** Puts the part on and returns it as it is then. */
  private Optional<Member> member(Joint joint, Member host, HalfBuilt part) {
    List<Piece> pieces = new ArrayList<>(design.pieces());
    part.design().pieces().stream().filter(each -> !pieces.contains(each)).forEach(pieces::add);
    List<Joint> joints = new ArrayList<>(design.joints());
    // On the copy that was put there last before it, and not on a later one.
    int at = host.joint().map(joints::indexOf).orElse(-1) + 1;
    joints.add(at, joint);
    List<Stage> stages = new ArrayList<>(design.stages());
    stages.addAll(part.design().stages());
    return put(design, pieces, List.of(), joints, stages)
        .flatMap(
            each ->
                each.model().assembly().members().stream()
                    .filter(member -> member.joint().equals(Optional.of(joint)))
                    .findFirst());
  }
}

package cufflink.core.card;

import cufflink.core.assembly.Assembly;
import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Mover;
import cufflink.core.design.Piece;
import cufflink.core.flat.FlatPattern;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.Tolerances;
import cufflink.core.plane.Side;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The card that a design comes to, put together. It is made once for each design, and everything
 * that shows, checks or writes the card takes it from here.
 *
 * <p>What hangs together, and who holds what, is there at once, and so is a card in which few folds
 * meet at every moment of its folding. What takes longer is asked for: {@link
 * cufflink.core.inspect.FoldReport} prepares a model of its own.
 */
public final class Card {
  private final Design design;
  private final Design folds;
  private final FlatPattern flat;
  private final FoldModel base;

  /** Made when first asked for; if two threads ask at once both make the same. */
  private volatile FoldModel whole;

  private volatile List<FoldModel> foldings;

  private Card(Design design, FlatPattern flat) {
    this(design, design, flat, FoldModel.of(design, flat));
  }

  private Card(Design design, Design folds, FlatPattern flat, FoldModel base) {
    this.design = design;
    this.folds = folds;
    this.flat = flat;
    this.base = base;
  }

  /**
   * Puts a card together.
   *
   * @param design the design
   * @return the card; empty if nothing is left of its first piece
   */
  public static Optional<Card> of(Design design) {
    return of(design, Tolerances.USUAL);
  }

  /**
   * Puts a card together.
   *
   * @param design the design
   * @param tolerances how near is equal, for all that looks at the card
   * @return the card; empty if nothing is left of its first piece
   */
  public static Optional<Card> of(Design design, Tolerances tolerances) {
    FlatPattern flat = FlatPattern.of(design.base(), tolerances);
    return flat.facets().isEmpty() ? Optional.empty() : Optional.of(new Card(design, flat));
  }

  /**
   * Adds what is made once the card has been folded: bands and the like, which depend on how thick
   * it is and do not change how it folds.
   *
   * @param all the design with them
   * @return the card, which folds as it did
   */
  public Card completed(Design all) {
    Card completed = new Card(all, folds, flat, base);
    completed.whole = whole;
    completed.foldings = foldings;
    return completed;
  }

  /**
   * Says how a glued piece lies on its host, both inside up.
   *
   * @param joint the joint
   * @param piece the piece that is glued on
   * @return which side of the piece is on top; nothing if it lies at an angle or does not fit
   */
  public static Optional<Side> top(Joint joint, Piece piece) {
    FlatPattern flat = FlatPattern.of(piece, Tolerances.USUAL);
    if (joint.askew().isPresent() || flat.facets().isEmpty()) {
      return Optional.empty();
    }
    return Placement.of(joint, flat).map(placed -> placed.motion().top());
  }

  /**
   * Returns what the card is made from.
   *
   * @return the design
   */
  public Design design() {
    return design;
  }

  /**
   * Returns what is folded, without what is made to the thickness of the closed card.
   *
   * @return the design as it was put together
   */
  public Design folds() {
    return folds;
  }

  /**
   * Returns the first piece.
   *
   * @return the piece, divided into facets
   */
  public FlatPattern flat() {
    return flat;
  }

  /**
   * Returns how the first piece folds by itself.
   *
   * @return its model
   */
  public FoldModel base() {
    return base;
  }

  /**
   * Returns how the card folds with all that is glued onto it.
   *
   * @return its model
   */
  public FoldModel whole() {
    if (whole == null) {
      whole = FoldModel.assembled(folds, flat);
    }
    return whole;
  }

  /**
   * Returns all that is folded: the card with what is glued onto it, then the pieces that are
   * folded by themselves. If nothing is folded in stages, the card as it lies.
   *
   * @return at least one model
   */
  public List<FoldModel> foldings() {
    if (foldings == null) {
      Set<String> glued =
          whole().assembly().members().stream()
              .map(member -> member.flat().piece().id())
              .collect(Collectors.toSet());
      List<FoldModel> models = new ArrayList<>(List.of(whole()));
      folds.pieces().stream()
          .filter(piece -> !glued.contains(piece.id()) && isFolded(piece))
          .map(piece -> FlatPattern.of(piece, flat.tolerances()))
          .filter(other -> !other.facets().isEmpty())
          .map(other -> FoldModel.of(folds, other))
          .forEach(models::add);
      models.removeIf(model -> model.stages().isEmpty());
      foldings = models.isEmpty() ? List.of(whole()) : List.copyOf(models);
    }
    return foldings;
  }

  /**
   * Returns the joints that are not part of the card as it is folded, since their pieces fit their
   * places neither whole nor with one of their facets.
   *
   * @return the joints in order; empty if all that is glued on is folded with it
   */
  public List<Joint> leftOut() {
    Assembly assembly = whole().assembly();
    Set<Mover> moving = new HashSet<>();
    assembly.slides().forEach(slide -> moving.add(slide.mover()));
    assembly.hinges().forEach(hinge -> moving.add(hinge.mover()));
    Set<Joint> joined =
        assembly.members().stream()
            .flatMap(member -> member.joint().stream())
            .collect(Collectors.toSet());
    return design.joints().stream()
        .filter(joint -> joint.movement().led().isEmpty())
        .filter(joint -> !joined.contains(joint) && !moving.contains(joint.sliding()))
        // What is glued to itself lies so by being folded.
        .filter(joint -> !joint.piece().equals(joint.on()) || !joint.movement().isFast())
        .toList();
  }

  private boolean isFolded(Piece piece) {
    return design.stages().stream().anyMatch(stage -> stage.piece().equals(piece.id()));
  }

  /**
   * Returns the closed card.
   *
   * @return the first piece after its folding; empty if its paper would have to tear
   */
  public Optional<ClosedState> closed() {
    return base.closed();
  }
}

package cufflink.core.decor;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A treatment of a part that the card has.
 *
 * @param treatment what is done
 * @param label the maker's name for the part
 * @param each how many of it one card takes, above nought
 * @param cards on how many cards of a batch, the first ones; 0 for all
 * @param folds whether the part is folded later
 * @param isPiece whether it is a piece, and no layer
 * @param says what is written on it; empty if something else is done
 */
public record Treated(
    Treatment treatment,
    String label,
    int each,
    int cards,
    boolean folds,
    boolean isPiece,
    String says) {
  /**
   * Finds all that is done before anything is glued.
   *
   * @param treatments what the maker wants done
   * @param toppers what the maker puts on: what stands on one is written before that
   * @param design the card
   * @return what can be done to what the card has, in order
   */
  public static List<Treated> all(List<Treatment> treatments, List<Topper> toppers, Design design) {
    Stream<Treated> wanted = treatments.stream().flatMap(each -> of(each, design).stream());
    Stream<Treated> written =
        toppers.stream()
            .filter(topper -> !topper.words().isBlank())
            .flatMap(topper -> written(topper, design).stream());
    return Stream.concat(wanted, written).toList();
  }

  /** What stands on a piece is seen on the face that does not meet its host. */
  private static Optional<Treated> written(Topper topper, Design design) {
    boolean isRead =
        design.relations(Design.Relation.Reads.class).stream()
            .anyMatch(each -> each.piece().equals(topper.id()));
    return design
        .piece(topper.id())
        .filter(piece -> isRead)
        .map(
            piece ->
                new Treated(
                    new Treatment(Treatment.Kind.STAMP, topper.id(), topper.face()),
                    piece.label(),
                    piece.count(),
                    piece.cards(),
                    false,
                    false,
                    topper.words()));
  }

  /**
   * Finds what a treatment is done to.
   *
   * @param treatment the treatment
   * @param design the card
   * @return empty if the card has no such part
   */
  public static Optional<Treated> of(Treatment treatment, Design design) {
    Optional<Piece> piece = treatment.piece(design);
    if (piece.isPresent()) {
      boolean folds = piece.get().scores().stream().anyMatch(score -> score.folds());
      return Optional.of(
          new Treated(
              treatment,
              piece.get().label(),
              piece.get().count(),
              piece.get().cards(),
              folds,
              true,
              ""));
    }
    Optional<Layer> layer = treatment.layer(design);
    return layer.map(
        it ->
            new Treated(treatment, it.label(), Math.max(1, design.count(it)), 0, false, false, ""));
  }

  /** Returns how often it is done for some cards. */
  public int times(Piece.Lot lot) {
    return each * lot.with(cards);
  }

  /** Returns the part, and which face of it lies up. */
  public Message where() {
    if (!isPiece) {
      return Message.of("treat.part", label);
    }
    return Message.of(treatment.face() == Face.INSIDE ? "treat.inside" : "treat.outside", label);
  }

  /** Returns what to do, in a sentence or two. */
  public Message words() {
    if (!says.isEmpty()) {
      return Message.of("treat.says", says, where());
    }
    Message words = treatment.kind().does(where());
    boolean isRaised =
        treatment.kind() == Treatment.Kind.PASTE
            || treatment.kind() == Treatment.Kind.POWDER
            || treatment.kind() == Treatment.Kind.EMBOSS;
    return folds && isRaised ? words.followedBy(Message.of("treat.off-folds")) : words;
  }
}

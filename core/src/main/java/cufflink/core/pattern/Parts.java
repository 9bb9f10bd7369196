package cufflink.core.pattern;

import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.Mover;
import cufflink.core.design.Opening;
import cufflink.core.design.PartName;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Stage;
import cufflink.core.expression.Formula;
import cufflink.core.expression.Place;
import cufflink.core.paper.PaperRole;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * What a pattern's geometry is made of, still in formulas.
 *
 * @param pieces the pieces, the folded one first
 * @param layers the papers glued onto them
 * @param stages the folding, in order
 * @param rest the place that stays on the table, x and y
 * @param assembly how the pieces go together
 * @param finished the width and height of the closed card, empty if these are the values of the
 *     roles
 * @param notes what is worth knowing about the card
 * @param bonds what its parts have to do with each other
 */
record Parts(
    List<PieceTemplate> pieces,
    List<LayerTemplate> layers,
    List<StageTemplate> stages,
    List<Formula> rest,
    Assembly assembly,
    List<Formula> finished,
    List<Note> notes,
    List<RelationCompiler.Bond> bonds) {

  /**
   * Something worth knowing about the card.
   *
   * @param when the conditions under which it is, all of which must hold
   * @param phrase the sentence
   */
  record Note(List<Formula> when, Phrase phrase) {}

  /**
   * How often and under what condition a part is there.
   *
   * @param place where it stands in the file
   * @param id its id, to which a repeated part adds its number
   * @param label the maker's name for it
   * @param when the conditions, all of which must hold
   * @param repeat the repetition, if there is one
   */
  record Presence(
      Place place, String id, String label, List<Formula> when, Optional<Repeat> repeat) {}

  /**
   * A repetition "k in 1..n".
   *
   * @param name the counter's name
   * @param first its first value
   * @param last its last value
   */
  record Repeat(String name, Formula first, Formula last) {}

  record PieceTemplate(
      Presence presence,
      PaperRole role,
      Optional<Formula> count,
      Formula width,
      Formula height,
      List<PlaceTemplate> outline,
      List<LineTemplate> scores,
      List<LineTemplate> slits,
      List<LineTemplate> cuts,
      List<OpeningTemplate> openings,
      String mirrors,
      String from,
      Optional<Formula> cards) {}

  /**
   * A corner of an outline, or where glue goes.
   *
   * @param presence how often it is there
   * @param at x and y, and of an area its width and height
   */
  record PlaceTemplate(Presence presence, List<Formula> at) {}

  /**
   * Something cut out of a piece.
   *
   * @param presence how often it is there
   * @param kind what it is for
   * @param round whether it is a circle
   * @param shape the x and y of the centre and the diameter of a circle, or x, y, width and height
   * @param corners its corners in order, if it is neither a circle nor a rectangle
   * @param across the scores that it crosses on purpose
   */
  record OpeningTemplate(
      Presence presence,
      Opening.Kind kind,
      boolean round,
      List<Formula> shape,
      List<PlaceTemplate> corners,
      List<String> across) {}

  /**
   * A score or slit.
   *
   * @param presence how often it is there
   * @param crease what kind of score it is; decorative for slits
   * @param ends x and y of one end, x and y of the other
   * @param folded the score along which the piece is folded to cut a slit; empty if none
   * @param wide whether a sliver is cut out along a slit
   */
  record LineTemplate(
      Presence presence, Crease crease, List<Formula> ends, String folded, boolean wide) {}

  /**
   * The fold of a score, or of a repeated score in turn.
   *
   * @param fold the fold of all, or of the first or last
   * @param turn how the others follow
   */
  record Crease(Fold fold, Turn turn) {
    Fold at(long index, long count) {
      long steps =
          switch (turn) {
            case SAME -> 0;
            case FROM_FIRST -> index;
            case TO_LAST -> count - 1 - index;
          };
      return steps % 2 == 0 ? fold : fold.opposite();
    }
  }

  /** How repeated scores take turns. */
  enum Turn {
    /** All the same. */
    SAME,
    /** Alternating, counted from the first. */
    FROM_FIRST,
    /** Alternating, counted back from the last. */
    TO_LAST
  }

  record LayerTemplate(
      Presence presence,
      PaperRole role,
      String on,
      Face face,
      List<Formula> panel,
      Formula border,
      Layer.Shape shape) {}

  /**
   * How far something is moved.
   *
   * @param target what is moved
   * @param index which of several scores, if only one of them is meant
   * @param amount degrees, or a length of what slides
   * @param own whether it is a score of the stage's own piece, whose angle is told without its sign
   */
  record Drive(Target target, Optional<Formula> index, Formula amount, boolean own) {
    /** What is moved: scores, a hinge of a joint, or the sliding of one. */
    sealed interface Target {
      /** The scores of one entry, or all of a piece. */
      record Scores(String piece, Optional<String> score) implements Target {
        boolean means(Score each) {
          return score.isEmpty() || score.get().equals(each.name().name());
        }
      }

      record Hinge(String joint, int line) implements Target {}

      record Slide(String joint) implements Target {}
    }

    /** Returns all that the drive stands for, with the angle or distance it is moved by. */
    Map<Mover, Double> moves(Scope scope, List<Piece> pieces) {
      if (target instanceof Target.Slide slide) {
        // One of several joints alike goes by its number.
        String joint =
            index
                .map(number -> PartName.of(slide.joint(), scope.whole(number)).id())
                .orElse(slide.joint());
        return Map.of(new Mover.Slide(joint), scope.length(amount).toMillimetres());
      }
      if (target instanceof Target.Hinge hinge) {
        return Map.of(new Mover.Hinge(hinge.joint(), hinge.line()), scope.number(amount));
      }
      Target.Scores scores = (Target.Scores) target;
      OptionalLong only = index.stream().mapToLong(scope::whole).findFirst();
      Map<Mover, Double> moves = new LinkedHashMap<>();
      for (Piece piece : pieces) {
        if (piece.name().name().equals(scores.piece())) {
          piece.scores().stream()
              .filter(score -> score.folds() && scores.means(score))
              .filter(score -> only.isEmpty() || only.equals(score.name().index()))
              .forEach(
                  score ->
                      moves.put(
                          new Mover.Crease(piece.id(), score.name()),
                          (own ? score.fold().sign() : 1) * scope.number(amount)));
        }
      }
      return moves;
    }
  }

  record StageTemplate(
      Presence presence, Stage.Phase phase, String title, String piece, List<Drive> drives) {}
}

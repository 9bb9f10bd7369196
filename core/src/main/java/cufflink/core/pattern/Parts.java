package cufflink.core.pattern;

import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.design.PaperKind;
import cufflink.core.design.Stage;
import cufflink.core.expression.Formula;
import java.util.List;
import java.util.Optional;

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
 */
record Parts(
    List<PieceTemplate> pieces,
    List<LayerTemplate> layers,
    List<StageTemplate> stages,
    List<Formula> rest,
    Assembly assembly,
    List<Formula> finished,
    List<Phrase> notes) {

  /**
   * How often and under what condition a part is there.
   *
   * @param place where it stands in the file
   * @param id its id, to which a repeated part adds its number
   * @param label the maker's name for it
   * @param when the condition, if there is one
   * @param repeat the repetition, if there is one
   */
  record Presence(
      Entry.Place place,
      String id,
      String label,
      Optional<Formula> when,
      Optional<Repeat> repeat) {}

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
      PaperKind paper,
      Optional<Formula> count,
      Formula width,
      Formula height,
      List<CornerTemplate> outline,
      List<LineTemplate> scores,
      List<LineTemplate> slits,
      List<LineTemplate> cuts,
      List<OpeningTemplate> openings) {}

  /**
   * A corner of an outline.
   *
   * @param presence how often it is there
   * @param at x and y
   */
  record CornerTemplate(Presence presence, List<Formula> at) {}

  /**
   * Something cut out of a piece.
   *
   * @param presence how often it is there
   * @param kind what it is for
   * @param round whether it is a circle
   * @param shape the x and y of the centre and the diameter of a circle, or x, y, width and height
   * @param across the scores that it crosses on purpose
   */
  record OpeningTemplate(
      Presence presence,
      Opening.Kind kind,
      boolean round,
      List<Formula> shape,
      List<String> across) {}

  /**
   * A score or slit.
   *
   * @param presence how often it is there
   * @param crease what kind of score it is; decorative for slits
   * @param ends x and y of one end, x and y of the other
   */
  record LineTemplate(Presence presence, Crease crease, List<Formula> ends) {}

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
      PaperKind paper,
      String on,
      Face face,
      List<Formula> panel,
      Formula border,
      Layer.Shape shape) {}

  /**
   * How far something is moved.
   *
   * @param name its name: that of a score stands for all of them if it is repeated
   * @param index which of them, if only one is meant
   * @param amount degrees, or a length of what slides
   */
  record Drive(String name, Optional<Formula> index, Formula amount) {
    /** Returns the id of the one that is meant, or the name of all. */
    String id(Scope scope) {
      return index.map(each -> name + "-" + scope.whole(each)).orElse(name);
    }
  }

  record StageTemplate(
      Presence presence,
      Stage.Phase phase,
      String title,
      String piece,
      List<Drive> drive,
      List<Drive> with) {
    /** Drives every score that folds. */
    static final String ALL = "all";
  }
}

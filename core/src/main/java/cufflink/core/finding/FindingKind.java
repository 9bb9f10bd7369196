package cufflink.core.finding;

import java.util.Locale;

/** What a finding is about, by a name that stays the same, for scripts. */
public enum FindingKind {
  /** A scored band lies on a fold. */
  BAND_ON_FOLD,
  /** Paper catches on paper on the way. */
  CATCHES,
  /** A part over a fold is not scored and in its way. */
  CREASE_MISSING,
  /** The folds do not meet when closed. */
  DOES_NOT_CLOSE,
  /** The card does not go into its envelope. */
  ENVELOPE_TOO_SMALL,
  /** The cuts of a piece go right through. */
  FALLS_APART,
  /** Glue lies where there must be none. */
  GLUE_IN_THE_WAY,
  /** Glue reaches past its piece. */
  GLUE_OFF_PAPER,
  /** Glue lies on a fold. */
  GLUE_ON_SCORE,
  /** An opening crosses a fold that must stay whole. */
  OPENING_ON_FOLD,
  /** An opening goes past an edge that must hold it. */
  OPENING_OVER_EDGE,
  /** Two openings run into each other. */
  OPENINGS_MEET,
  /** Nothing is left of a pocket. */
  POCKET_GLUED_AWAY,
  /** Glue runs along a mouth. */
  GLUED_SHUT,
  /** What is glued on hangs over its host. */
  HANGS_OVER,
  /** What is to be held does not go in. */
  ITEM_TOO_LARGE,
  /** A layer lies across the edge of its panel. */
  LAYER_OVER_BORDER,
  /** A layer hangs over the edge of its piece. */
  LAYER_OVER_EDGE,
  /** A layer covers a score. */
  LAYER_OVER_SCORE,
  /** The card would have to pass through itself. */
  LAYERS_CLASH,
  /** Which layer lies on which was not found. */
  LAYERS_UNKNOWN,
  /** Pieces do not come out of what is cut off another. */
  NOT_IN_CUT_AWAY,
  /** A piece is not as large as the place it is glued to. */
  NOT_IN_PLACE,
  /** Slits that must slot into each other do not. */
  NOT_MATED,
  /** What a piece is glued to itself with meets no other part of it. */
  NOT_MET,
  /** Two pieces that must be mirror images are not. */
  NOT_MIRRORED,
  /** What is to be seen of the card is not, or what is not to be seen is. */
  NOT_SEEN,
  /** A number makes no sense, and there is no design. */
  NO_DESIGN,
  /** Whatever is glued first, something else is then out of reach. */
  NO_ORDER,
  /** There is no pocket for what is to be held. */
  NO_POCKET,
  /** A piece does not fit on its sheet. */
  OFF_THE_SHEET,
  /** The finished card has another size than was asked for. */
  OTHER_SIZE,
  /** A print does not stand upright. */
  PRINT_DIRECTION,
  /** Raised layers may not go into the envelope. */
  RAISED_IN_ENVELOPE,
  /** The closed card does not go into the bag or envelope made for it. */
  ROOM_TOO_SMALL,
  /** A rule of the pattern does not hold. */
  RULE,
  /** A slit that ends on a score lies beside the one it should go on from. */
  SLIT_OFF_SCORE,
  /** A stage could go more than one way. */
  STAGE_LOOSE,
  /** A stage cannot be done in one move. */
  STAGE_STUCK,
  /** How a stage moves was not found. */
  STAGE_UNKNOWN,
  /** The closed card is larger than it says, or something sticks out of it. */
  STICKS_OUT,
  /** Closed, the card is so thick that it does not go into its envelope. */
  TOO_THICK_FOR_ENVELOPE,
  /** Closed, the card is thicker than a letter may be. */
  THICK_FOR_POST,
  /** The card has more facets than are folded in thought. */
  TOO_MANY_FACETS,
  /** A piece is cut larger than its outline. */
  UNUSED_EDGE,
  /** A value is beyond its limit. */
  VALUE_LIMIT,
  /** An odd number of folds meets. */
  VERTEX_ODD,
  /** Mountains and valleys at a vertex are not two apart. */
  VERTEX_COUNT,
  /** The folds at a vertex cannot be closed as they are assigned. */
  VERTEX_WAY,
  /** The angles at a vertex do not close flat. */
  VERTEX_ANGLES,
  /** Strips beside each other are woven alike. */
  WOVEN_ALIKE;

  /**
   * Returns its name as it is written in JSON.
   *
   * @return such as "layer-over-score"
   */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}

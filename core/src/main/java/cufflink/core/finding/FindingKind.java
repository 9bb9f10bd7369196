package cufflink.core.finding;

import java.util.Locale;

/** What a finding is about, by a name that stays the same, for scripts. */
public enum FindingKind {
  /** A scored band lies on a fold. */
  BAND_ON_FOLD(Cost.START),
  /** Paper catches on paper on the way. */
  CATCHES(Cost.TRIM),
  /** A part over a fold is not scored and in its way. */
  CREASE_MISSING(Cost.START),
  /** The folds do not meet when closed. */
  DOES_NOT_CLOSE(Cost.START),
  /** The card does not go into its envelope. */
  ENVELOPE_TOO_SMALL(Cost.TRIM),
  /** The cuts of a piece go right through. */
  FALLS_APART(Cost.START),
  /** A flap carries more than its fold holds. */
  FLAP_HEAVY(Cost.LOOK),
  /** Glue lies where there must be none. */
  GLUE_IN_THE_WAY(Cost.APART),
  /** Glue reaches past its piece. */
  GLUE_OFF_PAPER(Cost.APART),
  /** Glue lies on a fold. */
  GLUE_ON_SCORE(Cost.APART),
  /** What is put on lies on a bow. */
  ON_BOW(Cost.APART),
  /** An opening crosses a fold that must stay whole. */
  OPENING_ON_FOLD(Cost.START),
  /** An opening goes past an edge that must hold it. */
  OPENING_OVER_EDGE(Cost.START),
  /** Two openings run into each other. */
  OPENINGS_MEET(Cost.START),
  /** Nothing is left of a pocket. */
  POCKET_GLUED_AWAY(Cost.APART),
  /** Glue runs along a mouth. */
  GLUED_SHUT(Cost.APART),
  /** What is glued on hangs over its host. */
  HANGS_OVER(Cost.TRIM),
  /** What is to be held does not go in. */
  ITEM_TOO_LARGE(Cost.CUT),
  /** Ink is too dark for the paper it is on. */
  INK_UNSEEN(Cost.LOOK),
  /** A layer lies across the edge of its panel. */
  LAYER_OVER_BORDER(Cost.TRIM),
  /** A layer hangs over the edge of its piece. */
  LAYER_OVER_EDGE(Cost.TRIM),
  /** A layer covers a score. */
  LAYER_OVER_SCORE(Cost.CUT),
  /** The card would have to pass through itself. */
  LAYERS_CLASH(Cost.START),
  /** Which layer lies on which was not found. */
  LAYERS_UNKNOWN(Cost.LOOK),
  /** Pieces do not come out of what is cut off another. */
  NOT_IN_CUT_AWAY(Cost.CUT),
  /** A piece is not as large as the place it is glued to. */
  NOT_IN_PLACE(Cost.CUT),
  /** Slits that must slot into each other do not. */
  NOT_MATED(Cost.START),
  /** What a piece is glued to itself with meets no other part of it. */
  NOT_MET(Cost.CUT),
  /** Two pieces that must be mirror images are not. */
  NOT_MIRRORED(Cost.CUT),
  /** What is to be seen of the card is not, or what is not to be seen is. */
  NOT_SEEN(Cost.LOOK),
  /** A number makes no sense, and there is no design. */
  NO_DESIGN(Cost.START),
  /** What is put on is to be held by a ribbon that does not cross it. */
  NOTHING_HOLDS(Cost.APART),
  /** Nothing that is seen is plain and light enough to be written on. */
  NOWHERE_TO_WRITE(Cost.LOOK),
  /** What stands on foam comes to lie on what stands on foam. */
  PADS_ON_PADS(Cost.APART),
  /** What a maker has put on lay on a piece that is not there. */
  TOPPER_LEFT_OUT(Cost.LOOK),
  /** What was to be stamped or inked is not there. */
  TREATMENT_LEFT_OUT(Cost.LOOK),
  /** Whatever is glued first, something else is then out of reach. */
  NO_ORDER(Cost.APART),
  /** There is no pocket for what is to be held. */
  NO_POCKET(Cost.CUT),
  /** A piece does not fit on its sheet. */
  OFF_THE_SHEET(Cost.START),
  /** The finished card has another size than was asked for. */
  OTHER_SIZE(Cost.CUT),
  /** A print does not stand upright. */
  PRINT_DIRECTION(Cost.CUT),
  /** Raised layers may not go into the envelope. */
  RAISED_IN_ENVELOPE(Cost.LOOK),
  /** A ribbon does not go on where one of its parts ends. */
  RIBBON_APART(Cost.LOOK),
  /** A ribbon is much longer than the way it is led. */
  RIBBON_LONG(Cost.LOOK),
  /** What is glued over a ribbon keeps it from leaving its face. */
  RIBBON_STUCK(Cost.APART),
  /** A ribbon is too short for the way it is led. */
  RIBBON_SHORT(Cost.CUT),
  /** The closed card does not go into the bag or envelope made for it. */
  ROOM_TOO_SMALL(Cost.CUT),
  /** A rule of the pattern does not hold. */
  RULE(Cost.CUT),
  /** What is done to one face comes through to the other. */
  SHOWS_THROUGH(Cost.LOOK),
  /** A slit that ends on a score lies beside the one it should go on from. */
  SLIT_OFF_SCORE(Cost.START),
  /** A stage could go more than one way. */
  STAGE_LOOSE(Cost.LOOK),
  /** A stage cannot be done in one move. */
  STAGE_STUCK(Cost.START),
  /** How a stage moves was not found. */
  STAGE_UNKNOWN(Cost.LOOK),
  /** The closed card is larger than it says, or something sticks out of it. */
  STICKS_OUT(Cost.TRIM),
  /** Closed, the card is so thick that it does not go into its envelope. */
  TOO_THICK_FOR_ENVELOPE(Cost.CUT),
  /** Closed, the card is thicker than a letter may be. */
  THICK_FOR_POST(Cost.LOOK),
  /** A card that is to stand falls over. */
  TIPS_OVER(Cost.CUT),
  /** The card has more facets than are folded in thought. */
  TOO_MANY_FACETS(Cost.LOOK),
  /** A piece is cut larger than its outline. */
  UNUSED_EDGE(Cost.LOOK),
  /** A value is beyond its limit. */
  VALUE_LIMIT(Cost.CUT),
  /** An odd number of folds meets. */
  VERTEX_ODD(Cost.START),
  /** Mountains and valleys at a vertex are not two apart. */
  VERTEX_COUNT(Cost.START),
  /** The folds at a vertex cannot be closed as they are assigned. */
  VERTEX_WAY(Cost.START),
  /** The angles at a vertex do not close flat. */
  VERTEX_ANGLES(Cost.START),
  /** Strips beside each other are woven alike. */
  WOVEN_ALIKE(Cost.APART);

  private final Cost cost;

  FindingKind(Cost cost) {
    this.cost = cost;
  }

  /** Returns what it costs at the table, if it is found out there. */
  public Cost cost() {
    return cost;
  }

  /**
   * Returns its name as it is written in JSON.
   *
   * @return such as "layer-over-score"
   */
  public String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}

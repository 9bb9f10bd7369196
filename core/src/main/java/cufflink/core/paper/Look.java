package cufflink.core.paper;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a construction is pictured, as a receiver would hold it.
 *
 * @param card the colour of its card
 * @param printed whether the card is printed as well, on its outside
 * @param ground the colour of its patterned paper
 * @param ink what is printed on that, and the colour of mats and ribbons
 * @param motif what is printed
 * @param at how many stages are done, with parts; empty where it is half folded
 * @param turn how far it is turned on the table, degrees, clockwise above nought
 * @param tilt how far the eye has gone down from straight above, degrees
 * @param pitch how far it is set up from the table, degrees; 90 stands it on its lower edge
 * @param held what is seen in its pocket, if anything is
 * @param drawn how far that is drawn out, a share from 0, where it is wholly in, to 1
 * @param own the maker's papers: what they look like, and where on their sheets parts are cut
 */
public record Look(
    Tint card,
    boolean printed,
    Tint ground,
    Tint ink,
    Motif motif,
    OptionalDouble at,
    double turn,
    double tilt,
    double pitch,
    Optional<HeldItem> held,
    double drawn,
    Papers own) {
  /** In a picture what is held peeps out by this share, so that it is seen at all. */
  public static final double PEEPS = 0.28;

  /** Card and paper of a construction whose file says nothing. */
  public static final Look USUAL =
      new Look(
          Tint.SAND,
          false,
          Tint.CREAM,
          Tint.ESTUARY,
          Motif.STRIPES,
          OptionalDouble.empty(),
          -20,
          52,
          0,
          Optional.empty(),
          PEEPS,
          Papers.USUAL);

  /** Checks that nothing is missing. */
  public Look {
    Objects.requireNonNull(card);
    Objects.requireNonNull(ground);
    Objects.requireNonNull(ink);
    Objects.requireNonNull(motif);
    Objects.requireNonNull(at);
    if (!(drawn >= 0 && drawn <= 1)) {
      throw new IllegalArgumentException("drawn out by " + drawn + " of its length");
    }
    Objects.requireNonNull(own);
  }

  /**
   * Returns the same colours seen from elsewhere.
   *
   * @param newTurn how far it is turned on the table, degrees
   * @param newTilt how far the eye has gone down from straight above, degrees
   * @param newPitch how far it is set up from the table, degrees
   */
  public Look from(double newTurn, double newTilt, double newPitch) {
    return new Look(
        card, printed, ground, ink, motif, at, newTurn, newTilt, newPitch, held, drawn, own);
  }

  /**
   * Returns the same card with something in its pocket.
   *
   * @param item what it holds, if anything
   */
  public Look holding(Optional<HeldItem> item) {
    return new Look(card, printed, ground, ink, motif, at, turn, tilt, pitch, item, drawn, own);
  }

  /**
   * Returns the same card with what it holds drawn out of its pocket.
   *
   * @param share how far, a share of its length; what is past 0 and 1 is 0 or 1
   */
  public Look drawnOut(double share) {
    double now = Math.max(0, Math.min(1, share));
    return new Look(card, printed, ground, ink, motif, at, turn, tilt, pitch, held, now, own);
  }

  /**
   * Returns the same card after so many stages.
   *
   * @param done how many stages are done, with parts; what is past the last one is the last one
   */
  public Look after(double done) {
    return new Look(
        card,
        printed,
        ground,
        ink,
        motif,
        OptionalDouble.of(done),
        turn,
        tilt,
        pitch,
        held,
        drawn,
        own);
  }

  /**
   * Returns the same card made of a maker's papers.
   *
   * @param papers the papers; what they say nothing of stays as it is
   */
  public Look madeOf(Papers papers) {
    return new Look(card, printed, ground, ink, motif, at, turn, tilt, pitch, held, drawn, papers);
  }

  /**
   * Returns what paper for something looks like.
   *
   * @param role what it is for
   * @return what the maker has chosen, or else what this look says; paper with a name of its own is
   *     white, since one writes on it
   */
  public Papers.Colours colours(PaperRole role) {
    Papers.Colours seen = own.colours().get(role.id());
    if (seen != null) {
      return seen;
    }
    if (!role.isUsual()) {
      return new Papers.Colours(Tint.WHITE, ink, Motif.PLAIN);
    }
    return switch (role.kind()) {
      case CARDSTOCK -> new Papers.Colours(card, ink, printed ? motif : Motif.PLAIN);
      case PATTERNED -> new Papers.Colours(ground, ink, motif);
      case RIBBON -> new Papers.Colours(ink, ink, Motif.PLAIN);
    };
  }

  /** Says whether the maker has chosen what such paper looks like. */
  public boolean isChosen(PaperRole role) {
    return own.colours().containsKey(role.id());
  }
}

package cufflink.core.paper;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a construction is pictured, as a receiver would hold it.
 *
 * @param card the colour of its card
 * @param ground the colour of its patterned paper
 * @param ink what is printed on that, and the colour of mats and ribbons
 * @param motif what is printed
 * @param at how many stages are done, with parts; empty where it is half folded
 * @param turn how far it is turned on the table, degrees, clockwise above nought
 * @param tilt how far the eye has gone down from straight above, degrees
 * @param pitch how far it is set up from the table, degrees; 90 stands it on its lower edge
 * @param held what is seen in its pocket, if anything is
 */
public record Look(
    Tint card,
    Tint ground,
    Tint ink,
    Motif motif,
    OptionalDouble at,
    double turn,
    double tilt,
    double pitch,
    Optional<HeldItem> held) {
  /** Card and paper of a construction whose file says nothing. */
  public static final Look USUAL =
      new Look(
          Tint.SAND,
          Tint.CREAM,
          Tint.ESTUARY,
          Motif.STRIPES,
          OptionalDouble.empty(),
          -20,
          52,
          0,
          Optional.empty());

  /** Checks that nothing is missing. */
  public Look {
    Objects.requireNonNull(card);
    Objects.requireNonNull(ground);
    Objects.requireNonNull(ink);
    Objects.requireNonNull(motif);
    Objects.requireNonNull(at);
  }

  /**
   * Returns the same colours seen from elsewhere.
   *
   * @param newTurn how far it is turned on the table, degrees
   * @param newTilt how far the eye has gone down from straight above, degrees
   * @param newPitch how far it is set up from the table, degrees
   */
  public Look from(double newTurn, double newTilt, double newPitch) {
    return new Look(card, ground, ink, motif, at, newTurn, newTilt, newPitch, held);
  }

  /**
   * Returns the same card with something in its pocket.
   *
   * @param item what it holds, if anything
   */
  public Look holding(Optional<HeldItem> item) {
    return new Look(card, ground, ink, motif, at, turn, tilt, pitch, item);
  }
}

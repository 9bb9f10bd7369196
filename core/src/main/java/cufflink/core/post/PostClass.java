package cufflink.core.post;

import cufflink.core.measure.Length;
import java.util.Objects;
import java.util.Optional;

/**
 * What a postal service carries at one price; the sides are those of the envelope.
 *
 * @param country the country, two capital letters
 * @param label what the service calls it
 * @param longest from and to how long the longer side may be
 * @param shortest from and to how long the shorter side may be
 * @param thickness from and to how thick it may be
 * @param grams how much it may weigh at the most
 * @param machine how many times as long as the shorter side the longer one must be to go through a
 *     machine, if that matters; what does not costs more
 */
public record PostClass(
    String country,
    String label,
    Span longest,
    Span shortest,
    Span thickness,
    double grams,
    Optional<Ratio> machine) {
  /**
   * From one length to another.
   *
   * @param least the least, nought or more
   * @param most the most
   */
  public record Span(Length least, Length most) {
    /** Says whether a length lies within it, its ends included. */
    public boolean holds(Length length) {
      return length.compareTo(least) >= 0 && length.compareTo(most) <= 0;
    }
  }

  /**
   * From one ratio to another.
   *
   * @param least the least, above nought
   * @param most the most
   */
  public record Ratio(double least, double most) {}

  /** Checks that nothing is missing. */
  public PostClass {
    Objects.requireNonNull(label);
    Objects.requireNonNull(longest);
    Objects.requireNonNull(shortest);
    Objects.requireNonNull(thickness);
    Objects.requireNonNull(machine);
    if (!country.matches("[A-Z]{2}") || !(grams > 0)) {
      throw new IllegalArgumentException(country + " " + grams + " g");
    }
  }
}

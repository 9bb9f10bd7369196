package cufflink.core.expression;

import cufflink.core.words.Message;
import java.util.Optional;

/** What a formula is about, known before it is evaluated. */
public enum Kind {
  /** A plain number, such as a count or an angle in degrees. */
  NUMBER("kind.number", 0),
  /** A length, counted in eighths of a micrometre. */
  LENGTH("kind.length", 1),
  /** A length times a length. */
  AREA("kind.area", 2),
  /** A yes or no. */
  TRUTH("kind.truth", -1),
  /** A choice. */
  WORD("kind.word", -1);

  private final String key;
  private final int power;

  Kind(String key, int power) {
    this.key = key;
    this.power = power;
  }

  /**
   * Says whether values of this kind are amounts that can be added.
   *
   * @return true for numbers, lengths and areas
   */
  public boolean isAmount() {
    return power >= 0;
  }

  /**
   * Returns the kind of a product or quotient.
   *
   * @param other the other factor, or the divisor
   * @param sign 1 for a product, -1 for a quotient
   * @return the kind, or nothing if no such quantity is known
   */
  Optional<Kind> combined(Kind other, int sign) {
    return isAmount() && other.isAmount() ? ofPower(power + sign * other.power) : Optional.empty();
  }

  /**
   * Returns the kind of a square root.
   *
   * @return the kind, or nothing for the root of a length
   */
  Optional<Kind> root() {
    return power >= 0 && power % 2 == 0 ? ofPower(power / 2) : Optional.empty();
  }

  private static Optional<Kind> ofPower(int power) {
    return switch (power) {
      case 0 -> Optional.of(NUMBER);
      case 1 -> Optional.of(LENGTH);
      case 2 -> Optional.of(AREA);
      default -> Optional.empty();
    };
  }

  /**
   * Returns the name used in sentences, such as "a length".
   *
   * @return the name with its article
   */
  public Message title() {
    return Message.of(key);
  }
}

package cufflink.core.measure;

import java.util.List;
import java.util.Objects;

/**
 * The marks of a maker's ruler: a unit and the distance between neighbouring marks.
 *
 * @param unit inch or millimetre, the unit in which the marks are read
 * @param step the distance between marks, above zero
 */
public record Marks(Unit unit, Length step) {
  /** Marks every 1/32 in. */
  public static final Marks THIRTY_SECONDS = new Marks(Unit.INCH, Length.ofInches(1, 32));

  /** Marks every 1/16 in. */
  public static final Marks SIXTEENTHS = new Marks(Unit.INCH, Length.ofInches(1, 16));

  /** Marks every 1/8 in. */
  public static final Marks EIGHTHS = new Marks(Unit.INCH, Length.ofInches(1, 8));

  /** Marks every half millimetre. */
  public static final Marks HALF_MILLIMETRES = new Marks(Unit.MILLIMETRE, Length.ofUnits(4_000));

  /** Marks every millimetre. */
  public static final Marks MILLIMETRES = new Marks(Unit.MILLIMETRE, Length.ofMillimetres(1));

  /** Marks every two and a half millimetres. */
  public static final Marks QUARTER_CENTIMETRES =
      new Marks(Unit.MILLIMETRE, Length.ofUnits(20_000));

  /** Marks every five millimetres. */
  public static final Marks FIVE_MILLIMETRES = new Marks(Unit.MILLIMETRE, Length.ofMillimetres(5));

  /** The rulers and boards makers own, inch ones first, fine before coarse. */
  public static final List<Marks> COMMON =
      List.of(
          THIRTY_SECONDS,
          SIXTEENTHS,
          EIGHTHS,
          HALF_MILLIMETRES,
          MILLIMETRES,
          QUARTER_CENTIMETRES,
          FIVE_MILLIMETRES);

  /** Checks the step. */
  public Marks {
    Objects.requireNonNull(unit);
    if (!step.isPositive()) {
      throw new IllegalArgumentException("marks cannot be " + step + " apart");
    }
  }

  /**
   * Finds the common marks of a name such as "1/8in" or "0.5 mm".
   *
   * @param text the distance between marks with its unit
   * @return the marks, or what is wrong with the name
   */
  public static Parsed<Marks> parse(String text) {
    Parsed<Length> step = LengthParser.parse(text, Unit.MILLIMETRE);
    return COMMON.stream()
        .filter(marks -> step.value().filter(marks.step::equals).isPresent())
        .findFirst()
        .map(Parsed::good)
        .orElseGet(() -> Parsed.bad("marks.unknown", text));
  }

  /**
   * Returns the last mark at or below a length.
   *
   * @param length any length
   * @return the mark's place
   */
  public Length floor(Length length) {
    return Length.ofUnits(
        Math.multiplyExact(Math.floorDiv(length.units(), step.units()), step.units()));
  }

  /**
   * Returns the nearest mark, the upper one when two are equally near.
   *
   * @param length any length
   * @return the mark's place
   */
  public Length nearest(Length length) {
    return floor(Length.ofUnits(Math.addExact(length.units(), step.units() / 2)));
  }

  /**
   * Says whether a length falls on a mark.
   *
   * @param length any length
   * @return true if it does
   */
  public boolean holds(Length length) {
    return length.units() % step.units() == 0;
  }

  /**
   * Says whether the marks are read in inches.
   *
   * @return true for inches, false for millimetres
   */
  public boolean inInches() {
    return unit == Unit.INCH;
  }

  /** Returns the name that {@link #parse} reads, such as "1/16in" or "0.5mm". */
  @Override
  public String toString() {
    String number =
        inInches()
            ? "1/" + Unit.INCH.length().units() / step.units()
            : step.toExactMillimetres().stripTrailingZeros().toPlainString();
    return number + unit.symbol();
  }
}

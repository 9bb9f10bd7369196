package cufflink.files.words;

import cufflink.core.fold.Thickness;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import java.util.Locale;

/** Writes thickness and weight in the units that go with the reader's ruler. */
public final class Amounts {
  /** The international avoirdupois ounce of 1959, grams. */
  private static final double GRAMS_PER_OUNCE = 28.349523125;

  private static final int FINEST_PARTS = 64;

  private Amounts() {}

  /**
   * Writes how thick something is.
   *
   * @param thick zero or more
   * @param format the reader's ruler
   * @return tenths of a millimetre, or 64ths of an inch and one at least, with the unit
   */
  public static String thickness(Length thick, LengthFormat format) {
    if (!format.isInInches()) {
      String tenths = String.format(Locale.ROOT, "%.1f", thick.toMillimetres());
      return Words.say("length.millimetres", tenths);
    }
    Length part = Length.ofInches(1, FINEST_PARTS);
    long parts = Math.max(1, Math.round(thick.toMillimetres() / part.toMillimetres()));
    return format.withUnitExactly(part.times(parts));
  }

  /**
   * Says how thick the closed card is and what it weighs.
   *
   * @param all what was found by folding it
   * @param format the reader's ruler
   * @return a sentence
   */
  public static String of(Thickness all, LengthFormat format) {
    Length thickest = all.thickest().map(Thickness.Region::thick).orElse(Length.ZERO);
    return Words.say("sheet.thick", thickness(thickest, format), weight(all.grams(), format));
  }

  /**
   * Writes a weight.
   *
   * @param grams zero or more
   * @param format the reader's ruler
   * @return whole grams or tenths of an ounce, with the unit
   */
  public static String weight(double grams, LengthFormat format) {
    return format.isInInches()
        ? Words.say("weight.ounces", String.format(Locale.ROOT, "%.1f", grams / GRAMS_PER_OUNCE))
        : Words.say("weight.grams", Math.round(grams));
  }
}

package cufflink.core.paper;

import cufflink.core.measure.Length;

/**
 * A paper in the maker's drawer.
 *
 * @param name the maker's name for it
 * @param grammage grams per square metre, above zero (ISO 536)
 * @param bulk cubic centimetres per gram, above zero (ISO 534); card about 1.2 in common practice
 * @param twoSided whether both faces are printed
 * @param print which way its print runs
 * @param grain which way its fibres run
 */
public record Paper(
    String name, int grammage, double bulk, boolean twoSided, Print print, Grain grain) {
  /** The bulk of most card; common practice, no source. */
  public static final double USUAL_BULK = 1.2;

  /** Plain card that carries folds. */
  public static final Paper CARD =
      new Paper("card", 250, USUAL_BULK, false, Print.NONE, Grain.UNKNOWN);

  /** Thin paper for layers. */
  public static final Paper PATTERNED =
      new Paper("patterned", 120, USUAL_BULK, false, Print.NONE, Grain.UNKNOWN);

  private static final int HEAVIEST = 2_000;

  /** Which way a print runs on a sheet that lies with its width along the top. */
  public enum Print {
    /** It looks the same every way round. */
    NONE,
    /** It is upright as the sheet lies. */
    UPRIGHT,
    /** It is upright when the sheet's left edge is on top. */
    SIDEWAYS
  }

  /**
   * Which way the fibres run in a sheet as it comes from the packet; folds along them are smooth.
   */
  public enum Grain {
    /** The packet does not say. */
    UNKNOWN,
    /** Along the longer side of the sheet. */
    LONG,
    /** Along the shorter side of the sheet. */
    SHORT
  }

  /** Checks the figures. */
  public Paper {
    if (grammage < 1 || grammage > HEAVIEST || !(bulk > 0) || bulk > 10) {
      throw new IllegalArgumentException("no paper has " + grammage + " g/m² and bulk " + bulk);
    }
  }

  /**
   * Returns the thickness of one sheet: grammage times bulk, in micrometres (ISO 534).
   *
   * @return the caliper, above zero
   */
  public Length caliper() {
    return Length.fromMillimetres(grammage * bulk / 1000);
  }

  /** Returns the paper under another name. */
  public Paper named(String now) {
    return new Paper(now, grammage, bulk, twoSided, print, grain);
  }

  /**
   * Returns the paper with another weight.
   *
   * @param grams grams per square metre, from 1 to 2000
   * @return the paper
   */
  public Paper weighing(int grams) {
    return new Paper(name, grams, bulk, twoSided, print, grain);
  }

  /** Returns the paper printed on both faces, or on one. */
  public Paper withTwoSided(boolean now) {
    return new Paper(name, grammage, bulk, now, print, grain);
  }

  /** Returns the paper with its print running another way. */
  public Paper withPrint(Print now) {
    return new Paper(name, grammage, bulk, twoSided, now, grain);
  }

  /** Returns the paper with its fibres running another way. */
  public Paper withGrain(Grain now) {
    return new Paper(name, grammage, bulk, twoSided, print, now);
  }

  /**
   * Returns the paper with its grammage reckoned from a measured caliper at the same bulk.
   *
   * @param caliper the thickness of one sheet
   * @return the paper, its grammage to the nearest gram and between 1 and 2000
   */
  public Paper ofCaliper(Length caliper) {
    long grams = Math.round(caliper.toMillimetres() * 1000 / bulk);
    return new Paper(
        name, (int) Math.max(1, Math.min(HEAVIEST, grams)), bulk, twoSided, print, grain);
  }
}

package cufflink.core.paper;

/**
 * How well one colour is read on another.
 *
 * <p>The contrast of two colours is {@code (L1 + 0.05) / (L2 + 0.05)}, L1 the lighter one's
 * relative luminance; source: W3C, Web Content Accessibility Guidelines 2.2, "contrast ratio" and
 * "relative luminance" (from memory).
 */
public final class Contrast {
  /** What is to be read has at least this contrast: success criterion 1.4.3. */
  public static final double READABLE = 4.5;

  private static final double FLARE = 0.05;
  private static final int CHANNEL = 0xFF;

  private Contrast() {}

  /**
   * Returns the contrast of two colours.
   *
   * @param one a colour, as 0xRRGGBB
   * @param other another one
   * @return from 1, where they are the same, to 21
   */
  public static double of(int one, int other) {
    double first = luminance(one) + FLARE;
    double second = luminance(other) + FLARE;
    return Math.max(first, second) / Math.min(first, second);
  }

  private static double luminance(int rgb) {
    return 0.2126 * linear(rgb >> 16 & CHANNEL)
        + 0.7152 * linear(rgb >> 8 & CHANNEL)
        + 0.0722 * linear(rgb & CHANNEL);
  }

  private static double linear(int channel) {
    double share = (double) channel / CHANNEL;
    return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
  }
}

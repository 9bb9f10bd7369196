package cufflink.core.paper;

/** The colours that cards are pictured in, our own. */
public enum Tint {
  /** The white of writing paper. */
  WHITE(0xFBF9F3),
  /** Warm white. */
  CREAM(0xF3E8CF),
  /** Dry sand. */
  SAND(0xE2C99B),
  /** Ripe straw. */
  STRAW(0xE9B949),
  /** Burnt clay. */
  CLAY(0xC8643C),
  /** Iron that has lain in the weather. */
  RUST(0x96432E),
  /** A faded rose. */
  ROSE(0xE2A6A0),
  /** Ripe plums. */
  PLUM(0x6E3F5E),
  /** Moss on a slipway. */
  MOSS(0x71864A),
  /** Reeds in autumn. */
  REED(0xB9BF86),
  /** The water of an estuary. */
  ESTUARY(0x3B8084),
  /** A clear morning. */
  SKY(0xA9CBD3),
  /** Mist over the mud flats. */
  MIST(0xCBD0C8),
  /** Slate. */
  SLATE(0x51616B),
  /** A night without a moon. */
  NIGHT(0x22384C),
  /** Brown card. */
  KRAFT(0xB98E62);

  private static final int CHANNEL = 0xFF;
  private static final double PALER = 0.55;

  private final int rgb;

  Tint(int rgb) {
    this.rgb = rgb;
  }

  /**
   * Returns the colour.
   *
   * @return red, green and blue, eight bits each, red first
   */
  public int rgb() {
    return rgb;
  }

  /**
   * Returns the colour of the other face of card that is coloured on one.
   *
   * @return the colour nearer to white
   */
  public int pale() {
    int pale = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      int channel = rgb >> shift & CHANNEL;
      pale |= (int) Math.round(channel + (CHANNEL - channel) * PALER) << shift;
    }
    return pale;
  }
}

package cufflink.core.scene;

import cufflink.core.design.Fold;

/**
 * What a line in a drawing means; each is drawn with its own dashes, never told by colour alone.
 */
public enum Ink {
  /** The edge of a piece: firm. */
  CUT(1.6),
  /** A cut inside a piece: firm, with stop marks. */
  SLIT(1.6),
  /** A valley score: dashed (published diagram convention). */
  VALLEY(1.6, 9, 5),
  /** A mountain score: dash, dot, dot (published diagram convention). */
  MOUNTAIN(1.6, 12, 4, 2, 4, 2, 4),
  /** A decorative score: fine dots. */
  DECORATIVE(1.6, 1.6, 4),
  /** The edge of a layer. */
  LAYER_EDGE(0.8),
  /** The edge of paper in a picture of the finished card. */
  PAPER_EDGE(0.6),
  /** A pencil mark that a layer will cover. */
  PENCIL(1.2),
  /** A line of the hatch where glue goes. */
  GLUE(1.4),
  /** A line of the open hatch where there must be no glue. */
  DRY(1, 2, 5),
  /** Where a part comes to lie: long dashes. */
  PLACE(2, 14, 5),
  /** The edge of the sheet a piece is cut from. */
  SHEET_EDGE(1, 3, 3),
  /** Where the blade comes down next: heavy, in short dashes. */
  NEXT_CUT(3, 7, 4),
  /** The way paper moves in a stage. */
  ARROW(2.2),
  /** Where paper meets paper while it is folded: heavy. */
  CAUGHT(3.2),
  /** A groove of the scoring board. */
  GROOVE(0.8),
  /** A ruler's marks. */
  RULER(0.8),
  /** A dimension line. */
  DIMENSION(0.8);

  private final double weight;
  private final double[] dashes;

  Ink(double weight, double... dashes) {
    this.weight = weight;
    this.dashes = dashes;
  }

  /**
   * Returns how thick the line is.
   *
   * @return the thickness in surface units
   */
  public double weight() {
    return weight;
  }

  /**
   * Returns the line's dashes.
   *
   * @return lengths of dash and gap in turn, in surface units; empty for a firm line
   */
  public double[] dashes() {
    return dashes.clone();
  }

  /**
   * Returns the ink of a score.
   *
   * @param fold what the score is for
   * @return its ink
   */
  public static Ink of(Fold fold) {
    return switch (fold) {
      case VALLEY -> VALLEY;
      case MOUNTAIN -> MOUNTAIN;
      case DECORATIVE -> DECORATIVE;
    };
  }
}

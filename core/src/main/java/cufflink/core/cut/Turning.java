package cufflink.core.cut;

import cufflink.core.cut.Part.Folds;
import cufflink.core.paper.Paper;

/** How a part may lie on a sheet. */
enum Turning {
  EITHER(true, true),
  AS_DESCRIBED(true, false),
  TURNED(false, true),
  /** What its print asks for, its folds forbid. */
  NEITHER(false, false);

  private final boolean asDescribed;
  private final boolean turned;

  Turning(boolean asDescribed, boolean turned) {
    this.asDescribed = asDescribed;
    this.turned = turned;
  }

  boolean allows(boolean turn) {
    return turn ? turned : asDescribed;
  }

  /** Returns the ways that are left if each is only allowed so. */
  Turning only(boolean asDescribedToo, boolean turnedToo) {
    boolean upright = asDescribed && asDescribedToo;
    boolean sideways = turned && turnedToo;
    if (upright && sideways) {
      return EITHER;
    }
    return upright ? AS_DESCRIBED : sideways ? TURNED : NEITHER;
  }

  /** Print stands upright on the part as described, and folds run along the fibres. */
  static Turning of(Part part, Stock stock) {
    Turning print =
        switch (stock.paper().print()) {
          case NONE -> EITHER;
          case UPRIGHT -> AS_DESCRIBED;
          case SIDEWAYS -> TURNED;
        };
    Turning grain = grain(part, stock);
    if (print == EITHER || print == grain) {
      return grain;
    }
    return grain == EITHER ? print : NEITHER;
  }

  private static Turning grain(Part part, Stock stock) {
    if (stock.paper().grain() == Paper.Grain.UNKNOWN || part.folds() == Folds.EITHER) {
      return EITHER;
    }
    return (part.folds() == Folds.LEVEL) == stock.grainAlongWidth() ? AS_DESCRIBED : TURNED;
  }
}

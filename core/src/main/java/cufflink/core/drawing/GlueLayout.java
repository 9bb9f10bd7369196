package cufflink.core.drawing;

import cufflink.core.scene.Pen;
import cufflink.core.scene.Surface;
import java.util.Optional;

/**
 * Where on the surface what is built so far lies, and where the part beside it or below it,
 * whichever is drawn larger; both are drawn in one scale.
 *
 * @param scale pixels for a millimetre
 * @param left where the built card begins, in pixels
 * @param top where it begins
 * @param partLeft where the part begins
 * @param partTop where it begins
 * @param isBeside whether the part lies beside the card and not below
 */
record GlueLayout(
    double scale, double left, double top, double partLeft, double partTop, boolean isBeside) {
  private static final double MARGIN = 1.7;
  private static final double BETWEEN = 3.6;

  /** How far beside the paper its measures stand, in letters. */
  static final double BESIDE = 1.5;

  /**
   * Finds room.
   *
   * @param surface what is drawn on
   * @param room how much room what is built so far takes
   * @param part how much the part takes, if there is one
   * @param words how wide what is written below it is, in pixels
   */
  static GlueLayout of(Surface surface, Extent room, Optional<Extent> part, double words) {
    double letters = letters(surface);
    double margin = (MARGIN + BESIDE) * letters;
    double wide = surface.width() - margin - MARGIN * letters;
    double high = surface.height() - margin - (MARGIN + 2) * letters;
    double partWide = part.map(Extent::wide).orElse(0.0);
    double partHigh = part.map(Extent::high).orElse(0.0);
    double space = part.isPresent() ? BETWEEN * letters : 0;
    double both = room.wide() + partWide;
    double across = Math.min((wide - space) / both, high / Math.max(room.high(), partHigh));
    double lacks = Math.max(0, words - partWide * across);
    across = Math.min(across, (wide - space - lacks) / both);
    double down =
        Math.min(wide / Math.max(room.wide(), partWide), (high - space) / (room.high() + partHigh));
    boolean isBeside = across >= down;
    double scale = Math.max(isBeside ? across : down, Double.MIN_NORMAL);
    double narrow = isBeside ? Math.max(0, words - partWide * scale) : 0;
    double usedWide =
        isBeside ? scale * both + space + narrow : scale * Math.max(room.wide(), partWide);
    double usedHigh =
        isBeside
            ? scale * Math.max(room.high(), partHigh)
            : scale * (room.high() + partHigh) + space;
    double left = margin + (wide - usedWide) / 2;
    double top = margin + (high - usedHigh) / 2;
    return new GlueLayout(
        scale,
        left,
        top,
        isBeside ? left + room.wide() * scale + space + narrow / 2 : left,
        isBeside ? top : top + room.high() * scale + space,
        isBeside);
  }

  /** Returns how high its letters are: on paper smaller than on the screen. */
  static double letters(Surface surface) {
    return surface.textSize() * 0.68;
  }

  /** Returns a pen for what is built so far. */
  Pen pen(Extent room) {
    return new Pen(scale, left - room.left() * scale, top - room.top() * scale);
  }

  /** Returns a pen for the part, which draws on the same surface. */
  Pen beside(Pen pen, Extent part) {
    return pen.elsewhere(scale, partLeft - part.left() * scale, partTop - part.top() * scale);
  }
}

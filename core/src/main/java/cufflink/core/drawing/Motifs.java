package cufflink.core.drawing;

import cufflink.core.flat.Spot;
import cufflink.core.paper.Motif;
import java.util.ArrayList;
import java.util.List;

/**
 * The shapes of a print on some paper, measured from the corner of its piece, so that stripes run
 * on from panel to panel.
 */
final class Motifs {
  private static final int WAVE_PARTS = 8;
  private static final int DOT_CORNERS = 10;

  /** More figures than these would only be a grey. */
  private static final int MOST = 900;

  private final double left;
  private final double top;
  private final double right;
  private final double bottom;
  private final double pitch;
  private final List<List<Spot>> figures = new ArrayList<>();

  private Motifs(List<Spot> paper, double pitch) {
    left = paper.stream().mapToDouble(Spot::x).min().orElse(0);
    right = paper.stream().mapToDouble(Spot::x).max().orElse(0);
    top = paper.stream().mapToDouble(Spot::y).min().orElse(0);
    bottom = paper.stream().mapToDouble(Spot::y).max().orElse(0);
    double cells = (right - left) * (bottom - top) / (pitch * pitch);
    this.pitch = cells > MOST ? pitch * Math.sqrt(cells / MOST) : pitch;
  }

  /**
   * Covers some paper with a print.
   *
   * @param motif the print
   * @param paper the rim of the paper, and its holes
   * @param pitch the distance from one figure to the next, above nought
   * @return the figures, corner by corner
   */
  static List<List<Spot>> of(Motif motif, List<List<Spot>> paper, double pitch) {
    Motifs motifs = new Motifs(paper.get(0), pitch);
    switch (motif) {
      case STRIPES -> motifs.stripes();
      case DOTS -> motifs.each(true, motifs::dot);
      case CHECKS -> motifs.each(true, motifs::square);
      case SPRIGS -> motifs.each(true, motifs::sprig);
      case WAVES -> motifs.waves();
      case PLAIN -> {}
    }
    return motifs.figures.isEmpty() ? List.of() : Trim.to(paper, motifs.figures);
  }

  private void stripes() {
    for (double x = Math.floor(left / pitch) * pitch; x < right; x += pitch) {
      figures.add(
          List.of(
              new Spot(x, top),
              new Spot(x + pitch * 0.4, top),
              new Spot(x + pitch * 0.4, bottom),
              new Spot(x, bottom)));
    }
  }

  private void waves() {
    double step = pitch * 1.6 / WAVE_PARTS;
    for (double y = Math.floor(top / pitch) * pitch; y < bottom + pitch; y += pitch) {
      List<Spot> upper = new ArrayList<>();
      List<Spot> lower = new ArrayList<>();
      for (double x = Math.floor(left / step) * step; x < right + step; x += step) {
        double rise = pitch * 0.22 * Math.sin(2 * Math.PI * x / (step * WAVE_PARTS));
        upper.add(new Spot(x, y + rise));
        lower.add(0, new Spot(x, y + rise + pitch * 0.3));
      }
      upper.addAll(lower);
      figures.add(upper);
    }
  }

  /** Draws one figure in the middle of its cell. */
  private interface Figure {
    void at(double x, double y);
  }

  private void each(boolean aside, Figure figure) {
    int row = (int) Math.floor(top / pitch);
    for (double y = row * pitch; y < bottom + pitch; y += pitch, row++) {
      double shift = aside && Math.floorMod(row, 2) == 1 ? pitch / 2 : 0;
      for (double x = Math.floor(left / pitch) * pitch - shift; x < right + pitch; x += pitch) {
        figure.at(x + pitch / 2, y + pitch / 2);
      }
    }
  }

  private void dot(double x, double y) {
    List<Spot> rim = new ArrayList<>();
    for (int i = 0; i < DOT_CORNERS; i++) {
      double angle = 2 * Math.PI * i / DOT_CORNERS;
      rim.add(new Spot(x + pitch * 0.2 * Math.cos(angle), y + pitch * 0.2 * Math.sin(angle)));
    }
    figures.add(rim);
  }

  private void square(double x, double y) {
    double half = pitch / 4;
    figures.add(
        List.of(
            new Spot(x - half, y - half * 2),
            new Spot(x + half, y - half * 2),
            new Spot(x + half, y + half * 2),
            new Spot(x - half, y + half * 2)));
  }

  private void sprig(double x, double y) {
    double foot = y + pitch * 0.22;
    leaf(x, foot, -0.7);
    leaf(x, foot, 0);
    leaf(x, foot, 0.7);
  }

  private void leaf(double x, double y, double lean) {
    double length = pitch * 0.5;
    double wide = pitch * 0.09;
    double along = Math.sin(lean);
    double up = -Math.cos(lean);
    figures.add(
        List.of(
            new Spot(x, y),
            new Spot(x + along * length / 2 - up * wide, y + up * length / 2 + along * wide),
            new Spot(x + along * length, y + up * length),
            new Spot(x + along * length / 2 + up * wide, y + up * length / 2 - along * wide)));
  }
}

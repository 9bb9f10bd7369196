package cufflink.core.fold;

import cufflink.core.Stages;
import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Stage;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * Sheets whose creases all meet in one point, and what mathematics knows of them without folding
 * anything.
 *
 * @param directions the directions of the creases, in radians, going up
 * @param signs 1 for a valley, -1 for a mountain
 */
record Vertices(double[] directions, int[] signs) {
  private static final double RADIUS = 60;

  /** Makes a vertex whose alternate sectors add up to half a turn (Kawasaki; Justin). */
  static Vertices flatFoldable(Random random, int creases, double least) {
    double[] sectors = new double[creases];
    for (int parity = 0; parity < 2; parity++) {
      double sum = 0;
      for (int i = parity; i < creases; i += 2) {
        sectors[i] = 0.2 + random.nextDouble();
        sum += sectors[i];
      }
      for (int i = parity; i < creases; i += 2) {
        sectors[i] *= Math.PI / sum;
      }
    }
    for (double each : sectors) {
      if (each < least) {
        return flatFoldable(random, creases, least);
      }
    }
    double[] directions = new double[creases];
    double at = random.nextDouble();
    for (int i = 0; i < creases; i++) {
      directions[i] = at;
      at += sectors[i];
    }
    return new Vertices(directions, new int[creases]);
  }

  Vertices with(int... newSigns) {
    return new Vertices(directions, newSigns);
  }

  /** Returns the angle between each crease and the next. */
  double[] sectors() {
    double[] sectors = new double[directions.length];
    for (int i = 0; i < sectors.length; i++) {
      double next = i + 1 < sectors.length ? directions[i + 1] : directions[0] + 2 * Math.PI;
      sectors[i] = next - directions[i];
    }
    return sectors;
  }

  /**
   * Says whether the creases can be folded flat as assigned: a sector smaller than both beside it
   * is crimped, its two creases being of different kinds, until two creases of one kind are left
   * (T. Hull, The combinatorics of flat folds, 2002, from memory).
   */
  boolean crimps() {
    List<Double> sectors = new ArrayList<>();
    List<Integer> kinds = new ArrayList<>();
    for (int i = 0; i < directions.length; i++) {
      sectors.add(sectors()[i]);
      kinds.add(signs[i]);
    }
    while (sectors.size() > 2) {
      int count = sectors.size();
      int smallest = 0;
      for (int i = 1; i < count; i++) {
        smallest = sectors.get(i) < sectors.get(smallest) ? i : smallest;
      }
      int after = (smallest + 1) % count;
      if (kinds.get(smallest).equals(kinds.get(after))) {
        return false;
      }
      int before = (smallest + count - 1) % count;
      double merged = sectors.get(before) - sectors.get(smallest) + sectors.get(after);
      List<Double> fewer = new ArrayList<>();
      List<Integer> left = new ArrayList<>();
      for (int i = 0; i < count; i++) {
        if (i != smallest && i != after) {
          fewer.add(i == before ? merged : sectors.get(i));
          left.add(kinds.get(i));
        }
      }
      sectors = fewer;
      kinds = left;
    }
    return kinds.get(0).equals(kinds.get(1));
  }

  /** Makes a sheet of it, with a stage that closes some of its creases. */
  Design design(boolean... driven) {
    Length side = Length.fromMillimetres(2 * RADIUS);
    Point centre = point(0, 0);
    List<Point> outline = new ArrayList<>();
    List<Score> scores = new ArrayList<>();
    Map<String, Double> drive = new LinkedHashMap<>();
    for (int i = 0; i < directions.length; i++) {
      Point end = point(Math.cos(directions[i]), Math.sin(directions[i]));
      outline.add(end);
      Fold fold = signs[i] > 0 ? Fold.VALLEY : Fold.MOUNTAIN;
      scores.add(new Score("c" + i, "crease " + i, fold, new Segment(centre, end)));
      if (driven[i]) {
        drive.put("c" + i, 180.0 * signs[i]);
      }
    }
    Piece piece =
        new Piece("sheet", "sheet", PaperKind.CARDSTOCK, 1, side, side, outline, scores, List.of());
    Stage stage = Stages.of("Fold it", "sheet", drive, Map.of(), Stage.Phase.FOLDING);
    double middle = (directions[0] + directions[1]) / 2;
    Point rest = point(Math.cos(middle) / 8, Math.sin(middle) / 8);
    return new Design("vertex", List.of(piece), List.of(), List.of(stage), rest, side, side);
  }

  private static Point point(double x, double y) {
    return new Point(
        Length.fromMillimetres(RADIUS * (1 + x)), Length.fromMillimetres(RADIUS * (1 + y)));
  }
}

package cufflink.core;

import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.design.Stage;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Makes strips with parallel folds for tests. */
public final class Strips {
  private Strips() {}

  /** Returns a score from top to bottom. */
  public static Score upright(String id, Fold fold, double at, double height) {
    return new Score(id, id, fold, new Segment(point(at, 0), point(at, height)));
  }

  /** Returns a score from left to right. */
  public static Score level(String id, Fold fold, double at, double width) {
    return new Score(id, id, fold, new Segment(point(0, at), point(width, at)));
  }

  public static Point point(double x, double y) {
    return new Point(Length.fromMillimetres(x), Length.fromMillimetres(y));
  }

  public static Piece piece(double width, double height, List<Score> scores, List<Slit> slits) {
    Length across = Length.fromMillimetres(width);
    Length down = Length.fromMillimetres(height);
    return new Piece(
        "base",
        "base",
        PaperKind.CARDSTOCK,
        1,
        across,
        down,
        Piece.rectangle(across, down),
        scores,
        slits);
  }

  /** Returns a strip with folds f1, f2 … after each panel but the last, one stage for all. */
  public static Design strip(double height, Fold first, double... panels) {
    return strip(height, first, true, panels);
  }

  /** Returns a strip whose folds take turns, or are all alike. */
  public static Design strip(double height, Fold first, boolean alternate, double... panels) {
    List<Score> scores = new ArrayList<>();
    Map<String, Double> drive = new HashMap<>();
    double at = 0;
    Fold fold = first;
    for (int i = 0; i < panels.length - 1; i++) {
      at += panels[i];
      String id = "f" + (i + 1);
      scores.add(upright(id, fold, at, height));
      drive.put(id, 180.0 * fold.sign());
      fold = alternate ? fold.opposite() : fold;
    }
    double width = at + panels[panels.length - 1];
    return design(
        piece(width, height, scores, List.of()),
        List.of(new Stage("Fold", "base", drive)),
        point(width - panels[panels.length - 1] / 2, height / 2));
  }

  public static Design design(Piece piece, List<Stage> stages, Point rest) {
    return new Design(
        "trial", List.of(piece), List.of(), stages, rest, piece.width(), piece.height());
  }

  public static Design with(Design design, Layer... layers) {
    return new Design(
        design.patternId(),
        design.pieces(),
        List.of(layers),
        design.stages(),
        design.rest(),
        design.finishedWidth(),
        design.finishedHeight());
  }
}

package cufflink.core;

import cufflink.core.design.Mover;
import cufflink.core.design.PartName;
import cufflink.core.design.Stage;
import java.util.HashMap;
import java.util.Map;

/**
 * Stages written short: “score”, “piece.score”, “joint-slide”, “joint” or “joint-2” for a hinge.
 */
public final class Stages {
  private static final String SLIDE = "-slide";

  private Stages() {}

  public static Stage of(
      String title, String piece, Map<String, Double> drive, Map<String, Double> with) {
    return of(title, piece, drive, with, Stage.Phase.FOLDING);
  }

  public static Stage of(
      String title,
      String piece,
      Map<String, Double> drive,
      Map<String, Double> with,
      Stage.Phase phase) {
    Map<Mover, Double> moves = new HashMap<>();
    drive.forEach((name, amount) -> moves.put(crease(piece, name), amount));
    with.forEach((name, amount) -> moves.put(other(name), amount));
    return new Stage(title, piece, moves, phase);
  }

  private static Mover crease(String piece, String name) {
    return new Mover.Crease(piece, PartName.of(name));
  }

  private static Mover other(String name) {
    int dot = name.indexOf('.');
    if (dot >= 0) {
      return crease(name.substring(0, dot), name.substring(dot + 1));
    }
    if (name.endsWith(SLIDE)) {
      return new Mover.Slide(name.substring(0, name.length() - SLIDE.length()));
    }
    return name.matches(".*-\\d")
        ? new Mover.Hinge(
            name.substring(0, name.length() - 2), name.charAt(name.length() - 1) - '1')
        : new Mover.Hinge(name, 0);
  }

  /** Returns the angles of the scores of a stage's own piece, by their ids. */
  public static Map<String, Double> drive(Stage stage) {
    Map<String, Double> angles = new HashMap<>();
    stage
        .moves()
        .forEach(
            (mover, angle) -> {
              if (mover instanceof Mover.Crease crease && crease.piece().equals(stage.piece())) {
                angles.put(crease.score().id(), angle);
              }
            });
    return angles;
  }

  /** Returns what else a stage moves, “piece.score” or “joint-slide”. */
  public static Map<String, Double> with(Stage stage) {
    Map<String, Double> amounts = new HashMap<>();
    stage
        .moves()
        .forEach(
            (mover, amount) -> {
              if (mover instanceof Mover.Crease crease && !crease.piece().equals(stage.piece())) {
                amounts.put(crease.piece() + "." + crease.score().id(), amount);
              } else if (mover instanceof Mover.Slide slide) {
                amounts.put(slide.joint() + SLIDE, amount);
              } else if (mover instanceof Mover.Hinge hinge) {
                amounts.put(hinge.joint() + "-" + (hinge.line() + 1), amount);
              }
            });
    return amounts;
  }
}

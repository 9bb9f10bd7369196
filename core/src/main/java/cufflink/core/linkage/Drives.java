package cufflink.core.linkage;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Link;
import cufflink.core.design.Stage;
import cufflink.core.flat.Crease;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What the stages ask for: the amount of each crease, hinge and slide at any moment if all moved
 * evenly. Angles are in radians; distances are in hands, see {@link Link#HAND}.
 */
final class Drives {
  private final List<Key> keys;
  private final int slides;
  private final List<Stage> stages;
  private final double[][] ends;
  private final boolean[][] held;
  private final boolean[][] named;

  /** A score of one of the pieces; a hinge or a slide has a name and no piece. */
  private record Key(String piece, String name) {
    /** Reads "piece.score", or the name of a hinge or slide. */
    static Key of(String text) {
      int dot = text.indexOf('.');
      return dot < 0 ? new Key("", text) : new Key(text.substring(0, dot), text.substring(dot + 1));
    }
  }

  Drives(Assembly assembly, List<Stage> stages) {
    this.stages = stages;
    this.keys = new ArrayList<>();
    for (Crease crease : assembly.creases()) {
      keys.add(new Key(assembly.pieceOf(crease.first()).id(), crease.score().id()));
    }
    assembly.hinges().forEach(hinge -> keys.add(new Key("", hinge.name())));
    this.slides = keys.size();
    assembly.slides().forEach(slide -> keys.add(new Key("", slide.name())));
    this.ends = new double[stages.size() + 1][keys.size()];
    this.held = new boolean[stages.size()][keys.size()];
    this.named = new boolean[stages.size()][keys.size()];
    for (int stage = 0; stage < stages.size(); stage++) {
      Map<Key, Double> asked = asked(stages.get(stage));
      for (int i = 0; i < keys.size(); i++) {
        Double amount = asked.get(keys.get(i));
        double before = ends[stage][i];
        ends[stage + 1][i] = amount == null ? before : weighed(i, amount);
        named[stage][i] = amount != null;
        held[stage][i] = amount != null && ends[stage + 1][i] == before;
      }
    }
  }

  private static Map<Key, Double> asked(Stage stage) {
    Map<Key, Double> asked = new HashMap<>();
    stage.drive().forEach((score, angle) -> asked.put(new Key(stage.piece(), score), angle));
    stage.with().forEach((name, amount) -> asked.put(Key.of(name), amount));
    return asked;
  }

  private double weighed(int index, double amount) {
    return index < slides ? Math.toRadians(amount) : amount / Link.HAND;
  }

  /** Returns all amounts at a moment from nought to the number of stages. */
  double[] at(double moment) {
    int stage = (int) Math.min(Math.max(0, stages.size() - 1), Math.floor(moment));
    if (stages.isEmpty()) {
      return ends[0].clone();
    }
    double share = moment - stage;
    double[] amounts = new double[keys.size()];
    for (int i = 0; i < amounts.length; i++) {
      amounts[i] = ends[stage][i] + (ends[stage + 1][i] - ends[stage][i]) * share;
    }
    return amounts;
  }

  /** Returns all amounts if some scores of a piece are folded, by their angles in degrees. */
  double[] of(String piece, Map<String, Double> degrees) {
    double[] amounts = new double[keys.size()];
    for (int i = 0; i < amounts.length; i++) {
      if (keys.get(i).piece().equals(piece)) {
        amounts[i] = Math.toRadians(degrees.getOrDefault(keys.get(i).name(), 0.0));
      }
    }
    return amounts;
  }

  /**
   * Returns the amounts that a stage names without changing them: these it keeps as they are, while
   * what it does not name gives way.
   */
  boolean[] held(int stage) {
    return held[stage].clone();
  }

  /** Says which amounts a stage names; the others follow. */
  boolean[] named(int stage) {
    return named[stage].clone();
  }
}

package cufflink.core.linkage;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Link;
import cufflink.core.design.Mover;
import cufflink.core.design.Stage;
import cufflink.core.flat.Crease;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What the stages ask for: the amount of each crease, hinge and slide at any moment if all moved
 * evenly. Angles are in radians; distances are in hands, see {@link Link#HAND}.
 */
final class Drives {
  private final List<Mover> keys;
  private final int slides;
  private final List<Stage> stages;
  private final double[][] ends;
  private final boolean[][] held;
  private final boolean[][] named;

  Drives(Assembly assembly, List<Stage> stages) {
    this.stages = stages;
    this.keys = new ArrayList<>();
    for (Crease crease : assembly.creases()) {
      keys.add(new Mover.Crease(assembly.pieceOf(crease.first()).id(), crease.score().name()));
    }
    assembly.hinges().forEach(hinge -> keys.add(hinge.mover()));
    this.slides = keys.size();
    assembly.slides().forEach(slide -> keys.add(slide.mover()));
    this.ends = new double[stages.size() + 1][keys.size()];
    this.held = new boolean[stages.size()][keys.size()];
    this.named = new boolean[stages.size()][keys.size()];
    for (int stage = 0; stage < stages.size(); stage++) {
      Map<Mover, Double> asked = stages.get(stage).moves();
      for (int i = 0; i < keys.size(); i++) {
        Double amount = asked.get(keys.get(i));
        double before = ends[stage][i];
        ends[stage + 1][i] = amount == null ? before : weighed(i, amount);
        named[stage][i] = amount != null;
        held[stage][i] = amount != null && ends[stage + 1][i] == before;
      }
    }
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
      if (keys.get(i) instanceof Mover.Crease crease && crease.piece().equals(piece)) {
        amounts[i] = Math.toRadians(degrees.getOrDefault(crease.score().id(), 0.0));
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

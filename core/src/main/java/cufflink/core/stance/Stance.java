package cufflink.core.stance;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.flat.Facet;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.Length;
import cufflink.core.paper.Look;
import cufflink.core.paper.Papers;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;

/**
 * How a card stands after a stage in which it does not lie flat.
 *
 * @param done how many stages are done
 * @param kind whether it stands
 * @param tilt how far the table may be tilted before it falls, degrees; nought if it does not stand
 */
public record Stance(int done, Kind kind, double tilt) {
  /** Whether a card stands as it is meant to. */
  public enum Kind {
    /** It stands. */
    STANDS,
    /** Put down as it is meant it falls over. */
    TIPS,
    /** It cannot be put down as it is meant, nor nearly so. */
    LIES
  }

  /** Put down in a way farther than this from how it is meant, it lies; degrees, our decision. */
  private static final double LEANS = 20;

  /** What falls when the table is tilted by less does so at a breath; degrees, our decision. */
  private static final double BREATH = 2;

  /** Checks that there is a kind. */
  public Stance {
    Objects.requireNonNull(kind);
    if (!(tilt >= 0)) {
      throw new IllegalArgumentException(tilt + " degrees");
    }
  }

  /**
   * All ways in which a card can be put down after a stage that leaves it open.
   *
   * @param done how many stages are done
   * @param rests each way
   */
  public record Ways(int done, List<Rest> rests) {
    /** Copies the list. */
    public Ways {
      rests = List.copyOf(rests);
    }
  }

  /**
   * Finds how a card can be put down after each stage that leaves it open.
   *
   * @param model the card, put together and prepared
   * @param design its design, for what lies on it
   * @param papers what it is made from
   * @return an answer for each stage after the folding that leaves it neither flat nor torn
   */
  public static List<Ways> ways(FoldModel model, Design design, Papers papers) {
    Masses masses = new Masses(model, design, papers);
    List<Ways> all = new ArrayList<>();
    for (int done = model.closing() + 1; done <= model.stages().size(); done++) {
      if (!model.holds(done) || model.layering().isFlat(done)) {
        continue;
      }
      Pose pose = model.pose(done);
      if (isOpen(pose, model)) {
        List<Vec> corners = new ArrayList<>();
        for (Facet facet : model.assembly().facets()) {
          corners.addAll(pose.corners(facet.index()));
        }
        all.add(new Ways(done, Rest.of(corners, masses.centre(pose))));
      }
    }
    return all;
  }

  /**
   * Finds whether a card stands as it is meant to.
   *
   * @param ways how it can be put down
   * @param look how it is pictured, which says which way is up as it stands
   * @return an answer for each state
   */
  public static List<Stance> of(List<Ways> ways, Look look) {
    Vec upright = upright(look);
    return ways.stream().map(each -> at(each.done(), each.rests(), upright)).toList();
  }

  /** Returns which way, of the card as it is folded, is up when it has been set up. */
  private static Vec upright(Look look) {
    return new Viewpoint(0, 0, -look.pitch()).stood(new Vec(0, 0, 1));
  }

  /** What is no deeper than a letter lies closed, even if a back holds its sides apart. */
  private static boolean isOpen(Pose pose, FoldModel model) {
    Length deep = ClosedState.of(pose, model.assembly().tolerances().folded()).box().get(2);
    return deep.compareTo(ClosedState.DEEPEST_LETTER) > 0;
  }

  private static Stance at(int done, List<Rest> rests, Vec upright) {
    double least = Math.cos(Math.toRadians(LEANS));
    List<Rest> standing = rests.stream().filter(each -> each.up().dot(upright) >= least).toList();
    if (standing.isEmpty()) {
      return new Stance(done, Kind.LIES, 0);
    }
    // Of all ways in which it stays the one nearest to its picture is how it is meant.
    return standing.stream()
        .filter(each -> each.tilt() >= BREATH)
        .max(Comparator.comparingDouble(each -> each.up().dot(upright)))
        .map(each -> new Stance(done, Kind.STANDS, each.tilt()))
        .orElseGet(() -> new Stance(done, Kind.TIPS, 0));
  }
}

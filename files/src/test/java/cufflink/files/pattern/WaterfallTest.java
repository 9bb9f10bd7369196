package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.space.Vec;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * A waterfall at trade sizes: strip 10 by 2 1/2 in scored at 2 1/2, 3 1/2 and 4 1/2. One flip takes
 * two steps of pull; common practice, no source.
 */
class WaterfallTest {
  private static final double INCH = 25.4;
  private static final double NEAR = 0.02;

  private static FoldModel waterfall() {
    Values values =
        PatternLibrary.shipped()
            .pattern("waterfall")
            .orElseThrow()
            .normalValues()
            .and("width", Length.ofInches(25, 4))
            .and("height", Length.ofInches(27, 8))
            .and("tile", Length.ofInches(5, 2))
            .and("step", Length.ofInches(1, 1))
            .and("strip", Length.ofInches(10, 1))
            .and("band", Length.ofInches(1, 1))
            .and("grip", Length.ofInches(1, 1));
    Derivation.Made made = Jobs.derive(Jobs.job("waterfall", values)).made().orElseThrow();
    return made.card().whole();
  }

  private static List<Integer> facets(FoldModel model, String piece) {
    List<Integer> facets = new ArrayList<>();
    Assembly assembly = model.assembly();
    for (int i = 0; i < assembly.facets().size(); i++) {
      if (assembly.pieceOf(i).id().equals(piece)) {
        facets.add(i);
      }
    }
    return facets;
  }

  /** How far left the end of the tail lies: it is the strip's last facet. */
  private static double tail(FoldModel model, double moment) {
    List<Integer> strip = facets(model, "strip");
    return model.pose(moment).corners(strip.get(strip.size() - 1)).stream()
        .mapToDouble(Vec::x)
        .min()
        .orElseThrow();
  }

  private static long faceDown(FoldModel model, double moment) {
    Pose pose = model.pose(moment);
    return facets(model, "tile").stream()
        .filter(tile -> pose.motions().get(tile).up().z() < 0)
        .count();
  }

  @Test
  void oneFlip_takesTwoStepsOfPull() {
    FoldModel model = waterfall();
    assertEquals(1, model.closing());
    assertEquals(5, model.stages().size());
    for (int flips = 0; flips <= 2; flips++) {
      assertEquals(flips, faceDown(model, 1 + flips));
      assertEquals(2 * flips * INCH, tail(model, 1) - tail(model, 1 + flips), NEAR);
    }
    assertEquals(0, faceDown(model, 5));
    assertEquals(tail(model, 1), tail(model, 5), NEAR);
  }

  /** The tail runs along the base at every pull and never off it, and no tile goes below it. */
  @Test
  void whilePulled_theTailStaysOnTheBaseAndTilesAboveIt() {
    FoldModel model = waterfall();
    List<Integer> strip = facets(model, "strip");
    int last = strip.get(strip.size() - 1);
    double before = tail(model, 1);
    for (double moment = 1.05; moment < 3; moment += 0.05) {
      Pose pose = model.pose(moment);
      pose.corners(last).forEach(corner -> assertEquals(0, corner.z(), NEAR));
      for (int tile : facets(model, "tile")) {
        assertTrue(pose.corners(tile).stream().allMatch(corner -> corner.z() > -NEAR));
      }
      assertTrue(tail(model, moment) <= before + NEAR, "the tail is only pulled out");
      before = tail(model, moment);
    }
  }

  /** The words fix the strip at the edge of the band nearest to the grip; the strip turns there. */
  @Test
  void anchor_isTheEdgeOfTheBandNearestToTheGrip() {
    FoldModel model = waterfall();
    List<Integer> strip = facets(model, "strip");
    Pose closed = model.pose(model.closing());
    double[] band = across(closed, facets(model, "band").get(0));
    double[] first = across(closed, strip.get(0));
    double grip = tail(model, model.closing());
    assertTrue(Math.abs(grip - band[0]) < Math.abs(grip - band[1]), "the grip is at the left");
    assertEquals(band[0], first[0], NEAR);
    // Common practice, no source: the band's middle three quarters down, here to a mark of 1 mm.
    assertEquals(25 * INCH / 4 / 4, (band[0] + band[1]) / 2, 1);
  }

  private static double[] across(Pose pose, int facet) {
    return new double[] {
      pose.corners(facet).stream().mapToDouble(Vec::x).min().orElseThrow(),
      pose.corners(facet).stream().mapToDouble(Vec::x).max().orElseThrow()
    };
  }
}
